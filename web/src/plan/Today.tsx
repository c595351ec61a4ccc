import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { classesQuery } from '../api/queries';
import { useClasses } from '../classroom/useClasses';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { FirstSteps } from './FirstSteps';
import { Lesson } from './Lesson';
import { lessonQuery, planQuery } from './queries';
import { nextLesson } from './days';
import { LessonAside } from './LessonAside';
import { WeekLine } from './WeekLine';

/** Where the day begins: the week in a line, the lesson in its parts, what must be ready and what waits. */
export function Today() {
  useTitle('Today');
  const { inHand } = useClasses();
  const known = useQuery(classesQuery);
  const { params } = useAddress();
  const plan = useQuery(planQuery(inHand?.id ?? ''));
  const chosen = params.get('lesson') ?? (plan.data ? nextLesson(plan.data)?.id : undefined) ?? '';
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
        {lesson.isError && (
          <p className="mt-6 text-lg">
            {lesson.error.message}{' '}
            <Link to="/today" className="underline underline-offset-4">
              The next lesson
            </Link>
          </p>
        )}
        {it && !lesson.isError && (
          <div className={lesson.isPlaceholderData ? 'opacity-60' : ''}>
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
