import type { Page } from '@playwright/test';
import { open, sum, turn } from './board.js';
import { expect, test } from './desk.js';

/**
 * The best of a few rounds, and no more rounds than are needed: on a machine that is busy with other things one round
 * measures the machine; a board that is slow is slow in all of them.
 */
async function bestOf(rounds: number, wanted: number, measure: () => Promise<number>): Promise<number> {
  let best = Infinity;
  for (let i = 0; i < rounds && best >= wanted; i += 1) {
    best = Math.min(best, await measure());
  }
  return best;
}

const median = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
};

/** From the key to the next picture on the screen: the Event Timing API, in steps of 8 ms. */
async function watchKeys(page: Page): Promise<void> {
  await page.evaluate(() => {
    Object.assign(window, { found: [] as number[] });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) {
        if (entry.name === 'keydown') {
          (window as unknown as { found: number[] }).found.push(entry.duration);
        }
      }
    }).observe({ type: 'event', durationThreshold: 16, buffered: true } as PerformanceObserverInit);
  });
}

test('a step shows soon after the key', async ({ desk }) => {
  const { page } = desk;
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}&show=clock,line,columns&hide=`);
  await watchKeys(page);
  const step = await bestOf(6, 150, async () => {
    await page.evaluate(() => {
      (window as unknown as { found: number[] }).found.length = 0;
    });
    for (let i = 0; i < 10; i += 1) {
      await page.keyboard.press(i % 2 === 0 ? 'ArrowRight' : 'ArrowLeft');
      await expect(page.getByTestId('place')).toHaveText(i % 2 === 0 ? 'Step 2 of 5' : 'Step 1 of 5');
    }
    return median(await page.evaluate(() => (window as unknown as { found: number[] }).found));
  });
  // the browser did count the keys: fewer than 16 ms each would leave none to be found
  const keys = await page.evaluate(
    () => (performance as unknown as { eventCounts: Map<string, number> }).eventCounts.get('keydown') ?? 0,
  );
  expect(keys).toBeGreaterThanOrEqual(10);
  console.log(`a step is on the screen ${step} ms after the key (median of those that took 16 ms or more)`);
  // 50 ms is wanted, and had where nothing else runs; a machine that others use as well may take longer
  expect(step).toBeLessThan(150);
});

test('turning the hands keeps the pace of the display', async ({ desk }) => {
  const { page } = desk;
  await open(page, '/teach?at=720');
  await page.evaluate(() => {
    const frames: number[] = [];
    let last = performance.now();
    const tick = () => {
      const now = performance.now();
      frames.push(now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
    Object.assign(window, { frames });
  });
  const frame = await bestOf(6, 50, async () => {
    await page.evaluate(() => {
      (window as unknown as { frames: number[] }).frames.length = 0;
    });
    await turn(page, 0, 120);
    const frames = await page.evaluate(() => (window as unknown as { frames: number[] }).frames);
    expect(frames.length).toBeGreaterThan(10);
    return median(frames);
  });
  console.log(`turning the hands: ${frame.toFixed(1)} ms a frame (median)`);
  expect(frame).toBeLessThan(50);
});
