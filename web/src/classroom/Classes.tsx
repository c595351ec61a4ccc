import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { ask } from '../api/client';
import { classesQuery, rungsQuery } from '../api/queries';
import type { ClassReply, ClassRequest, Style, WeekBegins, Weekend } from '../api/types';
import { DeleteWindow } from '../deleted/DeleteWindow';
import { useBringBack } from '../deleted/queries';
import { ToDeleted } from '../deleted/ToDeleted';
import { Button } from '../ui/Button';
import { newId } from '../ui/newId';
import { useNotice } from '../ui/notices';
import { Pick } from '../ui/Pick';
import { useKept } from '../ui/useKept';
import { useTitle } from '../ui/useTitle';
import { part } from '../ui/part';
import { TakeOut } from '../ui/TakeOut';
import { BringList } from './BringList';
import { namesIn, registerOf } from './register';
import { StyleChoices } from './StyleChoices';
import { usualStyle } from './styles';
import { called } from '../ui/called';

const Together = part(() => import('./Together').then((it) => it.Together));

const put = (one: ClassReply) =>
  ask<ClassReply>('PUT', `/api/classes/${one.id}`, {
    name: one.name,
    children: one.children,
    taught: one.taught,
    style: one.style,
    weekend: one.weekend,
    weekBegins: one.weekBegins,
  } satisfies ClassRequest);

/** The teacher's classes: what the children are called, and what has been taught. */
export function Classes() {
  useTitle('Classes');
  const client = useQueryClient();
  const notice = useNotice();
  const classes = useQuery(classesQuery);
  // a class that is not saved yet is kept with what is written in its form
  const { value: kept, change, forget } = useKept<{ begun: ClassReply | null }>('classes', { begun: null });
  const { begun } = kept;
  const [params] = useSearchParams();
  const [open, setOpen] = useState<string | null>(params.get('open'));
  const [leaving, setLeaving] = useState<{ one: ClassReply; left: string[]; saved: () => void } | null>(null);
  const [together, setTogether] = useState<ClassReply | null>(null);
  const [deleting, setDeleting] = useState<{ one: ClassReply; deleted: () => void } | null>(null);
  // who comes to write one down has its form at once
  const isFirst = params.has('new') && classes.data?.length === 0 && begun === null;
  useEffect(() => {
    if (isFirst) {
      change({ begun: { ...blank, id: newId() } });
    }
  }, [change, isFirst]);
  const refresh = () => client.invalidateQueries(classesQuery);
  const save = useMutation({
    mutationFn: put,
    onSuccess: async (saved) => {
      await refresh();
      if (saved.id === begun?.id) {
        forget();
      }
      notice(`${saved.name} is saved.`);
      // what is not yet taught is said beside the questions of sheets
      client.removeQueries({ queryKey: ['keeper'] });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const bringBack = useBringBack();
  const remove = useMutation({
    mutationFn: (one: ClassReply) => ask<null>('DELETE', `/api/classes/${one.id}`),
    onSuccess: (_, one) => {
      notice(`${one.name} is deleted. Its sheets stay.`, () => {
        bringBack.mutate({ kind: 'class', id: one.id, name: one.name });
      });
    },
    onSettled: refresh,
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const all = classes.data ? [...classes.data, ...(begun ? [begun] : [])] : [];
  const shown = all.find((one) => one.id === open) ?? all.find((one) => one.inHand) ?? all[0];
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <div className="flex flex-wrap items-end justify-between gap-3 border-b-2 border-ink pb-3">
        <h1 className="text-3xl font-bold">Classes</h1>
        <span className="flex flex-wrap gap-4">
          <ToDeleted of="class" />
          <Button
            onClick={() => {
              // one at a time: the one that is not saved yet is gone on with
              const fresh = begun ?? { ...blank, id: newId() };
              change({ begun: fresh });
              setOpen(fresh.id);
            }}
          >
            New class
          </Button>
        </span>
      </div>
      {classes.isError && <p className="mt-6 text-lg">{classes.error.message}</p>}
      {classes.isSuccess && all.length === 0 && (
        <p className="mt-6 text-lg">No class yet. Begin one with “New class”.</p>
      )}
      {all.length > 1 && (
        <nav aria-label="Classes" className="mt-4 flex flex-wrap gap-2">
          {all.map((one) => (
            <Button
              key={one.id}
              look={one.id === shown?.id ? 'strong' : 'plain'}
              aria-pressed={one.id === shown?.id}
              onClick={() => {
                setOpen(one.id);
              }}
            >
              {one.id === begun?.id ? 'Not saved yet' : one.name}
            </Button>
          ))}
        </nav>
      )}
      {shown && (
        <ClassForm
          // saved, it begins anew with what was saved
          key={JSON.stringify(shown)}
          before={shown}
          busy={save.isPending}
          saved={shown.id !== begun?.id}
          onTogether={() => {
            setTogether(shown);
          }}
          onSave={(one, saved) => {
            const left = shown.children.filter((child) => !one.children.some((other) => other.id === child.id));
            if (left.length > 0 && shown.id !== begun?.id) {
              setLeaving({ one, left: left.map((child) => child.name), saved });
            } else {
              save.mutate(one, { onSuccess: saved });
            }
          }}
          onDelete={(deleted) => {
            if (shown.id === begun?.id) {
              deleted();
              forget();
            } else {
              setDeleting({ one: shown, deleted });
            }
          }}
        />
      )}
      {deleting && (
        <DeleteWindow
          title={`Delete ${deleting.one.name}?`}
          goes={[
            deleting.one.children.length === 1
              ? 'its one child'
              : deleting.one.children.length === 0
                ? 'its list of children'
                : `its ${deleting.one.children.length} children`,
            'its plan and its lessons',
            'its papers and their marks',
            'its practices, and all that was seen of the children',
          ]}
          stays="Its sheets stay."
          name={{ is: deleting.one.name, label: 'Type the name of the class' }}
          onDelete={() => {
            deleting.deleted();
            remove.mutate(deleting.one);
            setDeleting(null);
          }}
          onClose={() => {
            setDeleting(null);
          }}
        />
      )}
      {leaving && (
        <DeleteWindow
          title={leaving.left.length === 1 ? 'Does this child leave the class?' : 'Do these children leave the class?'}
          goes={leaving.left.map((name) => `${name}: papers, answers and what was seen`)}
          verb="Save"
          onDelete={() => {
            save.mutate(leaving.one, { onSuccess: leaving.saved });
            setLeaving(null);
          }}
          onClose={() => {
            setLeaving(null);
          }}
        />
      )}
      {together && (
        <Suspense fallback={null}>
          <Together
            of={together}
            onClose={() => {
              setTogether(null);
            }}
          />
        </Suspense>
      )}
    </div>
  );
}

const blank: Omit<ClassReply, 'id'> = {
  name: '',
  children: [],
  taught: [],
  methods: [],
  style: usualStyle,
  weekend: 'saturday-sunday',
  weekBegins: 'monday',
  clockTimes: '',
  clocks: [],
  inHand: false,
};

/** A class as it is being written down. */
interface Writing {
  name: string;
  names: string;
  taught: readonly string[];
  style: Style;
  weekend: Weekend;
  weekBegins: WeekBegins;
}

const weekends: readonly { value: Weekend; text: string }[] = [
  { value: 'saturday-sunday', text: 'Saturday, Sunday' },
  { value: 'friday-saturday', text: 'Friday, Saturday' },
];
const beginnings: readonly { value: WeekBegins; text: string }[] = [
  { value: 'monday', text: 'Monday' },
  { value: 'sunday', text: 'Sunday' },
];

interface FormProps {
  before: ClassReply;
  busy: boolean;
  /** Whether it is kept already, and not only begun here. */
  saved: boolean;
  onTogether: () => void;
  onSave: (one: ClassReply, saved: () => void) => void;
  /** Calls back when it is deleted: then what was written here is forgotten too. */
  onDelete: (deleted: () => void) => void;
}

function ClassForm({ before, busy, saved, onTogether, onSave, onDelete }: FormProps) {
  const rungs = useQuery(rungsQuery);
  const { value, change, forget } = useKept<Writing>(`class.${before.id}`, {
    name: before.name,
    names: before.children.map((child) => child.name).join('\n'),
    taught: before.taught,
    style: before.style,
    weekend: before.weekend,
    weekBegins: before.weekBegins,
  });
  const { name, names, taught, style, weekend, weekBegins } = value;
  const children = registerOf(before.children, namesIn(names));
  const changed =
    name !== before.name ||
    weekend !== before.weekend ||
    weekBegins !== before.weekBegins ||
    JSON.stringify(children) !== JSON.stringify(before.children) ||
    JSON.stringify(taught) !== JSON.stringify(before.taught) ||
    JSON.stringify(style) !== JSON.stringify(before.style);
  const known = rungs.data?.map((rung) => rung.id) ?? [];
  return (
    <form
      className="mt-5 grid gap-x-10 gap-y-5 md:grid-cols-[2fr_3fr]"
      onSubmit={(event) => {
        event.preventDefault();
        if (changed && !busy) {
          onSave({ ...before, name: name.trim(), children, taught: [...taught], style, weekend, weekBegins }, forget);
        }
      }}
    >
      <div className="min-w-0">
        <label className="block text-lg font-bold">
          Name of the class
          <input
            value={name}
            maxLength={60}
            required
            onChange={(event) => {
              change({ name: event.target.value });
            }}
            className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-1.5 text-xl font-normal"
          />
        </label>
        <label className="mt-4 block text-lg font-bold">
          Children, a first name to a line
          <textarea
            value={names}
            rows={12}
            spellCheck={false}
            aria-describedby="children-note"
            onChange={(event) => {
              change({ names: event.target.value });
            }}
            className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-2 text-lg font-normal"
          />
        </label>
        <BringList
          onNames={(list) => {
            change({
              names: list.children.join('\n'),
              ...(name === '' && list.name !== '' ? { name: list.name } : {}),
            });
          }}
        />
        <p id="children-note" className="mt-1 text-soft">
          {children.length === 1 ? '1 child' : `${children.length} children`}. First names, initials or numbers (1–24)
          only: they are printed on paper, and kept until you delete them. The school’s own policy decides.
        </p>
        <div className="mt-3">
          <Pick
            label="Weekend"
            value={weekend}
            options={weekends}
            onChange={(chosen) => {
              change({ weekend: chosen });
            }}
          />
          <Pick
            label="The week begins on"
            value={weekBegins}
            options={beginnings}
            onChange={(chosen) => {
              change({ weekBegins: chosen });
            }}
          />
        </div>
      </div>
      <div className="min-w-0">
        <StyleChoices
          style={style}
          onChange={(chosen) => {
            change({ style: chosen });
          }}
        />
        <fieldset className="mt-5">
          <legend className="text-lg font-bold">Taught so far</legend>
          <p className="text-soft">What needs more than this is pointed out beside a question.</p>
          <ul className="mt-1">
            {rungs.data?.map((rung) => (
              <li key={rung.id} className="flex items-center gap-3 border-b border-hair">
                <label className="flex min-h-9 flex-1 items-center gap-3">
                  <input
                    type="checkbox"
                    className="size-5 shrink-0 accent-ink"
                    checked={taught.includes(rung.id)}
                    onChange={(event) => {
                      change({
                        taught: known.filter((id) => (id === rung.id ? event.target.checked : taught.includes(id))),
                      });
                    }}
                  />
                  {rung.can}
                </label>
                <button
                  type="button"
                  className="min-h-9 shrink-0 px-1 text-soft underline underline-offset-4 hover:text-ink"
                  aria-label={`Taught up to here: ${rung.can}`}
                  onClick={() => {
                    change({ taught: known.slice(0, known.indexOf(rung.id) + 1) });
                  }}
                >
                  up to here
                </button>
              </li>
            ))}
          </ul>
        </fieldset>
      </div>
      {/* as far from the others as it can be */}
      <div className="border-t border-hair pt-4 md:col-span-2">
        <button
          type="button"
          className="min-h-11 px-1 text-soft underline underline-offset-4 hover:text-ink"
          onClick={() => {
            onDelete(forget);
          }}
        >
          {saved ? 'Delete this class…' : 'Cancel'}
        </button>
      </div>
      <div
        data-bar
        className="bottom-0 flex flex-wrap gap-3 roomy:sticky border-t border-hair bg-paper py-3 md:col-span-2"
      >
        <Button type="submit" look="strong" className="text-lg" aria-disabled={!changed || busy}>
          {busy ? 'Saving…' : called.save}
        </Button>
        {saved && before.inHand && !changed && (
          <Link
            to="/today"
            className="inline-flex min-h-11 items-center rounded-md border-2 border-ink bg-sheet px-4 text-lg font-bold hover:bg-wash"
          >
            Lessons
          </Link>
        )}
        {saved && <Button onClick={onTogether}>Who teaches it…</Button>}
        {saved && <TakeOut address={`/api/classes/${before.id}/data`}>Export its data</TakeOut>}
      </div>
    </form>
  );
}
