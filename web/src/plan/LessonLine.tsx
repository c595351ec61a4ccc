import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { Marked } from '../models/Marked';
import { useKeys } from '../ui/keys';
import { leftInWords, useLeft } from './left';
import { lessonQuery } from './queries';
import { placeOf, useTaught } from './teach';
import { Key } from '../ui/Key';

/** On the board, while a lesson is taught: where in it one is, and what comes next. A quiet line. */
export function LessonLine() {
  const taught = useTaught();
  const navigate = useNavigate();
  const location = useLocation();
  const lesson = useQuery({ ...lessonQuery(taught.value.lesson), retry: false });
  const it = lesson.data;
  const at = Math.min(taught.value.part, (it?.parts.length ?? 1) - 1);
  const part = it?.parts[at];
  const go = (to: number) => {
    const next = it?.parts[to];
    if (it && next) {
      taught.change({ part: to });
      void navigate(placeOf(it, next, window.location.pathname === '/teach' ? window.location.search : ''));
    }
  };
  useKeys({
    PageDown: () => {
      go(at + 1);
    },
    PageUp: () => {
      go(at - 1);
    },
  });
  const { forget } = taught;
  useEffect(() => {
    // a lesson that is gone is not taught any more
    if (lesson.isError) {
      forget();
    }
  }, [forget, lesson.isError]);
  const left = useLeft(taught.value.began, part?.minutes ?? 0);
  if (!it || !part || it.id !== taught.value.lesson) {
    return null;
  }
  // an activity that is opened by itself is no part of the lesson
  const activity = /^\/teach\/activity\/([^/]+)/.exec(location.pathname)?.[1] ?? null;
  const isElsewhere =
    ['/teach/clock', '/teach/day'].includes(location.pathname) ||
    (activity !== null && activity !== part.text.activity);
  const next = it.parts[at + 1];
  const way = 'inline-flex min-h-10 items-center underline underline-offset-4';
  return (
    <div
      role="region"
      aria-label="The lesson"
      className="flex flex-wrap items-center gap-x-5 border-b border-hair px-6 py-0.5"
      data-place={location.pathname}
    >
      <p>
        {isElsewhere ? (
          <Link to={placeOf(it, part)} className={way}>
            Back to the lesson: {part.title}
          </Link>
        ) : (
          <>
            <span className="font-bold">{part.title}</span>{' '}
            <span className="text-soft">
              {at + 1} of {it.parts.length}, planned until <Marked text={part.until} />
            </span>
          </>
        )}
      </p>
      {!isElsewhere && (
        <p className="flex items-center gap-2 font-bold" data-testid="left">
          <span aria-hidden="true" className="inline-block h-3 w-24 border-2 border-ink">
            <span className="block h-full bg-ink" style={{ width: `${left.share * 100}%` }} />
          </span>
          {leftInWords(left)}
        </p>
      )}
      {/* to the scale of their minutes */}
      <ol className="flex h-2.5 min-w-40 flex-1 gap-px" aria-hidden="true">
        {it.parts.map((one, i) => (
          <li
            key={one.text.id}
            style={{ flexGrow: one.minutes }}
            className={i < at ? 'bg-hair' : i === at ? 'bg-ink' : 'bg-wash outline-1 -outline-offset-1 outline-hair'}
          />
        ))}
      </ol>
      {at > 0 && (
        <button
          type="button"
          className={way}
          onClick={() => {
            go(at - 1);
          }}
        >
          Back
        </button>
      )}
      {next ? (
        <button
          type="button"
          className={`${way} font-bold`}
          onClick={() => {
            go(at + 1);
          }}
        >
          Next: {next.title}
          <Key of="Page ↓" className="ml-2 max-xl:hidden" />
        </button>
      ) : (
        <Link to={`/today?lesson=${it.id}`} className={`${way} font-bold`} onClick={forget}>
          End the lesson
        </Link>
      )}
      <Link to={`/today?lesson=${it.id}`} className={way} onClick={forget}>
        Stop teaching
      </Link>
    </div>
  );
}
