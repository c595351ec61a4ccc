import { useCallback, useState } from 'react';

type Send<Wish> = (wish: Wish, options: { onSettled: () => void }) => void;

/**
 * What has just been chosen, from the press on and until the server has it: a box that is ticked stays ticked. A mutation
 * alone says so only a moment later, and the box would go back in between.
 *
 * @param send `mutate` of a mutation that takes what the server says
 */
export function useWish<Wish extends object>(send: Send<Wish>): { wish: Wish | null; put: (wish: Wish) => void } {
  const [wish, setWish] = useState<Wish | null>(null);
  const put = useCallback(
    (next: Wish) => {
      setWish(next);
      send(next, {
        onSettled: () => {
          setWish((now) => (now === next ? null : now));
        },
      });
    },
    [send],
  );
  return { wish, put };
}
