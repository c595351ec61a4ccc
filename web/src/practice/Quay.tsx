import { useLayoutEffect, useRef, useState } from 'react';
import type { SeatSeenReply, SeatState } from '../api/types';
import { moor } from './quay';

/** How it goes at a tablet, for the class to read as well: nothing that is scored. */
const words: Record<SeatState, string> = {
  working: 'at work',
  stuck: 'wrong three times',
  still: 'still at one question',
  away: 'not connected',
  finished: 'finished',
  left: 'stopped',
};

/** Height of a pin, in CSS pixels. */
const HIGH = 60;

interface Props {
  seats: readonly SeatSeenReply[];
  /** How many questions there are; 0 where there are none. */
  of: number;
  /** Whose questions are open beneath. */
  chosen: string | undefined;
  onLook: (seat: string) => void;
}

/** Where everybody is: pins with their names that move along the quay as questions are done; a list where there is no room for it. */
export function Quay({ seats, of, chosen, onLook }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const here = box.current;
    if (!here) {
      return;
    }
    const measure = () => {
      setWidth(here.clientWidth);
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(here);
    return () => {
      watch.disconnect();
    };
  }, []);
  const moored = moor(seats, of, width);
  if (!moored) {
    return (
      <div ref={box}>
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(14rem,1fr))] gap-x-6 gap-y-1" aria-label="Children">
          {seats.map((one) => (
            <li key={one.id}>
              <Pin seat={one} of={of} chosen={chosen === one.id} onLook={onLook} plainly />
            </li>
          ))}
        </ul>
      </div>
    );
  }
  const last = moored.marks.at(-1);
  return (
    <div ref={box} className="mt-3">
      <ul className="relative border-b-6 border-ink" style={{ height: moored.rows * HIGH + 6 }} aria-label="Children">
        {seats.map((one) => {
          const { x, row } = moored.places.get(one.id) ?? { x: 0, row: 0 };
          return (
            <li
              key={one.id}
              className="absolute bottom-0 left-0 transition-transform duration-700"
              style={{ width: moored.pin, height: HIGH, transform: `translate(${x}px, ${-row * HIGH}px)` }}
            >
              <Pin seat={one} of={of} chosen={chosen === one.id} onLook={onLook} />
            </li>
          );
        })}
      </ul>
      <div className="relative h-8 text-lg text-soft tabular-nums" aria-hidden="true">
        {moored.marks.map(({ done, x }) => (
          <span key={done} className="absolute top-0.5" style={{ left: x }}>
            {done === of ? `all ${of}` : done === 0 ? 'none yet' : `${done} done`}
          </span>
        ))}
        {(last?.done ?? 0) < of && (last?.x ?? 0) + 2 * moored.pin < width && (
          <span className="absolute top-0.5 right-0">{of} questions</span>
        )}
      </div>
    </div>
  );
}

function Pin({
  seat,
  of,
  chosen,
  onLook,
  plainly = false,
}: {
  seat: SeatSeenReply;
  of: number;
  chosen: boolean;
  onLook: (seat: string) => void;
  /** In a list, where no place says how many are done. */
  plainly?: boolean;
}) {
  const loud = seat.state === 'stuck' || seat.state === 'still';
  const isQuiet = seat.state === 'working' || (seat.state === 'finished' && !plainly);
  return (
    <button
      type="button"
      className={`flex size-full min-h-14 flex-col justify-center border-l-3 border-ink px-2 text-left leading-tight hover:bg-wash ${loud ? 'bg-found' : ''} ${chosen ? 'bg-wash' : ''}`}
      aria-expanded={chosen}
      onClick={() => {
        onLook(seat.id);
      }}
    >
      <span
        className={`max-w-full truncate text-xl font-bold ${chosen ? 'underline decoration-3 underline-offset-4' : ''}`}
        title={seat.name}
      >
        {seat.name}
      </span>
      {of > 0 && (
        <span className={plainly ? 'text-base text-soft' : 'sr-only'}>
          {seat.done} of {of} done
        </span>
      )}
      <span className={isQuiet ? 'sr-only' : `max-w-full truncate text-base ${loud ? 'text-ink' : 'text-soft'}`}>
        {words[seat.state]}
      </span>
    </button>
  );
}
