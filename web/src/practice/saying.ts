import { bare } from '../ui/bare';
import type { OfferReply, Signal } from '../api/types';

/** What is said about an answer. */
export interface Said {
  signal: Signal;
  say: string;
  /** The same, as a voice reads it. */
  aloud: string;
}

/** Degrees between two directions. */
const apart = (a: number, b: number): number => {
  const off = Math.abs(a - b) % 360;
  return Math.min(off, 360 - off);
};

/** As {@link OfferReply.usual} writes hands: hour hand, minute hand, half of the day. */
export const handsText = (hour: number, minute: number, half: string | null): string =>
  `hands ${Number((((hour % 360) + 360) % 360).toFixed(2))} ${Number((((minute % 360) + 360) % 360).toFixed(2))}${half === null ? '' : ` ${half}`}`;

const hands = /^hands (\S+) (\S+)(?: (.+))?$/;

/**
 * What PHP has said beforehand about such an answer; null where it has to be asked. A finger is not finer than half a
 * minute, and the hour hand may be a little off: as far as PHP allows it, and not quite.
 */
export function saidBefore(offer: OfferReply, given: string): Said | null {
  const set = hands.exec(given);
  const found = offer.usual.find((one) => {
    if (set === null || one.hands === null) {
      return set === null && bare(one.text) === bare(given);
    }
    const [hour = 0, minute = 0] = one.hands;
    return (
      apart(hour, Number(set[1])) <= 6.5 &&
      apart(minute, Number(set[2])) < 3 &&
      (hands.exec(one.text)?.[3] ?? '') === (set[3] ?? '')
    );
  });
  return found ? { signal: found.signal, say: found.say, aloud: found.aloud } : null;
}
