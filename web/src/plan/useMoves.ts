import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { LessonLineReply, PlanReply, SlotsRequest, SlotText } from '../api/types';
import { useNotice } from '../ui/notices';
import { planQuery } from './queries';

interface Move {
  path: string;
  method?: 'POST' | 'DELETE';
  body?: object;
  /** What is said when it is done. */
  said: string;
  /** The way back: when the lessons were, or an address. */
  back: string | SlotText[];
}

/** Lessons go to other days; each time with a way back. */
export function useMoves(plan: PlanReply, classId: string) {
  const client = useQueryClient();
  const notice = useNotice();
  const show = (reply: PlanReply) => {
    client.setQueryData(planQuery(classId).queryKey, reply);
    void client.invalidateQueries({ queryKey: ['lesson'] });
    void client.invalidateQueries({ queryKey: ['plan', classId, 'path'] });
  };
  const back = useMutation({
    mutationFn: (before: string | SlotText[]) =>
      typeof before === 'string'
        ? ask<PlanReply>('POST', before)
        : ask<PlanReply>('PUT', `/api/classes/${classId}/plan/slots`, { slots: before } satisfies SlotsRequest),
    onSuccess: show,
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const move = useMutation({
    mutationFn: ({ path, method = 'POST', body }: Move) => ask<PlanReply>(method, path, body),
    onSuccess: (reply, { said, back: before }) => {
      show(reply);
      notice(said, () => {
        back.mutate(before);
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const slots = (): SlotText[] => plan.lessons.map(({ id, on, start, minutes }) => ({ id, on, start, minutes }));
  return {
    /** To the place of another lesson. */
    to: (id: string, other: LessonLineReply) => {
      move.mutate({
        path: `/api/lessons/${id}/move`,
        body: { to: other.id },
        said: 'The lesson has moved.',
        back: slots(),
      });
    },
    slip: (id: string) => {
      move.mutate({
        path: `/api/lessons/${id}/slip`,
        said: 'The lesson moves to the next time, and the rest with it.',
        back: slots(),
      });
    },
    remove: (id: string) => {
      move.mutate({
        path: `/api/lessons/${id}`,
        method: 'DELETE',
        said: 'The lesson is left out.',
        back: `/api/lessons/${id}/restore`,
      });
    },
  };
}
