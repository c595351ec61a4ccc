/**
 * The class in hand of this window: another window may have another, and a colleague who is signed in elsewhere disturbs
 * nobody. It goes along with every request; a new window begins with the class that was taken up last.
 */
const place = 'rostik.class';

let now: string | null = null;

export function classInHand(): string | null {
  try {
    now ??= window.sessionStorage.getItem(place);
  } catch {
    // what cannot be kept holds until the page is left
  }
  return now;
}

export function takeInHand(id: string): void {
  now = id;
  try {
    window.sessionStorage.setItem(place, id);
  } catch {
    // as above
  }
}
