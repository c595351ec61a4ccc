import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Copy, Printer, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery } from '../api/queries';
import type { SheetLineReply, SheetReply } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { useTitle } from '../ui/useTitle';
import { BringIn } from './BringIn';
import { forgetSheet, rememberSheet } from './useSheet';

const when = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'long' });

/** All sheets of the teacher, the one changed last first. */
export function Shelf() {
  useTitle('Sheets');
  const navigate = useNavigate();
  const client = useQueryClient();
  const notice = useNotice();
  const shelf = useQuery(shelfQuery);
  const [bringing, setBringing] = useState(false);
  const [search, setSearch] = useState('');
  const found = shelf.data?.filter((sheet) => sheet.title.toLowerCase().includes(search.trim().toLowerCase()));
  const refresh = () => void client.invalidateQueries(shelfQuery);
  const sorry = (failure: Error) => {
    notice(failure.message);
  };
  const begin = useMutation({
    mutationFn: () => ask<SheetReply>('POST', '/api/sheets', { title: '', questions: [] }),
    onSuccess: (sheet) => {
      rememberSheet(sheet);
      refresh();
      void navigate(`/prepare?sheet=${sheet.id}`);
    },
    onError: sorry,
  });
  const copy = useMutation({
    mutationFn: (id: string) => ask<SheetReply>('POST', `/api/sheets/${id}/copy`),
    onSuccess: (sheet) => {
      refresh();
      notice(`Copied as “${sheet.title}”.`);
    },
    onError: sorry,
  });
  const restore = useMutation({
    mutationFn: (id: string) => ask<SheetReply>('POST', `/api/sheets/${id}/restore`),
    onSuccess: refresh,
    onError: sorry,
  });
  const remove = useMutation({
    mutationFn: (sheet: SheetLineReply) => ask<null>('DELETE', `/api/sheets/${sheet.id}`),
    onSuccess: (_, sheet) => {
      forgetSheet(sheet.id);
      refresh();
      notice(`“${sheet.title}” is deleted.`, () => {
        restore.mutate(sheet.id);
      });
    },
    onError: sorry,
  });
  return (
    <div className="mx-auto w-full max-w-4xl px-6 py-8">
      <div className="flex items-end justify-between border-b-2 border-ink pb-3">
        <h1 className="text-3xl font-bold">Sheets</h1>
        <span className="flex gap-2.5">
          <Button
            onClick={() => {
              setBringing(true);
            }}
          >
            Bring in a list
          </Button>
          <Button
            onClick={() => {
              begin.mutate();
            }}
          >
            New sheet
          </Button>
          <Link
            to="/sheets/make"
            className="inline-flex min-h-10 items-center rounded-md border-2 border-ink bg-ink px-4 py-2 font-bold text-paper hover:opacity-85"
          >
            Make a sheet
          </Link>
        </span>
      </div>
      {shelf.isError && <p className="mt-6">{shelf.error.message}</p>}
      {shelf.data?.length === 0 && (
        <p className="mt-6 text-lg">No sheets yet. Begin one with “New sheet”, or type a sum and add it to one.</p>
      )}
      {(shelf.data?.length ?? 0) > 6 && (
        <label className="mt-4 flex items-center gap-3 text-lg">
          Find
          <input
            type="search"
            value={search}
            onChange={(event) => {
              setSearch(event.target.value);
            }}
            className="min-w-0 flex-1 rounded-md border-2 border-ink bg-sheet px-3 py-1.5"
          />
        </label>
      )}
      {search !== '' && found?.length === 0 && <p className="mt-6 text-lg">No sheet has “{search}” in its title.</p>}
      <BringIn open={bringing} onOpenChange={setBringing} />
      <ul>
        {found?.map((sheet) => (
          <li key={sheet.id} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-2">
            <Link
              to={`/prepare?sheet=${sheet.id}`}
              className="min-w-60 flex-1 py-2 text-xl [overflow-wrap:anywhere] hover:underline"
            >
              <span className="font-bold">{sheet.title}</span>
              <span className="block text-base text-soft">
                {sheet.questions === 1 ? '1 question' : `${sheet.questions} questions`}
                {sheet.level === null ? '' : `, ${sheet.level} level`}, changed {when.format(new Date(sheet.changedAt))}
              </span>
            </Link>
            <span className="flex items-center gap-1">
              <Link
                to={`/sheets/${sheet.id}/print`}
                className="inline-flex min-h-10 items-center gap-2 px-2 underline underline-offset-4"
                aria-label={`Print ${sheet.title}`}
              >
                <Printer size={17} aria-hidden="true" /> Print
              </Link>
              <Button
                look="quiet"
                className="font-normal"
                aria-label={`Copy ${sheet.title}`}
                onClick={() => {
                  copy.mutate(sheet.id);
                }}
              >
                <Copy size={17} aria-hidden="true" /> Copy
              </Button>
              <Button
                look="quiet"
                className="font-normal"
                aria-label={`Delete ${sheet.title}`}
                onClick={() => {
                  remove.mutate(sheet);
                }}
              >
                <Trash2 size={17} aria-hidden="true" /> Delete
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
