import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { classesQuery, colleaguesQuery, meQuery } from '../api/queries';
import type { ClassReply, TogetherReply, TogetherRequest } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { Window } from '../ui/Window';
import { called } from '../ui/called';

/** Who teaches a class: colleagues beside oneself, or in one's place. */
export function Together({ of, onClose }: { of: ClassReply; onClose: () => void }) {
  const teachers = useQuery({
    queryKey: ['together', of.id],
    queryFn: ({ signal }) => ask<TogetherReply>('GET', `/api/classes/${of.id}/teachers`, undefined, signal),
  });
  return (
    <Window open onOpenChange={onClose} title={`Who teaches ${of.name}?`}>
      {teachers.isError && <p className="mt-3 text-lg">{teachers.error.message}</p>}
      {teachers.data && <Choosing of={of} before={teachers.data.teachers} onClose={onClose} />}
    </Window>
  );
}

function Choosing({ of, before, onClose }: { of: ClassReply; before: readonly string[]; onClose: () => void }) {
  const client = useQueryClient();
  const notice = useNotice();
  const me = useQuery(meQuery).data;
  const colleagues = useQuery(colleaguesQuery);
  const [chosen, setChosen] = useState(before);
  const goes = me ? !chosen.includes(me.id) : false;
  const save = useMutation({
    mutationFn: () =>
      ask<TogetherReply | null>('PUT', `/api/classes/${of.id}/teachers`, {
        teachers: [...chosen],
      } satisfies TogetherRequest),
    onSuccess: () => {
      void client.invalidateQueries(classesQuery);
      client.removeQueries({ queryKey: ['together', of.id] });
      notice(goes ? `${of.name} is in other hands now.` : `Who teaches ${of.name} is saved.`);
      onClose();
    },
  });
  const all = me ? [{ id: me.id, name: `${me.name} (you)` }, ...(colleagues.data ?? [])] : [];
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <p className="mt-2 text-lg">
        All of them see the children of this class, mark for it, and see what was marked. Sheets stay with whoever made
        them.
      </p>
      <fieldset className="mt-3">
        <legend className="sr-only">Teachers</legend>
        {all.map((one) => (
          <label key={one.id} className="flex min-h-11 items-center gap-3 border-b border-hair text-lg">
            <input
              type="checkbox"
              className="size-5 shrink-0 accent-ink"
              checked={chosen.includes(one.id)}
              onChange={(event) => {
                setChosen((now) => (event.target.checked ? [...now, one.id] : now.filter((id) => id !== one.id)));
              }}
            />
            {one.name}
          </label>
        ))}
      </fieldset>
      {colleagues.data?.length === 0 && (
        <p className="mt-3 text-soft">
          Nobody else is at this school in Rostik yet: an administrator invites colleagues.
        </p>
      )}
      {goes && (
        <p className="mt-3 font-bold">
          You hand {of.name} over: with “Save” you no longer see its children, nor what was marked.
        </p>
      )}
      <p role="alert" className="mt-2 font-bold text-wrong empty:hidden">
        {save.error?.message}
      </p>
      <Button look="strong" type="submit" className="mt-5" disabled={save.isPending}>
        {called.save}
      </Button>
    </form>
  );
}
