// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { WorkedMethod } from '../api/types';
import { worked } from '../testing/worked';
import { readAddress, type BoardAddress } from './address';
import { available, drawnBy, minuteOfDay, momentAt, pictureAt, placeOf, usualModels } from './scene';
import { useWay } from './useWay';

const sums = [
  '1:50 pm + 3 h 30 min',
  '10:15 am - 35 min',
  '10:50 am + 2 h 35 min',
  '11:40 pm + 50 min',
  '12:10 am - 25 min',
  '9:20 am to 1:05 pm',
  '22:50 to 06:15',
  '9:35 am + _ = 11:10 am',
  '_ + 45 min = 10:20 am',
  '6 h 10 min - 3 h 45 min',
  '4 x 45 min',
  '105 min in h min',
  '3 days ? 70 h',
];
const boards = worked(sums);
const onTheClock = boards.filter(({ clock }) => clock !== null);

function along(sum: string, id: string | null = null, from: Partial<BoardAddress> = {}) {
  const data = boards[sums.indexOf(sum)];
  const method = data?.worked.methods.find((one) => one.id === (id ?? data.worked.recommended?.method));
  if (!data || !method) {
    throw new Error(`There is no ${id ?? 'method'} for ${sum}.`);
  }
  const changes: Partial<BoardAddress>[] = [];
  const { result } = renderHook(() => {
    const [board, setBoard] = useState<BoardAddress>({ ...readAddress(new URLSearchParams({ sum })), ...from });
    return useWay(data, method, board, (change) => {
      const part = typeof change === 'function' ? change(board) : change;
      changes.push(part);
      setBoard((now) => ({ ...now, ...part }));
    });
  });
  return { data, method, way: result, changes };
}

describe('the scene of a real sum', () => {
  it('has a model for each method, the own one of the method among the usual', () => {
    for (const data of boards) {
      for (const method of data.worked.methods) {
        const all = available(data, method);
        const usual = usualModels(data, method);
        expect(usual.every((one) => all.includes(one))).toBe(true);
        expect(usual).toContain(method.steps.at(-1)?.picture.type);
        expect(drawnBy(data, method, method.steps.at(-1)?.picture.type ?? 'line')).toBe(method);
      }
    }
  });

  it('shows every model from its first step to its last', () => {
    for (const data of boards) {
      for (const method of data.worked.methods) {
        for (const model of available(data, method)) {
          const own = drawnBy(data, method, model);
          if (own === null) {
            continue;
          }
          const first = pictureAt(data, method, model, 0);
          const last = pictureAt(data, method, model, method.steps.length - 1);
          expect(first?.now).toBe(own.steps[0]?.picture);
          expect(last?.now).toBe(own.steps.at(-1)?.picture);
        }
      }
    }
  });

  it('begins and ends where the clock does, whatever the method', () => {
    expect(onTheClock.length).toBeGreaterThan(7);
    for (const { worked: sum, clock, moments } of onTheClock) {
      sum.methods.forEach((method: WorkedMethod, i: number) => {
        const own = moments[i] ?? [];
        expect(own, `${sum.sum}, ${method.id}`).toHaveLength(method.steps.length);
        expect(own[0], `${sum.sum}, ${method.id}`).toBe(clock?.from);
        expect(own.at(-1), `${sum.sum}, ${method.id}`).toBe(clock?.to);
        // there and back: a place leads to its moment, and the moment to a place that shows the same
        for (let place = 0; place <= own.length - 1; place += 0.25) {
          expect(momentAt(own, placeOf(own, momentAt(own, place)))).toBeCloseTo(momentAt(own, place), 6);
        }
      });
    }
  });

  it('puts every moment on the day it belongs to', () => {
    expect([0, 1439, 1440, 2000, -1, -1440].map(minuteOfDay)).toEqual([0, 1439, 0, 560, 1439, 0]);
  });
});

describe('the way along a sum', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('shows a step at once, and the address follows when the keys rest', () => {
    const { way, changes, data } = along('1:50 pm + 3 h 30 min', 'number-line');
    expect([way.current.step, way.current.at]).toEqual([0, 830]);
    act(() => {
      way.current.goBy(1);
    });
    act(() => {
      way.current.goBy(1);
    });
    expect(way.current.step).toBe(2);
    expect(changes).toEqual([]);
    act(() => {
      vi.advanceTimersByTime(200);
    });
    expect(changes).toEqual([{ step: 2 }]);
    expect(way.current.step).toBe(2);
    expect(way.current.at).toBe(data.moments[0]?.[2]);
  });

  it('stays between the first step and the last', () => {
    const { way } = along('10:15 am - 35 min');
    act(() => {
      way.current.goBy(-1);
    });
    expect(way.current.step).toBe(0);
    act(() => {
      way.current.go(99);
    });
    expect(way.current.step).toBe(way.current.last);
    expect(way.current.at).toBe(580);
  });

  it('goes back to where a drag began, and on to the nearest step when let go', () => {
    const { way } = along('1:50 pm + 3 h 30 min', 'number-line');
    act(() => {
      way.current.drag(1.4);
    });
    expect([way.current.step, way.current.place]).toEqual([1, 1.4]);
    expect(way.current.part).toBeCloseTo(0.4);
    act(() => {
      way.current.goBy(-1);
    });
    expect(way.current.step).toBe(1);
    act(() => {
      way.current.drag(1.6);
    });
    act(() => {
      way.current.settle();
    });
    expect([way.current.step, way.current.part]).toEqual([2, 0]);
  });

  it.each(
    sums.filter((_, i) => {
      const clock = boards[i]?.clock;
      return clock && clock.from !== clock.to;
    }),
  )('is gone along by turning either hand, no further than from the start to the end: %s', (sum) => {
    const { way, data } = along(sum);
    const { from = 0, to = 0 } = data.clock ?? {};
    if (!way.current.moves) {
      return;
    }
    const forward = to > from ? 1 : -1;
    // a quarter of an hour by the minute hand is 90 degrees, and by the hour hand 7.5 (geometry)
    const quarter = Math.min(15, Math.abs(to - from));
    act(() => {
      way.current.turn('minute', forward * quarter * 6);
    });
    expect(way.current.at).toBeCloseTo(from + forward * quarter, 6);
    act(() => {
      way.current.turn('minute', -forward * quarter * 6);
    });
    act(() => {
      way.current.turn('hour', (forward * quarter) / 2);
    });
    expect(way.current.at).toBeCloseTo(from + forward * quarter, 6);
    act(() => {
      way.current.turn('minute', -forward * 99_999);
    });
    expect(way.current.at).toBe(from);
    act(() => {
      way.current.turn('minute', forward * 99_999);
    });
    expect(way.current.at).toBe(to);
    act(() => {
      way.current.settle();
    });
    expect(way.current.at).toBe(to);
  });

  it('follows the jumps of the class where it makes its own, forwards and back', () => {
    const later = along('1:50 pm + 3 h 30 min', null, { jumps: [60, 15] });
    expect(later.way.current).toMatchObject({ own: true, at: 830 + 75, sweep: { from: 830 + 60, to: 830 + 75 } });
    expect(later.way.current.moves).toBe(false);
    const earlier = along('10:15 am - 35 min', null, { jumps: [5, 30] });
    expect(earlier.way.current).toMatchObject({ at: 615 - 35, sweep: { from: 610, to: 580 } });
    const none = along('1:50 pm + 3 h 30 min', null, { jumps: [] });
    expect(none.way.current).toMatchObject({ own: true, at: 830 });
  });

  it('has no clock to turn where a sum is of lengths alone', () => {
    const { way } = along('6 h 10 min - 3 h 45 min');
    act(() => {
      way.current.turn('minute', 90);
    });
    expect(way.current).toMatchObject({ at: 0, step: 0, moves: false });
  });

  it('forgets a step that was on its way when something else comes on the board', () => {
    const { way, changes } = along('1:50 pm + 3 h 30 min');
    act(() => {
      way.current.go(2);
    });
    act(() => {
      way.current.stay();
    });
    act(() => {
      vi.advanceTimersByTime(1000);
    });
    expect(changes).toEqual([]);
    expect(way.current.step).toBe(0);
  });
});
