/**
 * What this browser keeps. A store that is full, or forbidden, throws at every touch: nothing that one types may fail for
 * that, so each of these says whether it went well instead.
 */

export function keep(name: string, text: string): boolean {
  try {
    window.localStorage.setItem(name, text);
    return true;
  } catch {
    return false;
  }
}

/** What was kept; null where nothing was, or where the store cannot be read. */
export function kept(name: string): string | null {
  try {
    return window.localStorage.getItem(name);
  } catch {
    return null;
  }
}

export function forget(name: string): void {
  try {
    window.localStorage.removeItem(name);
  } catch {
    // what cannot be reached is not there either
  }
}

/** The same as an object, for who is given a store. */
export const browserStore = { keep, kept, forget };
export type BrowserStore = typeof browserStore;
