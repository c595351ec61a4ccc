import { describe, expect, it } from 'vitest';
import { percentOf, scaledTo, totalOf } from './shares';

describe('shares of a mixed sheet', () => {
  it('keeps the shares as near as whole questions allow', () => {
    expect(scaledTo({ a: 6, b: 6 }, 10)).toEqual({ a: 5, b: 5 });
    expect(scaledTo({ a: 6, b: 3, c: 3 }, 10)).toEqual({ a: 5, b: 3, c: 2 });
    expect(scaledTo({ a: 1, b: 1, c: 1 }, 20)).toEqual({ a: 7, b: 7, c: 6 });
    expect(scaledTo({}, 10)).toEqual({});
  });

  it('always comes to the total, except where each needs one', () => {
    for (let a = 1; a < 9; a += 1) {
      for (let b = 1; b < 9; b += 1) {
        for (let total = 1; total <= 40; total += 1) {
          const scaled = scaledTo({ a, b, c: 2 }, total);
          const tight = Math.min(a, b, 2) * total < a + b + 2;
          expect(totalOf(scaled) === total || (tight && totalOf(scaled) > total)).toBe(true);
          expect(Math.min(...Object.values(scaled))).toBeGreaterThanOrEqual(1);
          for (const [id, n] of Object.entries({ a, b, c: 2 })) {
            const exact = (n * total) / (a + b + 2);
            expect(Math.abs((scaled[id] ?? 0) - exact)).toBeLessThanOrEqual(1);
          }
        }
      }
    }
  });

  it('makes percents that come to a hundred', () => {
    expect(percentOf({ a: 1, b: 1, c: 1 })).toEqual({ a: 34, b: 33, c: 33 });
    expect(percentOf({ a: 5, b: 4, c: 3 })).toEqual({ a: 42, b: 33, c: 25 });
    expect(totalOf(percentOf({ a: 7, b: 11, c: 13, d: 2 }))).toBe(100);
  });
});
