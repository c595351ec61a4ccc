import { Suspense } from 'react';
import type { TallyReply } from '../../api/types';
import { part } from '../../ui/part';

const TallyChart = part(() => import('./TallyChart').then((it) => it.TallyChart));

/** What the tries of a day show together. */
export function TallyShown({ tally: now }: { tally: TallyReply }) {
  return (
    <>
      <dl className="grid grid-cols-3 gap-3 text-center">
        {(
          [
            ['under', now.under],
            ['exactly', now.right],
            ['over', now.over],
          ] as const
        ).map(([name, count]) => (
          <div key={name} className="rounded-lg border-2 border-ink px-2 py-2">
            <dt className="wall-small">{name}</dt>
            <dd>
              <span className="text-4xl font-bold tabular-nums">{count}</span>
              <Marks count={count} />
            </dd>
          </div>
        ))}
      </dl>
      {/* the watch goes on while the chart is fetched */}
      <Suspense fallback={<div className="h-56" />}>
        <TallyChart tally={now} />
      </Suspense>
      <ul className="space-y-1 wall-small">
        {now.said.map((one) => (
          <li key={one}>{one}</li>
        ))}
        {now.since !== null && <li className="font-bold">{now.since}</li>}
      </ul>
    </>
  );
}

/** A mark for each, every fifth across the four before it. */
export function Marks({ count }: { count: number }) {
  const shown = Math.min(count, 60);
  return (
    <svg viewBox="0 0 120 46" className="mx-auto h-11 w-full" aria-hidden="true">
      {Array.from({ length: shown }, (_, i) => {
        const five = Math.floor(i / 5);
        const x = 4 + 20 * (five % 6);
        const y = 2 + 23 * Math.floor(five / 6);
        return (
          <path
            key={i}
            d={i % 5 === 4 ? `M${x - 2} ${y + 16}L${x + 14} ${y + 3}` : `M${x + 4 * (i % 5)} ${y}v19`}
            stroke="var(--color-ink)"
            strokeWidth="1.8"
          />
        );
      })}
    </svg>
  );
}
