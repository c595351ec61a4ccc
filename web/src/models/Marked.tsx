import type { ReactNode } from 'react';

const pattern = /\{([hmsdx]):([^}]*)\}/g;

export interface Run {
  /** Hours, minutes, seconds, days and longer; x is the half of the day. */
  mark: '' | 'h' | 'm' | 's' | 'd' | 'x';
  text: string;
}

/** Cuts marked text ("{h:3}:{m:45} {x:p.m.}") into runs. */
export function runs(text: string): Run[] {
  // a time and its half of the day stand on one line
  const marked = text.replaceAll(' {x:', '\u00a0{x:');
  const found: Run[] = [];
  let end = 0;
  for (const match of marked.matchAll(pattern)) {
    if (match.index > end) {
      found.push({ mark: '', text: marked.slice(end, match.index) });
    }
    found.push({ mark: match[1] as Run['mark'], text: match[2] ?? '' });
    end = match.index + match[0].length;
  }
  if (end < marked.length) {
    found.push({ mark: '', text: marked.slice(end) });
  }
  return found;
}

export function plain(marked: string): string {
  return runs(marked)
    .map((run) => run.text)
    .join('');
}

/** Marked text in a paragraph: hours and minutes in their colours. */
export function Marked({ text }: { text: string }): ReactNode {
  return runs(text).map((run, i) =>
    run.mark === '' || run.mark === 'x' ? (
      run.text
    ) : (
      <span key={i} className={`mark-${run.mark}`}>
        {run.text}
      </span>
    ),
  );
}

/** Marked text inside an SVG text element. */
export function MarkedSpans({ text }: { text: string }): ReactNode {
  return runs(text).map((run, i) => (
    <tspan key={i} className={run.mark === '' || run.mark === 'x' ? undefined : `mark-${run.mark}`}>
      {run.text}
    </tspan>
  ));
}

/** The shape that goes with a unit wherever its colour goes: square for hours, disc for minutes, triangle for seconds. */
export function Shape({ mark, size = 12 }: { mark: string; size?: number }): ReactNode {
  return (
    <svg width={size} height={size} viewBox="0 0 12 12" aria-hidden="true" className="inline-block shrink-0">
      {mark === 'm' ? (
        <circle cx="6" cy="6" r="6" className="mark-m" />
      ) : mark === 's' ? (
        <path d="M6 0 12 12H0Z" className="mark-s" />
      ) : (
        <rect width="12" height="12" className="mark-h" />
      )}
    </svg>
  );
}
