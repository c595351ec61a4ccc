import type { WorkedSum } from '../api/types';
import { Marked } from '../models/Marked';

/** Where a.m. or p.m. was not said and matters: each way in which it can be meant, to choose from. */
export function Readings({ worked, onOpen }: { worked: WorkedSum; onOpen: (sum: string) => void }) {
  return (
    <div className="mt-5">
      <h2 className="text-xl font-bold">Which do you mean?</h2>
      <ul className="mt-2 space-y-2">
        {worked.readings.map((reading) => (
          <li key={reading.sum}>
            <button
              type="button"
              className="w-full max-w-2xl rounded-md border-2 border-ink bg-sheet px-4 py-2.5 text-left text-xl hover:bg-wash"
              onClick={() => {
                onOpen(reading.sum);
              }}
            >
              <span className="block text-base text-soft">{reading.assumes}</span>
              <span className="font-bold">
                <Marked text={reading.shown} />
              </span>{' '}
              = <Marked text={reading.answer.shown} />
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
