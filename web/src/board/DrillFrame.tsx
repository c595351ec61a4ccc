import type { ReactNode } from 'react';
import type { DayReply } from '../api/types';
import { MoreMenu } from './MoreMenu';
import { Rail, RailSpace } from '../ui/Rail';

/** One clock to be set or read. */
export interface Round {
  day: DayReply;
  /** Minutes since 12. */
  wanted: number;
  /** What can be chosen. */
  chooser: ReactNode;
  onNext: () => void;
}

/** A clock on the left, what is to be done beside it, what can be chosen below. */
export function DrillFrame({
  clock,
  task,
  chooser,
  children,
}: {
  clock: ReactNode;
  task: ReactNode;
  chooser: ReactNode;
  children?: ReactNode;
}) {
  return (
    <>
      <div className="grid min-h-0 flex-1 gap-x-8 px-6 py-4 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <section aria-label="Clock" className="flex min-h-[16rem] items-center">
          {clock}
        </section>
        <section aria-label="Task" className="flex flex-col justify-center gap-5">
          {task}
        </section>
      </div>
      <Rail>
        {chooser}
        <RailSpace />
        {children && (
          <>
            {children}
            <RailSpace />
          </>
        )}
        <MoreMenu items={[]} />
      </Rail>
    </>
  );
}
