import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { LessonReply, PlanReply, StandingReply } from '../api/types';

export const planQuery = (classId: string) =>
  queryOptions({
    queryKey: ['plan', classId],
    queryFn: ({ signal }) => ask<PlanReply>('GET', `/api/classes/${classId}/plan`, undefined, signal),
    enabled: classId !== '',
  });

export const lessonQuery = (id: string) =>
  queryOptions({
    queryKey: ['lesson', id],
    queryFn: ({ signal }) => ask<LessonReply>('GET', `/api/lessons/${id}`, undefined, signal),
    enabled: id !== '',
    placeholderData: keepPreviousData,
  });

/** How the class stands on what it is to learn. */
export const pathQuery = (classId: string) =>
  queryOptions({
    queryKey: ['plan', classId, 'path'],
    queryFn: ({ signal }) => ask<StandingReply[]>('GET', `/api/classes/${classId}/plan/path`, undefined, signal),
    enabled: classId !== '',
  });
