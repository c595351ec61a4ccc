import { afterEach, expect, it } from 'vitest';
import { dateWriter, writeMonthFirst } from './dates';

afterEach(() => {
  writeMonthFirst(false);
});

it('writes days as the class does, the same writer in both ways', () => {
  const day = dateWriter({ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' });
  const when = dateWriter({ day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit', timeZone: 'UTC' });
  const at = new Date('2026-11-26T14:05:00Z');
  expect(day.format(at)).toMatch(/^Thursday,? 26 November$/);
  expect(when.format(at)).toMatch(/^26 November.* 14:05$/);
  writeMonthFirst(true);
  expect(day.format(at)).toMatch(/^Thursday, November 26$/);
  expect(when.format(at)).toMatch(/^November 26.* 14:05$/);
});
