import { queryOptions } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { SchoolReply } from '../api/types';

/** The school, as its administrators see it. */
export const schoolQuery = queryOptions({
  queryKey: ['school'],
  queryFn: ({ signal }) => ask<SchoolReply>('GET', '/api/school', undefined, signal),
});
