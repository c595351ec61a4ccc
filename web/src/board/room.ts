import { useEffect, useState, useSyncExternalStore } from 'react';
import { keep, kept } from '../ui/browserStore';

const place = 'rostik.board.dark';

const night = '(prefers-color-scheme: dark)';
const onNight = (tell: () => void) => {
  const query = window.matchMedia(night);
  query.addEventListener('change', tell);
  return () => {
    query.removeEventListener('change', tell);
  };
};

/** Whether the board is dark: as this room's projector was last set, and as the device is where it never was. It holds for the board alone. */
export function useDark(): [boolean, (dark: boolean) => void] {
  const device = useSyncExternalStore(onNight, () => window.matchMedia(night).matches);
  const [set, setSet] = useState(() => kept(place));
  const dark = set === '1' || (set === null && device);
  useEffect(() => {
    const html = document.documentElement;
    html.toggleAttribute('data-dark', set === '1');
    html.toggleAttribute('data-light', set === '0');
    return () => {
      html.removeAttribute('data-dark');
      html.removeAttribute('data-light');
    };
  }, [set]);
  return [
    dark,
    (next) => {
      setSet(next ? '1' : '0');
      keep(place, next ? '1' : '0');
    },
  ];
}

const onFull = (tell: () => void) => {
  document.addEventListener('fullscreenchange', tell);
  return () => {
    document.removeEventListener('fullscreenchange', tell);
  };
};

const fullPlace = 'rostik.board.full';
const isFull = () => document.fullscreenElement !== null;

/** Full screen or not; where the browser does not allow it, all stays as it is. */
const makeFull = (full: boolean) => {
  const done = full ? document.documentElement.requestFullscreen() : document.exitFullscreen();
  done.catch(() => undefined);
};

export function useFullScreen(): [boolean, (full: boolean) => void] {
  useFullScreenAgain();
  const full = useSyncExternalStore(onFull, isFull);
  return [
    full,
    (next) => {
      keep(fullPlace, next ? '1' : '0');
      makeFull(next);
    },
  ];
}

if (typeof document !== 'undefined') {
  // whoever leaves it by Escape, here or in another place, has it no longer
  document.addEventListener('fullscreenchange', () => {
    if (!isFull() && document.visibilityState === 'visible') {
      keep(fullPlace, '0');
    }
  });
}

/** A board that was left in full screen comes back so: a browser allows it at a press only, so it is at the first one. */
function useFullScreenAgain(): void {
  useEffect(() => {
    const again = (event: Event) => {
      // Escape never allows it
      if (event instanceof KeyboardEvent && event.key === 'Escape') {
        return;
      }
      stop();
      if (kept(fullPlace) === '1' && !isFull()) {
        makeFull(true);
      }
    };
    const stop = () => {
      window.removeEventListener('pointerup', again, true);
      window.removeEventListener('keydown', again, true);
    };
    window.addEventListener('pointerup', again, true);
    window.addEventListener('keydown', again, true);
    return stop;
  }, []);
}

const onLine = (tell: () => void) => {
  window.addEventListener('online', tell);
  window.addEventListener('offline', tell);
  return () => {
    window.removeEventListener('online', tell);
    window.removeEventListener('offline', tell);
  };
};

export const useOnline = () => useSyncExternalStore(onLine, () => navigator.onLine);
