import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { ask } from '../api/client';
import { setsQuery, shelfQuery } from '../api/queries';
import type { BeginPileRequest, PileReply } from '../api/types';
import { ToDeleted } from '../deleted/ToDeleted';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { called } from '../ui/called';
import { useStood } from '../ui/useStood';
import { useTitle } from '../ui/useTitle';
import { pilesQuery } from './usePile';
import { dateWriter } from '../ui/dates';

const day = dateWriter({ weekday: 'short', day: 'numeric', month: 'long' });

/** Piles that are being marked, and the way to a new one: from a sheet, its copies, or what was read out. */
export function Piles() {
  useTitle('Mark');
  const piles = useQuery(pilesQuery);
  const shelf = useQuery(shelfQuery);
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  // from the paper of a sheet, it is chosen already
  const [params] = useSearchParams();
  const [sheet, setSheet] = useState(params.get('sheet') ?? '');
  const sets = useQuery({ ...setsQuery(sheet), enabled: sheet !== '' });
  const [set, setSet] = useState(params.get('set') ?? '');
  const [spoken, setSpoken] = useState('');
  const begin = useMutation({
    mutationFn: (wanted: BeginPileRequest) => ask<PileReply>('POST', '/api/piles', wanted),
    onSuccess: (pile) => {
      void client.invalidateQueries(pilesQuery);
      void navigate(`/mark/${pile.id}`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const restore = useMutation({
    mutationFn: (id: string) => ask<null>('POST', `/api/piles/${id}/restore`),
    onSuccess: () => client.invalidateQueries(pilesQuery),
  });
  const stood = useStood((piles.data ?? []).map((one) => one.id));
  const remove = useMutation({
    mutationFn: (id: string) => ask<null>('DELETE', `/api/piles/${id}`),
    onSuccess: (_, id) => {
      void client.invalidateQueries(pilesQuery);
      stood.put(id, 'The pile is deleted.', () => {
        restore.mutate(id);
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const lines = spoken
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
  const field = 'mt-1 block min-h-10 w-full rounded-md border-2 border-ink bg-sheet px-2 text-lg';
  return (
    <div className="grid min-h-0 flex-1 gap-x-10 gap-y-8 overflow-y-auto px-6 py-5 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <section aria-label="Piles">
        <div className="flex items-baseline justify-between">
          <h1 className="text-3xl font-bold">Mark</h1>
          <ToDeleted of="pile" />
        </div>
        {piles.data?.length === 0 && (
          <p className="mt-3 text-lg">No pile yet. Choose the sheet that was written, and the class lies before you.</p>
        )}
        <ul className="mt-3">
          {piles.data?.map((pile) => (
            <Fragment key={pile.id}>
              {stood.before(pile.id)}
              <li className="flex items-center gap-3 border-b border-hair">
                <Link to={`/mark/${pile.id}`} className="min-w-0 flex-1 py-3 text-xl hover:underline">
                  <span className="font-bold">{pile.title}</span>
                  <span className="block text-base text-soft">
                    {day.format(new Date(pile.on))}
                    {pile.className === '' ? '' : `, ${pile.className}`}, {pile.marked} of {pile.papers} papers begun
                  </span>
                </Link>
                <Button
                  look="quiet"
                  className="font-normal"
                  aria-label={`Delete ${pile.title} of ${day.format(new Date(pile.on))}`}
                  onClick={() => {
                    remove.mutate(pile.id);
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
      <section aria-label="A new pile" className="bg-desk px-5 py-4">
        <h2 className="text-xl font-bold">A new pile</h2>
        <form
          className="mt-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (sheet !== '' && !begin.isPending) {
              begin.mutate({ sheetId: sheet, set: set === '' ? null : set });
            }
          }}
        >
          <label className="block text-lg">
            The sheet that was written
            <select
              className={field}
              value={sheet}
              onChange={(event) => {
                setSheet(event.target.value);
                setSet('');
              }}
            >
              <option value="">choose one</option>
              {shelf.data
                ?.filter((one) => !one.archived && one.questions > 0)
                // levels that were made together are one pile
                .filter((one, _, all) => {
                  const together = all.filter((other) => other.family === one.family);
                  return (
                    one.family === null || one.id === (together.find((other) => other.id === sheet) ?? together[0])?.id
                  );
                })
                .map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.title}
                    {one.family === null ? '' : ' (all its levels)'}
                  </option>
                ))}
            </select>
          </label>
          {sheet !== '' && (sets.data?.length ?? 0) > 0 && (
            <label className="mt-3 block text-lg">
              As it was handed out
              <select
                className={field}
                value={set}
                onChange={(event) => {
                  setSet(event.target.value);
                }}
              >
                <option value="">the same for all</option>
                {sets.data?.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.copies.length} copies of {day.format(new Date(one.madeAt))}
                  </option>
                ))}
              </select>
            </label>
          )}
          <Button type="submit" look="strong" className="mt-4" aria-disabled={sheet === '' || begin.isPending}>
            Start marking
          </Button>
        </form>
        <form
          className="mt-7 border-t-2 border-hair pt-4"
          onSubmit={(event) => {
            event.preventDefault();
            if (lines.length > 0 && !begin.isPending) {
              begin.mutate({ questions: lines, title: 'Read out' });
            }
          }}
        >
          <label className="block text-lg">
            Or questions you read aloud, one to a line
            <textarea
              rows={4}
              maxLength={20000}
              className={`${field} py-1.5`}
              placeholder={'3 h 40 min + 2 h 45 min\n10:15 am - 35 min'}
              value={spoken}
              onChange={(event) => {
                setSpoken(event.target.value);
              }}
            />
          </label>
          <Button type="submit" className="mt-3" aria-disabled={lines.length === 0 || begin.isPending}>
            Start marking these
          </Button>
        </form>
      </section>
    </div>
  );
}
