import type { Changed } from '../api/types';
import { Shape } from '../models/Marked';

/** What stayed, what changed, and why. */
export function WhatChanged({ changed }: { changed: Changed }) {
  const parts = [
    { name: 'hour', mark: 'h' as const, change: changed.hour },
    { name: 'minutes', mark: 'm' as const, change: changed.minute },
    { name: 'half', mark: '' as const, change: changed.half },
    { name: 'day', mark: '' as const, change: changed.day },
  ].flatMap((part) => (part.change ? [{ ...part, change: part.change }] : []));
  // the day is worth a word only where it changed
  const shown = parts.filter((part) => part.name !== 'day' || part.change.changed);
  return (
    <dl className="mt-0.5 flex flex-wrap gap-x-6 gap-y-0.5 low:text-sm low:leading-tight" data-testid="changed">
      {[true, false].map((changes) => {
        const some = shown.filter((part) => part.change.changed === changes);
        return some.length === 0 ? null : (
          <div key={String(changes)} className="flex flex-wrap items-baseline gap-x-3">
            <dt className="text-soft">{changes ? 'changed' : 'stayed'}</dt>
            {some.map((part) => (
              <dd key={part.name} className="inline-flex flex-wrap items-baseline gap-1.5">
                {part.mark !== '' && <Shape mark={part.mark} />}
                <span className={part.mark === '' ? 'font-bold' : `mark-${part.mark}`}>
                  {part.name === 'half' || part.name === 'day' ? '' : part.name}{' '}
                  {part.change.from !== '' && changes ? `${part.change.from} → ${part.change.to}` : part.change.to}
                </span>
                <span className="why text-soft">({part.change.why})</span>
              </dd>
            ))}
          </div>
        );
      })}
    </dl>
  );
}
