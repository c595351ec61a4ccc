import { useSyncExternalStore } from 'react';

/** Whether letters, digits and signs by themselves are keys; the account keeps it. */
let on = true;
const listeners = new Set<() => void>();

export const letterKeysOn = (): boolean => on;

export function setLetterKeys(to: boolean): void {
  on = to;
  for (const tell of listeners) {
    tell();
  }
}

/** The same for a screen that shows its keys. */
export function useLetterKeys(): boolean {
  return useSyncExternalStore((tell) => {
    listeners.add(tell);
    return () => {
      listeners.delete(tell);
    };
  }, letterKeysOn);
}
