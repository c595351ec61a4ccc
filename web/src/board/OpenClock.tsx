import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { anotherQuery } from '../api/queries';
import type { DayReply } from '../api/types';
import { useHalves } from '../models/halves';
import { CoverContext } from '../models/cover';
import { DayStrip } from '../models/DayStrip';
import type { Hand } from '../models/GearedClock';
import { typed } from '../models/marks';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { useNotice } from '../ui/notices';
import { newSeed } from '../ui/newId';
import { afresh, type BoardAddress, type ChangeBoard } from './address';
import { BoardClock } from './BoardClock';
import { revealNext, useCovering } from './covering';
import { CoverMenu } from './CoverMenu';
import { FaceMenu } from './FaceMenu';
import { NextUp } from './NextUp';
import { MoreMenu } from './MoreMenu';
import { Rail, RailSpace, RailToggle } from './Rail';
import { minuteOfDay } from './scene';

const dayMinutes = 1440;

/** A clock to turn, without a sum: the hands are geared, and the day turns over with them. */
export function OpenClock({ day, board, change }: { day: DayReply; board: BoardAddress; change: ChangeBoard }) {
  const { am, pm, by24 } = useHalves();
  // minutes since midnight of the day on which it was set; goes below 0 and beyond 1439
  const [at, setAt] = useState(board.at);
  const exact = useRef(board.at);
  const [covering, setCovering] = useState(false);
  const covers = useCovering(board, change, covering);
  const [length, setLength] = useState('');
  const [nextUp, setNextUp] = useState(false);
  const [running, setRunning] = useState(false);
  const snap = board.face.includes('snap');
  const minute = minuteOfDay(at);
  const days = Math.floor(Math.round(at) / dayMinutes);
  const time = typed(`${day.table.digits[minute] ?? ''} ${day.table.halves[minute] ?? ''}`);

  const settle = (to: number) => {
    exact.current = to;
    setAt(to);
    change({ at: minuteOfDay(to) });
  };
  const move = (minutes: number) => () => {
    settle(Math.round(exact.current) + minutes);
  };
  const onTurn = (hand: Hand, degrees: number) => {
    exact.current += hand === 'minute' ? degrees / 6 : degrees * 2;
    const step = snap ? 5 : 1;
    setAt(Math.round(exact.current / step) * step);
  };
  // let it run: a real minute takes a minute
  useEffect(() => {
    if (!running) {
      return;
    }
    const began = performance.now();
    const from = exact.current;
    let frame = 0;
    const tick = () => {
      exact.current = from + (performance.now() - began) / 60000;
      setAt(exact.current);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(frame);
    };
  }, [running]);

  const goBy = (sign: '+' | '-') => {
    const typed = length.trim();
    if (typed !== '') {
      change(afresh(`${time} ${sign} ${typed}`), 'push');
    }
  };
  const client = useQueryClient();
  const notice = useNotice();
  const putInOrder = () => {
    // four times, drawn anew each time
    client.fetchQuery(anotherQuery('order 8:25 am, 8 pm, 8:50 am, 12:40 pm', newSeed())).then(
      (other) => {
        const sum = other.alike[0];
        if (sum) {
          change(afresh(sum.sum), 'push');
        }
      },
      (failure: unknown) => {
        notice(failure instanceof Error ? failure.message : 'No connection at the moment.');
      },
    );
  };
  useKeys({
    r: revealNext,
  });
  // the arrow keys turn the hands: 1 minute, 5 with Shift, an hour with Ctrl
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const way =
        event.key === 'ArrowRight' || event.key === 'ArrowUp'
          ? 1
          : event.key === 'ArrowLeft' || event.key === 'ArrowDown'
            ? -1
            : 0;
      if (way === 0 || event.altKey || event.metaKey) {
        return;
      }
      if (
        event.target instanceof HTMLElement &&
        event.target.closest('input, [role="menu"], [role="dialog"], [data-own-keys]')
      ) {
        return;
      }
      event.preventDefault();
      const now = Math.round(exact.current);
      if (event.ctrlKey) {
        settle(now + way * 60);
      } else if (event.shiftKey || snap) {
        // on to the next five, or back to the last
        settle(way > 0 ? Math.floor(now / 5) * 5 + 5 : Math.ceil(now / 5) * 5 - 5);
      } else {
        settle(now + way);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  });

  return (
    <CoverContext value={covers}>
      <div className="border-b border-hair px-4 pt-1.5 max-[700px]:hidden">
        <DayStrip
          strip={{
            pins: [
              {
                at: minute,
                label: `${day.table.digits[minute] ?? ''} ${day.table.halves[minute] ?? ''}`.trim(),
                role: 'end',
              },
            ],
            spans: [],
          }}
        />
      </div>
      <div className="grid min-h-0 flex-1 gap-x-8 px-6 py-3 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <section aria-label="Clock" className="flex min-h-[16rem] min-w-0">
          <BoardClock
            day={day}
            at={at}
            face={board.face}
            halfSaid
            by24={false}
            onTurn={onTurn}
            onTurnEnd={() => {
              settle(Math.round(exact.current / (snap ? 5 : 1)) * (snap ? 5 : 1));
            }}
          />
        </section>
        <section aria-label="What to do with it" className="flex min-w-0 flex-col justify-center gap-7 py-2">
          <div>
            <h1 className="text-3xl font-bold">Turn the hands</h1>
            <p className="mt-1 text-xl text-soft" data-testid="which-day">
              {days === 0
                ? 'The minute hand carries the hour hand with it.'
                : days === 1
                  ? 'Midnight was passed: it is the next day.'
                  : days === -1
                    ? 'Midnight was passed: it is the day before.'
                    : `Midnight was passed ${Math.abs(days)} times.`}
            </p>
          </div>
          <form
            onSubmit={(event) => {
              event.preventDefault();
              goBy('+');
            }}
          >
            <label className="block text-2xl font-bold" htmlFor="by">
              From {time}, go on or back by
            </label>
            <div className="mt-2 flex flex-wrap gap-3">
              <input
                id="by"
                value={length}
                onChange={(event) => {
                  setLength(event.target.value);
                }}
                placeholder="3 h"
                autoComplete="off"
                maxLength={60}
                className="w-44 rounded-md border-2 border-ink bg-sheet px-3 py-2 text-2xl placeholder:text-soft"
              />
              <Button type="submit" className="min-h-12 text-xl">
                + later
              </Button>
              <Button
                className="min-h-12 text-xl"
                onClick={() => {
                  goBy('-');
                }}
              >
                − earlier
              </Button>
            </div>
          </form>
          <nav aria-label="For the whole class" className="text-2xl">
            <h2 className="font-bold">For the whole class</h2>
            <ul className="mt-1 [&_:is(a,button)]:inline-block [&_:is(a,button)]:min-h-11 [&_:is(a,button)]:underline [&_:is(a,button)]:underline-offset-4">
              <li>
                <Link to="/teach/clock?task=set">Set the hands</Link>
              </li>
              <li>
                <Link to="/teach/clock?task=say">Say the time</Link>
              </li>
              <li>
                <Link to="/teach/clock?task=fives">Count in fives</Link>
              </li>
              <li>
                <button type="button" onClick={putInOrder}>
                  Put four times in order
                </button>
              </li>
              <li>
                <Link to="/teach/day">{by24 ? 'The day' : `The day: ${am} or ${pm}?`}</Link>
              </li>
              <li>
                <Link to="/activities">A warm-up or a game</Link>
              </li>
            </ul>
          </nav>
        </section>
      </div>
      <Rail>
        {[
          [-60, '− 1 h'],
          [-5, '− 5'],
          [-1, '− 1'],
          [1, '+ 1'],
          [5, '+ 5'],
          [60, '+ 1 h'],
        ].map(([minutes, text]) => (
          <Button key={text} className="min-h-12" onClick={move(Number(minutes))}>
            {text}
          </Button>
        ))}
        <RailSpace />
        {board.face.includes('second') && (
          <RailToggle
            on={running}
            shortcut=""
            onToggle={() => {
              if (running) {
                settle(Math.round(exact.current));
              }
              setRunning(!running);
            }}
          >
            {running ? 'Stop' : 'Let it run'}
          </RailToggle>
        )}
        <CoverMenu board={board} change={change} covering={covering} onCovering={setCovering} />
        <FaceMenu
          face={board.face}
          onChange={(face) => {
            change({ face });
          }}
        />
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
