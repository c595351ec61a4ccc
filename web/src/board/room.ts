import { useEffect, useState, useSyncExternalStore } from 'react';
import { keep, kept } from '../ui/browserStore';

const place = 'rostik.board.dark';

const isKept = () => kept(place) === '1';

/** Whether the board is dark: as this room's projector was last set. It holds for the board alone. */
export function useDark(): [boolean, (dark: boolean) => void] {
  const [dark, setDark] = useState(isKept);
  useEffect(() => {
    document.documentElement.toggleAttribute('data-dark', dark);
    return () => {
      document.documentElement.removeAttribute('data-dark');
    };
  }, [dark]);
  return [
    dark,
    (next) => {
      setDark(next);
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

export function useFullScreen(): [boolean, (full: boolean) => void] {
  const full = useSyncExternalStore(onFull, () => document.fullscreenElement !== null);
  return [
    full,
    (next) => {
      const done = next ? document.documentElement.requestFullscreen() : document.exitFullscreen();
      // where the browser does not allow it, all stays as it is
      done.catch(() => undefined);
    },
  ];
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
