import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { ask } from '../../api/client';
import type { Estimate, TallyReply, TallyRequest } from '../../api/types';
import { useClasses } from '../../classroom/useClasses';
import { useBringBack } from '../../deleted/queries';
import { Button } from '../../ui/Button';
import { RoundButton } from '../../ui/RoundButton';
import { useKeys } from '../../ui/keys';
import { newId } from '../../ui/newId';
import { useNotice } from '../../ui/notices';
import { useStood } from '../../ui/useStood';
import { useKept } from '../../ui/useKept';
import { talliesQuery } from '../queries';
import { TallyShown } from './Tally';
import { called } from '../../ui/called';

interface Try {
  tenths: number;
  child: string | null;
}

interface Kept {
  /** Of the tally that is being taken. */
  id: string;
  tries: readonly Try[];
  /** When the watch was started, by the clock of the machine: a page that slept, was hidden or reloaded goes on. */
  since: number | null;
}

/** The watch of the board, and the tally of what it measured. */
export function Feel({ numbers, classId }: { numbers: Estimate; classId: string }) {
  const { inHand } = useClasses();
  const client = useQueryClient();
  const notice = useNotice();
  const bringBack = useBringBack();
  const { value, change } = useKept<Kept>(`watch ${classId} ${numbers.target}`, {
    id: newId(),
    tries: [],
    since: null,
  });
  const [child, setChild] = useState('');
  const [byChild, setByChild] = useState(false);
  const all = useQuery(talliesQuery(classId));
  const exactly = Math.round(10 * numbers.exactly);
  const save = useMutation({
    mutationFn: (tries: readonly Try[]) =>
      ask<TallyReply>('PUT', `/api/classes/${classId}/tallies/${value.id}`, {
        target: numbers.target,
        exactly,
        doing: numbers.doing,
        tries: tries.map((one) => ({ ...one })),
      } satisfies TallyRequest),
    onSuccess: (reply) => {
      client.setQueryData(talliesQuery(classId).queryKey, (before) => [
        reply,
        ...(before ?? []).filter((one) => one.id !== reply.id),
      ]);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const put = (tries: readonly Try[]) => {
    change({ tries, since: null });
    if (classId !== '') {
      save.mutate(tries);
    }
  };
  const press = () => {
    if (value.since === null) {
      change({ since: Date.now() });
      return;
    }
    const tenths = Math.min(9000, Math.round((Date.now() - value.since) / 100));
    put([...value.tries, { tenths, child: byChild && child !== '' ? child : null }]);
  };
  useKeys({ ' ': press, Enter: press });
  const now = all.data?.find((one) => one.id === value.id);
  const last = value.tries[value.tries.length - 1];
  const lastSaid = now && now.tries.length === value.tries.length ? now.tries[now.tries.length - 1]?.is : undefined;
  const earlier = (all.data ?? []).filter(
    (one) => one.id !== value.id && one.target === numbers.target && one.tries.length > 0,
  );
  const shownBefore = earlier.slice(0, 5);
  const stood = useStood(shownBefore.map((one) => one.id));
  return (
    <div className="mt-3 grid min-h-0 flex-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex flex-col items-center gap-4 text-center">
        <p className="wall-note">
          {numbers.target} seconds, {numbers.doing}.
        </p>
        {byChild && inHand && (
          <label className="wall-small">
            Whose turn?{' '}
            <select
              className="min-h-10 rounded-md border-2 border-ink bg-sheet px-2 font-bold"
              value={child}
              onChange={(event) => {
                setChild(event.target.value);
              }}
            >
              <option value="">nobody named</option>
              {inHand.children.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
        )}
        <RoundButton runs={value.since !== null} onPress={press} />
        <p className="min-h-24 wall-note" aria-live="polite">
          {value.since !== null ? (
            'It runs. Nothing is shown until it stops.'
          ) : last ? (
            <>
              <span className="block text-6xl font-bold tabular-nums">{seconds(last.tenths)} s</span>
              {lastSaid}
            </>
          ) : (
            'Press when it begins, and when it feels over.'
          )}
        </p>
        {value.since === null && last && (
          <Button
            look="quiet"
            onClick={() => {
              put(value.tries.slice(0, -1));
            }}
          >
            {called.undo}
          </Button>
        )}
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={byChild}
            onChange={(event) => {
              setByChild(event.target.checked);
            }}
          />
          note whose try it was
        </label>
      </div>
      <section aria-label="The tally" className="min-w-0 space-y-4">
        {now && now.tries.length > 0 ? (
          <>
            <TallyShown tally={now} />
            <div className="flex flex-wrap items-center gap-4">
              <Button
                onClick={() => {
                  change({ id: newId(), tries: [], since: null });
                }}
              >
                Begin a new tally
              </Button>
              <a href={`/api/classes/${classId}/tallies.csv`} className="underline underline-offset-4" download>
                Export tries as CSV
              </a>
            </div>
          </>
        ) : (
          <p className="wall-small">
            {classId === '' ? 'With a class in hand, a tally is kept here.' : 'The tally of the class comes here.'}
          </p>
        )}
        {(earlier.length > 0 || !stood.none) && (
          <section aria-label="Earlier">
            <h2 className="wall-small font-bold">Earlier, at {numbers.target} seconds</h2>
            <ul className="divide-y divide-hair">
              {shownBefore.map((one) => (
                <Fragment key={one.id}>
                  {stood.before(one.id)}
                  <li className="flex flex-wrap items-center justify-between gap-3 py-1 wall-small">
                    <span>
                      {one.on}: {one.under} under, {one.right} exactly, {one.over} over
                    </span>
                    <Button
                      look="quiet"
                      onClick={() => {
                        void ask('DELETE', `/api/classes/${classId}/tallies/${one.id}`).then(() => {
                          stood.put(one.id, 'The tries are deleted.', () => {
                            bringBack.mutate({ kind: 'tally', id: one.id, name: 'The tally' });
                          });
                          return client.invalidateQueries(talliesQuery(classId));
                        });
                      }}
                    >
                      {called.delete}
                    </Button>
                  </li>
                </Fragment>
              ))}
              {stood.last()}
            </ul>
          </section>
        )}
      </section>
    </div>
  );
}

const seconds = (tenths: number): string => `${Math.floor(tenths / 10)}.${tenths % 10}`;
