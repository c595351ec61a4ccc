import type { BoardSum, DayPin, DayReply, DayStrip, Picture, WorkedMethod } from '../api/types';

/** The models that the board can show, in the order of their buttons. */
export const models = ['set-out', 'clock', 'line', 'columns', 'table', 'month', 'written', 'day'] as const;
export type ModelName = (typeof models)[number];

export const modelTitles: Record<ModelName, string> = {
  'set-out': 'Five lines',
  clock: 'Clock',
  line: 'Line',
  columns: 'Columns',
  table: 'Table',
  month: 'Month page',
  written: 'Written, line by line',
  day: 'The day, large',
};

export const modelKeys: Record<ModelName, string> = {
  'set-out': 'S',
  clock: 'C',
  line: 'L',
  columns: 'K',
  table: 'T',
  month: 'P',
  written: 'W',
  day: 'Y',
};

const dayMinutes = 1440;
const wrap = (at: number, turn: number): number => ((at % turn) + turn) % turn;

/** The place in the day table of a moment that may lie on another day. */
export const minuteOfDay = (at: number): number => wrap(Math.round(at), dayMinutes);

/** The method in which a model is drawn: the chosen one where it draws it, or another that does. */
export function drawnBy(data: BoardSum, chosen: WorkedMethod, model: ModelName): WorkedMethod | null {
  const draws = (method: WorkedMethod) => method.steps.at(-1)?.picture.type === model;
  return draws(chosen) ? chosen : (data.worked.methods.find(draws) ?? null);
}

/** Which models there are for a sum. */
export function available(data: BoardSum, chosen: WorkedMethod): ModelName[] {
  return models.filter((model) => {
    if (model === 'clock') {
      return data.clock !== null;
    }
    if (model === 'day') {
      return data.clock?.halfSaid === true || drawnBy(data, chosen, 'day') !== null;
    }
    return drawnBy(data, chosen, model) !== null;
  });
}

/** The models that go with a method: its own, with the clock beside a line or a line of writing; columns have the whole width. */
export function usualModels(data: BoardSum, chosen: WorkedMethod): ModelName[] {
  const own = chosen.steps.at(-1)?.picture.type ?? 'written';
  const overTheWidth = ['clock', 'day', 'set-out', 'columns'];
  return !overTheWidth.includes(own) && data.clock !== null ? ['clock', own] : [own];
}

/** The picture of a model at a step of the chosen method. A model of another method waits at its start until the end. */
export function pictureAt(
  data: BoardSum,
  chosen: WorkedMethod,
  model: ModelName,
  step: number,
): { now: Picture; last: Picture } | null {
  const method = drawnBy(data, chosen, model);
  const last = method?.steps.at(-1)?.picture;
  if (!method || !last) {
    return null;
  }
  const at = method === chosen ? step : step >= chosen.steps.length - 1 ? method.steps.length - 1 : 0;
  const now = method.steps[at]?.picture;
  return now ? { now, last } : null;
}

/** A place between two steps, on the clock: drawn as far along as the slider stands. */
export function momentAt(moments: readonly number[], place: number): number {
  const step = Math.floor(place);
  const a = moments[step] ?? 0;
  const b = moments[step + 1] ?? a;
  return a + (b - a) * (place - step);
}

/** The place between the steps at which the clock stands where it was turned to. */
export function placeOf(moments: readonly number[], at: number): number {
  for (let i = 0; i + 1 < moments.length; i += 1) {
    const a = moments[i] ?? 0;
    const b = moments[i + 1] ?? a;
    if (a !== b && at >= Math.min(a, b) && at <= Math.max(a, b)) {
      return i + (at - a) / (b - a);
    }
  }
  return at === moments[0] ? 0 : moments.length - 1;
}

/** The day strip at a moment: the start, what has been gone so far, and where one has got to. */
export function stripAt(data: BoardSum, day: DayReply, at: number, withEnd: boolean): DayStrip {
  const clock = data.clock;
  // seconds have no place on the day
  if (!clock?.halfSaid || clock.toTheSecond) {
    return data.worked.strip;
  }
  const label = (m: number) =>
    clock.by24
      ? (day.table.digits24[minuteOfDay(m)] ?? '')
      : `${day.table.digits[minuteOfDay(m)] ?? ''} ${day.table.halves[minuteOfDay(m)] ?? ''}`.trim();
  const pins: DayPin[] = [{ at: minuteOfDay(clock.from), label: label(clock.from), role: 'start' }];
  if (!clock.endAsked && clock.to !== clock.from) {
    pins.push({ at: minuteOfDay(clock.to), label: label(clock.to), role: 'end' });
  } else if (Math.round(at) !== clock.from && withEnd) {
    pins.push({ at: minuteOfDay(at), label: label(at), role: 'end' });
  }
  if (!withEnd) {
    // how far it goes is what is asked for
    return { pins, spans: [] };
  }
  const [low, high] = at < clock.from ? [at, clock.from] : [clock.from, at];
  const spans = [];
  for (let d = Math.floor(low / dayMinutes); d * dayMinutes < high; d += 1) {
    const from = Math.max(low, d * dayMinutes) - d * dayMinutes;
    const to = Math.min(high, (d + 1) * dayMinutes) - d * dayMinutes;
    if (to > from) {
      spans.push({ from, to });
    }
  }
  return { pins, spans };
}

/** Whether the steps never turn back: one that goes past the end and comes back has two places for one turn of the hands. */
export function isOneWay(moments: readonly number[]): boolean {
  const turns = moments.slice(1).map((moment, i) => moment - (moments[i] ?? moment));
  return turns.every((turn) => turn >= 0) || turns.every((turn) => turn <= 0);
}
