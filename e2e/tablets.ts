import { expect, type APIRequestContext, type Browser, type BrowserContext, type Page } from '@playwright/test';

/** A question as a tablet gets it; only what is looked at here. */
export interface Offer {
  id: string;
  asked: string;
  form: { type: string; room?: { begins: { type: string } | null } | null };
  pad: { keys: string[]; choose: string[]; order: string[] };
  usual: { text: string; signal: string; hands: number[] | null }[];
  /** Minutes by which a key turns the minute hand. */
  turns: number;
  clocks: unknown[];
  table: unknown;
}

/** Asks the API as the page does that is open. */
export async function ask<Reply>(page: Page, method: string, path: string, body?: unknown): Promise<Reply> {
  return page.evaluate(
    async ([how, where, what]) => {
      const reply = await fetch(where, {
        method: how,
        headers: { 'Content-Type': 'application/json' },
        ...(what === undefined ? {} : { body: what }),
      });
      return reply.status === 204 ? null : await reply.json();
    },
    [method, path, body === undefined ? undefined : JSON.stringify(body)] as [string, string, string | undefined],
  ) as Promise<Reply>;
}

/** A child's tablet: a browser of its own, with touch. */
export class Tablet {
  private constructor(
    readonly page: Page,
    readonly context: BrowserContext,
  ) {}

  static async of(browser: Browser, width = 1024, height = 768): Promise<Tablet> {
    const context = await browser.newContext({
      viewport: { width, height },
      hasTouch: true,
      storageState: { cookies: [], origins: [] },
    });
    // that an answer was right is on the screen for a moment only, which a busy machine may look away from
    await context.addInitScript(() => {
      let there = false;
      new MutationObserver(() => {
        const now = document.querySelector('[data-testid="right"]') !== null;
        if (now && !there) {
          sessionStorage.setItem('rights', String(Number(sessionStorage.getItem('rights') ?? 0) + 1));
        }
        there = now;
      }).observe(document, { subtree: true, childList: true });
    });
    return new Tablet(await context.newPage(), context);
  }

  /** How often it has said that an answer is right. */
  private rights = 0;

  /** The answer just given was right: it was said so, and it has gone on. */
  async wasRight(): Promise<void> {
    await expect
      .poll(() => this.page.evaluate(() => Number(sessionStorage.getItem('rights') ?? 0)), {
        message: 'the answer counts as right',
      })
      .toBeGreaterThan(this.rights);
    this.rights += 1;
    // the sign stands until the child goes on, by a tap or by Enter
    const next = this.page.getByRole('button', { name: 'Next question' });
    await expect(next).toBeFocused();
    await (this.rights % 2 === 0 ? next.press('Enter') : next.tap());
    await expect(this.page.getByTestId('right')).toBeHidden();
  }

  async comeIn(code: string, name: string): Promise<void> {
    await this.page.goto('/go');
    await this.page.getByLabel('First word').fill(code);
    await this.page.getByRole('button', { name: 'Go' }).tap();
    await this.page.getByRole('button', { name, exact: true }).tap();
    await expect(this.page.getByTestId('asked')).toBeVisible();
  }

  /** What the tablet itself keeps of its questions, connection or not. */
  async kept(): Promise<Offer> {
    // the next ones may still be on their way; the one that stands there stays, whatever comes meanwhile
    const asked = this.page.getByTestId('asked');
    await expect(asked).toBeVisible();
    return asked.evaluate((heading) => {
      const kept = JSON.parse(localStorage.getItem('rostik.seat') ?? '{}') as { offers: Record<string, Offer> };
      return kept.offers[(heading as HTMLElement).dataset['question'] ?? ''] as Offer;
    });
  }

  /** Answers by touch, in whatever form. */
  async answer(offer: Offer, signal: 'right' | 'look' | 'ask'): Promise<boolean> {
    const usual = offer.usual.find((one) => one.signal === signal);
    const order = offer.pad.order;
    if (!usual && !(order.length > 0 && signal === 'look')) {
      return false;
    }
    const text = usual?.text ?? '';
    const { page } = this;
    if (offer.form.type === 'hands') {
      await this.setHands(usual?.hands ?? [0, 0], offer.turns, / (a\.m\.|p\.m\.)$/.exec(text)?.[1] ?? null);
    } else if (offer.pad.choose.length > 0) {
      const at = offer.form.type === 'choice' ? text.charCodeAt(0) - 97 : offer.pad.choose.indexOf(text);
      await page.getByRole('group', { name: 'Choose one' }).getByRole('button').nth(at).tap();
    } else if (order.length > 0) {
      const right = offer.usual.find((one) => one.signal === 'right')?.text.split(', ') ?? [];
      await this.putInOrder(signal === 'look' ? [...right].reverse() : text.split(', '), order);
    } else {
      await page.getByLabel('Your answer').fill(text);
      await page.getByRole('button', { name: 'Check', exact: true }).tap();
    }
    return true;
  }

  /** By the arrows beside the clock, as a hand that is dragged ends on the same marks. */
  private async setHands(wanted: readonly number[], turns: number, half: string | null): Promise<void> {
    const [hour = 0, minute = 0] = wanted;
    await this.page.locator('body').click({ position: { x: 5, y: 300 } });
    for (const [key, name, degrees, by] of [
      ['Minute hand', 'minute', minute, 6 * turns],
      ['Hour hand', 'hour', hour, 7.5],
    ] as const) {
      await this.page.getByRole('slider', { name: key }).focus();
      // from where an earlier answer has left it
      const stands = await this.page.locator(`[data-hand="${name}"]`).last().getAttribute('transform');
      const steps = Math.round((degrees - Number(/-?[\d.]+/.exec(stands ?? '')?.[0] ?? 0)) / by);
      for (let i = 0; i < Math.abs(steps); i += 1) {
        await this.page.keyboard.press(steps > 0 ? 'ArrowRight' : 'ArrowLeft');
      }
    }
    if (half !== null) {
      await this.page.getByRole('radio', { name: half }).tap();
    }
    await this.page.getByRole('button', { name: 'Check', exact: true }).tap();
  }

  private async putInOrder(wanted: readonly string[], things: readonly string[]): Promise<void> {
    const list = this.page.getByRole('list', { name: /In order/ }).getByRole('listitem');
    for (let place = 0; place < wanted.length; place += 1) {
      const name = wanted[place] ?? '';
      for (let guard = 0; guard < things.length; guard += 1) {
        const now = (await list.allInnerTexts()).map((one) => one.replaceAll(' ', ' ').trim());
        const at = now.indexOf(name.replaceAll(' ', ' '));
        if (at <= place) {
          break;
        }
        await list
          .nth(at)
          .getByRole('button', { name: /earlier$/ })
          .tap();
      }
    }
    await this.page.getByRole('button', { name: 'Check', exact: true }).tap();
  }
}

/** A class of its own, whose children nobody knows anything of yet. */
export async function newClass(
  request: APIRequestContext,
  origin: string,
  name: string,
  children: string[],
): Promise<string> {
  const id = crypto.randomUUID();
  const reply = await request.put(`/api/classes/${id}`, {
    headers: { Origin: origin, 'Sec-Fetch-Site': 'same-origin' },
    data: { name, children: children.map((one) => ({ id: crypto.randomUUID(), name: one })), taught: [] },
  });
  expect(reply.ok()).toBe(true);
  return id;
}

export async function openPractice(
  request: APIRequestContext,
  origin: string,
  classId: string,
  wanted: Record<string, unknown>,
): Promise<{ id: string; code: string }> {
  const headers = { Origin: origin, 'Sec-Fetch-Site': 'same-origin' };
  const list = (await (await request.get(`/api/classes/${classId}/practices`)).json()) as {
    id: string;
    open: boolean;
  }[];
  for (const one of list.filter((other) => other.open)) {
    await request.post(`/api/practices/${one.id}/close`, { headers, data: {} });
  }
  const reply = await request.post(`/api/classes/${classId}/practices`, { headers, data: wanted });
  expect(reply.status()).toBe(201);
  return (await reply.json()) as { id: string; code: string };
}
