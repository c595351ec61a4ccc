import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { rungsQuery, shelfQuery } from '../api/queries';
import type { Level, MadeSheetsReply, MakeSheetsRequest } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useNotice } from '../ui/notices';
import { useTitle } from '../ui/useTitle';
import { rememberSheet } from './useSheet';

const levels: readonly [Level, string, string][] = [
  ['support', 'Support', 'fives; nothing crossed, or one hour; all set out'],
  ['core', 'Core', 'fives and ones; hour and noon crossed; empty paper'],
  ['stretch', 'Stretch', 'single minutes; noon and midnight; the unknown anywhere'],
];

type Either = 'any' | 'yes' | 'no';
const must: readonly { value: Either; text: string }[] = [
  { value: 'any', text: 'either' },
  { value: 'yes', text: 'must' },
  { value: 'no', text: 'must not' },
];
const minutes: readonly { value: Either; text: string }[] = [
  { value: 'any', text: 'as the level' },
  { value: 'yes', text: 'fives' },
  { value: 'no', text: 'single' },
];
type Unknown = 'any' | 'end' | 'start' | 'length';
const unknowns: readonly { value: Unknown; text: string }[] = [
  { value: 'any', text: 'any' },
  { value: 'end', text: 'end' },
  { value: 'start', text: 'start' },
  { value: 'length', text: 'length' },
];
const said = (choice: Either): boolean | null => (choice === 'any' ? null : choice === 'yes');

/** From an aim to sheets: rungs of the ladder, how many questions, and the levels wanted. */
export function MakeSheets() {
  useTitle('Make a sheet');
  const rungs = useQuery(rungsQuery);
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  const [title, setTitle] = useState('');
  const [wanted, setWanted] = useState<Record<string, number>>({});
  const [chosen, setChosen] = useState<readonly Level[]>(['support', 'core', 'stretch']);
  const [fives, setFives] = useState<Either>('any');
  const [regroups, setRegroups] = useState<Either>('any');
  const [noon, setNoon] = useState<Either>('any');
  const [midnight, setMidnight] = useState<Either>('any');
  const [unknown, setUnknown] = useState<Unknown>('any');
  const total = Object.values(wanted).reduce((sum, n) => sum + n, 0);
  const make = useMutation({
    mutationFn: () =>
      ask<MadeSheetsReply>('POST', '/api/sheets/make', {
        title,
        aims: Object.entries(wanted).map(([rung, count]) => ({ rung, count })),
        levels: levels.map(([level]) => level).filter((level) => chosen.includes(level)),
        seed: Math.floor(Math.random() * 1e6),
        fives: said(fives),
        regroups: said(regroups),
        noon: said(noon),
        midnight: said(midnight),
        unknown: unknown === 'any' ? null : unknown,
      } satisfies MakeSheetsRequest),
    onSuccess: (made) => {
      made.sheets.forEach(rememberSheet);
      void client.invalidateQueries(shelfQuery);
      notice(
        [
          made.sheets.length === 1 ? 'The sheet is made.' : `${made.sheets.length} sheets are made.`,
          ...made.shortages,
        ].join(' '),
      );
      void navigate(made.sheets.length === 1 ? `/prepare?sheet=${made.sheets[0]?.id ?? ''}` : '/sheets');
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const set = (rung: string, count: number) => {
    setWanted((now) => {
      const next = { ...now };
      if (count <= 0) {
        // eslint-disable-next-line @typescript-eslint/no-dynamic-delete
        delete next[rung];
      } else {
        next[rung] = Math.min(40, count);
      }
      return next;
    });
  };
  const ready = total > 0 && chosen.length > 0 && !make.isPending;
  return (
    <div className="grid min-h-0 flex-1 gap-x-8 overflow-y-auto px-6 py-6 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] lg:overflow-hidden">
      <form
        className="flex flex-col gap-5 lg:overflow-y-auto lg:pr-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) {
            make.mutate();
          }
        }}
      >
        <h1 className="text-3xl font-bold">Make a sheet</h1>
        <label className="block text-lg font-bold">
          Title
          <input
            value={title}
            maxLength={100}
            placeholder="as the first aim, if left empty"
            onChange={(event) => {
              setTitle(event.target.value);
            }}
            className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-1.5 text-xl font-normal placeholder:text-soft"
          />
        </label>
        <fieldset>
          <legend className="text-lg font-bold">Levels</legend>
          {levels.map(([level, name, what]) => (
            <label key={level} className="flex min-h-11 items-center gap-3 text-lg">
              <input
                type="checkbox"
                className="size-5 accent-ink"
                checked={chosen.includes(level)}
                onChange={(event) => {
                  setChosen(event.target.checked ? [...chosen, level] : chosen.filter((one) => one !== level));
                }}
              />
              <span>
                <strong>{name}</strong> <span className="text-base text-soft">{what}</span>
              </span>
            </label>
          ))}
        </fieldset>
        <dl className="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2 text-lg">
          {(
            [
              ['Minutes', fives, setFives, minutes],
              ['Regroup', regroups, setRegroups, must],
              ['Cross noon', noon, setNoon, must],
              ['Cross midnight', midnight, setMidnight, must],
            ] as const
          ).map(([label, value, onChange, options]) => (
            <div key={label} className="contents">
              <dt>{label}</dt>
              <dd>
                <Choice label={label} value={value} options={options} onChange={onChange} />
              </dd>
            </div>
          ))}
          <dt>Unknown</dt>
          <dd>
            <Choice label="Unknown" value={unknown} options={unknowns} onChange={setUnknown} />
          </dd>
        </dl>
        <div className="sticky bottom-0 flex items-center gap-4 border-t-2 border-ink bg-paper py-3">
          <Button type="submit" look="strong" className="text-lg" aria-disabled={!ready}>
            {make.isPending ? 'Making…' : chosen.length > 1 ? `Make ${chosen.length} sheets` : 'Make the sheet'}
          </Button>
          <span className="text-lg text-soft">
            {total === 0 ? 'Choose what it is about.' : total === 1 ? '1 question' : `${total} questions`}
          </span>
        </div>
      </form>
      <section aria-label="What it is about" className="min-h-0 lg:overflow-y-auto">
        <h2 className="text-xl font-bold">What it is about</h2>
        <ul className="mt-1">
          {rungs.data?.map((rung) => {
            const count = wanted[rung.id] ?? 0;
            return (
              <li key={rung.id} className="flex items-center gap-2 border-b border-hair py-0.5">
                <span className={`flex-1 text-lg ${count > 0 ? 'font-bold' : ''}`}>{rung.can}</span>
                <button
                  type="button"
                  className="grid size-10 place-items-center rounded hover:bg-wash aria-disabled:opacity-40"
                  aria-label={`Fewer: ${rung.can}`}
                  aria-disabled={count === 0}
                  onClick={() => {
                    set(rung.id, count - 1);
                  }}
                >
                  <Minus size={18} aria-hidden="true" />
                </button>
                <span className="w-7 text-center text-xl font-bold tabular-nums" aria-hidden="true">
                  {count === 0 ? '' : count}
                </span>
                <button
                  type="button"
                  className="grid size-10 place-items-center rounded hover:bg-wash"
                  aria-label={`More: ${rung.can}${count > 0 ? ` ${count} now` : ''}`}
                  onClick={() => {
                    // the first tap takes a usual number of questions
                    set(rung.id, count === 0 ? 6 : count + 1);
                  }}
                >
                  <Plus size={18} aria-hidden="true" />
                </button>
              </li>
            );
          })}
        </ul>
      </section>
    </div>
  );
}
