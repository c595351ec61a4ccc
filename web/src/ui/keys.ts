import { useEffectEvent, useLayoutEffect } from 'react';
import { letterKeysOn } from './letterKeys';

/** What has all keys for itself: one types there, or moves within it. */
const ownAll = 'input, textarea, select, [role="menu"], [role="dialog"], [data-own-keys]';

/** What Enter and Space press (ARIA Authoring Practices; a link takes Enter alone). */
const pressedBySpace =
  'button, summary, [role="button"], [role="checkbox"], [role="radio"], [role="switch"], [role="tab"], [role="option"]';
const pressedByEnter = `${pressedBySpace}, a[href], [role="link"]`;

/** What arrows, Home and End move within. */
const movedWithin = '[role="radio"], [role="tab"], [role="slider"], [role="option"], [role="listbox"]';
const moves = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'PageUp', 'PageDown'];

/** A part of the page that has the focus itself and is moved by that key. */
function scrolls(target: HTMLElement, key: string): boolean {
  const across = key === 'ArrowLeft' || key === 'ArrowRight';
  return (
    target.tabIndex >= 0 &&
    moves.includes(key) &&
    (across ? target.scrollWidth > target.clientWidth : target.scrollHeight > target.clientHeight) &&
    /auto|scroll/.test(across ? getComputedStyle(target).overflowX : getComputedStyle(target).overflowY)
  );
}

/** Whether the key is for what has the focus, and not for the screen. */
export function isTaken(event: KeyboardEvent): boolean {
  const { target, key } = event;
  if (!(target instanceof HTMLElement || target instanceof SVGElement)) {
    return false;
  }
  if ((target instanceof HTMLElement && target.isContentEditable) || target.closest(ownAll) !== null) {
    return true;
  }
  switch (key) {
    case ' ':
      return target.closest(pressedBySpace) !== null;
    case 'Enter':
      return target.closest(pressedByEnter) !== null;
    default:
      return (
        moves.includes(key) &&
        (target.closest(movedWithin) !== null || (target instanceof HTMLElement && scrolls(target, key)))
      );
  }
}

/** A letter, a digit or a sign by itself: what is dictated comes as such, and who wishes can turn them off (WCAG 2.2, 2.1.4). */
export const isLetter = (key: string): boolean => key.length === 1 && key !== ' ';

/** Listens to keys with the screen, and not some time after it: what is seen answers to its keys. */
function useKeyListener(listen: (event: KeyboardEvent) => void): void {
  const onKey = useEffectEvent(listen);
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

/**
 * Keys of a screen: each by its `event.key`. They do nothing while one types, nor with Ctrl, Alt or Meta held, nor where
 * what has the focus has that key itself: Enter and Space of a button, the arrows of a slider.
 */
export function useKeys(keys: Record<string, () => void>): void {
  useKeyListener((event) => {
    if (event.ctrlKey || event.altKey || event.metaKey || (isLetter(event.key) && !letterKeysOn()) || isTaken(event)) {
      return;
    }
    const act = keys[event.key] ?? keys[event.key.toLowerCase()];
    if (act) {
      event.preventDefault();
      act();
    }
  });
}

/** Ctrl or ⌘ with P prints what the view is about, and not the view. */
export function usePrintKey(print: () => void): void {
  useKeyListener((event) => {
    if ((event.ctrlKey || event.metaKey) && !event.altKey && !event.shiftKey && event.key.toLowerCase() === 'p') {
      event.preventDefault();
      print();
    }
  });
}
