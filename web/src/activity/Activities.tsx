import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { rungsQuery } from '../api/queries';
import type { ActivityLineReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Choice } from '../ui/Choice';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { activitiesQuery, levels, wantedOf } from './queries';

const sorts: Record<string, string> = {
  'warm-up': 'Warm-up',
  game: 'Game',
  sorting: 'Sort',
  making: 'To make',
  feel: 'Estimating',
};

/** What may not be at hand. */
const things: readonly [string, string][] = [
  ['printer', 'a printer'],
  ['scissors', 'scissors'],
  ['dice', 'dice'],
  ['counters', 'counters'],
  ['fasteners', 'paper fasteners'],
  ['sound', 'sound'],
  ['space', 'clear space'],
];

const times = [5, 8, 10, 12, 15, 20, 30];

/** Warm-ups, games and sorts, found by what they are for and how long they take. */
export function Activities() {
  useTitle('Activities');
  const { params, put } = useAddress();
  const { inHand } = useClasses();
  const rungs = useQuery(rungsQuery).data ?? [];
  const rung = params.get('rung') ?? '';
  const level = levels.find((one) => one.value === params.get('level'))?.value ?? 'core';
  const minutes = Number(params.get('minutes') ?? 0) || 0;
  const without = (params.get('without') ?? '').split(',').filter((one) => one !== '');
  const children = Number(params.get('children') ?? inHand?.children.length ?? 24) || 24;
  const all = useQuery(activitiesQuery(wantedOf(params), inHand?.id ?? ''));
  const size = Number(params.get('group') ?? 0) || 0;
  const sheet = params.get('sheet') !== null;
  const possible = (all.data ?? []).filter(
    (one) =>
      !one.needs.some((thing) => without.includes(thing)) &&
      (size === 0 ||
        (size >= children
          ? one.whole || one.most === null
          : !one.whole && size >= one.least && size <= (one.most ?? size))),
  );
  const practises = (one: ActivityLineReply) => rung === '' || one.rungs.includes(rung);
  const can = possible.filter((one) => one.borrows);
  // games with the numbers of the sheet: for what is practised, or else any
  const borrowing = can.some(practises) ? can.filter(practises) : can;
  const fits = possible.filter((one) => practises(one) && !borrowing.includes(one));
  const short = fits.filter((one) => minutes === 0 || one.minutes <= minutes);
  const long = fits.filter((one) => !short.includes(one));
  const used = rungs.filter((one) => (all.data ?? []).some((line) => line.rungs.includes(one.id)));
  return (
    <section className="mx-auto w-full max-w-6xl min-w-0 flex-1 px-6 py-4" aria-label="Activities">
      <h1 className="text-2xl font-bold">Activities</h1>
      <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-3 text-lg">
        <label className="flex items-center gap-2">
          For
          <input
            type="number"
            min={1}
            max={40}
            className="min-h-10 w-18 rounded-md border-2 border-ink bg-sheet px-2 font-bold"
            aria-label="Children"
            value={children}
            onChange={(event) => {
              const typed = Math.round(Number(event.target.value));
              put({ children: typed >= 1 && typed <= 40 ? typed : null });
            }}
          />
          children
        </label>
        <label className="flex items-center gap-2">
          in
          <select
            aria-label="Groups"
            className="min-h-10 rounded-md border-2 border-ink bg-sheet px-2 font-bold"
            value={size >= children ? 'all' : String(size)}
            onChange={(event) => {
              const { value } = event.target;
              put({ group: value === '0' ? null : value === 'all' ? children : value });
            }}
          >
            <option value="0">any groups</option>
            {[1, 2, 3, 4, 5, 6].map((one) => (
              <option key={one} value={one}>
                {one === 1 ? 'each alone' : one === 2 ? 'pairs' : `groups of ${one}`}
              </option>
            ))}
            <option value="all">one group, the whole class</option>
          </select>
        </label>
        <label className="flex min-w-0 items-center gap-2 max-sm:w-full max-sm:flex-col max-sm:items-start">
          to practise
          <select
            aria-label="To practise"
            className="min-h-10 max-w-84 min-w-0 max-sm:w-full rounded-md border-2 border-ink bg-sheet px-2 font-bold"
            value={rung}
            onChange={(event) => {
              put({ rung: event.target.value === '' ? null : event.target.value });
            }}
          >
            <option value="">anything</option>
            {used.map((one) => (
              <option key={one.id} value={one.id}>
                {one.can}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2">
          in
          <select
            aria-label="Minutes"
            className="min-h-10 rounded-md border-2 border-ink bg-sheet px-2 font-bold"
            value={minutes}
            onChange={(event) => {
              put({ minutes: event.target.value === '0' ? null : event.target.value });
            }}
          >
            <option value={0}>any time</option>
            {[...new Set([...times, ...(minutes > 0 ? [minutes] : [])])]
              .sort((a, b) => a - b)
              .map((one) => (
                <option key={one} value={one}>
                  {one} minutes
                </option>
              ))}
          </select>
        </label>
        <Choice
          label="Level"
          value={level}
          options={levels}
          onChange={(value) => {
            put({ level: value });
          }}
        />
      </div>
      <details className="mt-3" open={without.length > 0}>
        <summary className="w-fit cursor-pointer py-1 underline underline-offset-4">We do not have</summary>
        <div className="mt-1 flex flex-wrap gap-x-5">
          {things.map(([id, name]) => (
            <label key={id} className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-ink"
                checked={without.includes(id)}
                onChange={(event) => {
                  const next = event.target.checked ? [...without, id] : without.filter((one) => one !== id);
                  put({ without: next.length === 0 ? null : next.join(',') });
                }}
              />
              {name}
            </label>
          ))}
        </div>
      </details>
      {all.isError && <p className="mt-6 text-lg">{all.error.message}</p>}
      {all.isSuccess && fits.length === 0 && borrowing.length === 0 && (
        <p className="mt-6 text-lg">
          There is none for that. Choose something else to practise, or untick something we do not have.
        </p>
      )}
      {sheet && all.isSuccess && (
        <>
          <h2 className="mt-5 text-lg font-bold">
            {borrowing.length > 0
              ? 'With the numbers of the sheet'
              : 'No game can be played with the numbers of this sheet'}
          </h2>
          {borrowing.length > 0 && <Lines lines={borrowing} params={params} />}
          {short.length > 0 && <h2 className="mt-5 text-lg font-bold">With numbers of their own</h2>}
        </>
      )}
      <Lines lines={short} params={params} />
      {long.length > 0 && (
        <>
          <h2 className="mt-6 text-lg font-bold">Longer than {minutes} minutes, as it stands</h2>
          <p className="text-soft">Each says inside what makes it shorter.</p>
          <Lines lines={long} params={params} />
        </>
      )}
    </section>
  );
}

function Lines({ lines, params }: { lines: readonly ActivityLineReply[]; params: URLSearchParams }) {
  const query = new URLSearchParams(params);
  query.delete('without');
  query.delete('minutes');
  const search = query.toString();
  if (lines.length === 0) {
    return null;
  }
  return (
    <ul className="mt-3 divide-y divide-hair border-y border-hair">
      {lines.map((one) => (
        <li key={one.id}>
          <Link
            to={`/activities/${one.id}${search === '' ? '' : `?${search}`}`}
            className="grid grid-cols-[5.5rem_minmax(0,1fr)] items-baseline gap-x-4 px-2 py-2.5 hover:bg-wash sm:grid-cols-[5.5rem_minmax(0,1fr)_9rem]"
          >
            <span className="text-right">
              <span className="text-2xl font-bold tabular-nums">{one.minutes}</span> min
            </span>
            <span>
              <span className="text-xl font-bold">{one.title}</span>
              <span className="block">{one.aim}</span>
            </span>
            <span className="text-soft max-sm:col-start-2">{sorts[one.sort] ?? one.sort}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
