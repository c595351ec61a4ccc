import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Link, useSearchParams } from 'react-router';
import { dayQuery } from '../api/queries';
import type { DayActivity, DayReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { useHalves } from '../models/halves';
import { DayStrip } from '../models/DayStrip';
import { DayUpright } from '../models/DayUpright';
import { Marked } from '../models/Marked';
import { typed } from '../models/marks';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { NotYet } from './NotYet';
import { useTitle } from '../ui/useTitle';
import { MoreMenu } from './MoreMenu';
import { Rail, RailSpace } from '../ui/Rail';
import { called } from '../ui/called';

const dayMinutes = 1440;

interface Pinned {
  /** Place of the activity in the list; -1 for a bare time. */
  what: number;
  at: number;
}

/** The day as one line: times and activities are pinned on it, and sorted into a.m. and p.m.; some fit both. */
export function DayBoard() {
  useTitle('The day');
  const day = useQuery(dayQuery());
  if (!day.data) {
    return <NotYet of={[day]} />;
  }
  return <Pinning day={day.data} />;
}

/** "3@480.-1@555": what is pinned where, as the address holds it. */
function read(text: string, count: number): Pinned[] {
  return text
    .split('.')
    .map((piece) => piece.split('@').map(Number))
    .flatMap(([what, at]) =>
      what !== undefined &&
      at !== undefined &&
      Number.isInteger(what) &&
      Number.isInteger(at) &&
      what >= -1 &&
      what < count &&
      at >= 0 &&
      at < dayMinutes
        ? [{ what, at }]
        : [],
    );
}

/** Pins and their names belong together by a letter. */
const letter = (i: number): string => String.fromCharCode(65 + (i % 26));

function Pinning({ day }: { day: DayReply }) {
  const [params, setParams] = useSearchParams();
  const pins = read(params.get('pins') ?? '', day.activities.length);
  const [inHand, setInHand] = useState<number | null>(null);
  const [talk, setTalk] = useState<DayActivity | null>(null);
  const upright = params.get('way') === 'up';
  const put = (next: readonly Pinned[], up: boolean) => {
    setParams(
      {
        ...(next.length > 0 ? { pins: next.map((pin) => `${pin.what}@${pin.at}`).join('.') } : {}),
        ...(up ? { way: 'up' } : {}),
      },
      { replace: true },
    );
  };
  const write = (next: readonly Pinned[]) => {
    put(next, upright);
  };
  const { am, pm, by24 } = useHalves();
  const { inHand: ofClass } = useClasses();
  const printOn = (paper: 'a4' | 'letter') => () => {
    const wanted = { paper, ...(upright ? { upright: '1' } : {}), ...(ofClass ? { class: ofClass.id } : {}) };
    window.open(`/print/day-line.pdf?${new URLSearchParams(wanted).toString()}`);
  };
  const time = (at: number) => `${day.table.digits[at] ?? ''} ${day.table.halves[at] ?? ''}`.trim();
  const label = (pin: Pinned) =>
    pin.what < 0 ? time(pin.at) : `${day.activities[pin.what]?.name ?? ''}, ${time(pin.at)}`;
  const free = day.activities
    .map((activity, i) => ({ activity, i }))
    .filter(({ i }) => !pins.some((pin) => pin.what === i));
  const strip = useRef<HTMLDivElement>(null);
  const place = (event: PointerEvent): number => {
    const line = strip.current?.querySelector('[data-day-line]')?.getBoundingClientRect();
    const share = !line
      ? 0
      : upright
        ? (event.clientY - line.top) / line.height
        : (event.clientX - line.left) / line.width;
    return Math.min(dayMinutes - 5, Math.max(0, Math.round((share * dayMinutes) / 5) * 5));
  };
  const pin = (what: number, at: number) => {
    write([...pins, { what, at }]);
    setInHand(null);
    setTalk(what >= 0 ? (day.activities[what] ?? null) : null);
  };
  const move = (i: number, to: (at: number) => number) => {
    // from where the address has it, which may be ahead of the picture when keys come fast
    const now = read(new URLSearchParams(window.location.search).get('pins') ?? '', day.activities.length);
    write(now.map((one, n) => (n === i ? { ...one, at: (to(one.at) + dayMinutes) % dayMinutes } : one)));
  };
  const labelled = pins.map((one, i) => ({ at: one.at, label: `${letter(i)} ${time(one.at)}`, role: 'time' as const }));
  const held = useRef<number | null>(null);
  useKeys({
    z: () => {
      write(pins.slice(0, -1));
    },
    Escape: () => {
      setInHand(null);
    },
  });
  const onKey = (i: number) => (event: KeyboardEvent) => {
    const by: Record<string, number> = {
      ArrowRight: 5,
      ArrowLeft: -5,
      ArrowDown: 5,
      ArrowUp: -5,
      PageUp: upright ? -60 : 60,
      PageDown: upright ? 60 : -60,
    };
    const step = by[event.key];
    if (step !== undefined) {
      event.preventDefault();
      move(i, (at) => at + (event.shiftKey ? step * 12 : step));
    } else if (event.key === called.delete || event.key === 'Backspace') {
      event.preventDefault();
      write(pins.filter((_, n) => n !== i));
    }
  };
  return (
    <>
      <div
        className={`min-h-0 flex-1 gap-4 overflow-y-auto px-6 py-4 ${upright ? 'grid [container-type:size] grid-cols-[minmax(0,5fr)_minmax(0,7fr)] grid-rows-[auto_auto_auto_auto_1fr] gap-x-6' : 'flex flex-col'}`}
      >
        <h1 className="wall-say leading-tight font-bold">
          {inHand === null
            ? 'When does it happen?'
            : `Where does “${day.activities[inHand]?.name ?? ''}” go? Tap the day.`}
        </h1>
        <div
          ref={strip}
          className={`touch-none ${upright ? 'sticky top-0 col-start-1 row-span-5 row-start-1 h-[100cqh] self-start' : ''} ${inHand === null ? '' : 'cursor-crosshair'}`}
          data-testid="day-line"
          onPointerDown={(event) => {
            if (inHand !== null) {
              pin(inHand, place(event));
            }
          }}
        >
          {upright ? <DayUpright pins={labelled} /> : <DayStrip strip={{ pins: labelled, spans: [] }} large wide />}
        </div>
        <ul className="flex flex-wrap gap-2" aria-label="On the day">
          {pins.map((one, i) => (
            <li key={i} className="flex items-center rounded-md border-2 border-ink bg-sheet">
              <span
                role="slider"
                tabIndex={0}
                aria-label={one.what < 0 ? 'Time' : (day.activities[one.what]?.name ?? '')}
                aria-valuemin={0}
                aria-valuemax={dayMinutes - 1}
                aria-valuenow={one.at}
                aria-valuetext={typed(time(one.at))}
                data-own-keys
                className="cursor-grab touch-none wall-small px-3 py-2 select-none"
                onKeyDown={onKey(i)}
                onPointerDown={(event) => {
                  held.current = i;
                  event.currentTarget.setPointerCapture(event.pointerId);
                }}
                onPointerMove={(event) => {
                  if (held.current === i) {
                    move(i, () => place(event));
                  }
                }}
                onPointerUp={() => {
                  held.current = null;
                }}
              >
                <strong>{letter(i)}</strong> {one.what >= 0 && `${day.activities[one.what]?.name ?? ''}: `}
                <Marked text={time(one.at)} />
              </span>
              <button
                type="button"
                className="grid size-11 place-items-center hover:bg-wash"
                aria-label={`Remove ${typed(label(one))} from the day`}
                onClick={() => {
                  write(pins.filter((_, n) => n !== i));
                }}
              >
                <X size={20} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
        <p className="wall-note min-h-10 leading-snug" aria-live="polite" data-testid="talk">
          {talk && (
            <>
              {talk.fits.length > 1 ? (
                <strong>{by24 ? 'Fits before noon and after it. ' : `Fits both ${am} and ${pm} `}</strong>
              ) : null}
              {talk.say}
            </>
          )}
        </p>
        <h2 className="wall-note font-bold">Choose one, then tap the day</h2>
        <ul className="flex flex-wrap gap-3">
          {free.map(({ activity, i }) => (
            <li key={activity.name}>
              <Button
                className={`min-h-12 text-xl ${inHand === i ? 'bg-ink! text-paper' : ''}`}
                aria-pressed={inHand === i}
                onClick={() => {
                  setInHand(inHand === i ? null : i);
                }}
              >
                {activity.name}
              </Button>
            </li>
          ))}
        </ul>
      </div>
      <Rail>
        <Link to="/teach" className="px-2 text-xl underline underline-offset-4">
          Open clock
        </Link>
        <RailSpace />
        <Button
          className="min-h-12"
          aria-disabled={inHand === null}
          onClick={() => {
            if (inHand !== null) {
              pin(inHand, 540);
            }
          }}
        >
          Pin it at {typed(time(540))}
        </Button>
        <Button
          className="min-h-12"
          onClick={() => {
            pin(-1, 720);
          }}
        >
          Pin a time
        </Button>
        <Button
          className="min-h-12"
          shortcut="Z"
          aria-disabled={pins.length === 0}
          onClick={() => {
            write(pins.slice(0, -1));
          }}
        >
          {called.undo}
        </Button>
        <Button
          className="min-h-12"
          aria-disabled={pins.length === 0}
          onClick={() => {
            write([]);
            setTalk(null);
          }}
        >
          Clear
        </Button>
        <RailSpace />
        <MoreMenu
          items={[
            {
              title: 'The line upright',
              shortcut: 'v',
              on: upright,
              act: () => {
                put(pins, !upright);
              },
            },
            { title: 'Print the line, A4', shortcut: 'p', act: printOn('a4') },
            { title: 'Print the line, Letter', shortcut: 'l', act: printOn('letter') },
          ]}
        />
      </Rail>
    </>
  );
}
