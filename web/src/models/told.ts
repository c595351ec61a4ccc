import type { ToldProblem, WorkedSum } from '../api/types';

/** A problem in words with the sum that it means, as one line: where the words are read surely, and ask one thing, they are enough. */
export const lineOf = (worked: Pick<WorkedSum, 'sum' | 'told'>): string =>
  worked.told === null
    ? worked.sum
    : worked.told.sure && worked.told.questions.length < 2
      ? worked.told.text
      : withSum(worked.told.text, worked.sum);

/** The words of a problem, with the sum that is meant by them behind. */
export const withSum = (text: string, sum: string): string => `${text.trim()} [${sum}]`;

/**
 * Several lines that were pasted and are one problem: something is told in a line of its own that asks nothing, and the
 * last line asks. A list of questions or of sums is none.
 */
export function isOneProblem(pasted: string): boolean {
  const lines = pasted
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '');
  const tells = lines
    .slice(0, -1)
    .some((line) => /[a-z].* .*[a-z]/i.test(line) && !line.includes('?') && /[.,:;]$|\w{3,}$/.test(line));
  return tells && (lines.at(-1) ?? '').endsWith('?') && lines.every((line) => line.split(' ').length > 2);
}

export interface Piece {
  text: string;
  /** What it stands for; null for the words between. */
  is: string | null;
  time: boolean;
}

/** What each time and length is called that was found in a text. */
const names: Record<string, string> = {
  start: 'start',
  end: 'end',
  due: 'due',
  shown: 'shown by the clock',
  now: 'now',
  lasts: 'how long',
  later: 'how much later',
  before: 'how long before',
  late: 'how late',
  early: 'how early',
  fast: 'how fast',
  slow: 'how slow',
  break: 'break',
  every: 'every',
  each: 'each',
  used: 'used so far',
};

/** The text of a problem cut at its times and lengths. */
export function pieces(told: ToldProblem): Piece[] {
  const letters = Array.from(told.text);
  const found: Piece[] = [];
  let at = 0;
  for (const fact of told.facts) {
    if (fact.at < at) {
      continue;
    }
    found.push({ text: letters.slice(at, fact.at).join(''), is: null, time: false });
    found.push({ text: fact.text, is: names[fact.is] ?? '', time: fact.time });
    at = fact.at + Array.from(fact.text).length;
  }
  found.push({ text: letters.slice(at).join(''), is: null, time: false });
  return found.filter((piece) => piece.text !== '');
}
