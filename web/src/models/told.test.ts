import { describe, expect, it } from 'vitest';
import type { ToldProblem } from '../api/types';
import { isOneProblem, lineOf, pieces, withSum } from './told';

const told = (text: string, sure: boolean): ToldProblem => ({ text, sure, facts: [], questions: [], remarks: [] });

describe('a problem in words', () => {
  it('is a line of its own where it is read surely, and has its sum behind it where it is not', () => {
    expect(lineOf({ sum: '1 h + 2 h', told: null })).toBe('1 h + 2 h');
    expect(lineOf({ sum: '1 h + 2 h', told: told('How long is that?', true) })).toBe('How long is that?');
    expect(lineOf({ sum: '1 h + 2 h', told: told('How long is that?', false) })).toBe('How long is that? [1 h + 2 h]');
    const one = { ask: 'When?', means: null, sentence: null, instead: [] };
    expect(lineOf({ sum: '1 h + 2 h', told: { ...told('When? When?', true), questions: [one, one] } })).toBe(
      'When? When? [1 h + 2 h]',
    );
    expect(withSum(' When? ', '9:00 a.m. + 5 min')).toBe('When? [9:00 a.m. + 5 min]');
  });

  it('is one where it is pasted in several lines, and a list is a list', () => {
    expect(isOneProblem('The ferry leaves at 8:40 a.m.\nThe crossing takes 35 minutes.\nWhen does it arrive?')).toBe(
      true,
    );
    expect(isOneProblem('Noor swims for 35 minutes,\nand reads for an hour.\n\nHow long is that altogether?')).toBe(
      true,
    );
    expect(isOneProblem('1:50 pm + 3 h\n9 am to 4 pm')).toBe(false);
    expect(isOneProblem('It is 9 am. When is it 5 min later?\nIt is 8 am. When was it 5 min ago?')).toBe(false);
    expect(isOneProblem('The ferry leaves at 8:40 a.m. and takes 35 minutes. When does it arrive?')).toBe(false);
    expect(isOneProblem('')).toBe(false);
  });

  it('is cut at its times and lengths, in characters and not in bytes', () => {
    const cut = pieces({
      ...told('“Ærø” sails at 8:40 a.m. for 2½ hours. When is it in?', true),
      facts: [
        { text: '8:40 a.m.', at: 15, is: 'start', time: true },
        { text: '2½ hours', at: 29, is: 'lasts', time: false },
      ],
    });
    expect(cut.map((piece) => piece.text)).toEqual([
      '“Ærø” sails at ',
      '8:40 a.m.',
      ' for ',
      '2½ hours',
      '. When is it in?',
    ]);
    expect(cut.map((piece) => piece.is)).toEqual([null, 'start', null, 'how long', null]);
  });
});
