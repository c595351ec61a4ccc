import { expect, placeOf, test } from './desk.js';

const csv = 'Stop,1,2,3\nOmbrel Quay,09:40,10:55,12:10\nLittle Sand,09:52,-,12:22\nFell Harbour,10:19,11:28,12:56\n';

test('a timetable is read before the class: where to look, step by step, with times covered', async ({
  desk,
  page,
}) => {
  await page.goto('/timetables?table=pintail-summer-out&kind=how-long');
  await expect(page.getByTestId('question')).toContainText('How long does the');
  const table = page.getByRole('region', { name: /^Timetable:/ });
  await expect(table.locator('[data-found]')).toHaveCount(0);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('say')).toContainText('that is the column');
  await expect(table.locator('[data-found]')).toHaveCount(1);
  await expect(table.locator('[data-found]')).toBeInViewport();
  await page.keyboard.press('ArrowRight');
  await expect(table.locator('[data-found]')).toHaveCount(2);
  await page.keyboard.press('a');
  await expect(page.getByTestId('answer')).toContainText(/h|min/);
  await page.getByText('Common mistakes').click();
  await expect(page.getByText(/whoever writes it may/).first()).toBeVisible();
  await desk.hasNoBarriers();
  // the next question hides it again
  await page.keyboard.press('n');
  await expect(page.getByTestId('answer')).toHaveCount(0);
  await page.keyboard.press('h');
  await page.getByRole('button', { name: 'Cover the time at Little Sand, column 1', exact: true }).click();
  await page.keyboard.press('h');
  await expect(table).not.toContainText('07:22');
  await page.getByRole('button', { name: 'Show the time at Little Sand, column 1', exact: true }).click();
  await expect(table).toContainText('07:22');
});

test('on the board a timetable has the whole width, and says how much lies beyond its edge', async ({ desk, page }) => {
  await page.goto('/timetables?table=pintail-summer-out&level=stretch');
  await page.getByRole('link', { name: 'On the board' }).click();
  const table = page.getByRole('region', { name: /^Timetable:/ });
  await expect(table).toBeVisible();
  await expect.poll(async () => (await placeOf(table)).width).toBeGreaterThan(1200);
  const beyond = page.getByRole('button', { name: /^\d+ more →$/ });
  await expect(beyond).toBeVisible();
  // as many as are not wholly seen, counted from outside
  const cut = () =>
    table.evaluate((box) => {
      const edge = box.getBoundingClientRect().right + 1;
      return Array.from(box.querySelectorAll('tbody tr:first-child td')).filter(
        (one) => one.getBoundingClientRect().right > edge,
      ).length;
    });
  await expect(async () => {
    await expect(beyond).toHaveText(`${await cut()} more →`, { timeout: 300 });
  }).toPass();
  await beyond.click();
  await expect(page.getByRole('button', { name: /^← \d+ earlier$/ })).toBeVisible();
  await expect(beyond).toHaveCount(0);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(table.locator('[data-found]').first()).toBeInViewport();
  await page.keyboard.press('a');
  await expect(page.getByTestId('answer')).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('link', { name: 'Take the timetable off the board' }).click();
  await expect(page).toHaveURL(/\/timetables\?.*table=pintail-summer-out/);
});

test('a timetable is brought in, refused with its faults, mended, asked about, removed and brought back', async ({
  desk,
  page,
}) => {
  await page.goto('/timetables');
  await page.getByRole('button', { name: 'Add a timetable' }).click();
  const text = page.getByLabel(/or the table itself/);
  await text.fill(csv.replace('10:19', 'soon'));
  await page.getByLabel('Its name').fill('Boats on a chart');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('line 4: "soon" in column 2 is no time');
  await expect(text).toHaveValue(/soon/);
  await desk.hasNoBarriers();
  await text.fill(csv);
  await page.getByLabel('It is about').selectOption('boat');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByLabel('Timetable', { exact: true })).toContainText('Boats on a chart');
  await expect(page.getByRole('region', { name: 'Timetable: Boats on a chart' })).toContainText('12:22');
  await expect(page.getByTestId('question')).toContainText('boat');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export CSV' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('Boats on a chart.csv');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('region', { name: /^Timetable: The Pintail/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Timetable', { exact: true })).toContainText('Boats on a chart');
});

test('a day is completed at three levels: on the screen, on sheets, on paper', async ({ desk, page }) => {
  await page.goto(`/timetables?table=${encodeURIComponent('day:Boat shed day')}&level=support`);
  const table = page.getByRole('region', { name: 'Table: Boat shed day' });
  await expect(table.getByRole('button', { name: /^Show the end of/ })).toHaveCount(6);
  await page.keyboard.press('ArrowRight');
  await expect(table.getByRole('button', { name: /^Hide the end of/ })).toHaveCount(1);
  await desk.hasNoBarriers();
  await page.getByRole('radio', { name: 'Stretch' }).click();
  await expect(table).toContainText('straight after');
  await page.getByRole('button', { name: 'Sheets at three levels' }).click();
  await expect(page).toHaveURL(/\/sheets$/);
  for (const level of ['support', 'core', 'stretch']) {
    await expect(page.getByText(`Boat shed day (${level})`)).toBeVisible();
  }
  await page.goto(`/timetables?table=${encodeURIComponent('day:School day')}&level=stretch`);
  await page.getByRole('button', { name: 'Put it on a sheet' }).click();
  await expect(page).toHaveURL(/\/prepare\?sheet=/);
  await page.getByRole('link', { name: /Print/ }).click();
  await expect(desk.paper.getByRole('columnheader', { name: 'length' })).toBeVisible();
  await expect(desk.paper.getByRole('cell', { name: 'straight after' })).toBeVisible();
  // the same day told, and put in order by hand
  await page.goto(`/timetables?table=${encodeURIComponent('day:School day')}&level=core&task=told`);
  const order = page.getByRole('list', { name: 'In order' });
  const first = await order.getByRole('listitem').first().innerText();
  await page
    .getByRole('button', { name: /later$/ })
    .first()
    .click();
  await expect(order.getByRole('listitem').nth(1)).toContainText(first.split('\n').at(-1) ?? '');
  await page.getByRole('button', { name: 'Is that right?' }).click();
  await expect(page.getByTestId('in-place')).toContainText('of 5');
  await desk.hasNoBarriers();
  await page.keyboard.press('a');
  await expect(page.getByTestId('in-place')).toContainText('That is the order of the day.');
});

test('questions about a timetable go on sheets, on the board from there, on paper, and into copies', async ({
  desk,
  page,
}) => {
  await page.goto('/timetables?table=pintail-summer-out&level=core&seed=3');
  const first = await page.getByTestId('question').innerText();
  await page.getByRole('button', { name: 'Sheets at three levels' }).click();
  await expect(page).toHaveURL(/\/prepare\?sheet=/);
  await page.getByRole('navigation', { name: 'Levels of this sheet' }).getByRole('link', { name: 'Core' }).click();
  const question = page.getByRole('button', { name: /^Question 1:/ });
  await expect(question).toContainText(first.replaceAll(/\s+/g, ' ').slice(0, 40));
  await desk.hasNoBarriers();
  await question.click();
  await expect(page).toHaveURL(/\/teach\/timetable\?sheet=/);
  await expect(page.getByTestId('question')).toHaveText(first);
  await page.keyboard.press('a');
  await expect(page.getByTestId('answer')).not.toBeEmpty();
  await desk.hasNoBarriers();
  await page.getByRole('link', { name: 'Back to the sheet' }).click();
  await page.getByRole('link', { name: /Print/ }).click();
  await expect(desk.paper.getByRole('rowheader', { name: 'Cormorant Steps' }).first()).toBeVisible();
  await expect(desk.paper.getByText('How long').first()).toBeVisible();
  await page.getByRole('radio', { name: 'the same questions, other times in the timetable' }).check();
  await page.getByRole('button', { name: 'Make these versions' }).click();
  await expect(page.getByRole('button', { name: /^2 copies/ })).toBeVisible();
  await expect(desk.paper.locator('.child .code')).toHaveCount(2);
  const tables = await desk.paper.locator('.timetable').allInnerTexts();
  expect(new Set(tables).size).toBe(2);
});
