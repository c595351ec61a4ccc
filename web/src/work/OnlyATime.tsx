import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { dayQuery, settingQuery } from '../api/queries';
import { GearedClock, handsAt, plainFace } from '../models/GearedClock';
import { Marked } from '../models/Marked';
import { clockThatShows } from '../models/whereHands';
import { called } from '../ui/called';

/** A time by itself is no sum: it is shown on the clock, with what it is called in every way. */
export function OnlyATime({ text }: { text: string }) {
  const setting = useQuery(settingQuery(text, 540));
  const day = useQuery(dayQuery());
  const time = setting.data?.times.length === 1 ? setting.data.times[0] : undefined;
  const table = day.data?.table;
  if (!time || !table) {
    return null;
  }
  const minute = Math.floor(time.at) % 1440;
  const words = table.words[minute % 720] ?? '';
  const part = time.halfSaid ? ` ${table.parts[Math.floor(minute / 60)] ?? ''}` : '';
  const names: readonly [string, string][] = [
    ['in words', words + part],
    ['in digits', `${table.digits[minute] ?? ''}${time.halfSaid ? ` ${table.halves[minute] ?? ''}` : ''}`],
    ['digits, read out', table.aloud[minute % 720] ?? ''],
    [
      '24 hours',
      time.halfSaid
        ? (table.digits24[minute] ?? '')
        : `${table.digits24[minute % 720] ?? ''} or ${table.digits24[(minute % 720) + 720] ?? ''}`,
    ],
  ];
  return (
    <section aria-label="A time" className="grid items-center gap-8 py-4 md:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <h1 className="sr-only">{words + part}</h1>
      <GearedClock hands={handsAt(minute % 720)} face={plainFace} reads={clockThatShows(words)} className="max-h-80" />
      <div>
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-6 gap-y-3">
          {names.map(([how, said]) => (
            <div key={how} className="contents">
              <dt className="text-lg text-soft">{how}</dt>
              <dd className="text-3xl font-bold">
                <Marked text={said} />
              </dd>
            </div>
          ))}
        </dl>
        <Link
          to={`/teach?${new URLSearchParams({ sum: text }).toString()}`}
          className="mt-5 inline-block text-lg underline underline-offset-4"
        >
          {called.onTheBoard}
        </Link>
      </div>
    </section>
  );
}
