import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { colleaguesQuery, shelfQuery } from '../api/queries';
import type { GiveRequest } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { Tick } from '../ui/Pick';
import { Window } from '../ui/Window';
import type { Row } from './rows';

/** Gives a copy of a sheet to a colleague, or puts it on the school's shelf. Levels go together. */
export function Sharing({ row, onClose }: { row: Row; onClose: () => void }) {
  const [sheet] = row;
  const client = useQueryClient();
  const notice = useNotice();
  const colleagues = useQuery(colleaguesQuery);
  const [to, setTo] = useState('');
  const [shared, setShared] = useState(sheet.shared);
  const give = useMutation({
    mutationFn: (id: string) => ask<null>('POST', `/api/sheets/${sheet.id}/give`, { to: id } satisfies GiveRequest),
    onSuccess: (_, id) => {
      notice(
        `${colleagues.data?.find((one) => one.id === id)?.name ?? 'Your colleague'} has a copy of “${sheet.title}”.`,
      );
      onClose();
    },
  });
  const put = useMutation({
    mutationFn: (on: boolean) => ask<null>(on ? 'PUT' : 'DELETE', `/api/sheets/${sheet.id}/shared`),
    onMutate: setShared,
    onSuccess: () => client.invalidateQueries(shelfQuery),
    onError: (failure, on) => {
      setShared(!on);
      notice(failure.message);
    },
  });
  return (
    <Window open onOpenChange={onClose} title={`Share “${sheet.title}”`}>
      {row.length > 1 && <p className="mt-2 text-lg">All {row.length} levels of it go together.</p>}
      {colleagues.data?.length === 0 ? (
        <p className="mt-3 text-lg">
          Nobody else is at this school in Rostik yet. An administrator invites colleagues on the page{' '}
          <em>The school</em>.
        </p>
      ) : (
        <form
          className="mt-4 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (to !== '') {
              give.mutate(to);
            }
          }}
        >
          <label className="min-w-52 flex-1 text-lg">
            Give a copy to
            <select
              className="mt-1 block min-h-11 w-full rounded-md border-2 border-ink bg-sheet px-2 text-xl"
              value={to}
              onChange={(event) => {
                setTo(event.target.value);
              }}
            >
              <option value="">choose a colleague</option>
              {colleagues.data?.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
          <Button type="submit" look="strong" aria-disabled={to === '' || give.isPending}>
            Give it
          </Button>
        </form>
      )}
      <p role="alert" className="mt-2 font-bold text-wrong empty:hidden">
        {give.error?.message}
      </p>
      <div className="mt-4 text-lg">
        <Tick
          label="On the school’s shelf, for all to take copies"
          value={shared}
          onChange={(on) => {
            put.mutate(on);
          }}
        />
      </div>
      <p className="mt-3 text-soft">Whoever takes a copy has one of their own. No child’s name goes with it.</p>
    </Window>
  );
}
