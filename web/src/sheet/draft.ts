import type { QuestionReply, QuestionText, SheetReply, SheetSettings, WorkedSum } from '../api/types';
import { withSum } from '../models/told';
import { newId } from '../ui/newId';

export interface Draft {
  title: string;
  questions: QuestionReply[];
  settings: SheetSettings;
  /** The class it is for. */
  classId: string | null;
}

/** A sheet as it is set out where nothing else is said. */
export const plainSettings: SheetSettings = {
  level: null,
  instruction: '',
  scaffold: 'outline',
  answers: 'write',
  example: false,
  chart: false,
  columns: null,
  type: 'usual',
  times: 'as-written',
  layout: 'page',
  aims: [],
  limits: { fives: null, regroups: null, noon: null, midnight: null, unknown: null, hour: null, day: 'waking' },
  table: null,
};

export const noDraft: Draft = { title: '', questions: [], settings: plainSettings, classId: null };

/** What stands apart stands at the end, on paper as on the screen. */
export const challengesLast = (questions: readonly QuestionReply[]): QuestionReply[] => [
  ...questions.filter((one) => !one.text.challenge),
  ...questions.filter((one) => one.text.challenge),
];

/** A bare sum as a question. */
export const textOf = (sum: string): QuestionText => ({
  sum,
  wording: '',
  challenge: false,
  answers: null,
  times: null,
  story: null,
});

/** A worked line as a question: a problem keeps its words. */
export const questionOf = (worked: Pick<WorkedSum, 'sum' | 'told'>): QuestionText => ({
  ...textOf(worked.sum),
  wording: worked.told?.text ?? '',
});

/** Whether it is asked about the timetable of its sheet, and no sum. */
export const isOfTable = (text: QuestionText): boolean => text.sum.startsWith('table ');

/** A question as it is typed: a problem with the sum that stands with its words. */
export const lineOfQuestion = (text: QuestionText): string =>
  text.wording === '' ? text.sum : withSum(text.wording, text.sum);

/** A question with another text, before the server has looked at it. */
export const withText = (question: QuestionReply, text: QuestionText): QuestionReply =>
  question.text.sum === text.sum
    ? { ...question, text }
    : { ...question, text, shown: isOfTable(text) ? '…' : text.sum, answer: null, problem: null, warnings: [] };

/** A question as it is added, before the server has looked at it. */
export const newQuestion = (
  text: QuestionText,
  known: { shown?: string; answer?: string | null } = {},
): QuestionReply => ({
  id: newId(),
  text,
  locked: false,
  shown: known.shown ?? text.sum,
  answer: known.answer ?? null,
  problem: null,
  warnings: [],
});

export const draftOf = ({ title, questions, settings, classId }: SheetReply): Draft => ({
  title,
  questions,
  settings,
  classId,
});

/** Whether a teacher would call them the same; what the server says of them is not looked at. */
export const sameQuestion = (a: QuestionReply, b: QuestionReply): boolean =>
  a.locked === b.locked && sameText(a.text, b.text);

const sameText = (a: QuestionText, b: QuestionText): boolean =>
  (Object.keys(a) as (keyof QuestionText)[]).every((name) => a[name] === b[name]);

export const sameContent = (a: Draft, b: Draft): boolean =>
  a.title === b.title &&
  a.classId === b.classId &&
  a.questions.length === b.questions.length &&
  JSON.stringify(a.settings) === JSON.stringify(b.settings) &&
  a.questions.every((question, i) => {
    const other = b.questions[i];
    return other !== undefined && question.id === other.id && sameQuestion(question, other);
  });
