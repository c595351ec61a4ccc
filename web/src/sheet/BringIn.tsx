import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery } from '../api/queries';
import type { Fault, ReadFileReply, SheetReply } from '../api/types';
import { Button } from '../ui/Button';
import { newId } from '../ui/newId';
import { Window } from '../ui/Window';
import { challengesLast, newQuestion } from './draft';
import type { SheetKeeper } from './keeper';
import { rememberSheet } from './useSheet';

/** A list that is pasted, or a file: text, CSV or QTI. Where a line cannot be read, it is said and nothing is taken. */
interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** What was pasted already. */
  pasted?: string;
  /** The sheet in hand that it is added to; a new one is made without it. */
  keeper?: SheetKeeper | null;
}

export function BringIn({ open, onOpenChange, pasted = '', keeper = null }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [text, setText] = useState(pasted);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const bring = useMutation({
    mutationFn: async () => {
      const read = await ask<ReadFileReply>('POST', '/api/sheets/read', { text });
      if (read.faults.length > 0) {
        return read.faults;
      }
      if (keeper) {
        const added = read.questions.map((text) => newQuestion(text));
        keeper.change((draft) => ({ ...draft, questions: challengesLast([...draft.questions, ...added]) }));
        onOpenChange(false);
        setText('');
        return [];
      }
      const sheet = await ask<SheetReply>('POST', '/api/sheets', {
        title: read.title,
        questions: read.questions.map((text) => ({ id: newId(), text })),
      });
      rememberSheet(sheet);
      void client.invalidateQueries(shelfQuery);
      onOpenChange(false);
      setText('');
      void navigate(`/prepare?sheet=${sheet.id}`);
      return [];
    },
    onSuccess: setFaults,
    onError: (failure) => {
      setFaults([{ line: 0, message: failure.message }]);
    },
  });
  return (
    <Window open={open} onOpenChange={onOpenChange} title="Import a list" width="w-[44rem]">
      <label className="mt-3 block text-lg">
        One sum, or one problem in words, to a line; or the contents of a CSV or QTI file.
        <textarea
          value={text}
          rows={9}
          spellCheck={false}
          placeholder={
            '1:50 pm + 3½ hours\n9 am to 4 pm | How long is it light?\nThe ferry leaves at 8:40 am and takes 35 minutes. When does it arrive?'
          }
          onChange={(event) => {
            setText(event.target.value);
            setFaults([]);
          }}
          className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-2 text-lg placeholder:text-soft"
        />
      </label>
      <label className="mt-3 block text-lg">
        or a file:{' '}
        <input
          type="file"
          accept=".txt,.csv,.xml,text/plain,text/csv,application/xml"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) {
              void file.text().then((content) => {
                setText(content);
                setFaults([]);
              });
            }
          }}
        />
      </label>
      {faults.length > 0 && (
        <div role="alert" className="mt-3 text-lg">
          <p className="font-bold">Nothing was taken yet:</p>
          <ul>
            {faults.slice(0, 8).map((fault) => (
              <li key={`${fault.line}${fault.message}`}>
                {fault.line > 0 && <strong>Line {fault.line}: </strong>}
                {fault.message}
              </li>
            ))}
            {faults.length > 8 && <li>and {faults.length - 8} more lines</li>}
          </ul>
        </div>
      )}
      <Button
        look="strong"
        className="mt-4 text-lg"
        aria-disabled={text.trim() === '' || bring.isPending}
        onClick={() => {
          if (text.trim() !== '' && !bring.isPending) {
            bring.mutate();
          }
        }}
      >
        {keeper ? 'Add them to the sheet' : 'Make a sheet of it'}
      </Button>
    </Window>
  );
}
