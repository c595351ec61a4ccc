import { execFileSync } from 'node:child_process';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type BrowserContext, type Locator, type Page } from '@playwright/test';

export interface Teacher {
  email: string;
  password: string;
}

/** The teacher of the demonstration. */
export const arden: Teacher = { email: 'arden@ombrel.example', password: 'Pintail at noon' };

/** The demonstration once more, for a teacher of this name in a school of her own; where there is no console at hand, Arden. */
function anotherTeacher(name: string): Teacher {
  const [program = '', ...console] = (process.env['ROSTIK_CONSOLE'] ?? '').split('\n');
  if (program === '') {
    return arden;
  }
  const email = `${name}@ombrel.example`;
  execFileSync(program, [...console, 'demo:load', '--marked', email]);
  return { email, password: arden.password };
}

type Box = NonNullable<Awaited<ReturnType<Locator['boundingBox']>>>;

/** Where it is on the screen, in pixels, once it is there and has come to rest. */
export async function placeOf(what: Locator): Promise<Box> {
  await expect(what).toBeVisible();
  let [before, now]: (Box | null)[] = [null, null];
  await expect(async () => {
    before = now;
    now = await what.boundingBox();
    expect(now).not.toBeNull();
    expect(now).toEqual(before);
  }).toPass({ intervals: [0, 50, 100] });
  return now ?? { x: 0, y: 0, width: 0, height: 0 };
}

/** Nothing runs out of the screen at its side. */
export async function fitsAcross(page: Page, what = page.url()): Promise<void> {
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), { message: what })
    .toBeLessThanOrEqual(0);
}

/** Waits a little for what may come and may not: true if it came. */
export async function cameSoon(what: Locator): Promise<boolean> {
  return await what.waitFor({ timeout: 1000 }).then(
    () => true,
    () => false,
  );
}

/** What a teacher does at the desk. */
export class Desk {
  constructor(readonly page: Page) {}

  async signIn(who: Teacher = arden): Promise<void> {
    await this.page.goto('/');
    await this.page.getByLabel('E-mail address').fill(who.email);
    await this.page.getByLabel('Password').fill(who.password);
    await this.page.keyboard.press('Enter');
    await expect(this.sumLine).toBeVisible();
  }

  get sumLine() {
    return this.page.getByLabel('Sum line');
  }

  get answer() {
    return this.page.getByTestId('answer');
  }

  /** Those that are on it; where one was, a line says so. */
  get questions() {
    return this.page
      .getByRole('region', { name: 'Sheet', exact: true })
      .getByRole('listitem')
      .filter({ has: this.page.getByRole('button', { name: /^Move question/ }) });
  }

  /** The print preview, once what is shown is up to date. */
  get paper() {
    return this.page.frameLocator('iframe[title="Print preview"]');
  }

  /** Types a sum as a person does: slash, then the keys. */
  async type(sum: string): Promise<void> {
    await this.page.keyboard.press('/');
    await expect(this.sumLine).toBeFocused();
    await this.page.keyboard.type(sum, { delay: 5 });
  }

  async saved(): Promise<void> {
    await expect(this.page.getByText('Saved', { exact: true })).toBeVisible();
  }

  /** No violations of WCAG 2.2 A and AA that axe can find. */
  /** What stands behind the three dots of something. */
  async more(of: string, what: string): Promise<void> {
    await this.page.getByRole('button', { name: `More: ${of}`, exact: true }).click();
    await this.page.getByRole('menu').getByText(what, { exact: true }).click();
  }

  async hasNoBarriers(within = 'html'): Promise<void> {
    const found = await new AxeBuilder({ page: this.page })
      .include(within)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
      .analyze();
    expect(found.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(' ')}`)).toEqual([]);
  }
}

type Kept = Awaited<ReturnType<BrowserContext['storageState']>>;

export const test = base.extend<{ teacher: Teacher; signedIn: Kept; desk: Desk }>({
  /** Each test has a teacher, a class and sheets of its own: none sees what another has done. */
  teacher: async ({ browserName }, use, info) => {
    await use(anotherTeacher(`arden.${browserName}.${info.testId}.${info.repeatEachIndex}.${Date.now()}`));
  },
  signedIn: async ({ playwright, teacher, baseURL }, use) => {
    const request = await playwright.request.newContext({
      baseURL: baseURL ?? '',
      extraHTTPHeaders: { Origin: baseURL ?? '', 'Sec-Fetch-Site': 'same-origin' },
    });
    const reply = await request.post('/api/sign-in', { data: teacher });
    expect(reply.ok()).toBe(true);
    await use(await request.storageState());
    await request.dispose();
  },
  storageState: async ({ signedIn }, use) => {
    await use(signedIn);
  },
  desk: async ({ page }, use) => {
    const broken: string[] = [];
    page.on('pageerror', (error) => broken.push(error.message));
    page.on('console', (message) => {
      // a refused sum or a lost connection is reported by the browser itself; nothing else should be
      if (message.type() === 'error' && !message.text().startsWith('Failed to load resource')) {
        broken.push(message.text());
      }
    });
    // what is drawn by chance is the same each time
    await page.addInitScript(() => {
      let state = 20_261_201;
      Math.random = () => {
        state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
        return state / 2_147_483_648;
      };
    });
    const desk = new Desk(page);
    await page.goto('/prepare');
    await expect(desk.sumLine).toBeVisible();
    await use(desk);
    expect(broken).toEqual([]);
  },
});

export { expect };
