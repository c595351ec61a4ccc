import { useState } from 'react';
import type { OfferReply } from '../../api/types';
import {
  GearedClock,
  eachByItself,
  longStep,
  plainFace,
  turnedBy,
  type Hand,
  type Hands,
} from '../../models/GearedClock';
import { Choice } from '../../ui/Choice';
import { useKeys } from '../../ui/keys';
import { handsText } from '../saying';
import { Ready } from './Ready';

const turn =
  'grid min-h-14 min-w-12 place-items-center rounded-lg border-2 border-ink bg-sheet text-2xl font-bold hover:bg-wash';

/** Hands are set: dragged, or turned by keys. Each turns by itself, so that it is the child who knows where the hour hand stands. */
export function HandsAnswer({ offer, onAnswer }: { offer: OfferReply; onAnswer: (given: string) => void }) {
  const [hands, setHands] = useState<Hands>({ hour: 0, minute: 0 });
  const [hand, setHand] = useState<Hand>('minute');
  const [half, setHalf] = useState<string | null>(null);
  const asksHalf = offer.form.type === 'hands' && offer.form.half !== '';
  const steps = eachByItself(offer.turns);
  const step = (way: number) => {
    setHands((now) => ({ ...now, [hand]: turnedBy(now[hand], steps[hand], way) }));
  };
  const ready = () => {
    onAnswer(handsText(hands.hour, hands.minute, half));
  };
  useKeys({
    ArrowRight: () => {
      step(1);
    },
    ArrowLeft: () => {
      step(-1);
    },
    ArrowUp: () => {
      step(longStep(steps[hand]));
    },
    ArrowDown: () => {
      step(-longStep(steps[hand]));
    },
    Enter: ready,
  });
  return (
    <div className="flex w-full max-w-xl flex-col items-center gap-3">
      <GearedClock
        hands={hands}
        face={plainFace}
        reads="A clock whose two hands you set"
        steps={steps}
        onTurn={(which, degrees) => {
          setHand(which);
          setHands((now) => ({ ...now, [which]: now[which] + degrees }));
        }}
        onTurnEnd={() => {
          // a finger is not finer than a minute
          setHands((now) => ({
            hour: Math.round(now.hour / 2.5) * 2.5,
            minute: Math.round(now.minute / 6) * 6,
          }));
        }}
        className="max-h-[40dvh]"
      />
      {asksHalf && (
        <Choice
          large
          label="Before or after noon"
          value={half ?? ''}
          options={[
            { value: 'a.m.', text: halves(offer)[0] },
            { value: 'p.m.', text: halves(offer)[1] },
          ]}
          onChange={setHalf}
        />
      )}
      <div className="flex flex-wrap items-center justify-center gap-2.5 text-lg">
        <button
          type="button"
          className={turn}
          aria-label={`Turn the ${hand} hand back`}
          onClick={() => {
            step(-1);
          }}
        >
          ←
        </button>
        <Choice
          large
          label="Hand"
          value={hand}
          options={[
            { value: 'hour', text: 'hour hand' },
            { value: 'minute', text: 'minute hand' },
          ]}
          onChange={setHand}
        />
        <button
          type="button"
          className={turn}
          aria-label={`Turn the ${hand} hand on`}
          onClick={() => {
            step(1);
          }}
        >
          →
        </button>
        <span className="grid max-sm:basis-full">
          <Ready onClick={ready} off={false} />
        </span>
      </div>
    </div>
  );
}

/** As the class writes them; PHP has put them into the question of the form. */
function halves(offer: OfferReply): [string, string] {
  const [am = 'a.m.', pm = 'p.m.'] = offer.form.type === 'hands' ? offer.form.half.replace('?', '').split(' or ') : [];
  return [am, pm];
}
