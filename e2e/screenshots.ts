import type { Browser, Page } from '@playwright/test';
import { expect, test } from './desk.js';
import { Tablet } from './tablets.js';

const to = '../docs/screenshots/';

const problem =
  'The Pintail leaves Ombrel Quay at twenty to nine in the morning. The crossing to Fell Harbour takes 2 hours 35 minutes.';

test('a picture of each view', async ({ desk, browser }) => {
  const { page } = desk;
  await page.goto('/sheets');
  await page.getByRole('link', { name: /^The tide and the ferry \d/ }).click();
  await desk.saved();
  const shot = async (name: string, sum: string, method: string, step: number) => {
    await desk.sumLine.fill(sum);
    await expect(desk.answer).toBeVisible();
    await desk.sumLine.press('Enter');
    await page.getByRole('tab', { name: method }).click();
    await page.mouse.move(5, 500);
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    for (let i = 1; i < step; i += 1) {
      await page.keyboard.press('ArrowRight');
      await expect(page.getByTestId('place')).toContainText(`${i + 1} of`);
    }
    await page.screenshot({ path: `${to}${name}.png` });
  };
  await shot('working-number-line', '1:50 pm + 3½ hours', 'Number line', 3);
  await shot('problem-set-out', `${problem} At what time does it reach Fell Harbour?`, 'Set out', 5);
  await desk.sumLine.fill('6 h 10 min - 3 h 45 min');
  await expect(desk.answer).toHaveText('2 h 25 min');
  await desk.sumLine.press('Enter');
  await page.keyboard.press('w');
  await page.getByLabel('What did the child write?').fill('3 h 35');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('reading')).toContainText('Not right.');
  await page.screenshot({ path: `${to}mistakes.png` });
  await desk.sumLine.fill('');
  await page.goto('/sheets/make');
  await page.getByLabel('Title').fill('The causeway');
  await page.getByRole('button', { name: 'More: I can add hours and minutes that pass 60.' }).click();
  await page.getByRole('button', { name: 'More: I can take an hour and write it as 60 minutes.' }).click();
  await page.getByLabel('Questions in all').fill('10');
  await page.getByLabel('A challenge at the end').check();
  await page.screenshot({ path: `${to}make.png` });
  await page.getByRole('button', { name: 'Make 3 sheets' }).click();
  await expect(page.getByText('3 sheets are made.').first()).toBeVisible();
  await page.waitForTimeout(6000);
  await page.getByRole('navigation', { name: 'Levels of this sheet' }).getByRole('link', { name: 'core' }).click();
  await page.getByRole('button', { name: 'Which mistakes it shows' }).click();
  await expect(page.getByText(/^Tells/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Print…' }).click();
  await page.getByRole('button', { name: /One for each of/ }).click();
  await expect(desk.paper.getByText('Anouk').first()).toBeVisible();
  await page.mouse.move(5, 5);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `${to}print.png` });
  await page.getByRole('link', { name: 'Sheets', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sheets' })).toBeVisible();
  await page.screenshot({ path: `${to}sheets.png` });
  await page.goto('/today');
  await expect(page.getByRole('list', { name: 'Parts of the lesson' })).toBeVisible();
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `${to}today.png` });
  const board = async (name: string, address: string, ...keys: string[]) => {
    await page.goto(address);
    await expect(page.getByRole('group', { name: 'Controls of the board' })).toBeVisible();
    for (const key of keys) {
      await page.keyboard.press(key);
      await page.waitForTimeout(300);
    }
    await page.waitForTimeout(500);
    await page.screenshot({ path: `${to}${name}.png` });
  };
  const sum = encodeURIComponent;
  await board('board-clock-and-line', `/teach?sum=${sum('10:15 am - 35 min')}`, 'ArrowRight', 'ArrowRight');
  await board('board-columns', `/teach?sum=${sum('6 h 10 min - 3 h 45 min')}&hide=answer,digit`, 'End', 'r', 'r');
  await board(
    'board-dark',
    `/teach?sum=${sum('9:20 am to 1:05 pm')}&show=line,columns`,
    'd',
    'ArrowRight',
    'ArrowRight',
  );
  await board('board-month', `/teach?sum=${sum('12 March 2027 + 3 weeks')}`, 'd', 'ArrowRight', 'ArrowRight', 'a');
  await page.goto('/teach?at=770');
  await page.getByLabel('A time, a length, or a way to go').fill('3 h later, hour by hour');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-jump]')).toHaveCount(3);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `${to}board-clock.png` });
  await board(
    'problem-on-the-board',
    `/teach?sum=${sum('The workshop in the boat shed begins at 1:20 p.m. and ends at 4:45 p.m. There is a break of 25 minutes. How long do the children work?')}`,
    'ArrowRight',
    'ArrowRight',
    'l',
  );
  await page.goto('/teach/timetable?table=pintail-winter-out&kind=how-long&seed=3');
  await expect(page.getByTestId('question')).toBeVisible();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight']) {
    await page.keyboard.press(key);
  }
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${to}timetable.png` });
  await page.goto('/mark');
  await page.getByRole('link', { name: /^Ticket/ }).click();
  await page.getByLabel('Esme, question 4: 3h15 (wrong)').click();
  await page.keyboard.type('3h15');
  await expect(page.getByTestId('said')).toContainText('may ');
  await page.screenshot({ path: `${to}mark.png` });
  await page.goto('/follow-up');
  await page.getByRole('button', { name: 'Esme' }).click();
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${to}follow-up.png` });
  await page.goto('/teach/activity/last-ferry');
  await page.getByRole('button', { name: 'Spin' }).waitFor();
  for (let press = 0; press < 13; press += 1) {
    await page.keyboard.press('Space');
  }
  // the arrow comes to rest
  await page.waitForTimeout(2000);
  await page.screenshot({ path: `${to}activity.png` });
  await practice(page, browser);
});

/** A class at practice: one child with the first step of help, and what the teacher sees. */
async function practice(page: Page, browser: Browser): Promise<void> {
  await page.goto('/practise');
  await page.getByRole('radio', { name: 'Choose skills' }).click();
  await page.getByLabel('I can go across noon.').check();
  await page.getByLabel('I can find a time later across the hour.').check();
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  const code = (await page.getByTestId('code').textContent()) ?? '';
  const tablets: Tablet[] = [];
  for (const [i, name] of ['Anouk', 'Cleo', 'Farid', 'Keziah', 'Otis', 'Tobias', 'Wren'].entries()) {
    const tablet = await Tablet.of(browser);
    await tablet.comeIn(code, name);
    for (let k = 0; k < i % 4; k += 1) {
      await tablet.answer(await tablet.kept(), 'right');
      await tablet.wasRight();
    }
    tablets.push(tablet);
  }
  const [, cleo, farid] = tablets;
  if (!cleo || !farid) {
    throw new Error('Nobody is there.');
  }
  for (let k = 0; k < 3; k += 1) {
    await farid.answer(await farid.kept(), 'look');
  }
  for (let k = 0; k < 2; k += 1) {
    await cleo.answer(await cleo.kept(), 'look');
  }
  await cleo.page.waitForTimeout(500);
  await cleo.page.screenshot({ path: `${to}practise-tablet.png` });
  await expect(page.getByText('wrong three times')).toBeVisible();
  await page.getByRole('button', { name: /^Farid/ }).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: `${to}practise.png` });
  await Promise.all(tablets.map((one) => one.context.close()));
}
