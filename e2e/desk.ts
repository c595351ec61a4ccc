import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';

export const teacher = { email: 'arden@ombrel.example', password: 'Pintail at noon' };

/** What a teacher does at the desk. */
export class Desk {
  constructor(readonly page: Page) {}

  async signIn(): Promise<void> {
    await this.page.goto('/');
    await this.page.getByLabel('E-mail address').fill(teacher.email);
    await this.page.getByLabel('Password').fill(teacher.password);
    await this.page.keyboard.press('Enter');
    await expect(this.sumLine).toBeVisible();
  }

  get sumLine() {
    return this.page.getByLabel('Sum line');
  }

  get answer() {
    return this.page.getByTestId('answer');
  }

  get questions() {
    return this.page.getByRole('region', { name: 'Sheet', exact: true }).getByRole('listitem');
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
  async hasNoBarriers(within = 'html'): Promise<void> {
    const found = await new AxeBuilder({ page: this.page })
      .include(within)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
      .analyze();
    expect(found.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(' ')}`)).toEqual([]);
  }
}

type Kept = Awaited<ReturnType<BrowserContext['storageState']>>;

export const test = base.extend<{ desk: Desk }, { signedIn: Kept }>({
  /** Signed in once for all tests of a worker. */
  signedIn: [
    async ({ browser }, use, worker) => {
      const context = await browser.newContext({ baseURL: worker.project.use.baseURL ?? '' });
      const desk = new Desk(await context.newPage());
      await desk.signIn();
      await use(await context.storageState());
      await context.close();
    },
    { scope: 'worker' },
  ],
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
    const desk = new Desk(page);
    await page.goto('/prepare');
    await expect(desk.sumLine).toBeVisible();
    await use(desk);
    expect(broken).toEqual([]);
  },
});

export { expect };
