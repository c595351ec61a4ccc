import { Ellipsis } from 'lucide-react';
import { Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import type { LessonReply, PartSumRequest, PlanReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { useKeys, usePrintKey } from '../ui/keys';
import { part } from '../ui/part';
import { useStill } from '../ui/useStill';
import { longDay } from './days';
import { Parts } from './Parts';
import { placeOf, useTaught } from './teach';
import { useLesson } from './useLesson';
import { called } from '../ui/called';

// fetched when the hands are still, or when they are asked for
const LessonMenu = part(() => import('./LessonMenu').then((it) => it.LessonMenu));
const After = part(() => import('./After').then((it) => it.After));

/** A lesson in its parts, each as high as it is long, with the times of the clock beside them. */
export function Lesson({ lesson, plan }: { lesson: LessonReply; plan: PlanReply }) {
  const { change, undo, act } = useLesson(lesson);
  const taught = useTaught();
  const navigate = useNavigate();
  const [after, setAfter] = useState(false);
  const [asked, setAsked] = useState(false);
  const still = useStill();
  const menuButton = (
    <button
      type="button"
      className="grid size-11 place-items-center rounded-md hover:bg-wash"
      aria-label="More about this lesson"
      aria-haspopup="menu"
      onClick={() => {
        setAsked(true);
      }}
    >
      <Ellipsis aria-hidden="true" />
    </button>
  );
  const teach = () => {
    const [first] = lesson.parts;
    if (first) {
      taught.change({ lesson: lesson.id, part: 0 });
      void navigate(placeOf(lesson, first));
    }
  };
  useKeys({
    t: teach,
    z: () => {
      undo?.();
    },
  });
  usePrintKey(() => void navigate(`/today/print?lesson=${lesson.id}`));
  const isOver = lesson.over > 0;
  const begins = lesson.on < plan.today || (lesson.on === plan.today && lesson.start <= plan.now);
  return (
    <section aria-label={lesson.title} className="pt-4">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <div className="min-w-0 flex-1 basis-80">
          <h1 className="text-3xl font-bold [overflow-wrap:anywhere]">{lesson.title}</h1>
          <p className="text-lg">
            {longDay(lesson.on)}, <Marked text={lesson.from} /> to <Marked text={lesson.until} />, {lesson.minutes}{' '}
            minutes
          </p>
        </div>
        <div className="flex items-center gap-2">
          {undo && (
            <Button look="quiet" shortcut="Z" onClick={undo}>
              {called.undo}
            </Button>
          )}
          {still || asked ? (
            <Suspense fallback={menuButton}>
              <LessonMenu lesson={lesson} plan={plan} opened={asked} />
            </Suspense>
          ) : (
            menuButton
          )}
          {begins && (
            <Button
              look={lesson.state === 'planned' ? 'plain' : 'quiet'}
              onClick={() => {
                setAfter(true);
              }}
            >
              {lesson.state === 'planned' ? 'How did it go?' : 'How it went'}
            </Button>
          )}
          <Button look="strong" shortcut="T" className="text-lg" onClick={teach}>
            Teach it
          </Button>
        </div>
      </div>
      <p className="mt-1 text-soft">{lesson.why}</p>
      <Parts
        lesson={lesson}
        onChange={(parts) => {
          change({ parts });
        }}
        onOther={(part) => {
          void act(`parts/${part}/other`);
        }}
        onSum={(part, place, sum) => act(`parts/${part}/sums/${place}`, { sum } satisfies PartSumRequest)}
      />
      <div className="ml-16 max-sm:ml-0" role="status">
        {isOver ? (
          <>
            <p className="text-lg">
              <strong className="text-wrong">
                {lesson.over} {lesson.over === 1 ? 'minute' : 'minutes'} over.
              </strong>{' '}
              {lesson.changes.length > 0 ? 'This would make it shorter:' : 'Nothing in it can be shortened.'}
            </p>
            <ul className="mt-1 flex flex-wrap gap-2">
              {lesson.changes.map((one) => (
                <li key={one.said}>
                  <Button
                    onClick={() => {
                      change({ parts: one.parts });
                    }}
                  >
                    {one.said} <span className="font-normal text-soft">saves {one.saves} min</span>
                  </Button>
                </li>
              ))}
              <li>
                <Button
                  look="strong"
                  onClick={() => {
                    act('fit');
                  }}
                >
                  Shorten it to fit
                </Button>
              </li>
            </ul>
          </>
        ) : (
          <p className="text-soft">
            {lesson.over === 0
              ? 'It fits to the minute.'
              : `${-lesson.over} ${lesson.over === -1 ? 'minute' : 'minutes'} to spare.`}
          </p>
        )}
      </div>
      <Note
        key={lesson.id}
        note={lesson.note}
        onNote={(note) => {
          change({ note });
        }}
      />
      {after && (
        <Suspense fallback={null}>
          <After
            lesson={lesson}
            plan={plan}
            onClose={() => {
              setAfter(false);
            }}
          />
        </Suspense>
      )}
    </section>
  );
}

function Note({ note, onNote }: { note: string; onNote: (note: string) => void }) {
  const [text, setText] = useState(note);
  return (
    <label className="mt-5 block max-w-3xl text-lg">
      My notes
      <textarea
        rows={2}
        maxLength={2000}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onBlur={() => {
          if (text !== note) {
            onNote(text);
          }
        }}
        className="mt-1 block w-full rounded-md border-2 border-hair bg-sheet px-3 py-2 focus:border-ink"
      />
    </label>
  );
}
