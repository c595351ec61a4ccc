import type { Face, Hand, Hands } from './GearedClock';

const roman = ['XII', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI'] as const;

/** A hand is on a number, or half way, where it is no further from it than so many degrees. */
const NEAR = 0.25;

const round = (degrees: number): number => ((degrees % 360) + 360) % 360;

function nameOf(number: number, face: Face): string {
  const at = number % 12;
  return face.numerals === 'roman' ? (roman[at] ?? '') : String(at === 0 ? 12 : at);
}

/** "between 8 and 9": what one sees of the hour hand, and no more. */
function hourAt(degrees: number, face: Face): string {
  const at = round(degrees);
  const passed = Math.floor((at + NEAR) / 30);
  const beyond = at - passed * 30;
  const [from, to] = [nameOf(passed, face), nameOf(passed + 1, face)];
  if (Math.abs(beyond) <= NEAR) {
    return `on ${from}`;
  }
  return Math.abs(beyond - 15) <= NEAR ? `half way between ${from} and ${to}` : `between ${from} and ${to}`;
}

/** "on 8", "2 marks past 8": where there are no marks between the numbers, "between 8 and 9". */
function markAt(degrees: number, face: Face): string {
  const at = round(degrees);
  // a hand that creeps from mark to mark has passed the last one
  const mark = (face.second ? Math.floor(at / 6 + 0.01) : Math.round(at / 6)) % 60;
  const passed = Math.floor(mark / 5);
  const beyond = mark % 5;
  if (beyond === 0) {
    return `on ${nameOf(passed, face)}`;
  }
  return face.minutes
    ? `${beyond} ${beyond === 1 ? 'mark' : 'marks'} past ${nameOf(passed, face)}`
    : `between ${nameOf(passed, face)} and ${nameOf(passed + 1, face)}`;
}

/**
 * Where the hands of a clock stand, for who does not see it: what there is to be seen, and not what time it is. "Hour hand
 * between 8 and 9, minute hand on 8".
 */
export function whereHands(hands: Hands, face: Face): string {
  const has = (hand: Hand): boolean => face.only === undefined || face.only === hand;
  return [
    ...(has('hour') ? [`hour hand ${hourAt(hands.hour, face)}`] : []),
    ...(has('minute') ? [`minute hand ${markAt(hands.minute, face)}`] : []),
    ...(face.second ? [`second hand ${markAt(hands.second ?? 0, face)}`] : []),
  ].join(', ');
}

/** What a clock is called, with the time that it shows as far as that is told: with "?" it is one to be read. */
export const clockThatShows = (time: string): string =>
  /[^?\s]/.test(time) ? `A clock that shows ${time}` : 'A clock to be read';
