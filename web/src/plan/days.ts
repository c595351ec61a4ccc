import type { LessonLineReply, PlanReply } from '../api/types';
import { dateWriter } from '../ui/dates';

const shortWeekday = dateWriter({ weekday: 'short', timeZone: 'UTC' });
const number = dateWriter({ day: 'numeric', timeZone: 'UTC' });
const long = dateWriter({ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' });
const weekday = dateWriter({ weekday: 'long', timeZone: 'UTC' });
const date = dateWriter({ day: 'numeric', month: 'long', timeZone: 'UTC' });

/** A day of the calendar, 2026-11-26, as a date that no time zone moves. */
const dateOf = (on: string) => new Date(`${on}T12:00:00Z`);
const isoOf = (date: Date) => date.toISOString().slice(0, 10);

/** So many days later, or earlier. */
export function plusDays(on: string, days: number): string {
  const date = dateOf(on);
  date.setUTCDate(date.getUTCDate() + days);
  return isoOf(date);
}

/** The Monday of the week of a day. */
export function mondayOf(on: string): string {
  return plusDays(on, -((dateOf(on).getUTCDay() + 6) % 7));
}

/** "Mon 23" */
export const shortDay = (on: string): string => `${shortWeekday.format(dateOf(on))} ${number.format(dateOf(on))}`;

/** "Thursday 26 November" */
export const longDay = (on: string): string => long.format(dateOf(on));

/** "Thursday", or with its date where it is further away than a week. */
export const nearDay = (on: string, today: string): string =>
  on === today
    ? 'today'
    : on > today && on <= plusDays(today, 6)
      ? weekday.format(dateOf(on))
      : date.format(dateOf(on));

/** The days of a week, Monday to Friday, and those of the weekend that have lessons. */
export function weekOf(
  monday: string,
  lessons: readonly LessonLineReply[],
): { on: string; lessons: LessonLineReply[] }[] {
  return [0, 1, 2, 3, 4, 5, 6]
    .map((day) => {
      const on = plusDays(monday, day);
      return { on, lessons: lessons.filter((one) => one.on === on) };
    })
    .filter((day, i) => i < 5 || day.lessons.length > 0);
}

/** The lesson that is next: today's, as long as it is not over and done; or the next; or the last. */
export function nextLesson({ lessons, today, now }: PlanReply): LessonLineReply | undefined {
  const end = ({ start, minutes }: LessonLineReply) =>
    Number(start.slice(0, 2)) * 60 + Number(start.slice(3)) + minutes;
  const nowMinutes = Number(now.slice(0, 2)) * 60 + Number(now.slice(3));
  const open = lessons.filter((one) => one.state === 'planned');
  return (
    open.find((one) => one.on === today && end(one) > nowMinutes) ??
    open.find((one) => one.on > today) ??
    open[open.length - 1] ??
    lessons[lessons.length - 1]
  );
}
