import { expect, placeOf, test } from './desk.js';

test('groups are made from marked papers, one child is moved, sheets and a page for the talk are printed, and all of it is deleted', async ({
  desk,
  page,
}) => {
  await page.goto('/follow-up');
  await expect(page.getByRole('region', { name: 'Group 1' })).toContainText('They may be');
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Esme' }).click();
  const child = page.getByRole('complementary', { name: 'A child' });
  await expect(child).toContainText('smaller number of minutes from the larger');
  await child.getByLabel('in group').selectOption('2');
  await expect(page.getByRole('region', { name: 'Group 2' }).getByRole('button', { name: 'Esme' })).toBeVisible();
  // by the pointer, too
  const chip = page.getByRole('button', { name: 'Bram' });
  const target = page.getByRole('region', { name: 'Group 2' });
  const [from, to] = [await placeOf(chip), await placeOf(target)];
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(to.x + 400, to.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(target.getByRole('button', { name: 'Bram' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('region', { name: 'Group 2' }).getByRole('button', { name: 'Bram' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('radio', { name: 'Skills' }).click();
  await expect(page.getByRole('region', { name: 'Skills and children' })).toContainText('Yusuf');
  await desk.hasNoBarriers();
  await page.getByRole('radio', { name: 'Groups' }).click();
  await page.getByRole('button', { name: 'As the answers say' }).click();
  await expect(page.getByRole('region', { name: 'Group 1' }).getByRole('button', { name: 'Bram' })).toBeVisible();
  const page1 = page.getByRole('link', { name: 'A page for the talk' });
  await page.getByRole('button', { name: 'Esme' }).click();
  const address = (await page1.getAttribute('href')) ?? '';
  await page.getByRole('button', { name: 'Sheets and keys for all groups' }).click();
  await expect(page).toHaveURL(/\/print\?levels=1/);
  await expect(desk.paper.getByRole('heading', { name: /^Group 1: / }).first()).toBeVisible();
  await expect(desk.paper.getByRole('heading', { name: /^Group 3: / }).first()).toBeVisible();
  await page.goto(address);
  await expect(page.getByRole('heading', { name: 'Esme' })).toBeVisible();
  await expect(page.getByText(/may be/)).toHaveCount(0);
  await desk.hasNoBarriers();
  // what was seen of a child goes everywhere, and comes back
  await page.goto('/follow-up');
  await page.getByRole('button', { name: 'Uma' }).click();
  await page.getByRole('button', { name: 'Delete what was seen…' }).click();
  await page.getByLabel('Type the name of the child').fill('Uma');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText(/^What was seen of Uma is deleted/).first()).toBeVisible();
  await page.goto('/follow-up');
  await page.getByRole('button', { name: 'Uma' }).click();
  await expect(page.getByRole('complementary', { name: 'A child' })).toContainText('Nothing has been seen yet.');
  await page.goto('/deleted?of=record');
  await page.getByRole('button', { name: 'Bring back Uma, what was seen' }).click();
  await page.goto('/follow-up');
  await page.getByRole('button', { name: 'Uma' }).click();
  await expect(page.getByRole('button', { name: 'Delete what was seen…' })).toBeVisible();
});

test('a class of 24 is marked by keys alone, interrupted twice, and nothing is lost', async ({
  desk,
  page,
  context,
}) => {
  test.setTimeout(120_000);
  await page.goto('/mark');
  await expect(page.getByRole('heading', { name: 'Mark', exact: true })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByLabel('The sheet that was written').selectOption({ label: 'The tide and the ferry' });
  await page.getByRole('button', { name: 'Start marking', exact: true }).click();
  await expect(page).toHaveURL(/\/mark\/.+/);
  const grid = page.getByRole('region', { name: 'Papers and questions' });
  await expect(grid.getByRole('rowheader')).toHaveCount(24);
  // question by question: Enter where it is right, otherwise what is written; two of three are right
  let presses = 0;
  const press = async (text: string) => {
    if (text !== '') {
      await page.keyboard.type(text);
    }
    await page.keyboard.press('Enter');
    presses += 1;
  };
  for (let child = 0; child < 24; child += 1) {
    await press(child % 3 === 2 ? '3h25' : '');
  }
  // the usual answer has its cause in the moment of typing
  await page.keyboard.type('4:80 pm');
  await expect(page.getByTestId('said')).toContainText('may ');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').first()).toHaveText('Saved');
  await expect(page.getByLabel('Esme, question 1: right')).toBeVisible();
  await expect(page.getByLabel('Cleo, question 1: 3h25 (wrong)')).toBeVisible();
  await page.getByLabel('Cleo, question 1: 3h25 (wrong)').click();
  await expect(page.getByRole('region', { name: 'So far' })).toContainText('So far, 24 papers');
  await expect(page.getByRole('region', { name: 'So far' })).toContainText('✕ 3 h 25 min');
  await desk.hasNoBarriers();
  // the connection is lost, and marking goes on
  await context.setOffline(true);
  await page.getByLabel('Bram, question 2').click();
  for (let child = 1; child < 6; child += 1) {
    await press('');
  }
  await expect(page.getByRole('status').first()).toContainText('no connection');
  // the tab is closed meanwhile; what was marked waits in this browser
  const address = page.url();
  await context.setOffline(false);
  await page.close();
  const again = await context.newPage();
  await again.goto(address);
  await expect(again.getByLabel('Farid, question 2: right')).toBeVisible();
  await expect(again.getByRole('status').first()).toHaveText('Saved');
  // another window sees it, marks beside it, and neither loses anything
  const other = await context.newPage();
  await other.goto(address);
  await other.getByLabel('Yusuf, question 6').click();
  await other.keyboard.type('40');
  await other.keyboard.press('Enter');
  await expect(other.getByLabel('Yusuf, question 6: 40 (right)')).toBeVisible();
  await again.bringToFront();
  await again.getByLabel('Anouk, question 6').click();
  await again.keyboard.press('Enter');
  await expect(again.getByLabel('Yusuf, question 6: 40 (right)')).toBeVisible();
  expect(presses).toBeLessThan(1.3 * 30);
  await other.close();
  await again.goto('/mark');
  await expect(again.getByText(/24 of 24 papers begun/)).toBeVisible();
  await again
    .getByRole('button', { name: /^Delete The tide and the ferry/ })
    .first()
    .click();
  await expect(again.getByText(/24 of 24 papers begun/)).toHaveCount(0);
  await again.getByRole('button', { name: 'Undo' }).click();
  await expect(again.getByText(/24 of 24 papers begun/)).toBeVisible();
});

test('a verdict is overruled and stays so; what is taken back is taken back; absent children are passed over', async ({
  desk,
  page,
}) => {
  await page.goto('/mark');
  await page.getByLabel('Or questions you read aloud, one to a line').fill('45 min + 50 min\n2 h - 35 min');
  await page.getByRole('button', { name: 'Start marking these' }).click();
  await expect(page.getByTestId('key')).toHaveText('= 1 h 35 min');
  await page.keyboard.type('1h40');
  await expect(page.getByTestId('said')).toContainText('Only a little off.');
  await page.keyboard.press('!');
  await expect(page.getByTestId('said')).toContainText('counted as right by you');
  await page.keyboard.press('Enter');
  await page.keyboard.press('-');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Bram, question 1: blank')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Bram, question 1', { exact: true })).toBeFocused();
  // all that is open of a question is right at one press, and taken back as one
  const right = page.getByRole('button', { name: /, question 1: right$/ });
  await page.keyboard.press('Control+Enter');
  await expect(right).toHaveCount(22);
  await page.keyboard.press('Control+z');
  await expect(right).toHaveCount(0);
  await page.getByLabel('was not there').check();
  await expect(page.getByRole('cell', { name: 'absent' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Anouk, question 1: 1h40 (right)')).toBeVisible();
  await page.getByRole('radio', { name: 'by child' }).click();
  await page.getByLabel('Anouk, question 2').click();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Cleo, question 1', { exact: true })).toBeFocused();
  await desk.hasNoBarriers();
});
