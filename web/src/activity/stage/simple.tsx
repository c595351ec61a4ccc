import type { Bell, ClockParts, Loop, LottoCards, Ring, Stock } from '../../api/types';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { Choice } from '../../ui/Choice';
import { Marked } from '../../models/Marked';
import { GearedClock, handsAt } from '../../models/GearedClock';
import { FaceOf, Shown, smallFace, Two } from './parts';
import type { Stage } from './moves';
import { strike } from './bell';

const paces = [
  { value: 'own', text: 'at our own pace' },
  { value: '5', text: 'every 5 s' },
  { value: '3', text: 'every 3 s' },
  { value: '2', text: 'every 2 s' },
];

/** Who says what: the last numbers, the one that is said now large, the next ones hidden. */
export function RingStage({ numbers, moves }: Stage<Ring>) {
  const at = moves.list.length;
  const [pace, setPace] = useState('own');
  const ended = at >= numbers.said.length;
  const next = useEffectEvent(() => {
    moves.add(0);
  });
  useEffect(() => {
    if (pace === 'own' || ended) {
      return;
    }
    const timer = setInterval(next, 1000 * Number(pace));
    return () => {
      clearInterval(timer);
    };
  }, [pace, ended]);
  const now = numbers.said[at - 1];
  const back = at - 1 >= numbers.turn;
  return (
    <div className="flex min-h-0 flex-1 flex-col items-center justify-center gap-6 px-6 py-4 text-center">
      <p className="wall-note">
        {now ? (
          <>Child {now.child + 1} says</>
        ) : (
          <>
            In steps of <span className="mark-m">{numbers.step} minutes</span>, beginning with
          </>
        )}
      </p>
      <p className="text-[clamp(4rem,16vmin,10rem)] leading-none font-bold">
        <Marked text={(now ?? numbers.said[0])?.says.text ?? ''} />
      </p>
      <p className="min-h-9 wall-note">
        {at === 0 ? '' : at - 1 === numbers.turn ? 'It turns: now back.' : back ? 'Less each time.' : 'More each time.'}
      </p>
      <ol className="flex max-w-5xl flex-wrap justify-center gap-x-5 gap-y-1 wall-small" aria-label="Said so far">
        {numbers.said.slice(Math.max(0, at - 13), Math.max(0, at - 1)).map((one, i) => (
          <li key={i}>
            <Marked text={one.says.text} />
          </li>
        ))}
      </ol>
      <Choice label="Pace" value={pace} options={paces} onChange={setPace} />
    </div>
  );
}

/** Rounds of strokes: first they are heard, then the answer is shown. */
export function BellStage({ numbers, moves }: Stage<Bell>) {
  const round = Math.min(Math.floor(moves.list.length / 2), numbers.rounds.length - 1);
  const shown = moves.list.length % 2 === 1 && moves.list.length <= 2 * numbers.rounds.length;
  const done = moves.list.length >= 2 * numbers.rounds.length;
  const it = numbers.rounds[round];
  const [stroke, setStroke] = useState(0);
  const timers = useRef<ReturnType<typeof setTimeout>[]>([]);
  const stop = () => {
    timers.current.forEach(clearTimeout);
    timers.current = [];
  };
  useEffect(() => stop, []);
  const [of, setOf] = useState(round);
  if (of !== round) {
    setOf(round);
    setStroke(0);
  }
  if (!it) {
    return null;
  }
  const play = () => {
    stop();
    setStroke(0);
    strike(it.count, numbers.distance);
    for (let i = 0; i < it.count; i += 1) {
      timers.current.push(
        setTimeout(
          () => {
            setStroke(i + 1);
          },
          300 + 1000 * numbers.distance * i,
        ),
      );
    }
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col items-center justify-center gap-6 px-6 py-4 text-center">
      <p className="wall-note">
        Round {round + 1} of {numbers.rounds.length}. Each stroke is <Marked text={numbers.worth.text} />.
      </p>
      {it.from && (
        <p className="text-[calc(var(--u)*2.4)]">
          It is <Marked text={it.from.text} /> when it begins. How late is it after the last stroke?
        </p>
      )}
      {!it.from && <p className="text-[calc(var(--u)*2.4)]">How long is that?</p>}
      <button
        type="button"
        className="relative grid size-44 place-items-center rounded-full border-4 border-ink bg-sheet wall-note font-bold hover:bg-wash"
        onClick={play}
      >
        <span
          key={stroke}
          aria-hidden="true"
          className={`absolute inset-0 rounded-full ${stroke > 0 ? 'stroke-mark' : ''}`}
        />
        <span className="relative">Ring</span>
      </button>
      <p className="min-h-9 wall-note" aria-live="polite">
        {stroke > 0 && stroke === it.count ? 'That was the last stroke.' : ''}
      </p>
      <p className="text-5xl font-bold">
        <Shown text={it.length.text} shown={shown || done} />
        {it.until && (
          <>
            {' '}
            <span className="text-[calc(var(--u)*2.4)] font-normal">so it is</span>{' '}
            <Shown text={it.until.text} shown={shown || done} />
          </>
        )}
      </p>
      {shown && <p className="wall-small">{it.count} strokes</p>}
    </div>
  );
}

/** A card of the stock, and the time that it leads to. */
export function StockStage({ numbers, moves }: Stage<Stock>) {
  const at = Math.min(Math.floor((moves.list.length + 1) / 2), numbers.stock.length);
  const card = numbers.stock[at - 1];
  const shown = moves.list.length % 2 === 0;
  const gone = numbers.stock.slice(0, shown ? at : at - 1);
  return (
    <Two
      left={
        card ? (
          <FaceOf time={card.shows} told={false} className="max-h-[58dvh]" />
        ) : (
          <p className="grid aspect-[3/4] w-64 place-items-center rounded-lg border-4 border-ink bg-wash wall-note">
            The stock
          </p>
        )
      }
    >
      <p className="text-[calc(var(--u)*2.4)]">
        Move it on by <Marked text={numbers.by.text} />.
      </p>
      {card && (
        <p className="mt-5 text-6xl font-bold">
          <Shown text={card.answer.text} shown={shown} />
        </p>
      )}
      {card && shown && <p className="mt-5 wall-note">Who has the hour? Who has the minutes? Put them down.</p>}
      <p className="mt-8 wall-small text-soft">
        Hours still out: {numbers.hours.filter((hour) => !gone.some((one) => one.hour === hour)).join(' ')}
      </p>
      <p className="wall-small text-soft">
        Minutes still out:{' '}
        {numbers.minutes
          .filter((minute) => !gone.some((one) => one.minute === minute))
          .map((minute) => String(minute).padStart(2, '0'))
          .join(' ')}
      </p>
    </Two>
  );
}

/** The chain, card by card: first what comes next is asked, then it is shown. */
export function LoopStage({ numbers, moves }: Stage<Loop>) {
  const at = Math.min(moves.list.length, numbers.cards.length);
  const card = numbers.cards[at % numbers.cards.length];
  const before = numbers.cards[at - 1];
  return (
    <div className="flex min-h-0 flex-1 flex-col items-center justify-center gap-6 px-6 py-4 text-center">
      {before && (
        <p className="wall-note text-soft">
          <Marked text={before.mine.text} /> and <Marked text={before.length.text} />{' '}
          {before.later ? 'later' : 'earlier'} is
        </p>
      )}
      {card && (
        <>
          <p className="text-[calc(var(--u)*2.4)]">{at === numbers.cards.length ? 'the first again:' : 'Mine is'}</p>
          <p className="text-[clamp(3.5rem,14vmin,8rem)] leading-none font-bold">
            <Marked text={card.mine.text} />
          </p>
          {at < numbers.cards.length ? (
            <p className="text-4xl">
              Next comes the time <Marked text={card.length.text} /> {card.later ? 'later' : 'earlier'}.
            </p>
          ) : (
            <p className="text-4xl">The chain is closed.</p>
          )}
        </>
      )}
    </div>
  );
}

/** The caller of the lotto: a time in words, then what it looks like. */
export function LottoStage({ numbers, moves }: Stage<LottoCards>) {
  const at = Math.min(Math.floor((moves.list.length + 1) / 2), numbers.calls.length);
  const shown = moves.list.length % 2 === 0;
  const time = numbers.times[numbers.calls[at - 1] ?? -1];
  return (
    <div className="grid min-h-0 flex-1 gap-8 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="flex flex-col items-center justify-center gap-6 text-center">
        {time ? (
          <>
            <p className="text-[clamp(2.5rem,9vmin,6rem)] leading-tight font-bold">
              <Marked text={time.words} />
            </p>
            <div className={`h-64 ${shown ? '' : 'invisible'}`} aria-hidden={!shown}>
              <FaceOf time={time} told={shown} className="h-64" />
            </div>
          </>
        ) : (
          <p className="text-[calc(var(--u)*2.4)]">Cards and counters ready?</p>
        )}
      </div>
      <section aria-label="Called so far" className="min-h-0 overflow-y-auto">
        <h2 className="wall-small font-bold">Called so far</h2>
        <ol className="mt-1 columns-2 wall-small">
          {numbers.calls.slice(0, at).map((call) => (
            <li key={call}>
              <Marked text={numbers.times[call]?.text ?? ''} />
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

/** The steps of making a clock, one by one. */
export function ClockPartsStage({ numbers, moves, steps }: Stage<ClockParts> & { steps: readonly string[] }) {
  const at = Math.min(moves.list.length, steps.length - 1);
  return (
    <Two
      left={
        <GearedClock
          hands={handsAt(at === steps.length - 1 ? 180 : 0)}
          face={{
            ...smallFace,
            numerals: at >= 1 ? 'arabic' : 'none',
            minutes: numbers.marks || at >= 2,
            fives: at >= 4,
          }}
          reads="The clock as far as it is made"
          instead={at >= 6 ? undefined : <g />}
          className="max-h-[58dvh]"
        />
      }
    >
      <p className="wall-small text-soft">
        Step {at + 1} of {steps.length}
      </p>
      <p className="mt-3 text-4xl leading-snug font-bold">
        <Marked text={steps[at] ?? ''} />
      </p>
      {at === 1 && numbers.order.length > 1 && (
        <p className="mt-5 text-[calc(var(--u)*2.4)] mark-h">{numbers.order.join('  ')}</p>
      )}
    </Two>
  );
}
