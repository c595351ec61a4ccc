import type { Page } from '@playwright/test';
import { open, sum } from './board.js';
import { expect, fitsAcross, placeOf, test } from './desk.js';

/** What is written outside the controls, and how large it is on the screen, in pixels. */
const sizes = (page: Page): Promise<{ text: string; size: number }[]> =>
  page.evaluate(() => {
    const found: { text: string; size: number }[] = [];
    const main = document.querySelector('main');
    const walk = document.createTreeWalker(main ?? document.body, NodeFilter.SHOW_TEXT);
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      const text = node.textContent?.trim() ?? '';
      const element = node.parentElement;
      if (
        text === '' ||
        !element ||
        element.closest(
          '[role=group][aria-label^="Controls"], kbd, .key, fieldset, [role=radiogroup], .sr-only, [hidden]',
        )
      ) {
        continue;
      }
      const box = element.getBoundingClientRect();
      const style = getComputedStyle(element);
      if (box.width === 0 || box.height === 0 || style.visibility === 'hidden') {
        continue;
      }
      const svg = element.closest('svg');
      // within a drawing a unit is as large as the drawing is drawn
      const matrix = svg && element instanceof SVGGraphicsElement ? element.getScreenCTM() : null;
      const scale = matrix ? Math.hypot(matrix.c, matrix.d) : 1;
      found.push({ text, size: parseFloat(style.fontSize) * scale });
    }
    return found;
  });

const problem = 'The Pintail leaves at 10:40 a.m. The crossing takes 2 h 35 min. When does it arrive?';

/** Ten states of the board: clock and line, over noon, columns, table, writing, day, month, problem, fives, what changed. */
const states: readonly [string, string, readonly string[]][] = [
  ['clock and line', `sum=${sum('1:50 pm + 3 h 30 min')}&hide=`, ['End']],
  ['over noon, in five jumps', `sum=${sum('9:20 am to 1:05 pm')}&hide=`, ['End']],
  ['columns with two exchanges', `sum=${sum('6 h 10 min - 3 h 45 min')}&hide=`, ['End']],
  ['a table', `sum=${sum('5 h in min')}&hide=`, ['End']],
  ['written', `sum=${sum('2 h 50 min + 1 h 35 min')}&show=written&hide=`, ['End']],
  ['in order', `sum=${sum('order 7:40 a.m., 7 p.m., 7 a.m.')}&hide=`, ['End']],
  ['a month page', `sum=${sum('3 December 2026 + 10 days')}&hide=`, ['End']],
  ['a problem', `sum=${sum(problem)}&hide=`, ['End']],
  ['fives', `sum=${sum('10:15 am - 35 min')}&method=fives&hide=`, ['End']],
  ['what changes, asked', `sum=${sum('10:40 am + 3 h')}`, ['End']],
];

for (const [width, height, least] of [
  [1280, 800, 24],
  [1920, 1080, 36],
] as const) {
  test(`at ${width} by ${height} everything on the board is read from the back row`, async ({ desk }) => {
    const { page } = desk;
    await page.setViewportSize({ width, height });
    for (const [name, address, keys] of states) {
      await open(page, `/teach?${address}`);
      for (const key of keys) {
        await page.keyboard.press(key);
      }
      await expect(page.getByTestId('place')).toHaveText(/^Step (\d+) of \1$|^Step \d+ of \d+$/);
      // a pixel's rounding of letters within drawings is let through
      await expect(async () => {
        const small = (await sizes(page)).filter((one) => one.size < least - 0.5);
        expect(small, name).toEqual([]);
      }).toPass({ timeout: 5000 });
      const sumSize = await page.getByTestId('sum').evaluate((one) => parseFloat(getComputedStyle(one).fontSize));
      expect(sumSize, name).toBeGreaterThanOrEqual(name === 'a problem' ? least * 1.15 : least * 2.9);
      // nothing runs out of the screen
      await fitsAcross(page, name);
    }
  });
}

/** What else a class looks at: a year, a timetable, a day of the island, and every activity on the board. */
const elsewhere: readonly [string, string][] = [
  ['a year', `/teach?sum=${sum('year 2027')}`],
  ['a timetable', '/teach/timetable?table=pintail-summer-out&level=stretch&q=1&step=2'],
  ['a day in order', `/teach/timetable?table=${encodeURIComponent('day:School day')}&level=core&task=told`],
  ...[
    'counting-ring',
    'bell-buoy',
    'adding-wall',
    'missing-digits',
    'sort-halves',
    'sort-spans',
    'moved-on-cards',
    'last-ferry',
    'skimming-stones',
    'lighthouse-ring',
    'chain',
    'lotto',
    'make-a-clock',
    'order-of-the-day',
  ].map((id): [string, string] => [id, `/teach/activity/${id}`]),
];

for (const [width, height, least] of [
  [1280, 800, 24],
  [1920, 1080, 36],
] as const) {
  test(`at ${width} by ${height} a timetable, a year and the activities are read from the back row, too`, async ({
    desk,
  }) => {
    const { page } = desk;
    await page.setViewportSize({ width, height });
    for (const [name, address] of elsewhere) {
      await page.goto(address);
      await expect(
        page.getByRole('group', { name: 'Controls of the board' }).or(page.getByRole('list', { name: 'What is told' })),
      ).toBeVisible();
      if (name === 'a year') {
        await expect(page.getByText('December 2027')).toBeVisible();
      } else {
        await page.keyboard.press('ArrowRight');
      }
      await expect(async () => {
        expect(
          (await sizes(page)).filter((one) => one.size < least - 0.5),
          name,
        ).toEqual([]);
      }).toPass({ timeout: 5000 });
      await fitsAcross(page, name);
    }
  });
}

test('the top line folds while a sum stands there, and comes down for who types', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}`);
  const places = page.getByRole('navigation', { name: 'Places' });
  const height = async () => (await placeOf(page.locator('main'))).y;
  await expect.poll(height).toBeLessThanOrEqual(42);
  await page.keyboard.press('/');
  await expect(desk.sumLine).toBeFocused();
  await expect.poll(height).toBeGreaterThan(50);
  await page.keyboard.type('2 h + 35 min');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('sum')).toContainText('2 h + 35 min');
  await expect.poll(height).toBeLessThanOrEqual(42);
  await page.getByRole('link', { name: 'Take the sum off the board' }).click();
  await expect(page).toHaveURL(/\/teach$/);
  await expect(places.getByRole('link', { name: 'Mark' })).toBeVisible();
  // with nothing to pin there is no strip
  await open(page, `/teach?sum=${sum('2 h 50 min + 25 min')}`);
  await expect(page.locator('svg[aria-label^="The day from"]')).toHaveCount(0);
});

test('one button is black: next step, then the answer, then another; what is on has a rule under it', async ({
  desk,
}) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('10:15 am - 35 min')}`);
  const rail = page.getByRole('group', { name: 'Controls of the board' });
  const black = async () =>
    rail.getByRole('button').evaluateAll((all) => {
      const ink = getComputedStyle(document.body).color;
      return all.filter((one) => getComputedStyle(one).backgroundColor === ink).map((one) => one.textContent ?? '');
    });
  await expect.poll(async () => (await black()).join()).toMatch(/^Next step/);
  await page.keyboard.press('End');
  await expect.poll(async () => (await black()).join()).toMatch(/^Answer/);
  await page.keyboard.press('a');
  await expect.poll(async () => (await black()).join()).toMatch(/^Another like this/);
  // many steps are said, not dotted
  await open(page, `/teach?sum=${sum(problem)}`);
  await expect(rail.getByText(/^1 of \d\d$/).first()).toBeVisible();
});

test('a press always does something that is seen', async ({ desk }) => {
  const { page } = desk;
  for (const [text, hide] of [
    ['10:15 am - 35 min', 'answer,changed,jump,hour,minutes'],
    ['6 h 10 min - 3 h 45 min', 'answer,digit'],
    ['1:50 pm + 3 h 30 min', 'answer,changed,jump'],
  ] as const) {
    await open(page, `/teach?sum=${sum(text)}&hide=${hide}`);
    const seen = () =>
      page.evaluate(() => {
        const main = document.querySelector('main')?.cloneNode(true) as HTMLElement;
        main.querySelectorAll('[role=group][aria-label^="Controls"], .sr-only').forEach((one) => {
          one.remove();
        });
        return main.innerHTML;
      });
    for (let i = 0; i < 8; i += 1) {
      const [before, place] = [await seen(), await page.getByTestId('place').textContent()];
      await page.keyboard.press('ArrowRight');
      await page.waitForLoadState('networkidle');
      if ((await page.getByTestId('place').textContent()) !== place) {
        expect(await seen(), `${text}: ${place ?? ''}`).not.toBe(before);
      }
    }
  }
});
