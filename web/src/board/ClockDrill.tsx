import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { clocksQuery, dayQuery } from '../api/queries';
import type { Level } from '../api/types';
import { Choice } from '../ui/Choice';
import { NotYet } from './NotYet';
import { useTitle } from '../ui/useTitle';
import { CountFives } from './CountFives';
import { SayTime } from './SayTime';
import { SetHands } from './SetHands';

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
export function ClockDrill() {
  useTitle('Clock practice');
  const [params, setParams] = useSearchParams();
  const day = useQuery(dayQuery());
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
    return <NotYet of={[day, clocks]} />;
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
