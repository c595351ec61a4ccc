import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { ask } from '../api/client';
import { clocksQuery, dayQuery } from '../api/queries';
import type { DayReply, HandsSet, Level } from '../api/types';
import { GearedClock, handsAt, plainFace, type Hand, type Hands } from '../models/GearedClock';
import { Marked, plain } from '../models/Marked';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys } from '../ui/keys';
import { useTitle } from '../ui/useTitle';
import { MoreMenu } from './MoreMenu';
import { Rail, RailSpace } from './Rail';

type Task = 'set' | 'say' | 'fives';

const tasks: readonly { value: Task; text: string }[] = [
  { value: 'set', text: 'Set the hands' },
  { value: 'say', text: 'Say the time' },
  { value: 'fives', text: 'Count in fives' },
];

const levels: readonly { value: Level; text: string }[] = [
  { value: 'support', text: 'Quarters' },
  { value: 'core', text: 'Fives' },
  { value: 'stretch', text: 'Minutes' },
];

/** Practice with one clock for the whole class. */
export function ClockPractice() {
  useTitle('Clock practice');
  const [params, setParams] = useSearchParams();
  const day = useQuery(dayQuery);
  const task = tasks.find((one) => one.value === params.get('task'))?.value ?? 'set';
  const level = levels.find((one) => one.value === params.get('level'))?.value ?? 'support';
  const seed = Number(params.get('seed') ?? '1') || 1;
  const clocks = useQuery(clocksQuery(level, seed));
  const number = Math.max(0, Number(params.get('n') ?? '1') - 1) || 0;
  const set = (parts: Record<string, string>) => {
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        for (const [name, value] of Object.entries(parts)) {
          next.set(name, value);
        }
        return next;
      },
      { replace: true },
    );
  };
  const wanted = clocks.data?.minutes[number] ?? null;
  const next = () => {
    const more = number + 1 < (clocks.data?.minutes.length ?? 0);
    set(more ? { n: String(number + 2) } : { n: '1', seed: String(seed + 1) });
  };
  const chooser = (
    <>
      <Link to="/teach" className="px-2 text-xl underline underline-offset-4">
        Board
      </Link>
      <Choice
        label="Task"
        value={task}
        options={tasks}
        onChange={(value) => {
          set({ task: value });
        }}
      />
    </>
  );
  if (!day.data || (task !== 'fives' && wanted === null)) {
    return day.failureCount + clocks.failureCount > 1 ? (
      <p className="p-8 text-2xl">No connection. Trying again…</p>
    ) : null;
  }
  if (task === 'fives') {
    return <CountFives chooser={chooser} />;
  }
  const round = {
    key: `${task}${level}${seed}-${number}`,
    day: day.data,
    wanted: wanted ?? 0,
    chooser: (
      <>
        {chooser}
        <Choice
          label="How fine"
          value={level}
          options={levels}
          onChange={(value) => {
            set({ level: value, n: '1' });
          }}
        />
      </>
    ),
    onNext: next,
  };
  return task === 'set' ? <SetHands {...round} key={round.key} /> : <SayTime {...round} key={round.key} />;
}

interface Round {
  day: DayReply;
  /** Minutes since 12. */
  wanted: number;
  chooser: React.ReactNode;
  onNext: () => void;
}

/** A clock on the left, what is to be done beside it, what can be chosen below. */
function Frame({
  clock,
  task,
  chooser,
  children,
}: {
  clock: React.ReactNode;
  task: React.ReactNode;
  chooser: React.ReactNode;
  children?: React.ReactNode;
}) {
  return (
    <>
      <div className="grid min-h-0 flex-1 gap-x-8 px-6 py-4 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <section aria-label="Clock" className="flex min-h-[16rem] items-center">
          {clock}
        </section>
        <section aria-label="Task" className="flex flex-col justify-center gap-5">
          {task}
        </section>
      </div>
      <Rail>
        {chooser}
        <RailSpace />
        {children && (
          <>
            {children}
            <RailSpace />
          </>
        )}
        <MoreMenu items={[]} />
      </Rail>
    </>
  );
}

/** A time is shown; somebody sets the two hands, each by itself; it is looked at. */
function SetHands({ day, wanted, chooser, onNext }: Round) {
  const [hands, setHands] = useState<Hands>({ hour: 0, minute: 0 });
  const [hand, setHand] = useState<Hand>('minute');
  const [inWords, setInWords] = useState(false);
  const check = useMutation({
    mutationFn: () => ask<HandsSet>('POST', '/api/board/hands', { wanted, hour: hands.hour, minute: hands.minute }),
  });
  const turn = (which: Hand, degrees: number) => {
    check.reset();
    setHands((now) => ({ ...now, [which]: now[which] + degrees }));
  };
  const set = (which: Hand, to: number) => {
    check.reset();
    setHands((now) => ({ ...now, [which]: to }));
  };
  const step = (way: number) => () => {
    // the minute hand goes from mark to mark, the hour hand in quarters of the way between two numbers
    const by = hand === 'minute' ? 6 : 7.5;
    set(hand, Math.round(hands[hand] / by) * by + way * by);
  };
  const look = () => {
    check.mutate();
  };
  useKeys({
    ArrowRight: step(1),
    ArrowLeft: step(-1),
    ArrowUp: step(5),
    ArrowDown: step(-5),
    h: () => {
      setHand('hour');
    },
    m: () => {
      setHand('minute');
    },
    Enter: look,
    n: onNext,
    w: () => {
      setInWords(!inWords);
    },
  });
  return (
    <Frame
      clock={
        <GearedClock
          hands={hands}
          face={plainFace}
          reads="A clock whose two hands you set"
          onTurn={turn}
          onTurnEnd={() => {
            // a finger is not finer than half a minute
            setHands((now) => ({ ...now, minute: Math.round(now.minute / 3) * 3 }));
          }}
          className="mx-auto h-full"
        />
      }
      task={
        <>
          <h1 className="text-[clamp(2.4rem,6vw,5.5rem)] leading-tight font-bold" data-testid="wanted">
            {inWords ? day.table.words[wanted] : <Marked text={day.table.digits[wanted] ?? ''} />}
          </h1>
          <p className="min-h-24 text-3xl" aria-live="polite" data-testid="verdict">
            {check.data ? (
              <span className={check.data.right ? 'font-bold text-good' : ''}>{check.data.say}</span>
            ) : check.isError ? (
              check.error.message
            ) : (
              'Set both hands.'
            )}
          </p>
          <div className="flex flex-wrap gap-3">
            <Button look="strong" className="min-h-14 text-2xl" shortcut="Enter" onClick={look}>
              Look
            </Button>
            <Button className="min-h-14 text-2xl" shortcut="N" onClick={onNext}>
              Next
            </Button>
            <Button
              className="min-h-14 text-2xl"
              shortcut="W"
              onClick={() => {
                setInWords(!inWords);
              }}
            >
              {inWords ? 'In digits' : 'In words'}
            </Button>
          </div>
        </>
      }
      chooser={chooser}
    >
      <Choice
        label="Hand for the arrow keys"
        value={hand}
        options={[
          { value: 'hour', text: 'Hour hand H' },
          { value: 'minute', text: 'Minute hand M' },
        ]}
        onChange={setHand}
      />
      <Button className="min-h-12" onClick={step(-1)} aria-label="Turn back">
        ←
      </Button>
      <Button className="min-h-12" onClick={step(1)} aria-label="Turn on">
        →
      </Button>
    </Frame>
  );
}

/** A clock is shown; the class says the time; it is revealed in digits and words. */
function SayTime({ day, wanted, chooser, onNext }: Round) {
  const [open, setOpen] = useState(false);
  const reveal = () => {
    setOpen(!open);
  };
  useKeys({ a: reveal, ' ': reveal, n: onNext, ArrowRight: onNext });
  return (
    <Frame
      clock={
        <GearedClock
          hands={handsAt(wanted)}
          face={plainFace}
          reads={open ? `A clock that shows ${plain(day.table.digits[wanted] ?? '')}` : 'A clock to be read'}
          className="mx-auto h-full"
        />
      }
      task={
        <>
          <h1 className="text-4xl font-bold">What time is it?</h1>
          <div className="min-h-44" aria-live="polite" data-testid="told">
            {open && (
              <>
                <p className="text-[clamp(2.4rem,6vw,5.5rem)] leading-tight font-bold">
                  <Marked text={day.table.digits[wanted] ?? ''} />
                </p>
                <p className="text-3xl">{day.table.words[wanted]}</p>
              </>
            )}
          </div>
          <div className="flex gap-3">
            <Button look="strong" className="min-h-14 text-2xl" shortcut="A" onClick={reveal}>
              {open ? 'Hide it' : 'Show it'}
            </Button>
            <Button className="min-h-14 text-2xl" shortcut="N" onClick={onNext}>
              Next
            </Button>
          </div>
        </>
      }
      chooser={chooser}
    />
  );
}

const paces = [
  { value: '2400', text: 'Slow' },
  { value: '1500', text: 'Steady' },
  { value: '900', text: 'Quick' },
] as const;
type Pace = (typeof paces)[number]['value'];

/** Counting in fives round the clock, on and back, at a chosen pace, with the count to be seen or only to be said. */
function CountFives({ chooser }: { chooser: React.ReactNode }) {
  const [mark, setMark] = useState(0);
  const [way, setWay] = useState<'on' | 'back'>('on');
  const [pace, setPace] = useState<Pace>('1500');
  const [going, setGoing] = useState(false);
  const [seen, setSeen] = useState(true);
  const last = way === 'on' ? 12 : 0;
  useEffect(() => {
    if (!going) {
      return;
    }
    const timer = setInterval(() => {
      setMark((now) => (way === 'on' ? Math.min(12, now + 1) : Math.max(0, now - 1)));
    }, Number(pace));
    return () => {
      clearInterval(timer);
    };
  }, [going, way, pace]);
  const atEnd = mark === last;
  const start = () => {
    if (going && !atEnd) {
      setGoing(false);
      return;
    }
    if (atEnd) {
      setMark(way === 'on' ? 0 : 12);
    }
    setGoing(true);
  };
  const step = (by: number) => () => {
    setGoing(false);
    setMark((now) => Math.min(12, Math.max(0, now + by)));
  };
  useKeys({
    ' ': start,
    p: start,
    h: () => {
      setSeen(!seen);
    },
    b: () => {
      setWay(way === 'on' ? 'back' : 'on');
    },
    ArrowRight: step(1),
    ArrowLeft: step(-1),
  });
  return (
    <Frame
      clock={
        <GearedClock
          hands={handsAt(mark * 5)}
          face={{ ...plainFace, fives: seen }}
          reads={`The minute hand at ${mark * 5} minutes`}
          sweep={{ from: 0, to: mark * 5 }}
          className="mx-auto h-full"
        />
      }
      task={
        <>
          <h1 className="text-4xl font-bold">Count in fives, {way === 'on' ? 'on to 60' : 'back to 0'}</h1>
          <p className="mark-m min-h-32 text-[clamp(4rem,11vw,9rem)] leading-none" data-testid="count">
            {seen ? mark * 5 : ' '}
          </p>
          <div className="flex flex-wrap gap-3">
            <Button look="strong" className="min-h-14 text-2xl" shortcut="P" onClick={start}>
              {going && !atEnd ? 'Stop' : atEnd ? 'Again' : 'Count'}
            </Button>
            <Button
              className="min-h-14 text-2xl"
              shortcut="H"
              onClick={() => {
                setSeen(!seen);
              }}
            >
              {seen ? 'Hide the count' : 'Show the count'}
            </Button>
            <Button
              className="min-h-14 text-2xl"
              shortcut="B"
              onClick={() => {
                setWay(way === 'on' ? 'back' : 'on');
              }}
            >
              {way === 'on' ? 'Count back' : 'Count on'}
            </Button>
          </div>
        </>
      }
      chooser={chooser}
    >
      <Choice label="Pace" value={pace} options={paces} onChange={setPace} />
      <Button className="min-h-12" onClick={step(-1)} aria-label="One back">
        ←
      </Button>
      <Button className="min-h-12" onClick={step(1)} aria-label="One on">
        →
      </Button>
    </Frame>
  );
}
