import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery } from '../api/queries';
import type { ActivityReply, Level, SheetReply } from '../api/types';
import { Marked } from '../models/Marked';
import { textOf } from '../sheet/draft';
import { rememberSheet } from '../sheet/useSheet';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { newId } from '../ui/newId';
import { useNotice } from '../ui/notices';
import { activityQuery, type WantedDay } from './queries';
import { called } from '../ui/called';

const levels: readonly Level[] = ['support', 'core', 'stretch'];
const heads = ['start', 'length', 'end'] as const;

/** A sheet of an activity table: a question for each row, answered in the table. */
const asSheet = ({ title, rows }: ActivityReply, level: Level) =>
  ask<SheetReply>('POST', '/api/sheets', {
    title: `${title} (${level})`,
    questions: rows.map((row) => ({ id: newId(), text: { ...textOf(row.sum), wording: row.what, answers: 'table' } })),
  });

/** What happens on a day, with start, length or end to be found in each row; shown one by one, or put on sheets. */
export function DayTable({ wanted, onOther }: { wanted: WantedDay; onOther: () => void }) {
  const table = useQuery(activityQuery(wanted));
  const [shown, setShown] = useState<{ of: string; rows: ReadonlySet<number> }>({ of: '', rows: new Set() });
  const navigate = useNavigate();
  const client = useQueryClient();
  const notice = useNotice();
  const of = JSON.stringify(wanted);
  // another table begins with all of it hidden
  const seen = shown.of === of ? shown.rows : new Set<number>();
  const rows = table.data?.rows ?? [];
  const show = (all: ReadonlySet<number>) => {
    setShown({ of, rows: all });
  };
  const sheet = useMutation({
    mutationFn: async (wish: readonly Level[]) => {
      const made: SheetReply[] = [];
      for (const level of wish) {
        const day =
          level === wanted.level && table.data
            ? table.data
            : await client.fetchQuery(activityQuery({ ...wanted, level }));
        made.push(await asSheet(day, level));
      }
      return made;
    },
    onSuccess: (made) => {
      const [first] = made;
      void client.invalidateQueries(shelfQuery);
      if (first && made.length === 1) {
        rememberSheet(first);
        void navigate(`/prepare?sheet=${first.id}`);
      } else {
        void navigate('/sheets');
      }
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const make = (wish: readonly Level[]) => () => {
    if (table.data && !sheet.isPending) {
      sheet.mutate(wish);
    }
  };
  const next = rows.findIndex((_, i) => !seen.has(i));
  const showNext = () => {
    if (next >= 0) {
      show(new Set([...seen, next]));
    }
  };
  useKeys({
    ArrowRight: showNext,
    a: () => {
      show(seen.size === rows.length ? new Set() : new Set(rows.keys()));
    },
    o: onOther,
  });
  if (!table.data) {
    return table.isError ? <p className="mt-4 text-lg">{table.error.message}</p> : null;
  }
  return (
    <div className="mt-4">
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`Table: ${table.data.title}`}>
        <table className="border-collapse text-[clamp(1.2rem,2.1vw,1.9rem)] [.wall_&]:text-[calc(var(--u)*2.1)]">
          <thead>
            <tr>
              <td />
              {heads.map((head) => (
                <th key={head} scope="col" className="px-5 py-1 text-left font-normal text-soft">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <tr key={row.what} className="border-t-2 border-hair">
                <th scope="row" className="py-2 pr-6 text-left whitespace-nowrap">
                  {row.what}
                </th>
                {row.cells.map((cell, part) => (
                  <td key={part} className="px-5 py-2 whitespace-nowrap tabular-nums">
                    {cell !== null ? (
                      <Marked text={cell} />
                    ) : (
                      <button
                        type="button"
                        className="min-h-10 min-w-24 rounded border-2 border-dashed border-ink bg-wash px-3 font-bold"
                        aria-label={`${seen.has(i) ? 'Hide' : 'Show'} the ${heads[part] ?? ''} of ${row.what}`}
                        onClick={() => {
                          const after = new Set(seen);
                          if (!after.delete(i)) {
                            after.add(i);
                          }
                          show(after);
                        }}
                      >
                        {seen.has(i) ? <Marked text={row.found} /> : '?'}
                      </button>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div role="group" aria-label="Controls of the table" className="mt-5 flex flex-wrap gap-2.5">
        <Button look="strong" onClick={showNext} aria-disabled={next < 0} shortcut="→">
          Show the next
        </Button>
        <Button
          shortcut="A"
          onClick={() => {
            show(seen.size === rows.length ? new Set() : new Set(rows.keys()));
          }}
        >
          {seen.size === rows.length ? 'Hide all' : 'Show all'}
        </Button>
        <Button onClick={onOther} shortcut="O">
          {called.newNumbers}
        </Button>
        <Button className="ml-auto" onClick={make([wanted.level])} aria-disabled={sheet.isPending}>
          Put it on a sheet
        </Button>
        <Button onClick={make(levels)} aria-disabled={sheet.isPending}>
          Sheets at three levels
        </Button>
      </div>
    </div>
  );
}
