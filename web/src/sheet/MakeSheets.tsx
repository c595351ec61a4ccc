import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { rungsQuery, shelfQuery, tablesQuery } from '../api/queries';
import type { Layout, Level, MadeSheetsReply, MakeSheetsRequest } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useNotice } from '../ui/notices';
import { newSeed } from '../ui/newId';
import { Pick } from '../ui/Pick';
import { useKept } from '../ui/useKept';
import { useTitle } from '../ui/useTitle';
import { Aims } from './Aims';
import { anyNumbers, inShort, Numbers, said, type NumbersWanted } from './Numbers';
import { totalOf, type Shares } from './shares';
import { Total } from './Total';
import { isOfTable, lineOfQuestion } from './draft';
import { rememberSheet } from './useSheet';

const levels: readonly [Level, string, string][] = [
  ['support', 'Support', 'fives; nothing crossed, or one hour; all set out'],
  ['core', 'Core', 'fives and ones; hour and noon crossed; empty paper'],
  ['stretch', 'Stretch', 'single minutes; noon and midnight; any part missing'],
];
const layouts: readonly { value: Layout; text: string }[] = [
  { value: 'page', text: 'Lesson' },
  { value: 'tickets', text: 'Exit ticket' },
  { value: 'slips', text: 'Warm-up' },
  { value: 'home', text: 'Homework' },
];
/** What is usual for each kind of paper: how many questions of an aim, and for which levels. Common practice. */
const usual: Record<Layout, { first: number; room: number; levels: readonly Level[] }> = {
  page: { first: 6, room: 60, levels: ['support', 'core', 'stretch'] },
  tickets: { first: 3, room: 3, levels: ['core'] },
  slips: { first: 6, room: 6, levels: ['core'] },
  home: { first: 4, room: 60, levels: ['core'] },
};

/** What is being asked for. */
interface Making {
  layout: Layout;
  title: string;
  wanted: Shares;
  chosen: readonly Level[];
  numbers: NumbersWanted;
  mistakes: readonly string[];
  challenge: boolean;
  /** Stories in pairs with the same word, one to add and one to take away. */
  pairs: boolean;
  /** Stories told of the children of the class. */
  names: boolean;
  /** Whether the questions stand in a mixed order, and not as they grow. Not there in what was kept earlier. */
  mixed?: boolean;
  /** Id of the timetable that is read; empty for one made up for the level. Not there in what was kept earlier. */
  table?: string;
  classId: string | null;
}

const nothingYet: Making = {
  layout: 'page',
  title: '',
  wanted: {},
  chosen: usual.page.levels,
  numbers: anyNumbers,
  mistakes: [],
  challenge: false,
  pairs: false,
  names: false,
  mixed: false,
  table: '',
  classId: null,
};

/** From an aim to sheets: rungs of the ladder, how many questions, and the levels wanted. */
export function MakeSheets() {
  useTitle('Make a sheet');
  const rungs = useQuery(rungsQuery);
  const { classes, inHand } = useClasses();
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  const { value, change, forget } = useKept<Making>('making', nothingYet);
  const {
    layout,
    title,
    wanted,
    chosen,
    numbers,
    mistakes,
    challenge,
    pairs,
    names,
    mixed = false,
    table = '',
    classId,
  } = value;
  const mine = classes.find((one) => one.id === classId) ?? inHand;
  const total = totalOf(wanted);
  const looked = [
    ...new Map(
      (rungs.data ?? [])
        .filter((rung) => rung.id in wanted)
        .flatMap((rung) => rung.mistakes.map((one) => [one.id, one])),
    ).values(),
  ];
  const told = (rungs.data ?? []).some((rung) => rung.told && rung.id in wanted);
  const read = (rungs.data ?? []).some((rung) => rung.read && rung.id in wanted);
  const tables = useQuery({ ...tablesQuery, enabled: read });
  const sought = mistakes.filter((id) => looked.some((one) => one.id === id));
  const make = useMutation({
    mutationFn: () =>
      ask<MadeSheetsReply>('POST', '/api/sheets/make', {
        title,
        aims: Object.entries(wanted).map(([rung, count]) => ({ rung, count })),
        levels: levels.map(([level]) => level).filter((level) => chosen.includes(level)),
        seed: newSeed(),
        fives: said(numbers.fives),
        regroups: said(numbers.regroups),
        hour: said(numbers.hour),
        noon: said(numbers.noon),
        midnight: said(numbers.midnight),
        day: numbers.day ?? 'waking',
        unknown: numbers.unknown === 'any' ? null : numbers.unknown,
        mistakes: sought,
        challenge: challenge && usual[layout].room > 6,
        layout,
        classId: mine?.id ?? null,
        pairs: told && pairs === true,
        names: told && names === true,
        mixed,
        table: read && table !== '' ? table : null,
      } satisfies MakeSheetsRequest),
    onSuccess: (made) => {
      forget();
      made.sheets.forEach(rememberSheet);
      void client.invalidateQueries(shelfQuery);
      notice(
        [
          made.sheets.length === 1 ? 'The sheet is made.' : `${made.sheets.length} sheets are made.`,
          ...made.shortages,
        ].join(' '),
      );
      const [first] = made.sheets;
      const sum = first?.questions.find((one) => !isOfTable(one.text));
      // the first question stands worked beside the sheet
      void navigate(
        `/prepare?${new URLSearchParams({ sheet: first?.id ?? '', sum: sum ? lineOfQuestion(sum.text) : '' }).toString()}`,
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const set = (rung: string, count: number) => {
    change({
      wanted: Object.fromEntries(
        Object.entries({ ...wanted, [rung]: Math.min(40, count) }).filter(([, questions]) => questions > 0),
      ),
    });
  };
  const ready = total > 0 && chosen.length > 0 && !make.isPending;
  const { room } = usual[layout];
  return (
    <div className="grid min-h-0 flex-1 gap-x-8 px-6 pt-5 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)] lg:grid-rows-[minmax(0,1fr)_auto] lg:overflow-hidden">
      <form
        id="make"
        className="flex flex-col gap-4 lg:overflow-y-auto lg:pr-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) {
            make.mutate();
          }
        }}
      >
        <h1 className="text-3xl font-bold">Make a sheet</h1>
        <div>
          <Choice
            label="For"
            value={layout}
            options={layouts}
            onChange={(kind) => {
              change({ layout: kind, chosen: usual[kind].levels });
            }}
          />
        </div>
        <label className="block text-lg font-bold">
          Title
          <input
            value={title}
            maxLength={100}
            placeholder="the first skill, if left empty"
            onChange={(event) => {
              change({ title: event.target.value });
            }}
            className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-1.5 text-xl font-normal placeholder:text-soft"
          />
        </label>
        <fieldset>
          <legend className="text-lg font-bold">Levels</legend>
          {levels.map(([level, name, what]) => (
            <label key={level} className="flex min-h-10 items-center gap-3 text-lg">
              <input
                type="checkbox"
                className="size-5 shrink-0 accent-ink"
                checked={chosen.includes(level)}
                onChange={(event) => {
                  change({ chosen: event.target.checked ? [...chosen, level] : chosen.filter((one) => one !== level) });
                }}
              />
              <span>
                <strong>{name}</strong> <span className="text-base text-soft">{what}</span>
              </span>
            </label>
          ))}
        </fieldset>
        <div>
          {classes.length > 1 && (
            <Pick
              label="Class"
              value={mine?.id ?? ''}
              options={classes.map((one) => ({ value: one.id, text: one.name }))}
              onChange={(id) => {
                change({ classId: id });
              }}
            />
          )}
          <Folded label="Numbers" short={inShort(numbers)}>
            <Numbers
              wanted={numbers}
              onChange={(next) => {
                change({ numbers: next });
              }}
            />
          </Folded>
          <Folded
            label="Mistakes to look for"
            short={
              looked.length === 0
                ? 'choose a skill first'
                : sought.length === 0
                  ? 'none in particular'
                  : `${sought.length} of ${looked.length}`
            }
          >
            {looked.length === 0 && <p className="py-2">Choose a skill; its common mistakes appear here.</p>}
            {looked.map((one) => (
              <label key={one.id} className="flex min-h-10 items-center gap-3 border-b border-hair">
                <input
                  type="checkbox"
                  className="size-5 shrink-0 accent-ink"
                  checked={sought.includes(one.id)}
                  onChange={(event) => {
                    change({
                      mistakes: event.target.checked ? [...sought, one.id] : sought.filter((id) => id !== one.id),
                    });
                  }}
                />
                <span>{one.may}</span>
              </label>
            ))}
          </Folded>
          {told && (
            <Folded
              label="Stories"
              short={
                [pairs && 'pairs with the same word', names && 'names of the class'].filter(Boolean).join(', ') ||
                'as they come'
              }
            >
              {(
                [
                  ['pairs', pairs, 'in pairs with the same word: in one it is added, in the other taken away'],
                  ...(mine ? ([['names', names, `with the first names of ${mine.name}`]] as const) : []),
                ] as const
              ).map(([what, on, text]) => (
                <label key={what} className="flex min-h-10 items-center gap-3 border-b border-hair">
                  <input
                    type="checkbox"
                    className="size-5 shrink-0 accent-ink"
                    checked={on === true}
                    onChange={(event) => {
                      change({ [what]: event.target.checked });
                    }}
                  />
                  <span>{text}</span>
                </label>
              ))}
            </Folded>
          )}
          {read && (
            <Pick
              label="Timetable"
              value={table}
              options={[
                { value: '', text: 'made up for the level' },
                ...[...(tables.data?.own ?? []), ...(tables.data?.island ?? [])].map((one) => ({
                  value: one.id,
                  text: one.title,
                })),
              ]}
              onChange={(id) => {
                change({ table: id });
              }}
            />
          )}
          <div className="text-lg">
            <Pick
              label="Order"
              value={mixed ? 'mixed' : 'grows'}
              options={[
                { value: 'grows', text: 'from easy to hard' },
                { value: 'mixed', text: 'mixed' },
              ]}
              onChange={(order) => {
                change({ mixed: order === 'mixed' });
              }}
            />
          </div>
          {room > 6 && (
            <label className="flex min-h-11 items-center gap-3 border-b border-hair text-lg">
              <input
                type="checkbox"
                className="size-5 accent-ink"
                checked={challenge}
                onChange={(event) => {
                  change({ challenge: event.target.checked });
                }}
              />
              A challenge at the end
            </label>
          )}
        </div>
      </form>
      <section aria-label="What to practise" className="min-h-0 max-lg:mt-6 lg:row-span-2 lg:overflow-y-auto lg:pb-5">
        <h2 className="text-xl font-bold">What to practise</h2>
        <Aims
          rungs={rungs.data ?? []}
          wanted={wanted}
          taught={mine?.taught ?? []}
          first={usual[layout].first}
          onChange={set}
        />
      </section>
      <div
        data-bar
        className="bottom-0 flex roomy:sticky flex-wrap items-center gap-x-4 gap-y-2 border-t-2 border-ink bg-paper py-3"
      >
        <Button type="submit" form="make" look="strong" className="text-lg" aria-disabled={!ready}>
          {make.isPending ? 'Making…' : chosen.length > 1 ? `Make ${chosen.length} sheets` : 'Make the sheet'}
        </Button>
        {total === 0 ? (
          <span className="text-lg text-soft">Choose a skill.</span>
        ) : (
          <Total
            wanted={wanted}
            form="make"
            onChange={(next) => {
              change({ wanted: next });
            }}
          />
        )}
        {total > room && (
          <p role="status" className="basis-full text-minute">
            There is room for {room}; only the first {room} are printed.
          </p>
        )}
      </div>
    </div>
  );
}

/** Settings that are folded away until somebody wants them. */
function Folded({ label, short, children }: { label: string; short: string; children: ReactNode }) {
  return (
    <details className="border-b border-hair">
      <summary className="flex min-h-11 cursor-pointer items-center gap-2 text-lg">
        <span>{label}</span>
        <span className="ml-auto text-right text-base font-bold">{short}</span>
      </summary>
      <div className="pb-2 pl-4">{children}</div>
    </details>
  );
}
