import { useCallback, useEffect, useRef, useState } from 'react';
import type { Cell, TableReply } from '../api/types';
import { Marked } from './Marked';

interface Props {
  table: TableReply;
  /** Rows, columns and places that are looked at. */
  lit?: readonly Cell[];
  /** Times that have been found. */
  used?: readonly Cell[];
  /** Before the class: as large as the back row needs. */
  wall?: boolean;
  /** Places that are covered, as "row,column". */
  covered: ReadonlySet<string>;
  /** Whether a place that is seen can be tapped to cover it. */
  covering: boolean;
  onCover: (place: string) => void;
}

/** A timetable, stops down and services across. What a step looks at is shaded; what was found has a ring. */
export function Timetable({ table, lit = [], used = [], wall = false, covered, covering, onCover }: Props) {
  const rowLit = new Set(lit.filter((cell) => cell.service === null).map((cell) => cell.stop));
  const columnLit = new Set(lit.filter((cell) => cell.stop === null).map((cell) => cell.service));
  const found = new Set(used.map((cell) => `${cell.stop},${cell.service}`));
  const columns = table.rows[0]?.times.length ?? 0;
  // many services are set closer, so that most of them are seen at once
  const gap = columns <= 6 ? 'px-3' : columns <= 10 ? 'px-2' : 'px-1';
  const size = wall
    ? `${gap} py-2 ${columns <= 8 ? 'text-[calc(var(--u)*2.4)]' : 'wall-small'}`
    : `${gap} py-2 ${columns <= 6 ? 'text-[clamp(1.25rem,2.3vw,2rem)]' : columns <= 10 ? 'text-[clamp(1.1rem,1.7vw,1.75rem)]' : 'text-[clamp(1rem,1.35vw,1.5rem)]'}`;
  const head = wall ? 'wall-small' : 'text-base';
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
  // what lies beyond an edge is counted, and said there
  const [beyond, setBeyond] = useState<readonly [number, number]>([0, 0]);
  const count = useCallback(() => {
    const box = page.current;
    const row = box?.querySelector('tbody tr');
    if (!box || !row) {
      return;
    }
    const cells = [...row.querySelectorAll<HTMLElement>('td')];
    const names = row.querySelector('th')?.offsetWidth ?? 0;
    const left = cells.filter((cell) => cell.offsetLeft - box.scrollLeft < names - 2).length;
    const right = cells.filter(
      (cell) => cell.offsetLeft + cell.offsetWidth - box.scrollLeft > box.clientWidth + 2,
    ).length;
    setBeyond((before) => (before[0] === left && before[1] === right ? before : [left, right]));
  }, []);
  useEffect(() => {
    count();
    const watch = new ResizeObserver(count);
    if (page.current) {
      watch.observe(page.current);
    }
    return () => {
      watch.disconnect();
    };
  }, [count, table, wall]);
  const turn = (way: number) => {
    const box = page.current;
    box?.scrollBy({ left: way * box.clientWidth * 0.6 });
  };
  const shade = (row: boolean, column: boolean) =>
    row && column ? 'bg-found font-bold' : row || column ? 'bg-found/50' : 'bg-sheet';
  return (
    <div className="min-w-0 shrink-0">
      {/* a wide table moves within its place, by touch and by key */}
      <div
        ref={page}
        className="relative overflow-x-auto"
        onScroll={count}
        tabIndex={0}
        role="region"
        aria-label={`Timetable: ${table.title}`}
      >
        <table className={`border-collapse ${wall ? 'w-full' : ''}`}>
          <thead>
            {table.days.length > 0 && (
              <tr>
                <th scope="row" className={`px-2 py-1 text-left ${head} font-normal text-soft`}>
                  {table.caution === '' ? 'runs on' : 'day'}
                </th>
                {table.days.map((days, i) => (
                  <td
                    key={i}
                    className={`px-1 py-1 text-center ${head} whitespace-nowrap ${columnLit.has(i) ? 'bg-found/50' : ''}`}
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
      {(beyond[0] > 0 || beyond[1] > 0) && (
        <div className={`mt-1 flex justify-between gap-4 ${head}`}>
          <Beyond
            count={beyond[0]}
            text={`← ${beyond[0]} earlier`}
            onTurn={() => {
              turn(-1);
            }}
          />
          <Beyond
            count={beyond[1]}
            text={`${beyond[1]} more →`}
            onTurn={() => {
              turn(1);
            }}
          />
        </div>
      )}
    </div>
  );
}

/** How many services lie beyond an edge, and the way to them. */
function Beyond({ count, text, onTurn }: { count: number; text: string; onTurn: () => void }) {
  return count === 0 ? (
    <span />
  ) : (
    <button
      type="button"
      className="rounded-md px-2 font-bold underline underline-offset-4 hover:bg-wash"
      onClick={onTurn}
    >
      {text}
    </button>
  );
}
