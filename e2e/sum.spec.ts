import { Duration, LocalTime } from '@js-joda/core';
import { expect, fitsAcross, test } from './desk.js';

const sums: [string, string, string?][] = [
  ['3 h 40 min + 2 h 45 min', '6 h 25 min'],
  ['4 h 5 min - 3 h 25 min', '40 min'],
  ['1:50 pm + 3½ hours', '5:20 p.m.'],
  ['10:15 am - 35 min', '9:40 a.m.'],
  ['9 in the morning to 4 in the afternoon', '7 h'],
  ['9:20 pm to half past 10 at night', '1 h 10 min'],
  ['22:50 to 06:15', '7 h 25 min', 'This goes over midnight: the end is on the next day.'],
];

for (const [sum, answer, note] of sums) {
  test(`${sum} is ${answer}`, async ({ desk }) => {
    await desk.type(sum);
    await expect(desk.answer).toHaveText(answer);
    if (note) {
      await expect(desk.page.getByTestId('note')).toHaveText(note);
    } else {
      await expect(desk.page.getByTestId('note')).toHaveCount(0);
    }
  });
}

for (const [sum, solved] of [
  ['105 min in h min', '105 min = 1 h 45 min'],
  ['3 days ? 70 h', '3 days > 70 h'],
  ['_ + 45 min = 10:20 am', '9:35 a.m. + 45 min = 10:20 a.m.'],
  ['order 7:40 am, 7 pm, 7 am', 'in order: 7:00 a.m., 7:40 a.m., 7:00 p.m.'],
  ['1:20 pm as 24h', '1:20 p.m. is 13:20'],
] as const) {
  test(`${sum} becomes ${solved}, step by step`, async ({ desk }) => {
    await desk.type(sum);
    await expect(desk.page.getByTestId('solved')).toHaveText(solved);
    await desk.page.keyboard.press('Enter');
    await desk.page.keyboard.press('End');
    await desk.hasNoBarriers();
  });
}

test('answers on the screen agree with js-joda', async ({ desk }) => {
  for (const [start, minutes] of [
    ['08:47', 95],
    ['13:20', 205],
    ['21:05', 170],
  ] as const) {
    await desk.sumLine.fill(`${start} + ${minutes} min`);
    await expect(desk.answer).toHaveText(LocalTime.parse(start).plusMinutes(minutes).toString());
  }
  await desk.sumLine.fill('09:35 to 16:10');
  const length = Duration.between(LocalTime.parse('09:35'), LocalTime.parse('16:10'));
  await expect(desk.answer).toHaveText(`${length.toHours()} h ${length.toMinutes() % 60} min`);
});

test('stepping by keyboard, in two methods, with what changed', async ({ desk }) => {
  const { page } = desk;
  const say = page.getByTestId('say');
  await desk.type('1:50 pm + 3 h 30 min');
  await expect(desk.answer).toHaveText('5:20 p.m.');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('place')).toHaveText('Step 1 of 5');
  await expect(say).toHaveText('Start at 1:50 p.m.');
  await page.keyboard.press('ArrowRight');
  await expect(say).toHaveText('Add 10 min to get to the o’clock: 2:00 p.m. 3 h 20 min left to add.');
  await expect(page.locator('[data-jump]')).toHaveCount(1);
  await expect(page.getByTestId('changed')).toContainText('hour 1 → 2');
  await expect(page.getByTestId('changed')).toContainText('minutes 50 → 00');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('changed')).toContainText('(whole hours bring the minute hand back)');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 5');
  await page.keyboard.press('End');
  await expect(page.locator('[data-jump]')).toHaveCount(3);
  await expect(page.locator('[data-point]')).toHaveCount(4);
  await expect(say).toContainText('The answer is 5:20 p.m.');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('place')).toHaveText('Step 5 of 5');

  await page.keyboard.press('4');
  await expect(page.getByRole('tab', { name: 'Columns' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByTestId('place')).toHaveText('Step 1 of 5');
  await page.keyboard.press('End');
  await expect(say).toHaveText('17:20 is 5:20 p.m.');
  await page.keyboard.press('Home');
  await expect(page.getByTestId('place')).toHaveText('Step 1 of 5');

  // the address holds it: reload, and go back to it from elsewhere
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 5');
  await page.reload();
  await expect(page.getByRole('tab', { name: 'Columns' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 5');
  await page.getByRole('link', { name: 'Sheets', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sheets' })).toBeVisible();
  await page.goBack();
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 5');
});

test('playing through goes to the end by itself and can be stopped', async ({ desk }) => {
  const { page } = desk;
  await page.clock.install();
  await desk.sumLine.fill('9:35 am to 11:35 am');
  // what is typed is looked at when it has stood for a moment, however long the screen takes to notice
  await expect(async () => {
    await page.clock.runFor(500);
    await expect(desk.answer).toHaveText('2 h', { timeout: 500 });
  }).toPass();
  await desk.sumLine.blur();
  await page.keyboard.press('p');
  await page.clock.runFor(2300);
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 3');
  await page.keyboard.press('p');
  await page.clock.runFor(5000);
  await expect(page.getByTestId('place')).toHaveText('Step 2 of 3');
  await page.keyboard.press('p');
  await page.clock.runFor(5000);
  await expect(page.getByTestId('place')).toHaveText('Step 3 of 3');
});

test('what is typed is never lost or changed while it is typed fast', async ({ desk }) => {
  await desk.page.keyboard.press('/');
  await desk.page.keyboard.type('one fifty pm + three and a half hours');
  await expect(desk.sumLine).toHaveValue('one fifty pm + three and a half hours');
  await expect(desk.answer).toHaveText('5:20 p.m.');
  await desk.page.reload();
  await expect(desk.sumLine).toHaveValue('one fifty pm + three and a half hours');
});

test('input that is no sum is answered kindly, with one that works, and stays', async ({ desk }) => {
  const { page } = desk;
  await desk.type('1:50 pm + bananas');
  await expect(page.locator('#sum-problem')).toContainText('“bananas” was not understood.');
  await expect(desk.sumLine).toHaveValue('1:50 pm + bananas');
  await expect(desk.sumLine).toHaveAttribute('aria-invalid', 'true');
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: '1:50 pm + 20 min' }).click();
  await expect(desk.answer).toHaveText('2:10 p.m.');
  await expect(page.locator('#sum-problem')).toHaveCount(0);
  await desk.sumLine.fill('13:30 pm + 5 min');
  await expect(page.locator('#sum-problem')).toContainText('13:30 is already a 24-hour time');
});

test('a time by itself is shown on the clock, with what it is called in every way', async ({ desk }) => {
  const { page } = desk;
  for (const [typed, words, digits, aloud, by24] of [
    ['what time is half past 8', 'half past eight', '8:30', 'eight thirty', '08:30 or 20:30'],
    ['15:50', 'ten to four in the afternoon', '3:50 p.m.', 'three fifty', '15:50'],
    ['quarter to 6 in the morning', 'quarter to six in the morning', '5:45 a.m.', 'five forty-five', '05:45'],
  ] as const) {
    await desk.sumLine.fill(typed);
    const time = page.getByRole('region', { name: 'A time' });
    await expect(time).toContainText(words);
    await expect(time).toContainText(digits);
    await expect(time).toContainText(aloud);
    await expect(time).toContainText(by24);
  }
  await desk.hasNoBarriers();
  // a sum takes its place
  await desk.sumLine.fill('15:50 + 20 min');
  await expect(page.getByTestId('sum')).toContainText('16:10');
  await expect(page.getByRole('region', { name: 'A time' })).toHaveCount(0);
});

test('where a.m. or p.m. matters, both readings are offered', async ({ desk }) => {
  const { page } = desk;
  await desk.type('9:15 am to 11:40');
  await expect(page.getByTestId('sum')).toContainText('11:40');
  await expect(page.getByText('Which do you mean?')).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: /if the end is p\.m\./ }).click();
  await expect(desk.answer).toHaveText('14 h 25 min');
  await expect(desk.sumLine).toHaveValue('9:15 a.m. to 11:40 p.m.');
});

test('a lost connection while typing: it says so, keeps the text, and goes on by itself', async ({ desk }) => {
  const { page } = desk;
  await page.context().setOffline(true);
  await desk.type('10:15 am - 35 min');
  await expect(page.locator('#sum-problem')).toContainText('No connection');
  await expect(desk.sumLine).toHaveValue('10:15 am - 35 min');
  await page.context().setOffline(false);
  await expect(desk.answer).toHaveText('9:40 a.m.', { timeout: 15_000 });
  await expect(page.locator('#sum-problem')).toHaveCount(0);
});

test('the list of keys opens by key and closes again', async ({ desk }) => {
  await desk.page.locator('body').press('?');
  await expect(desk.page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await desk.hasNoBarriers();
  await desk.page.keyboard.press('Escape');
  await expect(desk.page.getByRole('dialog')).toHaveCount(0);
});

test('no barriers on the working screen, in both models, also narrow and at double size', async ({ desk }) => {
  const { page } = desk;
  await desk.hasNoBarriers();
  await desk.type('1:50 pm + 3 h 30 min');
  await page.keyboard.press('Enter');
  await expect(desk.answer).toBeVisible();
  await page.keyboard.press('End');
  await desk.hasNoBarriers();
  await page.keyboard.press('2');
  await page.keyboard.press('End');
  await desk.hasNoBarriers();
  for (const width of [768, 640]) {
    await page.setViewportSize({ width, height: 900 });
    await fitsAcross(page);
    await desk.hasNoBarriers();
  }
});
