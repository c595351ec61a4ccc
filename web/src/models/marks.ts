const pattern = /\{([hmsdx]):([^}]*)\}/g;

export interface Run {
  /** Hours, minutes, seconds, days and longer; x is the half of the day. */
  mark: '' | 'h' | 'm' | 's' | 'd' | 'x';
  text: string;
}

/** A stretch of marked text; on the board the answer stands in double brackets, so that it can be covered. */
export interface Stretch {
  text: string;
  answer: boolean;
}

/** Cuts marked text at what gives the answer away. */
export function stretches(text: string): Stretch[] {
  return text
    .split(/(⟦[^⟧]*⟧)/)
    .filter((one) => one !== '')
    .map((one) => (one.startsWith('⟦') ? { text: one.slice(1, -1), answer: true } : { text: one, answer: false }));
}

/** Cuts marked text ("{h:3}:{m:45} {x:p.m.}") into runs. */
export function runs(text: string): Run[] {
  // a time and its half of the day stand on one line
  const marked = text.replace(/[⟦⟧]/g, '').replaceAll(' {x:', '\u00a0{x:');
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

/** No longer than what stands on one line of a telephone: "23 h 59 min 59 s". */
const TOGETHER = 3;

/** Runs of which a length, or a time, stands together on one line: hours and minutes with no more than a blank or a colon between. */
export function whole(all: readonly Run[]): { together: boolean; of: Run[] }[] {
  const groups: { together: boolean; of: Run[] }[] = [];
  all.forEach((run, i) => {
    const before = groups.at(-1);
    const joins = /^[ :.\u00a0]?$/.test(run.text) && all[i + 1] !== undefined && all[i + 1]?.mark !== '';
    if (
      before?.together &&
      before.of.filter((one) => one.mark !== '').length < TOGETHER &&
      (run.mark !== '' || joins)
    ) {
      before.of.push(run);
    } else {
      groups.push({ together: run.mark !== '', of: [run] });
    }
  });
  return groups;
}

const month = '(?:January|February|March|April|May|June|July|August|September|October|November|December)';
const date = new RegExp(`\\b((?:\\d{1,2} ${month}|${month} \\d{1,2}(?=,|\\b))(?:,? \\d{4}\\b)?)`);

/** Text cut at its dates: every second piece is one. */
export const atDates = (text: string): string[] => text.split(date);

/** The same as a person would type it: with blanks that are no more than blanks. */
export const typed = (marked: string): string => plain(marked).replaceAll('\u00a0', ' ').trim();

export function plain(marked: string): string {
  return runs(marked)
    .map((run) => run.text)
    .join('');
}
