import { gzipSync } from 'node:zlib';
import { expect, test } from './desk.js';

/** What a page has fetched of the script, compressed, in kilobytes; servers differ a little in how they compress. */
test('the script comes in parts: sign-in, the first view, and the rest while the hands are still', async ({
  browser,
  teacher,
}) => {
  const page = await (await browser.newContext({ storageState: { cookies: [], origins: [] } })).newPage();
  const parts = new Map<string, Promise<number>>();
  page.on('response', (reply) => {
    if (reply.url().endsWith('.js')) {
      parts.set(
        reply.url(),
        reply.body().then((body) => gzipSync(body).length / 1000),
      );
    }
  });
  const fetched = async () => (await Promise.all(parts.values())).reduce((sum, one) => sum + one, 0);
  // the other places wait until the page says so
  await page.addInitScript(() => {
    const waiting: IdleRequestCallback[] = [];
    window.requestIdleCallback = (act) => waiting.push(act);
    Object.assign(window, {
      handsAreStill: () => {
        waiting.splice(0).forEach((act) => {
          act({ didTimeout: false, timeRemaining: () => 50 });
        });
      },
    });
  });
  await page.goto('/');
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.waitForLoadState('networkidle');
  expect(await fetched(), 'sign-in').toBeLessThan(90);
  await page.getByLabel('E-mail address').fill(teacher.email);
  await page.getByLabel('Password').fill(teacher.password);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Sum line')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Parts of the lesson' })).toBeVisible();
  await page.waitForLoadState('networkidle');
  const first = await fetched();
  expect(first, 'the first view').toBeLessThan(140);
  const before = parts.size;
  await page.evaluate('handsAreStill()');
  await expect.poll(() => parts.size).toBeGreaterThan(before + 5);
  await page.waitForLoadState('networkidle');
  // now every place opens without a connection
  await page.context().setOffline(true);
  await page.getByRole('link', { name: 'Prepare', exact: true }).click();
  await page.getByRole('link', { name: 'Sheets', exact: true }).click();
  await expect(page).toHaveURL(/\/sheets/);
  await expect(page.getByRole('main')).toBeVisible();
});
