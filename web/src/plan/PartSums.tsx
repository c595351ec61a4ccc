import { useState } from 'react';
import type { PartReply, PartText } from '../api/types';
import { Marked, plain } from '../models/Marked';
import { Button } from '../ui/Button';

/** At the board there is time for so many sums in a part, at the most. */
const MOST = 12;

/** The sums of a part, each with what it stands there for: another one for the same, one's own, or none. */
export function PartSums({
  part,
  onChange,
  onSum,
}: {
  part: PartReply;
  onChange: (next: PartText) => void;
  onSum: (place: number, sum: string) => Promise<boolean>;
}) {
  const { text } = part;
  const [own, setOwn] = useState('');
  const [busy, setBusy] = useState(false);
  const ask = async (place: number, sum: string) => {
    setBusy(true);
    const done = await onSum(place, sum);
    setBusy(false);
    if (done && sum !== '') {
      setOwn('');
    }
  };
  return (
    <>
      <ol aria-label={`Sums of ${part.title}`}>
        {part.sums.map((sum, i) => (
          <li key={text.sums[i]} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1">
            <span className="min-w-60 flex-1">
              <span className="text-lg font-bold">
                <Marked text={sum} />
              </span>
              {part.says[i] !== undefined && part.says[i] !== '' && (
                <span className="block text-soft">{part.says[i]}.</span>
              )}
            </span>
            <Button
              look="quiet"
              className="font-normal"
              aria-label={`Another for the same, in place of ${plain(sum)}`}
              aria-disabled={busy}
              onClick={() => {
                if (!busy) {
                  void ask(i, '');
                }
              }}
            >
              Another for the same
            </Button>
            {text.sums.length > 1 && (
              <Button
                look="quiet"
                className="font-normal"
                aria-label={`Remove ${plain(sum)}`}
                onClick={() => {
                  onChange({ ...text, sums: text.sums.filter((_, other) => other !== i) });
                }}
              >
                Remove
              </Button>
            )}
          </li>
        ))}
      </ol>
      {text.sums.length < MOST && (
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (own.trim() !== '' && !busy) {
              void ask(text.sums.length, own.trim());
            }
          }}
        >
          <label className="flex min-w-0 flex-1 flex-wrap items-center gap-x-2">
            <span>A sum of your own</span>
            <input
              value={own}
              maxLength={300}
              autoComplete="off"
              spellCheck={false}
              className="min-h-10 min-w-40 flex-1 rounded-md border-2 border-hair bg-sheet px-2.5 focus:border-ink"
              onChange={(event) => {
                setOwn(event.target.value);
              }}
            />
          </label>
          <Button type="submit" aria-disabled={own.trim() === '' || busy}>
            Add
          </Button>
        </form>
      )}
    </>
  );
}
