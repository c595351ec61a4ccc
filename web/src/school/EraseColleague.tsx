import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { ColleagueReply, ErasingReply } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';

/** What goes with an account that has ended, and the way to erase it. */
export function EraseColleague({ of, onErased }: { of: ColleagueReply; onErased: () => void }) {
  const path = `/api/school/colleagues/${of.id}`;
  const [typed, setTyped] = useState('');
  const would = useQuery({
    queryKey: ['erasing', of.id],
    queryFn: ({ signal }) => ask<ErasingReply>('GET', `${path}/erasing`, undefined, signal),
    gcTime: 0,
  });
  const erase = useMutation({ mutationFn: () => ask<null>('DELETE', path), onSuccess: onErased });
  const ready = !erase.isPending && typed.trim().toLowerCase() === of.name.trim().toLowerCase();
  if (!would.data) {
    return <p className="mt-2 text-lg">{would.error?.message ?? 'One moment.'}</p>;
  }
  const { sheets, copies, piles, timetables, classes, shared } = would.data;
  return (
    <>
      <p className="mt-2 text-lg">
        For good: {sheets} sheets, {copies} copies, {timetables} timetables, {piles} piles of papers
        {classes.length > 0 && `, and with their children: ${classes.join(', ')}`}.
      </p>
      {classes.length > 0 && (
        <p className="mt-2 text-lg">A class that shall stay is handed over first, on this page.</p>
      )}
      {shared.length > 0 && <p className="mt-2 text-lg">Colleagues go on with {shared.join(', ')}.</p>}
      <p role="alert" className="mt-2 font-bold text-wrong empty:hidden">
        {erase.error?.message}
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) {
            erase.mutate();
          }
        }}
      >
        <Field label={`Type ${of.name}`} value={typed} autoComplete="off" onChange={setTyped} />
        <Button type="submit" className="mt-4" aria-disabled={!ready}>
          Delete everything
        </Button>
      </form>
    </>
  );
}
