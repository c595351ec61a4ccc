import type { Changed, WorkedMethod, WorkedSum } from '../api/types';
import { Coverable, tells, type Part } from '../models/cover';
import { Marked } from '../models/Marked';
import { WhatStays } from './WhatStays';

/** What it has become: where that is what the sum comes to, it is covered with the answer before the last step, too. */
const becomes = (changed: Changed | null): string =>
  [changed?.hour, changed?.minute, changed?.half, changed?.day].map((one) => one?.to ?? '').join(' ');

/** What a teacher would say at this step, and what stayed and what changed; both can be covered. */
export function Saying({ worked, method, step }: { worked: WorkedSum; method: WorkedMethod; step: number }) {
  const now = method.steps[step];
  // a sentence about a jump goes with the jumps, one about columns with their digits
  const drawn: Part[] = now?.picture.type === 'line' ? ['jump'] : now?.picture.type === 'columns' ? ['digit'] : [];
  const parts: Part[] = now ? [...tells(now.say), ...drawn] : [];
  const isLast = step === Math.max(0, method.steps.length - 1);
  const changed = isLast ? worked.changed : step > 0 ? (now?.changed ?? null) : null;
  return (
    <div className="min-h-[calc(var(--u)*8.2)] border-t-2 border-ink pt-1 pb-1 contain-content">
      <p className="wall-say leading-[1.25]" data-testid="say" aria-live="polite">
        <Coverable id={`s${step}`} parts={parts} name="what happens in this step">
          {now && <Marked text={now.say} />}
        </Coverable>
      </p>
      {changed && (
        <WhatStays
          key={`${method.id}${step}`}
          changed={changed}
          step={step}
          isAnswer={isLast || becomes(changed) === becomes(worked.changed)}
        />
      )}
    </div>
  );
}
