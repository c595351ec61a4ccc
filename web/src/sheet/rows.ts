import type { ShelfReply } from '../api/types';

/** What stands in one row: a sheet, or the levels of one that were made together. */
export type Row = readonly [ShelfReply, ...ShelfReply[]];

/** Levels that were made together stand where the first of them does. */
export function rowsOf(sheets: readonly ShelfReply[]): Row[] {
  const rows = new Map<string, Row>();
  for (const sheet of sheets) {
    const key = sheet.family ?? sheet.id;
    const row = rows.get(key);
    rows.set(key, row ? [...row, sheet] : [sheet]);
  }
  return [...rows.values()];
}
