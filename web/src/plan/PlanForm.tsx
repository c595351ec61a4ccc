import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { rungsQuery } from '../api/queries';
import type { CourseText, NeededRequest, PlanReply, RungReply, StandingReply } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { useKept } from '../ui/useKept';
import { plusDays } from './days';
import { DayField, TimeField } from '../classroom/written';
import { field, NumberField } from './fields';
import { listOf } from './listOf';
import { planQuery } from './queries';
import { useBringBack } from './useBringBack';

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** What the class is to learn, when it has lessons, and how many: three steps to a plan. */
export function PlanForm({
  plan,
  classId,
  taught,
}: {
  plan: PlanReply;
  classId: string;
  /** Ids of rungs that the class has been taught. */
  taught: readonly string[];
}) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  const rungs = useQuery(rungsQuery).data ?? [];
  const { value, change, forget } = useKept<CourseText>(
    `plan ${classId}`,
    plan.course
      ? { ...plan.course, first: plan.course.first < plan.today ? plan.today : plan.course.first }
      : {
          wanted: [],
          had: [...taught],
          week: [
            { weekday: 1, start: '09:40', minutes: 60 },
            { weekday: 3, start: '09:40', minutes: 60 },
          ],
          first: plan.today,
          lessons: 6,
          off: [],
          seed: 1,
        },
  );
  const week = listOf(value.week, (list) => {
    change({ week: list });
  });
  const off = listOf(value.off, (list) => {
    change({ off: list });
  });
  const bringBack = useBringBack(classId);
  const make = useMutation({
    mutationFn: () => ask<PlanReply>('PUT', `/api/classes/${classId}/plan`, value satisfies CourseText),
    onMutate: () => plan,
    onSuccess: (reply, _, before) => {
      forget();
      if (before.lessons.length > 0) {
        notice('The lessons are planned anew.', () => {
          bringBack(before);
        });
      }
      client.setQueryData(planQuery(classId).queryKey, reply);
      void client.invalidateQueries({ queryKey: ['plan', classId, 'path'] });
      void navigate('/today', { state: { said: reply.said } });
    },
  });
  const anew = plan.lessons.some((one) => one.state === 'planned' && one.on >= value.first);
  return (
    <form
      className="mt-4 space-y-7"
      onSubmit={(event) => {
        event.preventDefault();
        make.mutate();
      }}
    >
      <Step number={1} title="Which skills?">
        <Wanted rungs={rungs} value={value} classId={classId} onChange={change} />
      </Step>
      <Step number={2} title="When are the lessons?">
        <ul className="space-y-2">
          {value.week.map((one, i) => {
            const put = week.at(i);
            return (
              <li key={i} className="flex flex-wrap items-center gap-2.5 text-lg">
                <select
                  aria-label={`Day of lesson ${i + 1}`}
                  className={field}
                  value={one.weekday}
                  onChange={(event) => {
                    put({ weekday: Number(event.target.value) });
                  }}
                >
                  {weekdays.map((name, day) => (
                    <option key={name} value={day + 1}>
                      {name}
                    </option>
                  ))}
                </select>
                at
                <TimeField
                  label={`Time of lesson ${i + 1}`}
                  value={one.start}
                  onChange={(value) => {
                    put({ start: value });
                  }}
                />
                for
                <NumberField
                  label={`Minutes of lesson ${i + 1}`}
                  least={10}
                  most={240}
                  value={one.minutes}
                  onChange={(value) => {
                    put({ minutes: value });
                  }}
                />
                minutes
                {value.week.length > 1 && (
                  <Remove
                    label={`Lesson ${i + 1} of the week away`}
                    onRemove={() => {
                      week.remove(i);
                    }}
                  />
                )}
              </li>
            );
          })}
        </ul>
        <Button
          look="quiet"
          className="mt-1"
          onClick={() => {
            const last = value.week[value.week.length - 1];
            week.add({
              weekday: ((last?.weekday ?? 0) % 5) + 1,
              start: last?.start ?? '09:40',
              minutes: last?.minutes ?? 60,
            });
          }}
        >
          <Plus size={18} aria-hidden="true" /> another lesson in the week
        </Button>
      </Step>
      <Step number={3} title="How many lessons?">
        <div className="flex flex-wrap items-center gap-2.5 text-lg">
          <NumberField
            label="Lessons"
            least={1}
            most={120}
            value={value.lessons}
            onChange={(value) => {
              change({ lessons: value });
            }}
          />
          lessons from
          <DayField
            label="First day"
            value={value.first}
            onChange={(value) => {
              change({ first: value });
            }}
          />
          on
        </div>
        <ul className="mt-2 space-y-2">
          {value.off.map((one, i) => {
            const put = off.at(i);
            return (
              <li key={i} className="flex flex-wrap items-center gap-2.5 text-lg">
                none from
                <DayField
                  label={`Days off ${i + 1}: from`}
                  value={one.from}
                  onChange={(value) => {
                    put({
                      from: value,
                      ...(one.to < value ? { to: value } : {}),
                    });
                  }}
                />
                to
                <DayField
                  label={`Days off ${i + 1}: to`}
                  least={one.from}
                  value={one.to}
                  onChange={(value) => {
                    put({ to: value });
                  }}
                />
                <Remove
                  label={`Days off ${i + 1} away`}
                  onRemove={() => {
                    off.remove(i);
                  }}
                />
              </li>
            );
          })}
        </ul>
        <Button
          look="quiet"
          className="mt-1"
          onClick={() => {
            const from = plusDays(value.first === '' ? plan.today : value.first, 7);
            off.add({ from, to: plusDays(from, 6) });
          }}
        >
          <Plus size={18} aria-hidden="true" /> days without a lesson
        </Button>
      </Step>
      {make.isError && (
        <p role="alert" className="text-lg">
          {make.error.message}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <Button look="strong" className="text-lg" type="submit" aria-disabled={make.isPending}>
          {anew ? 'Re-plan from this date' : 'Plan the lessons'}
        </Button>
        {anew && (
          <p className="text-soft">
            What is planned from that day on is replaced, and can be brought back; what was taught stays.
          </p>
        )}
      </div>
    </form>
  );
}

function Step({ number, title, children }: { number: number; title: string; children: ReactNode }) {
  return (
    <fieldset>
      <legend className="mb-2 text-xl font-bold">
        <span
          className="mr-2 inline-grid size-8 place-items-center rounded-full border-2 border-ink"
          aria-hidden="true"
        >
          {number}
        </span>
        {title}
      </legend>
      {children}
    </fieldset>
  );
}

function Remove({ label, onRemove }: { label: string; onRemove: () => void }) {
  return (
    <button
      type="button"
      className="grid size-10 place-items-center rounded-md hover:bg-wash"
      aria-label={label}
      onClick={onRemove}
    >
      <X size={20} aria-hidden="true" />
    </button>
  );
}

/** What is wanted, from the ladder; and what that needs, which the class may have already. */
function Wanted({
  rungs,
  value,
  classId,
  onChange,
}: {
  rungs: readonly RungReply[];
  value: CourseText;
  classId: string;
  onChange: (part: Partial<CourseText>) => void;
}) {
  const [find, setFind] = useState('');
  // what was wanted before stands above; what is ticked now stays in its place
  const [earlier] = useState(value.wanted);
  const needed = useQuery({
    queryKey: ['plan', classId, 'needed', value.wanted],
    queryFn: ({ signal }) =>
      ask<StandingReply[]>(
        'POST',
        `/api/classes/${classId}/plan/needed`,
        { rungs: value.wanted } satisfies NeededRequest,
        signal,
      ),
    enabled: value.wanted.length > 0,
  });
  const before = value.wanted.length === 0 ? [] : (needed.data ?? []).filter((one) => !value.wanted.includes(one.rung));
  const words = find.trim().toLowerCase();
  const inOrder = [
    ...rungs.filter((one) => earlier.includes(one.id)),
    ...rungs.filter((one) => !earlier.includes(one.id)),
  ];
  const shown = inOrder.filter(
    (one) => words === '' || `${one.can} ${one.id.replaceAll('-', ' ')}`.toLowerCase().includes(words),
  );
  return (
    <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
      <div className="min-w-0">
        <input
          type="search"
          aria-label="Find on the ladder"
          placeholder="find: noon, timetable, regroup"
          className="min-h-10 w-full rounded-md border-2 border-ink bg-sheet px-2.5 text-lg placeholder:text-soft"
          value={find}
          onChange={(event) => {
            setFind(event.target.value);
          }}
        />
        <ul
          className="mt-2 h-64 overflow-y-auto border-y border-hair"
          aria-label="The ladder"
          // a list that scrolls is reached by keys
          tabIndex={0}
        >
          {shown.map((one) => (
            <li key={one.id}>
              <label className="flex min-h-9 items-start gap-2.5 py-1">
                <input
                  type="checkbox"
                  className="mt-1 size-5 shrink-0 accent-ink"
                  checked={value.wanted.includes(one.id)}
                  onChange={(event) => {
                    onChange({
                      wanted: event.target.checked
                        ? [...value.wanted, one.id]
                        : value.wanted.filter((id) => id !== one.id),
                      // what is to be learnt is not had already
                      had: value.had.filter((id) => id !== one.id),
                    });
                  }}
                />
                {one.can}
              </label>
            </li>
          ))}
          {shown.length === 0 && (
            <li className="py-2">Nothing on the ladder has these words. Try noon, or timetable.</li>
          )}
        </ul>
      </div>
      <div className="min-w-0" aria-live="polite">
        {value.wanted.length === 0 ? (
          <p className="text-lg text-soft">Tick the skills. What they need first appears here.</p>
        ) : before.length === 0 ? (
          needed.isSuccess && <p className="text-lg text-soft">It needs nothing else.</p>
        ) : (
          <fieldset>
            <legend className="text-lg">
              It needs this first. <strong>Tick what the class has;</strong> the rest is planned, too.
            </legend>
            <ul className="mt-1">
              {before.map((one) => (
                <li key={one.rung}>
                  <label className="flex min-h-9 items-start gap-2.5 py-1">
                    <input
                      type="checkbox"
                      className="mt-1 size-5 shrink-0 accent-ink"
                      checked={one.has || value.had.includes(one.rung)}
                      disabled={one.has}
                      onChange={(event) => {
                        onChange({
                          had: event.target.checked
                            ? [...value.had, one.rung]
                            : value.had.filter((id) => id !== one.rung),
                        });
                      }}
                    />
                    <span>
                      {one.title} <span className="text-soft">{one.text || 'not marked yet'}</span>
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </fieldset>
        )}
      </div>
    </div>
  );
}
