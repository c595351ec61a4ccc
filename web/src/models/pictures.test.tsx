// @vitest-environment jsdom
import { createElement, type ComponentType } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it, vi } from 'vitest';
import type { ClockPicture, ColumnsPicture, LinePicture, Picture, WorkedMethod } from '../api/types';
import { worked } from '../testing/worked';
import { DayStrip } from './DayStrip';
import { plain } from './Marked';
import { typed } from './marks';
import { Model } from './Model';

// what is fetched when it is needed is here before it is drawn
const { parts } = vi.hoisted(() => ({ parts: [] as Promise<void>[] }));
vi.mock('../ui/part', () => ({
  part: (fetch: () => Promise<ComponentType<object>>) => {
    let fetched: ComponentType<object> = () => null;
    parts.push(
      fetch().then((it) => {
        fetched = it;
      }),
    );
    return (props: object) => createElement(fetched, props);
  },
}));
await Promise.all(parts);

/** One or more of every kind of sum, with regrouping and without, over noon and over midnight. */
const sums = [
  '3 h 40 min + 2 h 45 min',
  '1 h 25 min + 10 min',
  '45 min + 50 min + 25 min',
  '3 min 40 s + 2 min 35 s',
  '6 h 10 min - 3 h 45 min',
  '10 h 5 min - 2 h 40 min',
  '3 weeks 2 days - 1 week 5 days',
  '4 x 45 min',
  '2 h 15 min / 3',
  '1:50 pm + 3 h 30 min',
  '10:50 am + 2 h 35 min',
  '11:58 pm + 7 min',
  '8:05 am + 1 h 55 min',
  '10:15 am - 35 min',
  '12:10 am - 25 min',
  '9:00 am to 4:00 pm',
  '9:20 am to 1:05 pm',
  '22:50 to 06:15',
  '_ + 45 min = 10:20 am',
  '9:35 am + _ = 11:10 am',
  '105 min in h min',
  '5 years in months',
  '200 s in min s',
  '3 days ? 70 h',
  'order 7:40 am, 7 pm, 7 am',
  '8:37 am as words',
  '1:20 pm as 24h',
  'half past 3 as digital',
  '12 March 2027 + 3 weeks',
  '28 February 2027 to 21 April 2027 in weeks and days',
  'Friday 4 June - 10 days',
  '12 March 2027 as weekday',
  'leap year 2100',
  'order 3 May 2027, 12 March 2027',
  'The ferry leaves at 8:40 a.m. The crossing takes 2 hours 35 minutes. When does it arrive?',
  'The workshop begins at 1:20 p.m. and ends at 4:45 p.m. There is a break of 25 minutes. How long do the children work?',
  'Four lessons of 45 minutes each are held. How long is that altogether?',
];
const all = worked(sums);
const methods = all.flatMap(({ worked: sum }) => sum.methods.map((method) => ({ sum, method })));

const markup = (picture: Picture, last: Picture, upright = false): string =>
  renderToStaticMarkup(createElement(Model, { picture, last, upright }));
const draw = (picture: Picture, last: Picture): Element => {
  const page = document.createElement('div');
  page.innerHTML = markup(picture, last);
  return page;
};
const lastOf = (method: WorkedMethod): Picture => method.steps.at(-1)?.picture ?? ({} as Picture);
const drawn = methods.flatMap(({ sum, method }) =>
  method.steps.map(({ picture }, step) => ({
    what: `${sum.sum}, ${method.id}, step ${step + 1}`,
    picture,
    last: lastOf(method),
    page: draw(picture, lastOf(method)),
  })),
);
const drawings = (type: Picture['type']) => drawn.filter(({ picture }) => picture.type === type);

/** Each character of a text with the unit in whose colour it stands. */
function coloured(element: Element): { text: string; marks: string[] } {
  const marks: string[] = [];
  const walk = (node: Node, mark: string) => {
    if (node instanceof Element) {
      const own = /mark-([hmsd])/.exec(node.getAttribute('class') ?? '')?.[1] ?? mark;
      node.childNodes.forEach((child) => {
        walk(child, own);
      });
    } else {
      marks.push(...[...(node.textContent ?? '')].map(() => mark));
    }
  };
  walk(element, '');
  return { text: element.textContent ?? '', marks };
}

/** What a number is the number of, told by what is written beside it. */
const written: readonly [RegExp, string[]][] = [
  [/(\d{1,2}):(\d{2})(?!\d)/dg, ['h', 'm']],
  [/(\d+) h\b/dg, ['h']],
  [/(\d+) min\b/dg, ['m']],
  [/(\d+) s\b/dg, ['s']],
];

function wrongColours(page: Element): string[] {
  return [...page.querySelectorAll('text, td, th, li, p')].flatMap((element) => {
    const { text, marks } = coloured(element);
    return written.flatMap(([pattern, units]) =>
      [...text.matchAll(pattern)].flatMap((match) =>
        units.flatMap((unit, i) => {
          const [from, to] = (match as RegExpMatchArray & { indices: [number, number][] }).indices[i + 1] ?? [0, 0];
          const found = new Set(marks.slice(from, to).filter((mark) => mark !== ''));
          found.delete(unit);
          return found.size === 0 ? [] : [`${text}: “${text.slice(from, to)}” as ${[...found].join()}`];
        }),
      ),
    );
  });
}

describe('the drawn models, with every working of every kind of sum', () => {
  it('have something to draw for each method', () => {
    expect(methods.length).toBeGreaterThan(80);
    const types = new Set(methods.flatMap(({ method }) => method.steps.map(({ picture }) => picture.type)));
    expect([...types].sort()).toEqual(['clock', 'columns', 'day', 'line', 'month', 'set-out', 'table', 'written']);
    for (const { method } of methods) {
      const last = lastOf(method);
      expect(markup(last, last)).toMatch(/>[^<]*\d[^<]*</);
    }
  });

  it('never write an hour in the colour of minutes, nor minutes in that of hours', () => {
    let marked = 0;
    for (const type of ['clock', 'columns', 'day', 'line', 'month', 'set-out', 'table', 'written'] as const) {
      for (const { page, what } of drawings(type)) {
        expect(wrongColours(page), what).toEqual([]);
        marked += page.querySelectorAll('.mark-h, .mark-m').length;
      }
    }
    expect(marked).toBeGreaterThan(1000);
    // and this would be found
    const wrong = document.createElement('p');
    wrong.innerHTML = '<span class="mark-m">3</span>:<span class="mark-m">45</span>';
    expect(wrongColours(Object.assign(document.createElement('div'), { innerHTML: wrong.outerHTML }))).toHaveLength(1);
  });

  it('are told in words as well: a picture has a name, and times stand in it', () => {
    for (const type of ['clock', 'line', 'day'] as const) {
      for (const { page, what } of drawings(type)) {
        expect(page.querySelector('svg')?.getAttribute('aria-label'), what).toMatch(/.{12}/);
      }
    }
  });
});

describe('columns', () => {
  it('are told as columns: each with what it carries, what stands in it, what is struck out, and what it makes', () => {
    let [struck, carried] = [0, 0];
    for (const { page, picture, what } of drawings('columns')) {
      const { heads, rows, carry, answer } = picture as ColumnsPicture;
      const told = [...page.querySelectorAll('svg > g[role=img]')].map((one) => one.getAttribute('aria-label') ?? '');
      expect(told.length, what).toBe(heads.length);
      for (const [c, { words }] of heads.entries()) {
        const heard = told[c] ?? '';
        expect(heard, what).toMatch(new RegExp(`^${words}: `));
        const numbers = heard.match(/\d+/g) ?? [];
        for (const { cells } of rows) {
          const cell = cells[c];
          if (cell !== undefined && cell.digits !== '') {
            expect(numbers, what).toContain(cell.digits);
            if (cell.instead !== '') {
              struck += 1;
              expect(heard, what).toContain(`${cell.instead}, regrouped from ${cell.digits}, which is struck out`);
            }
          }
        }
        if ((carry[c] ?? '') !== '') {
          carried += 1;
          expect(heard, what).toContain(`carried ${carry[c] ?? ''}`);
        }
        if ((answer[c] ?? '') !== '') {
          expect(heard, what).toContain(`makes ${answer[c] ?? ''}`);
        }
      }
      // and nothing of it is told a second time, digit by digit
      const twice = [...page.querySelectorAll('text')].filter(
        (one) => /^\d$/.test(one.textContent) && one.closest('[aria-hidden=true]') === null,
      );
      expect(twice.length, what).toBe(0);
    }
    expect(Math.min(struck, carried)).toBeGreaterThan(3);
  });

  const place = (text: Element): [number, number] => [Number(text.getAttribute('x')), Number(text.getAttribute('y'))];

  it('stand digit under digit in the squares below their heads, in the colour of the head', () => {
    const seen = drawings('columns');
    expect(seen.length).toBeGreaterThan(40);
    for (const { page, picture, what } of seen) {
      const texts = [...page.querySelectorAll('text')];
      const heads = (picture as ColumnsPicture).heads.map((head) => {
        const text = texts.find((one) => one.textContent === head.unit && place(one)[1] < 38);
        return { ...head, x: text ? place(text)[0] : Number.NaN };
      });
      const digits = texts.filter(
        (one) =>
          /^\d$/.test(one.textContent ?? '') &&
          place(one)[1] > 76 &&
          /mark-/.test(one.getAttribute('class') ?? '') &&
          one.getAttribute('font-size') === '26',
      );
      for (const digit of digits) {
        const [x] = place(digit);
        // the middle of a square
        expect((x / 38) % 1, what).toBeCloseTo(0.5, 6);
        const nearest = heads.toSorted((a, b) => Math.abs(a.x - x) - Math.abs(b.x - x))[0];
        expect(digit.getAttribute('class'), `${what}: ${digit.textContent ?? ''}`).toBe(`mark-${nearest?.mark ?? ''}`);
      }
      // no two in one square
      expect(new Set(digits.map((one) => place(one).join())).size, what).toBe(digits.length);
    }
  });

  it('show the digits of the rows and of the answer, and no others', () => {
    for (const { page, picture, what } of drawings('columns')) {
      const { rows, answer } = picture as ColumnsPicture;
      const shown = [...page.querySelectorAll('text[font-size="26"]')].map((one) => one.textContent).sort();
      const given = [...rows.flatMap((row) => row.cells.map((cell) => cell.digits)), ...answer].join('');
      expect(shown, what).toEqual([...given].sort());
    }
  });

  it('keep their paper: nothing moves from step to step', () => {
    for (const { method } of methods) {
      const boxes = method.steps
        .filter(({ picture }) => picture.type === 'columns')
        .map(({ picture }) => /viewBox="[^"]+"/.exec(markup(picture, lastOf(method)))?.[0]);
      expect(new Set(boxes).size).toBeLessThan(2);
    }
  });
});

describe('number lines', () => {
  it('have their points in order of time, within the drawing, each jump from one to the next', () => {
    const seen = drawings('line');
    expect(seen.length).toBeGreaterThan(60);
    for (const { page, picture, what } of seen) {
      const { points, jumps } = picture as LinePicture;
      const xs = [...page.querySelectorAll('[data-point] > path')].map((path) =>
        Number(/^M([\d.]+)/.exec(path.getAttribute('d') ?? '')?.[1]),
      );
      expect(xs.length, what).toBe(points.length);
      expect(page.querySelectorAll('[data-jump]').length, what).toBe(jumps.length);
      const inOrder = points.map((point, i) => [point.at, xs[i] ?? 0] as const).sort((a, b) => a[0] - b[0]);
      inOrder.reduce((before, now) => {
        if (now[0] > before[0]) {
          expect(now[1], what).toBeGreaterThan(before[1]);
        }
        return now;
      });
      const width = Number(page.querySelector('svg')?.getAttribute('viewBox')?.split(' ')[2]);
      for (const x of xs) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(width);
      }
    }
  });

  it('say their points and jumps, lying or upright', () => {
    for (const { picture, last } of drawings('line')) {
      const { points, jumps } = picture as LinePicture;
      for (const upright of [false, true]) {
        const label = /aria-label="[^"]+"/.exec(markup(picture, last, upright))?.[0] ?? '';
        for (const one of [...points, ...jumps]) {
          expect(label).toContain(typed(one.label));
        }
      }
    }
  });
});

describe('clocks', () => {
  it('have hands that agree with the digits', () => {
    const seen = drawings('clock');
    expect(seen.length).toBeGreaterThan(5);
    for (const { page, picture, what } of seen) {
      const reads = (picture as ClockPicture).reads;
      const [, hour = '', minute = ''] = /(\d{1,2}):(\d{2})/.exec(reads) ?? [];
      expect(hour, what).not.toBe('');
      const turned = (hand: string) =>
        Number(/-?[\d.]+/.exec(page.querySelector(`[data-hand="${hand}"]`)?.getAttribute('transform') ?? '')?.[0]);
      // half a degree and six degrees a minute (geometry)
      const minutes = (Number(hour) % 12) * 60 + Number(minute);
      expect(((turned('hour') % 360) + 360) % 360, what).toBeCloseTo(minutes / 2, 6);
      expect(((turned('minute') % 360) + 360) % 360, what).toBeCloseTo(Number(minute) * 6, 6);
    }
  });
});

describe('the strip of the day', () => {
  it('has each pin where its time is, and each length between its ends', () => {
    const strips = all.map(({ worked: sum }) => ({ sum: sum.sum, strip: sum.strip }));
    let pins = 0;
    for (const { sum, strip } of strips) {
      const page = document.createElement('div');
      page.innerHTML = renderToStaticMarkup(createElement(DayStrip, { strip }));
      const line = page.querySelector('[data-day-line]');
      const [from, width] = [Number(line?.getAttribute('x')), Number(line?.getAttribute('width'))];
      const along = (at: number) => from + (width * at) / 1440;
      const xs = [...page.querySelectorAll('path[stroke-width="2.5"]')].map((path) =>
        Number(/^M([\d.]+)/.exec(path.getAttribute('d') ?? '')?.[1]),
      );
      expect(xs.length, sum).toBe(strip.pins.length);
      strip.pins.forEach((pin, i) => {
        expect(xs[i], `${sum}: ${plain(pin.label)}`).toBeCloseTo(along(pin.at), 3);
        pins += 1;
      });
      const bars = [...page.querySelectorAll('rect[height="5"]')];
      expect(bars.length, sum).toBe(strip.spans.length);
      strip.spans.forEach((span, i) => {
        expect(Number(bars[i]?.getAttribute('x')), sum).toBeCloseTo(along(span.from), 3);
      });
    }
    expect(pins).toBeGreaterThan(20);
  });

  it('pins a time of the morning left of noon and one of the afternoon right of it', () => {
    for (const { worked: sum } of all) {
      for (const pin of sum.strip.pins) {
        const label = plain(pin.label);
        if (/a\.m\./.test(label)) {
          expect(pin.at % 1440, label).toBeLessThan(720);
        } else if (/p\.m\./.test(label)) {
          expect(pin.at % 1440, label).toBeGreaterThanOrEqual(720);
        }
      }
    }
  });

  it('pins a story on its hours: what is asked is dashed, and stands where its answer is', () => {
    const told = methods.filter(({ method }) => method.id === 'set-out');
    expect(told).toHaveLength(3);
    const [crossing] = told;
    const find = crossing?.method.steps[1]?.picture;
    const end = crossing && lastOf(crossing.method);
    if (find?.type !== 'set-out' || end?.type !== 'set-out') {
      throw new Error('It is set out.');
    }
    const page = draw(find, end);
    const pins = [...page.querySelectorAll('[data-pin]')];
    expect(pins.map((pin) => pin.getAttribute('data-pin'))).toEqual(['known', 'asked']);
    expect(pins.map((pin) => pin.textContent)).toEqual(['8:40\u00a0a.m.', '?']);
    expect(pins.map((pin) => pin.querySelector('path')?.hasAttribute('stroke-dasharray'))).toEqual([false, true]);
    const places = pins.map((pin) => Number(pin.querySelector('circle')?.getAttribute('cx')));
    const story = find.story;
    const perMinute = ((places[1] ?? 0) - (places[0] ?? 0)) / 155;
    // an hour of the line is as long as an hour between the pins
    const ticks = [...page.querySelectorAll('[data-story] text')].map((text) => Number(text.getAttribute('x')));
    expect((ticks[1] ?? 0) - (ticks[0] ?? 0)).toBeCloseTo(60 * perMinute, 3);
    expect(story?.bars).toHaveLength(1);
    // at the end the answer stands there
    expect(draw(end, end).querySelector('[data-pin="asked"]')?.textContent).toBe('11:15\u00a0a.m.');
  });
});
