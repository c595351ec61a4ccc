import type { Page } from '@playwright/test';
import { expect, placeOf } from './desk.js';

/** Opens the board and waits for what it shows. */
export const open = async (page: Page, address: string) => {
  await page.goto(address);
  await expect(page.locator('[data-model], [data-hand]').first()).toBeVisible();
};
/** A sum as it stands in an address. */
export const sum = (text: string) => encodeURIComponent(text);

/** The middle of the clock on the screen, and its radius. */
export async function clockOf(page: Page) {
  const face = page.locator('svg:has([data-hand])');
  const box = await placeOf(face);
  return {
    x: box.x + box.width / 2,
    y: box.y + box.height / 2,
    r: (Math.min(box.width, box.height) / Number((await face.getAttribute('viewBox'))?.split(' ')[2])) * 84,
  };
}

/** Turns the minute hand with the pointer, through small angles as a finger does. */
export async function turn(page: Page, fromMinute: number, toMinute: number) {
  const { x, y, r } = await clockOf(page);
  const at = (minute: number): [number, number] => [
    x + r * Math.sin((minute * Math.PI) / 30),
    y - r * Math.cos((minute * Math.PI) / 30),
  ];
  await page.mouse.move(...at(fromMinute));
  await page.mouse.down();
  const way = toMinute > fromMinute ? 1 : -1;
  for (let m = fromMinute; m !== toMinute; m += way) {
    await page.mouse.move(...at(m + way));
  }
  await page.mouse.up();
}
