/** Numbers in order, those that follow each other drawn together: 1–3, 5, 8, 9. */
export function inRanges(numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const n of numbers) {
    const last = runs.at(-1);
    if (last && n === last[1] + 1) {
      last[1] = n;
    } else {
      runs.push([n, n]);
    }
  }
  return runs
    .flatMap(([from, to]) => (to - from < 2 ? (from === to ? [`${from}`] : [`${from}`, `${to}`]) : [`${from}–${to}`]))
    .join(', ');
}
