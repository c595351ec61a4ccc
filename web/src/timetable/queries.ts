import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { ask } from '../api/client';
import { withStyle } from '../api/queries';
import type { ActivityReply, AskedTableReply, DayTaleReply, Level } from '../api/types';

/** What is asked of a table: the same always gives the same. */
export interface Wanted {
  table: string;
  level: Level;
  seed: number;
  drawn: number;
  kinds: readonly string[];
}

export const askedQuery = (wanted: Wanted) => {
  const asked = withStyle({ ...wanted, count: 8 });
  return queryOptions({
    queryKey: ['timetables', asked],
    queryFn: ({ signal }) => ask<AskedTableReply>('POST', '/api/timetables/ask', asked, signal, true),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
};

/** The timetable of a sheet, with what the sheet asks about it. */
export const sheetTableQuery = (sheet: string) =>
  queryOptions({
    queryKey: ['sheet-timetable', sheet],
    queryFn: ({ signal }) => ask<AskedTableReply>('GET', `/api/sheets/${sheet}/timetable`, undefined, signal),
    // the sheet may have been changed in between
    staleTime: 0,
  });

/** An activity table: the same always gives the same. */
export interface WantedDay {
  day: string;
  level: Level;
  seed: number;
}

export const activityQuery = (wanted: WantedDay) => {
  const asked = withStyle({ ...wanted, rows: 6 });
  return queryOptions({
    queryKey: ['activities', asked],
    queryFn: ({ signal }) => ask<ActivityReply>('POST', '/api/timetables/activities', asked, signal, true),
    staleTime: Infinity,
  });
};

export const taleQuery = (wanted: WantedDay) => {
  const asked = withStyle({ ...wanted });
  return queryOptions({
    queryKey: ['tale', asked],
    queryFn: ({ signal }) => ask<DayTaleReply>('POST', '/api/timetables/tale', asked, signal, true),
    staleTime: Infinity,
  });
};
