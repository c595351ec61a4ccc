import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { shelfQuery } from '../api/queries';
import { rowsOf } from '../sheet/rows';
import { Button } from '../ui/Button';
import { useLastSums } from './lastSums';
import { useLetterKeys } from '../ui/letterKeys';
import { called } from '../ui/called';

const examples = ['1:50 pm + 3½ hours', '10:15 am - 35 min', '9 am to 4 pm', '6 h 10 min - 3 h 45 min'];

const ways = [
  { to: '/sheets/make', text: 'Make a sheet', what: 'at three levels, with its key' },
  { to: '/teach', text: called.onTheBoard, what: 'a clock to turn, sums for the class' },
  { to: '/teach/clock?task=set', text: 'Set the hands', what: 'for the whole class' },
];

/** The first screen: what can be typed, what else can be done, and what was done last. */
export function Beginning({ onOpen }: { onOpen: (sum: string) => void }) {
  const last = useLastSums();
  const letters = useLetterKeys();
  return (
    <div className="max-w-4xl pt-6 pb-8">
      <h1 className="text-3xl font-bold">Type a sum</h1>
      <p className="mt-2 text-xl">
        {letters && (
          <>
            Press <kbd className="key font-sans">/</kbd> and type it
          </>
        )}
        {!letters && 'Type it in the sum line'} the way you would say it. You get the answer and each way of working it.
      </p>
      <Sums label="Examples" sums={examples} onOpen={onOpen} />
      {last.length > 0 && (
        <section aria-label="Looked at last">
          <h2 className="mt-8 text-xl font-bold">Go on with</h2>
          <Sums label="Looked at last" sums={last} onOpen={onOpen} />
        </section>
      )}
      <h2 className="mt-8 text-xl font-bold">Or</h2>
      <ul className="mt-1 grid gap-x-10 sm:grid-cols-3">
        {ways.map(({ to, text, what }) => (
          <li key={to}>
            <Link to={to} className="block py-2 text-lg hover:underline">
              <span className="font-bold underline underline-offset-4">{text}</span>
              <span className="block text-base text-soft">{what}</span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Sums({ label, sums, onOpen }: { label: string; sums: readonly string[]; onOpen: (sum: string) => void }) {
  return (
    <ul aria-label={label} className="mt-3 grid gap-x-10 gap-y-1 sm:grid-cols-2">
      {sums.map((sum) => (
        <li key={sum} className="min-w-0">
          <button
            type="button"
            className="min-h-11 max-w-full truncate rounded text-left text-xl font-bold underline decoration-1 underline-offset-4 hover:decoration-2"
            onClick={() => {
              onOpen(sum);
            }}
          >
            {sum}
          </button>
        </li>
      ))}
    </ul>
  );
}

/** No sheet in hand: begin one, or take one up again. Levels that were made together stand under one title. */
export function SheetsToGoOn({ onBegin }: { onBegin: () => void }) {
  const shelf = useQuery(shelfQuery);
  const rows = rowsOf(shelf.data?.filter((sheet) => !sheet.archived) ?? []);
  const [params] = useSearchParams();
  const to = (id: string) => {
    const next = new URLSearchParams(params);
    next.set('sheet', id);
    return `/prepare?${next.toString()}`;
  };
  return (
    <div className="pt-1">
      <h2 className="text-xl font-bold">A sheet to go with it</h2>
      <Button className="mt-3" onClick={onBegin}>
        New sheet
      </Button>
      {rows.length > 0 && (
        <>
          <p className="mt-5 mb-1 text-soft">or go on with</p>
          <ul>
            {rows.slice(0, 6).map((row) => {
              const [sheet] = row;
              return (
                <li key={sheet.id} className="border-b border-hair py-2 text-lg">
                  <Link to={to(sheet.id)} className="hover:underline">
                    {sheet.title}
                  </Link>
                  {row.length > 1 && (
                    <span className="mt-0.5 flex gap-4 text-base">
                      {row.map((level) => (
                        <Link key={level.id} to={to(level.id)} className="underline underline-offset-4">
                          {level.level ?? level.title}
                        </Link>
                      ))}
                    </span>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
    </div>
  );
}
