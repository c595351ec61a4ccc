import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type CSSProperties } from 'react';
import { settingQuery } from '../api/queries';
import type { ClockSetting, ClockSettingLength, ClockSettingMove, DayReply, MonthPage } from '../api/types';
import { CoverContext } from '../models/cover';
import type { Hand } from '../models/GearedClock';
import { Marked } from '../models/Marked';
import { typed as asTyped } from '../models/marks';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { useNotice } from '../ui/notices';
import { afresh, type BoardAddress, type ChangeBoard } from './address';
import { CalendarPages } from './CalendarPages';
import { ClockNames, coveredAtFirst, names } from './ClockNames';
import { ClassMenu } from './ClassMenu';
import { revealNext, useCovering } from './covering';
import { CoverMenu } from './CoverMenu';
import { alongTheDay, DayWay } from './DayWay';
import { FaceMenu, faceOf } from './FaceMenu';
import { Dial, Hanging } from './HangingClock';
import { MoreMenu } from './MoreMenu';
import { NextUp } from './NextUp';
import { Rail, RailSpace, RailToggle } from '../ui/Rail';
import { minuteOfDay } from './scene';
import { useClockKeys } from './useClockKeys';
import { WhatStays } from './WhatStays';

const dayMinutes = 1440;

/** So much the clock goes on or back at a press, in minutes. */
const strides = [1, 5, 60] as const;

interface Props {
  day: DayReply;
  board: BoardAddress;
  change: ChangeBoard;
  /** What was typed in the sum line and is no sum; null where nothing was. */
  setting: ClockSetting | null;
  /** Takes what was typed as a sum all the same: "10 to 4"; absent where it can be none. */
  onSum?: (() => void) | undefined;
}

/**
 * A clock without a sum. It hangs over the day and travels along it as its hands are turned; what is gone is drawn on the
 * day, and beside it stands what the time is called.
 */
export function OpenClock({ day, board, change, setting, onSum }: Props) {
  const stands = setting?.times[0]?.at ?? board.at;
  // minutes since midnight of the day on which it was set; goes below 0 and beyond 1439
  const [at, setAt] = useState(setting?.move?.to ?? stands);
  const exact = useRef(setting?.move?.to ?? stands);
  const [move, setMove] = useState<ClockSettingMove | null>(setting?.move ?? null);
  const [byHours, setByHours] = useState(setting?.move?.byHours ?? false);
  const [ready, setReady] = useState<ClockSettingLength | null>(setting?.length ?? null);
  const [pages, setPages] = useState<readonly MonthPage[]>(setting?.pages ?? []);
  const [halfSaid, setHalfSaid] = useState(setting?.times[0]?.halfSaid ?? true);
  const two = setting?.times[1]?.at ?? board.two;
  const [covering, setCovering] = useState(false);
  const covers = useCovering({ ...board, hide: [...board.hide, ...coveredAtFirst] }, change, covering);
  const [field, setField] = useState('');
  const [nextUp, setNextUp] = useState(false);
  const [running, setRunning] = useState(false);
  const [held, setHeld] = useState<number | null>(null);
  const [stride, setStride] = useState<(typeof strides)[number]>(5);
  /** How many times something was asked here: the last one counts. */
  const asked = useRef(0);
  const client = useQueryClient();
  const notice = useNotice();
  const snap = board.face.includes('snap');
  const minute = minuteOfDay(Math.floor(at + 1e-6));
  const days = Math.floor(Math.round(at) / dayMinutes);
  const label = (m: number) =>
    `${day.table.digits[minuteOfDay(m)] ?? ''} ${day.table.halves[minuteOfDay(m)] ?? ''}`.trim();
  const second = running || Math.abs(at - Math.round(at)) > 1e-6 ? Math.floor((at - Math.floor(at)) * 60) : null;

  /** The hands were turned: what was typed, and the way that was gone, belong to where they stood. */
  const settle = (to: number) => {
    setHeld(null);
    exact.current = to;
    setAt(to);
    setMove(null);
    setHalfSaid(true);
    change({ at: minuteOfDay(to), two, sum: '' });
  };
  const onTurn = (hand: Hand, degrees: number) => {
    // the face stays under the finger; let go, it follows its time along the day
    setHeld((now) => now ?? minute);
    exact.current += hand === 'minute' ? degrees / 6 : degrees * 2;
    const step = snap ? 5 : 1;
    setMove(null);
    setAt(Math.round(exact.current / step) * step);
  };
  const turned = () => {
    settle(Math.round(exact.current / (snap ? 5 : 1)) * (snap ? 5 : 1));
  };
  const stop = () => {
    setRunning(false);
  };
  // let it run: a real minute takes a minute; stopped, it stands where it is
  useEffect(() => {
    if (!running) {
      return;
    }
    const began = performance.now();
    const from = exact.current;
    // ten times a second is smooth enough for a hand that goes once round in a minute
    const timer = setInterval(() => {
      exact.current = from + (performance.now() - began) / 60000;
      setAt(exact.current);
    }, 100);
    return () => {
      clearInterval(timer);
    };
  }, [running]);
  useClockKeys({ exact, snap, settle });

  const take = (set: ClockSetting) => {
    setPages(set.pages);
    setReady(set.length);
    setMove(set.move);
    const [first, other] = set.times;
    if (set.move) {
      setByHours(set.move.byHours);
      exact.current = set.move.to;
      setAt(set.move.to);
      change({ at: minuteOfDay(set.move.to), sum: '' });
    } else if (first) {
      exact.current = first.at;
      setAt(first.at);
      setHalfSaid(first.halfSaid);
      change({ at: first.at, two: other?.at ?? null, sum: '' });
    }
    if (set.or !== null) {
      notice(`That can be a year, too: type “${set.or}”.`);
    }
  };
  const go = (text: string) => {
    if (text.trim() === '') {
      return;
    }
    const turn = (asked.current += 1);
    client.fetchQuery(settingQuery(text, minute)).then(
      (set) => {
        // what has been typed since is kept, and is what counts
        if (turn !== asked.current) {
          return;
        }
        if (set) {
          take(set);
          setField((now) => (now === text ? '' : now));
        } else {
          // whatever else it is, the board says
          change(afresh(text), 'push');
        }
      },
      (failure: unknown) => {
        notice(failure instanceof Error ? failure.message : 'No connection at the moment.');
      },
    );
  };
  const sumOf = (text: string) => {
    change(afresh(text), 'push');
  };
  const toggleSecond = () => {
    change({ two: two === null ? minuteOfDay(at + 60) : null, at: minute, sum: '' });
  };
  const jumps = move === null ? [] : byHours ? move.hours : move.jumps;
  const landings =
    move === null
      ? []
      : [move.from, ...jumps.map((jump) => jump.to)].map((place) => ({ at: place, label: label(place) }));
  useKeys({
    r: revealNext,
    j: () => {
      setByHours(!byHours);
    },
    s: toggleSecond,
    ...Object.fromEntries(
      names.map(({ id, key }) => [
        key,
        () => {
          covers.toggle(id, covers.covered(id, []));
        },
      ]),
    ),
  });
  const face = { ...faceOf(board.face), second: board.face.includes('second') || running };
  const onLeft = two === null && alongTheDay(held ?? minute) > 0.5;
  return (
    <CoverContext value={covers}>
      <h1 className="sr-only">{pages.length > 0 ? 'The calendar' : 'A clock over the day'}</h1>
      {pages.length > 0 ? (
        <section aria-label="The calendar" className="relative min-h-0 flex-1 px-[calc(var(--u)*1.9)] py-3">
          <CalendarPages pages={pages} />
        </section>
      ) : (
        <section
          aria-label="The clock and the day"
          className="relative flex min-h-0 flex-1 flex-col px-[calc(var(--u)*1.9)] pt-2"
        >
          <div
            className="relative min-h-0 flex-1 max-md:min-h-[34rem] md:[container-type:size]"
            style={{ '--face': `min(calc(var(--u) * ${two === null ? 34 : 30}), 100cqh, 90vw)` } as CSSProperties}
          >
            {(two === null ? [minute] : [minute, two]).map((place, i) => (
              <Hanging
                key={i}
                share={alongTheDay(place)}
                place={two === null ? alongTheDay(held ?? place) : i === 0 ? 0.14 : 0.64}
              >
                <Dial
                  at={i === 0 ? at : place}
                  face={face}
                  covers={covers}
                  label={label(i === 0 ? minute : place)}
                  {...(i === 0
                    ? { onTurn, onTurnEnd: turned, steps: { hour: 30, minute: snap ? 30 : 6 } }
                    : {
                        onTurn: (hand: Hand, degrees: number) => {
                          change({
                            two: minuteOfDay(place + Math.round(hand === 'minute' ? degrees / 6 : degrees * 2)),
                          });
                        },
                      })}
                />
                {two !== null && (
                  <div className="absolute top-[calc(var(--u)*3)] left-full w-[calc(46cqw-var(--face))] pl-[calc(var(--u)*0.8)]">
                    <ClockNames day={day} at={place} second={null} halfSaid small />
                  </div>
                )}
              </Hanging>
            ))}
            {two === null && (
              <div
                className={`absolute inset-y-0 flex w-[42%] flex-col gap-1 ${move ? '' : 'justify-center'} max-md:static max-md:mt-[calc(var(--face)+1rem)] max-md:w-full ${onLeft ? 'left-0' : 'right-0'}`}
              >
                <ClockNames day={day} at={at} second={second} halfSaid={halfSaid} />
                {days !== 0 && (
                  <p className="wall-small text-soft" data-testid="which-day">
                    {days === 1
                      ? 'Midnight was passed: it is the next day.'
                      : days === -1
                        ? 'Midnight was passed: it is the day before.'
                        : `Midnight was passed ${Math.abs(days)} times.`}
                  </p>
                )}
                {move && <WhatStays key={`${move.sum}${move.from}`} changed={move.changed} step={0} isAnswer={false} />}
                {!halfSaid && (
                  <p className="wall-small text-soft">
                    a.m. or p.m. was not said.{' '}
                    <button
                      type="button"
                      className="underline underline-offset-4"
                      onClick={() => {
                        settle(minute + (minute < 720 ? 720 : -720));
                      }}
                    >
                      Change a.m. and p.m.
                    </button>
                  </p>
                )}
              </div>
            )}
          </div>
          <DayWay
            jumps={jumps}
            landings={landings}
            pins={two === null ? [minute] : [minute, two]}
            spans={two === null ? [] : [{ from: Math.min(minute, two), to: Math.max(minute, two) }]}
            onPick={(place) => {
              settle(Math.round(place / 5) * 5);
            }}
          />
        </section>
      )}
      <Rail>
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            go(field);
          }}
        >
          <input
            aria-label="A time, a length, or a way to go"
            value={field}
            onChange={(event) => {
              setField(event.target.value);
            }}
            placeholder="3 h later, hour by hour"
            autoComplete="off"
            maxLength={120}
            className="h-12 w-60 max-xl:w-44 rounded-md border-2 border-ink bg-sheet px-3 text-xl placeholder:text-soft max-sm:w-48"
          />
          <Button type="submit" look="strong" className="min-h-12">
            Go
          </Button>
        </form>
        {pages.length > 0 && (
          <Button
            className="min-h-12"
            onClick={() => {
              setPages([]);
              change({ sum: '' });
            }}
          >
            Back to the clock
          </Button>
        )}
        {ready && (
          <span className="flex items-center gap-2">
            <span className="text-xl font-bold">
              <Marked text={ready.shown} />
            </span>
            {(['later', 'earlier'] as const).map((way) => (
              <Button
                key={way}
                className="min-h-12"
                onClick={() => {
                  go(`${ready.typed} ${way}`);
                }}
              >
                {way}
              </Button>
            ))}
          </span>
        )}
        {move && (
          <>
            {move.hours.length > move.jumps.length && (
              <RailToggle
                on={byHours}
                shortcut="J"
                onToggle={() => {
                  setByHours(!byHours);
                }}
              >
                Hour by hour
              </RailToggle>
            )}
            <Button
              className="min-h-12"
              onClick={() => {
                sumOf(move.sum);
              }}
            >
              Work it
            </Button>
          </>
        )}
        {two !== null && (
          <Button
            className="min-h-12"
            onClick={() => {
              sumOf(`${asTyped(label(Math.min(minute, two)))} to ${asTyped(label(Math.max(minute, two)))}`);
            }}
          >
            How long is it?
          </Button>
        )}
        {onSum && (
          <Button className="min-h-12" onClick={onSum}>
            Or is it a sum?
          </Button>
        )}
        <RailSpace />
        {pages.length === 0 && (
          <span className="inline-flex items-stretch" role="group" aria-label="Turn the hands">
            <Button
              className="min-h-12 rounded-r-none"
              aria-label={`Back ${stride === 60 ? '1 h' : `${stride} min`}`}
              onClick={() => {
                settle(Math.round(exact.current) - stride);
              }}
            >
              −
            </Button>
            <Button
              className="min-h-12 rounded-none border-x-0 px-2!"
              aria-label={`By ${stride === 60 ? '1 h' : `${stride} min`} at a press`}
              onClick={() => {
                setStride(strides[(strides.indexOf(stride) + 1) % strides.length] ?? 5);
              }}
            >
              {stride === 60 ? '1 h' : `${stride} min`}
            </Button>
            <Button
              className="min-h-12 rounded-l-none"
              aria-label={`On ${stride === 60 ? '1 h' : `${stride} min`}`}
              onClick={() => {
                settle(Math.round(exact.current) + stride);
              }}
            >
              +
            </Button>
          </span>
        )}
        {board.face.includes('second') && (
          <RailToggle
            on={running}
            shortcut=""
            onToggle={() => {
              if (running) {
                stop();
              } else {
                setMove(null);
                setRunning(true);
              }
            }}
          >
            {running ? 'Stop' : 'Let it run'}
          </RailToggle>
        )}
        <ClassMenu change={change} />
        <FaceMenu
          face={board.face}
          onChange={(face) => {
            change({ face });
          }}
          second={{ on: two !== null, toggle: toggleSecond }}
        />
        <CoverMenu board={board} change={change} covering={covering} onCovering={setCovering} />
        <MoreMenu
          items={[
            {
              title: 'The list: next up, been here',
              shortcut: 'q',
              act: () => {
                setNextUp(true);
              },
            },
          ]}
        />
      </Rail>
      <NextUp open={nextUp} onOpenChange={setNextUp} board={board} change={change} />
    </CoverContext>
  );
}
