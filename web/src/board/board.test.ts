import { describe, expect, it } from 'vitest';
import type { BoardSum, DayReply, WorkedMethod } from '../api/types';
import { handsAt } from '../models/GearedClock';
import { readAddress, writeAddress } from './address';
import { turnOf } from './covering';
import { available, isOneWay, minuteOfDay, momentAt, pictureAt, placeOf, stripAt, usualModels } from './scene';

const method = (id: string, type: 'line' | 'columns' | 'written', steps: number): WorkedMethod =>
  ({
    id,
    title: id,
    answer: '',
    steps: Array.from({ length: steps }, (_, i) => ({ say: `${i}`, picture: { type, i }, changed: null, at: null })),
  }) as unknown as WorkedMethod;

const line = method('number-line', 'line', 4);
const columns = method('column', 'columns', 6);
const data = {
  worked: { methods: [line, columns], strip: { pins: [], spans: [] } },
  clock: { from: 1420, to: 1500, halfSaid: true, by24: false, endAsked: true, toTheSecond: false },
  moments: [],
  asked: [],
} as unknown as BoardSum;
const day = {
  table: {
    digits: Array.from({ length: 1440 }, (_, m) => `d${m}`),
    digits24: [],
    halves: Array.from({ length: 1440 }, (_, m) => (m < 720 ? 'a.m.' : 'p.m.')),
    words: [],
    lengths: [],
  },
  activities: [],
} as unknown as DayReply;

describe('the address of the board', () => {
  it('holds everything, and nothing that is as usual', () => {
    const usual = readAddress(new URLSearchParams());
    expect(writeAddress(usual).toString()).toBe('');
    expect(usual.hide).toEqual(['answer', 'changed']);
    const full = {
      ...usual,
      sum: '1:50 pm + 3 h 30 min',
      method: 'column',
      step: 2,
      show: ['clock', 'line'],
      hide: [],
      shown: ['j0'],
      face: ['roman'],
      jumps: [15, 120],
      queue: ['9 am to 4 pm', '4 x 45 min'],
      at: 770,
      two: 800,
      told: 1,
      upright: true,
    };
    expect(readAddress(writeAddress(full))).toEqual(full);
    expect(readAddress(writeAddress({ ...full, jumps: [] })).jumps).toEqual([]);
    expect(readAddress(writeAddress({ ...full, jumps: null })).jumps).toBeNull();
  });

  it('passes over what makes no sense', () => {
    const odd = readAddress(new URLSearchParams('step=-4&at=9999&jumps=5,x,-3,2000,10&queue=|%20|a'));
    expect(odd.step).toBe(0);
    expect(odd.at).toBe(540);
    expect(odd.jumps).toEqual([5, 10]);
    expect(odd.queue).toEqual(['a']);
  });
});

describe('the models of a sum', () => {
  it('are those that some method draws, and the clock and the day where the sum is on the clock', () => {
    expect(available(data, line)).toEqual(['clock', 'line', 'columns', 'day']);
    expect(available({ ...data, clock: null }, columns)).toEqual(['line', 'columns']);
    expect(usualModels(data, line)).toEqual(['clock', 'line']);
    expect(usualModels({ ...data, clock: null }, columns)).toEqual(['columns']);
  });

  it('of another method wait at their start until the end', () => {
    const at = (step: number) => (pictureAt(data, line, 'columns', step)?.now as unknown as { i: number }).i;
    expect([at(0), at(2), at(3)]).toEqual([0, 0, 5]);
    expect((pictureAt(data, line, 'line', 2)?.now as unknown as { i: number }).i).toBe(2);
    expect(pictureAt(data, line, 'table', 0)).toBeNull();
  });
});

describe('a moment between two steps', () => {
  const moments = [665, 660, 630, 625, 625];
  it('lies as far along as the slider, and the slider as far as the hand', () => {
    expect(momentAt(moments, 1)).toBe(660);
    expect(momentAt(moments, 1.5)).toBe(645);
    for (const at of [665, 662.5, 660, 645, 630, 627, 625]) {
      expect(momentAt(moments, placeOf(moments, at))).toBeCloseTo(at);
    }
    expect(placeOf(moments, 665)).toBe(0);
    expect(momentAt(moments, placeOf(moments, 100))).toBe(625);
  });

  it('is on the strip, cut at midnight', () => {
    expect(stripAt(data, day, 1420, true).pins.map((pin) => pin.at)).toEqual([1420]);
    const later = stripAt(data, day, 1500, true);
    expect(later.pins.map((pin) => [pin.at, pin.label])).toEqual([
      [1420, 'd1420 p.m.'],
      [60, 'd60 a.m.'],
    ]);
    expect(later.spans).toEqual([
      { from: 1420, to: 1440 },
      { from: 0, to: 60 },
    ]);
    // what is asked for is not given away
    expect(stripAt(data, day, 1500, false).pins).toHaveLength(1);
  });

  it('has its place in the table of the day, on whatever day it is', () => {
    expect([-1, 0, 1440, 1500, -1441].map(minuteOfDay)).toEqual([1439, 0, 0, 60, 1439]);
  });
});

describe('turning the hands through a sum', () => {
  it('is only for one that never turns back', () => {
    expect([isOneWay([610, 610, 660, 700]), isOneWay([700, 660]), isOneWay([600])]).toEqual([true, true, true]);
    expect(isOneWay([610, 670, 650])).toBe(false);
  });
});

describe('the hands', () => {
  it('go half a degree and six degrees a minute (geometry), and meet eleven times in twelve hours', () => {
    expect(handsAt(210)).toEqual({ hour: 105, minute: 1260, second: 75600 });
    let meetings = 0;
    for (let m = 0; m < 720; m += 0.01) {
      const gap = (at: number) => (((handsAt(at).minute - handsAt(at).hour) % 360) + 360) % 360;
      if (gap(m) > gap(m + 0.01)) {
        meetings += 1;
      }
    }
    expect(meetings).toBe(11);
  });
});

describe('hidden things', () => {
  it('are shown from the ones upwards, the answer last', () => {
    const ids = ['answer', 'c0.0', 'c1.0', 'c1.1', 's3', 'r0', 'j1', 'j0', 'hands'];
    expect([...ids].sort((a, b) => turnOf(a) - turnOf(b))).toEqual([
      'j0',
      'j1',
      'r0',
      'c1.1',
      'c1.0',
      'c0.0',
      's3',
      'hands',
      'answer',
    ]);
  });
});
