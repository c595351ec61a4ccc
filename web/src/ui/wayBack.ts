/** Where one came from to the board, and what it is called: "the pile". Kept in this window, until one goes back. */
export interface WayBack {
  to: string;
  name: string;
}

const place = 'rostik.way-back';

export function rememberWayBack(way: WayBack): void {
  try {
    window.sessionStorage.setItem(place, JSON.stringify(way));
  } catch {
    // there is the browser's own way back
  }
}

export function wayBack(): WayBack | null {
  try {
    const kept: unknown = JSON.parse(window.sessionStorage.getItem(place) ?? 'null');
    return typeof kept === 'object' &&
      kept !== null &&
      'to' in kept &&
      'name' in kept &&
      typeof kept.to === 'string' &&
      kept.to.startsWith('/') &&
      typeof kept.name === 'string'
      ? { to: kept.to, name: kept.name }
      : null;
  } catch {
    return null;
  }
}

export function forgetWayBack(): void {
  try {
    window.sessionStorage.removeItem(place);
  } catch {
    // nothing was kept
  }
}
