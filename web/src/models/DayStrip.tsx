import type { DayStrip as Strip } from '../api/types';
import { MarkedSpans, plain } from './Marked';

const width = 1200;
const left = 24;
const right = width - 24;
const top = 34;
const day = 1440;

const x = (minutes: number): number => left + ((right - left) * minutes) / day;

/** The whole day from midnight to midnight, with the times of the sum pinned on it and its length as a span. */
export function DayStrip({ strip }: { strip: Strip }) {
  const words = strip.pins.map((pin) => plain(pin.label)).join(' and ');
  const [first, second] = strip.pins;
  return (
    <svg
      viewBox={`0 0 ${width} 88`}
      className="mx-auto block max-h-24 w-full max-w-[1400px]"
      role="img"
      aria-label={
        words === '' ? 'The day from midnight to midnight' : `The day from midnight to midnight, with ${words}`
      }
    >
      <defs>
        <linearGradient id="daylight">
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
      <rect x={left} y={top} width={right - left} height="16" rx="8" fill="url(#daylight)" />
      {Array.from({ length: 25 }, (_, hour) => {
        const big = hour % 12 === 0;
        return (
          <g key={hour}>
            <path d={`M${x(hour * 60)} ${top + 16}v${big ? 9 : 5}`} stroke="#1d2733" strokeWidth={big ? 2 : 1} />
            <text
              x={x(hour * 60)}
              y={top + 37}
              textAnchor="middle"
              fontSize={big ? 15 : 13}
              fontWeight={big ? 700 : 400}
              style={{ fill: big ? '#1d2733' : '#55616d' }}
            >
              {hour % 12 === 0 ? 12 : hour % 12}
            </text>
          </g>
        );
      })}
      <text x={left - 14} y={top + 52} fontSize="12" style={{ fill: '#55616d' }}>
        midnight
      </text>
      <text x={x(720)} y={top + 52} textAnchor="middle" fontSize="12" style={{ fill: '#55616d' }}>
        noon
      </text>
      <text x={right + 14} y={top + 52} textAnchor="end" fontSize="12" style={{ fill: '#55616d' }}>
        midnight
      </text>
      <text x={x(360)} y={top + 52} textAnchor="middle" fontSize="12" style={{ fill: '#55616d' }}>
        a.m.
      </text>
      <text x={x(1080)} y={top + 52} textAnchor="middle" fontSize="12" style={{ fill: '#55616d' }}>
        p.m.
      </text>
      {strip.spans.map((span) => (
        <g key={span.from}>
          <rect x={x(span.from)} y={top - 8} width={Math.max(2, x(span.to) - x(span.from))} height="5" fill="#1d2733" />
        </g>
      ))}
      {strip.pins.map((pin) => {
        const other = pin === first ? second : first;
        const near = other !== undefined && Math.abs(x(other.at) - x(pin.at)) < 130;
        // labels of neighbours lean away from each other; at the ends they lean inwards
        const leansLeft = near ? pin.at < other.at || (pin.at === other.at && pin === first) : false;
        const anchor =
          x(pin.at) < 70 ? 'start' : x(pin.at) > width - 70 ? 'end' : near ? (leansLeft ? 'end' : 'start') : 'middle';
        const shift = anchor === 'start' && near ? -6 : anchor === 'end' && near ? 6 : 0;
        return (
          <g key={pin.role}>
            <path d={`M${x(pin.at)} ${top - 14}V${top + 22}`} stroke="#1d2733" strokeWidth="2.5" />
            {pin.role === 'start' ? (
              <circle cx={x(pin.at)} cy={top + 8} r="5" fill="#fff" stroke="#1d2733" strokeWidth="2.5" />
            ) : (
              <circle cx={x(pin.at)} cy={top + 8} r="5.5" fill="#1d2733" stroke="#fff" />
            )}
            <text x={x(pin.at) + shift} y="14" textAnchor={anchor} fontSize="16" fontWeight="700">
              <MarkedSpans text={pin.label} />
            </text>
          </g>
        );
      })}
    </svg>
  );
}
