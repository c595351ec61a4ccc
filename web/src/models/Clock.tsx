import type { ClockPicture } from '../api/types';

const turn = (minutes: number): number => minutes * 6;
const on = (radius: number, degrees: number): string => {
  const a = ((degrees - 90) * Math.PI) / 180;
  return `${(radius * Math.cos(a)).toFixed(2)} ${(radius * Math.sin(a)).toFixed(2)}`;
};

/** A clock face with geared hands and the minutes counted round its edge. */
export function Clock({ picture }: { picture: ClockPicture }) {
  const minute = picture.minutes % 60;
  const sweep = Math.min(359.9, Math.abs(picture.swept) * 6);
  const a = turn(picture.from);
  const b = picture.swept >= 0 ? a + sweep : a - sweep;
  const digits = `${Math.floor(picture.minutes / 60) || 12}:${String(minute).padStart(2, '0')}`;
  return (
    <svg
      viewBox="-128 -128 256 256"
      className="mx-auto max-h-[350px] w-full"
      role="img"
      aria-label={`A clock that shows ${digits}`}
    >
      <circle r="100" fill="#fff" stroke="#1d2733" strokeWidth="3" />
      {picture.swept !== 0 && (
        <path
          d={`M0 0L${on(84, a)}A84 84 0 ${sweep > 180 ? 1 : 0} ${picture.swept > 0 ? 1 : 0} ${on(84, b)}Z`}
          fill="var(--color-minute)"
          opacity="0.14"
        />
      )}
      {Array.from({ length: 60 }, (_, i) => (
        <path
          key={i}
          d={`M0 -98v${i % 5 === 0 ? 10 : 5}`}
          stroke="#1d2733"
          strokeWidth={i % 5 === 0 ? 2.4 : 1}
          transform={`rotate(${i * 6})`}
        />
      ))}
      {Array.from({ length: 12 }, (_, i) => {
        const [x, y] = on(74, i * 30).split(' ');
        const [ox, oy] = on(114, i * 30).split(' ');
        return (
          <g key={i}>
            <text x={x} y={Number(y) + 6} textAnchor="middle" fontSize="18" className="mark-h">
              {i === 0 ? 12 : i}
            </text>
            <text x={ox} y={Number(oy) + 4} textAnchor="middle" fontSize="12" className="mark-m">
              {String(i * 5).padStart(2, '0')}
            </text>
          </g>
        );
      })}
      {picture.stops.map((stop, i) => {
        const [x, y] = on(94, turn(stop)).split(' ');
        return <circle key={i} cx={x} cy={y} r="4" className="mark-m" />;
      })}
      <g transform={`rotate(${picture.minutes / 2})`} className="mark-h">
        <rect x="-3.5" y="-50" width="7" height="60" />
        <rect x="-7.5" y="-61" width="15" height="15" />
      </g>
      <g transform={`rotate(${turn(minute)})`} className="mark-m">
        <rect x="-2" y="-84" width="4" height="98" />
        <circle cy="-84" r="6" />
      </g>
      <circle r="4.5" fill="#1d2733" />
    </svg>
  );
}
