import { useQuery } from '@tanstack/react-query';
import { separatingQuery } from '../api/queries';
import type { SwapReply, SeparatingReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { Window } from '../ui/Window';
import { inRanges } from './places';

interface Props {
  sheetId: string;
  /** Changes with every save; null while something is not saved yet. */
  saved: string | null;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  onSwap: (swap: SwapReply) => void;
}

/** Which usual mistakes the sheet brings to light, and which it cannot tell from each other. */
export function Separating({ sheetId, saved, open, onOpenChange, onSwap }: Props) {
  return (
    <Window open={open} onOpenChange={onOpenChange} title="Which mistakes it shows" side width="w-[34rem]">
      {open && <Told sheetId={sheetId} saved={saved} onSwap={onSwap} />}
    </Window>
  );
}

function Told({ sheetId, saved, onSwap }: Pick<Props, 'sheetId' | 'saved' | 'onSwap'>) {
  const separating = useQuery({ ...separatingQuery(sheetId, saved ?? ''), enabled: saved !== null });
  const found = separating.data;
  if (separating.isError) {
    return <p className="mt-4 text-lg">{separating.error.message}</p>;
  }
  if (!found) {
    return <p className="mt-4 text-lg">One moment…</p>;
  }
  if (found.mistakes.length === 0) {
    return <p className="mt-4 text-lg">No usual mistake shows in these questions.</p>;
  }
  const swap = found.swap;
  return (
    <div className="text-lg" aria-busy={separating.isPlaceholderData || saved === null}>
      {found.of > 0 && (
        <p className="mt-3">
          Tells <strong>{`${found.separated} of ${found.of}`}</strong> pairs of usual mistakes apart.
        </p>
      )}
      {swap && (
        <div className="mt-3 border-l-4 border-minute bg-sheet py-1 pl-4">
          <p>
            With <Marked text={swap.shown} /> as question {swap.question} it would be {swap.separated}.
          </p>
          <Button
            className="mt-2"
            aria-disabled={saved === null || separating.isPlaceholderData}
            onClick={() => {
              if (saved !== null && !separating.isPlaceholderData) {
                onSwap(swap);
              }
            }}
          >
            Swap question {swap.question}
          </Button>
        </div>
      )}
      <table className="mt-4 w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <th scope="col" className="py-1 pr-4">
              A child
            </th>
            <th scope="col" className="py-1 whitespace-nowrap">
              shows in
            </th>
          </tr>
        </thead>
        <tbody>
          {found.mistakes.map((mistake) => (
            <tr key={mistake.id} className="border-b border-hair align-top">
              <td className="py-1.5 pr-4">{mistake.may}</td>
              <td className={`py-1.5 tabular-nums ${mistake.questions.length === 0 ? 'text-soft' : 'font-bold'}`}>
                {mistake.questions.length === 0 ? 'none' : inRanges(mistake.questions)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Blurred found={found} />
      <p className="mt-4 text-base text-soft">
        A hint for a conversation with the child, not an assessment of the child.
      </p>
    </div>
  );
}

function Blurred({ found }: { found: SeparatingReply }) {
  if (found.blurred.length === 0) {
    return null;
  }
  const may = (id: string) => found.mistakes.find((one) => one.id === id)?.may ?? id;
  return (
    <>
      <h3 className="mt-5 text-xl font-bold">Not told apart</h3>
      <ul>
        {found.blurred.slice(0, 6).map((pair) => (
          <li key={`${pair.one}${pair.other}`} className="border-b border-hair py-1.5">
            {may(pair.one)} <span className="text-soft">or</span> {may(pair.other)}
          </li>
        ))}
        {found.blurred.length > 6 && <li className="py-1.5 text-soft">and {found.blurred.length - 6} more pairs</li>}
      </ul>
    </>
  );
}
