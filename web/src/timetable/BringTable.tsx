import { useMutation } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { ask, Refused } from '../api/client';
import type { FeedReply, RouteChoice, TableLineReply, Vehicle } from '../api/types';
import { DayField, TimeField } from '../classroom/written';
import { Button } from '../ui/Button';
import { Pick } from '../ui/Pick';
import { Window } from '../ui/Window';
import { called } from '../ui/called';

const vehicles: readonly { value: Vehicle; text: string }[] = [
  { value: 'boat', text: 'boats' },
  { value: 'bus', text: 'buses' },
  { value: 'train', text: 'trains' },
  { value: 'tram', text: 'trams' },
  { value: 'service', text: 'services' },
];

const example = 'Stop,1,2,3\nOmbrel Quay,09:40,10:55,12:10\nLittle Sand,09:52,-,12:22\nFell Harbour,10:19,11:28,12:56';

/** What is wrong with it, line by line. */
function Faults({ failure }: { failure: Error | null }) {
  if (!failure) {
    return null;
  }
  const faults = failure instanceof Refused ? (failure.problem.faults ?? []) : [];
  return (
    <div role="alert" tabIndex={0} className="mt-2 max-h-40 overflow-y-auto text-wrong">
      {faults.length === 0 ? <p>{failure.message}</p> : null}
      <ul>
        {faults.map((fault) => (
          <li key={fault}>{fault}</li>
        ))}
      </ul>
    </div>
  );
}

/** Brings a timetable in: as CSV, typed, pasted or from a file, or out of a GTFS feed. */
export function BringTable({
  open,
  onClose,
  onKept,
}: {
  open: boolean;
  onClose: () => void;
  onKept: (table: TableLineReply) => void;
}) {
  const [title, setTitle] = useState('');
  const [csv, setCsv] = useState('');
  const [vehicle, setVehicle] = useState<Vehicle>('bus');
  const [feed, setFeed] = useState<File | null>(null);
  const ids = { title: useId(), csv: useId(), file: useId() };
  const keep = useMutation({
    mutationFn: () => ask<TableLineReply>('POST', '/api/timetables', { title, csv, vehicle }),
    onSuccess: (kept) => {
      setTitle('');
      setCsv('');
      setFeed(null);
      onKept(kept);
    },
  });
  const look = useMutation({
    mutationFn: (file: File) => ask<FeedReply>('POST', '/api/timetables/feed', file),
  });
  const take = async (file: File) => {
    keep.reset();
    look.reset();
    if (/\.zip$/i.test(file.name)) {
      setFeed(file);
      await look.mutateAsync(file).catch(() => undefined);
      return;
    }
    setFeed(null);
    setCsv(await file.text());
    if (title === '') {
      setTitle(file.name.replace(/\.[a-z]+$/i, ''));
    }
  };
  return (
    <Window open={open} onOpenChange={(now) => !now && onClose()} title="Add a timetable">
      <label htmlFor={ids.file} className="mt-2 block">
        A file: CSV, or a GTFS feed as a zip
      </label>
      <input
        id={ids.file}
        type="file"
        accept=".csv,.txt,.tsv,.zip"
        className="mt-1 w-full rounded-md border-2 border-ink bg-sheet p-1.5"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            void take(file);
          }
        }}
      />
      {look.isPending && <p className="mt-2">Reading the feed …</p>}
      <Faults failure={look.error} />
      {feed && look.data ? (
        <FromFeed
          key={feed.name}
          feed={feed}
          routes={look.data.routes}
          onTable={(table) => {
            setTitle(table.title);
            setCsv(table.csv);
            setVehicle(table.vehicle);
            setFeed(null);
            look.reset();
          }}
        />
      ) : (
        <>
          <label htmlFor={ids.csv} className="mt-3 block">
            or the table itself: first row services, first column stops
          </label>
          <textarea
            id={ids.csv}
            className="mt-1 h-48 w-full rounded-md border-2 border-ink bg-sheet p-2 font-mono text-base"
            value={csv}
            placeholder={example}
            spellCheck={false}
            onChange={(event) => {
              setCsv(event.target.value);
            }}
          />
          <label htmlFor={ids.title} className="mt-2 block">
            Its name
          </label>
          <input
            id={ids.title}
            className="mt-1 w-full rounded-md border-2 border-ink bg-sheet px-2 py-1.5"
            value={title}
            maxLength={120}
            placeholder="Boats to Fell Harbour"
            onChange={(event) => {
              setTitle(event.target.value);
            }}
          />
          <Pick label="It is about" value={vehicle} options={vehicles} onChange={setVehicle} />
          <Faults failure={keep.error} />
          <div className="mt-3 flex gap-3">
            <Button
              look="strong"
              aria-disabled={keep.isPending}
              onClick={() => {
                if (!keep.isPending) {
                  keep.mutate();
                }
              }}
            >
              {called.save}
            </Button>
            <Button onClick={onClose}>Cancel</Button>
          </div>
        </>
      )}
    </Window>
  );
}

/** Which table of a feed: route, direction, day. */
function FromFeed({
  feed,
  routes,
  onTable,
}: {
  feed: File;
  routes: readonly RouteChoice[];
  onTable: (table: { title: string; csv: string; vehicle: Vehicle }) => void;
}) {
  const [routeId, setRoute] = useState(routes[0]?.id ?? '');
  const route = routes.find((one) => one.id === routeId) ?? routes[0];
  const [direction, setDirection] = useState(route?.directions[0]?.id ?? '');
  const [day, setDay] = useState(route?.first ?? '');
  const [from, setFrom] = useState('');
  const [until, setUntil] = useState('');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const stops = route?.directions.find((one) => one.id === direction)?.stops ?? [];
  const ids = { day: useId(), from: useId(), until: useId() };
  const make = useMutation({
    mutationFn: () =>
      ask<FeedReply>(
        'POST',
        `/api/timetables/feed?${new URLSearchParams([
          ...Object.entries({ route: routeId, direction, day, from, until }),
          // all of them need not be said
          ...(left.size === 0 ? [] : stops.filter((stop) => !left.has(stop)).map((stop) => ['stops[]', stop])),
        ]).toString()}`,
        feed,
      ),
    onSuccess: ({ table }) => {
      if (table) {
        const to = route?.directions.find((one) => one.id === direction)?.to ?? '';
        const vehicle = vehicles.find((one) => one.value === table.vehicle)?.value ?? 'service';
        onTable({
          title: `${table.title}${to === '' ? '' : ` to ${to}`}, ${day}`.slice(0, 120),
          csv: table.csv,
          vehicle,
        });
      }
    },
  });
  if (!route) {
    return <p className="mt-2">There is no route in that feed.</p>;
  }
  return (
    <div className="mt-3">
      <Pick
        label="Route"
        value={routeId}
        options={routes.map((one) => ({ value: one.id, text: one.name }))}
        onChange={(id) => {
          const next = routes.find((one) => one.id === id);
          setRoute(id);
          setDirection(next?.directions[0]?.id ?? '');
          setDay(next?.first ?? '');
        }}
      />
      <Pick
        label="Direction"
        value={direction}
        options={route.directions.map((one) => ({ value: one.id, text: `to ${one.to}` }))}
        onChange={setDirection}
      />
      <div className="flex min-h-11 flex-wrap items-center justify-between gap-x-3 border-b border-hair py-1">
        <label htmlFor={ids.day}>Day</label>
        <DayField id={ids.day} value={day} least={route.first} most={route.last} onChange={setDay} />
      </div>
      <div className="flex min-h-11 flex-wrap items-center justify-between gap-x-3 border-b border-hair py-1">
        <label htmlFor={ids.from}>What leaves from</label>
        <span className="flex flex-wrap items-center gap-2">
          <TimeField optional id={ids.from} value={from} onChange={setFrom} />
          <label htmlFor={ids.until}>until</label>
          <TimeField optional id={ids.until} value={until} onChange={setUntil} />
        </span>
      </div>
      <fieldset className="mt-2">
        <legend className="font-bold">Stops</legend>
        <ul className="max-h-44 overflow-y-auto" tabIndex={0} aria-label="Stops">
          {[...new Set(stops)].map((stop) => (
            <li key={stop}>
              <label className="flex min-h-9 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-ink"
                  checked={!left.has(stop)}
                  onChange={() => {
                    setLeft((before) => {
                      const after = new Set(before);
                      if (!after.delete(stop)) {
                        after.add(stop);
                      }
                      return after;
                    });
                  }}
                />
                {stop}
              </label>
            </li>
          ))}
        </ul>
      </fieldset>
      <Faults failure={make.error} />
      <div className="mt-3">
        <Button
          look="strong"
          aria-disabled={make.isPending}
          onClick={() => {
            if (!make.isPending) {
              make.mutate();
            }
          }}
        >
          Take this table
        </Button>
      </div>
    </div>
  );
}
