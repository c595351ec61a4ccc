import { queryOptions } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { AccountReply } from '../api/types';

/** The account of who is signed in. */
export const accountQuery = queryOptions({
  queryKey: ['account'],
  queryFn: ({ signal }) => ask<AccountReply>('GET', '/api/account', undefined, signal),
});
