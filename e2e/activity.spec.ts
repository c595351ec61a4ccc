import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { cameSoon, expect, placeOf, test } from './desk.js';

/** Boards that go on with one press, and what they count. */
const pressed = [
  ['counting-ring', /(\d+) of 25 numbers/],
  ['bell-buoy', /(\d+) of 8 rounds/],
  ['adding-wall', /(\d+) of 12 bricks/],
  ['moved-on-cards', /(\d+) of about \d+ rounds/],
  ['last-ferry', /(\d+) of about \d+ spins/],
  ['chain', /(\d+) of 24 cards/],
  ['lotto', /(\d+) of about \d+ calls/],
  ['make-a-clock', /(\d+) of 8 steps/],
] as const;

const open = async (page: Page, id: string, more = '') => {
  await page.goto(`/teach/activity/${id}?children=24${more}`);
  await expect(page.getByRole('button', { name: 'New numbers' })).toBeVisible();
};
const counted = async (page: Page, counter: RegExp) =>
  Number(counter.exec((await page.getByText(counter).textContent()) ?? '')?.[1]);

test('from minutes, children and what they need to a printed game that fits', async ({ desk, page }) => {
  await page.goto('/activities');
  await page.getByLabel('Children').fill('24');
  await page.getByLabel('To practise').selectOption({ label: 'I can go across noon.' });
  await page.getByLabel('Minutes').selectOption('12');
  const fitting = page.getByRole('list').first();
  await expect(fitting.getByRole('link', { name: /Last ferry/ })).toBeVisible();
  await desk.hasNoBarriers();
  await fitting.getByRole('link', { name: /Last ferry/ }).click();
  await expect(page.getByText('Everybody sets the hands to ten o’clock in the morning.')).toBeVisible();
  await expect
    .poll(async () => Number(await page.getByLabel('How long it takes').locator('span').first().textContent()))
    .toBeLessThanOrEqual(12);
  await expect(page.getByLabel('Get ready')).toContainText('sheets with faces24');
  await expect(page.getByText('Scissors and paper fasteners')).toBeVisible();
  await desk.hasNoBarriers();
  // shorter still
  await page.getByLabel('How long it takes').getByRole('button').first().click();
  await expect(page).toHaveURL(/group=|with\./);
  await page.getByRole('link', { name: 'Print' }).click();
  await expect(page.frameLocator('iframe').first().getByText('Last ferry: the spinner').first()).toBeVisible();
  await desk.hasNoBarriers();
  const pdf = await page.request.get(
    '/print/activities/last-ferry.pdf?children=5&group=5&rung=across-noon&paper=letter',
  );
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: await pdf.body() }).toString();
  expect(text).toContain('From ten o’clock in the morning to two o’clock in the afternoon');
  expect(text.match(/a face and its hands/g)).toHaveLength(5);
  expect(text).toContain('Scissors and paper fasteners');
});

test('every board goes on by a key, is there again after a reload, and takes back', async ({ desk, page }) => {
  for (const [id, counter] of pressed) {
    await open(page, id);
    await expect.poll(() => counted(page, counter), { message: id }).toBe(0);
    for (let press = 0; press < 10; press += 1) {
      await page.keyboard.press('Space');
    }
    await expect.poll(() => counted(page, counter), { message: id }).toBeGreaterThan(3);
    const there = await counted(page, counter);
    await page.reload();
    await expect(page.getByText(counter)).toBeVisible();
    await expect.poll(() => counted(page, counter), { message: id }).toBe(there);
    await page.keyboard.press('z');
    await page.keyboard.press('z');
    await expect.poll(() => counted(page, counter), { message: id }).toBeLessThan(there);
    await desk.hasNoBarriers();
    await page.getByRole('button', { name: 'Begin again' }).click();
    await expect.poll(() => counted(page, counter), { message: id }).toBe(0);
  }
});

test('every activity has its PDF, with all that is printed for a group of four', async ({ page }) => {
  const printed: readonly [string, RegExp][] = [
    ['counting-ring', /Who says what/],
    ['bell-buoy', /How late then/],
    ['adding-wall', /Adding walls: key/],
    ['missing-digits', /Missing digits: key/],
    ['half-a-minute', /under\s+exactly\s+over/],
    ['sort-halves', /The key/],
    ['sort-lengths', /The key/],
    ['sort-spans', /The key/],
    ['moved-on-cards', /The stock, moved on by 35/],
    ['skimming-stones', /the partner’s key/],
    ['lighthouse-ring', /Which shows the same/],
    ['chain', /Next comes the time/],
    ['lotto', /The calls/],
    ['make-a-clock', /My clock/],
    ['order-of-the-day', /in its order/],
  ];
  for (const [id, wanted] of printed) {
    const pdf = await page.request.get(`/print/activities/${id}.pdf?children=4&group=4`);
    const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: await pdf.body() }).toString();
    expect(text, id).toMatch(wanted);
    expect(text, id).toMatch(/How it goes/);
    expect(text, id).not.toMatch(/\{[hmsdx]:|NaN|undefined/);
  }
});

test('the last ferry is played to its end, and its time is kept for the next estimate', async ({ page }) => {
  await open(page, 'last-ferry', '&with.from=21');
  for (let press = 0; press < 60 && (await page.getByText('There for the last ferry.').count()) === 0; press += 1) {
    await page.keyboard.press('Space');
  }
  await expect(page.getByText('There for the last ferry.')).toHaveCount(1);
  await expect(page.getByText(/12\s*midnight/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Spin' })).toHaveCount(0);
});

test('sorts, digits, stones, faces and the order of the day, by pointer and by keys', async ({ desk, page }) => {
  // a card that does not belong there comes back; dragged into each field in turn, one takes it
  await open(page, 'sort-spans');
  const fields = page.locator('section[data-field]');
  await expect(fields).toHaveCount(3);
  const card = page.locator('.cursor-grab');
  for (let field = 0; field < 3; field += 1) {
    const [from, to] = [await placeOf(card), await placeOf(fields.nth(field))];
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 6 });
    await page.mouse.up();
    if (await cameSoon(page.getByText('1 of 12 cards'))) {
      break;
    }
  }
  await expect(page.getByText('1 of 12 cards')).toBeVisible();
  for (
    let press = 0;
    press < 60 && (await page.getByText('All cards are in their places.').count()) === 0;
    press += 1
  ) {
    await page.keyboard.press(String((press % 3) + 1));
  }
  await expect(page.getByText('All cards are in their places.')).toBeVisible();
  await desk.hasNoBarriers();

  await open(page, 'missing-digits');
  for (let press = 0; press < 130 && (await page.getByText('All digits are found.').count()) === 0; press += 1) {
    await page.keyboard.press(String(press % 10));
  }
  await expect(page.getByText('All digits are found.')).toBeVisible();
  await desk.hasNoBarriers();

  await open(page, 'skimming-stones');
  const pond = page.getByRole('group', { name: 'The pond' });
  await pond.getByRole('button').nth(0).click();
  await pond.getByRole('button').nth(3).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /Show the sum/ }).click();
  await expect(page.getByText(/1 sum, [01] of them regrouped/)).toBeVisible();
  await desk.hasNoBarriers();

  await open(page, 'lighthouse-ring');
  await page.keyboard.press('Space');
  for (let face = 1; face <= 6; face += 1) {
    await page.getByRole('button', { name: `Face ${face}` }).click();
    if (await cameSoon(page.getByText('1 of 6 shaded'))) {
      break;
    }
  }
  await expect(page.getByText('1 of 6 shaded, 1 roll')).toBeVisible();
  await desk.hasNoBarriers();

  await open(page, 'order-of-the-day');
  await page
    .getByRole('button', { name: /^Move / })
    .first()
    .focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Is that the order?' }).click();
  await expect(page.getByText(/Not yet\.|Yes\. Now the times/)).toBeVisible();
  await desk.hasNoBarriers();
});

test('a stretch of time is measured to a tenth while the page is hidden, tallied, and kept', async ({
  desk,
  page,
  context,
}) => {
  // when it was really pressed, by the page's own clock
  await page.addInitScript(() => {
    document.addEventListener(
      'click',
      () => {
        localStorage.setItem('pressed', `${localStorage.getItem('pressed') ?? ''} ${Date.now()}`);
      },
      true,
    );
  });
  await page.goto('/teach/activity/half-a-minute?with.target=10&with.exactly=5');
  const go = page.getByRole('button', { name: 'Go', exact: true });
  const before = Date.now();
  await go.click();
  const since = Date.now();
  await expect(page.getByText('Nothing is shown until it stops.')).toBeVisible();
  // another page lies before it, and it is loaded anew in between
  const other = await context.newPage();
  await other.goto('/activities');
  await other.bringToFront();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await expect.poll(() => Date.now() - since, { timeout: 20_000 }).toBeGreaterThan(10_000);
  await other.close();
  const least = Date.now() - since;
  await page.getByRole('button', { name: 'Stop' }).click();
  const most = Date.now() - before;
  const shown = page.locator('span', { hasText: /^\d+\.\d s$/ });
  await expect(shown).toBeVisible();
  const read = parseFloat((await shown.textContent()) ?? '');
  const [began, ended] = await page.evaluate(() =>
    (localStorage.getItem('pressed') ?? '').trim().split(' ').map(Number),
  );
  expect(Math.abs(read - ((ended ?? 0) - (began ?? 0)) / 1000)).toBeLessThanOrEqual(0.1);
  // and by the clock outside, where pressing takes a little itself
  expect(read).toBeGreaterThanOrEqual(least / 1000 - 0.1);
  expect(read).toBeLessThanOrEqual(most / 1000 + 0.1);
  await expect(page.getByLabel('The tally')).toContainText('exactly1');
  await expect(page.getByText('Every one was exactly right.')).toBeVisible();
  await desk.hasNoBarriers();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByLabel('The tally')).toContainText('under1');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export tries as CSV' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('half-a-minute.csv');
  await page.getByRole('button', { name: 'Begin a new tally' }).click();
  await expect(page.getByRole('region', { name: 'Earlier' })).toContainText('1 under, 1 exactly, 0 over');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Earlier' }).getByRole('listitem')).toHaveText(
    /The tries are deleted\.\s*Undo/,
  );
});

test('a game is played with the numbers of the sheet in hand', async ({ page }) => {
  await page.goto('/sheets');
  await page.getByRole('link', { name: /^Boat-shed workshop/ }).click();
  await page.getByRole('link', { name: 'A game with these' }).click();
  await expect(page.getByRole('heading', { name: 'With the numbers of the sheet' })).toBeVisible();
  await page
    .getByRole('list')
    .first()
    .getByRole('link', { name: /Skimming stones/ })
    .click();
  await expect(page.getByText(/of the 10 stones are lengths of the sheet/)).toBeVisible();
  await page.getByRole('link', { name: 'On the board' }).click();
  await expect(page).toHaveURL(/sheet=/);
  await expect(page.getByRole('button', { name: 'New numbers' })).toBeVisible();
});
