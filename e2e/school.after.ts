import { expect, test } from '@playwright/test';
import { beryl, comeIn, corin, school } from './school.js';

// the same school, destroyed and restored from its backup
test.describe.configure({ mode: 'serial' });
const again = { ...beryl, password: `${beryl.password} again` };

test('after the restoring all of it is there', async ({ browser }) => {
  const page = await comeIn(browser, corin);
  await page.goto('/school');
  await expect(page.getByRole('heading', { name: school })).toBeVisible();
  await expect(page.getByText(`2 children · ${beryl.name}`)).toBeVisible();
  const hers = await comeIn(browser, again);
  await hers.goto('/classes');
  await expect(hers.getByLabel('Children, a first name to a line')).toHaveValue('Wren\nUma');
  await hers.goto('/sheets');
  await expect(hers.getByText(`from ${corin.name}`)).toHaveCount(2);
});

test('data comes out, goes in again, and is erased with a list of what goes', async ({ browser }) => {
  const page = await comeIn(browser, again);
  await page.goto('/account');
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Export' }).click()]);
  expect(file.suggestedFilename()).toBe('rostik-beryl-quay.zip');
  await page.getByLabel('File to import').setInputFiles(await file.path());
  await expect(page.getByText('Imported: 2 sheets, 1 class.').first()).toBeVisible();
  await page
    .getByLabel('File to import')
    .setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('bananas') });
  await expect(page.getByRole('alert').filter({ hasText: 'no file that Rostik has taken out' })).toBeVisible();
  await page.getByRole('button', { name: 'Leave and delete everything…' }).click();
  const leaving = page.getByRole('dialog', { name: 'Leave Rostik?' });
  await expect(leaving.getByText('4 sheets with 0 copies')).toBeVisible();
  await expect(leaving.getByText('with their children: Terns, Terns')).toBeVisible();
  await leaving.getByLabel('Your password').fill(again.password);
  await leaving.getByRole('button', { name: 'Delete everything' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  const office = await comeIn(browser, corin);
  await office.goto('/school');
  await expect(office.getByRole('heading', { name: school })).toBeVisible();
  await expect(office.getByText(beryl.email)).toHaveCount(0);
});
