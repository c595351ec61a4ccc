import { expect, placeOf, test } from './desk.js';

test('setting the hands, saying the time, counting in fives', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/teach/clock?task=set&times=five&seed=3');
  const verdict = page.getByTestId('verdict');
  const wanted = (await page.getByTestId('wanted').textContent()) ?? '';
  const [hour = 0, minute = 0] = wanted.split(':').map(Number);
  await page.keyboard.press('Enter');
  await expect(verdict).not.toHaveText('Set both hands.');
  await page.keyboard.press('m');
  // from five to five, as the times are
  for (let i = 0; i < minute / 5; i += 1) {
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('h');
  for (let i = 0; i < Math.round(((hour % 12) * 30 + minute / 2) / 7.5); i += 1) {
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('Enter');
  await expect(verdict).toHaveText(`Yes: ${wanted}.`);
  await page.keyboard.press('n');
  await expect(page.getByTestId('wanted')).not.toHaveText(wanted);

  await page.goto('/teach/clock?task=say&seed=3');
  await expect(page.getByTestId('told')).toBeEmpty();
  await page.keyboard.press('a');
  await expect(page.getByTestId('told')).toContainText(':');

  // a list out of the book is the class's own, for both
  await page.goto('/teach/clock?task=say');
  await page.getByRole('radio', { name: 'Our own' }).click();
  const list = page.getByRole('dialog', { name: 'Times for Kittiwakes' });
  await list.getByLabel('One to a line').fill('3:50\nlunch');
  await list.getByRole('button', { name: 'Save' }).click();
  await expect(list.getByRole('alert')).toContainText('“lunch” is no time that a clock shows.');
  await list.getByLabel('One to a line').fill('3:50\ntwelve minutes to one');
  await list.getByRole('button', { name: 'Save' }).click();
  await expect(list).toBeHidden();
  await page.getByRole('heading', { name: 'What time is it?' }).click();
  await page.keyboard.press('a');
  await expect(page.getByTestId('told')).toContainText('three fifty');
  await page.keyboard.press('n');
  await expect(page.getByTestId('told')).toBeEmpty();
  await page.keyboard.press('a');
  await expect(page.getByTestId('told')).toContainText('12:48');
  await page.getByRole('radio', { name: 'Set the hands' }).click();
  // away from the choice, whose keys are its own
  await page.getByTestId('wanted').click();
  await page.keyboard.press('w');
  await expect(page.getByTestId('wanted')).toHaveText('twelve minutes to one');
  // the hour hand is where it belongs: the hint counts back from the top, and tells no digits
  await page.keyboard.press('h');
  for (let i = 0; i < 3; i += 1) {
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('Enter');
  await expect(verdict).toContainText('Count back from the top with the minute hand: 5, 10, 11, 12.');
  await desk.hasNoBarriers();

  await page.goto('/teach/clock?task=fives');
  const count = page.getByTestId('count');
  await expect(count).toHaveText('0');
  await page.keyboard.press('p');
  await expect(count).toHaveText('5');
  await page.keyboard.press('p');
  await page.keyboard.press('h');
  await expect(count).toHaveText('');
  await page.keyboard.press('h');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('b');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('back to 0')).toBeVisible();
});

test('activities are pinned on the day, moved by key, and some fit both halves', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/teach/day');
  await page.getByRole('button', { name: 'The tide covers the causeway' }).click();
  const line = await placeOf(page.locator('[data-day-line]'));
  await page.mouse.click(line.x + line.width / 4, line.y + line.height / 2);
  const pin = page.getByRole('slider', { name: 'The tide covers the causeway' });
  await expect(pin).toHaveAttribute('aria-valuetext', '6:00 a.m.');
  await expect(page.getByTestId('talk')).toContainText('Fits both a.m. and p.m.');
  await pin.focus();
  await page.keyboard.press('PageDown');
  await page.keyboard.press('ArrowRight');
  await expect(pin).toHaveAttribute('aria-valuetext', '5:05 a.m.');
  await page.reload();
  await expect(pin).toHaveAttribute('aria-valuetext', '5:05 a.m.');
  await page.getByRole('button', { name: /^Remove The tide/ }).click();
  await expect(pin).toHaveCount(0);
});
