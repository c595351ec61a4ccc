/** So many questions of each, by id. */
export type Shares = Readonly<Record<string, number>>;

export const totalOf = (shares: Shares): number => Object.values(shares).reduce((sum, n) => sum + n, 0);

/** The part of each in hundredths, together always 100 (largest remainders). */
export const percentOf = (shares: Shares): Shares => scaledTo(shares, 100, 0);

/**
 * The same shares of another total: each gets its whole part, and what is left goes to the largest remainders (the
 * method of Hamilton). None falls below `least`, so the total may come out larger.
 */
export function scaledTo(shares: Shares, total: number, least = 1): Shares {
  const before = totalOf(shares);
  if (before === 0) {
    return shares;
  }
  const parts = Object.entries(shares).map(([id, n]) => {
    const exact = (n * total) / before;
    return { id, whole: Math.floor(exact), rest: exact - Math.floor(exact) };
  });
  let left = total - parts.reduce((sum, part) => sum + part.whole, 0);
  for (const part of parts.toSorted((a, b) => b.rest - a.rest)) {
    if (left > 0) {
      part.whole += 1;
      left -= 1;
    }
  }
  return Object.fromEntries(parts.map((part) => [part.id, Math.max(least, part.whole)]));
}
