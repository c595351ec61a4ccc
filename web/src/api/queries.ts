import { keepPreviousData, QueryClient, queryOptions } from '@tanstack/react-query';
import { takeInHand } from './classInHand';
import { ask, askOnce, Refused, whenSignedOut } from './client';
import type {
  AnotherReply,
  BoardSum,
  ClassReply,
  ClockSetting,
  ColleagueNameReply,
  ClocksReply,
  DayReply,
  FoundCopyReply,
  MeReply,
  MistakesReply,
  RungReply,
  SetUpReply,
  ShelfReply,
  Style,
  SeparatingReply,
  CopySetReply,
  TableListReply,
  ToldProblem,
  WorkedSum,
} from './types';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      retry: (count, error) => error instanceof Refused && error.offline && count < 100,
      retryDelay: (count) => Math.min(500 * 2 ** count, 4000),
      refetchOnWindowFocus: false,
    },
    mutations: { networkMode: 'always' },
  },
});

// the session has ended: the password is asked for again, right where one is
whenSignedOut(() => {
  queryClient.setQueryData(['me'], null);
});

/** The timetables there are. */
export const tablesQuery = queryOptions({
  queryKey: ['timetables'],
  queryFn: ({ signal }) => ask<TableListReply>('GET', '/api/timetables', undefined, signal),
  staleTime: Infinity,
});

/** The others at the school, by name. */
export const colleaguesQuery = queryOptions({
  queryKey: ['colleagues'],
  queryFn: ({ signal }) => ask<ColleagueNameReply[]>('GET', '/api/colleagues', undefined, signal),
});

/** Who is signed in; null for nobody. */
export const meQuery = queryOptions({
  queryKey: ['me'],
  queryFn: ({ signal }) => askOnce<MeReply | null>('GET', '/api/me', undefined, signal),
  staleTime: Infinity,
});

/** The way of writing of the class in hand; null where there is none. */
export const styleInHand = (): Style | null =>
  queryClient.getQueryData(classesQuery.queryKey)?.find((one) => one.inHand)?.style ?? null;

/** What is asked for, in the way of writing of the class in hand. */
export const withStyle = <Wanted extends object>(wanted: Wanted): Wanted & { style?: Style } => {
  const style = styleInHand();
  return style === null ? wanted : { ...wanted, style };
};

/** The methods of the class in hand, by kind of sum; null where it has none of its own. */
const methodsInHand = (): Record<string, string> | null => {
  const own = queryClient.getQueryData(classesQuery.queryKey)?.find((one) => one.inHand)?.methods ?? [];
  return own.length === 0 ? null : Object.fromEntries(own.map((one) => [one.kind, one.method]));
};

/** The same, worked in its own methods. */
const withMethods = <Wanted extends object>(wanted: Wanted) => {
  const methods = methodsInHand();
  return methods === null ? withStyle(wanted) : { ...withStyle(wanted), methods };
};

/** A sum, worked. What a text means never changes, so a reply is good for ever. */
export const workQuery = (sum: string) =>
  queryOptions({
    queryKey: ['work', sum, styleInHand(), methodsInHand()],
    queryFn: ({ signal }) => ask<WorkedSum>('POST', '/api/work', withMethods({ sum }), signal, true),
    enabled: sum.trim() !== '',
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });

/** The words of a question, read; `sum` is the one that stands with them. */
export const problemQuery = (text: string, sum: string) =>
  queryOptions({
    queryKey: ['problem', text, sum, styleInHand()],
    queryFn: ({ signal }) => ask<ToldProblem>('POST', '/api/problem', withStyle({ text, sum }), signal, true),
    enabled: text.trim() !== '',
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });

/** Whether this installation has a school yet. */
export const setUpQuery = queryOptions({
  queryKey: ['set-up'],
  queryFn: ({ signal }) => askOnce<SetUpReply>('GET', '/api/set-up', undefined, signal),
  staleTime: Infinity,
});

/** The rungs of the ladder, from the bottom up. */
export const rungsQuery = queryOptions({
  queryKey: ['rungs'],
  queryFn: ({ signal }) => ask<RungReply[]>('GET', '/api/rungs', undefined, signal),
  staleTime: Infinity,
});

/** The classes of the teacher, by name. */
export const classesQuery = queryOptions({
  queryKey: ['classes'],
  queryFn: async ({ signal }) => {
    const classes = await ask<ClassReply[]>('GET', '/api/classes', undefined, signal);
    const inHand = classes.find((one) => one.inHand);
    if (inHand) {
      // from now on it is this window's
      takeInHand(inHand.id);
    }
    return classes;
  },
  staleTime: Infinity,
});

/** Copies of a sheet with numbers of their own, the last first. */
export const setsQuery = (sheet: string) =>
  queryOptions({
    queryKey: ['sets', sheet],
    queryFn: ({ signal }) => ask<CopySetReply[]>('GET', `/api/sheets/${sheet}/sets`, undefined, signal),
    enabled: sheet !== '',
  });

/** The copy of a sheet that has this code; null for what is no code. */
export const codeQuery = (code: string) =>
  queryOptions({
    queryKey: ['code', code],
    queryFn: ({ signal }) =>
      ask<FoundCopyReply | null>('GET', `/api/codes/${encodeURIComponent(code)}`, undefined, signal),
    retry: false,
  });

/** What a sheet, as it was saved, brings to light. */
export const separatingQuery = (sheet: string, saved: string) =>
  queryOptions({
    queryKey: ['separating', sheet, saved],
    queryFn: ({ signal }) => ask<SeparatingReply>('GET', `/api/sheets/${sheet}/separating`, undefined, signal),
    placeholderData: keepPreviousData,
  });

export const shelfQuery = queryOptions({
  queryKey: ['shelf'],
  queryFn: ({ signal }) => ask<ShelfReply[]>('GET', '/api/sheets', undefined, signal),
});

/** The likely wrong answers to a sum; good for ever, like a worked sum. */
export const mistakesQuery = (sum: string) =>
  queryOptions({
    queryKey: ['mistakes', sum, styleInHand()],
    queryFn: ({ signal }) => ask<MistakesReply>('POST', '/api/mistakes', withStyle({ sum }), signal),
    staleTime: Infinity,
  });

/** A sum with everything the board needs; good for ever, like a worked sum. */
export const boardQuery = (sum: string) =>
  queryOptions({
    queryKey: ['board', sum, styleInHand(), methodsInHand()],
    queryFn: ({ signal }) => ask<BoardSum>('POST', '/api/board', withMethods({ sum }), signal, true),
    enabled: sum.trim() !== '',
    staleTime: Infinity,
    gcTime: Infinity,
    placeholderData: keepPreviousData,
  });

/** What is to stand on the open clock, from where it stands now; null where what is typed is nothing of the kind. */
export const settingQuery = (text: string, at: number) =>
  queryOptions({
    queryKey: ['setting', text, at, styleInHand()],
    queryFn: ({ signal }) => ask<ClockSetting | null>('POST', '/api/board/setting', withStyle({ text, at }), signal),
    enabled: text.trim() !== '',
    staleTime: Infinity,
  });

/** Other sums to go with one. */
export const anotherQuery = (sum: string, seed: number, told = false) =>
  queryOptions({
    queryKey: ['another', sum, seed, told],
    queryFn: ({ signal }) => ask<AnotherReply>('POST', '/api/board/another', { sum, seed, told }, signal),
    staleTime: Infinity,
  });

/** How every minute and every length of the day is written. */
export const dayQuery = () => {
  const style = styleInHand();
  const how = style === null ? '' : `?${new URLSearchParams({ style: JSON.stringify(style) }).toString()}`;
  return queryOptions({
    queryKey: ['day', style],
    queryFn: ({ signal }) => ask<DayReply>('GET', `/api/board/day${how}`, undefined, signal),
    staleTime: Infinity,
    gcTime: Infinity,
  });
};

/** Clocks to be read or set. */
export const clocksQuery = (fineness: string, seed: number) =>
  queryOptions({
    queryKey: ['clocks', fineness, seed],
    queryFn: ({ signal }) =>
      ask<ClocksReply>('GET', `/api/board/clocks?fineness=${fineness}&seed=${seed}`, undefined, signal),
    staleTime: Infinity,
  });
