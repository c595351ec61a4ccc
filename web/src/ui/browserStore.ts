/**
 * What this browser keeps. A store that is full, or forbidden, throws at every touch: nothing that one types may fail for
 * that, so each of these says whether it went well instead.
 */

/** What belongs to the browser rather than to who is signed in. */
const ofTheBrowser = ['rostik.here', 'rostik.outdated'];

let owner = '';

/** From now on what is kept belongs to this teacher: nobody else who signs in here sees it. */
export function keepFor(id: string): void {
  owner = id;
}

const ownersPlace = () => `rostik.for.${owner}.`;
const placeOf = (name: string) => (owner === '' || ofTheBrowser.includes(name) ? name : ownersPlace() + name);

function ownNames(): string[] {
  try {
    return Object.keys(window.localStorage).filter((name) => owner !== '' && name.startsWith(ownersPlace()));
  } catch {
    return [];
  }
}

/** Whether changes of this teacher are kept here that have not been sent yet. */
export function hasUnsent(): boolean {
  return ownNames().some((name) => /\.rostik\.(unsaved|marks)\./.test(name));
}

/** Forgets everything that was kept for this teacher: she goes. */
export function forgetAll(): void {
  ownNames().forEach((name) => {
    window.localStorage.removeItem(name);
  });
}

export function keep(name: string, text: string): boolean {
  try {
    window.localStorage.setItem(placeOf(name), text);
    return true;
  } catch {
    return false;
  }
}

/** What was kept; null where nothing was, or where the store cannot be read. */
export function kept(name: string): string | null {
  try {
    return window.localStorage.getItem(placeOf(name));
  } catch {
    return null;
  }
}

export function forget(name: string): void {
  try {
    window.localStorage.removeItem(placeOf(name));
  } catch {
    // what cannot be reached is not there either
  }
}

/** The same as an object, for who is given a store. */
export const browserStore = { keep, kept, forget };
export type BrowserStore = typeof browserStore;
