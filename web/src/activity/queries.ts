import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { ActivityLineReply, Level, PlannedActivityReply, TallyReply } from '../api/types';

export const levels: readonly { value: Level; text: string }[] = [
  { value: 'support', text: 'Support' },
  { value: 'core', text: 'Core' },
  { value: 'stretch', text: 'Stretch' },
];

/** In the address: what is chosen about an activity. */
const mark = 'with.';

/** What the address of an activity says, as the API asks for it; its paper is fetched without saying which class is in hand. */
export function wantedOf(params: URLSearchParams, classId = ''): string {
  const wanted = new URLSearchParams(classId === '' ? {} : { class: classId });
  for (const [name, value] of params) {
    if (['children', 'group', 'level', 'seed', 'rung', 'paper', 'sheet', 'as'].includes(name)) {
      wanted.set(name, value);
    } else if (name.startsWith(mark)) {
      wanted.set(`options[${name.slice(mark.length)}]`, value);
    }
  }
  return wanted.toString();
}

export const chosen = (option: string): string => mark + option;

export const activitiesQuery = (wanted: string, classId: string) =>
  queryOptions({
    queryKey: ['all-activities', wanted, classId],
    queryFn: ({ signal }) => ask<ActivityLineReply[]>('GET', `/api/activities?${wanted}`, undefined, signal),
    placeholderData: keepPreviousData,
  });

export const activityQuery = (id: string, wanted: string, classId: string) =>
  queryOptions({
    queryKey: ['activity', id, wanted, classId],
    queryFn: ({ signal }) => ask<PlannedActivityReply>('GET', `/api/activities/${id}?${wanted}`, undefined, signal),
    placeholderData: (before) => (before?.id === id ? before : undefined),
    // while it is played its numbers stay as they are
    staleTime: Infinity,
  });

export const talliesQuery = (classId: string) =>
  queryOptions({
    queryKey: ['tallies', classId],
    queryFn: ({ signal }) => ask<TallyReply[]>('GET', `/api/classes/${classId}/tallies`, undefined, signal),
    enabled: classId !== '',
    staleTime: Infinity,
  });
