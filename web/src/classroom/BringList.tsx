import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { ClassListReply } from '../api/types';
import { Button } from '../ui/Button';
import { ChooseFile } from '../ui/ChooseFile';
import { Window } from '../ui/Window';

/** Names from a list of the school: CSV, or a OneRoster zip. They are looked at before anything is kept. */
export function BringList({ onNames }: { onNames: (list: ClassListReply) => void }) {
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
      <ChooseFile
        label="List of children"
        accept=".csv,.txt,.tsv,.zip"
        look="quiet"
        className="-ml-2 font-normal"
        onFile={(file) => {
          read.mutate(file);
        }}
      >
        {read.isPending ? 'Reading…' : 'From a list (CSV or OneRoster)…'}
      </ChooseFile>
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
