import { describe, expect, it } from 'vitest';
import type { QuestionReply } from '../api/types';
import { newQuestion, plainSettings, textOf, type Draft } from './draft';
import { nothing, putTogether } from './merge';

const question = (id: string, sum = `${id} h + 1 h`): QuestionReply => ({ ...newQuestion(textOf(sum)), id });
const sheet = (questions: QuestionReply[], part: Partial<Draft> = {}): Draft => ({
  title: 'Tide',
  questions,
  settings: plainSettings,
  classId: null,
  ...part,
});
const sums = ({ questions }: Draft) => questions.map(({ text }) => text.sum);
const ids = ({ questions }: Draft) => questions.map(({ id }) => id);

describe('two sheets that were made from the same', () => {
  const states = [null, 'as it was', 'changed', 'changed otherwise'] as const;

  it('has of each question what the rule says, whatever became of it in both', () => {
    const rule: string[] = [];
    for (const before of [null, 'as it was'] as const) {
      for (const mine of states) {
        for (const theirs of states) {
          const at = (state: string | null) => sheet(state === null ? [] : [question('a', state)]);
          const together = putTogether(at(before), at(mine), at(theirs));
          const found = sums(together);
          // nothing comes from nowhere, and nothing twice that is the same
          expect(found.every((sum) => sum === mine || sum === theirs)).toBe(true);
          expect(new Set(found).size).toBe(found.length);
          expect(new Set(ids(together)).size).toBe(found.length);
          // what was changed on either side is there
          for (const side of [mine, theirs]) {
            if (side !== null && side !== before) {
              expect(found).toContain(side);
            }
          }
          // what was left alone gives way to what the other did with it
          if (before !== null && mine === before) {
            expect(found).toEqual(theirs === null ? [] : [theirs]);
          }
          if (before !== null && theirs === before) {
            expect(found).toEqual(mine === null ? [] : [mine]);
          }
          rule.push(found.join('+'));
        }
      }
    }
    expect(rule).toHaveLength(32);
    expect(rule.filter((found) => found.includes('+'))).not.toHaveLength(0);
  });

  it('is theirs where nothing was done here, and mine where nothing was done there', () => {
    const base = sheet([question('a'), question('b'), question('c')]);
    const other = sheet([question('c'), question('a', '9 h - 1 h'), question('d')], { title: 'Ferry' });
    expect(putTogether(base, base, other)).toEqual(other);
    expect(putTogether(base, other, base)).toEqual(other);
    expect(putTogether(base, other, other)).toEqual(other);
    expect(putTogether(base, base, base)).toEqual(base);
  });

  it('keeps the order of whoever moved questions, and what the other added', () => {
    const base = sheet([question('a'), question('b'), question('c')]);
    const moved = sheet([question('c'), question('a'), question('b')]);
    const longer = sheet([question('a'), question('b'), question('c'), question('d')]);
    expect(ids(putTogether(base, moved, longer))).toEqual(['c', 'a', 'b', 'd']);
    expect(ids(putTogether(base, longer, moved))).toEqual(['c', 'a', 'b', 'd']);
    const otherwise = sheet([question('b'), question('a'), question('c')]);
    expect(ids(putTogether(base, moved, otherwise))).toEqual(['c', 'a', 'b']);
  });

  it('sees a change in words, in the form of the answer, in being kept, as it sees one of numbers', () => {
    const base = sheet([question('a')]);
    const text = question('a').text;
    for (const part of [
      { text: { ...text, wording: 'How long is the seal count?' } },
      { locked: true },
      { text: { ...text, challenge: true } },
      { text: { ...text, answers: 'hands' } },
      { text: { ...text, times: 'words' } },
    ] as const) {
      const changed = sheet([{ ...question('a'), ...part }]);
      expect(putTogether(base, changed, sheet([])).questions).toEqual(changed.questions);
      expect(putTogether(base, changed, base).questions).toEqual(changed.questions);
    }
    // what the server says of a question is not a change of the teacher's
    const answered = sheet([{ ...question('a'), answer: '2 h', shown: '1 h + 1 h' }]);
    expect(putTogether(base, answered, sheet([])).questions).toEqual([]);
  });

  it('puts challenges last, wherever they were added', () => {
    const base = sheet([question('a')]);
    const mine = sheet([question('a'), { ...question('b'), text: { ...textOf('b h + 1 h'), challenge: true } }]);
    expect(ids(putTogether(base, mine, sheet([question('a'), question('c')])))).toEqual(['a', 'c', 'b']);
  });

  it('takes the class from where it was changed', () => {
    const of = (classId: string | null) => sheet([], { classId });
    expect(putTogether(of('k'), of('t'), of('k')).classId).toBe('t');
    expect(putTogether(of('k'), of('k'), of(null)).classId).toBeNull();
    expect(putTogether(of('k'), of('t'), of(null)).classId).toBe('t');
  });

  it('takes each setting from where it was changed', () => {
    const base = sheet([]);
    const mine = sheet([], { title: 'Mine', settings: { ...plainSettings, columns: 2, chart: true } });
    const theirs = sheet([], { settings: { ...plainSettings, type: 'large', chart: false, columns: 1 } });
    expect(putTogether(base, mine, theirs)).toEqual(
      sheet([], { title: 'Mine', settings: { ...plainSettings, columns: 2, chart: true, type: 'large' } }),
    );
  });

  it('keeps everything where it is not known how it was before', () => {
    const mine = sheet([question('a', '1 h'), question('b')]);
    const theirs = sheet([question('a', '2 h'), question('c')]);
    expect(sums(putTogether(nothing, mine, theirs)).sort()).toEqual(['1 h', '2 h', 'b h + 1 h', 'c h + 1 h']);
  });
});
