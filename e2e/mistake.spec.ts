import { expect, test } from './desk.js';

test('what might go wrong with a sum, and what a child’s answer may come from', async ({ desk }) => {
  const { page } = desk;
  await desk.type('2 h 30 min + 4 h 45 min');
  await expect(desk.answer).toHaveText('7 h 15 min');
  await page.keyboard.press('Enter');
  await page.keyboard.press('w');
  const likely = page.getByRole('region', { name: 'Likely wrong answers' });
  await expect(likely.getByRole('row', { name: /6 h 15 min.*may be taking the 60 minutes away/ })).toBeVisible();
  await expect(likely.getByRole('row', { name: /14 h 5 min/ })).toHaveCount(0);
  await desk.hasNoBarriers();
  const field = page.getByLabel('What did the child write?');
  const reading = page.getByTestId('reading');
  for (const [written, said] of [
    ['6 h 15', 'The child may be taking the 60 minutes away and forgetting the hour they make.'],
    ['7h15', 'Right.'],
    ['435 min', 'Right, but not in the usual form.'],
    ['7:15', 'a unit, or the half of the day, is missing'],
    ['8 h 15', 'may be a slip'],
    ['9 h 33', 'No usual mistake leads to this answer.'],
    ['', 'Nothing is written.'],
    ['bananas', 'This cannot be read as an answer.'],
  ] as const) {
    await field.fill(written);
    await field.press('Enter');
    await expect(reading).toContainText(said);
  }
  await desk.hasNoBarriers();
  await expect(page.getByText('A hint for a conversation with the child')).toBeVisible();
  // the address holds the place
  await page.reload();
  await expect(likely.getByRole('row').first()).toBeVisible();
  await page.locator('h1').click();
  await page.keyboard.press('w');
  await expect(likely).toHaveCount(0);
  await expect(page.getByTestId('say')).toBeVisible();
});

test('four sums that tell the mistakes apart go on a sheet', async ({ desk }) => {
  const { page } = desk;
  await desk.type('6 h 10 min - 3 h 45 min');
  await expect(desk.answer).toBeVisible();
  await page.keyboard.press('Enter');
  await page.getByRole('tab', { name: 'Common mistakes' }).click();
  await page.getByRole('button', { name: 'Add four questions that show which' }).click();
  await expect(
    page.getByText(/4 sums are on the sheet. They tell \d+ of 21 pairs of mistakes apart/).first(),
  ).toBeVisible();
  await expect(desk.questions).toHaveCount(4);
});

test('a sum in which no usual mistake shows says so', async ({ desk }) => {
  const { page } = desk;
  await desk.type('45 min / 3');
  await expect(desk.answer).toBeVisible();
  await page.keyboard.press('Enter');
  await page.keyboard.press('w');
  await expect(page.getByText('No usual mistake shows in this sum.')).toBeVisible();
});
