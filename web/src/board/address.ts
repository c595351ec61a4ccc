import { useCallback, useMemo } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { parts } from '../models/cover';

/** What stands on the board, as the address holds it: it can be bookmarked, reloaded and opened in another tab. */
export interface BoardAddress {
  sum: string;
  /** Id of the method; empty for the class's own, or the one that suits. */
  method: string;
  /** Step of the working, counted from 0. */
  step: number;
  /** Names of the models shown; none for those that go with the method. */
  show: readonly string[];
  /** What is hidden: kinds of thing, or single things. */
  hide: readonly string[];
  /** What of it has been shown again. */
  shown: readonly string[];
  /** What the clock shows beside its hands; see `faceNames`. */
  face: readonly string[];
  /** The class's own jumps on the line, in minutes; null where the line shows the method's. */
  jumps: readonly number[] | null;
  /** Sums got ready, in order. */
  queue: readonly string[];
  /** The clock without a sum: minutes since midnight. */
  at: number;
  /** A second one beside it; null where there is none. */
  two: number | null;
  /** How many of the questions "adding or subtracting?" have been settled. */
  told: number;
  upright: boolean;
}

export const faceNames = ['minutes', 'arabic', 'digital', 'half'] as const;

/** What is hidden before anybody says otherwise: what the class is to find. */
export const usuallyHidden: readonly string[] = ['answer', 'changed'];

const list = (value: string | null): string[] => (value === null || value === '' ? [] : value.split(','));

export function readAddress(params: URLSearchParams): BoardAddress {
  const number = (name: string, otherwise: number, most: number) => {
    const found = Number(params.get(name) ?? NaN);
    return Number.isInteger(found) && found >= 0 && found <= most ? found : otherwise;
  };
  const jumps = params.get('jumps');
  const hide = params.get('hide');
  const face = params.get('face');
  return {
    sum: params.get('sum') ?? '',
    method: params.get('method') ?? '',
    step: Math.max(0, number('step', 1, 999) - 1),
    show: list(params.get('show')),
    hide: hide === null ? usuallyHidden : list(hide),
    shown: list(params.get('shown')),
    face: face === null ? faceNames : list(face),
    jumps:
      jumps === null
        ? null
        : list(jumps)
            .map(Number)
            .filter((n) => Number.isInteger(n) && n > 0 && n <= 1440),
    queue: (params.get('queue') ?? '').split('|').filter((sum) => sum.trim() !== ''),
    at: number('at', 540, 1439),
    two: params.has('two') ? number('two', 0, 1439) : null,
    told: number('told', 0, 9),
    upright: params.get('line') === 'down',
  };
}

const same = (a: readonly string[], b: readonly string[]) => a.length === b.length && a.every((one, i) => one === b[i]);

/** The shortest address for it: what is as usual is left out. */
export function writeAddress(board: BoardAddress): URLSearchParams {
  const params = new URLSearchParams();
  const set = (name: string, value: string, usual = '') => {
    if (value !== usual) {
      params.set(name, value);
    }
  };
  set('sum', board.sum);
  set('method', board.method);
  set('step', String(board.step + 1), '1');
  set('show', board.show.join(','));
  set('hide', board.hide.join(','), usuallyHidden.join(','));
  set('shown', board.shown.join(','));
  if (!same(board.face, faceNames)) {
    params.set('face', board.face.join(','));
  }
  if (board.jumps !== null) {
    params.set('jumps', board.jumps.join(','));
  }
  set('queue', board.queue.join('|'));
  set('at', String(board.at), '540');
  set('two', board.two === null ? '' : String(board.two));
  set('told', String(board.told), '0');
  set('line', board.upright ? 'down' : '');
  return params;
}

/** Parts of the address, or what they become of what it says now. */
export type Change = Partial<BoardAddress> | ((now: BoardAddress) => Partial<BoardAddress>);

/** A new sum: nothing of the last one stays but how the board is set up, and every cover is back on it. */
export const afresh =
  (sum: string, more: Partial<BoardAddress> = {}) =>
  (now: BoardAddress): Partial<BoardAddress> => ({
    sum,
    method: '',
    step: 0,
    hide: ['answer', ...now.hide.filter((one) => one !== 'answer' && (parts as readonly string[]).includes(one))],
    shown: [],
    jumps: null,
    told: 0,
    two: null,
    ...more,
  });

/** The address of another sum, the board set up as an address says. */
export const addressOf = (sum: string, search: string, more: Partial<BoardAddress> = {}): URLSearchParams => {
  const now = readAddress(new URLSearchParams(search));
  return writeAddress({ ...now, ...afresh(sum, more)(now) });
};

export type ChangeBoard = (change: Change, how?: 'replace' | 'push') => void;

export function useBoardAddress(): [BoardAddress, ChangeBoard] {
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const board = useMemo(() => readAddress(params), [params]);
  const change = useCallback<ChangeBoard>(
    (part, how = 'replace') => {
      // what the address says now, which may be newer than what was last drawn
      const now = readAddress(new URLSearchParams(window.location.search));
      const next = { ...now, ...(typeof part === 'function' ? part(now) : part) };
      void navigate(`/teach?${writeAddress(next).toString()}`, {
        replace: how === 'replace',
        state: next.sum === now.sum ? { own: true } : null,
      });
    },
    [navigate],
  );
  return [board, change];
}
