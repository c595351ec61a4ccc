import type { LineJump } from '../api/types';
import { CoverPlate } from '../models/cover';
import { DayGradient } from '../models/DayGradient';
import { MarkedSpans, plain } from '../models/Marked';
import { useHalves } from '../models/halves';

const width = 1232;
const edge = 24;
const day = 1440;
const line = 96;

/** Where a minute of the day is along the strip, as a share of its width. */
export const alongTheDay = (minute: number): number => (edge + ((width - 2 * edge) * minute) / day) / width;

/** The minute of the day at a share of the width of the strip. */
export const minuteAlong = (share: number): number =>
  Math.min(day - 1, Math.max(0, Math.round(((share * width - edge) / (width - 2 * edge)) * day)));

const colours: Record<string, string> = { h: 'var(--color-hour)', m: 'var(--color-minute)' };

interface Landing {
  /** Minutes since the midnight of the day on which the way began. */
  at: number;
  label: string;
}

/**
 * The day as a strip on which ways are gone: what is jumped stands over it, where one lands below it. What lies on the day
 * before or after is drawn where it comes out of the strip.
 */
export function DayWay({
  jumps,
  landings,
  pins,
  spans,
  onPick,
}: {
  jumps: readonly LineJump[];
  landings: readonly Landing[];
  /** Where the clocks stand, in minutes of the day. */
  pins: readonly number[];
  /** Stretches between two clocks. */
  spans: readonly { from: number; to: number }[];
  /** A place on the strip was touched. */
  onPick: (minute: number) => void;
}) {
  const { by24 } = useHalves();
  const x = (minute: number): number => edge + ((width - 2 * edge) * minute) / day;
  const clipped = (minute: number): number => Math.min(day + 20, Math.max(-20, minute));
  const rows = rowsOf(landings.map((one) => ({ x: x(clipped(one.at)), half: plain(one.label).length * 6.6 })));
  return (
    <svg
      viewBox={`0 0 ${width} ${178 + 28 * Math.max(0, ...rows)}`}
      className="block w-full shrink-0 touch-none"
      role="group"
      aria-label="The day from midnight to midnight"
      data-day-way
      onPointerDown={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const y = (event.clientY - box.top) / (box.width / width);
        if (y > line - 12 && y < line + 50) {
          onPick(minuteAlong((event.clientX - box.left) / box.width));
        }
      }}
    >
      <DayGradient id="day-way" />
      <rect
        x={edge}
        y={line}
        width={width - 2 * edge}
        height="24"
        rx="12"
        fill="url(#day-way)"
        stroke="var(--color-ink)"
        strokeWidth="0.5"
        className="cursor-pointer"
      />
      {Array.from({ length: 25 }, (_, hour) => {
        const big = hour % 12 === 0;
        return (
          <g key={hour}>
            <path
              d={`M${x(hour * 60)} ${line + 24}v${big ? 9 : 5}`}
              stroke="var(--color-ink)"
              strokeWidth={big ? 2 : 1}
            />
            {(big || hour % 2 === 0) && hour !== 2 && hour !== 22 && (
              <text
                x={hour === 0 ? 2 : hour === 24 ? width - 2 : x(hour * 60)}
                y={line + 56}
                textAnchor={hour === 0 ? 'start' : hour === 24 ? 'end' : 'middle'}
                fontSize="24"
                fontWeight={big ? 700 : 400}
                style={{ fill: big ? 'var(--color-ink)' : 'var(--color-soft)' }}
              >
                {hour === 12 ? 'noon' : big ? 'midnight' : by24 ? hour : hour % 12}
              </text>
            )}
          </g>
        );
      })}
      {spans.map((span) => (
        <path
          key={span.from}
          d={`M${x(span.from)} ${line - 8}H${x(span.to)}`}
          stroke="var(--color-ink)"
          strokeWidth="6"
        />
      ))}
      {jumps.map((jump, i) => {
        const [a, b] = [x(clipped(jump.from)), x(clipped(jump.to))];
        const rise = Math.min(54, 26 + Math.abs(b - a) * 0.12);
        const colour = colours[jump.mark] ?? 'var(--color-ink)';
        // small jumps side by side go without their sign; what still has no room is said by where one lands
        const roomFor = (text: string) => Math.abs(b - a) > plain(text).length * 12.5 || jumps.length === 1;
        const shown = roomFor(jump.label) ? jump.label : jump.label.replace(/^[+−] /, '');
        const label = plain(shown);
        const fits = roomFor(shown);
        return (
          <g key={i} data-jump>
            <path
              d={`M${a} ${line}C${a} ${line - rise * 1.33},${b} ${line - rise * 1.33},${b} ${line}`}
              fill="none"
              stroke={colour}
              strokeWidth="4"
            />
            <path d={`M${b} ${line}l-6 -12h12Z`} fill={colour} />
            {fits && (
              <CoverPlate
                id={`j${i}`}
                parts={['jump']}
                name={`jump ${i + 1}`}
                x={(a + b) / 2 - label.length * 6.5 - 6}
                y={line - rise - 32}
                width={label.length * 13 + 12}
                height={30}
              >
                <text x={(a + b) / 2} y={line - rise - 8} textAnchor="middle" fontSize="24" fontWeight="700">
                  <MarkedSpans text={shown} />
                </text>
              </CoverPlate>
            )}
          </g>
        );
      })}
      {landings.map((landing, i) => (
        <text
          key={landing.at}
          x={Math.min(
            width - plain(landing.label).length * 6.6,
            Math.max(plain(landing.label).length * 6.6, x(clipped(landing.at))),
          )}
          y={line + 82 + 28 * (rows[i] ?? 0)}
          textAnchor="middle"
          fontSize="24"
        >
          <MarkedSpans text={landing.label} />
        </text>
      ))}
      {pins.map((pin) => (
        <circle
          key={pin}
          cx={x(pin)}
          cy={line + 12}
          r="11"
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          strokeWidth="5"
          className="pointer-events-none"
        />
      ))}
    </svg>
  );
}

/** Labels that would touch stand in rows below each other. */
function rowsOf(labels: readonly { x: number; half: number }[]): number[] {
  const ends: number[] = [];
  const rows = labels.map(() => 0);
  for (const i of labels.map((_, n) => n).sort((a, b) => (labels[a]?.x ?? 0) - (labels[b]?.x ?? 0))) {
    const { x, half } = labels[i] ?? { x: 0, half: 0 };
    let row = 0;
    while ((ends[row] ?? -Infinity) > x - half) {
      row += 1;
    }
    rows[i] = row;
    ends[row] = x + half + 14;
  }
  return rows;
}
