import { useState } from 'react';
import { GearedClock, handsAt, plainFace } from '../models/GearedClock';
import { Marked, plain } from '../models/Marked';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { DrillFrame, type Round } from './DrillFrame';
import { clockThatShows } from '../models/whereHands';

/** A clock is shown; the class says the time; it is revealed in digits and words. */
export function SayTime({ day, wanted, chooser, onNext }: Round) {
  const [open, setOpen] = useState(false);
  const reveal = () => {
    setOpen(!open);
  };
  useKeys({ a: reveal, ' ': reveal, n: onNext, ArrowRight: onNext });
  return (
    <DrillFrame
      clock={
        <GearedClock
          hands={handsAt(wanted)}
          face={plainFace}
          reads={clockThatShows(open ? plain(day.table.digits[wanted] ?? '') : '?')}
          className="mx-auto h-full"
        />
      }
      task={
        <>
          <h1 className="wall-say font-bold">What time is it?</h1>
          <div className="min-h-44" aria-live="polite" data-testid="told">
            {open && (
              <>
                <p className="wall-sum leading-tight font-bold">
                  <Marked text={day.table.digits[wanted] ?? ''} />
                </p>
                <p className="wall-say">{day.table.words[wanted]}</p>
                <p className="wall-note text-soft">{day.table.aloud[wanted]}</p>
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
