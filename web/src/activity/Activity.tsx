import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import type { PlannedActivityReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys, usePrintKey } from '../ui/keys';
import { Line, Pick } from '../ui/Pick';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { IntoLesson } from './IntoLesson';
import { NotThere } from './NotThere';
import { activityQuery, chosen, levels, wantedOf } from './queries';
import { called } from '../ui/called';

/** One activity: how long it takes, how it goes, what has to be ready; to the board, or to the printer. */
export function Activity() {
  const { id = '' } = useParams();
  const { params, put } = useAddress();
  const { inHand } = useClasses();
  const planned = useQuery(activityQuery(id, wantedOf(params), inHand?.id ?? ''));
  const it = planned.data;
  useTitle(it?.title ?? 'Activity');
  const navigate = useNavigate();
  useKeys({
    o: () => {
      put({ seed: Number(params.get('seed') ?? 1) + 1 });
    },
  });
  usePrintKey(() => {
    void navigate(`/activities/${id}/print${params.size === 0 ? '' : `?${params.toString()}`}`);
  });
  if (planned.isError) {
    return <NotThere why={planned.error.message} />;
  }
  if (!it) {
    return <p className="late p-8 text-xl">One moment.</p>;
  }
  const search = params.toString() === '' ? '' : `?${params.toString()}`;
  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <aside
        aria-label="How it is played"
        className="flex shrink-0 flex-col border-ink max-lg:border-b-2 lg:w-88 lg:border-r-2"
      >
        <div className="min-h-0 flex-1 px-5 py-4 lg:overflow-y-auto">
          <Link to={`/activities${search}`} className="underline underline-offset-4">
            All activities
          </Link>
          <h1 className="mt-1 text-2xl font-bold">{it.title}</h1>
          <p className="mt-1 mb-3">{it.aim}</p>
          <Line label="Level">
            <Choice
              label="Level"
              value={levels.find((one) => one.value === params.get('level'))?.value ?? 'core'}
              options={levels}
              onChange={(value) => {
                put({ level: value });
              }}
            />
          </Line>
          <GroupSize
            it={it}
            onChange={(group) => {
              put({ group });
            }}
          />
          {it.options.map((option) => (
            <Pick
              key={option.id}
              label={option.title}
              value={option.chosen}
              options={option.choices.map((one) => ({ value: one.id, text: one.title }))}
              onChange={(value) => {
                put({ [chosen(option.id)]: value });
              }}
            />
          ))}
          <div className="mt-4">
            <Button
              shortcut="O"
              onClick={() => {
                put({ seed: Number(params.get('seed') ?? 1) + 1 });
              }}
            >
              {called.newNumbers}
            </Button>
          </div>
        </div>
        {params.get('lesson') !== null && (
          <div className="border-t-2 border-ink px-5 pt-3 max-lg:pb-1">
            <IntoLesson it={it} params={params} />
          </div>
        )}
        <div className={`flex gap-2.5 px-5 py-3 ${params.get('lesson') === null ? 'border-t-2 border-ink' : ''}`}>
          <Link
            to={`/teach/activity/${id}${search}`}
            className="inline-flex min-h-11 flex-1 items-center justify-center rounded-md border-2 border-ink bg-ink px-4 text-lg font-bold text-paper hover:opacity-85"
          >
            {called.onTheBoard}
          </Link>
          <Link
            to={`/activities/${id}/print${search}`}
            className="inline-flex min-h-11 items-center rounded-md border-2 border-ink bg-sheet px-4 text-lg font-bold hover:bg-wash"
          >
            Print
          </Link>
        </div>
      </aside>
      <div className="grid min-w-0 flex-1 content-start gap-x-10 gap-y-6 overflow-y-auto px-6 py-5 xl:grid-cols-[minmax(0,1fr)_22rem]">
        <section aria-label="How it goes" className="min-w-0 xl:order-none">
          <h2 className="text-xl font-bold">How it goes</h2>
          <ol className="mt-2 list-decimal space-y-2 pl-7 text-xl">
            {it.steps.map((step) => (
              <li key={step}>
                <Marked text={step} />
              </li>
            ))}
          </ol>
          <p className="mt-4 text-lg">Words: {it.words.join(', ')}.</p>
          {it.notes.map((note) => (
            <p key={note} className="mt-2 text-lg">
              {note}
            </p>
          ))}
          {it.cautions.length > 0 && (
            <ul className="mt-4 space-y-1 border-l-4 border-ink pl-4 text-lg" aria-label="Cautions">
              {it.cautions.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          )}
        </section>
        <div className="space-y-6 max-xl:order-first">
          <HowLong it={it} onShorter={put} />
          <section aria-label="Get ready">
            <h2 className="text-xl font-bold">Get ready</h2>
            {it.materials.length === 0 ? (
              <p className="mt-1 text-lg">Nothing: the board is enough.</p>
            ) : (
              <ul className="mt-1 text-lg">
                {it.materials.map((one) => (
                  <li key={one.what} className="flex justify-between gap-4 border-b border-hair py-1">
                    <span>{one.what}</span>
                    <span className="font-bold tabular-nums">{one.count}</span>
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
      </div>
    </div>
  );
}

function GroupSize({ it, onChange }: { it: PlannedActivityReply; onChange: (group: number | null) => void }) {
  if (it.whole) {
    return (
      <Line label="Played by">
        <span className="font-bold">the whole class</span>
      </Line>
    );
  }
  const most = Math.min(it.most ?? it.children, it.children);
  const sizes = Array.from({ length: most - Math.min(it.least, most) + 1 }, (_, i) => Math.min(it.least, most) + i);
  return (
    <Pick
      label="In a group"
      value={String(it.group)}
      options={sizes.map((size) => ({
        value: String(size),
        text:
          size === it.children && size > 1
            ? `the whole class, ${size}`
            : size === 1
              ? 'each child alone'
              : `${size} children`,
      }))}
      onChange={(value) => {
        onChange(Number(value));
      }}
    />
  );
}

function HowLong({
  it,
  onShorter,
}: {
  it: PlannedActivityReply;
  onShorter: (parts: Record<string, string | number | null>) => void;
}) {
  return (
    <section aria-label="How long it takes">
      <p>
        <span className="text-5xl font-bold tabular-nums">{it.minutes}</span>{' '}
        <span className="text-2xl font-bold">{it.minutes === 1 ? 'minute' : 'minutes'}</span>
      </p>
      <p className="mt-1 text-lg">
        {it.said.slice(0, 1).toUpperCase() + it.said.slice(1)}.
        {it.groups.length > 1 && it.chance && ` All ${it.groups.length} groups are usually done in ${it.all}.`}
      </p>
      <p className="mt-1 text-soft">
        {it.chance ? `About ${Math.round(it.turns)}` : it.turns} {it.turn} of {it.seconds} seconds
        {it.seen > 0 ? `, as your class took ${it.seen === 1 ? 'last time' : `${it.seen} times`}.` : '.'}
      </p>
      {it.shorter.length > 0 && (
        <>
          <h3 className="mt-3 font-bold">Shorter with</h3>
          <ul>
            {it.shorter.map((one) => (
              <li key={`${one.option} ${one.choice}`}>
                <button
                  type="button"
                  className="flex min-h-10 w-full items-center justify-between gap-4 border-b border-hair text-left text-lg hover:bg-wash"
                  onClick={() => {
                    onShorter(one.option === null ? { group: one.choice } : { [chosen(one.option)]: one.choice });
                  }}
                >
                  <span>{one.change}</span>
                  <span className="font-bold whitespace-nowrap tabular-nums">{one.minutes} min</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
