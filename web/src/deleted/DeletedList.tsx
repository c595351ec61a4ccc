import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { ask } from '../api/client';
import type { DeletedKind, DeletedReply } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { DeleteWindow } from './DeleteWindow';
import { deletedQuery, useBringBack } from './queries';
import { dateWriter } from '../ui/dates';

const day = dateWriter({ weekday: 'short', day: 'numeric', month: 'long' });

/** What each is called. */
export const kinds: Record<DeletedKind, { one: string; several: string }> = {
  class: { one: 'class', several: 'Classes' },
  child: { one: 'child', several: 'Children' },
  record: { one: 'what was seen', several: 'What was seen of children' },
  sheet: { one: 'sheet', several: 'Sheets' },
  copies: { one: 'copies', several: 'Copies of sheets' },
  pile: { one: 'pile', several: 'Piles' },
  practice: { one: 'practice', several: 'Practices' },
  lessons: { one: 'lessons', several: 'Lessons' },
  timetable: { one: 'timetable', several: 'Timetables' },
  tally: { one: 'tries', several: 'Tries to feel a length' },
};

/** Those whose name is typed before they go for good. */
const named: readonly DeletedKind[] = ['class', 'child', 'record'];

interface Props {
  /** Of these; all where nothing is said. */
  of?: readonly DeletedKind[];
}

/** What was deleted, each with the way back. */
export function DeletedList({ of }: Props) {
  const deleted = useQuery(deletedQuery);
  const client = useQueryClient();
  const notice = useNotice();
  const back = useBringBack();
  const [asked, setAsked] = useState<DeletedReply | null>(null);
  const erase = useMutation({
    mutationFn: (one: DeletedReply) => ask<null>('DELETE', `/api/deleted/${one.kind}/${one.id}`),
    onSuccess: async (_, one) => {
      await client.invalidateQueries(deletedQuery);
      notice(`${one.name} is deleted for good.`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  if (!deleted.data) {
    return deleted.isError ? <p className="mt-6 text-lg">{deleted.error.message}</p> : null;
  }
  const lines = deleted.data.filter((one) => of === undefined || of.includes(one.kind));
  return (
    <>
      {lines.length === 0 && <p className="mt-6 text-lg">Nothing has been deleted lately.</p>}
      <ul aria-label="Deleted" className="mt-3">
        {lines.map((one) => (
          <li
            key={`${one.kind} ${one.id}`}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-hair py-3"
          >
            <span className="min-w-60 flex-1 text-xl [overflow-wrap:anywhere]">
              <span className="font-bold">{one.name}</span>
              <span className="block text-base text-soft">
                {[kinds[one.kind].one, one.with, one.className].filter((part) => part !== '').join(' · ')}
              </span>
              <span className="block text-base text-soft">
                deleted {day.format(new Date(one.at))}, goes for good {day.format(new Date(one.until))}
              </span>
            </span>
            <Button
              aria-label={`Bring back ${one.name}, ${kinds[one.kind].one}`}
              aria-disabled={back.isPending}
              onClick={() => {
                if (!back.isPending) {
                  back.mutate({ kind: one.kind, id: one.id, name: one.name });
                }
              }}
            >
              <Undo2 size={17} aria-hidden="true" /> Bring back
            </Button>
            <Button
              look="quiet"
              className="font-normal"
              aria-label={`Delete ${one.name} for good, ${kinds[one.kind].one}`}
              onClick={() => {
                setAsked(one);
              }}
            >
              Delete for good…
            </Button>
          </li>
        ))}
      </ul>
      {asked && (
        <DeleteWindow
          title={`Delete ${asked.name} for good?`}
          goes={[asked.with === '' ? 'all that is in it' : asked.with]}
          forGood
          {...(named.includes(asked.kind) ? { name: { is: asked.name, label: `Type ${asked.name}` } } : {})}
          onDelete={() => {
            erase.mutate(asked);
            setAsked(null);
          }}
          onClose={() => {
            setAsked(null);
          }}
        />
      )}
    </>
  );
}
