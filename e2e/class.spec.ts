import { expect, test } from './desk.js';

test('a class is written down, taken up, used, deleted, and brought back', async ({ desk }) => {
  const { page } = desk;
  await page.getByRole('button', { name: 'Class in hand: Kittiwakes' }).click();
  await page.getByRole('menuitem', { name: 'Class settings' }).click();
  await expect(page.getByRole('heading', { name: 'Classes' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Name of the class').fill('Sandpipers');
  await page.getByLabel('Children, a first name to a line').fill('Wren\nOtis, Uma\n4-6');
  await expect(page.getByText('6 children.')).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Sandpipers is saved.').first()).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Sandpipers' }).click();
  await expect(page.getByLabel('Children, a first name to a line')).toHaveValue('Wren\nOtis\nUma\n4\n5\n6');

  // taken up by keyboard, it holds for the board, for sheets, for copies
  await page.getByRole('button', { name: 'Class in hand: Kittiwakes' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitemradio', { name: 'Sandpipers' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Class in hand: Sandpipers' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.goto('/teach?sum=9:20+am+to+1:05+pm');
  await expect(page.locator('[data-model]').first()).toBeVisible();
  await page.keyboard.press('o');
  await page.getByRole('menuitemcheckbox', { name: 'Make this Sandpipers’ usual method for how long it is' }).click();
  await expect(page.getByText('This is now Sandpipers’ usual method for how long it is.').first()).toBeVisible();
  await page.goto('/prepare?sum=9:20+am+to+1:05+pm');
  await page.getByRole('button', { name: 'Add to a sheet' }).click();
  await page.getByLabel('Title of the sheet').fill('The tide at dusk');
  await page.getByRole('link', { name: 'Print…' }).click();
  await page.getByRole('button', { name: 'One for each of Sandpipers' }).click();
  await expect(desk.paper.getByText('Otis').first()).toBeVisible();
  await page.getByRole('link', { name: 'Sheets', exact: true }).click();
  await expect(page.getByRole('link', { name: /^The tide at dusk/ })).toBeVisible();

  // the other class knows nothing of it
  await page.getByRole('button', { name: 'Class in hand: Sandpipers' }).click();
  await page.getByRole('menuitemradio', { name: 'Kittiwakes' }).click();
  await expect(page.getByRole('link', { name: /^The tide at dusk/ })).toHaveCount(0);

  await page.goto('/classes');
  await page.getByRole('button', { name: 'Sandpipers' }).click();
  await page.getByRole('button', { name: 'Delete this class…' }).click();
  await page.getByLabel('Type the name of the class').fill('Sandpipers');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Sandpipers' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Sandpipers' })).toBeVisible();
  await page.getByRole('button', { name: 'Sandpipers' }).click();
  await page.getByRole('button', { name: 'Delete this class…' }).click();
  await page.getByLabel('Type the name of the class').fill('Sandpipers');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByLabel('Name of the class')).toHaveValue('Kittiwakes');
  // gone with the page, and brought back all the same
  await page.goto('/sheets');
  await expect(page.getByRole('link', { name: /^The tide at dusk/ })).toBeVisible();
  await page.goto('/classes');
  await expect(page.getByLabel('Name of the class')).toHaveValue('Kittiwakes');
  await expect(page.getByRole('button', { name: 'Sandpipers' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Deleted', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Deleted' })).toContainText('Sandpipers');
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Bring back Sandpipers, class' }).click();
  await expect(page.getByText('Nothing has been deleted lately.')).toBeVisible();
  await page.goto('/classes');
  await expect(page.getByRole('button', { name: 'Sandpipers' })).toBeVisible();
});
