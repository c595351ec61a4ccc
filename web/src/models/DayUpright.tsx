import { useId } from 'react';
import type { DayPin } from '../api/types';
import { heard, useCovers } from './cover';
import { DayGradient } from './DayGradient';
import { useHalves } from './halves';
import { CoveredSpans } from './Marked';

const height = 660;
const [top, bottom] = [22, height - 22];
const line = 150;
const size = 27;
const day = 1440;

/** Where labels stand beside an upright line: at their places, or so much lower that each has a row of its own. */
export function rowsBeside(places: readonly number[], row: number, lowest: number): number[] {
  const order = places.map((_, i) => i).sort((a, b) => (places[a] ?? 0) - (places[b] ?? 0));
  const rows = [...places];
  let last = -Infinity;
  for (const i of order) {
    rows[i] = last = Math.max(places[i] ?? 0, last + row);
  }
  // those that were pushed out below push back
  let next = lowest;
  for (const i of order.reverse()) {
    rows[i] = Math.min(rows[i] ?? 0, next);
    next = (rows[i] ?? 0) - row;
  }
  return rows;
}

/** The whole day upright: midnight above, noon in the middle; what is pinned stands beside it. */
export function DayUpright({ pins }: { pins: readonly DayPin[] }) {
  const gradient = useId();
  const { by24 } = useHalves();
  const covers = useCovers();
  const y = (minutes: number): number => top + ((bottom - top) * minutes) / day;
  const rows = rowsBeside(
    pins.map((pin) => y(pin.at)),
    size + 4,
    bottom,
  );
  const words = pins.map((pin) => heard(covers, pin.label)).join(' and ');
  return (
    <svg
      viewBox={`0 0 430 ${height}`}
      className="mx-auto block h-full max-h-full min-h-96"
      role="img"
      aria-label={`The day upright, from midnight to midnight${words === '' ? '' : `, with ${words}`}`}
    >
      <DayGradient id={gradient} upright />
      <rect
        x={line - 9}
        y={top}
        width="18"
        height={bottom - top}
        rx="9"
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
              d={`M${line - 9} ${y(hour * 60)}h${big ? -12 : -7}`}
              stroke="var(--color-ink)"
              strokeWidth={big ? 2.5 : 1.5}
            />
            {hour % 2 === 0 && (
              <text
                x={line - 28}
                y={y(hour * 60) + size * 0.34}
                textAnchor="end"
                fontSize={size}
                fontWeight={big ? 700 : 400}
                style={{ fill: big ? 'var(--color-ink)' : 'var(--color-soft)' }}
              >
                {big ? (hour === 12 ? 'noon' : 'midnight') : by24 ? hour : hour % 12}
              </text>
            )}
          </g>
        );
      })}
      {pins.map((pin, i) => (
        <g key={i}>
          <path
            d={`M${line + 9} ${y(pin.at)}L${line + 34} ${rows[i] ?? 0}`}
            stroke="var(--color-ink)"
            strokeWidth="2.5"
          />
          <circle cx={line} cy={y(pin.at)} r="7" fill="var(--color-ink)" stroke="var(--color-sheet)" />
          <text x={line + 42} y={(rows[i] ?? 0) + size * 0.34} fontSize={size} fontWeight="700">
            <CoveredSpans text={pin.label} />
          </text>
        </g>
      ))}
    </svg>
  );
}
