import { memo, useRef, type KeyboardEvent, type PointerEvent, type ReactNode, type RefObject } from 'react';
import { useSettled } from '../ui/useSettled';
import { whereHands } from './whereHands';

export interface Face {
  /** The ring of minutes in fives, 00 to 55. */
  fives: boolean;
  /** A mark for every minute. */
  minutes: boolean;
  numerals: 'arabic' | 'roman' | 'none';
  /** The sector between the number the hour hand has passed and the next: what it has begun, and what is left of it. */
  sector: boolean;
  second: boolean;
  /** Which of the two hands are there; both without it. */
  only?: Hand | undefined;
  /** The hands' names beside them. */
  names?: boolean;
  /** The half of the face from o'clock to half past. */
  half?: boolean;
  /** How far a hand goes in one second, one minute, one hour from where it stands. */
  slices?: readonly ('second' | 'minute' | 'hour')[];
  /** Larger numerals, for a small face that is seen from afar. */
  far?: boolean;
}

export const plainFace: Face = { fives: true, minutes: true, numerals: 'arabic', sector: false, second: false };

export interface Hands {
  /** Degrees clockwise from 12. */
  hour: number;
  minute: number;
  second?: number;
}

export type Hand = 'hour' | 'minute';

/** Where the hands stand: half a degree and six degrees a minute. */
export const handsAt = (minutes: number): Hands => ({ hour: minutes / 2, minute: minutes * 6, second: minutes * 360 });

const roman = ['XII', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI'];

const on = (radius: number, degrees: number): [number, number] => {
  const a = ((degrees - 90) * Math.PI) / 180;
  return [radius * Math.cos(a), radius * Math.sin(a)];
};

const sector = (radius: number, from: number, to: number): string => {
  const sweep = Math.min(359.9, Math.abs(to - from));
  const end = to >= from ? from + sweep : from - sweep;
  const [ax, ay] = on(radius, from);
  const [bx, by] = on(radius, end);
  const big = sweep > 180 ? 1 : 0;
  return `M0 0L${ax.toFixed(2)} ${ay.toFixed(2)}A${radius} ${radius} 0 ${big} ${to >= from ? 1 : 0} ${bx.toFixed(2)} ${by.toFixed(2)}Z`;
};

const FaceDrawing = memo(function FaceDrawing({ face }: { face: Face }) {
  return (
    <g aria-hidden="true">
      {Array.from({ length: 60 }, (_, i) =>
        i % 5 === 0 || face.minutes ? (
          <path
            key={i}
            d={`M0 -98v${i % 5 === 0 ? 9 : 5}`}
            stroke="var(--color-ink)"
            strokeWidth={i % 5 === 0 ? 2.6 : 1}
            transform={`rotate(${i * 6})`}
          />
        ) : null,
      )}
      {face.fives &&
        Array.from({ length: 12 }, (_, i) => {
          const [x, y] = on(115, i * 30);
          return (
            <text key={i} x={x} y={y + 6.5} textAnchor="middle" fontSize="19" className="mark-m">
              {String(i * 5).padStart(2, '0')}
            </text>
          );
        })}
    </g>
  );
});

/** Which numbers, from 0 for 12, a hand goes over that reaches as far: those within half a step of it. */
const pointedAt = (degrees: readonly number[]): string =>
  Array.from({ length: 12 }, (_, i) => i)
    .filter((i) => degrees.some((one) => Math.abs(((((one - i * 30 + 180) % 360) + 360) % 360) - 180) < 15))
    .join(' ');

/** The numbers, over the hands and with room around them: no hand covers the number that it points at. */
const Numerals = memo(function Numerals({
  numerals,
  pointed,
  far,
}: {
  numerals: Face['numerals'];
  pointed: string;
  far: boolean;
}) {
  return numerals === 'none' ? null : (
    <g aria-hidden="true" className="pointer-events-none">
      {Array.from({ length: 12 }, (_, i) => {
        const [x, y] = on(numerals === 'roman' ? 70 : 73, i * 30);
        return (
          <text
            key={i}
            x={x}
            y={y + (far ? 8.6 : 6.8)}
            textAnchor="middle"
            fontSize={numerals === 'roman' ? 16 : far ? 27 : 21}
            className="mark-h"
            {...(pointed.split(' ').includes(String(i))
              ? { stroke: 'var(--color-sheet)', strokeWidth: 8, strokeLinejoin: 'round', paintOrder: 'stroke' }
              : {})}
          >
            {numerals === 'roman' ? roman[i] : i === 0 ? 12 : i}
          </text>
        );
      })}
    </g>
  );
});

/** Stretches of the face that are shaded, under everything else. */
function Shades({ hands, face }: { hands: Hands; face: Face }) {
  const hourFrom = Math.floor((((hands.hour % 360) + 360) % 360) / 30 + 1e-6) * 30;
  const hour = ((hands.hour % 360) + 360) % 360;
  return (
    <g aria-hidden="true">
      {face.half && <path d={sector(97, 0, 180)} fill="var(--color-minute)" opacity="0.13" data-half-face />}
      {face.sector && (
        <>
          <path d={sector(97, hourFrom, hourFrom + 30)} fill="var(--color-hour)" opacity="0.13" data-sector />
          {hour - hourFrom > 0.01 && <path d={sector(97, hourFrom, hour)} fill="var(--color-hour)" opacity="0.22" />}
        </>
      )}
      {face.slices?.map((slice) => (
        <path
          key={slice}
          d={
            slice === 'hour'
              ? sector(64, hands.hour, hands.hour + 30)
              : sector(
                  97,
                  slice === 'minute' ? hands.minute : (hands.second ?? 0),
                  (slice === 'minute' ? hands.minute : (hands.second ?? 0)) + 6,
                )
          }
          fill={`var(--color-${slice})`}
          opacity="0.3"
          data-slice={slice}
        />
      ))}
    </g>
  );
}

/** The name of a hand, along it. */
function HandName({
  degrees,
  radius,
  mark,
  children,
}: {
  degrees: number;
  radius: number;
  mark: string;
  children: string;
}) {
  const [x, y] = on(radius, degrees);
  return (
    <text
      x={x}
      y={y + 6}
      textAnchor="middle"
      fontSize="17"
      className={`mark-${mark} pointer-events-none`}
      stroke="var(--color-sheet)"
      strokeWidth="5"
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}

/** Steps of a hand by key, as those of any slider (ARIA Authoring Practices). */
const keySteps: Record<string, number> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 5,
  PageDown: -5,
};

/** A hand that can be taken hold of and turned, by key, too; the angle is followed about the middle of the face. */
function Turnable({
  hand,
  degrees,
  step,
  where,
  face,
  onTurn,
  onTurnEnd,
  children,
}: {
  hand: Hand;
  degrees: number;
  /** By so many degrees it goes at an arrow key. */
  step: number;
  /** Where it stands, in words. */
  where: string;
  face: RefObject<SVGSVGElement | null>;
  onTurn: Props['onTurn'];
  onTurnEnd: Props['onTurnEnd'];
  children: ReactNode;
}) {
  const held = useRef<number | null>(null);
  const angle = (event: PointerEvent): number => {
    const box = face.current?.getBoundingClientRect();
    return box
      ? (Math.atan2(event.clientX - box.left - box.width / 2, box.top + box.height / 2 - event.clientY) * 180) / Math.PI
      : 0;
  };
  const drop = () => {
    if (held.current !== null) {
      held.current = null;
      onTurnEnd?.();
    }
  };
  const onKey = (event: KeyboardEvent) => {
    const by = keySteps[event.key] ?? (event.key === 'Home' ? -degrees / step : undefined);
    if (by !== undefined && onTurn && !event.ctrlKey && !event.altKey && !event.metaKey) {
      event.preventDefault();
      // from wherever it was left, on to the next mark
      onTurn(hand, (Math.round(degrees / step) + by) * step - degrees);
      onTurnEnd?.();
    }
  };
  return (
    <g
      transform={`rotate(${degrees})`}
      data-hand={hand}
      {...(onTurn && {
        role: 'slider',
        tabIndex: 0,
        'aria-label': hand === 'hour' ? 'Hour hand' : 'Minute hand',
        'aria-valuemin': 0,
        'aria-valuemax': 360,
        'aria-valuenow': Math.round(((degrees % 360) + 360) % 360),
        'aria-valuetext': where,
        onKeyDown: onKey,
      })}
      className={onTurn ? 'cursor-grab touch-none active:cursor-grabbing' : ''}
      onPointerDown={(event) => {
        if (onTurn) {
          event.preventDefault();
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = angle(event);
        }
      }}
      onPointerMove={(event) => {
        if (held.current !== null) {
          const now = angle(event);
          const by = now - held.current;
          held.current = now;
          onTurn?.(hand, by - 360 * Math.round(by / 360));
        }
      }}
      onPointerUp={drop}
      onPointerCancel={drop}
    >
      {children}
    </g>
  );
}

interface Props {
  hands: Hands;
  face: Face;
  /** What it is, in words, for whoever cannot see it; where its hands stand is said after that. */
  reads: string;
  /** Minutes of the hour counted so far: drawn as an arc from the one to the other, in minutes; may go round. */
  sweep?: { from: number; to: number } | undefined;
  /** Minutes of the hour at which a count was said. */
  stops?: readonly number[] | undefined;
  /** Drawn in place of the hands. */
  instead?: ReactNode;
  /** A hand was turned by so many degrees; absent where the hands cannot be moved. */
  onTurn?: ((hand: Hand, degrees: number) => void) | undefined;
  onTurnEnd?: (() => void) | undefined;
  /** By so many degrees a hand goes at an arrow key. */
  steps?: Record<Hand, number>;
  className?: string;
}

/** Where each hand turns by itself: the minute hand by so many minutes, the hour hand by quarters of the way from one number to the next. */
export const eachByItself = (minutes: number): Record<Hand, number> => ({
  hour: minutes > 15 ? 30 : minutes > 5 ? 15 : 7.5,
  minute: 6 * minutes,
});

/** Onto the next place of that step, and on by so many of them. */
export const turnedBy = (degrees: number, by: number, times: number): number =>
  Math.round(degrees / by) * by + times * by;

/** An arrow up or down goes from number to number; where a step is longer, by the step. */
export const longStep = (by: number): number => Math.max(1, Math.round(30 / by));

/** From mark to mark, and from number to number. */
const byMarks: Record<Hand, number> = { hour: 30, minute: 6 };

/** Where the hands stand after they were turned, once they rest: heard, and not seen. */
function Turned({ where }: { where: string }) {
  return (
    <span className="sr-only" role="status">
      {useSettled(where, 600)}
    </span>
  );
}

/** A clock face with two hands that differ in length, thickness, colour and tip, to look at or to turn. */
export function GearedClock({
  hands,
  face,
  reads,
  sweep,
  stops = [],
  instead,
  onTurn,
  onTurnEnd,
  steps = byMarks,
  className = '',
}: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const pointed = instead ? '' : pointedAt([hands.minute, ...(face.second ? [hands.second ?? 0] : [])]);
  const where = whereHands(hands, face);
  return (
    <>
      <svg
        ref={svg}
        viewBox={face.fives ? '-128 -128 256 256' : '-104 -104 208 208'}
        className={`block max-h-full w-full select-none ${onTurn ? 'touch-none' : ''} ${className}`}
        role={instead || onTurn ? 'group' : 'img'}
        aria-label={instead ? reads : `${reads}: ${where}`}
      >
        <circle r="100" fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth="3.2" />
        {!instead && <Shades hands={hands} face={face} />}
        {sweep && sweep.from !== sweep.to && (
          <path d={sector(97, sweep.from * 6, sweep.to * 6)} fill="var(--color-minute)" opacity="0.22" data-sweep />
        )}
        <FaceDrawing face={face} />
        {stops.map((stop, i) => {
          const [x, y] = on(93.5, stop * 6);
          return <circle key={i} cx={x} cy={y} r="4" className="mark-m" />;
        })}
        {instead && <Numerals numerals={face.numerals} pointed={pointed} far={face.far ?? false} />}
        {instead ?? (
          <>
            {face.second && (
              <g transform={`rotate(${hands.second ?? 0})`} className="mark-s">
                <rect x="-0.9" y="-94" width="1.8" height="112" />
                <path d="M0 -97l4.5 10h-9z" />
              </g>
            )}
            {face.only !== 'hour' && (
              <Turnable
                hand="minute"
                degrees={hands.minute}
                step={steps.minute}
                where={whereHands(hands, { ...face, only: 'minute', second: false })}
                face={svg}
                onTurn={onTurn}
                onTurnEnd={onTurnEnd}
              >
                <g className="mark-m">
                  <rect x="-2.3" y="-90" width="4.6" height="106" />
                  <circle cy="-91" r="6.2" />
                </g>
                {onTurn && <rect x="-13" y="-112" width="26" height="100" fill="transparent" />}
              </Turnable>
            )}
            {face.only !== 'minute' && (
              <Turnable
                hand="hour"
                degrees={hands.hour}
                step={steps.hour}
                where={whereHands(hands, { ...face, only: 'hour', second: false })}
                face={svg}
                onTurn={onTurn}
                onTurnEnd={onTurnEnd}
              >
                <g className="mark-h">
                  <rect x="-4" y="-50" width="8" height="62" />
                  <rect x="-8" y="-63" width="16" height="16" />
                </g>
                {onTurn && <rect x="-15" y="-70" width="30" height="66" fill="transparent" />}
              </Turnable>
            )}
            <circle r="5" fill="var(--color-ink)" className="pointer-events-none" />
            <Numerals numerals={face.numerals} pointed={pointed} far={face.far ?? false} />
            {face.names && face.only !== 'hour' && (
              <HandName degrees={hands.minute} radius={48} mark="m">
                minute hand
              </HandName>
            )}
            {face.names && face.only !== 'minute' && (
              <HandName degrees={hands.hour} radius={32} mark="h">
                hour hand
              </HandName>
            )}
          </>
        )}
      </svg>
      {onTurn && <Turned where={where} />}
    </>
  );
}
