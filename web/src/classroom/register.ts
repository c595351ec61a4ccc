import type { ChildEntry } from '../api/types';
import { newId } from '../ui/newId';

/** The most children of a class. */
const most = 60;

/** "1-24" or "1 to 24": a number for each child, where no names are wanted. */
const range = /^(\d{1,3})\s*(?:-|–|to)\s*(\d{1,3})$/;

/** The names that a text holds, one to a line or with commas between them. */
export const namesIn = (text: string): string[] =>
  text
    .split(/[\n,;]/)
    .map((name) => name.trim())
    .filter((name) => name !== '')
    .flatMap((name) => {
      const [, first = '', last = ''] = range.exec(name) ?? [];
      const [from, to] = [Number(first), Number(last)];
      return last !== '' && from < to && to - from < most
        ? Array.from({ length: to - from + 1 }, (_, i) => String(from + i))
        : [name];
    });

/**
 * The register with these names: a child keeps its identity while its name is there, wherever it stands. A new name in
 * the place of one that is gone is the same child, called otherwise now.
 */
export function registerOf(before: readonly ChildEntry[], names: readonly string[]): ChildEntry[] {
  const left = [...before];
  const known = names.map((name) => {
    const found = left.findIndex((child) => child.name === name);
    return found < 0 ? null : (left.splice(found, 1)[0] ?? null);
  });
  return names.map((name, i) => {
    const same = known[i];
    if (same) {
      return same;
    }
    const renamed = before[i];
    const gone = renamed ? left.indexOf(renamed) : -1;
    return gone < 0 || names.length !== before.length
      ? { id: newId(), name }
      : { id: left.splice(gone, 1)[0]?.id ?? newId(), name };
  });
}
