import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { withStyle } from '../api/queries';
import type { HandsSet } from '../api/types';
import { GearedClock, eachByItself, longStep, plainFace, turnedBy, type Hand, type Hands } from '../models/GearedClock';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys } from '../ui/keys';
import { DrillFrame, type Round } from './DrillFrame';

/** A time is shown; somebody sets the two hands, each by itself; it is looked at. */
export function SetHands({ day, wanted, turns, chooser, onNext }: Round & { turns: number }) {
  const [hands, setHands] = useState<Hands>({ hour: 0, minute: 0 });
  const [hand, setHand] = useState<Hand>('minute');
  const [inWords, setInWords] = useState(false);
  const check = useMutation({
    mutationFn: () =>
      ask<HandsSet>('POST', '/api/board/hands', withStyle({ wanted, hour: hands.hour, minute: hands.minute, inWords })),
  });
  const turn = (which: Hand, degrees: number) => {
    check.reset();
    setHands((now) => ({ ...now, [which]: now[which] + degrees }));
  };
  const set = (which: Hand, to: number) => {
    check.reset();
    setHands((now) => ({ ...now, [which]: to }));
  };
  const steps = eachByItself(turns);
  const step = (way: number) => () => {
    set(hand, turnedBy(hands[hand], steps[hand], way));
  };
  const look = () => {
    check.mutate();
  };
  // what was said is in the old way of saying it
  const turnOver = () => {
    check.reset();
    setInWords(!inWords);
  };
  useKeys({
    ArrowRight: step(1),
    ArrowLeft: step(-1),
    ArrowUp: step(longStep(steps[hand])),
    ArrowDown: step(-longStep(steps[hand])),
    h: () => {
      setHand('hour');
    },
    m: () => {
      setHand('minute');
    },
    Enter: look,
    n: onNext,
    w: turnOver,
  });
  return (
    <DrillFrame
      clock={
        <GearedClock
          hands={hands}
          face={plainFace}
          reads="A clock whose two hands you set"
          steps={steps}
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
          <h1 className="wall-sum leading-tight font-bold" data-testid="wanted">
            {inWords ? day.table.words[wanted] : <Marked text={day.table.digits[wanted] ?? ''} />}
          </h1>
          <p className="wall-say min-h-[3.6em] leading-tight" aria-live="polite" data-testid="verdict">
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
            <Button className="min-h-14 text-2xl" shortcut="W" onClick={turnOver}>
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
      <Button className="min-h-12" onClick={step(-1)} aria-label={`Turn the ${hand} hand back`}>
        ←
      </Button>
      <Button className="min-h-12" onClick={step(1)} aria-label={`Turn the ${hand} hand on`}>
        →
      </Button>
    </DrillFrame>
  );
}
