import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect, fitsAcross, test } from './desk.js';
import { newClass } from './tablets.js';

/** So many days from today, as a field for days has it. */
function dayOf(days: number): string {
  const day = new Date();
  day.setDate(day.getDate() + days);
  return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
}

/** The Oystercatchers, taken in hand, with four lessons: the first of them is today's. */
async function oystercatchers(page: Page, origin: string): Promise<void> {
  const id = await newClass(page.request, origin, 'Oystercatchers', ['Marisol', 'Teo', 'Ibby', 'Lark']);
  const headers = { Origin: origin, 'Sec-Fetch-Site': 'same-origin' };
  const today = new Date();
  const planned = await page.request.put(`/api/classes/${id}/plan`, {
    headers,
    data: {
      wanted: ['add-regroup'],
      had: ['unit-facts', 'convert-whole', 'convert-mixed', 'add-plain'],
      week: [{ weekday: ((today.getDay() + 6) % 7) + 1, start: '00:00', minutes: 45 }],
      // since yesterday: a plan that begins today begins after now
      first: dayOf(-1),
      lessons: 4,
    },
  });
  expect(planned.ok()).toBe(true);
  // the class in hand is the window's own
  await page.evaluate((inHand) => {
    sessionStorage.setItem('rostik.class', inHand);
  }, id);
}

/** The lesson of today, whatever the clock says. */
async function openFirstLesson(page: Page): Promise<void> {
  await page.goto('/today/plan');
  await page.getByRole('list', { name: 'Lessons' }).getByRole('link').first().click();
  await expect(parts(page).first()).toBeVisible();
}

const parts = (page: Page) => page.getByRole('list', { name: 'Parts of the lesson' }).getByRole('listitem');

test('from an empty class to a planned week, taught, its ticket printed and marked, and groups for the next day', async ({
  desk,
  page,
}) => {
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Name of the class').fill('Oystercatchers');
  await page.getByLabel('Children, a first name to a line').fill('Marisol\nTeo\nIbby\nLark');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Oystercatchers is saved.').first()).toBeVisible();
  await page.getByRole('button', { name: /^Class in hand:/ }).click();
  await page.getByRole('menuitemradio', { name: 'Oystercatchers' }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('t');

  // three steps
  await expect(page.getByRole('heading', { name: 'Plan the lessons of Oystercatchers' })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByLabel('Find on the ladder').fill('pass 60');
  await page.getByLabel('I can add hours and minutes that pass 60.').check();
  for (const has of [
    'Know how the units are related',
    'Change whole amounts',
    'Change to and from',
    'Add hours and minutes that stay',
  ]) {
    await page.getByLabel(new RegExp(has, 'i')).check();
  }
  const today = new Date();
  await page.getByLabel('Day of lesson 1').selectOption(String(((today.getDay() + 6) % 7) + 1));
  await page.getByLabel('Time of lesson 1').fill('00:00');
  await page.getByLabel('Minutes of lesson 1').fill('45');
  await page.getByLabel('First day', { exact: true }).fill(dayOf(-1));
  await page.getByLabel('Lessons', { exact: true }).fill('4');
  await page.getByRole('button', { name: 'Plan the lessons' }).click();
  await expect(page.getByRole('heading', { name: 'Add hours and minutes that pass 60' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: /to spare|fits to the minute/ })).toBeVisible();
  await desk.hasNoBarriers();

  // the first is the one of today, whatever the clock says
  await page.goto('/today/plan');
  await page.getByRole('list', { name: 'Lessons' }).getByRole('link').first().click();
  await expect(page.getByRole('button', { name: 'How did it go?' })).toBeVisible();

  // on the board, part by part
  await page.getByRole('button', { name: 'Teach it' }).click();
  const line = page.getByRole('region', { name: 'The lesson' });
  await expect(line).toContainText(/1 of \d/);
  const count = Number(/1 of (\d+)/.exec((await line.textContent()) ?? '')?.[1]);
  for (let part = 2; part <= count; part += 1) {
    await page.keyboard.press('PageDown');
    await expect(line).toContainText(`${part} of ${count}`);
  }
  await page.reload();
  await expect(line).toContainText(`${count} of ${count}`);
  await desk.hasNoBarriers();
  await line.getByRole('link', { name: 'Stop teaching' }).click();

  // what is missing is made and printed in one go
  const printed = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print what is missing' }).click();
  const text = execFileSync('pdftotext', ['-layout', (await (await printed).path()) ?? '', '-']).toString();
  expect(text).toContain('Ticket: add hours and minutes that pass 60');
  await expect(page.getByRole('link', { name: 'The ticket' })).toBeVisible();

  // afterwards
  await page.getByRole('button', { name: 'How did it go?' }).click();
  await expect(page.getByRole('dialog', { name: 'How did it go?' })).toBeVisible();
  await desk.hasNoBarriers('[role=dialog]');
  await page.getByLabel(/^Explain/).fill('14');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Mark today’s ticket' }).click();
  await expect(page).toHaveURL(/\/mark/);
  const sheet = new URL(page.url()).searchParams.get('sheet') ?? '';
  const { classId } = (await (await page.request.get(`/api/sheets/${sheet}`)).json()) as { classId: string };
  const pile = (await (
    await page.request.post('/api/piles', {
      data: { sheetId: sheet, classId },
      headers: { Origin: new URL(page.url()).origin },
    })
  ).json()) as { id: string };
  await page.goto(`/mark/${pile.id}`);
  await expect(page.getByText('Marisol').first()).toBeVisible();
  await page.keyboard.type('1');
  await page.keyboard.press('Enter');
  await page.goto('/today');
  await expect(page.getByRole('region', { name: 'Still to do' })).toContainText(/Groups for the next lesson|Mark/);
});

test('a lesson is changed by pointer and by keys, fits again at one press, slips, and all of it is taken back', async ({
  desk,
  page,
  baseURL,
}) => {
  await oystercatchers(page, baseURL ?? '');
  await openFirstLesson(page);
  const names = async () =>
    (await parts(page).allTextContents()).map((one) => one.replace(/\d+:\d\d/, '').slice(0, 12));
  const before = await names();
  // a part moved by keys
  const grip = page.getByRole('button', { name: 'Move Explain', exact: true });
  // moving comes when the hands are still
  await expect(grip).toHaveAttribute('aria-roledescription', 'sortable');
  await grip.focus();
  await page.keyboard.press('Space');
  const place = (await parts(page).allTextContents()).findIndex((one) => one.includes('Explain')) + 1;
  await expect(page.getByText(`Part ${place} lifted.`).or(page.getByText(`Now at place ${place}.`))).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(`Now at place ${place + 1}.`)).toBeAttached();
  await page.keyboard.press('Space');
  await expect.poll(names).not.toEqual(before);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(names).toEqual(before);
  // and by presses alone, without dragging
  await grip.click();
  await page.getByRole('button', { name: 'Move Explain down' }).click();
  await expect.poll(names).not.toEqual(before);
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Move Explain up' }).click();
  await expect.poll(names).toEqual(before);
  await grip.click();
  await expect(page.getByRole('button', { name: 'Move Explain up' })).toHaveCount(0);
  // longer than the lesson
  await parts(page)
    .getByRole('button', { name: /^Explain/ })
    .click();
  await desk.hasNoBarriers();
  for (let i = 0; i < 12; i += 1) {
    await page.getByRole('button', { name: 'Minutes of Explain: one more' }).click();
  }
  await expect(page.getByText(/minutes? over\./)).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Shorten it to fit' }).click();
  await expect(page.getByText(/to spare|fits to the minute/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/to spare|fits to the minute/)).toBeVisible();
  // it slips
  await page.goto('/today/plan');
  const days = async () => await page.getByRole('list', { name: 'Lessons' }).getByRole('listitem').allTextContents();
  await expect(page.getByRole('list', { name: 'Lessons' }).getByRole('listitem')).toHaveCount(4);
  await desk.hasNoBarriers();
  const [first, , , last] = await days();
  await page.getByRole('list', { name: 'Lessons' }).getByRole('link').nth(1).click();
  await page.getByRole('button', { name: 'More about this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Move to the next lesson' }).click();
  await expect(page.getByText('The lesson moves to the next time, and the rest with it.').first()).toBeVisible();
  await page
    .getByRole('region', { name: /Notifications/ })
    .getByRole('button', { name: 'Undo' })
    .click();
  await page.goto('/today/plan');
  await expect.poll(async () => (await days())[3]).toEqual(last);
  await expect.poll(async () => (await days())[0]).toEqual(first);
});

test('the page for who teaches it instead, the calendar, and what is found by >', async ({ desk, page, baseURL }) => {
  await oystercatchers(page, baseURL ?? '');
  await openFirstLesson(page);
  await page.getByRole('button', { name: 'More about this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Page for a cover teacher' }).click();
  const paper = page.frameLocator('iframe').first();
  await expect(paper.getByRole('heading', { level: 1 })).toContainText('Add hours and minutes');
  await expect(paper.getByText('Marisol')).toHaveCount(0);
  await desk.hasNoBarriers();
  await page.goto('/today/plan');
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = await page.getByLabel(/Copy it now/).inputValue();
  const calendar = await (await page.request.get(address)).text();
  expect(calendar).toContain('BEGIN:VCALENDAR');
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(4);
  // a word, an arrow, Enter
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('>');
  await page.keyboard.type('lotto');
  await expect(page.getByRole('option', { name: /Time lotto/ })).toBeVisible();
  await desk.hasNoBarriers();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/activities\/lotto/);
  await page.goto('/problems');
  await expect(page.getByRole('button', { name: 'Work it' })).toHaveCount(5);
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Work it' }).first().click();
  await expect(desk.answer).toBeVisible();
});

for (const [width, height] of [
  [1280, 800],
  [768, 1024],
  [390, 844],
] as const) {
  test(`every place is reached at ${width} by ${height}, and nothing runs out of the screen`, async ({
    desk,
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/today');
    for (const place of ['Prepare', 'Teach', 'Practise', 'Mark', 'Follow up', 'Today']) {
      await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
      await expect(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place })).toHaveAttribute(
        'aria-current',
        'page',
      );
      await fitsAcross(page);
    }
    await expect(parts(page).first()).toBeVisible();
    await desk.hasNoBarriers();
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Prepare' }).click();
    for (const place of ['Sheets', 'Problems', 'Timetables', 'Activities']) {
      await page.getByRole('navigation', { name: 'Prepare' }).getByRole('link', { name: place }).click();
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      await fitsAcross(page);
    }
  });
}
