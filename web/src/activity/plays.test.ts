import { describe, expect, it } from 'vitest';
import type { Lighthouse, Numbers, Pond, Spinner, Walls } from '../api/types';
import { ferries } from './stage/chance';
import { standing } from './stage/plays';

const moment = (minutes: number) => ({ minutes, text: String(minutes), words: String(minutes), face: false });
const span = (minutes: number) => ({ minutes, text: `${minutes} min` });

const spinner = (exactly: boolean): Spinner => ({
  type: 'spinner',
  whole: 2,
  unit: 15,
  exactly,
  places: [0, 15, 30, 45, 60].map(moment),
  sectors: [
    { length: span(15), weight: 1, from: 0, to: 180 },
    { length: span(45), weight: 1, from: 180, to: 360 },
  ],
  spins: [1, 0, 1, 0, 0],
});

describe('the last ferry', () => {
  it('is reached by who passes it', () => {
    // left 45, right 15, left past the end
    expect(ferries(spinner(false), 2)).toEqual({ at: [3, 1], won: null, last: 0 });
    expect(ferries(spinner(false), 3)).toEqual({ at: [4, 1], won: 0, last: 1 });
  });
  it('is met exactly, or the spin does not count', () => {
    expect(ferries(spinner(true), 3)).toEqual({ at: [3, 1], won: null, last: 1 });
    expect(ferries(spinner(true), 5)).toEqual({ at: [4, 2], won: 0, last: 0 });
  });
  it('is over then, with nothing more to press', () => {
    expect(standing(spinner(false), [0, 0, 0, 0], 4).next?.label).toBe('Spin');
    expect(standing(spinner(false), [0, 0, 0], 4).next?.label).toBe('Move the hands');
    expect(standing(spinner(false), [0, 0, 0, 0, 0, 0], 4)).toMatchObject({ next: null, done: true, turns: 3 });
  });
});

describe('what comes next on a board', () => {
  const walls: Walls = {
    type: 'walls',
    walls: [
      [
        [
          { length: span(10), hidden: false },
          { length: span(20), hidden: true },
        ],
        [{ length: span(30), hidden: true }],
      ],
    ],
  };
  it('is a brick that is still hidden', () => {
    expect(standing(walls, [], 4).next?.moves).toEqual([0]);
    expect(standing(walls, [0], 4).next?.moves).toEqual([1]);
    // one of them was tapped before
    expect(standing(walls, [1], 4).next?.moves).toEqual([0]);
    expect(standing(walls, [1, 0], 4)).toMatchObject({ next: null, done: true, turns: 2 });
  });
  it('is the sum after two stones', () => {
    const pond: Pond = { type: 'pond', stones: [span(10)], pairs: [], regroups: 0.4, places: [[0.5, 0.5]] };
    expect(standing(pond, [0], 4).next).toBeNull();
    expect(standing(pond, [0, 0], 4).next?.moves).toEqual([-1]);
    expect(standing(pond, [0, 0, -1], 4)).toMatchObject({ next: null, turns: 1 });
  });
  it('is a roll, but not before the face is found', () => {
    const lighthouse: Lighthouse = {
      type: 'lighthouse',
      ring: [1, 2, 1, 2].map(moment),
      faces: [1, 2].map(moment),
      meets: [0, 1, 0, 1],
      rolls: [1, 2],
    };
    expect(standing(lighthouse, [], 4).next?.moves).toEqual([-1]);
    expect(standing(lighthouse, [-1], 4)).toMatchObject({ next: null, turns: 1, done: false });
    expect(standing(lighthouse, [-1, 1, -1, 0], 4)).toMatchObject({ next: null, turns: 2, done: true });
  });
  it('is nothing where one sorts', () => {
    const sorting: Numbers = { type: 'sorting', fields: [], cards: [] };
    expect(standing(sorting, [], 4)).toMatchObject({ next: null, done: true });
  });
});
