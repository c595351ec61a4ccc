import { ArrowDown, ArrowUp } from 'lucide-react';

const button = 'grid size-11 place-items-center rounded hover:bg-wash aria-disabled:opacity-40';

/** Moves a thing by one place without dragging (WCAG 2.2, 2.5.7): comes where its handle is pressed and let go. */
export function Nudge({
  name,
  up,
  down,
  side,
}: {
  /** What is moved: “question 3”. */
  name: string;
  /** Null where it is the first already. */
  up: (() => void) | null;
  /** Null where it is the last already. */
  down: (() => void) | null;
  /** On which side of the handle it stands. */
  side: 'left' | 'right';
}) {
  return (
    <span
      role="group"
      aria-label={`Where ${name} stands`}
      className={`absolute top-1/2 z-20 flex -translate-y-1/2 rounded-md border-2 border-ink bg-sheet text-ink ${side === 'left' ? 'right-full' : 'left-full'}`}
    >
      <button
        type="button"
        className={button}
        aria-label={`Move ${name} up`}
        aria-disabled={up === null}
        onClick={() => up?.()}
      >
        <ArrowUp size={20} aria-hidden="true" />
      </button>
      <button
        type="button"
        className={button}
        aria-label={`Move ${name} down`}
        aria-disabled={down === null}
        onClick={() => down?.()}
      >
        <ArrowDown size={20} aria-hidden="true" />
      </button>
    </span>
  );
}
