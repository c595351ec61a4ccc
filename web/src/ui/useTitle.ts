import { useEffect } from 'react';

/** The title of the window. */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Rostik`;
  }, [title]);
}
