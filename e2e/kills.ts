import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test, type BrowserContext, type Page } from '@playwright/test';
import { arden, Desk } from './desk.js';
import usual from './playwright.config.js';

/** The folder of the school whose servers are killed. */
const folder = process.env['ROSTIK_FOLDER'] ?? '';
const KILLS = 20;
/** Until all is back, in milliseconds. */
const BACK = 5000;

/** The process of a server; 0 while there is none. */
const master = (name: string): number => {
  try {
    return Number(readFileSync(join(folder, 'run', `${name}.group`), 'utf8').split(' ')[0]);
  } catch {
    return 0;
  }
};
const childrenOf = (pid: number): number[] => {
  try {
    return execFileSync('pgrep', ['-P', String(pid)], { encoding: 'utf8' })
      .trim()
      .split('\n')
      .map(Number);
  } catch {
    // there are none
    return [];
  }
};
const kill = (pid: number) => {
  process.kill(pid, 'SIGKILL');
};

/** Numbers that look random and are the same each time. */
function* drawn(seed: number): Generator<number, never> {
  for (let state = seed; ;) {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    yield state / 2_147_483_648;
  }
}

/** A browser with a profile that outlives it. */
class Window {
  private constructor(
    private readonly profile: string,
    readonly context: BrowserContext,
    readonly page: Page,
    readonly desk: Desk,
  ) {}

  static async open(profile: string, acknowledged: Set<string>): Promise<Window> {
    const context = await chromium.launchPersistentContext(profile, {
      ...usual.use?.launchOptions,
      baseURL: usual.use?.baseURL ?? '',
      locale: 'en-GB',
      viewport: { width: 1280, height: 800 },
    });
    const page = context.pages()[0] ?? (await context.newPage());
    page.on('response', (response) => {
      if (
        response.ok() &&
        ['PUT', 'POST'].includes(response.request().method()) &&
        /\/api\/sheets/.test(response.url())
      ) {
        const sent = response.request().postData() ?? '{}';
        const { questions = [] } = JSON.parse(sent) as { questions?: { text: { sum: string } }[] };
        questions.forEach(({ text }) => acknowledged.add(text.sum));
      }
    });
    await page.goto('/prepare');
    const window = new Window(profile, context, page, new Desk(page));
    await window.comeIn();
    return window;
  }

  /** Whether or not one is signed in still. */
  private async comeIn(): Promise<void> {
    await expect(this.page.getByLabel('E-mail address').or(this.desk.sumLine)).toBeVisible();
    if (await this.page.getByLabel('E-mail address').isVisible()) {
      await this.page.getByLabel('E-mail address').fill(arden.email);
      await this.page.getByLabel('Password').fill(arden.password);
      await this.page.keyboard.press('Enter');
      await expect(this.desk.sumLine).toBeVisible();
    }
  }

  kill(): void {
    const pids = execFileSync('pgrep', ['-f', `user-data-dir=${this.profile}`], { encoding: 'utf8' });
    pids
      .trim()
      .split('\n')
      .map(Number)
      .forEach((pid) => {
        try {
          kill(pid);
        } catch {
          // it went with its parent
        }
      });
  }
}

test('twenty kills at random moments lose nothing', async ({ request }) => {
  test.setTimeout(600_000);
  const random = drawn(20_261_126);
  const draw = () => random.next().value;
  const profile = mkdtempSync(join(tmpdir(), 'kills-'));
  const acknowledged = new Set<string>();
  const waits: string[] = [];
  let window = await Window.open(profile, acknowledged);
  await window.desk.type('1 h + 1 min');
  await window.page.getByRole('button', { name: /Add to a sheet/ }).click();
  await window.desk.saved();
  const sheet = new URL(window.page.url()).searchParams.get('sheet') ?? '';
  const typed = ['1 h + 1 min'];
  const add = async (minutes: number) => {
    const sum = `1 h + ${minutes} min`;
    await window.desk.sumLine.fill(sum);
    await window.desk.sumLine.press('Shift+Enter');
    typed.push(sum);
    await expect(window.desk.questions).toHaveCount(typed.length);
  };
  const kinds = ['db', 'fpm', 'worker', 'nginx', 'browser'] as const;
  for (let i = 0; i < KILLS; i += 1) {
    const kind = kinds[i % kinds.length] ?? 'db';
    const adding = add(i + 2);
    await new Promise((go) => setTimeout(go, draw() * 600));
    const at = Date.now();
    const before = kind === 'worker' || kind === 'browser' ? 0 : master(kind);
    if (kind === 'browser') {
      await adding;
      window.kill();
      await window.context.close().catch(() => undefined);
    } else if (kind === 'worker') {
      // a killed master leaves workers that answer until the next one is there
      await expect.poll(() => childrenOf(master('fpm')).length).toBeGreaterThan(0);
      const workers = childrenOf(master('fpm'));
      kill(workers[Math.floor(draw() * workers.length)] ?? 0);
    } else {
      kill(before);
    }
    // back by itself: what a killed master has left behind answers until the next one is there
    const back = async () =>
      (before === 0 || (kind !== 'worker' && kind !== 'browser' && ![0, before].includes(master(kind)))) &&
      (await request.get('/health').then(
        (reply) => reply.ok(),
        () => false,
      ));
    await expect.poll(back, { intervals: [50], timeout: 30_000 }).toBe(true);
    waits.push(`${kind} ${Date.now() - at} ms`);
    expect(Date.now() - at, kind).toBeLessThan(BACK);
    if (kind === 'browser') {
      window = await Window.open(profile, acknowledged);
      await window.page.goto(`/prepare?sheet=${sheet}`);
      await expect(window.desk.questions.first()).toBeVisible();
      await window.desk.saved();
      const there = await window.desk.questions.count();
      // what was never sent by a killed browser may be lost, if it had no time to keep it
      expect(there).toBeGreaterThanOrEqual([...acknowledged].length);
      typed.length = there;
    } else {
      await adding;
    }
  }
  await window.desk.saved();
  const kept = await window.page.evaluate(async (id) => {
    const reply = await fetch(`/api/sheets/${id}`);
    return ((await reply.json()) as { questions: { text: { sum: string } }[] }).questions.map((one) => one.text.sum);
  }, sheet);
  expect(kept).toEqual(typed);
  [...acknowledged].forEach((sum) => {
    expect(kept).toContain(sum);
  });
  console.log(waits.join(', '));
  await window.context.close();
  rmSync(profile, { recursive: true, force: true });
});
