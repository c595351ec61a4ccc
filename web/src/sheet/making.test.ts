import { describe, expect, it } from 'vitest';
import type { QuestionReply } from '../api/types';
import { challengesLast, newQuestion, textOf } from './draft';
import { anyNumbers, inShort, said } from './Numbers';

const ids = (questions: readonly QuestionReply[]) => questions.map((one) => one.text.sum);
const question = (sum: string, challenge = false): QuestionReply => newQuestion({ ...textOf(sum), challenge });

describe('what is asked for of a sheet', () => {
  it('says in a few words what the numbers should do', () => {
    expect(inShort(anyNumbers)).toBe('as the level has them');
    expect(inShort({ ...anyNumbers, fives: 'yes' })).toBe('minutes: fives');
    expect(inShort({ ...anyNumbers, regroups: 'no', midnight: 'yes' })).toBe('regroup: must not, cross midnight: must');
    expect(inShort({ ...anyNumbers, hour: 'no', unknown: 'start' })).toBe('cross the hour: must not, unknown: start');
  });

  it('asks for nothing where anything will do', () => {
    expect([said('any'), said('yes'), said('no')]).toEqual([null, true, false]);
  });

  it('keeps challenges at the end and all else in its order', () => {
    const questions = [question('a'), question('b', true), question('c'), question('d', true), question('e')];
    expect(ids(challengesLast(questions))).toEqual(['a', 'c', 'e', 'b', 'd']);
    expect(ids(challengesLast([]))).toEqual([]);
    expect(challengesLast(questions)).toHaveLength(questions.length);
  });

  it('begins a question with an identity of its own and nothing but its sum', () => {
    const one = newQuestion(textOf('1 h + 2 h'));
    const other = newQuestion(textOf('1 h + 2 h'), { shown: '{h:1 h} + {h:2 h}', answer: '{h:3 h}' });
    expect(one.id).not.toBe(other.id);
    expect(one).toMatchObject({
      shown: '1 h + 2 h',
      answer: null,
      warnings: [],
      locked: false,
      text: { sum: '1 h + 2 h', wording: '', challenge: false, answers: null, times: null },
    });
    expect(other.answer).toBe('{h:3 h}');
  });
});
