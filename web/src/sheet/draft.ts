import type { QuestionReply, SheetReply, SheetSettings } from '../api/types';
import { newId } from '../ui/newId';

export interface Draft {
  title: string;
  questions: QuestionReply[];
  settings: SheetSettings;
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
  classId: null,
  aims: [],
  limits: { fives: null, regroups: null, noon: null, midnight: null, unknown: null, hour: null },
};

/** What stands apart stands at the end, on paper as on the screen. */
export const challengesLast = (questions: readonly QuestionReply[]): QuestionReply[] => [
  ...questions.filter((one) => !one.challenge),
  ...questions.filter((one) => one.challenge),
];

/** A question as it is added, before the server has looked at it. */
export function newQuestion(sum: { sum: string; shown?: string; answer?: string | null }): QuestionReply {
  return {
    id: newId(),
    sum: sum.sum,
    shown: sum.shown ?? sum.sum,
    answer: sum.answer ?? null,
    problem: null,
    warnings: [],
    wording: '',
    locked: false,
    challenge: false,
    answers: null,
    times: null,
  };
}

export const draftOf = ({ title, questions, settings }: SheetReply): Draft => ({ title, questions, settings });

/** Whether a teacher would call them the same; what the server says of them is not looked at. */
export const sameQuestion = (a: QuestionReply, b: QuestionReply): boolean =>
  a.sum === b.sum &&
  a.wording === b.wording &&
  a.locked === b.locked &&
  a.challenge === b.challenge &&
  a.answers === b.answers &&
  a.times === b.times;

export const sameContent = (a: Draft, b: Draft): boolean =>
  a.title === b.title &&
  a.questions.length === b.questions.length &&
  JSON.stringify(a.settings) === JSON.stringify(b.settings) &&
  a.questions.every((question, i) => {
    const other = b.questions[i];
    return other !== undefined && question.id === other.id && sameQuestion(question, other);
  });
