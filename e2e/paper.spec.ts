import { execFileSync } from 'node:child_process';
import type { Download } from '@playwright/test';
import { expect, fitsAcross, test, type Desk } from './desk.js';

/** A sheet with a name of its own, made for one level. */
async function made(desk: Desk, title: string, aim: string, kind = 'Lesson'): Promise<void> {
  const { page } = desk;
  await page.goto('/sheets/make');
  await page.getByRole('radio', { name: kind }).click();
  await page.getByLabel('Title').fill(title);
  await page.getByRole('button', { name: `More: ${aim}` }).click();
  if (kind === 'Lesson') {
    for (const level of ['Support', 'Stretch']) {
      await page.getByRole('checkbox', { name: level }).uncheck();
    }
  }
  await page.getByRole('button', { name: 'Make the sheet' }).click();
  await expect(page.getByLabel('Title of the sheet')).toHaveValue(title);
}

const textOf = async (download: Download): Promise<string> =>
  execFileSync('pdftotext', ['-layout', await download.path(), '-'], { encoding: 'utf8' });

test('a copy for every child, its PDF with progress, and its key found by the code', async ({ desk }) => {
  const { page } = desk;
  await made(desk, 'Seal survey', 'I can take an hour and write it as 60 minutes.', 'Exit ticket');
  await page.getByRole('link', { name: 'Print…' }).click();
  await page.getByRole('button', { name: 'One for each of Kittiwakes' }).click();
  await expect(desk.paper.getByText('Anouk').first()).toBeVisible();
  await expect(desk.paper.getByText('Yusuf').first()).toBeAttached();
  await desk.hasNoBarriers();
  const code = (await desk.paper.locator('.code').nth(2).textContent()) ?? '';
  const download = page.waitForEvent('download');
  // a short PDF says its pages only for a moment: look for it from the start
  const progress = Promise.all([
    page.getByText(/Making the PDF: page \d+ of about \d+/).waitFor(),
    page.getByRole('progressbar', { name: 'Pages made' }).waitFor(),
  ]);
  await page.getByRole('button', { name: 'PDF' }).click();
  await progress;
  const text = await textOf(await download);
  expect(text.match(/Name Cleo/g)).toHaveLength(1);
  // the code stands on the ticket and in the key
  expect(text.split(code)).toHaveLength(3);
  await expect(page.getByRole('button', { name: 'PDF' })).toBeVisible();

  await page.goto('/sheets');
  await page.getByLabel('Find').fill(code.toLowerCase());
  await expect(page.getByText(`Copy ${code} of Cleo, “Seal survey”`)).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('link', { name: 'its key' }).click();
  await expect(desk.paper.getByText('Cleo')).toBeVisible();
  await expect(desk.paper.locator('.answer')).toHaveCount(3);
  await expect(page.getByText(`Copy ${code} alone.`)).toBeVisible();

  // deleted, and brought back
  await page.getByRole('button', { name: 'All copies' }).click();
  await page.getByRole('button', { name: /^Delete the 24 copies/ }).click();
  await expect(page.getByRole('button', { name: /^24 copies/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^24 copies/ })).toBeVisible();
});

test('a PDF under way can be stopped', async ({ desk }) => {
  const { page } = desk;
  await made(desk, 'Causeway log', 'I can find how long it is across hours.');
  await page.getByRole('link', { name: 'Print…' }).click();
  await page.getByLabel('Versions').fill('40');
  await page.getByRole('button', { name: 'Make these versions' }).click();
  await expect(desk.paper.locator('.page[aria-label^="Sheet"]')).toHaveCount(40);
  await page.getByRole('button', { name: 'PDF' }).click();
  await expect(page.getByText('Making the PDF')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'PDF' })).toBeVisible();
  await expect(page.getByText('could not be made')).toHaveCount(0);
});

test('exit tickets, four to a page, and a home page with its method', async ({ desk }) => {
  const { page } = desk;
  await made(desk, 'Before you go', 'I can add hours and minutes that pass 60.', 'Exit ticket');
  await expect(desk.questions).toHaveCount(3);
  await page.getByRole('link', { name: 'Print…' }).click();
  await expect(desk.paper.locator('.piece')).toHaveCount(4);
  await expect(page.getByText('4 to a page, to be cut apart.')).toBeVisible();
  await page.getByLabel('For', { exact: true }).selectOption('home');
  await expect(desk.paper.getByText('For whoever helps at home.')).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByLabel('Times given').selectOption('words');
  await page.getByLabel('Text size').selectOption('large');
  await expect(desk.paper.locator('.page').first()).toHaveClass(/type-large/);
});

test('what the sheet brings to light, and a swap that tells more', async ({ desk }) => {
  const { page } = desk;
  await page.getByRole('button', { name: 'New sheet' }).click();
  await page.getByLabel('Title of the sheet').fill('Lifeboat times');
  await page.keyboard.press('Enter');
  for (const sum of ['2 h 30 min + 4 h 35 min', '2 h 40 min + 4 h 30 min']) {
    await desk.type(sum);
    await page.keyboard.press('Shift+Enter');
    await page.keyboard.press('Escape');
  }
  await expect(desk.questions).toHaveCount(2);
  await desk.saved();
  await page.getByRole('button', { name: 'Which mistakes it shows' }).click();
  const dialog = page.getByRole('dialog', { name: 'Which mistakes it shows' });
  await expect(dialog.getByText('Tells 14 of 15 pairs')).toBeVisible();
  await desk.hasNoBarriers();
  await dialog.getByRole('button', { name: /^Swap question/ }).click();
  await expect(dialog.getByText('Tells 15 of 15 pairs')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(desk.questions.first()).toContainText('= 7 h 5 min');
  await expect(desk.questions.last()).toContainText('= 7 h 10 min');
});

test('a list pasted into the sum line goes on the sheet in hand; a challenge goes to its end', async ({ desk }) => {
  const { page } = desk;
  await page.getByRole('button', { name: 'New sheet' }).click();
  await page.getByLabel('Title of the sheet').fill('Kelp times');
  await desk.sumLine.focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', '4 h - 35 min\n1 h + 2 h | How long is it in all?\nbananas');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  const dialog = page.getByRole('dialog', { name: 'Import a list' });
  await dialog.getByRole('button', { name: 'Add them to the sheet' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Line 3');
  await dialog.getByRole('textbox').fill('4 h - 35 min\n1 h + 2 h | How long is it in all?');
  await dialog.getByRole('button', { name: 'Add them to the sheet' }).click();
  await expect(desk.questions).toHaveCount(2);
  await desk.more('question 1', 'Change');
  await page.getByLabel('a challenge at the end').check();
  await page.keyboard.press('Enter');
  await expect(desk.questions.last()).toContainText('Challenge');
  await expect(desk.questions.last()).toContainText('= 3 h 25 min');
  await desk.saved();
  await page.reload();
  await expect(desk.questions.last()).toContainText('Challenge');
});

test('the shelf: found by what it is about, archived, put back', async ({ desk }) => {
  const { page } = desk;
  await made(desk, 'Market hours', 'I can compare lengths of time.');
  await page.goto('/sheets');
  const row = page.getByRole('link', { name: /^Market hours/ });
  await page.getByLabel('Skill').selectOption('compare-lengths');
  await expect(row).toBeVisible();
  await expect(page.getByRole('link', { name: /^The tide and the ferry \d/ })).toHaveCount(0);
  await desk.more('Market hours', 'Archive');
  await expect(row).toHaveCount(0);
  await page.getByLabel('Skill').selectOption('');
  await page.getByRole('radio', { name: 'archived' }).click();
  await expect(row).toBeVisible();
  await desk.hasNoBarriers();
  await desk.more('Market hours', 'Put back');
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(row).toBeVisible();
});

test('the levels of a sheet stand in one row of the shelf, and go together', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/sheets/make');
  await page.getByLabel('Title').fill('Rock-pool levels');
  await page.getByRole('button', { name: 'More: I can go across noon.' }).click();
  await page.getByRole('button', { name: 'Make 3 sheets' }).click();
  await expect(page.getByLabel('Title of the sheet')).toHaveValue('Rock-pool levels');
  await page.goto('/sheets');
  const row = page
    .getByRole('main')
    .getByRole('listitem')
    .filter({ hasText: 'Rock-pool levels', has: page.getByRole('link', { name: /^Print/ }) });
  await expect(row).toHaveCount(1);
  await expect(row.getByRole('link', { name: 'stretch' })).toBeVisible();
  await desk.more('Rock-pool levels', 'Duplicate');
  await expect(row).toHaveCount(2);
  await desk.more('Rock-pool levels (2)', 'Delete');
  await expect(row).toHaveCount(1);
  await desk.more('Rock-pool levels', 'Archive');
  await expect(row).toHaveCount(0);
  await page
    .getByRole('listitem')
    .filter({ hasText: 'is in the archive' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(row).toHaveCount(1);
  await row.getByRole('link', { name: 'core' }).click();
  const levels = page.getByRole('navigation', { name: 'Levels of this sheet' });
  await expect(levels.getByRole('link', { name: 'core' })).toHaveAttribute('aria-current', 'page');
  await page.goto('/sheets');
  await page.getByRole('link', { name: 'Print Rock-pool levels' }).click();
  await expect(desk.paper.locator('.page[aria-label="Sheet"]')).toHaveCount(3);
});

test('what is being asked for stays when the tab is closed', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/sheets/make');
  await page.getByRole('radio', { name: 'Homework' }).click();
  await page.getByLabel('Title').fill('Dusk and dawn');
  await page.getByRole('button', { name: 'More: I can go across midnight.' }).click();
  await page.getByLabel('Questions in all').fill('7');
  const later = await page.context().newPage();
  await page.close();
  await later.goto('/sheets/make');
  await expect(later.getByLabel('Title')).toHaveValue('Dusk and dawn');
  await expect(later.getByLabel('Questions in all')).toHaveValue('7');
  await expect(later.getByRole('radio', { name: 'Homework' })).toBeChecked();
  // once it is made, the next begins with nothing
  await later.getByRole('button', { name: 'Make the sheet' }).click();
  await expect(later.getByLabel('Title of the sheet')).toHaveValue('Dusk and dawn');
  await later.goto('/sheets/make');
  await expect(later.getByLabel('Title')).toHaveValue('');
});

test('without a connection the paper stays, says so, and comes back', async ({ desk }) => {
  const { page } = desk;
  await made(desk, 'Tide table', 'I can take an hour and write it as 60 minutes.');
  await page.getByRole('link', { name: 'Print…' }).click();
  await expect(desk.paper.getByText('Name')).toBeVisible();
  await page.context().setOffline(true);
  await page.getByLabel('Print', { exact: true }).selectOption('key');
  await expect(page.getByRole('alert')).toContainText('this is not what the paper looks like now');
  await expect(desk.paper.getByText('Name')).toBeVisible();
  await desk.hasNoBarriers();
  await page.context().setOffline(false);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(desk.paper.locator('.answers')).toBeVisible();
  await expect(desk.paper.getByText('Name')).toHaveCount(0);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('from an aim to print with the keyboard alone', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/sheets/make');
  await expect(page.getByRole('heading', { name: 'Make a sheet' })).toBeVisible();
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 120; i += 1) {
      await page.keyboard.press('Tab');
      const found = await page.evaluate(() => {
        const at = document.activeElement;
        const label = at instanceof HTMLInputElement ? (at.labels?.[0]?.textContent ?? '') : '';
        return at?.getAttribute('aria-label') ?? (label || (at?.textContent ?? ''));
      });
      if (name.test(found)) {
        return;
      }
    }
    throw new Error(`${String(name)} is not reached with Tab.`);
  };
  await tabTo(/^Title/);
  await page.keyboard.type('Boat-shed hours');
  await tabTo(/^Stretch/);
  await page.keyboard.press('Space');
  await tabTo(/^Numbers/);
  await page.keyboard.press('Enter');
  await expect(page.locator('[aria-label="Cross noon"]')).toBeVisible();
  await tabTo(/^More: I can find a time later across the hour/);
  await page.keyboard.press('Enter');
  await tabTo(/^Questions in all/);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page.getByText('2 sheets are made.').first()).toBeVisible();
  await expect(desk.questions).toHaveCount(7);
  await tabTo(/^Print…/);
  await page.keyboard.press('Enter');
  await tabTo(/^Answers|fill a number line/);
  await page.getByLabel('Answers', { exact: true }).focus();
  await page.keyboard.type('fill a n');
  await expect(desk.paper.getByRole('img', { name: 'A number line to work on' }).first()).toBeVisible();
});

for (const [what, width, height] of [
  ['a tablet held upright', 768, 1024],
  ['twice the usual size', 640, 400],
] as const) {
  test(`on ${what} everything is reached and nothing runs off the side`, async ({ desk }) => {
    const { page } = desk;
    await page.setViewportSize({ width, height });
    await made(desk, `Quay clock ${width}`, 'I can go across noon.');
    const { searchParams } = new URL(page.url());
    for (const address of [
      '/sheets/make',
      `/prepare?sheet=${searchParams.get('sheet') ?? ''}`,
      `/sheets/${searchParams.get('sheet') ?? ''}/print`,
      '/sheets',
      '/classes',
    ]) {
      await page.goto(address);
      await expect(page.getByRole('heading').first()).toBeAttached();
      await page.waitForLoadState('networkidle');
      await fitsAcross(page);
      if (height > width) {
        await desk.hasNoBarriers();
      }
    }
  });
}
