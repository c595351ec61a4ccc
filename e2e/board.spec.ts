import { LocalTime } from '@js-joda/core';
import { devices, type Page } from '@playwright/test';
import { clockOf, open, sum, turn } from './board.js';
import { Desk, expect, fitsAcross, placeOf, test } from './desk.js';

const digits = (page: Page) => page.getByTestId('digits');
const rotation = async (page: Page, hand: string) =>
  Number(
    /rotate\(([-\d.]+)\)/.exec((await page.locator(`[data-hand="${hand}"]`).getAttribute('transform')) ?? '')?.[1],
  );

test.describe('what a teacher does with the board', () => {
  test('10:15 a.m. - 35 min on clock and line together, the result hidden first', async ({ desk }) => {
    const { page } = desk;
    await open(page, `/teach?sum=${sum('10:15 am - 35 min')}`);
    await expect(page.locator('[data-model]')).toHaveCount(2);
    await expect(page.getByRole('button', { name: 'Show the answer' }).first()).toBeVisible();
    await expect(page.getByText('9:40')).toHaveCount(0);
    for (const at of ['10:00']) {
      await page.keyboard.press('ArrowRight');
      await expect(digits(page)).toHaveText(`${at} a.m.`);
    }
    // what stays and what changes is asked before it is said
    const changed = page.getByTestId('changed');
    await expect(changed).not.toContainText('15');
    await page.getByRole('listitem').filter({ hasText: 'minutes' }).getByRole('button', { name: 'changes' }).click();
    await page.getByRole('button', { name: 'Show what the minutes changes to' }).click();
    await expect(changed).toContainText('minutes15 → 00');
    await page.keyboard.press('ArrowRight');
    // the last jump lands on what is asked: hands, digits and label are hidden until somebody says it
    await expect(page.locator('[data-hand]')).toHaveCount(0);
    await expect(page.getByText('9:40')).toHaveCount(0);
    await desk.hasNoBarriers();
    await page.keyboard.press('a');
    await expect(page.getByTestId('answer')).toHaveText('9:40 a.m.');
    await expect(digits(page)).toHaveText('9:40 a.m.');
    await expect(page.locator('[data-hand]')).toHaveCount(2);
  });

  test('12:50 on the clock, 3 hours back: p.m. becomes a.m., and it says why', async ({ desk }) => {
    const { page } = desk;
    await open(page, '/teach?at=720');
    await turn(page, 0, 50);
    await expect(digits(page)).toHaveText('12:50 p.m.');
    await page.getByLabel('A time, a length, or a way to go').fill('3 h');
    await page.getByRole('button', { name: 'Go', exact: true }).click();
    await page.getByRole('button', { name: 'earlier', exact: true }).click();
    await expect(digits(page)).toHaveText('9:50 a.m.');
    await page.getByRole('button', { name: 'Work it' }).click();
    await expect(page.getByTestId('sum')).toContainText('12:50 p.m. − 3 h');
    await page.keyboard.press('End');
    await page.keyboard.press('a');
    await expect(digits(page)).toHaveText('9:50 a.m.');
    await page.getByRole('button', { name: 'Show what becomes of the a.m. or p.m.' }).click();
    await expect(page.getByTestId('changed')).toContainText('p.m. → a.m.');
    await expect(page.getByTestId('changed')).toContainText('12 noon was crossed');
  });

  test('6 h 10 min - 3 h 45 min in columns, digit by digit', async ({ desk }) => {
    const { page } = desk;
    await open(page, `/teach?sum=${sum('6 h 10 min - 3 h 45 min')}&hide=answer,digit`);
    await page.keyboard.press('End');
    const shown = page.locator('[data-answer-digit]');
    await expect(shown).toHaveCount(0);
    for (const [count, text] of [
      [1, '5'],
      [2, '2'],
      [3, '2'],
    ] as const) {
      // the ones of the minutes first, then the tens, then the hours; side sums in between
      await expect(async () => {
        await page.keyboard.press('r');
        await expect(shown).toHaveCount(count, { timeout: 300 });
      }).toPass();
      await expect.poll(() => shown.allTextContents()).toContain(text);
    }
    await desk.hasNoBarriers();
  });

  test('7:40 a.m., 7 p.m., 7 a.m. in order on the day strip', async ({ desk }) => {
    const { page } = desk;
    await page.goto(`/teach?sum=${sum('order 7:40 a.m., 7 p.m., 7 a.m.')}`);
    await expect(page.locator('[data-model="day"]')).toBeVisible();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(page.getByTestId('say')).toContainText('Pin 7:00 a.m. on the day line');
    await page.keyboard.press('End');
    await desk.hasNoBarriers();
    await page.keyboard.press('a');
    await expect(page.getByTestId('sum')).toHaveText('in order: 7:00 a.m., 7:40 a.m., 7:00 p.m.');
    await expect(page.getByTestId('say')).toContainText('Read from left to right: 7:00 a.m., 7:40 a.m., 7:00 p.m.');
  });
});

test('a sum in words asks first what is to be done', async ({ desk }) => {
  const { page } = desk;
  await page.goto(`/teach?sum=${sum('35 minutes before 10:15 am')}`);
  await expect(page.getByText('Are we adding or subtracting?')).toBeVisible();
  await desk.hasNoBarriers();
  await page.keyboard.press('+');
  await expect(page.getByText('Read it once more')).toBeVisible();
  await page.keyboard.press('-');
  await expect(page.getByText('Yes. A time earlier: the length is taken from it.')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('sum')).toContainText('10:15 a.m. − 35 min');
  await expect(page.getByTestId('place')).toHaveText('Step 1 of 4');
});

test('geared hands go over noon and midnight, by pointer and by key, and the day turns over', async ({ desk }) => {
  const { page } = desk;
  await open(page, '/teach?at=715');
  await expect(digits(page)).toHaveText('11:55 a.m.');
  await turn(page, 55, 65);
  await expect(digits(page)).toHaveText('12:05 p.m.');
  await turn(page, 5, -5);
  await expect(digits(page)).toHaveText('11:55 a.m.');
  await page.keyboard.press('Control+ArrowRight');
  await expect(digits(page)).toHaveText('12:55 p.m.');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(digits(page)).toHaveText('1:00 p.m.');
  await page.keyboard.press('ArrowLeft');
  await expect(digits(page)).toHaveText('12:59 p.m.');
  await open(page, '/teach?at=1438');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(digits(page)).toHaveText('12:00 a.m.');
  await expect(page.getByTestId('which-day')).toContainText('it is the next day');
  await page.keyboard.press('ArrowLeft');
  await expect(digits(page)).toHaveText('11:59 p.m.');
  await open(page, '/teach?at=3');
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByTestId('which-day')).toContainText('the day before');
  // the hour hand itself can be turned: thirty degrees are an hour
  await open(page, '/teach?at=180');
  const { x, y, r } = await clockOf(page);
  await page.mouse.move(x + r * 0.6, y);
  await page.mouse.down();
  for (let a = 0; a <= 30; a += 3) {
    await page.mouse.move(x + r * 0.6 * Math.cos((a * Math.PI) / 180), y + r * 0.6 * Math.sin((a * Math.PI) / 180));
  }
  await page.mouse.up();
  await expect(digits(page)).toHaveText('4:00 a.m.');
});

test('what is typed while the last is still being read stays, and is what counts', async ({ desk }) => {
  const { page } = desk;
  let letGo = () => {};
  const held = new Promise<void>((done) => {
    letGo = done;
  });
  await page.route('**/api/board/setting', async (route) => {
    if (route.request().postData()?.includes('15:50')) {
      await held;
    }
    await route.continue();
  });
  await open(page, '/teach');
  const field = page.getByLabel('A time, a length, or a way to go');
  await field.fill('15:50');
  await field.press('Enter');
  await field.fill('half past 8');
  await expect(digits(page)).not.toHaveText('3:50 p.m.');
  letGo();
  await expect(digits(page)).toHaveText('3:50 p.m.');
  await expect(field).toHaveValue('half past 8');
  await field.press('Enter');
  await expect(digits(page)).toHaveText('8:30');
  await expect(field).toHaveValue('');
});

test('what is typed sets the clock, has it gone along the day, and names what it says', async ({ desk }) => {
  const { page } = desk;
  await open(page, '/teach');
  const field = page.getByLabel('A time, a length, or a way to go');
  for (const [typed, shown, words] of [
    ['3:50 pm', '3:50 p.m.', 'ten to four'],
    ['15:50', '3:50 p.m.', 'ten to four'],
    ['half past 8', '8:30', 'half past eight'],
    ['twenty past seven in the morning', '7:20 a.m.', 'twenty past seven'],
  ] as const) {
    await field.fill(typed);
    await field.press('Enter');
    await expect(digits(page)).toHaveText(shown);
    await expect(page.getByTestId('words')).toContainText(words);
  }
  // each of its names is covered or shown by a key
  await page.locator('body').click({ position: { x: 5, y: 300 } });
  await page.keyboard.press('3');
  await expect(page.getByText('seven twenty')).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByTestId('by24')).toHaveText('07:20');
  await page.keyboard.press('1');
  await expect(page.getByTestId('words')).toHaveCount(0);
  await desk.hasNoBarriers();
  // hour by hour: three jumps, each landing with its half of the day; and one again by a key
  await open(page, '/teach?at=770');
  await field.fill('3 h earlier, hour by hour');
  await field.press('Enter');
  await expect(page.locator('[data-jump]')).toHaveCount(3);
  for (const landing of ['12:50 p.m.', '11:50 a.m.', '10:50 a.m.', '9:50 a.m.']) {
    await expect(page.locator('[data-day-way] text').filter({ hasText: landing }).first()).toBeVisible();
  }
  await page.locator('body').click({ position: { x: 5, y: 300 } });
  await page.keyboard.press('j');
  await expect(page.locator('[data-jump]')).toHaveCount(1);
  await desk.hasNoBarriers();
  // a length stands ready; two times stand on two faces; a month shows its page
  await field.fill('35 min');
  await field.press('Enter');
  await page.getByRole('button', { name: 'later', exact: true }).click();
  await expect(digits(page)).toHaveText('10:25 a.m.');
  await field.fill('3:50 pm and 4:20 pm');
  await field.press('Enter');
  await expect(digits(page)).toHaveText(['3:50 p.m.', '4:20 p.m.']);
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'How long is it?' }).click();
  await expect(page.getByTestId('sum')).toContainText('3:50 p.m. to 4:20 p.m.');
  await page.goto('/teach');
  await field.fill('October 2026');
  await field.press('Enter');
  await expect(page.getByRole('table', { name: 'October 2026' })).toBeVisible();
  await desk.hasNoBarriers();
  await field.fill('year 2027');
  await field.press('Enter');
  await expect(page.getByRole('table')).toHaveCount(12);
  // in the sum line, too; and a sum typed here goes to the board
  await open(page, '/teach');
  await desk.type('ten to four');
  await expect(digits(page)).toHaveText('3:50');
  await page.goto('/teach');
  await field.fill('2 h + 35 min');
  await field.press('Enter');
  await expect(page.getByTestId('sum')).toContainText('2 h + 35 min');
});

test('it runs, and stops where it is', async ({ desk }) => {
  const { page } = desk;
  await open(page, '/teach?at=615&face=minutes,arabic,digital,half,second');
  await page.getByRole('button', { name: 'Let it run' }).click();
  await expect(digits(page)).toHaveText(/^10:\d\d:(?!00)\d\d\sa\.m\.$/);
  await page.getByRole('button', { name: 'Stop' }).click();
  const stopped = await digits(page).textContent();
  const hand = await page.locator('[data-hand="minute"]').getAttribute('transform');
  // it goes on standing there: a look a little later is the same
  await expect(page.getByRole('button', { name: 'Let it run' })).toBeVisible();
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  await expect(digits(page)).toHaveText(stopped ?? '');
  await expect(page.locator('[data-hand="minute"]')).toHaveAttribute('transform', hand ?? '');
  expect(stopped).toMatch(/^10:\d\d:\d\d\sa\.m\.$/);
});

test('hands, digits, words and strip agree', async ({ desk }) => {
  const { page } = desk;
  for (const minute of [0, 1, 59, 60, 299, 415, 462, 719, 720, 721, 777, 1005, 1380, 1439]) {
    await open(page, `/teach?at=${minute}&face=fives,minutes,arabic,digital,half,words`);
    const time = LocalTime.ofSecondOfDay(minute * 60);
    const hour = time.hour() % 12 || 12;
    const half = time.hour() < 12 ? 'a.m.' : 'p.m.';
    await expect(digits(page)).toHaveText(`${hour}:${String(time.minute()).padStart(2, '0')} ${half}`);
    await expect.poll(async () => (await rotation(page, 'minute')) % 360).toBe(time.minute() * 6);
    await expect
      .poll(async () => (await rotation(page, 'hour')) % 360)
      .toBe((time.hour() % 12) * 30 + time.minute() / 2);
    await expect(page.getByTestId('words')).toContainText(
      time.minute() === 0 ? 'o’clock' : time.minute() > 30 ? ' to ' : ' past ',
    );
    // the clock hangs where its time is on the day
    const pin = await placeOf(page.locator('[data-day-way] circle'));
    const way = await placeOf(page.locator('[data-day-way]'));
    const share = (pin.x + pin.width / 2 - way.x) / way.width;
    expect(share).toBeCloseTo((24 + (1184 * minute) / 1440) / 1232, 2);
    expect(half).toMatch(/m\.$/);
  }
});

test('all models show the same moment, by step, by slider and by turning the hand', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}&hide=`);
  for (const [at, jumps] of [
    ['1:50', 0],
    ['2:00', 1],
    ['5:00', 2],
    ['5:20', 3],
  ] as const) {
    await expect(digits(page)).toHaveText(`${at} p.m.`);
    await expect(page.locator('[data-jump]')).toHaveCount(jumps);
    await expect(page.locator('svg[aria-label^="The day from"]')).toHaveAttribute(
      'aria-label',
      new RegExp(`${at} p.m.$`),
    );
    await page.keyboard.press('ArrowRight');
  }
  // back with the slider
  const slider = page.getByRole('slider', { name: 'Step' });
  const track = await placeOf(
    page.locator('span[role="slider"]').locator('xpath=ancestor::span[@data-orientation][last()]'),
  );
  await slider.hover();
  await page.mouse.down();
  await page.mouse.move(track.x + track.width * 0.25, track.y + track.height / 2, { steps: 12 });
  await page.mouse.up();
  await expect(digits(page)).toHaveText('2:00 p.m.');
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 5');
  // and by the hand: never beyond the start or the end of the sum
  await turn(page, 0, -40);
  await expect(digits(page)).toHaveText('1:50 p.m.');
  await expect(page.getByTestId('place')).toHaveText('Step 1 of 5');
});

test('anything can be hidden and shown, and the board comes back as it was', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('9:20 am to 1:05 pm')}`);
  await page.keyboard.press('End');
  await page.keyboard.press('h');
  await page.getByRole('menuitemcheckbox', { name: 'Jumps' }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Minutes' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Show jump 1' })).toBeVisible();
  await expect(page.getByText('40 min')).toHaveCount(0);
  await desk.hasNoBarriers();
  // by keyboard
  await page.getByRole('button', { name: 'Show jump 1' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('40 min')).toBeVisible();
  await page.reload();
  await expect(page.getByText('40 min')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Show jump 2' })).toBeVisible();
  await expect(page.getByTestId('place')).toHaveText('Step 6 of 6');
  await page.keyboard.press('h');
  await page.getByRole('menuitem', { name: 'Show everything' }).click();
  await expect(page.locator('[data-cover]')).toHaveCount(0);
  // a single thing by tapping it
  await page.keyboard.press('h');
  await page.getByRole('menuitemcheckbox', { name: 'Tap a thing to hide it' }).click();
  await page.getByRole('button', { name: 'Hide jump 2' }).click();
  await expect(page.getByRole('button', { name: 'Show jump 2' })).toBeVisible();
});

test('another like it, an easier, a harder one; a list got ready; and back through what was', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}`);
  const shown = page.getByTestId('sum');
  await expect(shown).toContainText('1:50 p.m. + 3 h 30 min');
  await page.waitForLoadState('networkidle');
  await page.keyboard.press('n');
  await expect(shown).not.toContainText('1:50 p.m. + 3 h 30 min');
  await expect(shown).toContainText(' h ');
  await expect(shown).toContainText(' + ');
  await page.goBack();
  await expect(shown).toContainText('1:50 p.m. + 3 h 30 min');
  await page.waitForLoadState('networkidle');
  await page.keyboard.press('u');
  await expect(shown).not.toContainText('1:50 p.m. + 3 h 30 min');
  await page.goBack();
  await expect(shown).toContainText('1:50 p.m. + 3 h 30 min');
  // two sums wait on the list
  for (const text of ['9 am to 4 pm', '4 x 45 min']) {
    await desk.sumLine.fill(text);
    await desk.sumLine.press('Shift+Enter');
  }
  await page.keyboard.press('Escape');
  await page.locator('h1').click();
  await page.keyboard.press('q');
  const list = page.getByRole('dialog', { name: 'Next up' });
  await expect(list.getByRole('button', { name: '9 am to 4 pm', exact: true })).toBeVisible();
  await expect(list.getByRole('button', { name: '1:50 p.m. + 3 h 30 min' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(page.locator('[data-model]').first()).toBeVisible();
  await page.keyboard.press('n');
  await expect(shown).toContainText('9:00 a.m. to 4:00 p.m.');
  await page.keyboard.press('n');
  await expect(shown).toContainText('4 × 45 min');
});

test('a sheet goes to the board, question by question', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/sheets');
  await page.getByRole('link', { name: /^The tide and the ferry \d/ }).click();
  await page.getByRole('link', { name: 'Sheet on the board' }).click();
  await expect(page.getByTestId('sum')).toContainText('6 h 10 min − 3 h 45 min');
  await page.keyboard.press('n');
  await expect(page.getByTestId('sum')).toContainText('1:50 p.m. + 3 h 30 min');
});

test('the class makes its own jumps, drawn out, chosen or typed, and takes one back', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('9:20 am to 1:05 pm')}&show=line`);
  await page.keyboard.press('j');
  const soFar = page.getByTestId('so-far');
  await page.getByRole('button', { name: '+ 30 min' }).click();
  await page.getByRole('button', { name: '+ 10 min' }).click();
  await expect(soFar).toHaveText('So far 40 min: 10:00');
  const line = await placeOf(page.getByTestId('own-line'));
  await page.mouse.move(line.x + 200, line.y + 100);
  await page.mouse.down();
  await page.mouse.move(line.x + 200 + 12 * 9, line.y + 100, { steps: 10 });
  await page.mouse.up();
  await expect(soFar).toHaveText('So far 1 h 40 min: 11:00');
  await page.getByLabel('Length of the jump in minutes').fill('125');
  await page.keyboard.press('Enter');
  await expect(soFar).toHaveText('So far 3 h 45 min: 1:05. That is the end.');
  await page.reload();
  await expect(soFar).toContainText('So far 3 h 45 min');
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(soFar).toHaveText('So far 1 h 40 min: 11:00');
  await page.keyboard.press('Backspace');
  await expect(soFar).toHaveText('So far 40 min: 10:00');
});

test('the method of the class comes first from now on', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('2 h 30 min + 1 h 15 min')}`);
  await page.keyboard.press('m');
  await page.keyboard.press('o');
  await expect(page.getByRole('menuitemradio', { name: 'Columns' })).toBeChecked();
  await desk.hasNoBarriers('[role=menu]');
  await page.getByRole('menuitemcheckbox', { name: /usual method for adding lengths/ }).click();
  await expect(page.getByText('This is now Kittiwakes’ usual method for adding lengths.').first()).toBeVisible();
  await open(page, `/teach?sum=${sum('1 h 10 min + 1 h 20 min')}`);
  await page.keyboard.press('o');
  await expect(page.getByRole('menuitemradio', { name: /^Columns/ })).toBeChecked();
  await page.getByRole('menuitemcheckbox', { name: /usual method/ }).click();
  await expect(page.getByText(/comes first again/).first()).toBeVisible();
});

test('a board left in full screen comes back so at the first press; one that left it by hand does not', async ({
  desk,
}) => {
  const { page } = desk;
  const full = () => page.evaluate(() => document.fullscreenElement !== null);
  const address = `/teach?sum=${sum('1:50 pm + 3 h 30 min')}`;
  await open(page, address);
  await page.keyboard.press('f');
  await expect.poll(full).toBe(true);
  await open(page, address);
  await expect.poll(full).toBe(false);
  await page.keyboard.press('ArrowRight');
  await expect.poll(full).toBe(true);
  await page.evaluate(() => document.exitFullscreen());
  await expect.poll(full).toBe(false);
  await open(page, address);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('place')).toContainText('2 of');
  expect(await full()).toBe(false);
});

test('every model, light and dark, without barriers; a line upright; no mouse needed', async ({ desk }) => {
  const { page } = desk;
  for (const [text, show] of [
    ['1:50 pm + 3 h 30 min', 'clock,line'],
    ['1:50 pm + 3 h 30 min', 'line,columns'],
    ['1:50 pm + 3 h 30 min', 'day,written'],
    ['3 days ? 70 h', 'table'],
    ['6 h 10 min - 3 h 45 min', 'columns'],
  ] as const) {
    await page.goto(`/teach?sum=${sum(text)}&show=${show}&step=2`);
    await expect(page.locator('[data-model]')).toHaveCount(show.split(',').length);
    await desk.hasNoBarriers();
    await page.keyboard.press('d');
    await expect(page.locator('html')).toHaveAttribute('data-dark');
    await desk.hasNoBarriers();
    await page.keyboard.press('d');
    await expect(page.locator('html')).not.toHaveAttribute('data-dark');
  }
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}&show=line&step=3`);
  await page.keyboard.press('v');
  await expect(page.getByRole('group', { name: /^Number line/ })).toHaveAttribute('viewBox', '0 0 400 470');
  await page.keyboard.press('c');
  await expect(page.locator('[data-model="clock"]')).toBeVisible();
  await page.keyboard.press('l');
  await expect(page.locator('[data-model="line"]')).toHaveCount(0);
  await page.locator('body').press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('show the next hidden thing');
  await page.keyboard.press('Escape');
  for (const path of [
    '/teach',
    '/teach/clock?task=set',
    '/teach/clock?task=say',
    '/teach/clock?task=fives',
    '/teach/day?pins=3@500.0@1190',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('group', { name: 'Controls of the board' })).toBeVisible();
    await desk.hasNoBarriers();
    for (const width of [768, 640]) {
      await page.setViewportSize({ width, height: 1000 });
      await fitsAcross(page, `${path} at ${width}`);
    }
    await page.setViewportSize({ width: 1280, height: 800 });
  }
});

test('without a connection the board goes on, and says so', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}&hide=`);
  await page.waitForLoadState('networkidle');
  await page.context().setOffline(true);
  await expect(page.getByText('No connection. What is on the board goes on working.')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(digits(page)).toHaveText('2:00 p.m.');
  await page.keyboard.press('k');
  await expect(page.locator('[data-model="columns"]')).toBeVisible();
  // the next one like it is here already
  const before = await page.getByTestId('sum').textContent();
  await page.keyboard.press('n');
  await expect(page.getByTestId('sum')).not.toHaveText(before ?? '');
  await page.context().setOffline(false);
  await expect(page.getByText('No connection. What is on the board goes on working.')).toHaveCount(0);
});

test('by touch, on a tablet', async ({ browser, signedIn, baseURL }) => {
  const context = await browser.newContext({
    ...devices['iPad (gen 7)'],
    storageState: signedIn,
    baseURL: baseURL ?? '',
  });
  const page = await context.newPage();
  await open(page, '/teach?at=720');
  const { x, y, r } = await clockOf(page);
  const client = await context.newCDPSession(page);
  const touch = async (type: 'touchStart' | 'touchMove' | 'touchEnd', minute: number) => {
    const a = (minute * Math.PI) / 30;
    await client.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x: x + r * Math.sin(a), y: y - r * Math.cos(a) }],
    });
  };
  await touch('touchStart', 0);
  for (let m = 1; m <= 20; m += 1) {
    await touch('touchMove', m);
  }
  await touch('touchEnd', 20);
  await expect(digits(page)).toHaveText('12:20 p.m.');
  await page.goto(`/teach?sum=${sum('10:15 am - 35 min')}`);
  await page.getByRole('button', { name: 'Next step' }).tap();
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 4');
  for (const button of await page.getByRole('group', { name: 'Controls of the board' }).getByRole('button').all()) {
    expect((await placeOf(button)).height).toBeGreaterThanOrEqual(44);
  }
  await new Desk(page).hasNoBarriers();
  await context.close();
});

test('the line of the day stands upright, too: what is pinned there is the same time, and both are printed', async ({
  desk,
}) => {
  const { page } = desk;
  await page.goto('/teach/day?pins=-1@540');
  const line = page.getByTestId('day-line').locator('[data-day-line]');
  await expect(line).toBeVisible();
  await page.keyboard.press('v');
  await expect(
    page.getByRole('img', { name: 'The day upright, from midnight to midnight, with A 9:00 a.m.' }),
  ).toBeVisible();
  const box = await placeOf(line);
  expect(box.height).toBeGreaterThan(8 * box.width);
  // three quarters of the way down is six in the evening
  await page.getByRole('button', { name: 'Going to sleep' }).click();
  await page.mouse.click(box.x + 4, box.y + 0.75 * box.height);
  await expect(page.getByRole('list', { name: 'On the day' })).toContainText('Going to sleep: 6:00 p.m.');
  await page.getByRole('slider', { name: 'Going to sleep' }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('list', { name: 'On the day' })).toContainText('6:05 p.m.');
  await desk.hasNoBarriers();
  await page.getByRole('heading', { name: 'When does it happen?' }).click();
  await page.keyboard.press('v');
  await expect(
    page.getByRole('img', { name: /^The day from midnight to midnight, with A 9:00\sa.m. and B 6:05\sp.m./ }),
  ).toBeVisible();
  for (const upright of ['', '&upright=1']) {
    const paper = await page.request.get(`/print/day-line.pdf?paper=letter${upright}`);
    expect(paper.status()).toBe(200);
    expect((await paper.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
});
