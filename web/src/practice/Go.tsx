import { useEffect, useState, useSyncExternalStore } from 'react';
import { useTitle } from '../ui/useTitle';
import { ComeIn } from './ComeIn';
import { SeatKeeper } from './keeper';
import { Tablet } from './Tablet';

/** How often a tablet asks how it stands, and how soon for more questions, in milliseconds. */
const EVERY = 15_000;
const SOON = 1_500;

/** The children's own screen. */
export function Go() {
  useTitle('Practice');
  const [keeper] = useState(() => new SeatKeeper());
  const shown = useSyncExternalStore(keeper.watch, keeper.look);
  const sits = shown.seat !== null;
  const more = shown.seat?.more ?? false;
  useEffect(() => {
    void keeper.refresh();
    // what a help may need is there before the connection goes
    void Promise.all([import('../models/Clock'), import('../models/Month'), import('../models/SetOut')]).catch(
      () => undefined,
    );
    window.speechSynthesis?.getVoices();
    const online = () => void keeper.refresh();
    window.addEventListener('online', online);
    return () => {
      window.removeEventListener('online', online);
    };
  }, [keeper]);
  useEffect(() => {
    if (!sits) {
      return;
    }
    const timer = setInterval(() => void keeper.refresh(), EVERY);
    return () => {
      clearInterval(timer);
    };
  }, [keeper, sits]);
  useEffect(() => {
    if (!more) {
      return;
    }
    const timer = setTimeout(() => void keeper.refresh(), SOON);
    return () => {
      clearTimeout(timer);
    };
  }, [keeper, more, shown.seat]);
  if (!sits) {
    return shown.empty ? (
      <ComeIn
        onSeat={(reply) => {
          keeper.begin(reply);
        }}
      />
    ) : (
      <p className="late p-8 text-2xl">{shown.offline ? 'No connection. Trying again…' : 'One moment.'}</p>
    );
  }
  return <Tablet keeper={keeper} shown={shown} />;
}
