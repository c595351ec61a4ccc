import { expect, test } from './desk.js';

const crossing =
  'The Pintail leaves Ombrel Quay at twenty to nine in the morning. The crossing to Fell Harbour takes 2 hours 35 minutes. At what time does it reach Fell Harbour?';

test('a problem is typed and understood, set out line by line, and put on a sheet with its words', async ({ desk }) => {
  const { page } = desk;
  await desk.type(crossing);
  await expect(desk.answer).toHaveText('11:15 a.m.');
  await expect(page.getByTestId('sum').locator('mark')).toHaveText([
    'twenty to nine in the morning',
    '2 hours 35 minutes',
  ]);
  await page.keyboard.press('Enter');
  const lines = page.getByTestId('set-out');
  await expect(lines).toContainText('start 8:40 a.m. (twenty to nine in the morning)');
  await expect(lines.locator('[data-story] [data-pin="asked"]')).toHaveCount(0);
  await page.keyboard.press('ArrowRight');
  await expect(lines.locator('[data-story] [data-pin="asked"]')).toHaveText('?');
  await desk.hasNoBarriers();
  await page.keyboard.press('End');
  await expect(page.getByTestId('say')).toHaveText('Answer: It reaches Fell Harbour at 11:15 a.m.');
  // another method is one tap away, and the sum goes on the sheet in its words
  await page.getByRole('tab', { name: 'Columns' }).click();
  await expect(page.getByTestId('say')).toContainText('Hours under hours');
  await page.getByRole('button', { name: 'Add to a sheet' }).click();
  await expect(desk.questions.first()).toContainText(crossing);
  await desk.saved();
  await page.getByRole('link', { name: 'Print…' }).click();
  await expect(desk.paper.getByText('At what time does it reach Fell Harbour?').first()).toBeVisible();
  await page.getByRole('combobox', { name: 'Answers' }).selectOption('set-out');
  await expect(desk.paper.locator('.set-out .line').first()).toContainText('Given');
});

test('where it is not sure it asks, and what is chosen is worked', async ({ desk }) => {
  const { page } = desk;
  await desk.type('The ferry leaves at 8:40. The crossing takes two and a half hours. When does it arrive?');
  const which = page.getByTestId('which-sum');
  await expect(which).toContainText('a.m. or p.m. is not said.');
  await expect(which.getByRole('button')).toHaveText([
    '8:40 a.m. + 2 h 30 min = 11:10 a.m.',
    '8:40 p.m. + 2 h 30 min = 11:10 p.m.',
  ]);
  await desk.hasNoBarriers();
  await which.getByRole('button').nth(1).click();
  await expect(desk.answer).toHaveText('11:10 p.m.');
  await page.keyboard.press('End');
  await expect(page.getByTestId('say')).toHaveText('Answer: It arrives at 11:10 p.m.');
});

for (const [fault, text] of [
  ['No clock shows 6:75.', 'The bus leaves at 6:75 a.m. and takes 20 minutes. When does it arrive?'],
  ['Nothing is asked.', 'The ferry leaves at 8:40 a.m. The crossing takes 35 minutes. The sea is calm.'],
  ['Only one time is given', 'The workshop begins at 1:20 p.m. It is fun to be there. When does it end?'],
  [
    'they do not agree',
    'The workshop begins at 1:20 p.m. and ends at 3:00 p.m. It lasts 2 hours. How long does it last?',
  ],
] as const) {
  test(`a faulty problem is pointed out: ${fault}`, async ({ desk }) => {
    await desk.type(text);
    await expect(desk.page.getByTestId('which-sum')).toContainText(fault);
    await expect(desk.sumLine).toHaveValue(text);
  });
}

test('on the board the class says the operation first, off the drawing', async ({ desk }) => {
  const { page } = desk;
  await desk.type(
    'The workshop begins at 1:20 p.m. and ends at 4:45 p.m. There is a break of 25 minutes. How long do the children work?',
  );
  await expect(desk.answer).toHaveText('3 h');
  await page.keyboard.press('Enter');
  await page.keyboard.press('b');
  // the screen that is left shows the same lines until the board is there
  await expect(page.getByRole('group', { name: 'Controls of the board' })).toBeVisible();
  const lines = page.locator('[data-model="set-out"]').getByTestId('set-out');
  await expect(lines).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  const asked = page.getByTestId('operation');
  await expect(asked).toContainText('Which is it?');
  await expect(lines).not.toContainText('How long is it?');
  await page.keyboard.press('+');
  await expect(asked).toContainText('Look at the drawing');
  await desk.hasNoBarriers();
  await page.keyboard.press('l');
  await expect(asked).toContainText('Yes. Both ends are known');
  await page.keyboard.press('ArrowRight');
  await expect(lines).toContainText('How long is it?');
  // any line can be hidden and shown again
  await page.keyboard.press('End');
  await expect(page.getByTestId('operation')).toBeVisible();
  await asked.getByRole('button', { name: 'Subtracting' }).click();
  await page.getByRole('button', { name: 'Next step' }).click();
  await expect(lines).not.toContainText('The children work for 3 h.');
  // nor does the drawing tell it
  await expect(lines.locator('[data-story]')).not.toContainText('3 h');
  await page.keyboard.press('a');
  await expect(lines).toContainText('The children work for 3 h.');
  // the next one is told, too
  await page.keyboard.press('n');
  await expect(page.getByTestId('sum')).not.toContainText('workshop begins at 1:20 p.m.');
  await expect(page.getByTestId('sum').locator('mark').first()).toBeVisible();
});

test('where several things are asked, each has its answer and is worked in turn', async ({ desk }) => {
  const { page } = desk;
  await desk.type(
    'The crossing takes 35 minutes and the way back takes 50 minutes. How long do both take altogether? How much longer is the way back?',
  );
  const asked = page.getByRole('list', { name: 'What is asked' }).getByRole('button');
  await expect(asked).toHaveText([
    'How long do both take altogether? 1 h 25 min',
    'How much longer is the way back? 15 min',
  ]);
  await asked.nth(1).click();
  await expect(desk.answer).toHaveText('15 min');
  await expect(asked.nth(1)).toHaveAttribute('aria-current', 'true');
  await desk.hasNoBarriers();
});

test('while the operation is asked, its keys are its own', async ({ desk }) => {
  const { page } = desk;
  await page.goto(`/teach?sum=${encodeURIComponent(crossing)}&step=3`);
  await expect(page.getByTestId('operation')).toContainText('Which is it?');
  await page.keyboard.press('l');
  await expect(page.getByTestId('operation')).toContainText('Look at the drawing');
  await expect(page.locator('[data-model]')).toHaveCount(1);
  await page.keyboard.press('+');
  await expect(page.getByTestId('operation')).toContainText('Yes.');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('operation')).toHaveCount(0);
  await page.keyboard.press('l');
  await expect(page.locator('[data-model="line"]')).toBeVisible();
});

test('several lines that are one problem are taken as one', async ({ desk }) => {
  const { page } = desk;
  await desk.sumLine.focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'The ferry leaves at 8:40 a.m.\nThe crossing takes 35 minutes.\nWhen does it arrive?');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(desk.sumLine).toHaveValue(
    'The ferry leaves at 8:40 a.m. The crossing takes 35 minutes. When does it arrive?',
  );
  await expect(desk.answer).toHaveText('9:15 a.m.');
});

test("a question's words are read while they are typed, and the sum that they mean can be taken", async ({ desk }) => {
  const { page } = desk;
  await desk.type('8:40 am + 30 min');
  await expect(desk.answer).toHaveText('9:10 a.m.');
  await page.keyboard.press('Enter');
  await page.keyboard.press('s');
  await desk.more('question 1', 'Change');
  await page
    .getByLabel('Question 1 in words')
    .fill('The ferry leaves at 8:40 a.m. The crossing takes 35 minutes. When does it arrive?');
  const words = page.getByTestId('words');
  await expect(words).toContainText('The words mean 8:40 a.m. + 35 min = 9:15 a.m.');
  await words.getByRole('button', { name: 'Take 8:40 a.m. + 35 min = 9:15 a.m.' }).click();
  await expect(page.getByLabel('Question 1', { exact: true })).toHaveValue('8:40 a.m. + 35 min');
  await expect(words).toHaveText('It arrives at 9:15 a.m.');
});

test('stories are made on three levels, printed each in its way, with sentences in the key', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/sheets/make');
  await page.getByLabel('Title').fill('Told on the quay');
  await page.getByRole('button', { name: 'More: I can find the sum in a story and work it.' }).click();
  await page.getByRole('button', { name: 'Make 3 sheets' }).click();
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('Told on the quay');
  for (const [level, shows] of [
    ['support', '.set-out .blank'],
    ['core', '.set-out .second'],
    ['stretch', '.set-out.plain .squares'],
  ] as const) {
    await page.getByRole('link', { name: level, exact: true }).click();
    await page.getByRole('link', { name: 'Print…' }).click();
    await expect(desk.paper.locator(shows).first()).toBeVisible();
    await page.goBack();
  }
});
