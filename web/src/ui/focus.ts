import { useEffect, useRef } from 'react';

/** So long what has lost the focus may take to come back, or what follows it to be there, in milliseconds. */
const SOON = 80;
const PATIENCE = 5000;

const isSeen = (one: Element): boolean =>
  one.isConnected && (typeof one.checkVisibility !== 'function' || one.checkVisibility());

/** What one reads on from: a heading, or what says that it is to be read from there. */
const headings = '[data-reads-on], h1, h2, h3';

const isLost = (): boolean => {
  const now = document.activeElement;
  return now === null || now === document.body;
};

/** Puts the focus on something that need not be a control; with the keyboard one goes on from there. */
export function readOnFrom(one: HTMLElement): void {
  if (one.tabIndex < 0 && !one.hasAttribute('tabindex')) {
    one.tabIndex = -1;
  }
  one.focus({ preventScroll: true });
}

const firstSeen = (within: ParentNode): HTMLElement | undefined =>
  [...within.querySelectorAll<HTMLElement>(headings)].find(isSeen);

/** The heading of what is shown. */
export function readOn(): void {
  const heading = firstSeen(document.querySelector('main') ?? document) ?? firstSeen(document);
  if (heading) {
    readOnFrom(heading);
  }
}

/**
 * Nobody who works by keyboard or listens is thrown back to the beginning of the page: when what had the focus is gone, the
 * focus goes to the nearest heading around where it was, or to that of the view (WCAG 2.2, 2.4.3). A control that is out of
 * use for a moment gets it back.
 */
export function keepFocus(): void {
  let trail: Element[] = [];
  let since = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const mend = (): void => {
    timer = undefined;
    const [last, ...around] = trail;
    if (last === undefined || !isLost()) {
      return;
    }
    if (isSeen(last)) {
      // out of use while something is sent
      if (last.matches(':disabled')) {
        if (Date.now() - since < PATIENCE) {
          timer = setTimeout(mend, SOON);
        }
      } else if (last instanceof HTMLElement && since > 0) {
        last.focus({ preventScroll: true });
      }
      return;
    }
    trail = [];
    const near = around.find((one) => one !== document.body && isSeen(one) && firstSeen(one) !== undefined);
    const heading = near ? firstSeen(near) : undefined;
    if (heading) {
      readOnFrom(heading);
    } else {
      readOn();
    }
  };
  const look = (): void => {
    const [last] = trail;
    if (timer !== undefined || last === undefined || !isLost()) {
      return;
    }
    const isOut = isSeen(last) && last.matches(':disabled');
    if (isOut || !isSeen(last)) {
      since = isOut ? Date.now() : 0;
      timer = setTimeout(mend, SOON);
    }
  };
  document.addEventListener('focusin', (event) => {
    trail = [];
    since = 0;
    for (let one = event.target instanceof Element ? event.target : null; one; one = one.parentElement) {
      trail.push(one);
    }
  });
  new MutationObserver(look).observe(document.documentElement, {
    childList: true,
    subtree: true,
    attributes: true,
    attributeFilter: ['disabled', 'hidden', 'class'],
  });
}

/** Another view, another beginning: its heading has the focus, unless one types, or is within it already. */
export function useReadOn(view: string): void {
  const last = useRef(view);
  useEffect(() => {
    if (view === last.current) {
      return;
    }
    last.current = view;
    const began = Date.now();
    const from = document.activeElement;
    let timer: ReturnType<typeof setTimeout> | undefined;
    // it may still have to be fetched
    const look = (): void => {
      const now = document.activeElement;
      const main = document.querySelector('main');
      // whoever has gone on meanwhile, into a menu or a field, is left there
      if (now?.matches('input, textarea, select, [role="dialog"] *') || (now !== from && !isLost())) {
        return;
      }
      if (main && firstSeen(main)) {
        readOn();
      } else if (Date.now() - began < PATIENCE) {
        timer = setTimeout(look, SOON);
      }
    };
    timer = setTimeout(look, SOON);
    return () => {
      clearTimeout(timer);
    };
  }, [view]);
}
