import type { QuestionReply, QuestionText, SheetSettings } from '../api/types';
import { plainSettings, textOf, type Draft } from './draft';

/** A question as windows of an earlier release kept it: what is its text now stood beside its id. */
type OlderQuestion = Omit<QuestionReply, 'text'> & Omit<QuestionText, 'story'> & { story?: string | null };

interface KeptDraft {
  title: string;
  questions: readonly (QuestionReply | OlderQuestion)[];
  /** The class stood among them once. */
  settings: SheetSettings & { classId?: string | null };
  classId?: string | null;
}

/** What was kept in this browser before the last release, as it is kept now: an update must not lose what was typed. */
export const asKeptNow = ({
  title,
  questions,
  settings: { classId: once, ...settings },
  classId,
}: KeptDraft): Draft => ({
  title,
  questions: questions.map((question) =>
    'text' in question
      ? { ...question, text: { ...textOf(question.text.sum), ...question.text } }
      : withItsText(question),
  ),
  // what came later is as on any sheet
  settings: { ...plainSettings, ...settings },
  classId: classId ?? once ?? null,
});

const withItsText = ({
  sum,
  wording,
  challenge,
  answers,
  times,
  story = null,
  ...others
}: OlderQuestion): QuestionReply => ({
  ...others,
  text: { sum, wording, challenge, answers, times, story },
});
