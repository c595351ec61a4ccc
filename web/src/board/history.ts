import { useSyncExternalStore } from 'react';
import { keep, kept as keptText } from '../ui/browserStore';

const place = 'rostik.board.history';
const most = 40;
const listeners = new Set<() => void>();
let kept: readonly string[] | null = null;

function read(): readonly string[] {
  if (kept === null) {
    try {
      const found: unknown = JSON.parse(keptText(place) ?? '[]');
      kept = Array.isArray(found) ? found.filter((one): one is string => typeof one === 'string') : [];
    } catch {
      kept = [];
    }
  }
  return kept;
}

/** Remembers that a sum has stood on the board; the newest first, each once. */
export function remember(sum: string): void {
  const now = read();
  if (now[0] === sum) {
    return;
  }
  kept = [sum, ...now.filter((one) => one !== sum)].slice(0, most);
  // in a full or forbidden store it is remembered until the tab is closed
  keep(place, JSON.stringify(kept));
  listeners.forEach((tell) => {
    tell();
  });
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
}

/** The sums that have stood on this board, the newest first. */
export const useHistory = () => useSyncExternalStore(subscribe, read);
