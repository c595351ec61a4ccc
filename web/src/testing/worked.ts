import { execFileSync } from 'node:child_process';
import type { BoardSum, DayReply } from '../api/types';

const script = `${import.meta.dirname}/worked.php`;

/** Every minute of the day as it is written. */
export const workedDay = (): DayReply =>
  JSON.parse(execFileSync('php', [script, 'day'], { maxBuffer: 100_000_000, encoding: 'utf8' })) as DayReply;

/** Sums as the core works them, so that the models are tested with the pictures they really get. */
export function worked(sums: readonly string[]): BoardSum[] {
  return JSON.parse(
    execFileSync('php', [script], { input: sums.join('\n'), maxBuffer: 100_000_000, encoding: 'utf8' }),
  ) as BoardSum[];
}
