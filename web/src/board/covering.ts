import { useMemo } from 'react';
import { parts as kinds, type Covers, type Part } from '../models/cover';
import type { BoardAddress, ChangeBoard } from './address';
import { called } from '../ui/called';

/** The kinds of thing that can be hidden at once, as the class is told of them. */
export const hideable: readonly [Part, string][] = [
  ['answer', 'The answer'],
  ['changed', 'What stays, what changes'],
  ['hour', 'Hours'],
  ['minutes', 'Minutes'],
  ['half', called.amOrPm],
  ['jump', 'Jumps'],
  ['digit', 'Digits in the columns'],
];

const isKind = (id: string): id is Part => (kinds as readonly string[]).includes(id);

/**
 * What is hidden on the board, kept in the address. What kinds of thing are hidden is how the board is set up, and lasts; what
 * has been shown of them belongs to the sum that stands there.
 */
export function useCovering(board: BoardAddress, change: ChangeBoard, covering: boolean): Covers {
  // the lists are read from the address anew each time; what they say changes seldom
  const hidden = board.hide.join(',');
  const open = board.shown.join(',');
  return useMemo(() => {
    const hide = hidden.split(',').filter((one) => one !== '');
    const shown = open.split(',').filter((one) => one !== '');
    return {
      covering,
      covered: (id, parts) =>
        !shown.includes(id) &&
        (hide.includes(id) || parts.some((part) => hide.includes(part) && !shown.includes(part))),
      toggle: (id, isHidden) => {
        change(
          isHidden ? { shown: [...shown, id], hide: hide.filter((one) => one !== id || isKind(one)) } : hiding(id),
        );
      },
    };
  }, [hidden, open, change, covering]);
}

/** Hides a kind of thing, or one thing. */
export const hiding =
  (id: string) =>
  ({ hide, shown }: BoardAddress): Partial<BoardAddress> => ({
    hide: hide.includes(id) ? hide : [...hide, id],
    shown: shown.filter((one) => one !== id),
  });

/** Shows all that is hidden of the sum that stands there; the next one comes with its covers. */
export const showingAll = ({ hide }: BoardAddress): Partial<BoardAddress> => ({
  hide: hide.filter(isKind),
  shown: hide.filter(isKind),
});

/** When a hidden thing is worth showing: digits from the ones upwards, then what is said, the answer last of all. */
export function turnOf(id: string): number {
  const digit = /^c(\d+)\.(\d+)$/.exec(id);
  if (digit) {
    return 1000 - 10 * Number(digit[1]) - Number(digit[2]);
  }
  if (/^j\d/.test(id)) {
    return 100 + Number(id.slice(1));
  }
  if (/^r\d/.test(id)) {
    return 500 + Number(id.slice(1));
  }
  if (/^s\d/.test(id)) {
    return 2000;
  }
  // what stays and what changes is asked once the step has been seen
  if (/^k\d/.test(id)) {
    return 3500;
  }
  return id === 'answer' ? 4000 : id === 'hands' || id === 'ca' ? 3000 : 1500;
}

/** Shows the next hidden thing. */
export function revealNext(): void {
  const hidden = [...document.querySelectorAll<Element & { dataset: DOMStringMap }>('main [data-cover]')];
  hidden.sort((a, b) => turnOf(a.dataset['cover'] ?? '') - turnOf(b.dataset['cover'] ?? ''));
  hidden[0]?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
}
