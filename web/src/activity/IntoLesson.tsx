import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import type { LessonReply, LessonRequest, PlannedActivityReply } from '../api/types';
import { useNotice } from '../ui/notices';
import { Button } from '../ui/Button';
import { chosen } from './queries';

/** For who comes from a lesson to look for another activity: into the part of the lesson with it, as it is chosen here. */
export function IntoLesson({ it, params }: { it: PlannedActivityReply; params: URLSearchParams }) {
  const navigate = useNavigate();
  const notice = useNotice();
  const client = useQueryClient();
  const lesson = params.get('lesson') ?? '';
  const put = useMutation({
    mutationFn: async () => {
      const now = await ask<LessonReply>('GET', `/api/lessons/${lesson}`);
      return ask<LessonReply>('PUT', `/api/lessons/${lesson}`, {
        revision: now.revision,
        note: now.note,
        ready: now.ready.filter((one) => one.ready).map((one) => one.id),
        parts: now.parts.map(({ text }) =>
          text.id !== params.get('part')
            ? text
            : {
                ...text,
                minutes: null,
                activity: it.id,
                group: it.whole ? null : it.group,
                options: Object.fromEntries(
                  it.options.map((option): [string, string] => [
                    option.id,
                    params.get(chosen(option.id)) ?? option.chosen,
                  ]),
                ),
                level:
                  params.get('level') === 'support'
                    ? 'support'
                    : params.get('level') === 'stretch'
                      ? 'stretch'
                      : 'core',
                seed: Number(params.get('seed') ?? text.seed) || 1,
                why: 'You chose it.',
              },
        ),
      } satisfies LessonRequest);
    },
    onSuccess: (reply) => {
      client.setQueryData(['lesson', reply.id], reply);
      void navigate(`/today?lesson=${reply.id}`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  return (
    <Button
      look="strong"
      className="w-full justify-center text-lg"
      aria-disabled={put.isPending}
      onClick={() => {
        if (!put.isPending) {
          put.mutate();
        }
      }}
    >
      Into the lesson
    </Button>
  );
}
