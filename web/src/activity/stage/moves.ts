import { useKept } from '../../ui/useKept';

/** What has been done on the board, move by move; kept in this browser, so that a page that is reloaded goes on. */
export interface Moves {
  list: readonly number[];
  /** When the first move was made and the last, in milliseconds; null before. */
  since: number | null;
  until: number | null;
  add: (...moves: number[]) => void;
  /** Takes so many moves back, the last one usually. */
  back: (many?: number) => void;
  anew: () => void;
}

interface Kept {
  list: readonly number[];
  since: number | null;
  until: number | null;
}

/** What a board is played with: its numbers, and the moves that were made. */
export interface Stage<Numbers> {
  numbers: Numbers;
  moves: Moves;
}

export function useMoves(name: string): Moves {
  const { value, change, forget } = useKept<Kept>(name, { list: [], since: null, until: null });
  return {
    ...value,
    add: (...moves) => {
      const now = Date.now();
      change((before) => ({ list: [...before.list, ...moves], since: before.since ?? now, until: now }));
    },
    back: (many = 1) => {
      change((before) => ({ list: before.list.slice(0, -many) }));
    },
    anew: forget,
  };
}
