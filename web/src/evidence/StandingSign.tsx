import type { Standing } from '../api/types';

/** One sign for how a child stands, wherever it is said: full, half, empty, or a dot where nothing was seen. It reads without colour; what it says stands beside it. */
export function StandingSign({ of }: { of: Standing }) {
  return (
    <svg width="15" height="15" viewBox="0 0 15 15" aria-hidden="true" className="inline-block shrink-0 align-[-0.1em]">
      {of === 'not-seen' ? (
        <circle cx="7.5" cy="7.5" r="1.8" className="fill-soft" />
      ) : (
        <>
          <rect x="1" y="1" width="13" height="13" className="fill-none stroke-ink" strokeWidth="2" />
          {of === 'secure' && <rect x="1" y="1" width="13" height="13" className="fill-ink" />}
          {of === 'on-the-way' && <rect x="1" y="1" width="6.5" height="13" className="fill-ink" />}
        </>
      )}
    </svg>
  );
}
