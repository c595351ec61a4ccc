import { lazy, type ComponentType } from 'react';
import { keep, kept } from './browserStore';

/** How often a part is asked for, with a connection, before the page is taken to be of yesterday's Rostik. */
const TRIES = 5;

/** Asks for a part of the script until it is there: without a connection it comes when there is one. */
export async function untilThere<Part>(
  fetch: () => Promise<Part>,
  wait: (pause: number) => Promise<void> = (pause) => new Promise((go) => setTimeout(go, pause)),
  fetchAnew: () => void = () => {
    window.location.reload();
  },
): Promise<Part> {
  let inVain = 0;
  for (let pause = 300; ; pause = Math.min(2 * pause, 4000)) {
    try {
      return await fetch();
    } catch {
      inVain = navigator.onLine ? inVain + 1 : 0;
      // parts have other names in another version: the page itself is fetched anew, once for each
      const page = document.querySelector<HTMLScriptElement>('script[type="module"]')?.src ?? '';
      if (inVain === TRIES && kept('rostik.outdated') !== page) {
        keep('rostik.outdated', page);
        fetchAnew();
      }
      await wait(pause);
    }
  }
}

/** A part of the screen whose script is fetched when it is needed. */
export const part = <Props extends object>(fetch: () => Promise<ComponentType<Props>>) =>
  lazy(async () => ({ default: await untilThere(fetch) }));

/** When the hands are still. */
export function whenIdle(act: () => void): void {
  if ('requestIdleCallback' in window) {
    window.requestIdleCallback(act, { timeout: 5000 });
  } else {
    setTimeout(act, 2000);
  }
}
