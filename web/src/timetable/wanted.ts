import type { Level } from '../api/types';
import type { Wanted } from './queries';

export const levels: readonly { value: Level; text: string }[] = [
  { value: 'support', text: 'Support' },
  { value: 'core', text: 'Core' },
  { value: 'stretch', text: 'Stretch' },
];

/** A table that is drawn for the level. */
export const made = 'made';
/** Before the name of a day: its activity table. */
export const dayMark = 'day:';

/** What an address asks of the timetables; without a table in it, of the usual one. */
export function wantedOf(
  params: URLSearchParams,
  usual = made,
): Wanted & { kind: string; day: string | null; told: boolean } {
  const number = (name: string) => Number(params.get(name) ?? 1) || 1;
  const table = params.get('table') ?? usual;
  const kind = params.get('kind') ?? '';
  return {
    table,
    level: levels.find((one) => one.value === params.get('level'))?.value ?? 'core',
    seed: number('seed'),
    drawn: number('drawn'),
    kinds: kind === '' ? [] : [kind],
    kind,
    day: table.startsWith(dayMark) ? table.slice(dayMark.length) : null,
    told: params.get('task') === 'told',
  };
}

/** What the board is told of the same. */
export function boardOf(params: URLSearchParams, table: string): string {
  const all = new URLSearchParams(params);
  all.set('table', table);
  return all.toString();
}
