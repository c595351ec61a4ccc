import { expect, test } from './desk.js';

test('groups are made from marked papers, one child is moved, sheets and a page for the talk are printed, and all of it is erased', async ({
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
  const [from, to] = [await chip.boundingBox(), await target.boundingBox()];
  if (!from || !to) {
    throw new Error('Nothing to drag.');
  }
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(to.x + 400, to.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(target.getByRole('button', { name: 'Bram' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('region', { name: 'Group 2' }).getByRole('button', { name: 'Bram' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('radio', { name: 'What they can do' }).click();
  await expect(page.getByRole('region', { name: 'Rungs and children' })).toContainText('Yusuf');
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
  // a child is erased everywhere
  await page.goto('/follow-up');
  await page.getByRole('button', { name: 'Uma' }).click();
  await page.getByRole('button', { name: 'Erase what was seen' }).click();
  await page.goto('/mark');
  await page.goto('/follow-up');
  await page.getByRole('button', { name: 'Uma' }).click();
  await expect(page.getByRole('complementary', { name: 'A child' })).toContainText('Nothing has been seen yet.');
});
