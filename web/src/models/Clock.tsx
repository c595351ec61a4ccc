import type { ClockPicture } from '../api/types';
import { GearedClock, handsAt, plainFace } from './GearedClock';
import { clockThatShows } from './whereHands';

/** The clock of a working, with the minutes counted round its edge. */
export function Clock({ picture }: { picture: ClockPicture }) {
  return (
    <GearedClock
      hands={handsAt(picture.minutes + (picture.second ?? 0) / 60)}
      face={picture.second === null ? plainFace : { ...plainFace, second: true }}
      reads={clockThatShows(picture.reads)}
      sweep={{ from: picture.from, to: picture.from + picture.swept }}
      stops={picture.stops}
      className="mx-auto"
    />
  );
}
