import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './desk.js';
import { newClass, openPractice, Tablet, type Offer } from './tablets.js';

/** Every form of answer, by what is practised and how its question is known. */
const forms: { name: string; rungs: string[]; is: (offer: Offer) => boolean }[] = [
  { name: 'typed', rungs: ['convert-whole'], is: (one) => one.form.type === 'write' && one.pad.keys.length > 0 },
  { name: 'columns', rungs: ['add-regroup'], is: (one) => one.form.room?.begins?.type === 'columns' },
  { name: 'a number line', rungs: ['across-noon'], is: (one) => one.form.room?.begins?.type === 'line' },
  { name: 'hands', rungs: ['set-clock'], is: (one) => one.form.type === 'hands' },
  { name: 'a clock to be read', rungs: ['read-clock-five'], is: (one) => one.clocks.length > 0 },
  { name: 'one of four', rungs: ['across-noon'], is: (one) => one.form.type === 'choice' },
  { name: 'in order', rungs: ['order-times'], is: (one) => one.pad.order.length > 0 },
  { name: 'a table', rungs: ['activity-table'], is: (one) => one.form.type === 'table' },
  { name: 'signs', rungs: ['compare-lengths'], is: (one) => one.pad.choose.includes('<') },
  { name: 'words', rungs: ['past-and-to'], is: (one) => one.pad.keys.includes('past') },
  { name: 'a timetable', rungs: ['find-in-timetable'], is: (one) => one.table !== null },
  { name: 'told', rungs: ['one-step-problem'], is: (one) => one.asked.length > 60 },
];

for (const form of forms) {
  test(`${form.name}: by touch and by keys alone, wrong, half right and right, without barriers`, async ({
    browser,
    page,
    baseURL,
  }) => {
    const origin = baseURL ?? '';
    const classId = await newClass(page.request, origin, `Class of ${form.name}`, ['Bo']);
    try {
      const practice = await openPractice(page.request, origin, classId, { of: 'rungs', rungs: form.rungs, many: 20 });
      const tablet = await Tablet.of(browser);
      await tablet.comeIn(practice.code, 'Bo');
      const { page: child } = tablet;
      const goOnTo = async (): Promise<Offer> => {
        for (let i = 0; i < 16; i += 1) {
          const offer = await tablet.kept();
          if (form.is(offer)) {
            return offer;
          }
          await tablet.answer(offer, 'right');
          await tablet.wasRight();
        }
        throw new Error(`No question is answered in the form: ${form.name}`);
      };
      const offer = await goOnTo();
      const found = await new AxeBuilder({ page: child })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .analyze();
      expect(found.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(' ')}`)).toEqual([]);

      const said = child.getByTestId('said');
      if (await tablet.answer(offer, 'look')) {
        await expect(said).toContainText('Look again.');
        await expect(said).not.toContainText('may be');
      }
      if (await tablet.answer(offer, 'ask')) {
        await expect(said).toContainText(/Nearly|Now|What is it/);
      }
      await tablet.answer(offer, 'right');
      await tablet.wasRight();

      // a child's finger: 44 pixels each way for everything that is pressed or typed into
      const small = await child.evaluate(
        () =>
          Array.from(document.querySelectorAll('button, a[href], input, textarea, select, summary'))
            .map((one) => (one.closest('label') ?? one).getBoundingClientRect())
            .filter((box) => box.width > 0 && (box.width < 43.9 || box.height < 43.9)).length,
      );
      expect(small).toBe(0);

      // by keys alone
      const next = await goOnTo();
      const right = next.usual.find((one) => one.signal === 'right')?.text ?? '';
      if (
        next.table === null &&
        next.form.type === 'write' &&
        next.pad.choose.length + next.pad.order.length === 0 &&
        right.length > 3
      ) {
        // what a reader of screens is told does not tell the answer
        const told = (await child.locator('body').ariaSnapshot())
          .replaceAll('\u00a0', ' ')
          // a jump to draw may be as long as the answer
          .replace(/- button "[+−] .*/g, '');
        expect(told).toContain('Your answer');
        expect(told).not.toContain(right);
      }
      if (next.form.type === 'hands') {
        const tabTo = async (name: string) => {
          const hand = child.getByRole('slider', { name });
          for (let i = 0; i < 12 && !(await hand.evaluate((one) => one === document.activeElement)); i += 1) {
            await child.keyboard.press('Tab');
          }
          await expect(hand).toBeFocused();
        };
        const [hour = 0, minute = 0] = next.usual.find((one) => one.signal === 'right')?.hands ?? [];
        await tabTo('Minute hand');
        for (let i = 0; i < Math.round(minute / 6 / next.turns); i += 1) {
          await child.keyboard.press('ArrowRight');
        }
        await tabTo('Hour hand');
        for (let i = 0; i < Math.round(hour / 7.5); i += 1) {
          await child.keyboard.press('ArrowRight');
        }
        // Enter on a button is that button's: it hands nothing in
        await child.getByRole('button', { name: 'Turn the hour hand on' }).focus();
        await child.keyboard.press('Enter');
        await child.getByRole('button', { name: 'Turn the hour hand back' }).focus();
        await child.keyboard.press('Enter');
        await child.getByRole('button', { name: 'Check', exact: true }).focus();
        await child.keyboard.press('Enter');
      } else if (next.pad.choose.length > 0) {
        const at = next.form.type === 'choice' ? right.charCodeAt(0) - 97 : next.pad.choose.indexOf(right);
        const button = child.getByRole('group', { name: 'Choose one' }).getByRole('button').nth(at);
        for (let i = 0; i < 12 && !(await button.evaluate((one) => one === document.activeElement)); i += 1) {
          await child.keyboard.press('Tab');
        }
        await child.keyboard.press('Enter');
      } else if (next.pad.order.length > 0) {
        const names = right.split(', ');
        const list = child.getByRole('list', { name: /In order/ }).getByRole('listitem');
        for (const [place, name] of names.entries()) {
          const now = (await list.allInnerTexts()).map((one) => one.trim());
          for (let at = now.indexOf(name); at > place; at -= 1) {
            await list
              .nth(at)
              .getByRole('button', { name: /earlier$/ })
              .focus();
            await child.keyboard.press('Enter');
          }
        }
        await child.getByRole('button', { name: 'Check', exact: true }).focus();
        await child.keyboard.press('Enter');
      } else {
        await expect(child.getByLabel('Your answer')).toBeFocused();
        await child.keyboard.type(right);
        await child.keyboard.press('Enter');
      }
      await tablet.wasRight();
      await tablet.context.close();
    } finally {
      await page.request.delete(`/api/classes/${classId}`, {
        headers: { Origin: origin, 'Sec-Fetch-Site': 'same-origin' },
      });
    }
  });
}

test('columns are filled square by square, with the small marks, and the squares are the answer', async ({
  browser,
  page,
  baseURL,
}) => {
  const origin = baseURL ?? '';
  const classId = await newClass(page.request, origin, 'Class of squares', ['Bo']);
  const practice = await openPractice(page.request, origin, classId, { of: 'rungs', rungs: ['add-regroup'], many: 20 });
  const tablet = await Tablet.of(browser);
  await tablet.comeIn(practice.code, 'Bo');
  const { page: child } = tablet;
  let right = '';
  for (let i = 0; i < 8; i += 1) {
    const offer = await tablet.kept();
    right = offer.usual.find((one) => one.signal === 'right')?.text ?? '';
    if (offer.form.room?.begins?.type === 'columns' && /^\d+ h \d+ min$/.test(right)) {
      break;
    }
    await tablet.answer(offer, 'right');
    await tablet.wasRight();
  }
  const [, hours = '', minutes = ''] = /^(\d+) h (\d+) min$/.exec(right) ?? [];
  expect(minutes).not.toBe('');
  await child.getByLabel('small above h').fill('1');
  for (const [unit, digits] of [
    ['h', hours],
    ['min', minutes],
  ] as const) {
    const row = child.getByLabel(new RegExp(`^answer, ${unit}, square`));
    const squares = await row.count();
    for (let i = 0; i < digits.length; i += 1) {
      await row.nth(squares - digits.length + i).fill(digits[i] ?? '');
    }
  }
  await expect(child.getByLabel('Your answer')).toHaveValue(right);
  await child.getByRole('button', { name: 'Check', exact: true }).tap();
  await tablet.wasRight();
  await tablet.context.close();
  await page.request.delete(`/api/classes/${classId}`, {
    headers: { Origin: origin, 'Sec-Fetch-Site': 'same-origin' },
  });
});

test('two at one tablet take turns, and the other one looks at it first', async ({ browser, page, baseURL }) => {
  const origin = baseURL ?? '';
  const classId = await newClass(page.request, origin, 'Class of two', ['Bo', 'Ida']);
  const practice = await openPractice(page.request, origin, classId, {
    of: 'rungs',
    rungs: ['convert-whole'],
    many: 6,
  });
  const tablet = await Tablet.of(browser);
  const { page: child } = tablet;
  await child.goto('/go');
  await child.getByLabel('First word').fill(practice.code);
  await child.keyboard.press('Enter');
  await child.getByLabel('Working in a pair').check();
  await child.getByRole('button', { name: 'Bo' }).tap();
  await child.getByRole('button', { name: 'Ida' }).tap();
  for (const [mine, other] of [
    ['Bo', 'Ida'],
    ['Ida', 'Bo'],
  ] as const) {
    await expect(child.getByText(`${mine}, this one is yours.`)).toBeVisible();
    const offer = await tablet.kept();
    await tablet.answer(offer, 'right');
    await expect(child.getByText(`${other}, look at it`)).toBeVisible();
    await child.getByRole('button', { name: 'Let us look again' }).tap();
    await tablet.answer(offer, 'right');
    await child.getByRole('button', { name: 'Yes' }).tap();
    await tablet.wasRight();
  }
  await tablet.context.close();
  await page.request.delete(`/api/classes/${classId}`, {
    headers: { Origin: origin, 'Sec-Fetch-Site': 'same-origin' },
  });
});
