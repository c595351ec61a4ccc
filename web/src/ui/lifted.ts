import type { Announcements, ScreenReaderInstructions, UniqueIdentifier } from '@dnd-kit/core';

/** What is said to whoever moves things by keys and does not see them. */
export function lifted(
  what: string,
  place: (id: UniqueIdentifier) => number,
): { announcements: Announcements; screenReaderInstructions: ScreenReaderInstructions } {
  return {
    screenReaderInstructions: {
      draggable: `Press space to lift a ${what}, move it with the arrow keys, and press space again to put it down.`,
    },
    announcements: {
      onDragStart: ({ active }) => `${what.slice(0, 1).toUpperCase()}${what.slice(1)} ${place(active.id)} lifted.`,
      onDragOver: ({ over }) => (over ? `Now at place ${place(over.id)}.` : ''),
      onDragEnd: ({ over }) => (over ? `Put down at place ${place(over.id)}.` : 'Put back.'),
      onDragCancel: () => 'Put back.',
    },
  };
}
