import { describe, expect, it } from 'vitest';
import type { LessonLineReply, PlanReply } from '../api/types';
import { longDay, mondayOf, nearDay, nextLesson, plusDays, shortDay, weekOf } from './days';

const lesson = (id: string, on: string, start = '09:40', state: LessonLineReply['state'] = 'planned') =>
  ({
    id,
    on,
    start,
    from: start,
    minutes: 60,
    title: id,
    short: id,
    rung: 'across-noon',
    purpose: 'new',
    state,
    word: '',
  }) satisfies LessonLineReply;
const plan = (now: string, ...lessons: LessonLineReply[]): PlanReply => ({
  course: null,
  feed: false,
  lessons,
  waiting: [],
  said: [],
  today: '2026-11-26',
  now,
});

describe('days', () => {
  it('are counted over the ends of months, years and summer time', () => {
    expect(plusDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(plusDays('2028-02-28', 1)).toBe('2028-02-29');
    expect(plusDays('2027-03-28', 1)).toBe('2027-03-29');
    expect(mondayOf('2026-11-26')).toBe('2026-11-23');
    expect(mondayOf('2026-11-29')).toBe('2026-11-23');
    expect(mondayOf('2026-11-23')).toBe('2026-11-23');
  });
  it('are said as one says them', () => {
    expect(shortDay('2026-11-26')).toBe('Thu 26');
    expect(longDay('2026-11-26')).toBe('Thursday 26 November');
    expect(nearDay('2026-11-26', '2026-11-26')).toBe('today');
    expect(nearDay('2026-12-01', '2026-11-26')).toBe('Tuesday');
    expect(nearDay('2026-12-03', '2026-11-26')).toBe('3 December');
  });
  it('of a week are five, and those of the weekend that have lessons', () => {
    const week = weekOf('2026-11-23', [lesson('a', '2026-11-24'), lesson('b', '2026-11-28')]);
    expect(week.map((day) => day.on)).toEqual([
      '2026-11-23',
      '2026-11-24',
      '2026-11-25',
      '2026-11-26',
      '2026-11-27',
      '2026-11-28',
    ]);
    expect(week[1]?.lessons.map((one) => one.id)).toEqual(['a']);
  });
});

describe('the next lesson', () => {
  it('is today’s until it is over', () => {
    const today = lesson('today', '2026-11-26');
    const later = lesson('later', '2026-11-30');
    expect(nextLesson(plan('10:39', today, later))?.id).toBe('today');
    expect(nextLesson(plan('10:40', today, later))?.id).toBe('later');
  });
  it('is the last where there is none to come', () => {
    expect(nextLesson(plan('08:00', lesson('a', '2026-11-20', '09:40', 'done')))?.id).toBe('a');
    expect(nextLesson(plan('08:00', lesson('a', '2026-11-20'), lesson('b', '2026-11-24', '09:40', 'done')))?.id).toBe(
      'a',
    );
    expect(nextLesson(plan('08:00'))).toBeUndefined();
  });
});
