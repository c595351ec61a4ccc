import type { ReactNode } from 'react';
import { heard, type Covers } from '../models/cover';
import { GearedClock, handsAt, type Face, type Hand } from '../models/GearedClock';
import { clockThatShows } from '../models/whereHands';

/** A face over the day, tied to its place there. */
export function Hanging({ share, place, children }: { share: number; place: number; children: ReactNode }) {
  const straight = share === place;
  return (
    <>
      {straight ? (
        <span
          aria-hidden="true"
          className="absolute top-1/2 bottom-[calc(var(--u)*-8.4)] w-[3px] -translate-x-1/2 bg-ink"
          style={{ left: `${share * 100}%` }}
        />
      ) : (
        <svg
          aria-hidden="true"
          viewBox="0 0 100 100"
          preserveAspectRatio="none"
          className="absolute top-1/2 h-[calc(50%+var(--u)*8.4)] w-full"
        >
          <path
            d={`M${place * 100} 0V60L${share * 100} 100`}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth="3"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
      <div
        className="absolute top-0 h-[var(--face)] w-[var(--face)] motion-safe:transition-[left] motion-safe:duration-200"
        style={{
          left: `clamp(0px, calc(${place * 100}% - var(--face) / 2), calc(100% - var(--face)))`,
        }}
      >
        {children}
      </div>
    </>
  );
}

/** What hangs there: a face that can be turned; what it is called stands beside it. */
export function Dial({
  at,
  face,
  covers,
  label,
  ...turning
}: {
  at: number;
  face: Face;
  covers: Covers;
  label: string;
  onTurn: (hand: Hand, degrees: number) => void;
  onTurnEnd?: () => void;
  steps?: Record<Hand, number>;
}) {
  return (
    <GearedClock
      hands={handsAt(at)}
      face={face}
      reads={clockThatShows(
        covers.covered('n.digits', []) && covers.covered('n.words', []) ? '?' : heard(covers, label),
      )}
      className="h-full"
      {...turning}
    />
  );
}
