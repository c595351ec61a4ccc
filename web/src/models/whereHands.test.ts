import { describe, expect, it } from 'vitest';
import { handsAt, plainFace } from './GearedClock';
import { clockThatShows, whereHands } from './whereHands';

describe('where the hands stand', () => {
  it('is said as it is seen, and not as a time', () => {
    expect(whereHands(handsAt(8 * 60 + 40), plainFace)).toBe('hour hand between 8 and 9, minute hand on 8');
    expect(whereHands(handsAt(12 * 60), plainFace)).toBe('hour hand on 12, minute hand on 12');
    expect(whereHands(handsAt(11 * 60 + 30), plainFace)).toBe('hour hand half way between 11 and 12, minute hand on 6');
    expect(whereHands(handsAt(23 * 60 + 59), plainFace)).toBe(
      'hour hand between 11 and 12, minute hand 4 marks past 11',
    );
    expect(whereHands(handsAt(61), { ...plainFace, numerals: 'roman' })).toBe(
      'hour hand between I and II, minute hand 1 mark past XII',
    );
    expect(whereHands(handsAt(7 * 60 + 3), { ...plainFace, minutes: false })).toBe(
      'hour hand between 7 and 8, minute hand between 12 and 1',
    );
    expect(whereHands(handsAt(9 * 60 + 20), { ...plainFace, only: 'minute' })).toBe('minute hand on 4');
    expect(whereHands(handsAt(9 * 60 + 20 + 45 / 60), { ...plainFace, second: true })).toBe(
      'hour hand between 9 and 10, minute hand on 4, second hand on 9',
    );
    // turned back over the top
    expect(whereHands({ hour: -7.5, minute: -6 }, plainFace)).toBe(
      'hour hand between 11 and 12, minute hand 4 marks past 11',
    );
    expect(whereHands({ hour: 359.9, minute: 359.9 }, plainFace)).toBe('hour hand on 12, minute hand on 12');
  });

  it('tells each time of the clock apart, and none by its digits', () => {
    const said = new Set<string>();
    for (let minutes = 0; minutes < 720; minutes += 1) {
      const where = whereHands(handsAt(minutes), plainFace);
      said.add(where);
      // what one sees gives the time back: the number passed, five times the number, and the marks
      const [, half = '', passed = '', on = ''] =
        /^hour hand (half way )?(?:between (\d+) and \d+|on (\d+))/.exec(where) ?? [];
      const hour = Number(passed || on) % 12;
      const [, marks = '0', number = ''] = /minute hand (?:(\d) marks? past|on) (\d+)$/.exec(where) ?? [];
      expect(hour * 60 + (Number(number) % 12) * 5 + Number(marks), where).toBe(minutes);
      expect(half !== '', where).toBe(minutes % 60 === 30);
      expect(where).not.toMatch(/:/);
    }
    expect(said.size).toBe(720);
  });

  it('has a name that tells no more than what is told', () => {
    expect(clockThatShows('8:40')).toBe('A clock that shows 8:40');
    for (const covered of ['?', '? ?', '']) {
      expect(clockThatShows(covered)).toBe('A clock to be read');
    }
    expect(clockThatShows('?:40')).toBe('A clock that shows ?:40');
  });
});
