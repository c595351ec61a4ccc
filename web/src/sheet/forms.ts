import type { AnswerForm, QuestionReply, TimesGiven } from '../api/types';

/** How questions are answered on paper, as teachers say it. */
export const answerForms: readonly { value: AnswerForm; text: string }[] = [
  { value: 'write', text: 'write them' },
  { value: 'columns', text: 'fill columns' },
  { value: 'line', text: 'fill a number line' },
  { value: 'hands', text: 'draw the hands' },
  { value: 'table', text: 'complete a table' },
  { value: 'choice', text: 'circle one of four' },
  { value: 'true-false', text: 'true or false' },
];

/** In which form times are given. */
export const timesGiven: readonly { value: TimesGiven; text: string }[] = [
  { value: 'as-written', text: 'as typed' },
  { value: '24h', text: '24-hour clock' },
  { value: 'words', text: 'in words' },
  { value: 'clocks', text: 'clock faces' },
  { value: 'roman-clocks', text: 'Roman clocks' },
];

/** What is said of a question that is asked or answered in a form of its own; nothing of one that is as the sheet is. */
export function ownForm({ answers, times }: Pick<QuestionReply, 'answers' | 'times'>): string[] {
  const answered = answerForms.find((form) => form.value === answers);
  const given = timesGiven.find((form) => form.value === times);
  return [...(answered ? [`Answers: ${answered.text}`] : []), ...(given ? [`Times: ${given.text}`] : [])];
}
