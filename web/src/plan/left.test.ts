import { describe, expect, it } from 'vitest';
import { leftInWords, leftOf } from './left';

const began = 1_796_000_000_000;
const at = (minutes: number, seconds = 0) => leftOf(began, 20, began + minutes * 60_000 + seconds * 1000);

describe('how much of a part is left', () => {
  it('is all of it at the beginning, and nothing when it is over', () => {
    expect(at(0)).toEqual({ minutes: 20, share: 1, ends: began + 1_200_000 });
    expect(at(5).share).toBe(0.75);
    expect(at(20)).toMatchObject({ minutes: 0, share: 0 });
    expect(at(500)).toMatchObject({ minutes: 0, share: 0 });
  });

  it('is said in minutes that are begun', () => {
    expect(leftInWords(at(0))).toBe('20 minutes left');
    expect(leftInWords(at(12, 30))).toBe('8 minutes left');
    expect(leftInWords(at(18))).toBe('2 minutes left');
    expect(leftInWords(at(19))).toBe('less than a minute left');
    expect(leftInWords(at(19, 59))).toBe('less than a minute left');
    expect(leftInWords(at(20))).toBe('Time is up');
  });
});
