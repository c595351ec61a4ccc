import { bare } from '../ui/bare';
import type { CellReply, Counts, PaperReply, PileReply, ToMarkReply } from '../api/types';

/** What a teacher puts into a cell: what is written, or a sign, or her own word over both. */
export type Mark = Pick<CellReply, 'given' | 'sign' | 'over'>;

export const nothing: Mark = { given: '', sign: null, over: null };

/** Where a cell is: a paper, and a question from 0. */
export interface Place {
  paper: string;
  question: number;
}

export const keyOf = ({ paper, question }: Place): string => `${paper}/${question}`;

export const isMarked = (cell: CellReply | undefined): cell is CellReply => cell !== undefined && cell.counts !== null;

/** Whether it is still to be judged: it stands there, and counts as nothing yet. */
export const isOpen = (cell: CellReply): boolean =>
  cell.counts === 'unreadable' && cell.sign === null && cell.verdict === null;

/** The questions of a paper: its own, or those of its level. */
export const questionsOf = (pile: Pick<PileReply, 'parts'>, paper: Pick<PaperReply, 'own' | 'part'>): ToMarkReply[] =>
  paper.own ?? pile.parts[paper.part]?.questions ?? [];

/** Places of the same question, on all papers that ask it, but those of absent children. */
export const sameQuestion = (pile: Pick<PileReply, 'parts' | 'papers'>, { paper: of, question }: Place): Place[] => {
  const own = pile.papers.find((one) => one.id === of);
  return pile.papers
    .filter(
      (one) => !one.absent && (own?.own ? true : one.part === own?.part) && question < questionsOf(pile, one).length,
    )
    .map((one) => ({ paper: one.id, question }));
};

/** Places of one paper; none of one who was not there. */
export const samePaper = (pile: Pick<PileReply, 'parts' | 'papers'>, { paper: id }: Place): Place[] => {
  const paper = pile.papers.find((one) => one.id === id);
  return (paper && !paper.absent ? questionsOf(pile, paper) : []).map((_, question) => ({ paper: id, question }));
};

/** How many columns there are. */
export const columnsOf = (pile: Pick<PileReply, 'parts' | 'papers'>): number =>
  Math.max(0, ...pile.papers.map((paper) => questionsOf(pile, paper).length));

/** What is to be said at once of what is typed, where it is one of the usual answers; null where that has to be judged. */
export function saidAtOnce(question: ToMarkReply, typed: string): Pick<CellReply, 'counts' | 'fits'> | null {
  const own = bare(typed);
  if (own === '') {
    return null;
  }
  if (question.answer !== '' && own === bare(question.answer)) {
    return { counts: 'right', fits: [] };
  }
  const usual = question.usual.filter((one) => bare(one.text) === own);
  return usual.length > 0 ? { counts: 'wrong', fits: usual.flatMap((one) => one.fits) } : null;
}

/** A cell as it looks until the server has judged it. */
export function atOnce(place: Place, mark: Mark, question: ToMarkReply | undefined): CellReply {
  const said = question ? saidAtOnce(question, mark.given) : null;
  const counts: Counts | null =
    mark.over !== null ? (mark.over ? 'right' : 'wrong') : mark.sign !== null ? mark.sign : (said?.counts ?? null);
  return {
    ...place,
    ...mark,
    // what is still to be judged is marked all the same
    counts: counts ?? (mark.given === '' ? null : 'unreadable'),
    verdict: null,
    read: mark.given,
    fits: mark.over === null && mark.sign === null ? (said?.fits ?? []) : [],
    slip: false,
    followed: false,
  };
}

/** What was written in answer to one question, and how often. */
export interface Tally {
  counts: Record<Counts, number>;
  /** Wrong answers, the commonest first. */
  wrong: { text: string; times: number; fits: string[] }[];
  papers: number;
}

export function tallyOf(cells: readonly CellReply[]): Tally {
  const counts: Record<Counts, number> = { right: 0, nearly: 0, wrong: 0, blank: 0, unreadable: 0 };
  const wrong = new Map<string, { text: string; times: number; fits: string[] }>();
  for (const cell of cells) {
    if (cell.counts === null || isOpen(cell)) {
      continue;
    }
    counts[cell.counts] += 1;
    if (cell.counts === 'wrong' && cell.given !== '') {
      const text = cell.read === '' ? cell.given : cell.read;
      const known = wrong.get(text);
      wrong.set(text, { text, times: (known?.times ?? 0) + 1, fits: cell.fits });
    }
  }
  return {
    counts,
    wrong: [...wrong.values()].sort((a, b) => b.times - a.times || a.text.localeCompare(b.text)),
    papers: Object.values(counts).reduce((all, one) => all + one, 0),
  };
}

export function median(numbers: readonly number[]): number | null {
  const sorted = [...numbers].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const upper = sorted[middle];
  if (upper === undefined) {
    return null;
  }
  return sorted.length % 2 === 1 ? upper : (upper + (sorted[middle - 1] ?? upper)) / 2;
}

/** Which question comes after this one, or before it; papers of absent children are passed over. */
export function step(
  pile: Pick<PileReply, 'parts' | 'papers'>,
  from: Place,
  way: 'question' | 'child',
  by: 1 | -1,
): Place | null {
  const papers = pile.papers.filter((paper) => !paper.absent);
  const row = papers.findIndex((paper) => paper.id === from.paper);
  const columns = columnsOf(pile);
  if (way === 'question') {
    const next = papers[row + by];
    if (next) {
      return { paper: next.id, question: from.question };
    }
    const other = papers[by === 1 ? 0 : papers.length - 1];
    const question = from.question + by;
    return other && question >= 0 && question < columns ? { paper: other.id, question } : null;
  }
  const question = from.question + by;
  if (question >= 0 && question < columns) {
    return { paper: from.paper, question };
  }
  const next = papers[row + by];
  return next ? { paper: next.id, question: by === 1 ? 0 : columns - 1 } : null;
}

/** A cell straight up, down, left or right; null at the edge. */
export function beside(
  pile: Pick<PileReply, 'parts' | 'papers'>,
  from: Place,
  rows: number,
  columns: number,
): Place | null {
  const row = pile.papers.findIndex((paper) => paper.id === from.paper) + rows;
  const question = from.question + columns;
  const paper = pile.papers[row];
  return paper && question >= 0 && question < columnsOf(pile) ? { paper: paper.id, question } : null;
}
