import type { ReactNode } from 'react';
import type { Moment } from '../../api/types';
import { GearedClock, handsAt, plainFace, type Face } from '../../models/GearedClock';
import { Marked, plain } from '../../models/Marked';
import { clockThatShows } from '../../models/whereHands';

export const smallFace: Face = { ...plainFace, fives: false };

/** A clock face that shows a time; what it shows is said aloud only where it is no riddle. */
export function FaceOf({
  time,
  told = true,
  far = false,
  className = '',
}: {
  time: Moment;
  told?: boolean;
  /** One of several: its numerals are larger than its size has them. */
  far?: boolean;
  className?: string;
}) {
  return (
    <GearedClock
      hands={handsAt(time.minutes % 720)}
      face={{ ...smallFace, far }}
      reads={clockThatShows(told ? plain(time.text) : '?')}
      className={className}
    />
  );
}

/** A large time or length; before it is shown a gap of the same size. */
export function Shown({ text, shown, className = '' }: { text: string; shown: boolean; className?: string }) {
  return (
    <span className={`inline-block ${shown ? '' : 'rounded-md border-2 border-dashed border-ink'} ${className}`}>
      <span className={shown ? '' : 'invisible'} aria-hidden={!shown}>
        <Marked text={text} />
      </span>
      {!shown && <span className="sr-only">not shown yet</span>}
    </span>
  );
}

/** What there is to see, large, and what there is to do, beside or below it. */
export function Two({ left, children }: { left: ReactNode; children: ReactNode }) {
  return (
    <div className="grid min-h-0 flex-1 items-center gap-8 px-6 py-4 lg:grid-cols-2">
      <div className="grid min-h-0 place-items-center">{left}</div>
      <div className="min-w-0">{children}</div>
    </div>
  );
}
