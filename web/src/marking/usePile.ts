import { queryOptions, useQuery } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { ask } from '../api/client';
import { meQuery } from '../api/queries';
import type { PileLineReply, PileReply } from '../api/types';
import { browserStore } from '../ui/browserStore';
import { PileKeeper, type PileState } from './pileKeeper';

export const pilesQuery = queryOptions({
  queryKey: ['piles'],
  queryFn: ({ signal }) => ask<PileLineReply[]>('GET', '/api/piles', undefined, signal),
});

const pileQuery = (id: string) =>
  queryOptions({
    queryKey: ['pile', id],
    queryFn: async ({ signal }) =>
      new PileKeeper(await ask<PileReply>('GET', `/api/piles/${id}`, undefined, signal), browserStore),
    staleTime: Infinity,
    gcTime: Infinity,
    structuralSharing: false,
  });

const never = () => () => undefined;
const none = () => null;

/** How often it is looked what others have marked, in milliseconds. */
const lookEvery = 20_000;

export function usePile(id: string): { keeper: PileKeeper | null; state: PileState | null; error: Error | null } {
  const query = useQuery(pileQuery(id));
  const keeper = query.data ?? null;
  const state = useSyncExternalStore(keeper?.subscribe ?? never, keeper?.snapshot ?? none);
  const signedIn = useQuery(meQuery).data != null;
  useEffect(() => {
    if (!keeper) {
      return;
    }
    // what was marked elsewhere while this pile was not looked at
    keeper.flush();
    window.addEventListener('online', keeper.flush);
    window.addEventListener('focus', keeper.flush);
    window.addEventListener('pagehide', keeper.flush);
    const looking = setInterval(() => {
      if (document.visibilityState === 'visible') {
        keeper.flush();
      }
    }, lookEvery);
    return () => {
      window.removeEventListener('online', keeper.flush);
      window.removeEventListener('focus', keeper.flush);
      window.removeEventListener('pagehide', keeper.flush);
      clearInterval(looking);
    };
  }, [keeper]);
  useEffect(() => {
    if (signedIn) {
      keeper?.flush();
    }
  }, [keeper, signedIn]);
  return { keeper, state, error: query.error };
}
