import { useEffect, useState } from 'react';

/** How much of a part is left. */
export interface Left {
  /** Whole minutes that are begun, 0 when it is over. */
  minutes: number;
  /** 1 at the beginning, 0 at the end. */
  share: number;
  /** When it ends, in milliseconds since 1970. */
  ends: number;
}

export function leftOf(began: number, minutes: number, now: number): Left {
  const ends = began + minutes * 60_000;
  const left = Math.max(0, ends - now);
  return { minutes: Math.ceil(left / 60_000), share: minutes === 0 ? 0 : Math.min(1, left / (minutes * 60_000)), ends };
}

export const leftInWords = ({ minutes, share }: Left): string =>
  share === 0 ? 'Time is up' : minutes === 1 ? 'less than a minute left' : `${minutes} minutes left`;

/** The same from second to second; by the machine's clock, so that a sleeping screen makes no difference. */
export function useLeft(began: number, minutes: number): Left {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(Date.now());
    }, 1000);
    return () => {
      clearInterval(timer);
    };
  }, []);
  return leftOf(began, minutes, Math.max(now, began));
}
