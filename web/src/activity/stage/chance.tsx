import { useState } from 'react';
import type { Lighthouse, Pond, Spinner } from '../../api/types';
import { Marked } from '../../models/Marked';
import { FaceOf, Shown } from './parts';
import type { Stage } from './moves';

const on = (radius: number, degrees: number): [number, number] => {
  const a = ((degrees - 90) * Math.PI) / 180;
  return [radius * Math.cos(a), radius * Math.sin(a)];
};

const counted = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`;

const sides = ['Left side', 'Right side'];

/** How far each side of the board is: places on the dial are counted, what they read came with them. */
export function ferries(numbers: Spinner, turns: number): { at: number[]; won: number | null; last: number | null } {
  const at = [0, 0];
  const end = numbers.places.length - 1;
  let last: number | null = null;
  for (let turn = 0; turn < turns; turn += 1) {
    const side = turn % 2;
    last = numbers.spins[turn % numbers.spins.length] ?? 0;
    const by = (numbers.sectors[last]?.length.minutes ?? 0) / numbers.unit;
    const to = (at[side] ?? 0) + by;
    at[side] = to <= end ? to : numbers.exactly ? (at[side] ?? 0) : end;
    if (at[side] === end) {
      return { at, won: side, last };
    }
  }
  return { at, won: null, last };
}

/** The spinner and two clocks: a spin, then the hands are moved on. */
export function SpinnerStage({ numbers, moves }: Stage<Spinner>) {
  const turns = Math.floor(moves.list.length / 2);
  const spun = moves.list.length % 2 === 1;
  const { at, won } = ferries(numbers, turns);
  const next = ferries(numbers, turns + 1);
  const side = turns % 2;
  const sector = numbers.spins[(spun ? turns : turns - 1) % numbers.spins.length] ?? 0;
  const it = moves.list.length === 0 ? null : numbers.sectors[sector];
  const middle = it ? (it.from + it.to) / 2 : 0;
  // a few turns more with each spin, so that it always goes forward
  const degrees = 720 * Math.ceil(moves.list.length / 2) + middle;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-2 items-center gap-x-6 gap-y-3 px-6 py-3 lg:grid-cols-[1fr_1.25fr_1fr]">
      {[0, 1].map((one) => {
        const place = numbers.places[at[one] ?? 0];
        const wait = spun && side === one;
        return (
          <section
            key={one}
            aria-label={sides[one]}
            className={`flex flex-col items-center gap-2 text-center ${one === 0 ? 'lg:order-first' : 'lg:order-last'}`}
          >
            <h2 className={`wall-note ${side === one && won === null ? 'font-bold underline underline-offset-8' : ''}`}>
              {sides[one]}
            </h2>
            {place && <FaceOf time={place} className="max-h-[38dvh] w-full max-lg:max-h-[24dvh]" />}
            <p className="text-4xl font-bold">
              <Marked text={place?.text ?? ''} />
            </p>
            <p className="min-h-8 wall-small">
              {won === one
                ? 'There for the last ferry.'
                : wait && next.at[one] === at[one] && numbers.exactly
                  ? 'That would be past the last ferry: it does not count.'
                  : ''}
            </p>
          </section>
        );
      })}
      <div className="flex flex-col items-center gap-3 max-lg:order-last max-lg:col-span-2">
        <svg
          viewBox="-105 -105 210 210"
          className="max-h-[52dvh] w-full max-lg:max-h-[34dvh]"
          role="img"
          aria-label="A spinner of lengths"
        >
          <circle r="100" fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth="2.5" />
          {numbers.sectors.map((one) => {
            const [x, y] = on(100, one.from);
            // so far in that it keeps off the rim
            const [tx, ty] = on(66, (one.from + one.to) / 2);
            return (
              <g key={one.length.minutes}>
                <path d={`M0 0L${x} ${y}`} stroke="var(--color-ink)" strokeWidth="1.5" />
                {one.length.text.split(' {m').map((line, i, all) => (
                  <text
                    key={line}
                    x={tx}
                    y={ty + 4 + 14 * (i - (all.length - 1) / 2)}
                    textAnchor="middle"
                    fontSize="13.7"
                    className="font-bold"
                  >
                    <tspan className={i > 0 || line.startsWith('{m') ? 'mark-m' : 'mark-h'}>
                      {(i > 0 ? `{m${line}` : line).replace(/\{[hm]:([^}]*)\}/, '$1')}
                    </tspan>
                  </text>
                ))}
              </g>
            );
          })}
          <g className="needle" style={{ transform: `rotate(${degrees}deg)` }}>
            <path d="M-5 12L0 -58L5 12Z" fill="var(--color-ink)" />
          </g>
          <circle r="7" fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth="3" />
        </svg>
        <p className="min-h-14 text-5xl font-bold" aria-live="polite">
          {it && <Marked text={it.length.text} />}
        </p>
      </div>
    </div>
  );
}

/** A pond: two taps skim a stone twice, the third shows the sum. */
export function PondStage({ numbers, moves }: Stage<Pond>) {
  const inTurn = moves.list.length % 3;
  const turn = moves.list.slice(moves.list.length - inTurn);
  const [a, b] = turn;
  const last = moves.list.slice(-3);
  const pair = (x: number, y: number) =>
    numbers.pairs.find((one) => one.first === Math.min(x, y) && one.second === Math.max(x, y));
  const shownPair = inTurn === 0 && last.length === 3 ? pair(last[0] ?? 0, last[1] ?? 0) : null;
  const lit = inTurn === 0 ? last.slice(0, 2) : turn;
  let regrouped = 0;
  for (let i = 0; i + 3 <= moves.list.length; i += 3) {
    regrouped += pair(moves.list[i] ?? 0, moves.list[i + 1] ?? 0)?.regroups ? 1 : 0;
  }
  const first = shownPair ? last[0] : a;
  const second = shownPair ? last[1] : b;
  return (
    <div className="grid min-h-0 flex-1 gap-6 px-6 py-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <div
        className="relative min-h-[24rem] rounded-[50%] border-3 border-ink bg-sheet"
        role="group"
        aria-label="The pond"
      >
        {numbers.stones.map((stone, i) => (
          <button
            key={stone.minutes}
            type="button"
            className={`absolute grid min-h-12 min-w-14 -translate-x-1/2 -translate-y-1/2 place-items-center rounded-[50%] border-2 border-ink px-2 wall-small leading-tight font-bold max-sm:max-w-[4.6rem] sm:min-h-16 sm:min-w-24 sm:px-3 ${lit.includes(i) ? 'bg-found' : 'bg-paper hover:bg-wash'}`}
            style={{
              left: `${8 + 84 * (numbers.places[i]?.[0] ?? 0.5)}%`,
              top: `${8 + 84 * (numbers.places[i]?.[1] ?? 0.5)}%`,
            }}
            onClick={() => {
              if (inTurn < 2) {
                moves.add(i);
              }
            }}
          >
            <span>
              <Marked text={stone.text} />
            </span>
          </button>
        ))}
      </div>
      <div className="flex flex-col justify-center gap-5 text-center" aria-live="polite">
        <p className="text-4xl font-bold">
          {first === undefined ? '…' : <Marked text={numbers.stones[first]?.text ?? ''} />}
          {' + '}
          {second === undefined ? '…' : <Marked text={numbers.stones[second]?.text ?? ''} />}
        </p>
        {second === undefined ? (
          <p className="wall-note">{first === undefined ? 'Tap the stone on which it stops.' : 'And once more.'}</p>
        ) : (
          <>
            <p className="text-6xl font-bold">
              = <Shown text={(shownPair ?? pair(first ?? 0, second))?.sum.text ?? ''} shown={!!shownPair} />
            </p>
            <p className="min-h-8 wall-note">
              {shownPair ? (shownPair.regroups ? 'Sixty minutes became an hour.' : 'Nothing to regroup.') : ''}
            </p>
          </>
        )}
        <p className="wall-small text-soft">
          {counted(Math.floor(moves.list.length / 3), 'sum')}, {regrouped} of them regrouped
        </p>
      </div>
    </div>
  );
}

/** A ring of digital times: a roll moves the counter, then the face that shows the same is tapped. */
export function LighthouseStage({ numbers, moves }: Stage<Lighthouse>) {
  const places = numbers.ring.length;
  const rolled = moves.list.filter((move) => move === -1).length;
  const waits = moves.list[moves.list.length - 1] === -1;
  const [wrong, setWrong] = useState<number | null>(null);
  let at = 0;
  const shaded = new Set<number>();
  for (let i = 0; i < rolled; i += 1) {
    at = (at + (numbers.rolls[i % numbers.rolls.length] ?? 1)) % places;
    if (i < rolled - 1 || !waits) {
      shaded.add(numbers.meets[at] ?? 0);
    }
  }
  const roll = rolled === 0 ? null : (numbers.rolls[(rolled - 1) % numbers.rolls.length] ?? null);
  const done = shaded.size === numbers.faces.length;
  return (
    <div className="grid min-h-0 flex-1 items-center gap-6 px-6 py-3 lg:grid-cols-[minmax(0,4fr)_minmax(0,1fr)]">
      <div className="relative mx-auto h-full min-h-80 w-full max-lg:h-[56dvh]">
        {numbers.ring.map((time, i) => {
          // the ring is as wide as there is room for, and runs round the faces
          const [x, y] = on(1, (360 * i) / places).map((one) => Math.sign(one) * Math.abs(one) ** 0.45) as [
            number,
            number,
          ];
          return (
            <span
              key={`${i} ${time.text}`}
              className={`absolute grid min-h-11 -translate-x-1/2 -translate-y-1/2 place-items-center rounded-md border-2 border-ink px-1 wall-small font-bold whitespace-nowrap sm:px-2 ${i === at ? 'bg-ink text-paper [&_*]:text-paper!' : 'bg-sheet'}`}
              style={{ left: `${50 + 43 * x}%`, top: `${50 + 46 * y}%` }}
              aria-current={i === at ? 'step' : undefined}
            >
              <span>
                <Marked text={time.text} />
              </span>
            </span>
          );
        })}
        <div
          className="absolute inset-x-[15%] inset-y-[15.5%] grid auto-rows-fr place-items-center gap-1"
          style={{ gridTemplateColumns: `repeat(${Math.ceil(numbers.faces.length / 2)}, minmax(0, 1fr))` }}
        >
          {numbers.faces.map((time, i) => (
            <button
              key={time.minutes}
              type="button"
              className={`aspect-square max-h-full w-full max-w-full justify-self-center rounded-full border-2 p-0.5 ${shaded.has(i) ? 'border-ink bg-found' : wrong === i && waits ? 'border-dashed border-ink' : 'border-transparent hover:border-hair'}`}
              aria-label={`Face ${i + 1}${shaded.has(i) ? ', shaded' : ''}`}
              onClick={() => {
                if (waits && numbers.meets[at] === i) {
                  setWrong(null);
                  moves.add(i);
                } else if (waits) {
                  setWrong(i);
                }
              }}
            >
              <FaceOf time={time} told={false} far className="h-full" />
            </button>
          ))}
        </div>
      </div>
      <div className="text-center" aria-live="polite">
        <p className="wall-note">Rolled</p>
        <p className="min-h-24 text-8xl font-bold">{roll ?? '–'}</p>
        <p className="mt-3 wall-note">
          {done
            ? 'All faces are shaded.'
            : waits
              ? wrong === null
                ? 'Which face shows the same? Tap it.'
                : 'Look again at both hands.'
              : 'Roll.'}
        </p>
        <p className="mt-4 wall-small text-soft">
          {shaded.size} of {numbers.faces.length} shaded, {counted(rolled, 'roll')}
        </p>
      </div>
    </div>
  );
}
