import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { CopyPlus } from 'lucide-react';
import { ask } from '../api/client';
import { meQuery, shelfQuery } from '../api/queries';
import type { SharedSheetReply, SheetReply } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';

interface Props {
  /** Words that the title has, in small letters. */
  find: string;
  rung: string;
}

/** What colleagues have put on the shelf of the school. */
export function SchoolShelf({ find, rung }: Props) {
  const client = useQueryClient();
  const notice = useNotice();
  const me = useQuery(meQuery).data;
  const shelf = useQuery({
    queryKey: ['school-shelf'],
    queryFn: ({ signal }) => ask<SharedSheetReply[]>('GET', '/api/school-shelf', undefined, signal),
  });
  const take = useMutation({
    mutationFn: (sheet: SharedSheetReply) => ask<SheetReply>('POST', `/api/sheets/${sheet.id}/take`),
    onSuccess: (taken) => {
      void client.invalidateQueries(shelfQuery);
      notice(`“${taken.title}” is among your sheets.`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const found = shelf.data?.filter(
    (sheet) => sheet.title.toLowerCase().includes(find) && (rung === '' || sheet.rungs.includes(rung)),
  );
  return (
    <>
      {shelf.isError && <p className="mt-6 text-lg">{shelf.error.message}</p>}
      {shelf.data?.length === 0 && (
        <p className="mt-6 text-lg">
          The school’s shelf is empty. “Share” beside one of your sheets puts it here for all of you.
        </p>
      )}
      {found?.length === 0 && (shelf.data?.length ?? 0) > 0 && (
        <p className="mt-6 text-lg">No sheet of the school is like that.</p>
      )}
      <ul aria-label="The school’s shelf">
        {found?.map((sheet) => (
          <li key={sheet.id} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-3">
            <span className="min-w-60 flex-1 text-xl [overflow-wrap:anywhere]">
              <span className="font-bold">{sheet.title}</span>
              <span className="block text-base text-soft">
                {sheet.questions === 1 ? '1 question' : `${sheet.questions} questions`}
                {sheet.level === null ? '' : `, ${sheet.level} level`}, from {sheet.byId === me?.id ? 'you' : sheet.by}
              </span>
            </span>
            <Button
              look="quiet"
              className="font-normal"
              aria-label={`Take a copy of ${sheet.title}${sheet.level === null ? '' : `, ${sheet.level} level`}`}
              onClick={() => {
                take.mutate(sheet);
              }}
            >
              <CopyPlus size={17} aria-hidden="true" /> Take a copy
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
