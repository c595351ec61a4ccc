import { queryOptions, useQuery } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { ask } from '../api/client';
import { meQuery, queryClient } from '../api/queries';
import type { SheetReply } from '../api/types';
import { browserStore } from '../ui/browserStore';
import { noDraft } from './draft';
import { SheetKeeper, type KeeperState } from './keeper';

const keeperQuery = (id: string) =>
  queryOptions({
    queryKey: ['keeper', id],
    queryFn: async ({ signal }) =>
      new SheetKeeper(await ask<SheetReply>('GET', `/api/sheets/${id}`, undefined, signal), browserStore),
    staleTime: Infinity,
    gcTime: Infinity,
    structuralSharing: false,
    enabled: id !== '',
  });

/** Hands over a sheet that has just been made, without asking for it again. */
export function rememberSheet(sheet: SheetReply): void {
  queryClient.setQueryData(keeperQuery(sheet.id).queryKey, new SheetKeeper(sheet, browserStore));
}

export function forgetSheet(id: string): void {
  queryClient.removeQueries({ queryKey: keeperQuery(id).queryKey });
}

const nothing: KeeperState = {
  draft: noDraft,
  saving: 'saved',
  outlives: true,
  theirs: null,
};
const never = () => () => undefined;

export function useSheet(id: string | null): { keeper: SheetKeeper | null; state: KeeperState; error: Error | null } {
  const query = useQuery(keeperQuery(id ?? ''));
  const keeper = id === null ? null : (query.data ?? null);
  const state = useSyncExternalStore(keeper?.subscribe ?? never, keeper?.snapshot ?? (() => nothing));
  useEffect(() => {
    if (!keeper) {
      return;
    }
    window.addEventListener('online', keeper.flush);
    window.addEventListener('pagehide', keeper.flush);
    return () => {
      window.removeEventListener('online', keeper.flush);
      window.removeEventListener('pagehide', keeper.flush);
    };
  }, [keeper]);
  // whoever has signed in again saves at once
  const signedIn = useQuery(meQuery).data != null;
  useEffect(() => {
    if (signedIn) {
      keeper?.flush();
    }
  }, [keeper, signedIn]);
  return { keeper, state, error: id === null ? null : query.error };
}
