import { answerForms, type QuestionText, type TimesGiven } from '../api/types';

/** In which form times are given. */
export const timesGiven: readonly { value: TimesGiven; text: string }[] = [
  { value: 'as-written', text: 'as typed' },
  { value: '24h', text: '24-hour clock' },
  { value: 'words', text: 'in words' },
  { value: 'clocks', text: 'clock faces' },
  { value: 'roman-clocks', text: 'Roman clocks' },
];

/** What is said of a question that is asked or answered in a form of its own; nothing of one that is as the sheet is. */
export function ownForm({ answers, times }: Pick<QuestionText, 'answers' | 'times'>): string[] {
  const answered = answerForms.find((form) => form.value === answers);
  const given = timesGiven.find((form) => form.value === times);
  return [...(answered ? [`Answers: ${answered.text}`] : []), ...(given ? [`Times: ${given.text}`] : [])];
}
