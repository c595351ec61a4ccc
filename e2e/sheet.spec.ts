import { execFileSync } from 'node:child_process';
import { expect, test, type Desk } from './desk.js';

const sums: [string, string][] = [
  ['3 h 40 min + 2 h 45 min', '6 h 25 min'],
  ['6 h 10 min - 3 h 45 min', '2 h 25 min'],
  ['1:50 pm + 3½ hours', '5:20 p.m.'],
  ['10:15 am - 35 min', '9:40 a.m.'],
  ['22:50 to 06:15', '7 h 25 min'],
];

/** A new sheet with a name of its own, so that tests side by side do not meet. */
async function sheetOf(desk: Desk, title: string, count = sums.length): Promise<void> {
  await desk.page.getByRole('button', { name: 'New sheet' }).click();
  await desk.page.getByLabel('Title of the sheet').fill(title);
  await desk.page.keyboard.press('Enter');
  for (const [sum] of sums.slice(0, count)) {
    await desk.type(sum);
    await desk.page.keyboard.press('Shift+Enter');
    await expect(desk.questions.last()).toBeVisible();
    await desk.page.keyboard.press('Escape');
  }
  await expect(desk.questions).toHaveCount(count);
  await desk.saved();
}

test('five sums typed and put on a sheet are there after reloading, and print with their key', async ({ desk }) => {
  const { page } = desk;
  await sheetOf(desk, 'Lifeboat drill');
  await desk.hasNoBarriers();
  await page.reload();
  await expect(desk.questions).toHaveCount(5);
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('Lifeboat drill');
  for (const [i, [, answer]] of sums.entries()) {
    await expect(desk.questions.nth(i)).toContainText(`= ${answer}`);
  }

  await page.getByRole('link', { name: 'Print…' }).click();
  const { paper } = desk;
  await expect(paper.getByRole('heading', { name: 'Lifeboat drill' }).first()).toBeVisible();
  await expect(paper.getByText('Name')).toBeVisible();
  await desk.hasNoBarriers();

  const id = /sheets\/([^/]+)\/print/.exec(page.url())?.[1] ?? '';
  for (const size of ['a4', 'letter']) {
    const text = async (part: string) => {
      const reply = await page.request.get(`/print/sheets/${id}.pdf?paper=${size}&part=${part}`);
      expect(reply.ok()).toBe(true);
      return execFileSync('pdftotext', ['-layout', '-', '-'], { input: await reply.body() }).toString();
    };
    const sheet = await text('sheet');
    const key = await text('key');
    expect(sheet).toContain('Name');
    expect(sheet).toContain('Date');
    for (const [, answer] of sums) {
      expect(key).toContain(answer);
      expect(sheet).not.toContain(answer);
    }
    const info = execFileSync('pdfinfo', ['-'], {
      input: await (await page.request.get(`/print/sheets/${id}.pdf?paper=${size}`)).body(),
    }).toString();
    expect(info).toMatch(size === 'a4' ? /595\.\d+ x 841\.\d+ pts/ : /612 x 792 pts/);
  }
});

test('the browser prints pages whose questions are never split', async ({ desk }) => {
  const { page } = desk;
  await sheetOf(desk, 'Kelp racks', 1);
  const id = new URL(page.url()).searchParams.get('sheet') ?? '';
  const status = await page.evaluate(async (sheetId) => {
    const sheet = (await (await fetch(`/api/sheets/${sheetId}`)).json()) as { version: number };
    const questions = Array.from({ length: 23 }, (_, i) => ({
      id: crypto.randomUUID(),
      text: { sum: `${i + 1} h 5 min + 20 min` },
    }));
    const body = JSON.stringify({ version: sheet.version, title: 'Kelp racks', questions });
    return (
      await fetch(`/api/sheets/${sheetId}`, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body })
    ).status;
  }, id);
  expect(status).toBe(200);
  await page.goto(`/print/sheets/${id}?part=sheet`);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  const pages = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf }).toString().split('\f').filter(Boolean);
  expect(pages.length).toBe(2);
  for (const one of pages) {
    const asked = one.match(/5 min \+ 20 min/g)?.length ?? 0;
    expect(one.match(/Answer/g)?.length ?? 0).toBe(asked);
  }
});

test('renaming, reordering by keyboard, changing, removing with undo', async ({ desk }) => {
  const { page } = desk;
  await sheetOf(desk, 'Rock pools', 3);
  await page.getByLabel('Title of the sheet').fill('Rock-pool survey');

  await page.getByRole('button', { name: 'Move question 3', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Now at place 3.')).toBeAttached();
  // what was lifted listens a moment later: a key before that is nobody's, and is pressed again as one would
  await expect(async () => {
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText('Now at place 2.')).toBeAttached({ timeout: 2000 });
  }).toPass();
  await page.keyboard.press('Space');
  await expect(desk.questions.nth(1)).toContainText('= 5:20 p.m.');

  await desk.more('question 1', 'Change');
  await page.getByLabel('Question 1', { exact: true }).fill('2 h 30 min + 4 h 40 min');
  // the answer follows while one types
  await expect(desk.questions.nth(0).getByRole('status')).toHaveText('= 7 h 10 min');
  await page.keyboard.press('Enter');
  await expect(desk.questions.nth(0)).toContainText('= 7 h 10 min');

  await desk.more('question 2', 'Remove');
  await expect(desk.questions).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(desk.questions).toHaveCount(3);
  await expect(desk.questions.nth(1)).toContainText('= 5:20 p.m.');
  await desk.saved();
  await page.reload();
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('Rock-pool survey');
  await expect(desk.questions.nth(0)).toContainText('= 7 h 10 min');
  await expect(desk.questions.nth(1)).toContainText('= 5:20 p.m.');
  await expect(desk.questions.nth(2)).toContainText('= 2 h 25 min');
});

test('the shelf: duplicate, delete with undo, begin', async ({ desk }) => {
  const { page } = desk;
  await sheetOf(desk, 'Quay market', 1);
  await page.getByRole('link', { name: 'Back to sheets' }).click();
  await expect(page.getByRole('heading', { name: 'Sheets' })).toBeVisible();
  await desk.hasNoBarriers();
  await desk.more('Quay market', 'Duplicate');
  const duplicate = page.getByRole('link', { name: /^Quay market \(2\)/ });
  await expect(duplicate).toBeVisible();
  await desk.more('Quay market (2)', 'Delete');
  await expect(duplicate).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(duplicate).toBeVisible();
  await duplicate.click();
  await expect(desk.questions).toHaveCount(1);
});

test('two windows on one sheet: nothing is silently overwritten, and both can be put together', async ({ desk }) => {
  const { page } = desk;
  await sheetOf(desk, 'Causeway', 1);
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(other.getByRole('region', { name: 'Sheet', exact: true }).getByRole('listitem')).toHaveCount(1);

  await desk.type('1 h + 2 h');
  await page.keyboard.press('Shift+Enter');
  await expect(desk.questions).toHaveCount(2);
  await desk.more('question 1', 'Change');
  await page.getByLabel('Question 1', { exact: true }).fill('2 h 30 min + 4 h 40 min');
  await page.keyboard.press('Enter');
  await expect(desk.questions.nth(0)).toContainText('= 7 h 10 min');
  await desk.saved();

  await other.getByLabel('Title of the sheet').fill('The causeway is dry');
  await other.getByLabel('Sum line').fill('4 h - 3 h');
  await other.getByLabel('Sum line').press('Shift+Enter');
  await expect(other.getByRole('alert')).toContainText('changed in another window');
  await other.getByRole('button', { name: 'Put both together' }).click();
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  await expect(other.getByRole('region', { name: 'Sheet', exact: true }).getByRole('listitem')).toHaveCount(3);
  await page.reload();
  await expect(desk.questions).toHaveCount(3);
  // what was changed here and what was changed there
  await expect(desk.questions.nth(0)).toContainText('= 7 h 10 min');
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('The causeway is dry');
});

test('a question is asked and answered in a form of its own', async ({ desk }) => {
  const { page } = desk;
  await sheetOf(desk, 'Boat shed', 3);
  await desk.more('question 3', 'Change');
  await page.getByLabel('Answers', { exact: true }).selectOption('draw the hands');
  await page.getByLabel('Times given', { exact: true }).selectOption('clock faces');
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(desk.questions.nth(2)).toContainText('Answers: draw the hands');
  await expect(desk.questions.nth(2)).toContainText('Times: clock faces');
  await desk.more('question 3', 'New numbers');
  await expect(desk.questions.nth(2)).not.toContainText('5:20 p.m.');
  await desk.saved();
  await page.reload();
  await expect(desk.questions.nth(2)).toContainText('Answers: draw the hands');
  await page.getByRole('link', { name: 'Print…' }).click();
  const { paper } = desk;
  await expect(paper.getByRole('img', { name: 'A clock face to draw the hands on' })).toHaveCount(1);
  await expect(paper.getByText(/^What time is it .* later\?$/).first()).toBeVisible();
  await expect(paper.getByText('6 h 10 min − 3 h 45 min').first()).toBeVisible();
});

test('a lost connection while working on a sheet: kept here, sent when it is back, even after closing the tab', async ({
  desk,
}) => {
  const { page } = desk;
  await sheetOf(desk, 'Lamp log', 1);
  const address = page.url();
  await page.context().setOffline(true);
  await page.getByLabel('Title of the sheet').fill('Lighthouse lamp log');
  await expect(page.getByText('Not sent yet')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 15_000 });

  await page.route('**/api/sheets/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await page.getByLabel('Title of the sheet').fill('Lamp log of the lighthouse');
  await expect(page.getByText('Not sent yet')).toBeVisible();
  const later = await page.context().newPage();
  await page.close();
  await later.goto(address);
  await expect(later.getByLabel('Title of the sheet')).toHaveValue('Lamp log of the lighthouse');
  await expect(later.getByText('Saved', { exact: true })).toBeVisible();
});
