import { useCallback, useEffect, useState } from 'react';
import { askOnce, Refused } from '../api/client';
import type { TabletTryRequest, TryReply } from '../api/types';
import { RoundButton } from '../ui/RoundButton';
import { useKept } from '../ui/useKept';

interface Kept {
  /** When it was started, by the clock of the tablet: a screen that slept goes on. */
  since: number | null;
  /** Of each try at this tablet: tenths of a second. */
  tries: readonly number[];
  /** So many of them have been sent. */
  sent: number;
  /** What the last one counts as. */
  is: string;
}

/** How soon it is tried again without a connection, in milliseconds. */
const AGAIN = 3000;

const seconds = (tenths: number): string => `${Math.floor(tenths / 10)}.${tenths % 10}`;

/** A tablet as a watch: it shows nothing while it runs; what it measured goes to the class's tally, with a connection or when there is one again. */
export function Watch({ seat, target }: { seat: string; target: number }) {
  const { value, change } = useKept<Kept>(`tablet watch ${seat}`, { since: null, tries: [], sent: 0, is: '' });
  const [offline, setOffline] = useState(false);
  const { tries, sent } = value;
  const next = tries[sent];
  const send = useCallback(
    (n: number, tenths: number) =>
      askOnce<TryReply>('POST', '/api/go/tries', { n, tenths } satisfies TabletTryRequest)
        .then((reply) => {
          setOffline(false);
          change({ sent: n + 1, is: reply.is });
        })
        .catch((failure: unknown) => {
          // what will never be taken keeps nothing else waiting
          if (failure instanceof Refused && failure.status >= 400 && failure.status < 500) {
            change({ sent: n + 1, is: '' });
          } else {
            setOffline(true);
          }
        }),
    [change],
  );
  useEffect(() => {
    if (next === undefined) {
      return;
    }
    void send(sent, next);
    const timer = setInterval(() => void send(sent, next), AGAIN);
    return () => {
      clearInterval(timer);
    };
  }, [next, sent, send]);
  const press = () => {
    if (value.since === null) {
      change({ since: Date.now(), is: '' });
    } else {
      const tenths = Math.min(9000, Math.round((Date.now() - value.since) / 100));
      change({ since: null, tries: [...tries, tenths], is: '' });
    }
  };
  const last = tries[tries.length - 1];
  return (
    <main className="flex flex-1 flex-col items-center justify-center gap-6 px-6 py-6 text-center">
      <h1 className="text-3xl font-bold">{target} seconds. When are they over?</h1>
      <RoundButton large runs={value.since !== null} onPress={press} />
      <p className="min-h-28 text-3xl" aria-live="polite">
        {value.since !== null ? (
          'It runs.'
        ) : last === undefined ? (
          'Press Go. Press again when it feels over.'
        ) : (
          <>
            <span className="block text-7xl font-bold tabular-nums">{seconds(last)} s</span>
            {value.is}
            {offline && 'No connection. Nothing is lost.'}
          </>
        )}
      </p>
      <p className="text-xl text-soft">{tries.length === 0 ? '' : `${tries.length} so far`}</p>
    </main>
  );
}
