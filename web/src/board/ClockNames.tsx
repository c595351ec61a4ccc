import type { ReactNode } from 'react';
import type { DayReply } from '../api/types';
import { Coverable, CoverableTime, useCovers } from '../models/cover';
import { minuteOfDay } from './scene';

/** What a time is called: each by its key, covered or shown. */
export const names = [
  { id: 'n.words', key: '1', title: 'in words' },
  { id: 'n.digits', key: '2', title: 'digits' },
  { id: 'n.aloud', key: '3', title: 'digits, read out' },
  { id: 'n.24', key: '4', title: '24 hours' },
] as const;

/** What is covered on the open clock before anybody says otherwise: it is asked for. */
export const coveredAtFirst: readonly string[] = ['n.aloud', 'n.24'];

/** What the clock says, in every way in which it is said and written. */
export function ClockNames({
  day,
  at,
  second,
  halfSaid,
  small = false,
}: {
  day: DayReply;
  /** Minutes since midnight; may lie on another day. */
  at: number;
  /** The seconds to be shown; null for whole minutes. */
  second: number | null;
  halfSaid: boolean;
  small?: boolean;
}) {
  const { table } = day;
  const minute = minuteOfDay(Math.floor(at + 1e-6));
  const seconds = second === null ? '' : `:{s:${String(second).padStart(2, '0')}}`;
  const half = table.halves[minute] ?? '';
  return (
    <div className={`flex flex-col ${small ? 'gap-0' : 'gap-[calc(var(--u)*0.3)]'}`}>
      <Name id="n.words" parts={['hour', 'minutes']}>
        <span
          className={small ? 'wall-note' : 'block text-[length:calc(var(--u)*4.6)] leading-[1.1]'}
          data-testid="words"
        >
          {table.words[minute % 720]}
        </span>
        {!small && halfSaid && (
          <span className="wall-say block text-soft">
            <Coverable id="n.part" parts={['half']} name="the part of the day">
              {table.parts[Math.floor(minute / 60)]}
            </Coverable>
          </span>
        )}
      </Name>
      <Name id="n.digits" parts={[]}>
        <span
          className={`${small ? 'wall-say' : 'wall-time'} leading-tight font-bold whitespace-nowrap`}
          data-testid="digits"
        >
          <CoverableTime
            id="now"
            text={`${table.digits[minute] ?? ''}${seconds}${halfSaid && half !== '' ? ` ${half}` : ''}`}
          />
        </span>
      </Name>
      {!small && (
        <div className="flex flex-wrap items-center gap-x-[calc(var(--u)*2)] gap-y-[calc(var(--u)*0.5)]">
          <Name id="n.aloud" parts={['hour', 'minutes']}>
            <span className="wall-say">{table.aloud[minute % 720]}</span>
          </Name>
          {half !== '' && (
            <Name id="n.24" parts={[]}>
              <span className="wall-say font-bold" data-testid="by24">
                <CoverableTime id="by24" text={`${table.digits24[minute] ?? ''}${seconds}`} />
              </span>
            </Name>
          )}
        </div>
      )}
    </div>
  );
}

function Name({
  id,
  parts,
  children,
}: {
  id: (typeof names)[number]['id'];
  parts: ('hour' | 'minutes')[];
  children: ReactNode;
}) {
  const covers = useCovers();
  const name = names.find((one) => one.id === id);
  const hidden = covers.covered(id, parts);
  return (
    <div className="flex items-center gap-[calc(var(--u)*0.9)]">
      <div className={hidden ? 'wall-say' : ''}>
        <Coverable id={id} parts={parts} name={name?.title ?? ''}>
          {children}
        </Coverable>
      </div>
      {hidden && <span className="wall-small text-soft">{name?.title}</span>}
      <button
        type="button"
        className="key font-sans max-xl:hidden"
        aria-label={`${hidden ? 'Show' : 'Cover'} the time ${name?.title ?? ''}`}
        onClick={() => {
          covers.toggle(id, hidden);
        }}
      >
        {name?.key}
      </button>
    </div>
  );
}
