import { execFileSync } from 'node:child_process';
import { expect, test } from './desk.js';

test('from an aim to three sheets in under a minute, changed, locked, drawn anew, printed', async ({ desk }, info) => {
  const { page } = desk;
  await page.goto('/sheets');
  await page.getByRole('link', { name: 'Make a sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Make a sheet' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByLabel('Title').fill('The causeway');
  await page.getByRole('button', { name: 'More: I can take an hour and write it as 60 minutes.' }).click();
  await page.getByText('Numbers', { exact: true }).click();
  await page.locator('[aria-label="Regroup"]').getByText('must', { exact: true }).click();
  await page.getByRole('button', { name: 'Make 3 sheets' }).click();
  await expect(page.getByText('3 sheets are made.').first()).toBeVisible();
  // the first question stands worked beside the sheet, and each level is one tap away
  await expect(desk.answer).toBeVisible();
  const levels = page.getByRole('navigation', { name: 'Levels of this sheet' });
  for (const level of ['stretch', 'core', 'support']) {
    await levels.getByRole('link', { name: level }).click();
    await expect(levels.getByRole('link', { name: level })).toHaveAttribute('aria-current', 'page');
    await expect(desk.questions).toHaveCount(6);
  }
  const texts = () =>
    desk.questions
      .getByRole('button', { name: /Show it worked/ })
      .evaluateAll((all) => all.map((one) => (one.getAttribute('aria-label') ?? '').replace(/^Question \d+: /, '')));
  await expect.poll(async () => (await texts()).length).toBe(6);
  const before = await texts();

  // keep the first, and draw the others anew
  await desk.more('question 1', 'Keep these numbers');
  await page.getByRole('button', { name: 'New numbers for the open ones' }).click();
  await expect.poll(async () => (await texts())[1]).not.toBe(before[1]);
  await desk.saved();
  const after = await texts();
  expect(after[0]).toBe(before[0]);
  expect(after.slice(1).filter((one) => before.includes(one))).toEqual([]);
  // undo brings them back
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect.poll(texts).toEqual(before);
  // another for one alone
  await desk.more('question 3', 'New numbers');
  await expect.poll(async () => (await texts())[2]).not.toBe(before[2]);
  await expect.poll(async () => (await texts())[3]).toBe(before[3]);

  // a question in words, and one that is as hard as it should not be
  await desk.more('question 2', 'Change');
  await page.getByLabel('Question 2', { exact: true }).fill('9:21 am to 1:05 pm');
  await page
    .getByLabel('Question 2 in words')
    .fill('The Pintail is at sea from 9:21 a.m. to 1:05 p.m. How long is that?');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The Pintail is at sea')).toBeVisible();
  await desk.saved();
  await expect(page.getByTestId('warning')).toHaveText('Harder than the rest of a support sheet.');
  await desk.hasNoBarriers();
  await page.reload();
  await expect(desk.questions.first().getByText('these numbers stay')).toBeVisible();
  await expect(page.getByText('The Pintail is at sea')).toBeVisible();

  // the paper: with boxes to fill, a worked example, and a key that is worked
  await page.getByRole('link', { name: 'Print…' }).click();
  const { paper } = desk;
  await expect(paper.getByText('This is how:')).toBeVisible();
  await expect(paper.getByRole('img', { name: 'Columns to work in' }).first()).toBeVisible();
  await expect(paper.getByText('The Pintail is at sea').first()).toBeVisible();
  await page.getByLabel('Answers', { exact: true }).selectOption('choice');
  await expect(paper.locator('.choices').first()).toBeVisible();
  await expect(paper.getByText('Circle one.').first()).toBeVisible();
  await page.getByLabel('Instruction').fill('Look at the minutes first.');
  await expect(paper.getByText('Look at the minutes first.')).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByLabel('Print', { exact: true }).selectOption('worked');
  await expect(paper.getByRole('img', { name: /worked$/ }).first()).toBeVisible();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const file = info.outputPath('key.pdf');
  await (await coming).saveAs(file);
  expect(execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' })).toMatch(/The gap|write it as 60 min/);
});

test('a list is pasted, refused line by line, mended, and kept as a file that reads back', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/sheets');
  await page.getByRole('button', { name: 'Import a list' }).click();
  const dialog = page.getByRole('dialog', { name: 'Import a list' });
  const field = dialog.getByRole('textbox');
  await field.fill('# Seal count\n1:50 pm + 3½ hours\nbananas\n9 am to 4 pm | How long is it light?');
  await dialog.getByRole('button', { name: 'Make a sheet of it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Line 3: “bananas” was not understood.');
  await expect(field).toHaveValue(/bananas/);
  await desk.hasNoBarriers();
  await field.fill('# Seal count\n1:50 pm + 3½ hours\n9 am to 4 pm | How long is it light?');
  await dialog.getByRole('button', { name: 'Make a sheet of it' }).click();
  await expect(desk.questions).toHaveCount(2);
  await expect(page.getByText('How long is it light?')).toBeVisible();
  await page.getByRole('link', { name: 'Print…' }).click();
  for (const [name, start] of [
    ['text', '# Seal count'],
    ['CSV', 'sum,wording,answer,sheet'],
    ['QTI', '<?xml'],
  ] as const) {
    const href = await page.getByRole('link', { name, exact: true }).getAttribute('href');
    const file = await (await page.request.get(href ?? '')).text();
    expect(file.startsWith(start)).toBe(true);
    expect(file).toContain('How long is it light?');
  }
});
