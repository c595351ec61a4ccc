import { useEffect, useState, type ReactNode } from 'react';
import { styleInHand } from '../api/queries';
import { GearedClock, handsAt, plainFace } from '../models/GearedClock';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys } from '../ui/keys';
import { DrillFrame } from './DrillFrame';

const paces = [
  { value: '2400', text: 'Slow' },
  { value: '1500', text: 'Steady' },
  { value: '900', text: 'Quick' },
] as const;
type Pace = (typeof paces)[number]['value'];

/** Counting in fives round the clock, on and back, at a chosen pace, with the count to be seen or only to be said. */
export function CountFives({ chooser }: { chooser: ReactNode }) {
  const [mark, setMark] = useState(0);
  const [way, setWay] = useState<'on' | 'back'>('on');
  const [pace, setPace] = useState<Pace>('1500');
  const [going, setGoing] = useState(false);
  const [seen, setSeen] = useState(true);
  const timesFive = styleInHand()?.timesFive ?? false;
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
    <DrillFrame
      clock={
        <GearedClock
          hands={handsAt(mark * 5)}
          face={{ ...plainFace, fives: seen }}
          reads="A clock to count on"
          sweep={{ from: 0, to: mark * 5 }}
          className="mx-auto h-full"
        />
      }
      task={
        <>
          <h1 className="wall-say font-bold">Count in fives, {way === 'on' ? 'on to 60' : 'back to 0'}</h1>
          <p className="mark-m min-h-32 text-[clamp(4rem,11vw,9rem)] leading-none" data-testid="count">
            {seen ? mark * 5 : ' '}
          </p>
          {timesFive && (
            <p className="wall-say" data-testid="times-five">
              5 × {mark}
              {seen && ` = ${mark * 5}`}
            </p>
          )}
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
    </DrillFrame>
  );
}
