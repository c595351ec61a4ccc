import type { APIRequestContext } from '@playwright/test';
import { sum } from './board.js';

const problem = 'The Pintail leaves at 10:40 a.m. The crossing takes 2 h 35 min. When does it arrive?';

/** Ten states of the board, and what answers each: none of it may be told while it is covered. */
export const boards: readonly { typed: string; more?: string; answer: RegExp }[] = [
  { typed: '1:50 pm + 3 h 30 min', answer: /5:20|\b5 and minute|twenty past five/ },
  { typed: '9:20 am to 1:05 pm', answer: /3 h 45 min|3 hours 45/ },
  { typed: '6 h 10 min - 3 h 45 min', answer: /2 h 25 min|2 hours 25|makes 2\b|makes 25\b/ },
  { typed: '10:15 am - 35 min', more: '&method=fives', answer: /9:40/ },
  { typed: '5 h in min', answer: /300/ },
  { typed: '2 h 50 min + 1 h 35 min', more: '&show=written', answer: /4 h 25 min|4 hours 25|makes 25\b/ },
  { typed: '10:40 am + 3 h', answer: /1:40/ },
  { typed: '7 x 35 min', answer: /4 h 5 min|4 hours 5/ },
  { typed: '3 December 2026 + 10 days', answer: /13 December/ },
  { typed: 'order 7:40 a.m., 7 p.m., 7 a.m.', answer: /7:00 a.m., 7:40|7 a.m., 7:40/ },
];

/** Every place a teacher can be in, with what the demonstration has. */
export async function routesOf(request: APIRequestContext): Promise<string[]> {
  const first = async (path: string): Promise<string> => {
    const [one] = (await (await request.get(path)).json()) as { id: string }[];
    return one?.id ?? '';
  };
  const [sheet, pile, group] = [await first('/api/sheets'), await first('/api/piles'), await first('/api/classes')];
  const { lessons } = (await (await request.get(`/api/classes/${group}/plan`)).json()) as { lessons: { id: string }[] };
  return [
    '/today',
    '/today/plan',
    `/today/print?lesson=${lessons[0]?.id ?? ''}`,
    '/prepare',
    ...[
      '3 h 40 min + 2 h 45 min',
      '1:50 pm + 3 h 30 min',
      problem,
      '3 December 2026 + 10 days',
      'nonsense',
      '>tide',
    ].map((one) => `/prepare?sum=${sum(one)}`),
    `/prepare?sheet=${sheet}`,
    '/problems',
    '/sheets',
    '/sheets/make',
    `/sheets/${sheet}/print`,
    '/timetables',
    '/timetables?table=pintail-summer-out',
    '/activities',
    '/activities/last-ferry',
    '/activities/lotto/print',
    '/teach',
    ...[...boards, { typed: problem, more: '' }].map(({ typed, more = '' }) => `/teach?sum=${sum(typed)}${more}`),
    '/teach/clock',
    '/teach/clock?task=set',
    '/teach/day',
    '/teach/timetable?table=pintail-summer-out',
    '/teach/activity/sort-halves',
    '/teach/activity/lighthouse-ring',
    '/teach/activity/lotto',
    '/practise',
    '/mark',
    `/mark/${pile}`,
    '/follow-up',
    '/follow-up?view=class',
    '/classes',
    '/account',
    '/school',
    '/deleted',
  ];
}
