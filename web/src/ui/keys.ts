import { useEffectEvent, useLayoutEffect } from 'react';

/** Whether a key typed there is text, or moves within a control of its own. */
function belongsToControl(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.closest('input, textarea, select, [role="menu"], [role="dialog"], [data-own-keys]') !== null)
  );
}

/** Keys of a screen: each by its `event.key`. They do nothing while one types, nor with Ctrl, Alt or Meta held. */
export function useKeys(keys: Record<string, () => void>): void {
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.altKey || event.metaKey || belongsToControl(event.target)) {
      return;
    }
    const act = keys[event.key] ?? keys[event.key.toLowerCase()];
    if (act) {
      event.preventDefault();
      act();
    }
  });
  // with the screen, and not some time after it: what is seen answers to its keys
  useLayoutEffect(() => {
    const listener = (event: KeyboardEvent) => {
      onKey(event);
    };
    window.addEventListener('keydown', listener);
    return () => {
      window.removeEventListener('keydown', listener);
    };
  }, []);
}
