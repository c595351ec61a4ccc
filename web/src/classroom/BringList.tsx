import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { ask } from '../api/client';
import type { ClassListReply } from '../api/types';
import { Button } from '../ui/Button';
import { Window } from '../ui/Window';

/** Names from a list of the school: CSV, or a OneRoster zip. They are looked at before anything is kept. */
export function BringList({ onNames }: { onNames: (list: ClassListReply) => void }) {
  const chosen = useRef<HTMLInputElement>(null);
  const [lists, setLists] = useState<readonly ClassListReply[] | null>(null);
  const read = useMutation({
    mutationFn: (file: File) => ask<ClassListReply[]>('POST', '/api/classes/lists', file),
    onSuccess: (found) => {
      const [only] = found;
      if (found.length === 1 && only) {
        onNames(only);
      } else {
        setLists(found);
      }
    },
  });
  return (
    <>
      <Button
        look="quiet"
        className="-ml-2 font-normal"
        onClick={() => {
          chosen.current?.click();
        }}
      >
        {read.isPending ? 'Reading…' : 'From a list (CSV or OneRoster)…'}
      </Button>
      <input
        ref={chosen}
        type="file"
        accept=".csv,.txt,.tsv,.zip"
        aria-label="List of children"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            read.mutate(file);
          }
        }}
      />
      <p role="alert" className="font-bold text-wrong empty:hidden">
        {read.error?.message}
      </p>
      <Window
        open={lists !== null}
        onOpenChange={() => {
          setLists(null);
        }}
        title="Which class?"
      >
        <ul className="mt-2">
          {lists?.map((list) => (
            <li key={list.name} className="border-b border-hair">
              <Button
                look="quiet"
                className="w-full"
                onClick={() => {
                  setLists(null);
                  onNames(list);
                }}
              >
                {list.name === '' ? 'without a class' : list.name},{' '}
                {list.children.length === 1 ? '1 child' : `${list.children.length} children`}
              </Button>
            </li>
          ))}
        </ul>
      </Window>
    </>
  );
}
