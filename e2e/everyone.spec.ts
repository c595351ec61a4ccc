import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { open, sum } from './board.js';
import { expect, test } from './desk.js';
import { boards, routesOf } from './routes.js';

/** The view stands: it has its heading, and nothing is on its way. */
async function stands(page: Page, route: string): Promise<void> {
  await page.goto(route);
  await expect(page.locator('main h1').first(), route).toBeAttached();
  await expect(page.locator('main .late'), route).toHaveCount(0);
}

/** Where the focus is, and what is wrong with it; null where it is as it should be. */
const focus = (page: Page): Promise<{ at: string; wrong: string | null }> =>
  page.evaluate(() => {
    const one = document.activeElement;
    if (!(one instanceof HTMLElement || one instanceof SVGElement) || one === document.body) {
      return { at: 'body', wrong: null };
    }
    if (one instanceof HTMLIFrameElement) {
      return { at: 'paper', wrong: null };
    }
    const name = `${one.tagName.toLowerCase()} “${(one.getAttribute('aria-label') ?? one.textContent).slice(0, 40)}”`;
    const box = one.getBoundingClientRect();
    const style = getComputedStyle(one);
    // what is drawn for somebody else, such as a file to choose, has its ring around it
    const seen = [one, ...(one.closest('label') ? [one.closest('label') as HTMLElement] : [])].some((it) => {
      const is = getComputedStyle(it);
      return (is.outlineStyle !== 'none' && parseFloat(is.outlineWidth) > 0) || is.boxShadow !== 'none';
    });
    const where = one.closest('label')?.getBoundingClientRect() ?? box;
    const points = [
      [0.5, 0.5],
      [0.1, 0.5],
      [0.9, 0.5],
      [0.5, 0.15],
      [0.5, 0.85],
    ].map(([x = 0, y = 0]): [number, number] => [where.left + where.width * x, where.top + where.height * y]);
    const bare = points.filter(([x, y]) => {
      const top = document.elementFromPoint(x, y);
      return top !== null && (one.contains(top) || top.contains(one) || one.closest('label')?.contains(top));
    }).length;
    const inScreen = points.some(([x, y]) => x >= 0 && y >= 0 && x < innerWidth && y < innerHeight);
    return {
      at: `${name} ${Math.round(box.left)},${Math.round(box.top)}`,
      wrong: !seen
        ? 'its ring is not drawn'
        : !inScreen && style.clipPath === 'none'
          ? 'out of sight'
          : bare === 0 && inScreen
            ? 'hidden behind something'
            : null,
    };
  });

test('at 320 pixels, on a window of 256, nothing has to be scrolled sideways, and what is typed in is not covered', async ({
  desk,
}) => {
  test.slow();
  const { page } = desk;
  await page.setViewportSize({ width: 320, height: 256 });
  const wide: string[] = [];
  for (const route of await routesOf(page.request)) {
    await stands(page, route);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    // at this size nothing may hang over the page: a third of it would be gone
    const fixed = await page.evaluate(() =>
      Array.from(document.querySelectorAll('body *'))
        .filter((one) => {
          const { position } = getComputedStyle(one);
          const box = one.getBoundingClientRect();
          return (
            (position === 'fixed' || (position === 'sticky' && one.closest('table') === null)) &&
            box.width > 200 &&
            box.height > 0
          );
        })
        .map((one) => one.outerHTML.slice(0, 80)),
    );
    if (over > 0 || fixed.length > 0) {
      wide.push(`${route}: ${over} pixels, ${fixed.join(' ')}`);
    }
  }
  expect(wide).toEqual([]);
});

/** What is cut off or lies outside with the spacing that a reader may set (WCAG 2.2, 1.4.12). */
async function cutWithSpacing(page: Page): Promise<string[]> {
  await page.evaluate(() => {
    const spaced = new CSSStyleSheet();
    spaced.replaceSync(
      '*{line-height:1.5!important;letter-spacing:.12em!important;word-spacing:.16em!important}p{margin-bottom:2em!important}',
    );
    document.adoptedStyleSheets.push(spaced);
  });
  return page.evaluate(() => [
    ...(document.documentElement.scrollWidth > window.innerWidth ? ['the page'] : []),
    ...Array.from(document.querySelectorAll('main *'))
      .filter((one) => {
        const style = getComputedStyle(one);
        return (
          style.overflowY === 'hidden' &&
          style.textOverflow !== 'ellipsis' &&
          !(one instanceof HTMLTextAreaElement) &&
          one.closest('.sr-only, [aria-hidden=true]') === null &&
          style.clipPath === 'none' &&
          one.clientHeight > 1 &&
          one.scrollHeight > one.clientHeight + 6 &&
          one.textContent.trim() !== ''
        );
      })
      .map((one) => one.outerHTML.slice(0, 90)),
  ]);
}

test('by Tab alone one comes to everything: each stop is seen, and none lies under another', async ({ desk }) => {
  test.slow();
  const { page } = desk;
  await page.setViewportSize({ width: 1280, height: 620 });
  const wrong: string[] = [];
  for (const route of await routesOf(page.request)) {
    await stands(page, route);
    let stops = 0;
    let [lastly, stayed, bodies] = ['', 0, 0];
    for (; stops < 45; stops += 1) {
      await page.keyboard.press('Tab');
      const { at, wrong: what } = await focus(page);
      // a menu that has just come may have had the focus, once; after the last stop it is the browser's
      bodies += at === 'body' ? 1 : 0;
      if (at === 'paper' || (at === 'body' && (bodies > 1 || stops > 12))) {
        break;
      }
      if (what !== null) {
        wrong.push(`${route}: ${at}: ${what}`);
      }
      // a stop that one cannot leave is a trap; a menu that has just come takes the place of its button once
      stayed = at === lastly ? stayed + 1 : 0;
      if (stayed > 1) {
        wrong.push(`${route}: ${at}: stays there`);
        break;
      }
      lastly = at;
    }
    if (stops < 7) {
      wrong.push(`${route}: only ${stops} stops`);
    }
  }
  expect(wrong).toEqual([]);
});

for (const [name, media] of [
  ['dark', { colorScheme: 'dark' }],
  ['with more contrast', { contrast: 'more' }],
] as const) {
  test(`${name}, as the device asks for it, everything can be read, and with a reader’s own spacing`, async ({
    desk,
  }) => {
    test.slow();
    const { page } = desk;
    await page.emulateMedia(media);
    const [faint, cut]: string[][] = [[], []];
    for (const route of (await routesOf(page.request)).filter((_, i) => i % 2 === (name === 'dark' ? 0 : 1))) {
      await stands(page, route);
      if (name === 'dark') {
        await expect(page.locator('html'), route).toHaveCSS('color-scheme', 'dark');
      }
      const found = await new AxeBuilder({ page }).withRules(['color-contrast']).exclude('iframe').analyze();
      faint?.push(
        ...found.violations.flatMap((one) => one.nodes.map((node) => `${route}: ${node.html.slice(0, 120)}`)),
      );
      cut?.push(...(await cutWithSpacing(page)).map((one) => `${route}: ${one}`));
    }
    expect(faint).toEqual([]);
    expect(cut).toEqual([]);
  });
}

test('in forced colours the drawings have the system’s ink, and what is in differs from what is out', async ({
  desk,
}) => {
  const { page } = desk;
  await page.emulateMedia({ forcedColors: 'active' });
  const [ink, paper] = await page.evaluate(() => {
    const probe = document.createElement('p');
    probe.style.cssText = 'color: CanvasText; background-color: Canvas; forced-color-adjust: none';
    document.body.append(probe);
    const { color, backgroundColor } = getComputedStyle(probe);
    probe.remove();
    return [color, backgroundColor];
  });
  await open(page, `/teach?sum=${sum('1:50 pm + 3 h 30 min')}&hide=`);
  await page.keyboard.press('End');
  const drawn = await page.evaluate(() =>
    Array.from(document.querySelectorAll('main svg path, main svg text, main svg circle, main svg rect')).flatMap(
      (one) => {
        const { fill, stroke } = getComputedStyle(one);
        return [fill, stroke].filter((colour) => colour.startsWith('rgb('));
      },
    ),
  );
  expect(drawn.length).toBeGreaterThan(60);
  expect([...new Set(drawn)].filter((colour) => colour !== ink && colour !== paper)).toEqual([]);
  // the knob of the steps, and its beads, keep what they are filled with
  const fills = await page
    .getByRole('slider', { name: 'Step' })
    .evaluate(
      (one) => getComputedStyle(one.parentElement?.parentElement?.querySelector('.bg-ink') ?? one).backgroundColor,
    );
  expect(fills).toBe(ink);
  await stands(page, '/sheets/make');
  const looks = await page
    .getByRole('radio')
    .evaluateAll((all) =>
      all.map((one) => `${one.getAttribute('aria-checked') ?? ''} ${getComputedStyle(one).backgroundColor}`),
    );
  const [on, off] = ['true', 'false'].map(
    (is) => new Set(looks.filter((one) => one.startsWith(is)).map((one) => one.slice(is.length + 1))),
  );
  expect(on?.size).toBeGreaterThan(0);
  expect([...(on ?? [])].filter((look) => off?.has(look))).toEqual([]);
});

test('what is covered is in no name and no text that is told of the board', async ({ desk }) => {
  const { page } = desk;
  for (const { typed, more = '', answer } of boards) {
    await open(page, `/teach?sum=${sum(typed)}${more}&hide=answer,changed`);
    await expect(page.getByTestId('place')).toHaveText(/^Step 1 of/);
    for (const at of ['at first', 'at the end']) {
      const tree = (await page.locator('body').ariaSnapshot()).replaceAll('\u00a0', ' ');
      expect(tree, `${typed}, ${at}`).toMatch(/Show the answer/);
      expect(tree.replaceAll(typed, ''), `${typed}, ${at}`).not.toMatch(answer);
      await page.keyboard.press('End');
      await expect(page.getByTestId('place')).toHaveText(/^Step (\d+) of \1$/);
    }
    await page.keyboard.press('a');
    await expect(async () => {
      expect((await page.locator('body').ariaSnapshot()).replaceAll('\u00a0', ' ')).toMatch(answer);
    }).toPass();
  }
});
