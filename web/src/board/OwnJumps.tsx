import { Undo2 } from 'lucide-react';
import { useRef, useState, type PointerEvent } from 'react';
import type { BoardSum, DayReply, LineJump, LinePicture, LinePoint } from '../api/types';
import { Marked, plain } from '../models/Marked';
import { NumberLine } from '../models/NumberLine';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import type { ChangeBoard } from './address';
import { minuteOfDay } from './scene';
import { called } from '../ui/called';

const sizes = [60, 30, 15, 10, 5, 1];
/** So far a finger moves for one five-minute step, in pixels. */
const grain = 9;

/**
 * The class makes the jumps: by a button, by typing a length, or by drawing one out by fives. The board adds them up and
 * says where they lead; a wrong one is taken back.
 */
export function OwnJumps({
  data,
  day,
  jumps,
  change,
  upright,
}: {
  data: BoardSum;
  day: DayReply;
  jumps: readonly number[];
  change: ChangeBoard;
  upright: boolean;
}) {
  const [typed, setTyped] = useState('');
  const [drawn, setDrawn] = useState(0);
  const held = useRef<number | null>(null);
  const clock = data.clock;
  const from = clock?.from ?? 0;
  const way = (clock?.to ?? 0) >= from ? 1 : -1;
  const label = (at: number) =>
    clock?.by24 ? (day.table.digits24[minuteOfDay(at)] ?? '') : (day.table.digits[minuteOfDay(at)] ?? '');
  const length = (minutes: number) => day.table.lengths[Math.min(1440, minutes)] ?? '';

  const all = drawn > 0 ? [...jumps, drawn] : jumps;
  const ends = all.map((_, i) => from + way * all.slice(0, i + 1).reduce((sum, one) => sum + one, 0));
  const at = ends.at(-1) ?? from;
  const gone = Math.abs(at - from);
  const target = clock && !clock.endAsked ? clock.to : null;
  const marks = [from, ...ends, ...(target === null ? [] : [target])];
  const points: LinePoint[] = [...new Set(marks)]
    .sort((a, b) => a - b)
    .map((place) => ({ at: place, label: label(place), landmark: '', asked: false }));
  const arcs: LineJump[] = all.map((size, i) => ({
    from: i === 0 ? from : (ends[i - 1] ?? from),
    to: ends[i] ?? from,
    label: `${way > 0 ? '+' : '−'} ${length(size)}`,
    mark: size % 60 === 0 ? 'h' : 'm',
  }));
  const low = Math.min(from, ...ends, clock?.to ?? from);
  const high = Math.max(from, ...ends, clock?.to ?? from);
  const picture: LinePicture = {
    type: 'line',
    from: Math.floor(low / 60) * 60,
    to: Math.max(Math.ceil(high / 60) * 60, Math.floor(low / 60) * 60 + 60),
    per: 60,
    points,
    jumps: arcs,
  };

  const add = (minutes: number) => {
    if (gone + minutes <= 1440) {
      change({ jumps: [...jumps, minutes] });
    }
  };
  const back = () => {
    change({ jumps: jumps.slice(0, -1) });
  };
  useKeys({ Backspace: back });
  const along = (event: PointerEvent) => (upright ? event.clientY : event.clientX);
  const drag = {
    onPointerDown: (event: PointerEvent<HTMLDivElement>) => {
      held.current = along(event);
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent) => {
      if (held.current !== null) {
        const steps = Math.round(((along(event) - held.current) * way) / grain);
        setDrawn(Math.min(Math.max(0, steps) * 5, 1440 - jumps.reduce((sum, one) => sum + one, 0)));
      }
    },
    onPointerUp: () => {
      held.current = null;
      if (drawn > 0) {
        add(drawn);
      }
      setDrawn(0);
    },
    onPointerCancel: () => {
      held.current = null;
      setDrawn(0);
    },
  };
  const there = target !== null && at === target;
  return (
    <div className="flex min-h-0 w-full flex-1 flex-col">
      <div
        className="flex min-h-0 flex-1 cursor-ew-resize touch-none items-center justify-center"
        data-testid="own-line"
        {...drag}
      >
        <NumberLine picture={picture} last={picture} large upright={upright} />
      </div>
      <p className="text-2xl" data-testid="so-far" aria-live="polite">
        {gone === 0 ? (
          'Draw a jump out from the start, or choose one.'
        ) : (
          <>
            So far <Marked text={length(gone)} />: <Marked text={label(at)} />
            {there && '. That is the end.'}
          </>
        )}
      </p>
      <div className="flex flex-wrap items-center gap-2 py-2" role="group" aria-label="Jumps">
        {sizes.map((size) => (
          <Button
            key={size}
            className="min-h-12"
            onClick={() => {
              add(size);
            }}
          >
            {way > 0 ? '+' : '−'} {plain(length(size))}
          </Button>
        ))}
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            const minutes = Number(typed);
            if (Number.isInteger(minutes) && minutes > 0) {
              add(minutes);
              setTyped('');
            }
          }}
        >
          <label className="flex items-center gap-2 text-xl">
            <span className="sr-only">Length of the jump in minutes</span>
            <input
              className="w-20 rounded-md border-2 border-ink bg-sheet px-2 py-2 text-xl"
              inputMode="numeric"
              value={typed}
              onChange={(event) => {
                setTyped(event.target.value.replace(/\D/g, '').slice(0, 4));
              }}
            />
            min
          </label>
        </form>
        <Button className="min-h-12" onClick={back} aria-disabled={jumps.length === 0} shortcut="⌫">
          <Undo2 size={20} aria-hidden="true" />
          {called.undo}
        </Button>
      </div>
    </div>
  );
}
