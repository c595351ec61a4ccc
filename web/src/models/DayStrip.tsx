import { memo, useId } from 'react';
import type { DayStrip as Strip } from '../api/types';
import { useHalves } from './halves';
import { heard, useCovers } from './cover';
import { CoveredSpans } from './Marked';

const left = 24;
const day = 1440;

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
}: {
  strip: Strip;
  large?: boolean;
  wide?: boolean;
}) {
  const gradient = useId();
  const { am, pm, by24 } = useHalves();
  // drawn narrower it appears larger
  const width = wide ? 1000 : large ? 800 : 1200;
  const right = width - 24;
  const x = (minutes: number): number => left + ((right - left) * minutes) / day;
  const covers = useCovers();
  const words = strip.pins.map((pin) => heard(covers, pin.label)).join(' and ');
  const labels = apart(
    strip.pins.map((pin) => ({ x: x(pin.at), half: heard(covers, pin.label).length * 4.3 })),
    width,
  );
  const rows = labelRows(labels);
  const top = 34 + 20 * Math.max(0, ...rows);
  return (
    <svg
      viewBox={`0 0 ${width} ${top + 54}`}
      className={`mx-auto block w-full ${wide ? '' : large ? 'max-h-72' : 'max-h-28 max-w-[1400px]'}`}
      role="img"
      aria-label={
        words === '' ? 'The day from midnight to midnight' : `The day from midnight to midnight, with ${words}`
      }
    >
      <defs>
        <linearGradient id={gradient}>
          <stop offset="0" stopColor="#2a2f57" />
          <stop offset="0.2" stopColor="#3f4577" />
          <stop offset="0.27" stopColor="#e5c48a" />
          <stop offset="0.36" stopColor="#faf0d7" />
          <stop offset="0.64" stopColor="#fdf4dc" />
          <stop offset="0.74" stopColor="#f0cf9d" />
          <stop offset="0.8" stopColor="#8b6f77" />
          <stop offset="0.86" stopColor="#3f4577" />
          <stop offset="1" stopColor="#2a2f57" />
        </linearGradient>
      </defs>
      <rect
        x={left}
        y={top}
        width={right - left}
        height="16"
        rx="8"
        fill={`url(#${gradient})`}
        stroke="var(--color-ink)"
        strokeWidth="0.5"
        data-day-line
      />
      {Array.from({ length: 25 }, (_, hour) => {
        const big = hour % 12 === 0;
        return (
          <g key={hour}>
            <path
              d={`M${x(hour * 60)} ${top + 16}v${big ? 9 : 5}`}
              stroke="var(--color-ink)"
              strokeWidth={big ? 2 : 1}
            />
            <text
              x={x(hour * 60)}
              y={top + 37}
              textAnchor="middle"
              fontSize={big ? 15 : 13}
              fontWeight={big ? 700 : 400}
              style={{ fill: big ? 'var(--color-ink)' : 'var(--color-soft)' }}
            >
              {by24 ? hour : hour % 12 === 0 ? 12 : hour % 12}
            </text>
          </g>
        );
      })}
      <text x={left - 14} y={top + 52} fontSize="12" style={{ fill: 'var(--color-soft)' }}>
        midnight
      </text>
      <text x={x(720)} y={top + 52} textAnchor="middle" fontSize="12" style={{ fill: 'var(--color-soft)' }}>
        noon
      </text>
      <text x={right + 14} y={top + 52} textAnchor="end" fontSize="12" style={{ fill: 'var(--color-soft)' }}>
        midnight
      </text>
      {!by24 && (
        <>
          <text x={x(360)} y={top + 52} textAnchor="middle" fontSize="12" style={{ fill: 'var(--color-soft)' }}>
            {am}
          </text>
          <text x={x(1080)} y={top + 52} textAnchor="middle" fontSize="12" style={{ fill: 'var(--color-soft)' }}>
            {pm}
          </text>
        </>
      )}
      {strip.spans.map((span) => (
        <g key={span.from}>
          <rect
            x={x(span.from)}
            y={top - 8}
            width={Math.max(2, x(span.to) - x(span.from))}
            height="5"
            fill="var(--color-ink)"
          />
        </g>
      ))}
      {strip.pins.map((pin, i) => {
        const label = labels[i] ?? { x: 0, half: 0 };
        const y = top - 20 - 20 * (rows[i] ?? 0);
        return (
          <g key={pin.role === 'time' ? i : pin.role}>
            <path d={`M${x(pin.at)} ${y + 6}V${top + 22}`} stroke="var(--color-ink)" strokeWidth="2.5" />
            {pin.role === 'start' ? (
              <circle
                cx={x(pin.at)}
                cy={top + 8}
                r="5"
                fill="var(--color-sheet)"
                stroke="var(--color-ink)"
                strokeWidth="2.5"
              />
            ) : (
              <circle cx={x(pin.at)} cy={top + 8} r="5.5" fill="var(--color-ink)" stroke="var(--color-sheet)" />
            )}
            <text x={label.x} y={y} textAnchor="middle" fontSize="16" fontWeight="700">
              <CoveredSpans text={pin.label} />
            </text>
          </g>
        );
      })}
    </svg>
  );
});
