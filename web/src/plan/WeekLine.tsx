import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import type { LessonLineReply, PlanReply } from '../api/types';
import { useAddress } from '../ui/useAddress';
import { mondayOf, plusDays, shortDay, weekOf } from './days';
import { Rows } from './Rows';
import { useMoves } from './useMoves';

/** The week in a line, with what is still to be done about each lesson; lessons are dragged to one another's places. */
export function WeekLine({ plan, classId, chosen }: { plan: PlanReply; classId: string; chosen: string }) {
  const { params, put } = useAddress();
  const on = plan.lessons.find((one) => one.id === chosen)?.on ?? plan.today;
  const monday = params.get('week') ?? mondayOf(on);
  const days = weekOf(monday, plan.lessons);
  const shown = days.flatMap((day) => day.lessons);
  const moves = useMoves(plan, classId);
  const turn = 'grid size-10 shrink-0 place-items-center rounded-md hover:bg-wash';
  return (
    <nav aria-label="The week" className="flex items-stretch gap-1 border-b-2 border-ink pb-3">
      <button
        type="button"
        className={turn}
        aria-label="The week before"
        onClick={() => {
          put({ week: plusDays(monday, -7) });
        }}
      >
        <ChevronLeft aria-hidden="true" />
      </button>
      <Rows
        across
        ids={shown.map((one) => one.id)}
        onMove={(id, other) => {
          const to = shown.find((one) => one.id === other);
          if (to) {
            moves.to(id, to);
          }
        }}
      >
        {(row) => (
          <ol className="grid min-w-0 flex-1 auto-cols-fr grid-flow-col">
            {days.map((day) => (
              <li
                key={day.on}
                className={`min-w-0 border-l border-hair px-2.5 max-sm:px-1 max-sm:text-center ${day.on === plan.today ? 'bg-wash' : ''}`}
                aria-current={day.on === plan.today ? 'date' : undefined}
              >
                <p className={day.lessons.length === 0 ? 'text-soft' : 'font-bold'}>
                  {shortDay(day.on)}
                  {day.on === plan.today && <span className="font-normal max-sm:sr-only">, today</span>}
                </p>
                {day.lessons.map((one) =>
                  row(one.id, {
                    name: `“${one.title}”, ${shortDay(one.on)}`,
                    className: 'relative -mx-1 rounded px-1',
                    gripClass: 'absolute top-0 right-0 min-h-7 min-w-6 max-sm:hidden',
                    children: (grip) => (
                      <>
                        <LessonName lesson={one} chosen={one.id === chosen} again={isAgain(shown, one)} />
                        {grip}
                      </>
                    ),
                  }),
                )}
              </li>
            ))}
          </ol>
        )}
      </Rows>
      <button
        type="button"
        className={turn}
        aria-label="The week after"
        onClick={() => {
          put({ week: plusDays(monday, 7) });
        }}
      >
        <ChevronRight aria-hidden="true" />
      </button>
    </nav>
  );
}

/** Whether the lesson before it in this week is about the same. */
const isAgain = (shown: readonly LessonLineReply[], lesson: LessonLineReply) =>
  shown[shown.indexOf(lesson) - 1]?.rung === lesson.rung;

function LessonName({ lesson, chosen, again }: { lesson: LessonLineReply; chosen: boolean; again: boolean }) {
  return (
    <>
      <Link
        to={`/today?lesson=${lesson.id}`}
        aria-current={chosen ? 'page' : undefined}
        className={`block leading-snug max-sm:py-1 sm:pr-5 [overflow-wrap:anywhere] hover:underline ${chosen ? 'font-bold underline decoration-3 underline-offset-4' : ''}`}
      >
        <span className={again ? 'sr-only' : 'max-sm:sr-only'}>{lesson.short}</span>
        {again && <span className="max-sm:sr-only"> again</span>}
        <span className="sm:hidden">{lesson.from}</span>
      </Link>
      <p className="text-soft max-sm:hidden">{lesson.word === '' ? lesson.from : lesson.word}</p>
    </>
  );
}
