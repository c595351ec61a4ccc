import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery } from '../api/queries';
import type { LessonReply, PlanReply, WaitingReply } from '../api/types';
import { usePdf } from '../printing/usePdf';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { nearDay } from './days';
import { lessonQuery, pathQuery, planQuery } from './queries';
import { useLesson } from './useLesson';

interface MadeForLesson {
  lesson: LessonReply;
  said: string[];
}

const linkOf: Record<string, (one: WaitingReply) => string> = {
  after: (one) => `/today?lesson=${one.id}`,
  ticket: (one) => `/mark?sheet=${one.id}`,
  pile: (one) => `/mark/${one.id}`,
  groups: () => '/follow-up',
};

/** What must be ready for a lesson, what waits, and where the class stands on its way. */
export function LessonAside({ lesson, plan }: { lesson: LessonReply; plan: PlanReply }) {
  const path = useQuery(pathQuery(lesson.classId)).data ?? [];
  return (
    <div className="space-y-6">
      <Ready lesson={lesson} />
      {plan.waiting.length > 0 && (
        <section aria-label="Still to do">
          <h2 className="text-xl font-bold">Still to do</h2>
          <ul className="mt-1 space-y-1 text-lg">
            {plan.waiting.map((one) => (
              <li key={one.kind + one.id}>
                <Link to={(linkOf[one.kind] ?? (() => '/mark'))(one)} className="underline underline-offset-4">
                  {one.what}
                </Link>{' '}
                <span className="text-soft">{one.more}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {path.length > 0 && (
        <section aria-label="Coming up">
          <h2 className="text-xl font-bold">Coming up</h2>
          <ol className="mt-1 space-y-1.5">
            {path.map((one) => (
              <li key={one.rung} className={one.rung === lesson.rung ? 'font-bold' : ''}>
                {one.short}
                <span className={`block leading-tight ${one.rung === lesson.rung ? '' : 'text-soft'}`}>
                  {[one.text, one.on === null ? '' : `planned for ${nearDay(one.on, plan.today)}`]
                    .filter((text) => text !== '')
                    .join(', ') || 'not marked yet'}
                </span>
              </li>
            ))}
          </ol>
        </section>
      )}
      <p>
        <Link to="/today/plan" className="underline underline-offset-4">
          The whole plan
        </Link>
      </p>
    </div>
  );
}

function Ready({ lesson }: { lesson: LessonReply }) {
  const client = useQueryClient();
  const notice = useNotice();
  const { change } = useLesson(lesson);
  const pdf = usePdf();
  const missing = lesson.ready.filter((one) => !one.ready && one.printed);
  const unmade = lesson.ready.some((one) => !one.made);
  const ready = lesson.ready.filter((one) => one.ready).map((one) => one.id);
  const make = useMutation({
    mutationFn: () => ask<MadeForLesson>('POST', `/api/lessons/${lesson.id}/sheets`),
    onSuccess: ({ lesson: made, said }) => {
      client.setQueryData(lessonQuery(made.id).queryKey, made);
      void client.invalidateQueries(shelfQuery);
      void client.invalidateQueries({ ...planQuery(made.classId), exact: true });
      said.forEach((one) => {
        notice(one);
      });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const print = async () => {
    if (unmade) {
      await make.mutateAsync().catch(() => undefined);
    }
    pdf.make(`/print/lessons/${lesson.id}/missing.pdf/progress`);
  };
  if (lesson.ready.length === 0) {
    return null;
  }
  return (
    <section aria-label="Get ready">
      <h2 className="text-xl font-bold">Get ready</h2>
      <ul className="mt-1 text-lg">
        {lesson.ready.map((one) => (
          <li key={one.id}>
            <label className="flex min-h-10 items-start gap-2.5 py-1">
              <input
                type="checkbox"
                aria-describedby={one.made ? undefined : `made-${one.id}`}
                className="mt-1.5 size-5 shrink-0 accent-ink"
                checked={one.ready}
                onChange={(event) => {
                  change({ ready: event.target.checked ? [...ready, one.id] : ready.filter((id) => id !== one.id) });
                }}
              />
              <span>{one.what}</span>
            </label>
            {!one.made && (
              <p id={`made-${one.id}`} className="-mt-1.5 pb-1 pl-7.5 text-base text-soft">
                not made yet
              </p>
            )}
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {pdf.page !== null ? (
          <>
            <p role="status">{pdf.page === 0 ? 'Making the PDF' : `Making the PDF: page ${pdf.page}`}</p>
            <Button onClick={pdf.stop}>Stop</Button>
          </>
        ) : (
          missing.length > 0 && (
            <Button
              aria-disabled={make.isPending}
              onClick={() => {
                if (!make.isPending) {
                  void print();
                }
              }}
            >
              {make.isPending ? 'Making the sheets' : 'Print what is missing'}
            </Button>
          )
        )}
        {lesson.sheets.core !== undefined && (
          <Link to={`/prepare?sheet=${lesson.sheets.core}`} className="underline underline-offset-4">
            The sheets
          </Link>
        )}
        {lesson.sheets.ticket !== undefined && (
          <Link to={`/prepare?sheet=${lesson.sheets.ticket}`} className="underline underline-offset-4">
            The ticket
          </Link>
        )}
      </div>
    </section>
  );
}
