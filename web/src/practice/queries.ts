import { queryOptions } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { PracticeLineReply, PracticeReply, PutSeenReply } from '../api/types';

/** While a practice runs, it is asked so often how it goes, in milliseconds. */
const OFTEN = 3000;

export const practicesQuery = (classId: string) =>
  queryOptions({
    queryKey: ['practices', classId],
    queryFn: ({ signal }) => ask<PracticeLineReply[]>('GET', `/api/classes/${classId}/practices`, undefined, signal),
    enabled: classId !== '',
  });

export const practiceQuery = (id: string) =>
  queryOptions({
    queryKey: ['practice', id],
    queryFn: ({ signal }) => ask<PracticeReply>('GET', `/api/practices/${id}`, undefined, signal),
    refetchInterval: (query) => (query.state.data?.open === false ? false : OFTEN),
  });

export const questionsQuery = (id: string, seat: string) =>
  queryOptions({
    queryKey: ['practice', id, seat],
    queryFn: ({ signal }) => ask<PutSeenReply[]>('GET', `/api/practices/${id}/seats/${seat}`, undefined, signal),
    refetchInterval: OFTEN,
  });
