import type { LinePicture } from '../api/types';
import { LineScale } from './lineScale';
import { MarkedSpans, plain } from './Marked';

const width = 760;
const base = 168;
const colours: Record<string, string> = { h: 'var(--color-hour)', m: 'var(--color-minute)', s: 'var(--color-second)' };

/**
 * A number line with jumps. `last` is the picture of the last step: the line is laid out for it, so that nothing moves
 * while one steps through.
 */
export function NumberLine({ picture, last }: { picture: LinePicture; last: LinePicture }) {
  const scale = new LineScale(
    [last.from, last.to],
    last.points.map((point) => point.at),
    [30, width - 30],
    92,
  );
  const ticks: number[] = [];
  const small = (last.to - last.from) / last.per <= 3 ? last.per / 12 : last.per;
  for (let at = last.from; at <= last.to; at += small) {
    ticks.push(at);
  }
  const jumps = picture.jumps.map((jump) => `${plain(jump.label)} to the next mark`).join(', then ');
  const points = picture.points.map((point) => plain(point.label)).join(', ');
  return (
    <svg
      viewBox={`0 0 ${width} 250`}
      className="max-h-[330px] w-full"
      role="img"
      aria-label={`Number line with ${points}${jumps === '' ? '' : `; jumps: ${jumps}`}`}
    >
      <path d={`M14 ${base}H${width - 14}`} stroke="#1d2733" strokeWidth="3" />
      {ticks.map((at) => (
        <path
          key={at}
          d={`M${scale.x(at)} ${base - (at % last.per === 0 ? 9 : 5)}v${at % last.per === 0 ? 18 : 10}`}
          stroke="#1d2733"
          strokeWidth={at % last.per === 0 ? 2 : 1}
        />
      ))}
      {picture.jumps.map((jump, i) => {
        const a = scale.x(jump.from);
        const b = scale.x(jump.to);
        const way = b >= a ? 1 : -1;
        const rise = Math.min(92, 44 + Math.abs(b - a) * 0.16);
        const colour = colours[jump.mark] ?? '#1d2733';
        const newest = i === picture.jumps.length - 1;
        return (
          <g key={i} data-jump>
            <path
              d={`M${a} ${base - 8}C${a + way * 6} ${base - rise * 1.3},${b - way * 6} ${base - rise * 1.3},${b} ${base - 12}`}
              fill="none"
              stroke={colour}
              strokeWidth={newest ? 4.5 : 3}
              strokeDasharray={jump.mark === 'm' ? undefined : 'none'}
            />
            <path d={`M${b} ${base - 2}l-6.5 -14h13z`} fill={colour} />
            <g transform={`translate(${(a + b) / 2} ${base - rise - 12})`}>
              {jump.mark === 'h' && (
                <rect x={-plain(jump.label).length * 5.4 - 16} y="-12" width="11" height="11" fill={colour} />
              )}
              {jump.mark === 'm' && (
                <circle cx={-plain(jump.label).length * 5.4 - 10.5} cy="-6" r="5.5" fill={colour} />
              )}
              <text textAnchor="middle" fontSize="20" fontWeight="700">
                <MarkedSpans text={jump.label} />
              </text>
            </g>
          </g>
        );
      })}
      {picture.points.map((point) => (
        <g key={point.at} data-point>
          <path d={`M${scale.x(point.at)} ${base - 12}v26`} stroke="#1d2733" strokeWidth="3" />
          <text x={scale.x(point.at)} y={base + 40} textAnchor="middle" fontSize="22" fontWeight="700">
            <MarkedSpans text={point.label} />
          </text>
          {point.landmark !== '' && (
            <text x={scale.x(point.at)} y={base + 62} textAnchor="middle" fontSize="16" style={{ fill: '#55616d' }}>
              {point.landmark}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
