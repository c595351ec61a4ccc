import type { Page } from '@playwright/test';
import { open, sum } from './board.js';
import { expect, test } from './desk.js';

/** Five of different kinds: what is asked is an end, a start, a length, a total, a conversion. */
const five: readonly { typed: string; answer: RegExp }[] = [
  { typed: '1:50 pm + 3 h 30 min', answer: /5:20/ },
  { typed: '10:15 am - 35 min', answer: /9:40/ },
  { typed: '9:20 am to 1:05 pm', answer: /3 h 45 min/ },
  { typed: '3 h 40 min + 2 h 45 min', answer: /6 h 25 min/ },
  { typed: '105 min in h min', answer: /1 h 45 min/ },
];

/** All that a class sees, and all that is told to who does not see it. */
const everything = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const main = document.querySelector('main') ?? document.body;
    const told = Array.from(main.querySelectorAll('[aria-label]'), (one) => one.getAttribute('aria-label') ?? '');
    const drawn = Array.from(main.querySelectorAll('svg text'), (one) => one.textContent ?? '');
    return [...told, main.innerText, ...drawn].join('\n').replaceAll('\u00a0', ' ');
  });

/** Every way in which an answer comes to be shown. */
const ways: readonly [string, (page: Page) => Promise<void>][] = [
  ['the key A', (page) => page.keyboard.press('a')],
  [
    'the button at the last step',
    async (page) => {
      await page.keyboard.press('End');
      await page.getByRole('button', { name: 'Answer', exact: true }).click();
    },
  ],
  [
    'a tap on its cover',
    async (page) => {
      await page.getByRole('button', { name: 'Show the answer' }).first().click();
    },
  ],
  [
    'one thing after the other',
    async (page) => {
      await page.keyboard.press('End');
      for (let i = 0; i < 40 && (await page.locator('main [data-cover]').count()) > 0; i += 1) {
        await page.keyboard.press('r');
      }
    },
  ],
  [
    'show everything',
    async (page) => {
      await page.keyboard.press('h');
      await page.getByRole('menuitem', { name: 'Show everything' }).click();
    },
  ],
  [
    'no longer hiding it',
    async (page) => {
      await page.keyboard.press('h');
      await page.getByRole('menuitemcheckbox', { name: 'The answer' }).click();
      await page.keyboard.press('Escape');
    },
  ],
  [
    'the menu of what is shown',
    async (page) => {
      await page.keyboard.press('o');
      await page.getByRole('menuitemcheckbox', { name: 'The answer' }).click();
      await page.keyboard.press('Escape');
    },
  ],
];

for (const [way, show] of ways) {
  test(`whatever brings the next sum brings it unsolved, though the last was shown by ${way}`, async ({ desk }) => {
    const { page } = desk;
    const [first, ...rest] = five;
    const queue = rest.map((one) => sum(one.typed)).join('%7C');
    await open(page, `/teach?sum=${sum(first?.typed ?? '')}&queue=${queue}&hide=answer,changed,jump`);
    for (const [i, { typed, answer }] of five.entries()) {
      await expect(page.locator('main [aria-busy="true"]')).toHaveCount(0);
      await expect(page.getByTestId('place')).toHaveText(/^Step 1 of/);
      // unsolved, at its first step, and with the covers that were there
      await expect(page.getByRole('button', { name: 'Show the answer' }).first()).toBeVisible();
      expect(await everything(page), typed).not.toMatch(answer);
      expect(new URL(page.url()).searchParams.get('hide') ?? '', typed).toContain('answer');
      expect(new URL(page.url()).searchParams.get('hide') ?? '', typed).toContain('jump');
      await show(page);
      await expect(async () => {
        expect(await everything(page)).toMatch(answer);
      }).toPass();
      if (i < five.length - 1) {
        await page.keyboard.press('n');
        await expect.poll(() => new URL(page.url()).searchParams.get('sum')).not.toBe(typed);
      }
    }
    // nor does one like it, one that is typed, or one that was there before come solved
    const last = await page.getByTestId('sum').textContent();
    await page.keyboard.press('n');
    await expect(page.getByTestId('sum')).not.toHaveText(last ?? '');
    await expect(page.getByRole('button', { name: 'Show the answer' }).first()).toBeVisible();
    await page.keyboard.press('a');
    await desk.type('2 h 50 min + 25 min');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('sum')).toContainText('2 h 50 min + 25 min');
    await expect(page.getByRole('button', { name: 'Show the answer' }).first()).toBeVisible();
    expect(await everything(page)).not.toMatch(/3 h 15 min/);
    await page.keyboard.press('a');
    await page.keyboard.press('q');
    await page.getByRole('dialog').getByRole('button', { name: '10:15 a.m. - 35 min' }).click();
    await expect(page.getByTestId('sum')).toContainText('10:15 a.m. − 35 min');
    await expect(page.getByRole('button', { name: 'Show the answer' }).first()).toBeVisible();
    expect(await everything(page)).not.toMatch(/9:40/);
  });
}

test('the answer is covered on every model, in every method, at every step; what stays is asked first', async ({
  desk,
}) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('10:15 am - 35 min')}`);
  const methods = 6;
  for (let method = 1; method <= methods; method += 1) {
    await page.keyboard.press(String(method));
    for (let step = 0; step < 8; step += 1) {
      expect(await everything(page), `method ${method}, step ${step + 1}`).not.toMatch(/9:40/);
      await page.keyboard.press('ArrowRight');
    }
  }
  // one step before the last the clock is there already: what it has become is covered with the answer, as on the last
  await page.keyboard.press('1');
  await expect(page.getByTestId('place')).toHaveText('Step 1 of 4');
  await page.keyboard.press('End');
  await expect(page.getByTestId('place')).toHaveText('Step 4 of 4');
  const asked = page.getByRole('list', { name: 'What stays, what changes?' });
  await expect(asked.getByRole('listitem')).toHaveCount(4);
  // the class says that the date stays: so it is
  await asked.getByRole('listitem').filter({ hasText: 'date' }).getByRole('button', { name: 'stays' }).click();
  await expect(page.getByTestId('changed')).toContainText('stayed');
  // that the hour stays is looked at again; that it changes is asked on: to what?
  const hour = asked.getByRole('listitem').filter({ hasText: 'hour' });
  await hour.getByRole('button', { name: 'stays' }).click();
  await expect(hour).toContainText('Look at the hour again.');
  await hour.getByRole('button', { name: 'changes', exact: true }).click();
  await hour.getByRole('button', { name: 'Show what the hour changes to' }).click();
  // which is the hour of the answer, and covered with it
  await expect(page.getByTestId('changed')).toContainText('10 → ?');
  await page.keyboard.press('a');
  await expect(page.getByTestId('changed')).toContainText('10 → 9');
  // it can be covered like the rest, and be a statement at once
  await page.keyboard.press('h');
  await page.getByRole('menuitemcheckbox', { name: 'What stays, what changes' }).click();
  await page.keyboard.press('Escape');
  await expect(asked).toHaveCount(0);
  await expect(page.getByTestId('changed')).toContainText('15 → 40');
});
