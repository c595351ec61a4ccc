import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { PlanReply, StandingLessonsRequest } from '../api/types';
import { useNotice } from '../ui/notices';
import { planQuery } from './queries';

/** The lessons of a class as they were before they gave way to others. */
export function useBringBack(classId: string): (before: PlanReply) => void {
  const client = useQueryClient();
  const notice = useNotice();
  const back = useMutation({
    mutationFn: (before: PlanReply) =>
      ask<PlanReply>('PUT', `/api/classes/${classId}/plan/lessons`, {
        lessons: before.lessons.map((one) => one.id),
      } satisfies StandingLessonsRequest),
    onSuccess: (reply) => {
      client.setQueryData(planQuery(classId).queryKey, reply);
      void client.invalidateQueries({ queryKey: ['plan', classId, 'path'] });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  return back.mutate;
}
