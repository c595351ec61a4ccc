import { memo, useId } from 'react';
import type { DayStrip as Strip } from '../api/types';
import { useHalves } from './halves';
import { heard, useCovers } from './cover';
import { DayGradient } from './DayGradient';
import { CoveredSpans } from './Marked';

const left = 24;
const day = 1440;

/** Units of the drawing: how wide, the size of hours and of times, and every how many hours one is numbered. */
const sizes = {
  line: { width: 1200, hours: 13, pins: 16, every: 1 },
  large: { width: 800, hours: 17, pins: 19, every: 1 },
  wide: { width: 1000, hours: 19.5, pins: 20, every: 1 },
  wall: { width: 1232, hours: 24, pins: 26, every: 2 },
} as const;

/** The lowest row in which each label has room beside those already placed, from left to right. */
export function labelRows(places: readonly { x: number; half: number }[]): number[] {
  const rows: number[] = places.map(() => 0);
  const ends: number[] = [];
  const order = places.map((_, i) => i).sort((a, b) => (places[a]?.x ?? 0) - (places[b]?.x ?? 0));
  for (const i of order) {
    const place = places[i] ?? { x: 0, half: 0 };
    let row = 0;
    while ((ends[row] ?? -Infinity) > place.x - place.half) {
      row += 1;
    }
    rows[i] = row;
    ends[row] = place.x + place.half + 8;
  }
  return rows;
}

/**
 * Labels centred over their pins and kept on the drawing; two neighbours that would touch stand to the left and to the
 * right of their pins.
 */
export function apart(places: readonly { x: number; half: number }[], width: number): { x: number; half: number }[] {
  const moved = places.map(({ x, half }) => ({ x, half }));
  const order = places.map((_, i) => i).sort((a, b) => (places[a]?.x ?? 0) - (places[b]?.x ?? 0));
  const aside = new Set<number>();
  for (const [n, i] of order.entries()) {
    const j = order[n + 1];
    const a = places[i];
    const b = j === undefined ? undefined : places[j];
    if (j === undefined || !a || !b || aside.has(i) || b.x - a.x >= a.half + b.half + 8) {
      continue;
    }
    moved[i] = { x: a.x - a.half + 4, half: a.half };
    moved[j] = { x: b.x + b.half - 4, half: b.half };
    aside.add(i).add(j);
  }
  return moved.map(({ x, half }) => ({ x: Math.min(Math.max(x, half + 4), width - half - 4), half }));
}

/**
 * The whole day from midnight to midnight, with the times of the sum pinned on it and its length as a span. As a model
 * of its own it is drawn large.
 */
export const DayStrip = memo(function DayStrip({
  strip,
  large = false,
  wide = false,
  wall = false,
}: {
  strip: Strip;
  large?: boolean;
  wide?: boolean;
  /** For the top of the board: fewer hours, each of them read from the back row. */
  wall?: boolean;
}) {
  const gradient = useId();
  const { am, pm, by24 } = useHalves();
  const covers = useCovers();
  // drawn narrower it appears larger
  const { width, hours, pins: size, every } = wall ? sizes.wall : wide ? sizes.wide : large ? sizes.large : sizes.line;
  const right = width - 24;
  const x = (minutes: number): number => left + ((right - left) * minutes) / day;
  const words = strip.pins.map((pin) => heard(covers, pin.label)).join(' and ');
  const labels = apart(
    strip.pins.map((pin) => ({ x: x(pin.at), half: heard(covers, pin.label).length * size * 0.27 })),
    width,
  );
  const rows = labelRows(labels);
  const row = size + 4;
  const top = row + 14 + row * Math.max(0, ...rows);
  const digits = top + 20 + hours;
  const under = digits + hours + 2;
  const soft = { fill: 'var(--color-soft)' };
  return (
    <svg
      viewBox={`0 0 ${width} ${(wall ? digits : under) + 6}`}
      className={`mx-auto block w-full ${wide || wall ? '' : large ? 'max-h-72' : 'max-h-28 max-w-[1400px]'}`}
      role="img"
      aria-label={
        words === '' ? 'The day from midnight to midnight' : `The day from midnight to midnight, with ${words}`
      }
    >
      <DayGradient id={gradient} />
      <rect
        x={left}
        y={top}
        width={right - left}
        height="14"
        rx="7"
        fill={`url(#${gradient})`}
        stroke="var(--color-ink)"
        strokeWidth="0.5"
        data-day-line
      />
      {Array.from({ length: 25 }, (_, hour) => {
        const big = hour % 12 === 0;
        const named = wall && big;
        return (
          <g key={hour}>
            <path
              d={`M${x(hour * 60)} ${top + 14}v${big ? 8 : 5}`}
              stroke="var(--color-ink)"
              strokeWidth={big ? 2 : 1}
            />
            {(big || (hour % every === 0 && !(wall && (hour === 2 || hour === 22)))) && (
              <text
                x={named && hour === 0 ? 2 : named && hour === 24 ? width - 2 : x(hour * 60)}
                y={digits}
                textAnchor={named && hour === 0 ? 'start' : named && hour === 24 ? 'end' : 'middle'}
                fontSize={hours}
                fontWeight={big ? 700 : 400}
                style={big ? { fill: 'var(--color-ink)' } : soft}
              >
                {named ? (hour === 12 ? 'noon' : 'midnight') : by24 ? hour : hour % 12 === 0 ? 12 : hour % 12}
              </text>
            )}
          </g>
        );
      })}
      {!wall && (
        <>
          <text x={left - 14} y={under} fontSize={hours} style={soft}>
            midnight
          </text>
          <text x={x(720)} y={under} textAnchor="middle" fontSize={hours} style={soft}>
            noon
          </text>
          <text x={right + 14} y={under} textAnchor="end" fontSize={hours} style={soft}>
            midnight
          </text>
          {!by24 && (
            <>
              <text x={x(360)} y={under} textAnchor="middle" fontSize={hours} style={soft}>
                {am}
              </text>
              <text x={x(1080)} y={under} textAnchor="middle" fontSize={hours} style={soft}>
                {pm}
              </text>
            </>
          )}
        </>
      )}
      {strip.spans.map((span) => (
        <rect
          key={span.from}
          x={x(span.from)}
          y={top - 8}
          width={Math.max(2, x(span.to) - x(span.from))}
          height="5"
          fill="var(--color-ink)"
        />
      ))}
      {strip.pins.map((pin, i) => {
        const label = labels[i] ?? { x: 0, half: 0 };
        const y = top - 14 - row * (rows[i] ?? 0);
        return (
          <g key={pin.role === 'time' ? i : pin.role}>
            <path d={`M${x(pin.at)} ${y + 4}V${top + 20}`} stroke="var(--color-ink)" strokeWidth="2.5" />
            {pin.role === 'start' ? (
              <circle
                cx={x(pin.at)}
                cy={top + 7}
                r="5"
                fill="var(--color-sheet)"
                stroke="var(--color-ink)"
                strokeWidth="2.5"
              />
            ) : (
              <circle cx={x(pin.at)} cy={top + 7} r="5.5" fill="var(--color-ink)" stroke="var(--color-sheet)" />
            )}
            <text x={label.x} y={y} textAnchor="middle" fontSize={size} fontWeight="700">
              <CoveredSpans text={pin.label} />
            </text>
          </g>
        );
      })}
    </svg>
  );
});
