import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { ask } from '../api/client';
import { rungsQuery, shelfQuery } from '../api/queries';
import type { OpenPracticeRequest, PracticeLineReply, PracticeOf, PracticeReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { DeleteWindow } from '../deleted/DeleteWindow';
import { useBringBack } from '../deleted/queries';
import { ToDeleted } from '../deleted/ToDeleted';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useNotice } from '../ui/notices';
import { Pick, Tick } from '../ui/Pick';
import { Section } from '../ui/Section';
import { useAddress } from '../ui/useAddress';
import { useStood } from '../ui/useStood';
import { useTitle } from '../ui/useTitle';
import { practicesQuery } from './queries';
import { Running } from './Running';

/** Practice of a class at tablets: it is opened, looked on at, closed. */
export function Practise() {
  useTitle('Practise');
  const { inHand } = useClasses();
  const classId = inHand?.id ?? '';
  const list = useQuery(practicesQuery(classId));
  const { params, put } = useAddress();
  if (classId === '') {
    return (
      <p className="px-6 py-5 text-xl">
        <Link to="/classes?new" className="underline underline-offset-4">
          Write down a class
        </Link>{' '}
        first; then its children can practise.
      </p>
    );
  }
  if (!list.data) {
    return list.isError ? <p className="px-6 py-5 text-lg">{list.error.message}</p> : null;
  }
  const open = list.data.find((one) => one.open);
  const id = params.get('practice') ?? open?.id;
  const there = list.data.some((one) => one.id === id);
  if (id !== undefined && there) {
    return (
      <Running
        key={id}
        id={id}
        classId={classId}
        onBack={
          open?.id === id
            ? undefined
            : () => {
                put({ practice: null, seat: null });
              }
        }
      />
    );
  }
  return (
    <div className="mx-auto w-full max-w-5xl overflow-auto px-6 py-6">
      <h1 className="text-3xl font-bold">Practise with {inHand?.name}</h1>
      <Opening classId={classId} taught={inHand?.taught ?? []} />
      <Earlier lines={list.data} />
      <p className="mt-10 max-w-3xl text-base text-soft">
        Children type the code and tap their names, and nothing else: no e-mail, no password. What they answer belongs
        to the record of the class; you can delete it for each child under Follow up. Your school’s own rules for
        children’s data decide.
      </p>
    </div>
  );
}

const kinds = [
  { value: 'needs', text: 'What each child needs' },
  { value: 'rungs', text: 'Choose skills' },
  { value: 'sheet', text: 'A sheet' },
] as const satisfies readonly { value: PracticeOf; text: string }[];

const counts = ['6', '9', '12', '20'].map((count) => ({ value: count, text: count }));

function Opening({ classId, taught }: { classId: string; taught: readonly string[] }) {
  const client = useQueryClient();
  const rungs = useQuery(rungsQuery);
  const shelf = useQuery(shelfQuery);
  const { params, put } = useAddress();
  const [of, setOf] = useState<PracticeOf>(params.has('sheet') ? 'sheet' : 'needs');
  const [wanted, setWanted] = useState<readonly string[]>([]);
  const [sheet, setSheet] = useState(params.get('sheet') ?? '');
  const [many, setMany] = useState('12');
  const [signs, setSigns] = useState(false);
  const [numbers, setNumbers] = useState(false);
  const sheets = (shelf.data ?? []).filter((one) => !one.archived && one.questions > 0);
  const chosen = sheets.some((one) => one.id === sheet) ? sheet : (sheets[0]?.id ?? '');
  const begin = useMutation({
    mutationFn: () =>
      ask<PracticeReply>('POST', `/api/classes/${classId}/practices`, {
        of,
        rungs: [...wanted],
        sheet: of === 'sheet' ? chosen : null,
        many: Number(many),
        signs,
        numbers,
      } satisfies OpenPracticeRequest),
    onSuccess: (reply) => {
      client.setQueryData(['practice', reply.id], reply);
      put({ sheet: null });
      return client.invalidateQueries(practicesQuery(classId));
    },
  });
  return (
    <form
      className="mt-5 max-w-3xl"
      onSubmit={(event) => {
        event.preventDefault();
        begin.mutate();
      }}
    >
      <div className="text-lg">
        <Choice label="What is practised" value={of} options={kinds} onChange={setOf} />
      </div>
      <p className="mt-2 text-lg text-soft">
        {of === 'needs'
          ? 'Each child gets what they can nearly do, and now and then what they know. The first few find out where they stand.'
          : of === 'rungs'
            ? 'Each child gets questions of what you tick, at their own level.'
            : 'The questions of the sheet, one by one; what went wrong comes once more with other numbers.'}
      </p>
      {of === 'rungs' && (
        <fieldset className="mt-3 max-h-80 overflow-auto border-y border-hair py-1" tabIndex={0}>
          <legend className="sr-only">Choose skills</legend>
          {(rungs.data ?? []).map((rung) => (
            <Tick
              key={rung.id}
              label={`${rung.can}${taught.length > 0 && !taught.includes(rung.id) ? ' (not yet taught)' : ''}`}
              value={wanted.includes(rung.id)}
              onChange={(yes) => {
                setWanted(yes ? [...wanted, rung.id] : wanted.filter((one) => one !== rung.id));
              }}
            />
          ))}
        </fieldset>
      )}
      <div className="mt-4 text-lg">
        {of === 'sheet' ? (
          sheets.length === 0 ? (
            <p>There is no sheet with questions yet.</p>
          ) : (
            <Pick
              label="Sheet"
              value={chosen}
              options={sheets.map((one) => ({ value: one.id, text: one.title }))}
              onChange={setSheet}
            />
          )
        ) : (
          <Pick label="Questions for each child" value={many} options={counts} onChange={setMany} />
        )}
        <Tick label="Each child also taps three pictures that only they know" value={signs} onChange={setSigns} />
        <Tick label="Numbers instead of names" value={numbers} onChange={setNumbers} />
      </div>
      <div className="mt-5 flex flex-wrap items-center gap-4">
        <Button look="strong" type="submit" className="min-h-12 text-xl" disabled={begin.isPending}>
          Open
        </Button>
        <p className="text-lg" role="alert">
          {begin.error?.message}
        </p>
      </div>
    </form>
  );
}

function Earlier({ lines }: { lines: readonly PracticeLineReply[] }) {
  const { put } = useAddress();
  const notice = useNotice();
  const client = useQueryClient();
  const bringBack = useBringBack();
  const stood = useStood(lines.map((one) => one.id));
  const remove = useMutation({
    mutationFn: (one: PracticeLineReply) => ask<null>('DELETE', `/api/practices/${one.id}`),
    onSuccess: (_, one) => {
      void client.invalidateQueries({ queryKey: ['practices'] });
      stood.put(one.id, `“${one.title}” is deleted.`, () => {
        bringBack.mutate({ kind: 'practice', id: one.id, name: one.title });
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const [asked, setAsked] = useState<PracticeLineReply | null>(null);
  return lines.length === 0 && stood.none ? null : (
    <Section title="Earlier">
      <ul className="mt-2 text-lg">
        {lines.map((one) => (
          <Fragment key={one.id}>
            {stood.before(one.id)}
            <li className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1">
              <span className="w-32 text-soft tabular-nums">{one.opened}</span>
              <button
                type="button"
                className="min-h-10 flex-1 text-left font-bold underline decoration-1 underline-offset-4"
                onClick={() => {
                  put({ practice: one.id });
                }}
              >
                {one.title}
              </button>
              <span className="text-soft">
                {one.children} {one.children === 1 ? 'child' : 'children'}, {one.answers} answered
              </span>
              <Button
                look="quiet"
                aria-label={`Delete: ${one.title}, ${one.opened}`}
                onClick={() => {
                  setAsked(one);
                }}
              >
                Delete…
              </Button>
            </li>
          </Fragment>
        ))}
        {stood.last()}
      </ul>
      <ToDeleted of="practice" />
      {asked && (
        <DeleteWindow
          title={`Delete “${asked.title}”?`}
          goes={[asked.answers === 1 ? 'one answer' : `${asked.answers} answers`, 'what they say of each child']}
          onDelete={() => {
            remove.mutate(asked);
            setAsked(null);
          }}
          onClose={() => {
            setAsked(null);
          }}
        />
      )}
    </Section>
  );
}
