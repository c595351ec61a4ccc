import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { DeletedKind, DeletedReply } from '../api/types';
import { useNotice } from '../ui/notices';

/** What can be brought back, the last deleted first. */
export const deletedQuery = queryOptions({
  queryKey: ['deleted'],
  queryFn: ({ signal }) => ask<DeletedReply[]>('GET', '/api/deleted', undefined, signal),
});

/** Brings something back that was deleted. */
export function useBringBack() {
  const client = useQueryClient();
  const notice = useNotice();
  return useMutation({
    mutationFn: ({ kind, id }: { kind: DeletedKind; id: string; name: string }) =>
      ask<null>('POST', `/api/deleted/${kind}/${id}/restore`),
    onSuccess: async (_, { name }) => {
      // it belongs to lists, to plans, to what was seen
      await client.invalidateQueries();
      notice(`${name} is back.`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
}
