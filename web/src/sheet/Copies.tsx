import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Fragment, useId, useState } from 'react';
import { ask } from '../api/client';
import { setsQuery } from '../api/queries';
import type { ChildEntry, CopySetReply, CopiesRequest } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { called } from '../ui/called';
import { newSeed } from '../ui/newId';
import { useStood } from '../ui/useStood';
import { dateWriter } from '../ui/dates';

const when = dateWriter({ day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' });

interface Props {
  sheetId: string;
  classId: string | null;
  /** Whether there is a timetable on it. */
  reads: boolean;
  /** Whether what is on the screen has been saved: copies are made of what is saved. */
  ready: boolean;
  shown: string | null;
  onShow: (set: string | null) => void;
}

/** The same sheet with other numbers, for neighbours or for every child. */
export function Copies({ sheetId, classId, reads, ready, shown, onShow }: Props) {
  const client = useQueryClient();
  const notice = useNotice();
  const sets = useQuery(setsQuery(sheetId));
  const { classes, inHand } = useClasses();
  const mine = classes.find((one) => one.id === classId) ?? inHand;
  const children = mine?.children ?? [];
  const [count, setCount] = useState('2');
  const [moved, setMoved] = useState(false);
  const [notes, setNotes] = useState<readonly string[]>([]);
  const field = useId();
  const number = Number(count);
  const refresh = () => client.invalidateQueries(setsQuery(sheetId));
  const make = useMutation({
    mutationFn: (wanted: { count: number; children: readonly ChildEntry[] }) =>
      ask<CopySetReply>('POST', `/api/sheets/${sheetId}/sets`, {
        count: wanted.count,
        children: wanted.children.map(({ id }) => id),
        seed: newSeed(),
        moved: reads && moved,
      } satisfies CopiesRequest),
    onSuccess: (set) => {
      setNotes(set.notes);
      void refresh();
      onShow(set.id);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const restore = useMutation({
    mutationFn: (set: string) => ask<null>('POST', `/api/sheets/${sheetId}/sets/${set}/restore`),
    onSuccess: refresh,
  });
  const stood = useStood(
    (sets.data ?? []).map((one) => one.id),
    sheetId,
  );
  const remove = useMutation({
    mutationFn: (set: string) => ask<null>('DELETE', `/api/sheets/${sheetId}/sets/${set}`),
    onSuccess: (_, set) => {
      if (set === shown) {
        onShow(null);
      }
      void refresh();
      stood.put(set, 'The copies are deleted; their codes lead nowhere now.', () => {
        restore.mutate(set);
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const busy = make.isPending || !ready;
  return (
    <section aria-label="Copies with other numbers" className="mt-5">
      <h2 className="text-lg font-bold">Copies with other numbers</h2>
      {reads && (
        <fieldset className="mt-1">
          <legend className="sr-only">The timetable in the copies</legend>
          {(
            [
              [false, 'other questions about the same timetable'],
              [true, 'the same questions, other times in the timetable'],
            ] as const
          ).map(([value, text]) => (
            <label key={text} className="flex min-h-9 items-center gap-2">
              <input
                type="radio"
                name={`${field}moved`}
                className="size-5 accent-ink"
                checked={moved === value}
                onChange={() => {
                  setMoved(value);
                }}
              />
              {text}
            </label>
          ))}
        </fieldset>
      )}
      <form
        className="mt-2 flex items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (!busy && number >= 2 && number <= 60) {
            make.mutate({ count: number, children: [] });
          }
        }}
      >
        <label htmlFor={field} className="sr-only">
          Versions
        </label>
        <input
          id={field}
          type="number"
          min={2}
          max={60}
          required
          value={count}
          onChange={(event) => {
            setCount(event.target.value);
          }}
          className="min-h-10 w-16 rounded-md border-2 border-ink bg-sheet px-2 font-bold"
        />
        <Button type="submit" aria-disabled={busy}>
          Make these versions
        </Button>
      </form>
      {children.length > 1 ? (
        <Button
          className="mt-2"
          aria-disabled={busy}
          onClick={() => {
            if (!busy) {
              make.mutate({ count: Math.min(60, children.length), children });
            }
          }}
        >
          One for each of {mine?.name}
        </Button>
      ) : (
        <p className="mt-2">
          <Link to="/classes?new" className="underline underline-offset-4">
            Write down a class
          </Link>{' '}
          to print the children’s names.
        </p>
      )}
      {make.isPending && <p role="status">One moment…</p>}
      {notes.length > 0 && shown !== null && (
        <ul role="status" className="mt-2 border-l-4 border-minute pl-3">
          {notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      <ul className="mt-2">
        {sets.data?.map((set) => (
          <Fragment key={set.id}>
            {stood.before(set.id)}
            <li className="flex items-center gap-1 border-b border-hair">
              <button
                type="button"
                aria-pressed={set.id === shown}
                className={`min-h-11 flex-1 text-left ${set.id === shown ? 'font-bold' : 'underline underline-offset-4'}`}
                onClick={() => {
                  onShow(set.id === shown ? null : set.id);
                }}
              >
                {set.copies.length} copies, {when.format(new Date(set.madeAt))}
              </button>
              <Button
                look="quiet"
                className="font-normal"
                aria-label={`Delete the ${set.copies.length} copies of ${when.format(new Date(set.madeAt))}`}
                onClick={() => {
                  remove.mutate(set.id);
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
  );
}
