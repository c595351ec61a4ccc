import { useEffect, useRef } from 'react';
import type { Cell, TableReply } from '../api/types';
import { Marked } from './Marked';

interface Props {
  table: TableReply;
  /** Rows, columns and places that are looked at. */
  lit?: readonly Cell[];
  /** Times that have been found. */
  used?: readonly Cell[];
  large?: boolean;
  /** Places that are covered, as "row,column". */
  covered: ReadonlySet<string>;
  /** Whether a place that is seen can be tapped to cover it. */
  covering: boolean;
  onCover: (place: string) => void;
}

/** A timetable, stops down and services across. What a step looks at is shaded; what was found has a ring. */
export function Timetable({ table, lit = [], used = [], large = false, covered, covering, onCover }: Props) {
  const rowLit = new Set(lit.filter((cell) => cell.service === null).map((cell) => cell.stop));
  const columnLit = new Set(lit.filter((cell) => cell.stop === null).map((cell) => cell.service));
  const found = new Set(used.map((cell) => `${cell.stop},${cell.service}`));
  const columns = table.rows[0]?.times.length ?? 0;
  // many services are written smaller, so that most of them are seen at once
  const size = !large
    ? 'px-2.5 py-1.5 text-xl'
    : columns <= 6
      ? 'px-3 py-2 text-[clamp(1.25rem,2.3vw,2rem)]'
      : columns <= 10
        ? 'px-1.5 py-2 text-[clamp(1.1rem,1.7vw,1.75rem)]'
        : 'px-1 py-2 text-[clamp(1rem,1.35vw,1.5rem)]';
  const page = useRef<HTMLDivElement>(null);
  const where = JSON.stringify([lit, used]);
  useEffect(() => {
    // what is looked at is in sight, and stays clear of the names of the stops
    const seen = page.current?.querySelector<HTMLElement>('[data-found], [data-lit]');
    const box = page.current;
    if (seen && box) {
      const names = box.querySelector<HTMLElement>('tbody th')?.offsetWidth ?? 0;
      const cell = seen.closest('td') ?? seen;
      if (
        cell.offsetLeft - names < box.scrollLeft ||
        cell.offsetLeft + cell.offsetWidth > box.scrollLeft + box.clientWidth
      ) {
        box.scrollLeft = Math.max(0, cell.offsetLeft - (box.clientWidth + names) / 2);
      }
    }
  }, [where]);
  const shade = (row: boolean, column: boolean) =>
    row && column ? 'bg-found font-bold' : row || column ? 'bg-found/50' : 'bg-sheet';
  return (
    // a wide table moves within its place, by touch and by key
    <div
      ref={page}
      className="relative overflow-x-auto"
      tabIndex={0}
      role="region"
      aria-label={`Timetable: ${table.title}`}
    >
      <table className="border-collapse">
        <thead>
          {table.days.length > 0 && (
            <tr>
              <th scope="row" className="px-2 py-1 text-left text-base font-normal text-soft">
                {table.caution === '' ? 'runs on' : 'day'}
              </th>
              {table.days.map((days, i) => (
                <td
                  key={i}
                  className={`px-1 py-1 text-center text-base whitespace-nowrap ${columnLit.has(i) ? 'bg-found/50' : ''}`}
                >
                  {days}
                </td>
              ))}
            </tr>
          )}
        </thead>
        <tbody>
          {table.rows.map((row, i) => (
            <tr
              key={i}
              className="border-t-2 border-hair first:border-t-2 first:border-ink last:border-b-2 last:border-b-ink"
            >
              <th
                scope="row"
                className={`sticky left-0 text-left font-bold whitespace-nowrap ${size} ${rowLit.has(row.stop) ? 'bg-found' : 'bg-paper'}`}
              >
                {row.name}
                {row.what !== '' && <span className="ml-2 text-[0.8em] font-normal text-soft">{row.what}</span>}
              </th>
              {row.times.map((time, column) => {
                const place = `${i},${column}`;
                const hidden = covered.has(place);
                const ring = found.has(`${row.stop},${column}`) && !hidden;
                return (
                  <td
                    key={column}
                    data-lit={columnLit.has(column) || undefined}
                    className={`text-center tabular-nums ${size} ${shade(rowLit.has(row.stop), columnLit.has(column))}`}
                  >
                    {hidden || (covering && time !== null) ? (
                      <button
                        type="button"
                        className={`min-h-9 rounded border-2 border-dashed border-ink px-1 ${hidden ? 'bg-wash font-bold' : ''}`}
                        aria-label={`${hidden ? 'Show' : 'Cover'} the time at ${row.name}, column ${column + 1}`}
                        onClick={() => {
                          onCover(place);
                        }}
                      >
                        {hidden ? '?' : <Marked text={time ?? ''} />}
                      </button>
                    ) : time === null ? (
                      <span role="img" aria-label="does not stop">
                        –
                      </span>
                    ) : (
                      <span
                        className={ring ? 'rounded ring-3 ring-ink ring-offset-2' : ''}
                        data-found={ring || undefined}
                      >
                        <Marked text={time} />
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
