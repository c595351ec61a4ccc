import { Desk, expect, test } from './desk.js';

test('sums that are typed without a connection are all on the sheet, and worked when it is back', async ({ desk }) => {
  const { page } = desk;
  await page.getByRole('button', { name: 'New sheet' }).click();
  await page.getByLabel('Title of the sheet').fill('Low water');
  await page.keyboard.press('Enter');
  await desk.saved();
  await page.context().setOffline(true);
  const sums = ['1 h 20 min + 50 min', '4 h 5 min - 1 h', '10:15 am - 35 min', '9 am to 4 pm', '3 x 35 min'];
  for (const sum of sums) {
    await desk.type(sum);
    await page.keyboard.press('Shift+Enter');
    await page.keyboard.press('Escape');
  }
  await expect(desk.questions).toHaveCount(5);
  await expect(page.getByText('Not sent yet: no connection.')).toBeVisible();
  for (const [i, sum] of sums.entries()) {
    await expect(desk.questions.nth(i)).toContainText(sum);
  }
  await page.context().setOffline(false);
  await desk.saved();
  for (const [i, answer] of ['2 h 10 min', '3 h 5 min', '9:40 a.m.', '7 h', '1 h 45 min'].entries()) {
    await expect(desk.questions.nth(i)).toContainText(answer);
  }
});

test('a session that has ended asks for the password where one is, and saves what was typed', async ({
  desk,
  teacher,
}) => {
  const { page } = desk;
  await page.getByRole('button', { name: 'New sheet' }).click();
  await page.getByLabel('Title of the sheet').fill('Tide tables');
  await page.keyboard.press('Enter');
  await desk.saved();
  await page.context().clearCookies();
  await page.getByLabel('Title of the sheet').fill('Tide tables, spring');
  await page.keyboard.press('Enter');
  const again = page.getByRole('dialog', { name: 'Please sign in again' });
  await expect(again).toBeVisible();
  // what is behind it is dimmed and cannot be reached
  await desk.hasNoBarriers('[role=dialog]');
  await page.keyboard.press('Escape');
  await expect(again).toBeVisible();
  await again.getByLabel('E-mail address').fill(teacher.email);
  await again.getByLabel('Password').fill('wrong');
  await page.keyboard.press('Enter');
  await expect(again.getByRole('alert')).toContainText('do not match');
  await again.getByLabel('Password').fill(teacher.password);
  await page.keyboard.press('Enter');
  await expect(again).toBeHidden();
  await desk.saved();
  await page.reload();
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('Tide tables, spring');
});

test('a browser that has no room to keep anything loses nothing, and says so', async ({ desk }) => {
  const { page } = desk;
  await page.getByRole('button', { name: 'New sheet' }).click();
  await desk.saved();
  await page.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.context().setOffline(true);
  await page.getByLabel('Title of the sheet').fill('No room');
  await page.keyboard.press('Enter');
  await expect(page.getByText('leave this page open until it is saved')).toBeVisible();
  await page.context().setOffline(false);
  await desk.saved();
  await page.reload();
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('No room');
});

test('a sum with its answer is judged, and what can mean two things is asked about', async ({ desk }) => {
  const { page } = desk;
  await desk.type('2 h 40 min + 4 h 45 min = 6 h 85 min');
  await expect(page.getByTestId('claim')).toContainText('That is not right: it is 7 h 25 min.');
  await expect(page.getByTestId('claim')).toContainText('may be treating an hour as 100 minutes');
  await desk.hasNoBarriers();
  await page.keyboard.press('Escape');
  await desk.type('2.30 hrs + 45 min');
  await expect(page.getByRole('heading', { name: 'Which do you mean?' })).toBeVisible();
  await page.getByRole('button', { name: /2 h 18 min \+ 45 min/ }).click();
  await expect(desk.answer).toHaveText('3 h 3 min');
});

test('a sum that is wished for without a connection, and without a sheet, outlives the tab', async ({ desk }) => {
  const { page } = desk;
  await page.context().setOffline(true);
  await desk.type('3 x 35 min');
  await page.keyboard.press('Shift+Enter');
  await expect(desk.questions).toHaveCount(0);
  await page.close();
  await page.context().setOffline(false);
  const again = new Desk(await page.context().newPage());
  await again.page.goto('/prepare');
  await expect(again.questions).toHaveCount(1);
  await expect(again.questions.first()).toContainText('1 h 45 min');
});

test('signing out works where the session has ended already', async ({ desk }) => {
  const { page } = desk;
  await page.waitForLoadState('networkidle');
  await page.getByRole('button', { name: /Arden Vale/ }).click();
  await page.context().clearCookies();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in', exact: true })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
