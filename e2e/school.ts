import { createHmac } from 'node:crypto';
import { expect, type Browser, type Page } from '@playwright/test';

export const corin = { name: 'Corin Bell', email: 'corin@fell.example', password: 'kelp and driftwood' };
export const beryl = { name: 'Beryl Quay', email: 'beryl@fell.example', password: 'lantern oil and rope' };
export const school = 'Fell Harbour School';

/** The code of an authenticator app: RFC 6238, worked out here once more. */
export function codeOf(key: string, at = Date.now()): string {
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';
  const bits = [...key.replaceAll(' ', '')]
    .map((letter) => letters.indexOf(letter).toString(2).padStart(5, '0'))
    .join('');
  const secret = Buffer.from(bits.match(/.{8}/g)?.map((byte) => parseInt(byte, 2)) ?? []);
  const count = Buffer.alloc(8);
  count.writeBigUInt64BE(BigInt(Math.floor(at / 30_000)));
  const hash = createHmac('sha1', secret).update(count).digest();
  const offset = (hash[19] ?? 0) & 15;
  return String((hash.readUInt32BE(offset) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

/** A window of its own, signed in. */
export async function comeIn(browser: Browser, who: { email: string; password: string }, code?: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto('/');
  await page.getByLabel('E-mail address').fill(who.email);
  await page.getByLabel('Password').fill(who.password);
  await page.keyboard.press('Enter');
  if (code !== undefined) {
    await page.getByLabel('Code from your app').fill(code);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByLabel('Sum line')).toBeVisible();
  return page;
}

/** The link that the window shows. */
export async function linkIn(page: Page): Promise<string> {
  const link = await page.getByLabel('The link').inputValue();
  await page.getByRole('button', { name: 'Close' }).click();
  return link;
}
