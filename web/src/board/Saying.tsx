import type { WorkedMethod, WorkedSum } from '../api/types';
import { Coverable, useCovers, type Part } from '../models/cover';
import { Marked, plain } from '../models/Marked';
import { WhatChanged } from '../work/WhatChanged';

/** What a teacher would say at this step, and what stayed and what changed; both can be covered. */
export function Saying({ worked, method, step }: { worked: WorkedSum; method: WorkedMethod; step: number }) {
  const covers = useCovers();
  const now = method.steps[step];
  const answer = worked.answer ? plain(worked.answer.shown) : '';
  const said = now ? plain(now.say) : '';
  const tells: Part[] = ['hour', 'minutes', 'jump', 'digit', ...(said.includes(answer) ? (['answer'] as const) : [])];
  const isLast = step === Math.max(0, method.steps.length - 1);
  const changed = isLast ? worked.changed : step > 0 ? (now?.changed ?? null) : null;
  return (
    <div className="min-h-[7.3rem] low:min-h-[5.6rem] contain-content border-t-2 border-ink pt-1.5">
      <p className="text-[clamp(1.5rem,2.3vw,2.1rem)] leading-snug low:text-2xl" data-testid="say" aria-live="polite">
        <Coverable id={`s${step}`} parts={tells} name="what happens in this step">
          {now && <Marked text={now.say} />}
        </Coverable>
      </p>
      {!covers.covered(`s${step}`, tells) && changed && (
        <div className="text-xl [&_.why]:text-lg">
          <WhatChanged changed={changed} />
        </div>
      )}
    </div>
  );
}
