import { useEffect, type RefObject } from 'react';
import { isTaken } from '../ui/keys';

/** The arrow keys turn the hands: 1 minute, 5 with Shift, an hour with Ctrl. */
export function useClockKeys({
  exact,
  snap,
  settle,
}: {
  /** Where the clock stands, in minutes since midnight. */
  exact: RefObject<number>;
  /** Whether it goes by fives. */
  snap: boolean;
  settle: (to: number) => void;
}): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const way =
        event.key === 'ArrowRight' || event.key === 'ArrowUp'
          ? 1
          : event.key === 'ArrowLeft' || event.key === 'ArrowDown'
            ? -1
            : 0;
      if (way === 0 || event.altKey || event.metaKey || isTaken(event)) {
        return;
      }
      event.preventDefault();
      const now = Math.round(exact.current);
      if (event.ctrlKey) {
        settle(now + way * 60);
      } else if (event.shiftKey || snap) {
        // on to the next five, or back to the last
        settle(way > 0 ? Math.floor(now / 5) * 5 + 5 : Math.ceil(now / 5) * 5 - 5);
      } else {
        settle(now + way);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  });
}
