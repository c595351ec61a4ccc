import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { classesQuery } from '../api/queries';
import type { ClassReply, ClockTimesRequest } from '../api/types';
import { Button } from '../ui/Button';
import { Window } from '../ui/Window';
import { called } from '../ui/called';

/** The times that a class reads and sets, out of its book: typed or pasted, and kept with the class. */
export function OwnTimes({
  own,
  open,
  onOpenChange,
  onSaved,
}: {
  own: ClassReply;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** The list is kept, and has times in it or none. */
  onSaved: (some: boolean) => void;
}) {
  const client = useQueryClient();
  const [text, setText] = useState(own.clockTimes);
  const save = useMutation({
    mutationFn: () =>
      ask<ClassReply>('PUT', `/api/classes/${own.id}/clock-times`, { times: text } satisfies ClockTimesRequest),
    onSuccess: (now) => {
      client.setQueryData(classesQuery.queryKey, (all) => all?.map((one) => (one.id === now.id ? now : one)));
      onSaved(now.clocks.length > 0);
      onOpenChange(false);
    },
  });
  return (
    <Window open={open} onOpenChange={onOpenChange} title={`Times for ${own.name}`}>
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <label className="block text-lg" htmlFor="own-times">
          One to a line, or with commas between
        </label>
        <textarea
          id="own-times"
          rows={8}
          maxLength={2000}
          value={text}
          placeholder={'3:50\nten to four\nhalf past 8'}
          onChange={(event) => {
            setText(event.target.value);
          }}
          className="mt-1 w-full rounded-md border-2 border-ink bg-sheet px-3 py-2 text-xl placeholder:text-soft"
        />
        {save.isError && (
          <p role="alert" className="mt-1 text-lg">
            {save.error.message}
          </p>
        )}
        <Button type="submit" look="strong" className="mt-3 min-h-12 text-lg" aria-disabled={save.isPending}>
          {called.save}
        </Button>
      </form>
    </Window>
  );
}
