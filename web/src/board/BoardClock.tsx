import type { DayReply } from '../api/types';
import { CoverableTime, Coverable, CoverPlate, heard, useCovers, type Part } from '../models/cover';
import { GearedClock, handsAt, type Hand } from '../models/GearedClock';
import { faceOf } from './FaceMenu';
import { minuteOfDay } from './scene';
import { clockThatShows } from '../models/whereHands';

interface Props {
  day: DayReply;
  /** Where the clock stands, in minutes since midnight; may lie on another day, and between minutes while it moves. */
  at: number;
  face: readonly string[];
  halfSaid: boolean;
  by24: boolean;
  /** Whether the seconds are shown, too. */
  toTheSecond?: boolean | undefined;
  /** Whether this is the moment that is asked for: its hands are hidden with the answer. */
  asked?: boolean;
  /** Whether another way of writing it is asked for: what is written under the clock is hidden with the answer. */
  rewritten?: boolean;
  sweep?: { from: number; to: number } | undefined;
  stops?: readonly number[] | undefined;
  onTurn?: (hand: Hand, degrees: number) => void;
  onTurnEnd?: () => void;
}

/** The clock of the board with the time in digits and words under it, all of the same moment. */
export function BoardClock({
  day,
  at,
  face,
  halfSaid,
  by24,
  toTheSecond = false,
  asked = false,
  rewritten = false,
  sweep,
  stops,
  onTurn,
  onTurnEnd,
}: Props) {
  // at the moment that is asked for, the hands may be hidden too
  const covers = useCovers();
  const hidden = covers.covered('hands', ['answer']) && asked;
  const answer: readonly Part[] = asked || rewritten ? ['answer'] : [];
  const whole = toTheSecond ? Math.floor(at + 1e-6) : at;
  const minute = minuteOfDay(whole);
  const time = (by24 ? day.table.digits24[minute] : day.table.digits[minute]) ?? '';
  const second = String(Math.round((at - whole) * 60) % 60).padStart(2, '0');
  const digits = toTheSecond ? `${time}${/[:.](?={m)/.exec(time)?.[0] ?? ':'}{s:${second}}` : time;
  const half = halfSaid && !by24 && face.includes('half') ? ` ${day.table.halves[minute] ?? ''}` : '';
  const words = day.table.words[minute % 720] ?? '';
  return (
    <div className="@container flex min-h-0 w-full flex-1">
      <div className="flex min-h-0 w-full flex-col items-center justify-center gap-x-4 @[24rem]:flex-row">
        <div className="h-full min-h-0 w-full min-w-0 @[24rem]:w-auto @[24rem]:flex-1">
          <GearedClock
            hands={handsAt(at)}
            face={toTheSecond ? { ...faceOf(face), second: true } : faceOf(face)}
            reads={
              hidden ? 'A clock whose hands are hidden' : clockThatShows(heard(covers, `${digits}${half}`, answer))
            }
            sweep={hidden ? undefined : sweep}
            stops={hidden ? undefined : stops}
            instead={
              hidden ? (
                <CoverPlate id="hands" parts={['answer']} name="the hands" x={-30} y={-22} width={60} height={44}>
                  {null}
                </CoverPlate>
              ) : undefined
            }
            className="mx-auto h-full w-full"
            {...(onTurn ? { onTurn } : {})}
            {...(onTurnEnd ? { onTurnEnd } : {})}
          />
        </div>
        <div className="shrink-0">
          {face.includes('digital') && (
            <p
              className="wall-time leading-[1.15] font-bold @[24rem]:flex @[24rem]:flex-col @[24rem]:gap-[0.15em]"
              data-testid="digits"
            >
              <span className="whitespace-nowrap">
                <CoverableTime id="now" text={digits} asked={asked || rewritten} />
              </span>
              {half !== '' && (
                <span className="text-[0.7em]">
                  {' '}
                  <CoverableTime id="now" text={half.trim()} asked={asked || rewritten} />
                </span>
              )}
            </p>
          )}
          {face.includes('words') && (
            <p className="wall-note max-w-[11em] leading-tight" data-testid="words">
              <Coverable id="now.w" parts={['hour', 'minutes', ...answer]} name="the words">
                {words}
              </Coverable>
            </p>
          )}
        </div>
      </div>
    </div>
  );
}
