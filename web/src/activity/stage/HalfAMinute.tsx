import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useEffect, useState } from 'react';
import { ask } from '../../api/client';
import type { Estimate, OpenPracticeRequest, PracticeReply, TallyReply, TallyRequest } from '../../api/types';
import { useClasses } from '../../classroom/useClasses';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { useKeys } from '../../ui/keys';
import { newId } from '../../ui/newId';
import { useNotice } from '../../ui/notices';
import { part } from '../../ui/part';
import { useKept } from '../../ui/useKept';
import { talliesQuery } from '../queries';
import { strike } from './bell';

const TallyChart = part(() => import('./TallyChart').then((it) => it.TallyChart));

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

const ways = [
  { value: 'feel', text: 'Feel it' },
  { value: 'tablets', text: 'At tablets' },
  { value: 'often', text: 'How often?' },
] as const;

/** A watch that shows nothing while it runs, and the tally of what it measured. */
export function HalfAMinute({ numbers, classId }: { numbers: Estimate; classId: string }) {
  const [way, setWay] = useState<'feel' | 'tablets' | 'often'>('feel');
  return (
    <div className="flex min-h-0 flex-1 flex-col px-6 py-4">
      <div>
        <Choice label="How" value={way} options={ways} onChange={setWay} />
      </div>
      {way === 'often' ? (
        <HowOften target={numbers.target} />
      ) : way === 'tablets' ? (
        <AtTablets key={`${classId} ${numbers.target}`} numbers={numbers} classId={classId} />
      ) : (
        <Feel key={`${classId} ${numbers.target}`} numbers={numbers} classId={classId} />
      )}
    </div>
  );
}

function Feel({ numbers, classId }: { numbers: Estimate; classId: string }) {
  const { inHand } = useClasses();
  const client = useQueryClient();
  const notice = useNotice();
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
  return (
    <div className="mt-3 grid min-h-0 flex-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex flex-col items-center gap-4 text-center">
        <p className="text-2xl">
          {numbers.target} seconds, {numbers.doing}.
        </p>
        {byChild && inHand && (
          <label className="text-xl">
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
        <button
          type="button"
          className={`grid size-64 place-items-center rounded-full border-4 border-ink text-6xl font-bold ${value.since === null ? 'bg-sheet hover:bg-wash' : 'bg-ink text-paper'}`}
          onClick={press}
        >
          {value.since === null ? 'Go' : 'Stop'}
        </button>
        <p className="min-h-24 text-2xl" aria-live="polite">
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
            Take the last one back
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
                All tries as CSV
              </a>
            </div>
          </>
        ) : (
          <p className="text-xl">
            {classId === '' ? 'With a class in hand, a tally is kept here.' : 'The tally of the class comes here.'}
          </p>
        )}
        {earlier.length > 0 && (
          <section aria-label="Earlier">
            <h2 className="text-lg font-bold">Earlier, at {numbers.target} seconds</h2>
            <ul className="divide-y divide-hair">
              {earlier.slice(0, 5).map((one) => (
                <li key={one.id} className="flex flex-wrap items-center justify-between gap-3 py-1">
                  <span>
                    {one.on}: {one.under} under, {one.right} exactly, {one.over} over
                  </span>
                  <Button
                    look="quiet"
                    onClick={() => {
                      void ask('DELETE', `/api/classes/${classId}/tallies/${one.id}`).then(() =>
                        client.invalidateQueries(talliesQuery(classId)),
                      );
                    }}
                  >
                    Erase
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </section>
    </div>
  );
}

/** What the tries of a day show together. */
function TallyShown({ tally: now }: { tally: TallyReply }) {
  return (
    <>
      <dl className="grid grid-cols-3 gap-3 text-center">
        {(
          [
            ['under', now.under],
            ['exactly', now.right],
            ['over', now.over],
          ] as const
        ).map(([name, count]) => (
          <div key={name} className="rounded-lg border-2 border-ink px-2 py-2">
            <dt className="text-xl">{name}</dt>
            <dd>
              <span className="text-4xl font-bold tabular-nums">{count}</span>
              <Marks count={count} />
            </dd>
          </div>
        ))}
      </dl>
      {/* the watch goes on while the chart is fetched */}
      <Suspense fallback={<div className="h-56" />}>
        <TallyChart tally={now} />
      </Suspense>
      <ul className="space-y-1 text-xl">
        {now.said.map((one) => (
          <li key={one}>{one}</li>
        ))}
        {now.since !== null && <li className="font-bold">{now.since}</li>}
      </ul>
    </>
  );
}

/** One tablet a group: they come in with the code, and every try goes to one tally. */
function AtTablets({ numbers, classId }: { numbers: Estimate; classId: string }) {
  const client = useQueryClient();
  const exactly = Math.round(10 * numbers.exactly);
  const { value, change, forget } = useKept<{ id: string; code: string }>(`watches ${classId}`, { id: '', code: '' });
  const all = useQuery({ ...talliesQuery(classId), refetchInterval: value.id === '' ? false : 2000 });
  const now = all.data?.find((one) => one.id === value.id);
  const open = useMutation({
    mutationFn: async () => {
      const practice = await ask<PracticeReply>('POST', `/api/classes/${classId}/practices`, {
        of: 'watch',
        target: numbers.target,
        many: 12,
      } satisfies OpenPracticeRequest);
      await ask('PUT', `/api/classes/${classId}/tallies/${practice.id}`, {
        target: numbers.target,
        exactly,
        doing: numbers.doing,
        tries: [],
      } satisfies TallyRequest);
      return practice;
    },
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

/** A mark for each, every fifth across the four before it. */
function Marks({ count }: { count: number }) {
  const shown = Math.min(count, 60);
  return (
    <svg viewBox="0 0 120 46" className="mx-auto h-11 w-full" aria-hidden="true">
      {Array.from({ length: shown }, (_, i) => {
        const five = Math.floor(i / 5);
        const x = 4 + 20 * (five % 6);
        const y = 2 + 23 * Math.floor(five / 6);
        return (
          <path
            key={i}
            d={i % 5 === 4 ? `M${x - 2} ${y + 16}L${x + 14} ${y + 3}` : `M${x + 4 * (i % 5)} ${y}v19`}
            stroke="var(--color-ink)"
            strokeWidth="1.8"
          />
        );
      })}
    </svg>
  );
}

const seconds = (tenths: number): string => `${Math.floor(tenths / 10)}.${tenths % 10}`;

/** Something is done as often as can be in the time: a stroke at the beginning and one at the end; each says how often it was. */
function HowOften({ target }: { target: number }) {
  const [end, setEnd] = useState<number | null>(null);
  const { value, change, forget } = useKept<{ counts: readonly number[] }>(`how often ${target}`, { counts: [] });
  const [typed, setTyped] = useState('');
  useEffect(() => {
    if (end === null) {
      return;
    }
    const timer = setInterval(() => {
      if (Date.now() >= end) {
        setEnd(null);
        strike(1, 1);
      }
    }, 50);
    return () => {
      clearInterval(timer);
    };
  }, [end]);
  const press = () => {
    if (end !== null) {
      setEnd(null);
      return;
    }
    strike(1, 1);
    setEnd(Date.now() + 1000 * target);
  };
  useKeys({ ' ': press, Enter: press });
  const often = [...new Set(value.counts)].sort((a, b) => a - b);
  return (
    <div className="mt-3 grid flex-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex flex-col items-center gap-4 text-center">
        <p className="text-2xl">How often in {target} seconds? A bell is heard at the beginning and at the end.</p>
        <button
          type="button"
          className={`grid size-64 place-items-center rounded-full border-4 border-ink text-5xl font-bold ${end === null ? 'bg-sheet hover:bg-wash' : 'bg-ink text-paper'}`}
          onClick={press}
        >
          {end === null ? 'Go' : 'Break off'}
        </button>
        <p className="min-h-10 text-3xl" aria-live="assertive">
          {end === null ? '' : 'Count along.'}
        </p>
      </div>
      <section aria-label="How often it was">
        <form
          className="flex flex-wrap items-center gap-3 text-xl"
          onSubmit={(event) => {
            event.preventDefault();
            const count = Number(typed);
            if (/^\d{1,3}$/.test(typed.trim())) {
              change((now) => ({ counts: [...now.counts, count] }));
              setTyped('');
            }
          }}
        >
          <label>
            How often was it?{' '}
            <input
              inputMode="numeric"
              className="min-h-12 w-24 rounded-md border-2 border-ink bg-sheet px-3 text-2xl font-bold"
              value={typed}
              onChange={(event) => {
                setTyped(event.target.value);
              }}
            />
          </label>
          <Button type="submit">Add</Button>
        </form>
        {typed.trim() !== '' && !/^\d{1,3}$/.test(typed.trim()) && (
          <p className="mt-1 text-lg text-wrong">A whole number, like 24.</p>
        )}
        {often.length > 0 && (
          <>
            <table className="mt-4 text-xl">
              <thead>
                <tr className="text-left">
                  <th className="pr-8">How often</th>
                  <th>Children</th>
                </tr>
              </thead>
              <tbody>
                {often.map((count) => (
                  <tr key={count} className="border-t border-hair">
                    <td className="pr-8 tabular-nums">{count}</td>
                    <td>
                      <span className="inline-block w-40 align-middle">
                        <Marks count={value.counts.filter((one) => one === count).length} />
                      </span>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <span className="mt-3 flex gap-4">
              <Button
                look="quiet"
                onClick={() => {
                  change((now) => ({ counts: now.counts.slice(0, -1) }));
                }}
              >
                Take the last one back
              </Button>
              <Button look="quiet" onClick={forget}>
                Begin again
              </Button>
            </span>
          </>
        )}
      </section>
    </div>
  );
}
