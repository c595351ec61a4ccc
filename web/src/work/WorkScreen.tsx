import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Suspense, useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import { Link, useLocation, useNavigate, useSearchParams } from 'react-router';
import { ask, Refused } from '../api/client';
import { shelfQuery, withStyle, workQuery } from '../api/queries';
import type { Claim, QuestionText, SheetReply, WorkedSum as Worked } from '../api/types';
import { DayStrip } from '../models/DayStrip';
import { Marked, plain } from '../models/Marked';
import { newQuestion, questionOf, textOf } from '../sheet/draft';
import { rememberSheet, useSheet } from '../sheet/useSheet';
import { Beginning, SheetsToGoOn } from './Beginning';
import { useLine } from './line';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { newId } from '../ui/newId';
import { useNotice } from '../ui/notices';
import { useSettled } from '../ui/useSettled';
import { useTitle } from '../ui/useTitle';
import { rememberSum } from './lastSums';
import { Readings } from './Readings';
import { lineOf, withSum } from '../models/told';
import { WorkedSum } from './WorkedSum';
import { part } from '../ui/part';

// with a sheet in hand, or a list that was pasted
const SheetPanel = part(() => import('../sheet/SheetPanel').then((it) => it.SheetPanel));
const BringIn = part(() => import('../sheet/BringIn').then((it) => it.BringIn));

// for a problem in words
const ToldText = part(() => import('./Told').then((it) => it.ToldText));
const AboutTold = part(() => import('./Told').then((it) => it.AboutTold));
const OnlyATime = part(() => import('./OnlyATime').then((it) => it.OnlyATime));
const WhichSum = part(() => import('./Told').then((it) => it.WhichSum));

const noDay = { pins: [], spans: [] };

/** The working screen: the sum of the sum line worked on the left, the sheet in hand on the right. */
export function WorkScreen() {
  useTitle('Prepare');
  const line = useLine();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const sheetId = params.get('sheet');
  const { keeper, state, error } = useSheet(sheetId);
  const notice = useNotice();
  const client = useQueryClient();
  const typed = line.text.trim() === '' ? null : (line.work.data ?? null);
  // a problem in words of which it is not sure which sum it is
  const { error: failure } = line.work;
  const unsure =
    line.text.trim() !== '' && failure instanceof Refused && !line.work.isPlaceholderData
      ? (failure.problem.told ?? null)
      : null;
  // a time by itself is shown on the clock, once nothing more is typed to it
  const stands = useSettled(line.text, 1200);
  const time =
    failure instanceof Refused && failure.problem.code === 'only-a-time' && line.text === stands ? line.text : null;
  const worked = unsure || time !== null ? null : typed;
  // while one types on, or where the line cannot be read, the last sum stays on the screen, marked as such
  const isOld = worked !== null && (line.work.isPlaceholderData || line.work.isError || line.text !== line.settled);

  // what stays on the screen for a moment has been looked at, and can be gone on with
  const looked = worked !== null && !isOld ? lineOf(worked) : null;
  useEffect(() => {
    const timer = setTimeout(() => {
      if (looked !== null) {
        rememberSum(looked);
      }
    }, 1500);
    return () => {
      clearTimeout(timer);
    };
  }, [looked]);

  const { place } = line;
  const onMove = useCallback(
    (method: string, step: number) => {
      place({ method, step: String(step + 1) });
    },
    [place],
  );

  const begin = useMutation({
    mutationFn: (text: QuestionText | null) =>
      ask<SheetReply>('POST', '/api/sheets', {
        title: '',
        questions: text === null ? [] : [{ id: newId(), text }],
      }),
    onSuccess: (sheet) => {
      rememberSheet(sheet);
      void client.invalidateQueries(shelfQuery);
      place({ sheet: sheet.id });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });

  const add = async (sum: Worked) => {
    if (!keeper) {
      await begin.mutateAsync(questionOf(sum));
      return;
    }
    const question = {
      ...newQuestion(questionOf(sum), { shown: sum.shown, answer: sum.answer?.shown ?? null }),
      problem: sum.open?.text ?? null,
    };
    keeper.change((draft) => ({ ...draft, questions: [...draft.questions, question] }));
  };
  const addAll = async (sums: readonly string[]) => {
    const all = await Promise.all(sums.map((sum) => client.fetchQuery(workQuery(sum))));
    if (!keeper) {
      const sheet = await ask<SheetReply>('POST', '/api/sheets', {
        title: '',
        questions: all.map((one) => ({ id: newId(), text: questionOf(one) })),
      });
      rememberSheet(sheet);
      void client.invalidateQueries(shelfQuery);
      place({ sheet: sheet.id });
      return;
    }
    keeper.change((draft) => ({
      ...draft,
      questions: [
        ...draft.questions,
        ...all.map((one) => newQuestion(questionOf(one), { shown: one.shown, answer: one.answer?.shown ?? null })),
      ],
    }));
  };
  const { wishes, granted } = line;
  const addNow = () => {
    if (worked && !isOld && !begin.isPending) {
      void add(worked).catch(() => undefined);
    }
  };
  const toBoard = worked ? `/teach?sum=${encodeURIComponent(line.text)}` : '/teach';
  useKeys({
    s: addNow,
    b: () => {
      void navigate(toBoard);
    },
  });

  // Shift and Enter may come before the reply: each sum goes on the sheet when it is worked, in the order of asking.
  // Where it cannot be worked now, its text goes on the sheet and is worked when it is saved.
  const busy = useRef(false);
  const [retry, setRetry] = useState(0);
  const grant = useEffectEvent(async (wish: string) => {
    busy.current = true;
    try {
      // asked once: a query would go on asking until there is a connection
      await add(
        client.getQueryData(workQuery(wish).queryKey) ??
          (await ask<Worked>('POST', '/api/work', withStyle({ sum: wish }))),
      );
    } catch (failure) {
      const later = failure instanceof Refused && failure.offline;
      if (later && keeper) {
        keeper.change((draft) => ({ ...draft, questions: [...draft.questions, newQuestion(textOf(wish))] }));
      } else if (later) {
        // no sheet to put it on, and none to be had: it waits
        setTimeout(() => {
          busy.current = false;
          setRetry((tries) => tries + 1);
        }, 3000);
        return;
      } else {
        notice(failure instanceof Error ? failure.message : 'That could not be put on the sheet.');
      }
    }
    busy.current = false;
    granted();
  });
  const ready = keeper !== null || sheetId === null;
  // a list that was pasted into the sum line
  const {
    key,
    search,
    state: given,
  } = useLocation() as { key: string; search: string; state: { list?: string } | null };
  const list = given?.list ?? '';
  useEffect(() => {
    const [wish] = wishes;
    if (wish !== undefined && ready && !busy.current) {
      void grant(wish);
    }
  }, [wishes, ready, retry]);

  return (
    <>
      {list !== '' && ready && (
        <Suspense fallback={null}>
          <BringIn
            key={key}
            open
            onOpenChange={() => {
              void navigate(`/prepare${search}`, { replace: true });
            }}
            pasted={list}
            keeper={keeper}
          />
        </Suspense>
      )}
      {/* where the day is the model, it is drawn once, and large */}
      {worked?.methods[0]?.steps[0]?.picture.type !== 'day' && !worked?.told && !unsure && (
        <div className="border-b border-hair px-4 pt-1.5 low:pt-0 low:[&_svg]:max-h-18">
          <DayStrip strip={worked?.strip ?? noDay} />
        </div>
      )}
      <div className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,1fr)_20rem] xl:grid-cols-[minmax(0,1fr)_25rem]">
        <section
          aria-label="The sum, worked"
          className="flex min-h-0 min-w-0 flex-col overflow-y-auto px-6 pt-3 low:pt-2"
        >
          {unsure ? (
            <Suspense fallback={null}>
              <WhichSum
                told={unsure}
                onChoose={(sum) => {
                  line.open(withSum(unsure.text, sum));
                }}
              />
            </Suspense>
          ) : time !== null ? (
            <Suspense fallback={null}>
              <OnlyATime text={time} />
            </Suspense>
          ) : worked === null ? (
            <Beginning onOpen={line.open} />
          ) : (
            <>
              <div
                className={`flex items-start justify-between gap-x-6 gap-y-1 max-sm:flex-col ${isOld ? 'stale' : ''}`}
              >
                <h1
                  className={`min-w-0 leading-tight ${worked.told ? 'text-[clamp(1.25rem,1.9vw,1.6rem)]' : 'text-[clamp(1.7rem,2.8vw,2.25rem)] font-bold low:text-2xl max-sm:text-2xl'}`}
                  data-testid="sum"
                  aria-busy={isOld}
                >
                  {worked.told ? (
                    <>
                      <Suspense fallback={worked.told.text}>
                        <ToldText told={worked.told} />
                      </Suspense>
                      <span className="mt-1 block font-bold">
                        <WithAnswer worked={worked} />
                      </span>
                    </>
                  ) : worked.solved !== null ? (
                    <span data-testid="solved">
                      <Marked text={worked.solved} />
                    </span>
                  ) : (
                    <WithAnswer worked={worked} />
                  )}
                </h1>
                {worked.answer && (
                  <Button className="shrink-0" onClick={addNow} aria-disabled={isOld} shortcut="S">
                    Add to a sheet
                  </Button>
                )}
              </div>
              {worked.claim && <Claimed claim={worked.claim} />}
              {worked.told && (
                <Suspense fallback={null}>
                  <AboutTold told={worked.told} current={worked.sum} onOpen={line.open} />
                </Suspense>
              )}
              {worked.notes.map((note) => (
                <p key={note.code} className="mt-0.5 text-lg text-soft low:text-base" data-testid="note">
                  {note.text}
                </p>
              ))}
              {worked.readings.length > 0 ? (
                <Readings worked={worked} onOpen={line.open} />
              ) : (
                <WorkedSum
                  worked={worked}
                  method={params.get('method')}
                  step={Number(params.get('step') ?? '1') - 1}
                  onMove={onMove}
                  onAdd={addAll}
                  onBoard={() => {
                    void navigate(toBoard);
                  }}
                />
              )}
            </>
          )}
        </section>
        <aside
          aria-label="Sheet in hand"
          className="flex min-h-0 flex-col bg-desk px-4 py-3 max-lg:border-t-2 lg:border-l-2 border-ink"
        >
          {keeper ? (
            <Suspense fallback={null}>
              <SheetPanel
                keeper={keeper}
                state={state}
                current={worked ? (worked.told?.text ?? plain(worked.shown)) : ''}
                onOpen={line.open}
              />
            </Suspense>
          ) : error ? (
            <p>
              {error.message}{' '}
              <Link to="/sheets" className="underline">
                Back to sheets
              </Link>
            </p>
          ) : sheetId === null ? (
            <SheetsToGoOn
              onBegin={() => {
                begin.mutate(null);
              }}
            />
          ) : null}
        </aside>
      </div>
    </>
  );
}

/** The sum and its answer in a line. */
function WithAnswer({ worked }: { worked: Worked }) {
  return (
    <>
      <Marked text={worked.shown} />
      {worked.answer && (
        <>
          {' = '}
          <span data-testid="answer">
            <Marked text={worked.answer.shown} />
          </span>
        </>
      )}
    </>
  );
}

/** An answer that was typed behind the equals sign, judged. */
function Claimed({ claim }: { claim: Claim }) {
  return (
    <p className="mt-1 text-lg leading-snug" data-testid="claim">
      <span className={claim.right ? '' : 'text-wrong'}>
        <span aria-hidden="true">{claim.right ? '✓ ' : '✗ '}</span>
        <strong>{claim.text}</strong>: {claim.say}
      </span>
      {claim.may.length > 0 && (
        <span className="text-soft"> Whoever wrote it {claim.may.join(', or ').replace(/\.$/, '')}.</span>
      )}
    </p>
  );
}
