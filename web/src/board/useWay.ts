import { useEffect, useRef, useState } from 'react';
import type { BoardSum, WorkedMethod } from '../api/types';
import type { Hand } from '../models/GearedClock';
import type { BoardAddress, ChangeBoard } from './address';
import { isOneWay, momentAt, placeOf } from './scene';

/** Where the class is on its way along a sum: at a step, or between two while somebody drags. */
export interface Way {
  /** 0 at the first step; between two steps while one drags. */
  place: number;
  /** The step that is shown. */
  step: number;
  /** How much of the next step has been dragged over already: 0 to less than 1. */
  part: number;
  last: number;
  /** The moment on the clock, in minutes since midnight of the first day; 0 for a sum without a clock. */
  at: number;
  /** From where to where the minute hand sweeps. */
  sweep: { from: number; to: number };
  /** Whether the class's own jumps are on the line. */
  own: boolean;
  /** Whether turning the hands leads along the way. */
  moves: boolean;
  /** The moment at which each step ends. */
  moments: readonly number[];
  go: (step: number) => void;
  goBy: (by: 1 | -1) => void;
  drag: (place: number) => void;
  turn: (hand: Hand, degrees: number) => void;
  /** Let go: on to the nearest step. */
  settle: () => void;
  /** Forgets a step that was on its way to the address. */
  stay: () => void;
}

/** How long the address waits for the next step, in milliseconds. */
const PAUSE = 150;

/**
 * @param looks how each step looks with its covers: a press goes on to the next one that looks otherwise, so that it always
 *              does something that is seen; none where every step counts
 */
export function useWay(
  data: BoardSum,
  method: WorkedMethod,
  board: BoardAddress,
  change: ChangeBoard,
  looks: readonly string[] = [],
): Way {
  const { clock, worked } = data;
  const last = Math.max(0, method.steps.length - 1);
  const moments = data.moments[worked.methods.indexOf(method)] ?? [];
  const [dragged, setDragged] = useState<number | null>(null);
  // a step shows at once; the address follows when it comes to it
  const [ahead, setAhead] = useState<number | null>(null);
  if (ahead !== null && ahead === board.step) {
    setAhead(null);
  }
  const place = dragged ?? Math.min(ahead ?? board.step, last);
  const step = Math.floor(place);
  const part = place - step;
  // where the class's own jumps lead, or where the step stands: every model shows that moment
  const own = board.jumps !== null && clock !== null && !clock.toTheSecond ? board.jumps : null;
  const forward = clock && clock.to < clock.from ? -1 : 1;
  const before = clock ? clock.from + forward * (own?.slice(0, -1).reduce((sum, one) => sum + one, 0) ?? 0) : 0;
  const at = !clock ? 0 : own ? before + forward * (own.at(-1) ?? 0) : momentAt(moments, place);
  const picture = method.steps[step]?.picture;
  const sweep = own
    ? { from: before, to: at }
    : picture?.type === 'clock'
      ? { from: picture.from, to: picture.from + picture.swept }
      : part > 0
        ? { from: moments[step] ?? 0, to: at }
        : { from: moments[step - 1] ?? moments[step] ?? 0, to: at };

  const following = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(
    () => () => {
      clearTimeout(following.current);
    },
    [],
  );
  const stay = () => {
    clearTimeout(following.current);
    setAhead(null);
  };
  const go = (to: number) => {
    const next = Math.min(Math.max(to, 0), last);
    setDragged(null);
    setAhead(next);
    clearTimeout(following.current);
    following.current = setTimeout(() => {
      // unless another sum has come meanwhile
      change((now) => (now.sum === board.sum ? { step: next } : {}));
    }, PAUSE);
  };
  // turning a hand moves the whole board along the sum
  const turned = useRef(0);
  const turn = (hand: Hand, degrees: number) => {
    if (!clock) {
      return;
    }
    if (dragged === null) {
      turned.current = at;
    }
    const minutes = hand === 'minute' ? degrees / 6 : degrees * 2;
    const low = Math.min(clock.from, clock.to);
    const high = Math.max(clock.from, clock.to);
    turned.current = Math.min(high, Math.max(low, turned.current + minutes));
    setDragged(placeOf(moments, turned.current));
  };
  return {
    place,
    step,
    part,
    last,
    at,
    sweep,
    own: own !== null,
    moves: clock !== null && own === null && clock.from !== clock.to && isOneWay(moments),
    moments,
    go,
    goBy: (by) => {
      let to = part > 0 && by < 0 ? step : step + by;
      while (to > 0 && to < last && looks[to] !== undefined && looks[to] === looks[step]) {
        to += by;
      }
      // the last one may look like this one, too: then there is nothing more to be seen
      go(to === last && by > 0 && looks[to] !== undefined && looks[to] === looks[step] ? step : to);
    },
    drag: setDragged,
    turn,
    settle: () => {
      if (dragged !== null) {
        go(Math.round(dragged));
      }
    },
    stay,
  };
}
