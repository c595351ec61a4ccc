import type { ReactNode } from 'react';

/** What stands before the door: what Rostik is, and beside it the way in. */
export function Threshold({ children }: { children: ReactNode }) {
  return (
    <main className="mx-auto grid min-h-dvh w-full max-w-5xl items-center gap-x-16 gap-y-8 px-6 py-10 md:grid-cols-2">
      <div>
        <ClockMark />
        <p className="mt-6 text-4xl font-bold">Rostik</p>
        <p className="mt-2 max-w-sm text-xl leading-relaxed">
          Sums with time: worked as you teach them, shown step by step, put on sheets with keys.
        </p>
      </div>
      <div className="border-ink md:border-l-2 md:pl-16">{children}</div>
    </main>
  );
}

/** A clock at ten past ten: hour hand with its square, minute hand with its disc. */
function ClockMark() {
  const hour = 305;
  const minute = 60;
  return (
    <svg width="180" height="180" viewBox="-100 -100 200 200" aria-hidden="true">
      <circle r="94" fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth="4" />
      {Array.from({ length: 12 }, (_, i) => (
        <path
          key={i}
          d={`M0 -90v${i % 3 === 0 ? 14 : 8}`}
          stroke="var(--color-ink)"
          strokeWidth={i % 3 === 0 ? 4 : 2}
          transform={`rotate(${i * 30})`}
        />
      ))}
      <g transform={`rotate(${hour})`} fill="var(--color-hour)">
        <rect x="-4" y="-46" width="8" height="46" />
        <rect x="-8" y="-58" width="16" height="16" />
      </g>
      <g transform={`rotate(${minute})`} fill="var(--color-minute)">
        <rect x="-2.5" y="-74" width="5" height="74" />
        <circle cy="-74" r="7" />
      </g>
      <circle r="5" fill="var(--color-ink)" />
    </svg>
  );
}
