import { useEffect, useEffectEvent, useRef } from 'react';
import { useNavigate } from 'react-router';
import { isTaken } from '../ui/keys';
import { letterKeysOn } from '../ui/letterKeys';

/** After G, one letter to a place. */
export const places: readonly { key: string; to: string; name: string }[] = [
  { key: 't', to: '/today', name: 'Today' },
  { key: 'p', to: '/prepare', name: 'Prepare' },
  { key: 'b', to: '/teach', name: 'Teach (the board)' },
  { key: 'r', to: '/practise', name: 'Practise' },
  { key: 'm', to: '/mark', name: 'Mark' },
  { key: 'f', to: '/follow-up', name: 'Follow up' },
  { key: 's', to: '/sheets', name: 'Sheets' },
  { key: 'w', to: '/problems', name: 'Problems in words' },
  { key: 'i', to: '/timetables', name: 'Timetables' },
  { key: 'a', to: '/activities', name: 'Activities' },
  { key: 'c', to: '/classes', name: 'Classes' },
];

/** The second key is waited for so long, in milliseconds. */
const PATIENCE = 1500;

/** G, and then the letter of a place. The second key is for the place alone: no screen gets it as well. */
export function useGoKeys(): void {
  const navigate = useNavigate();
  const since = useRef(-PATIENCE);
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.altKey || event.metaKey || !letterKeysOn() || isTaken(event)) {
      return;
    }
    if (event.timeStamp - since.current < PATIENCE) {
      since.current = -PATIENCE;
      const place = places.find((one) => one.key === event.key.toLowerCase());
      if (place) {
        event.preventDefault();
        event.stopImmediatePropagation();
        void navigate(place.to);
      }
    } else if (event.key === 'g' || event.key === 'G') {
      since.current = event.timeStamp;
    }
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent) => {
      onKey(event);
    };
    // before the keys of the screen
    window.addEventListener('keydown', listener, true);
    return () => {
      window.removeEventListener('keydown', listener, true);
    };
  }, []);
}
