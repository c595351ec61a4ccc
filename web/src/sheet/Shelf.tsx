import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Fragment, Suspense, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { ask } from '../api/client';
import { codeQuery, rungsQuery, shelfQuery } from '../api/queries';
import type { SheetReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { useTitle } from '../ui/useTitle';
import { Choice } from '../ui/Choice';
import { useSettled } from '../ui/useSettled';
import { part } from '../ui/part';
import { BringIn } from './BringIn';
import { rowsOf, type Row } from './rows';
import { ShelfRow } from './ShelfRow';
import { useStood } from '../ui/useStood';
import { forgetSheet, rememberSheet } from './useSheet';
import { called } from '../ui/called';

const Sharing = part(() => import('./Sharing').then((it) => it.Sharing));
const DeletedList = part(() => import('../deleted/DeletedList').then((it) => it.DeletedList));
const SchoolShelf = part(() => import('./SchoolShelf').then((it) => it.SchoolShelf));

const places = [
  { value: 'shelf', text: 'mine' },
  { value: 'archive', text: 'archived' },
  { value: 'school', text: 'the school’s' },
  { value: 'deleted', text: 'deleted' },
] as const;
/** The path of the first, with all that were made together in one request. */
const path = ([sheet, ...more]: Row, what = '') =>
  `/api/sheets/${sheet.id}${what}${more.length > 0 ? '?levels=1' : ''}`;

/** What might be the code of a copy. Whether it is one, the server knows. */
const codeLike = /^[a-z0-9]{4}$/i;

/** In the address: whatever class. */
const anyClass = 'any';

/** All sheets of the teacher, the one changed last first. */
export function Shelf() {
  useTitle('Sheets');
  const navigate = useNavigate();
  const client = useQueryClient();
  const notice = useNotice();
  const shelf = useQuery(shelfQuery);
  const [bringing, setBringing] = useState(false);
  const { classes, inHand } = useClasses();
  const rungs = useQuery(rungsQuery);
  const [params, setParams] = useSearchParams();
  const asked = (name: string) => params.get(name) ?? '';
  const put = (name: string, value: string) => {
    setParams(
      (now) => {
        if (value === '') {
          now.delete(name);
        } else {
          now.set(name, value);
        }
        return now;
      },
      { replace: true },
    );
  };
  const search = asked('find');
  const archived = asked('in') === 'archive';
  const ofSchool = asked('in') === 'school';
  const areDeleted = asked('in') === 'deleted';
  const elsewhere = ofSchool || areDeleted;
  const [sharing, setSharing] = useState<Row | null>(null);
  const rung = asked('rung');
  // the sheets of the class in hand, and those of no class, unless others are wanted
  const several = classes.length > 1;
  const classId = several ? asked('class') || (inHand?.id ?? anyClass) : anyClass;
  const words = search.trim().toLowerCase();
  const here = shelf.data?.filter((sheet) => sheet.archived === archived);
  const found = here?.filter(
    (sheet) =>
      sheet.title.toLowerCase().includes(words) &&
      (rung === '' || sheet.rungs.includes(rung)) &&
      (classId === anyClass || sheet.classId === null || sheet.classId === classId),
  );
  const rows = elsewhere ? [] : rowsOf(found ?? []);
  const stood = useStood(
    rows.map((row) => row[0].id),
    archived ? 'archive' : 'shelf',
  );
  const used = new Set(shelf.data?.flatMap((sheet) => sheet.rungs));
  const settled = useSettled(search.trim(), 200);
  const code = useQuery({ ...codeQuery(settled.toUpperCase()), enabled: codeLike.test(settled) });
  const filtered = search !== '' || rung !== '' || classId !== anyClass;
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
  const duplicate = useMutation({
    mutationFn: (row: Row) => ask<SheetReply>('POST', path(row, '/duplicate')),
    onSuccess: (sheet) => {
      refresh();
      notice(`“${sheet.title}” is on the shelf.`);
    },
    onError: sorry,
  });
  const restore = useMutation({
    // what was deleted with it comes back with it
    mutationFn: ([sheet]: Row) => ask<SheetReply>('POST', `/api/sheets/${sheet.id}/restore`),
    onSuccess: refresh,
    onError: sorry,
  });
  const archive = useMutation({
    mutationFn: ({ row, away }: { row: Row; away: boolean }) =>
      ask<SheetReply>(away ? 'PUT' : 'DELETE', path(row, '/archive')),
    onSuccess: (_, { row, away }) => {
      refresh();
      const [{ title }] = row;
      stood.put(row[0].id, away ? `“${title}” is in the archive.` : `“${title}” is back on the shelf.`, () => {
        archive.mutate({ row, away: !away });
      });
    },
    onError: sorry,
  });
  const remove = useMutation({
    mutationFn: (row: Row) => ask<null>('DELETE', path(row)),
    onSuccess: (_, row) => {
      row.forEach((sheet) => {
        forgetSheet(sheet.id);
      });
      refresh();
      stood.put(row[0].id, `“${row[0].title}” is deleted.`, () => {
        restore.mutate(row);
      });
    },
    onError: sorry,
  });
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <div className="flex flex-wrap items-end justify-between gap-y-2 border-b-2 border-ink pb-3">
        <h1 className="text-3xl font-bold">Sheets</h1>
        <span className="flex flex-wrap gap-2.5">
          <Button
            onClick={() => {
              setBringing(true);
            }}
          >
            Import a list
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
      {shelf.data?.length === 0 && !elsewhere && (
        <p className="mt-6 text-lg">No sheets yet. Have one made, or type a sum and add it to one.</p>
      )}
      {shelf.data && (
        <div className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2 text-lg">
          <label className="flex min-w-64 flex-1 items-center gap-3">
            Find
            <input
              type="search"
              value={search}
              placeholder="title, or the code on the paper"
              onChange={(event) => {
                put('find', event.target.value);
              }}
              className="min-w-0 flex-1 rounded-md border-2 border-ink bg-sheet px-3 py-1.5 placeholder:text-soft"
            />
          </label>
          <Filter
            label={called.skill}
            value={rung}
            any="any skill"
            options={(rungs.data ?? []).filter((one) => used.has(one.id)).map((one) => [one.id, one.can])}
            onChange={(value) => {
              put('rung', value);
            }}
          />
          {several && (
            <Filter
              label="Class"
              value={classId === anyClass ? '' : classId}
              any="any class"
              options={classes.map((one) => [one.id, one.name])}
              onChange={(value) => {
                put('class', value === '' ? anyClass : value === inHand?.id ? '' : value);
              }}
            />
          )}
          <Choice
            label="Whose sheets"
            value={areDeleted ? 'deleted' : ofSchool ? 'school' : archived ? 'archive' : 'shelf'}
            options={places}
            onChange={(value) => {
              put('in', value === 'shelf' ? '' : value);
            }}
          />
        </div>
      )}
      {ofSchool && (
        <Suspense fallback={null}>
          <SchoolShelf find={words} rung={rung} />
        </Suspense>
      )}
      {areDeleted && (
        <Suspense fallback={null}>
          <DeletedList of={['sheet', 'copies']} />
        </Suspense>
      )}
      {code.data && codeLike.test(settled) && (
        <p className="mt-4 border-l-4 border-ink bg-sheet px-4 py-2 text-lg">
          Copy <strong>{code.data.code}</strong>
          {code.data.name === '' ? '' : ` of ${code.data.name}`}, “{code.data.title}”:{' '}
          <Link
            to={`/sheets/${code.data.sheetId}/print?set=${code.data.setId}&code=${code.data.code}&part=key`}
            className="font-bold underline underline-offset-4"
          >
            its key
          </Link>
        </p>
      )}
      {found?.length === 0 && filtered && !elsewhere && !code.data && (
        <p className="mt-6 text-lg">
          No sheet here is like that.{' '}
          <button
            type="button"
            className="underline underline-offset-4"
            onClick={() => {
              setParams(several ? { class: anyClass } : {}, { replace: true });
            }}
          >
            Show all
          </button>
        </p>
      )}
      {found?.length === 0 && !filtered && archived && <p className="mt-6 text-lg">The archive is empty.</p>}
      {found?.length === 0 && !filtered && !archived && !elsewhere && (shelf.data?.length ?? 0) > 0 && (
        <p className="mt-6 text-lg">All sheets are in the archive.</p>
      )}
      <BringIn open={bringing} onOpenChange={setBringing} />
      <ul>
        {rows.map((row) => (
          <Fragment key={row[0].id}>
            {stood.before(row[0].id)}
            <ShelfRow
              sheets={row}
              className={several ? (classes.find((one) => one.id === row[0].classId)?.name ?? null) : null}
              onDuplicate={() => {
                duplicate.mutate(row);
              }}
              onShare={() => {
                setSharing(row);
              }}
              onArchive={() => {
                archive.mutate({ row, away: !row[0].archived });
              }}
              onDelete={() => {
                remove.mutate(row);
              }}
            />
          </Fragment>
        ))}
        {stood.last()}
      </ul>
      {sharing && (
        <Suspense fallback={null}>
          <Sharing
            row={sharing}
            onClose={() => {
              setSharing(null);
            }}
          />
        </Suspense>
      )}
    </div>
  );
}

interface FilterProps {
  label: string;
  value: string;
  /** What it says where it keeps nothing out. */
  any: string;
  options: readonly (readonly [id: string, text: string])[];
  onChange: (value: string) => void;
}

/** Keeps out what is not of one kind. */
function Filter({ label, value, any, options, onChange }: FilterProps) {
  return (
    <select
      aria-label={label}
      className="min-h-10 max-w-72 rounded-md border-2 border-ink bg-sheet px-2"
      value={value}
      onChange={(event) => {
        onChange(event.target.value);
      }}
    >
      <option value="">{any}</option>
      {options.map(([id, text]) => (
        <option key={id} value={id}>
          {text}
        </option>
      ))}
    </select>
  );
}
