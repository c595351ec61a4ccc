import { memo, type SVGProps } from 'react';
import type { LinePicture } from '../api/types';
import { CoverPlate, heard, tells, useCovers } from './cover';
import { LineScale } from './lineScale';
import { MarkedSpans, plain, runs } from './Marked';

const colours: Record<string, string> = { h: 'var(--color-hour)', m: 'var(--color-minute)', s: 'var(--color-second)' };

interface Props {
  picture: LinePicture;
  last: LinePicture;
  /** How much of the last jump has been made, 0 to 1. */
  made?: number;
  /** Whether it stands upright, the earlier end at the top. */
  upright?: boolean;
  /** Larger writing, for a board. */
  large?: boolean;
  /** Whether it has half of the board's width only. */
  half?: boolean;
}

/**
 * A number line with jumps. `last` is the picture of the last step: the line is laid out for it, so that nothing moves
 * while one steps through.
 */
export const NumberLine = memo(function NumberLine({
  picture,
  last,
  made = 1,
  upright = false,
  large = false,
  half: isHalf = false,
}: Props) {
  const size = large ? 27 : 22;
  // what has few points is drawn shorter, and so appears larger
  const roomy = large ? (isHalf ? Math.min(680, Math.max(520, 110 * last.points.length)) : 760) : 760;
  const long = upright ? (large ? 470 : 600) : roomy;
  const base = upright ? 150 : large ? 222 : 168;
  const wideAs = (label: string): number => plain(label).length * size * 0.6;
  const widths = new Map(last.points.map((point) => [point.at, wideAs(point.label)]));
  const scale = new LineScale(
    [last.from, last.to],
    last.points.map((point) => point.at),
    [large ? 44 : 30, long - (large ? 44 : 30)],
    upright ? 46 : (a, b) => Math.max(large ? 104 : 92, ((widths.get(a) ?? 0) + (widths.get(b) ?? 0)) / 2 + size * 0.4),
  );
  // labels that would touch stand in two rows, those of the points below and those of the jumps above
  const rows =
    !upright && LineScale.touch(last.points.map(({ at, label }) => ({ x: scale.x(at), width: wideAs(label) }))) ? 2 : 1;
  const steps =
    !upright &&
    LineScale.touch(
      last.jumps.map(({ from, to, label }) => ({ x: (scale.x(from) + scale.x(to)) / 2, width: wideAs(label) + 12 })),
    )
      ? 2
      : 1;
  const wide = upright ? 400 : (large ? 314 : 250) + (rows - 1) * size * 1.2;
  const order = last.points.map((point) => point.at);
  /** A place along the line and off it (above it, or to the right of it), in the drawing. */
  const spot = (along: number, off: number): [number, number] => (upright ? [base + off, along] : [along, base - off]);
  const to = (along: number, off: number): string =>
    spot(along, off)
      .map((n) => n.toFixed(1))
      .join(' ');
  const ticks: number[] = [];
  const small = scale.even && (last.to - last.from) / last.per <= 3 ? last.per / 12 : last.per;
  for (let at = last.from; at <= last.to; at += small) {
    ticks.push(at);
  }
  const covers = useCovers();
  const jumps = picture.jumps.map((jump) => `${heard(covers, jump.label, ['jump'])} to the next mark`).join(', then ');
  const points = picture.points.map((point) => heard(covers, point.label, point.asked ? ['answer'] : [])).join(', ');
  return (
    <svg
      viewBox={upright ? `0 0 ${wide} ${long}` : `0 0 ${long} ${wide}`}
      className={large ? 'max-h-full w-full' : 'max-h-[330px] w-full'}
      role="group"
      aria-label={`Number line with ${points}${jumps === '' ? '' : `; jumps: ${jumps}`}`}
    >
      <path d={`M${to(14, 0)}L${to(long - 14, 0)}`} stroke="var(--color-ink)" strokeWidth="3" />
      {ticks.map((at) => {
        const half = at % last.per === 0 ? 9 : 5;
        return (
          <path
            key={at}
            d={`M${to(scale.x(at), half)}L${to(scale.x(at), -half)}`}
            stroke="var(--color-ink)"
            strokeWidth={at % last.per === 0 ? 2 : 1}
          />
        );
      })}
      {picture.jumps.map((jump, i) => {
        const a = scale.x(jump.from);
        const b = scale.x(jump.to);
        const newest = i === picture.jumps.length - 1;
        const way = b >= a ? 1 : -1;
        const rise = Math.min(
          upright ? 110 : large ? 138 : 92,
          (large ? 62 : 44) + Math.abs(b - a) * (large ? 0.24 : 0.16),
        );
        const colour = colours[jump.mark] ?? 'var(--color-ink)';
        const half = plain(jump.label).length * size * 0.27;
        const [x, y] = upright
          ? spot((a + b) / 2 + size * 0.3, rise + 16 + half)
          : spot((a + b) / 2, rise + 12 + (i % steps) * size);
        const part = newest ? made : 1;
        return (
          <g key={i} data-jump>
            <path
              d={`M${to(a, 8)}C${to(a + way * 6, rise * 1.3)},${to(b - way * 6, rise * 1.3)},${to(b, 12)}`}
              fill="none"
              stroke={colour}
              strokeWidth={newest ? 4.5 : 3}
              pathLength="1"
              strokeDasharray={part < 1 ? `${part} 1` : undefined}
            />
            {part >= 1 && <path d={`M${to(b, 2)}L${to(b - 6.5, 16)}L${to(b + 6.5, 16)}Z`} fill={colour} />}
            {part >= 1 && (
              <CoverPlate
                id={`j${i}`}
                parts={jump.label.includes('⟦') ? ['jump', 'answer'] : ['jump']}
                name={`jump ${i + 1}`}
                x={x - half - 18}
                y={y - size}
                width={half * 2 + 28}
                height={size * 1.3}
              >
                <g transform={`translate(${x} ${y})`}>
                  {jump.mark === 'h' && <rect x={-half - 16} y="-14" width="12" height="12" fill={colour} />}
                  {jump.mark === 'm' && <circle cx={-half - 10} cy="-8" r="6" fill={colour} />}
                  <text textAnchor="middle" fontSize={size * 0.92} fontWeight="700">
                    <MarkedSpans text={jump.label} />
                  </text>
                </g>
              </CoverPlate>
            )}
          </g>
        );
      })}
      {picture.points.map((point, i) => {
        const along = scale.x(point.at);
        const width = wideAs(point.label);
        const [x, y] = upright
          ? spot(along + size * 0.35, -22 - width / 2)
          : spot(along, -(size * (1.85 + 1.2 * (order.indexOf(point.at) % rows))));
        return (
          <g key={point.at} data-point>
            <path d={`M${to(along, 12)}L${to(along, -14)}`} stroke="var(--color-ink)" strokeWidth="3" />
            <PointLabel id={`p${i}`} label={point.label} asked={point.asked} x={x} y={y} size={size} width={width} />
            {point.landmark !== '' && (
              <Landmark
                half={tells(point.landmark).includes('half')}
                x={x}
                y={y + size * (upright ? 0.85 : 1)}
                textAnchor="middle"
                fontSize={size * (large ? 0.9 : 0.72)}
                style={{ fill: 'var(--color-soft)' }}
              >
                {point.landmark}
              </Landmark>
            )}
          </g>
        );
      })}
    </svg>
  );
});

/** What a point is, in a word; noon and midnight say the half of the day. */
function Landmark({ half, ...text }: SVGProps<SVGTextElement> & { half: boolean }) {
  const covers = useCovers();
  return half && covers.covered('', ['half']) ? null : <text {...text} />;
}

/** The label of a point, its hour and its minutes apart, so that each can be hidden. */
function PointLabel({
  id,
  label,
  asked,
  x,
  y,
  size,
  width,
}: {
  id: string;
  label: string;
  asked: boolean;
  x: number;
  y: number;
  size: number;
  width: number;
}) {
  const pieces = runs(label);
  const total = plain(label).length || 1;
  const isTime = pieces.some((run) => run.text === ':' || run.text === '.');
  const covers = useCovers();
  const whole =
    !covers.covering &&
    !covers.covered(`${id}.h`, ['hour']) &&
    !covers.covered(`${id}.m`, ['minutes']) &&
    !covers.covered(`${id}.x`, ['half']) &&
    !(asked && covers.covered(id, ['answer']));
  if (whole) {
    return (
      <text x={x} y={y} textAnchor="middle" fontSize={size} fontWeight="700">
        <MarkedSpans text={label} />
      </text>
    );
  }
  if ((asked && (covers.covering || covers.covered(id, ['answer']))) || !isTime) {
    return (
      <CoverPlate
        id={id}
        parts={asked ? ['answer'] : []}
        name={asked ? 'the answer' : 'this point'}
        x={x - width / 2 - 6}
        y={y - size}
        width={width + 12}
        height={size * 1.35}
      >
        <text x={x} y={y} textAnchor="middle" fontSize={size} fontWeight="700">
          <MarkedSpans text={label} />
        </text>
      </CoverPlate>
    );
  }
  const starts = pieces.map((_, i) => pieces.slice(0, i).reduce((sum, run) => sum + run.text.length, 0));
  return (
    <>
      {pieces.map((run, i) => {
        const from = x - width / 2 + (width * (starts[i] ?? 0)) / total;
        const wide = (width * run.text.length) / total;
        const text = (
          <text x={from + wide / 2} y={y} textAnchor="middle" fontSize={size} fontWeight="700">
            <tspan className={run.mark === '' || run.mark === 'x' ? undefined : `mark-${run.mark}`}>{run.text}</tspan>
          </text>
        );
        const kind =
          run.mark === 'h'
            ? ({ part: 'hour', name: 'the hour' } as const)
            : run.mark === 'm'
              ? ({ part: 'minutes', name: 'the minutes' } as const)
              : run.mark === 'x' || /noon|midnight/.test(run.text)
                ? ({ part: 'half', name: 'the half of the day' } as const)
                : null;
        return kind ? (
          <CoverPlate
            key={i}
            id={`${id}.${kind.part === 'half' ? 'x' : run.mark}`}
            parts={[kind.part]}
            name={kind.name}
            x={from - 3}
            y={y - size}
            width={wide + 6}
            height={size * 1.35}
          >
            {text}
          </CoverPlate>
        ) : (
          <g key={i}>{text}</g>
        );
      })}
    </>
  );
}
