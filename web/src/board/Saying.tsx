import type { WorkedMethod, WorkedSum } from '../api/types';
import { Coverable, tells, type Part } from '../models/cover';
import { Marked } from '../models/Marked';
import { WhatStays } from './WhatStays';

/** What a teacher would say at this step, and what stayed and what changed; both can be covered. */
export function Saying({ worked, method, step }: { worked: WorkedSum; method: WorkedMethod; step: number }) {
  const now = method.steps[step];
  // a sentence about a jump goes with the jumps, one about columns with their digits
  const drawn: Part[] = now?.picture.type === 'line' ? ['jump'] : now?.picture.type === 'columns' ? ['digit'] : [];
  const parts: Part[] = now ? [...tells(now.say), ...drawn] : [];
  const isLast = step === Math.max(0, method.steps.length - 1);
  const changed = isLast ? worked.changed : step > 0 ? (now?.changed ?? null) : null;
  return (
    <div className="min-h-[7.3rem] low:min-h-[5.6rem] contain-content border-t-2 border-ink pt-1.5">
      <p className="text-[clamp(1.5rem,2.3vw,2.1rem)] leading-snug low:text-2xl" data-testid="say" aria-live="polite">
        <Coverable id={`s${step}`} parts={parts} name="what happens in this step">
          {now && <Marked text={now.say} />}
        </Coverable>
      </p>
      {changed && <WhatStays key={`${method.id}${step}`} changed={changed} step={step} isAnswer={isLast} />}
    </div>
  );
}
