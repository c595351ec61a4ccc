import { execFileSync } from 'node:child_process';
import type { BoardSum } from '../api/types';

/** Sums as the core works them, so that the models are tested with the pictures they really get. */
export function worked(sums: readonly string[]): BoardSum[] {
  const script = `${import.meta.dirname}/worked.php`;
  return JSON.parse(
    execFileSync('php', [script], { input: sums.join('\n'), maxBuffer: 100_000_000, encoding: 'utf8' }),
  ) as BoardSum[];
}
