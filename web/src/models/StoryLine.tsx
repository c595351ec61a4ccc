import { memo } from 'react';
import type { StoryBar, StoryPicture } from '../api/types';
import { useCovers } from './cover';
import { labelRows } from './DayStrip';
import { MarkedSpans, plain } from './Marked';

const edge = 26;

/** How wide a label is, in units of the drawing. */
const wideAs = (label: string, size: number): number => plain(label).length * size * 0.58;

/**
 * What a story tells: its times pinned on the part of the day in which it happens, its lengths as bars above; what is
 * asked is dashed.
 */
export const StoryLine = memo(function StoryLine({
  story: told,
  wide = false,
}: {
  story: StoryPicture;
  wide?: boolean;
}) {
  // what is asked is not given away where the answer is hidden
  const hidden = useCovers().covered('answer', ['answer']);
  const open = <One extends { known: boolean; label: string }>(one: One): One =>
    hidden && !one.known ? { ...one, label: '?' } : one;
  const story = { ...told, pins: told.pins.map(open), bars: told.bars.map(open) };
  // drawn narrower it appears larger
  const width = wide ? 520 : 560;
  const size = wide ? 21 : 19;
  const long = Math.max(1, story.to - story.from);
  const x = (at: number): number => edge + ((width - 2 * edge) * (at - story.from)) / long;
  const rows = Math.max(-1, ...story.bars.map((bar) => bar.row)) + 1;
  const pins = story.pins.map((pin) => {
    const half = Math.max(14, wideAs(pin.label, size) / 2);
    return { ...pin, half, x: Math.min(Math.max(x(pin.at), half + 2), width - half - 2) };
  });
  const pinRows = labelRows(pins);
  const heads = story.pins.length === 0 ? 0 : 26 * (Math.max(0, ...pinRows) + 1);
  const rowHigh = wide ? 48 : 44;
  const base = heads + rows * rowHigh + 12;
  const clock = story.ticks.length > 0;
  const said = [
    ...story.pins.map((pin) => (pin.known ? plain(pin.label) : 'a time that is asked')),
    ...story.bars.map((bar) => (bar.known ? plain(bar.label) : 'a length that is asked')),
  ];
  return (
    <svg
      viewBox={`0 0 ${width} ${base + (clock ? 34 : 8)}`}
      className="mx-auto block max-h-full w-full"
      role="img"
      aria-label={`The story drawn: ${said.join(', ')}`}
      data-story
    >
      {clock && (
        <>
          <path d={`M${edge - 12} ${base}H${width - edge + 12}`} stroke="var(--color-ink)" strokeWidth="3" />
          {story.ticks.map((tick) => (
            <g key={tick.at}>
              <path d={`M${x(tick.at)} ${base}v9`} stroke="var(--color-ink)" strokeWidth="2" />
              <text x={x(tick.at)} y={base + 28} textAnchor="middle" fontSize={size - 1}>
                <MarkedSpans text={tick.label} />
              </text>
            </g>
          ))}
        </>
      )}
      {story.bars.map((bar, i) => (
        <Bar key={i} bar={bar} x={x} y={base - 10 - bar.row * rowHigh} size={size} width={width} />
      ))}
      {pins.map((pin, i) => {
        const top = 20 + 26 * (pinRows[i] ?? 0);
        return (
          <g key={i} data-pin={pin.known ? 'known' : 'asked'}>
            <path
              d={`M${x(pin.at)} ${top + 6}V${base + 8}`}
              stroke="var(--color-ink)"
              strokeWidth="2.5"
              {...(pin.known ? {} : { strokeDasharray: '5 5' })}
            />
            <circle
              cx={x(pin.at)}
              cy={base}
              r="6"
              fill={pin.known ? 'var(--color-ink)' : 'var(--color-sheet)'}
              stroke="var(--color-ink)"
              strokeWidth="2.5"
            />
            <text x={pin.x} y={top} textAnchor="middle" fontSize={size} fontWeight="700">
              <MarkedSpans text={pin.label} />
            </text>
          </g>
        );
      })}
    </svg>
  );
});

function Bar({
  bar,
  x,
  y,
  size,
  width,
}: {
  bar: StoryBar;
  x: (at: number) => number;
  y: number;
  size: number;
  width: number;
}) {
  const [from, to] = [x(bar.from), x(bar.to)];
  const half = wideAs(bar.label, size) / 2;
  const middle = Math.min(Math.max((from + to) / 2, half + 2), width - half - 2);
  // many small ones beside each other are counted, not read
  const fits = bar.loose || to - from > wideAs(bar.label, size) * 0.75 || to - from > 60 || bar.label === '?';
  return (
    <g data-bar={bar.known ? 'known' : 'asked'}>
      <rect
        {...(bar.loose ? { 'data-loose': '', transform: `rotate(-3 ${(from + to) / 2} ${y - 6})` } : {})}
        x={from + 1}
        y={y - 12}
        width={Math.max(2, to - from - 2)}
        height="12"
        rx={bar.loose ? 6 : 2}
        fill={bar.known ? 'var(--color-soft)' : 'none'}
        stroke="var(--color-ink)"
        strokeWidth="2"
        {...(bar.known ? {} : { strokeDasharray: '5 4' })}
      />
      {(fits || bar.known) && (
        <text x={middle} y={y - 18} textAnchor="middle" fontSize={size} fontWeight="700">
          {fits ? <MarkedSpans text={bar.label} /> : ''}
        </text>
      )}
    </g>
  );
}
