import { describe, expect, it } from 'vitest';
import { moor } from './quay';

const pins = (done: readonly number[]) => done.map((one, i) => ({ id: String(i), done: one }));

/** A class of so many at a sheet of so many, at any time of it: by a plain rule, so that each run is the same. */
const classes = [1, 2, 7, 24, 30, 35].flatMap((children) =>
  [1, 6, 12, 20].flatMap((of) =>
    [0, 1, 3, 5, 9].map((time) => ({
      of,
      done: Array.from({ length: children }, (_, i) => Math.min(of, Math.floor((time * (3 + ((i * 7) % 5))) / 4))),
    })),
  ),
);

describe('the quay', () => {
  it('has a place for everybody, none upon another, and none beyond its ends', () => {
    for (const { of, done } of classes) {
      for (const width of [560, 720, 976, 1232, 1872]) {
        const it = moor(pins(done), of, width);
        expect(it, `${done.length} children, ${of} questions, ${width}`).not.toBeNull();
        const taken = new Set([...(it?.places.values() ?? [])].map((one) => `${one.x} ${one.row}`));
        expect(taken.size).toBe(done.length);
        for (const { x, row } of it?.places.values() ?? []) {
          expect(x).toBeGreaterThanOrEqual(0);
          expect(x + (it?.pin ?? 0)).toBeLessThanOrEqual(width);
          expect(row).toBeLessThan(it?.rows ?? 0);
        }
      }
    }
  });

  it('has who has done more further on', () => {
    for (const { of, done } of classes) {
      const it = moor(pins(done), of, 1232);
      const pin = it?.pin ?? 0;
      done.forEach((one, i) => {
        done.forEach((other, j) => {
          const [here, there] = [it?.places.get(String(i))?.x ?? 0, it?.places.get(String(j))?.x ?? 0];
          if (one < other) {
            expect(there - here).toBeGreaterThanOrEqual(pin);
          }
        });
      });
      expect(it?.marks.map((one) => one.done)).toEqual([...new Set(done)].sort((a, b) => a - b));
    }
  });

  it('begins at its beginning and ends at its end', () => {
    expect(moor(pins([0, 0]), 12, 1200)?.marks).toEqual([{ done: 0, x: 0 }]);
    const all = moor(pins([12, 12]), 12, 1200);
    expect((all?.marks[0]?.x ?? 0) + (all?.pin ?? 0) * (2 / (all?.rows ?? 1))).toBe(1200);
  });

  it('is none where it would be too short', () => {
    expect(moor(pins([0, 1, 2, 3, 4]), 12, 300)).toBeNull();
    expect(moor(pins([0]), 0, 1200)).toBeNull();
  });
});
