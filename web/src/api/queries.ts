import { keepPreviousData, MutationCache, QueryCache, QueryClient, queryOptions } from '@tanstack/react-query';
import { ask, Refused } from './client';
import type { MeReply, SheetLineReply, WorkedSum } from './types';

/** The session has ended: ask for the password again, right where one is; the address keeps what was typed. */
function onError(error: Error): void {
  if (error instanceof Refused && error.status === 401 && error.problem.code === 'sign-in-first') {
    queryClient.setQueryData(['me'], null);
  }
}

export const queryClient = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
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

/** Who is signed in; null for nobody. */
export const meQuery = queryOptions({
  queryKey: ['me'],
  queryFn: ({ signal }) => ask<MeReply | null>('GET', '/api/me', undefined, signal),
  staleTime: Infinity,
});

/** A sum, worked. What a text means never changes, so a reply is good for ever. */
export const workQuery = (sum: string) =>
  queryOptions({
    queryKey: ['work', sum],
    queryFn: ({ signal }) => ask<WorkedSum>('POST', '/api/work', { sum }, signal),
    enabled: sum.trim() !== '',
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });

export const shelfQuery = queryOptions({
  queryKey: ['shelf'],
  queryFn: ({ signal }) => ask<SheetLineReply[]>('GET', '/api/sheets', undefined, signal),
});
