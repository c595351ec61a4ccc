import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { clocksQuery, dayQuery } from '../api/queries';
import { useClasses } from '../classroom/useClasses';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { NotYet } from './NotYet';
import { useTitle } from '../ui/useTitle';
import { CountFives } from './CountFives';
import { SayTime } from './SayTime';
import { OwnTimes } from './OwnTimes';
import { SetHands } from './SetHands';

type Task = 'set' | 'say' | 'fives';

const tasks: readonly { value: Task; text: string }[] = [
  { value: 'set', text: 'Set the hands' },
  { value: 'say', text: 'Say the time' },
  { value: 'fives', text: 'Count in fives' },
];

/** How fine the times are, in the order in which they are learnt; the last are the class's own. */
const finenesses = [
  { value: 'o-clock', text: 'O’clocks' },
  { value: 'half', text: 'Halves' },
  { value: 'quarter', text: 'Quarters' },
  { value: 'five', text: 'Fives' },
  { value: 'minute', text: 'Minutes' },
  { value: 'own', text: 'Our own' },
] as const;

/** By how many minutes a key turns the minute hand: no finer than the times, and a little finer than the coarsest. */
const turnsOf: Record<(typeof finenesses)[number]['value'], number> = {
  'o-clock': 30,
  half: 15,
  quarter: 5,
  five: 5,
  minute: 1,
  own: 1,
};

/** Practice with one clock for the whole class. */
export function ClockDrill() {
  useTitle('Clock practice');
  const [params, setParams] = useSearchParams();
  const day = useQuery(dayQuery());
  const task = tasks.find((one) => one.value === params.get('task'))?.value ?? 'set';
  const { inHand } = useClasses();
  const own = inHand?.clocks ?? [];
  const asked = finenesses.find((one) => one.value === params.get('times'))?.value ?? 'o-clock';
  // a list of one's own that is empty is written first
  const fineness = asked === 'own' && own.length === 0 ? 'o-clock' : asked;
  const [writing, setWriting] = useState(false);
  const seed = Number(params.get('seed') ?? '1') || 1;
  const clocks = useQuery({ ...clocksQuery(fineness, seed), enabled: fineness !== 'own' });
  const minutes = fineness === 'own' ? own : (clocks.data?.minutes ?? []);
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
  const wanted = minutes[number] ?? null;
  const next = () => {
    const more = number + 1 < minutes.length;
    set(more ? { n: String(number + 2) } : { n: '1', seed: String(seed + 1) });
  };
  const chooser = (
    <>
      <Link to="/teach" className="px-2 text-xl underline underline-offset-4">
        Open clock
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
    return <NotYet of={[day, clocks]} />;
  }
  if (task === 'fives') {
    return <CountFives chooser={chooser} />;
  }
  const round = {
    key: `${task}${fineness}${seed}-${number}`,
    day: day.data,
    wanted: wanted ?? 0,
    chooser: (
      <>
        {chooser}
        <Choice
          label="Times"
          value={fineness}
          options={inHand ? finenesses : finenesses.slice(0, -1)}
          onChange={(value) => {
            if (value === 'own' && own.length === 0) {
              setWriting(true);
            } else {
              set({ times: value, n: '1' });
            }
          }}
        />
        {inHand && (
          <Button
            className="min-h-12"
            onClick={() => {
              setWriting(true);
            }}
          >
            Our times…
          </Button>
        )}
        {inHand && (
          <OwnTimes
            own={inHand}
            open={writing}
            onOpenChange={setWriting}
            onSaved={(some) => {
              set({ times: some ? 'own' : 'o-clock', n: '1' });
            }}
          />
        )}
      </>
    ),
    onNext: next,
  };
  return task === 'set' ? (
    <SetHands {...round} turns={turnsOf[fineness]} key={round.key} />
  ) : (
    <SayTime {...round} key={round.key} />
  );
}
