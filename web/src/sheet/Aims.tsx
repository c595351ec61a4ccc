import { Minus, Plus } from 'lucide-react';
import type { RungReply } from '../api/types';
import { percentOf, type Shares } from './shares';

interface Props {
  rungs: readonly RungReply[];
  wanted: Shares;
  /** Rungs that the class has been taught. */
  taught: readonly string[];
  /** How many questions the first tap takes. */
  first: number;
  onChange: (rung: string, count: number) => void;
}

const step = 'grid size-10 place-items-center rounded hover:bg-wash aria-disabled:opacity-40';

/** The rungs of the ladder, with how many questions are wanted of each. */
export function Aims({ rungs, wanted, taught, first, onChange }: Props) {
  const percents = percentOf(wanted);
  const mixed = Object.keys(wanted).length > 1;
  return (
    <ul className="mt-1">
      {rungs.map((rung) => {
        const count = wanted[rung.id] ?? 0;
        return (
          <li key={rung.id} className="flex items-center gap-2 border-b border-hair py-0.5">
            <span className={`flex-1 text-lg ${count > 0 ? 'font-bold' : ''}`}>
              {rung.can}{' '}
              {taught.length > 0 && !taught.includes(rung.id) && (
                <span className="ml-1 text-base font-normal text-soft">not yet taught</span>
              )}
            </span>
            {mixed && count > 0 && <span className="text-soft tabular-nums">{percents[rung.id]} %</span>}
            <button
              type="button"
              className={step}
              aria-label={`Fewer: ${rung.can}`}
              aria-disabled={count === 0}
              onClick={() => {
                onChange(rung.id, count - 1);
              }}
            >
              <Minus size={18} aria-hidden="true" />
            </button>
            <span className="w-7 text-center text-xl font-bold tabular-nums" aria-hidden="true">
              {count === 0 ? '' : count}
            </span>
            <button
              type="button"
              className={step}
              aria-label={`More: ${rung.can}${count > 0 ? ` ${count} now` : ''}`}
              onClick={() => {
                onChange(rung.id, count === 0 ? first : count + 1);
              }}
            >
              <Plus size={18} aria-hidden="true" />
            </button>
          </li>
        );
      })}
    </ul>
  );
}
