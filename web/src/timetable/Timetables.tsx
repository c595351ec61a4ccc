import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery, tablesQuery } from '../api/queries';
import type { AskedTableReply, Level, MadeSheetsReply, TableSheetRequest } from '../api/types';
import { rememberSheet } from '../sheet/useSheet';
import { useBringBack } from '../deleted/queries';
import { ToDeleted } from '../deleted/ToDeleted';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys } from '../ui/keys';
import { useNotice } from '../ui/notices';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { BringTable } from './BringTable';
import { DayOrder } from './DayOrder';
import { DayTable } from './DayTable';
import { askedQuery } from './queries';
import { Reading } from './Reading';
import { boardOf, dayMark, levels, made, wantedOf } from './wanted';
import { called } from '../ui/called';

const causeway = 'causeway';
const dayTasks = [
  { value: 'table', text: 'Complete the table' },
  { value: 'told', text: 'Put in order' },
] as const;

/** Timetables to be read before the class, with questions and where to look for their answers. */
export function Timetables() {
  useTitle('Timetables');
  const { params, put } = useAddress();
  const tables = useQuery(tablesQuery);
  const { day, told, kind, ...wanted } = wantedOf(params, tables.data?.island[0]?.id);
  const { table, level } = wanted;
  const asked = useQuery({
    ...askedQuery(wanted),
    enabled: day === null && (params.has('table') || tables.isSuccess),
  });
  const [bringing, setBringing] = useState(false);
  const client = useQueryClient();
  const notice = useNotice();
  const own = tables.data?.own.find((one) => one.id === table);
  const bringBack = useBringBack();
  const remove = useMutation({
    mutationFn: async () => {
      await ask('DELETE', `/api/timetables/${table}`);
      return { id: table, title: own?.title ?? '' };
    },
    onSuccess: (gone) => {
      put({ table: null, q: null, step: null });
      void client.invalidateQueries({ queryKey: tablesQuery.queryKey, exact: true });
      notice(`“${gone.title}” is deleted.`, () => {
        bringBack.mutate({ kind: 'timetable', id: gone.id, name: gone.title });
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const navigate = useNavigate();
  const sheets = useMutation({
    mutationFn: (wish: readonly Level[]) =>
      ask<MadeSheetsReply>('POST', '/api/sheets/timetable', {
        table,
        levels: [...wish],
        count: 8,
        seed: wanted.seed,
        drawn: wanted.drawn,
        kinds: [...wanted.kinds],
      } satisfies TableSheetRequest),
    onSuccess: (made) => {
      made.sheets.forEach(rememberSheet);
      void client.invalidateQueries(shelfQuery);
      void navigate(`/prepare?sheet=${made.sheets[0]?.id ?? ''}`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const other = () => {
    put({ seed: wanted.seed + 1, q: null, step: null });
  };
  useKeys(day ? {} : { o: other });
  const choose = (id: string) => {
    put({ table: id, q: null, step: null, drawn: id === made || id === causeway ? wanted.drawn + 1 : null });
  };
  return (
    <section className="flex min-h-0 flex-1 flex-col overflow-y-auto px-6 py-3" aria-label="Timetables">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="sr-only">Timetables</h1>
        <select
          aria-label="Timetable"
          className="min-h-10 max-w-md min-w-0 rounded-md border-2 border-ink bg-sheet px-2 text-lg font-bold"
          value={table}
          onChange={(event) => {
            choose(event.target.value);
          }}
        >
          <optgroup label="Ombrel Island">
            {tables.data?.island.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}
              </option>
            ))}
          </optgroup>
          {tables.data && tables.data.own.length > 0 && (
            <optgroup label="Imported">
              {tables.data.own.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.title}
                </option>
              ))}
            </optgroup>
          )}
          <option value={causeway}>The causeway and its tides</option>
          <option value={made}>A made-up one, for the level</option>
          <optgroup label="A day of the island">
            {tables.data?.days.map((day) => (
              <option key={day} value={`${dayMark}${day}`}>
                {day}
              </option>
            ))}
          </optgroup>
        </select>
        <Choice
          label="Level"
          value={level}
          options={levels}
          onChange={(value) => {
            put({ level: value, kind: null, q: null, step: null });
          }}
        />
        {day && (
          <Choice
            label="What is done with it"
            value={told ? 'told' : 'table'}
            options={dayTasks}
            onChange={(value) => {
              put({ task: value === 'told' ? value : null });
            }}
          />
        )}
        {(table === made || table === causeway) && (
          <Button
            onClick={() => {
              put({ drawn: wanted.drawn + 1, q: null, step: null });
            }}
          >
            Another table
          </Button>
        )}
        <div className="ml-auto flex flex-wrap items-center gap-2">
          <Link
            to={`/teach/timetable?${boardOf(params, table)}`}
            className="px-2 font-bold underline underline-offset-4"
          >
            {called.onTheBoard}
          </Link>
          {asked.data && !day && <TakeOut asked={asked.data} />}
          {own && (
            <Button
              onClick={() => {
                remove.mutate();
              }}
            >
              {called.delete}
            </Button>
          )}
          <ToDeleted of="timetable" />
          <Button
            onClick={() => {
              setBringing(true);
            }}
          >
            Add a timetable
          </Button>
        </div>
      </div>
      {day ? (
        told ? (
          <DayOrder wanted={{ day, level, seed: wanted.seed }} onOther={other} />
        ) : (
          <DayTable wanted={{ day, level, seed: wanted.seed }} onOther={other} />
        )
      ) : asked.data ? (
        <Reading
          key={`${table},${level},${wanted.drawn}`}
          asked={asked.data}
          kind={kind}
          current={(Number(params.get('q')) || 1) - 1}
          step={Number(params.get('step') ?? '0')}
          onMove={(q, step) => {
            put({ q: q + 1, step });
          }}
          onKind={(id) => {
            put({ kind: id === '' ? null : id, q: null, step: null });
          }}
          onOther={other}
          onSheet={(all) => {
            if (!sheets.isPending) {
              sheets.mutate(all ? levels.map((one) => one.value) : [level]);
            }
          }}
        />
      ) : (
        asked.isError && <p className="mt-4 text-lg">{asked.error.message}</p>
      )}
      <BringTable
        open={bringing}
        onClose={() => {
          setBringing(false);
        }}
        onKept={(kept) => {
          setBringing(false);
          void client.invalidateQueries({ queryKey: tablesQuery.queryKey, exact: true });
          choose(kept.id);
        }}
      />
    </section>
  );
}

/** The table as CSV. */
function TakeOut({ asked }: { asked: AskedTableReply }) {
  const address = `data:text/csv;charset=utf-8,${encodeURIComponent(asked.table.csv)}`;
  return (
    <a
      className="inline-flex min-h-10 items-center rounded-md border-2 border-ink bg-sheet px-3 font-bold hover:bg-wash"
      href={address}
      download={`${asked.table.title === '' ? 'timetable' : asked.table.title}.csv`}
    >
      {called.exportCsv}
    </a>
  );
}
