// @vitest-environment jsdom
import { createElement, type ComponentType } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it, vi } from 'vitest';
import { CoverContext, parts, type Part } from '../models/cover';
import { plain } from '../models/Marked';
import { worked, workedDay } from '../testing/worked';
import { readAddress } from './address';
import { Saying } from './Saying';
import { available, momentAt } from './scene';
import { Showing } from './Showing';

// what is fetched when it is needed is here before it is drawn
const { fetching } = vi.hoisted(() => ({ fetching: [] as Promise<void>[] }));
vi.mock('../ui/part', () => ({
  part: (fetch: () => Promise<ComponentType<object>>) => {
    let fetched: ComponentType<object> = () => null;
    fetching.push(
      fetch().then((it) => {
        fetched = it;
      }),
    );
    return (props: object) => createElement(fetched, props);
  },
}));
await Promise.all(fetching);

/** Every kind of sum, some of them twice: over noon, over midnight, going back, to the second. */
const sums = [
  '3 h 40 min + 2 h 45 min',
  '1 h 20 min + 35 min + 2 h 10 min',
  '2 min 50 s + 1 min 25 s',
  '4 h 5 min - 3 h 25 min',
  '4 x 35 min',
  '2 h 15 min / 3',
  '1:50 pm + 3 h 30 min',
  '10:40 am + 3 h',
  '10:15 am - 35 min',
  '11:20 pm + 55 min',
  '1:50 pm + 2 h 55 min',
  '14:35 + 50 min',
  '1:50 + 20 min',
  '9:00 am to 4:00 pm',
  '9:20 am to 1:05 pm',
  '8:40 am to 9:15 am',
  '22:50 to 06:15',
  '_ + 50 min = 10:30 am',
  '8:55 am + _ = 10:20 am',
  '10:20 am - _ = 8:55 am',
  '105 min in h min',
  '5 years in months',
  '200 s in min s',
  '3 h in min',
  '300 min in h',
  '3 days ? 70 h',
  'order 7:40 am, 7 pm, 7 am',
  '8:37 am as words',
  '2:20 pm as 24h',
  '17:05 as 12h',
  'half past 4 as digital',
  '3 December 2026 + 10 days',
  'days from 3 December 2026 to 24 December 2026',
  'leap year 2028',
  'days in February 2028',
  '12 March 2027 as weekday',
  'order 3 May 2027, 12 March 2027',
  'The Pintail leaves at 10:40 a.m. and takes 2 h 35 min. When does it arrive?',
];
const boards = worked(sums);
const day = workedDay();

/** What is drawn, and what is told to who does not see it. */
function everything(markup: string): string {
  const told = [...markup.matchAll(/aria-label="([^"]*)"/g)].map((one) => one[1] ?? '');
  // an hour and its colon stand in elements of their own; the labels of neighbours on a line do not belong together
  const drawn = markup.replace(/<\/(text|p|li|dd|td|caption)>/g, '\n').replace(/<[^>]*>/g, '');
  return [...told, drawn]
    .join('\n')
    .replaceAll('\u00a0', ' ')
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&#x27;', "'");
}

const finds = (text: string, secret: string): boolean =>
  new RegExp(`(?<![\\d:.,])${secret.replace(/[.*+?^${}()|[\]\\<>]/g, '\\$&')}(?![\\d:]|[.,]\\d)`).test(text);

describe.each([
  ['the answer', ['answer', 'changed']],
  ['all kinds of thing', [...parts]],
] as const)('with %s covered', (_, hide: readonly Part[]) => {
  const covers = {
    covered: (_id: string, of: readonly Part[]) => of.some((part) => hide.includes(part)),
    toggle: () => undefined,
    covering: false,
  };

  it.each(sums.map((sum, i) => [sum, i] as const))('nothing of any method gives it away: %s', (sum, i) => {
    const data = boards[i];
    if (!data?.worked.answer) {
      throw new Error(`${sum} has no answer`);
    }
    const given = plain(data.worked.shown).replaceAll('\u00a0', ' ');
    const answer = plain(data.worked.answer.shown).replaceAll('\u00a0', ' ');
    const secrets = [answer, /\d+:\d\d/.exec(answer)?.[0] ?? answer].filter(
      (one) => !['yes', 'no', '='].includes(one) && !finds(given, one),
    );
    let looked = 0;
    for (const [m, method] of data.worked.methods.entries()) {
      const moments = data.moments[m] ?? [];
      for (const step of method.steps.keys()) {
        const at = data.clock ? momentAt(moments, step) : 0;
        const atEnd = data.clock !== null && data.clock.from !== data.clock.to && at === data.clock.to;
        const asked = atEnd && data.clock?.endAsked === true;
        const way = { at, step, part: 0, place: step, last: method.steps.length - 1, own: false, moves: false };
        const markup = renderToStaticMarkup(
          <CoverContext value={covers}>
            <Showing
              data={data}
              day={day}
              method={method}
              way={{ ...way, moments, sweep: { from: at, to: at } } as never}
              shown={available(data, method)}
              board={{ ...readAddress(new URLSearchParams({ sum })), face: ['arabic', 'digital', 'words', 'half'] }}
              change={() => undefined}
              asked={asked}
              withEnd={!asked}
            />
            <Saying worked={data.worked} method={method} step={step} />
          </CoverContext>,
        );
        const text = everything(markup);
        for (const secret of secrets) {
          expect(finds(text, secret), `${method.id}, step ${step + 1}: ${secret} in\n${text}`).toBe(false);
          looked += 1;
        }
        // the readout of the clock and the points of the line tell no half of the day
        if (hide.includes('half')) {
          const readout = /data-testid="digits">(.*?)<\/p>/.exec(markup)?.[1] ?? '';
          expect(readout).not.toMatch(/[ap]\.m\.|>noon|>midnight/);
          expect(markup).not.toContain('aria-label="The day from');
        }
      }
    }
    expect(looked + (secrets.length === 0 ? 1 : 0)).toBeGreaterThan(0);
  });
});
