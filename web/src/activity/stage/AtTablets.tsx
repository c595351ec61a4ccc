import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from '../../api/client';
import type { Estimate, PracticeReply, TabletWatchRequest } from '../../api/types';
import { Button } from '../../ui/Button';
import { useKept } from '../../ui/useKept';
import { talliesQuery } from '../queries';
import { TallyShown } from './Tally';

/** One tablet a group: they come in with the code, and every try goes to one tally. */
export function AtTablets({ numbers, classId }: { numbers: Estimate; classId: string }) {
  const client = useQueryClient();
  const exactly = Math.round(10 * numbers.exactly);
  const { value, change, forget } = useKept<{ id: string; code: string }>(`watches ${classId}`, { id: '', code: '' });
  const all = useQuery({ ...talliesQuery(classId), refetchInterval: value.id === '' ? false : 2000 });
  const now = all.data?.find((one) => one.id === value.id);
  const open = useMutation({
    mutationFn: () =>
      ask<PracticeReply>('POST', `/api/classes/${classId}/watches`, {
        target: numbers.target,
        exactly,
        doing: numbers.doing,
      } satisfies TabletWatchRequest),
    onSuccess: (practice) => {
      change({ id: practice.id, code: practice.code });
      void client.invalidateQueries({ queryKey: ['practices', classId] });
    },
  });
  const close = useMutation({
    mutationFn: () => ask('POST', `/api/practices/${value.id}/close`, { lastWord: '' }),
    onSettled: () => {
      forget();
      void client.invalidateQueries({ queryKey: ['practices', classId] });
    },
  });
  if (value.id === '') {
    return (
      <div className="mt-6 max-w-2xl space-y-4 text-xl">
        <p>One tablet a group: its screen is the watch, and every try comes to one tally here.</p>
        <Button
          look="strong"
          aria-disabled={classId === '' || open.isPending}
          onClick={() => {
            if (classId !== '' && !open.isPending) {
              open.mutate();
            }
          }}
        >
          Show the code
        </Button>
        {classId === '' && <p>Take a class in hand first.</p>}
        {open.isError && <p role="alert">{open.error.message}</p>}
      </div>
    );
  }
  return (
    <div className="mt-3 grid min-h-0 flex-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex flex-col gap-4 text-xl">
        <p>
          At <strong>{window.location.host}/go</strong> type
        </p>
        <p className="text-5xl font-bold">{value.code}</p>
        <p>
          and tap one name of the group. {numbers.target} seconds, {numbers.doing}.
        </p>
        <div>
          <Button
            onClick={() => {
              close.mutate();
            }}
          >
            Close
          </Button>
        </div>
      </div>
      <section aria-label="The tally" className="min-w-0 space-y-4">
        {now && now.tries.length > 0 ? <TallyShown tally={now} /> : <p>The tally of the class comes here.</p>}
      </section>
    </div>
  );
}
