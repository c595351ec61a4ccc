import type { Numbers } from '../../api/types';
import { ferries } from './chance';
import { hiddenBricks } from './fields';

/** What the next press does; null where one plays by tapping, or all is done. */
interface Next {
  label: string;
  moves: readonly number[];
}

/** How a board stands after its moves. */
export interface Standing {
  next: Next | null;
  /** Turns that are over. */
  turns: number;
  done: boolean;
  /** So many moves go back together. */
  back: number;
}

const byTwo = (moves: number, rounds: number, first: string, second: string): Standing => ({
  next: moves >= 2 * rounds ? null : { label: moves % 2 === 0 ? first : second, moves: [0] },
  turns: Math.floor(moves / 2),
  done: moves >= 2 * rounds,
  back: 1,
});

const byOne = (moves: number, steps: number, label: string): Standing => ({
  next: moves >= steps ? null : { label, moves: [0] },
  turns: moves,
  done: moves >= steps,
  back: 1,
});

/** What remains to be found, shown one by one. */
const found = (list: readonly number[], all: number, label: string): Standing => {
  const open = Array.from({ length: all }, (_, i) => i).find((i) => !list.includes(i));
  return {
    next: open === undefined ? null : { label, moves: [open] },
    turns: list.length,
    done: open === undefined,
    back: 1,
  };
};

export function standing(numbers: Numbers, list: readonly number[], steps: number): Standing {
  const moves = list.length;
  switch (numbers.type) {
    case 'ring':
      return byOne(moves, numbers.said.length, 'Next');
    case 'bell':
      return byTwo(moves, numbers.rounds.length, 'Show the answer', 'Next round');
    case 'stock':
      return byTwo(moves, numbers.stock.length, 'Turn over', 'Show the time');
    case 'lotto':
      return byTwo(moves, numbers.calls.length, 'Call', 'Show the face');
    case 'loop':
      return byOne(moves, numbers.cards.length, 'Next card');
    case 'clock-parts':
      return byOne(moves, steps - 1, 'Next step');
    case 'walls':
      return found(list, hiddenBricks(numbers).length, 'Show a brick');
    case 'digits': {
      const boxes = numbers.sums.reduce(
        (sum, one) => sum + one.rows.reduce((n, row) => n + row.hidden.filter(Boolean).length, 0),
        0,
      );
      const it = found(list, boxes, 'Show a digit');
      return { ...it, turns: it.done ? numbers.sums.length : Math.floor((moves * numbers.sums.length) / boxes) };
    }
    case 'sorting':
      return { next: null, turns: moves, done: moves >= numbers.cards.length, back: 1 };
    case 'spinner': {
      const over = ferries(numbers, Math.floor(moves / 2)).won !== null;
      return {
        next: over ? null : { label: moves % 2 === 0 ? 'Spin' : 'Move the hands', moves: [0] },
        turns: Math.floor(moves / 2),
        done: over,
        back: 1,
      };
    }
    case 'pond':
      return {
        next: moves % 3 === 2 ? { label: 'Show the sum', moves: [-1] } : null,
        turns: Math.floor(moves / 3),
        done: false,
        back: 1,
      };
    case 'lighthouse': {
      const shaded = new Set(list.filter((move) => move >= 0));
      const done = shaded.size === numbers.faces.length;
      return {
        next: done || list[moves - 1] === -1 ? null : { label: 'Roll', moves: [-1] },
        turns: list.filter((move) => move === -1).length,
        done,
        back: 1,
      };
    }
    case 'day-order':
      return { next: null, turns: 0, done: false, back: numbers.cards.length };
    case 'estimate':
      return { next: null, turns: 0, done: false, back: 1 };
  }
}
