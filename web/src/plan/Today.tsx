import { useQuery } from '@tanstack/react-query';
import { Link, useLocation } from 'react-router';
import { classesQuery } from '../api/queries';
import { useClasses } from '../classroom/useClasses';
import { useAddress } from '../ui/useAddress';
import { part } from '../ui/part';
import { useTitle } from '../ui/useTitle';
import { Lesson } from './Lesson';
import { lessonQuery, planQuery } from './queries';
import { nextLesson } from './days';
import { LessonAside } from './LessonAside';
import { WeekLine } from './WeekLine';

// for who has no plan yet
const FirstSteps = part(() => import('./FirstSteps').then((it) => it.FirstSteps));

/** What was said when the lessons were planned: what is left out, what is not reached. */
const saidIn = (state: unknown): readonly string[] =>
  typeof state === 'object' && state !== null && 'said' in state && Array.isArray(state.said)
    ? state.said.filter((one) => typeof one === 'string')
    : [];

/** Where the day begins: the week in a line, the lesson in its parts, what must be ready and what waits. */
export function Today() {
  useTitle('Today');
  const { inHand } = useClasses();
  const known = useQuery(classesQuery);
  const { params } = useAddress();
  const plan = useQuery(planQuery(inHand?.id ?? ''));
  const wanted = params.get('lesson');
  // one of another class, or one that is gone, is not looked for here
  const chosen =
    plan.data === undefined
      ? ''
      : ((plan.data.lessons.some((one) => one.id === wanted) ? wanted : nextLesson(plan.data)?.id) ?? '');
  const { state } = useLocation();
  const said = saidIn(state);
  const lesson = useQuery(lessonQuery(chosen));
  if (plan.isError) {
    return <p className="p-6 text-lg">{plan.error.message}</p>;
  }
  if (known.isSuccess && inHand === null) {
    return <FirstSteps plan={null} />;
  }
  if (!plan.data || !inHand) {
    return <p className="late p-8 text-xl">One moment.</p>;
  }
  if (plan.data.lessons.length === 0) {
    return <FirstSteps plan={plan.data} />;
  }
  const it = lesson.data;
  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <div className="min-w-0 flex-1 overflow-y-auto px-6 py-4">
        <WeekLine plan={plan.data} classId={inHand.id} chosen={chosen} />
        {said.length > 0 && (
          <ul role="status" className="mt-3 border-l-6 border-hair pl-3 text-lg">
            {said.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        )}
        {lesson.isError && (
          <p className="mt-6 text-lg">
            {lesson.error.message}{' '}
            <Link to="/today" className="underline underline-offset-4">
              The next lesson
            </Link>
          </p>
        )}
        {it && !lesson.isError && (
          <div className={lesson.isPlaceholderData ? 'stale' : ''} aria-busy={lesson.isPlaceholderData}>
            <Lesson key={it.id} lesson={it} plan={plan.data} />
          </div>
        )}
      </div>
      <aside
        aria-label="Around the lesson"
        className="shrink-0 overflow-y-auto border-ink bg-desk px-5 py-4 max-lg:border-t-2 lg:w-84 lg:border-l-2"
      >
        {it && !lesson.isError ? <LessonAside lesson={it} plan={plan.data} /> : null}
      </aside>
    </div>
  );
}
