import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { ask } from '../api/client';
import type { PlanFileRequest, PlanReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { ToDeleted } from '../deleted/ToDeleted';
import { Button } from '../ui/Button';
import { ChooseFile } from '../ui/ChooseFile';
import { useNotice } from '../ui/notices';
import { useTitle } from '../ui/useTitle';
import { longDay } from './days';
import { OneMore } from './OneMore';
import { PlanForm } from './PlanForm';
import { planQuery } from './queries';
import { useBringBack } from './useBringBack';

/** All lessons of a class, one under the other; planning them anew; taking them out and bringing them in. */
export function WholePlan() {
  useTitle('The whole plan');
  const { inHand } = useClasses();
  const classId = inHand?.id ?? '';
  const plan = useQuery(planQuery(classId));
  if (plan.isError) {
    return <p className="p-6 text-lg">{plan.error.message}</p>;
  }
  if (!plan.data || !inHand) {
    return inHand ? (
      <p className="late p-8 text-xl">One moment.</p>
    ) : (
      <p className="p-6 text-xl">
        <Link to="/classes?new" className="underline underline-offset-4">
          Write down a class
        </Link>{' '}
        first.
      </p>
    );
  }
  const { lessons } = plan.data;
  return (
    <section aria-label="The whole plan" className="mx-auto w-full max-w-5xl min-w-0 flex-1 px-6 py-4">
      <Link to="/today" className="underline underline-offset-4">
        Today
      </Link>
      <div className="mt-1 flex items-baseline justify-between">
        <h1 className="text-3xl font-bold">The plan of {inHand.name}</h1>
        <ToDeleted of="lessons" />
      </div>
      {lessons.length > 0 && (
        <ol className="mt-4 divide-y divide-hair border-y border-hair" aria-label="Lessons">
          {lessons.map((one) => (
            <li key={one.id}>
              <Link
                to={`/today?lesson=${one.id}`}
                className="grid grid-cols-[15rem_minmax(0,1fr)] gap-x-4 px-2 py-2 text-lg hover:bg-wash max-sm:grid-cols-1 sm:grid-cols-[15rem_minmax(0,1fr)_10rem]"
              >
                <span>
                  {longDay(one.on)}
                  <span className="block text-soft">
                    {one.from}, {one.minutes} min
                  </span>
                </span>
                <span className="font-bold">{one.title}</span>
                <span className="text-soft">{one.word}</span>
              </Link>
            </li>
          ))}
        </ol>
      )}
      {lessons.length > 0 && <OneMore plan={plan.data} classId={classId} />}
      <h2 className="mt-8 text-2xl font-bold">{lessons.length > 0 ? 'Re-plan' : 'Plan the lessons'}</h2>
      <PlanForm key={classId} plan={plan.data} classId={classId} taught={inHand.taught} />
      <OutAndIn plan={plan.data} classId={classId} />
    </section>
  );
}

function OutAndIn({ plan, classId }: { plan: PlanReply; classId: string }) {
  const client = useQueryClient();
  const notice = useNotice();
  const [address, setAddress] = useState<string | null>(null);
  const renew = useMutation({
    mutationFn: () => ask<{ path: string }>('POST', `/api/classes/${classId}/plan/feed`),
    onSuccess: ({ path }) => {
      setAddress(window.location.origin + path);
      client.setQueryData(planQuery(classId).queryKey, (now: PlanReply | undefined) => now && { ...now, feed: true });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const end = useMutation({
    mutationFn: () => ask<null>('DELETE', `/api/classes/${classId}/plan/feed`),
    onSuccess: () => {
      setAddress(null);
      client.setQueryData(planQuery(classId).queryKey, (now: PlanReply | undefined) => now && { ...now, feed: false });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const others = useClasses().classes.filter((one) => one.id !== classId);
  const give = useMutation({
    mutationFn: async (to: string) => {
      const content = JSON.stringify(await ask<object>('GET', `/api/classes/${classId}/plan/file`));
      return ask<PlanReply>('POST', `/api/classes/${to}/plan/file`, { content } satisfies PlanFileRequest);
    },
    onSuccess: (reply, to) => {
      client.setQueryData(planQuery(to).queryKey, reply);
      notice(`${others.find((one) => one.id === to)?.name ?? 'The class'} has the lessons at its own times.`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const bringBack = useBringBack(classId);
  const bringIn = useMutation({
    mutationFn: (content: string) =>
      ask<PlanReply>('POST', `/api/classes/${classId}/plan/file`, { content } satisfies PlanFileRequest),
    onSuccess: (reply) => {
      client.setQueryData(planQuery(classId).queryKey, reply);
      notice(`${reply.lessons.length} lessons are in the plan.`, () => {
        bringBack(plan);
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const out = 'inline-flex min-h-10 items-center underline underline-offset-4';
  return (
    <section aria-label="Share and import" className="mt-8 border-t-2 border-ink pt-4 text-lg">
      <h2 className="text-2xl font-bold">Share and import</h2>
      <ul className="mt-2 flex flex-wrap gap-x-6">
        <li>
          <a href={`/api/classes/${classId}/plan.ics`} download className={out}>
            A calendar file
          </a>
        </li>
        <li>
          <a href={`/api/classes/${classId}/plan.csv`} download className={out}>
            A list, CSV
          </a>
        </li>
        <li>
          <a href={`/api/classes/${classId}/plan/file`} download="plan.json" className={out}>
            A file for a colleague
          </a>
        </li>
      </ul>
      <p className="text-soft">No children are named in the calendar and the file; your notes are in the list alone.</p>
      <h3 className="mt-4 font-bold">Live calendar link</h3>
      <p>
        {plan.feed
          ? 'There is a private address to subscribe to. Whoever has it sees the lessons; a new one ends it.'
          : 'A private address that a calendar can subscribe to. Whoever has it sees the lessons.'}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button
          onClick={() => {
            renew.mutate();
          }}
        >
          {plan.feed ? 'A new address' : 'Make an address'}
        </Button>
        {plan.feed && (
          <Button
            look="quiet"
            onClick={() => {
              end.mutate();
            }}
          >
            No address any more
          </Button>
        )}
      </div>
      {address !== null && (
        <label className="mt-3 block">
          Copy it now: it is shown this once.
          <input
            readOnly
            value={address}
            className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-2 font-mono text-base"
            onFocus={(event) => {
              event.target.select();
            }}
          />
        </label>
      )}
      {others.length > 0 && plan.lessons.length > 0 && (
        <>
          <h3 className="mt-4 font-bold">The same lessons for another class</h3>
          <div className="mt-2 flex flex-wrap gap-3">
            {others.map((one) => (
              <Button
                key={one.id}
                aria-disabled={give.isPending}
                onClick={() => {
                  if (!give.isPending) {
                    give.mutate(one.id);
                  }
                }}
              >
                To {one.name}
              </Button>
            ))}
          </div>
        </>
      )}
      <h3 className="mt-4 font-bold">From a colleague</h3>
      <p className="mb-2">Its lessons take the next times of this class; what was taught stays.</p>
      <ChooseFile
        accept=".json,application/json"
        label="A colleague’s plan"
        onFile={(file) => {
          void file.text().then((content) => {
            bringIn.mutate(content);
          });
        }}
      >
        Choose a file
      </ChooseFile>
    </section>
  );
}
