import { expect, test } from './desk.js';
import { ask, Tablet, type Offer } from './tablets.js';

test('a class practises: three children, one of them without a connection for ten questions, one closes its tablet; the teacher sees it, and the record is right', async ({
  desk,
  page,
  browser,
}) => {
  await page.goto('/practise');
  await expect(page.getByRole('heading', { name: /^Practise with/ })).toBeVisible();
  await desk.hasNoBarriers();
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  const code = (await page.getByTestId('code').textContent()) ?? '';
  expect(code).toMatch(/^[a-z]+ [a-z]+ \d+$/);
  await expect(page.getByText('Nobody is there yet.')).toBeVisible();

  const [anouk, dovid, priya] = await Promise.all([
    Tablet.of(browser),
    Tablet.of(browser, 820, 1180),
    Tablet.of(browser, 390, 844),
  ]);
  await anouk.comeIn(code.toUpperCase(), 'Anouk');
  await dovid.comeIn(code.replaceAll(' ', ''), 'Dovid');
  await priya.comeIn(code, 'Priya');
  await expect(page.getByRole('list', { name: 'Children' }).getByRole('listitem')).toHaveCount(3);

  const goOn = async (tablet: Tablet, offer: Offer) => {
    await tablet.wasRight();
    await expect.poll(async () => (await tablet.kept())?.id).not.toBe(offer.id);
  };

  // Anouk is wrong three times at one question, and sees how it goes
  let wrong = await anouk.kept();
  for (let i = 0; i < 3; i += 1) {
    wrong = await anouk.kept();
    await anouk.answer(wrong, 'look');
    await expect(anouk.page.getByTestId('said')).toContainText(i < 2 ? 'Look again.' : 'Here is how it goes.');
  }
  await expect(page.getByText('wrong three times')).toBeVisible();
  await expect(anouk.page.getByRole('group', { name: 'How it goes' })).toBeVisible();
  await anouk.page.getByRole('button', { name: 'Next step' }).tap();
  await anouk.page.getByRole('button', { name: 'Next question' }).tap();
  await expect(anouk.page.getByTestId('said')).toHaveText('');

  // who does not know need not guess: help from the start, as far as it is wanted, and on
  const unknown = await anouk.kept();
  await anouk.page.getByRole('button', { name: 'I do not know yet' }).tap();
  await expect(anouk.page.getByTestId('said')).toContainText(/^Here is /);
  const more = anouk.page.getByRole('button', { name: 'Show me how it goes' });
  const on = anouk.page.getByRole('button', { name: 'Next question' });
  await expect(more.or(on)).toBeVisible();
  if (await more.isVisible()) {
    await more.tap();
  }
  await on.tap();
  await expect.poll(async () => (await anouk.kept())?.id).not.toBe(unknown?.id);
  await expect(page.getByRole('button', { name: /^Anouk 2 of 12 done/ })).toBeVisible({ timeout: 20_000 });

  // Dovid closes his tablet and goes on
  for (let i = 0; i < 2; i += 1) {
    const offer = await dovid.kept();
    await dovid.answer(offer, 'right');
    await goOn(dovid, offer);
  }
  await dovid.page.close();
  const again = await dovid.context.newPage();
  await again.goto('/go');
  await expect(again.getByText('Dovid', { exact: true })).toBeVisible();
  await expect(again.getByRole('img', { name: 'Question 3 of 12' })).toBeVisible();

  // Priya loses the connection; her next questions are there already
  await expect
    .poll(
      () =>
        priya.page.evaluate(
          () =>
            Object.keys((JSON.parse(localStorage.getItem('rostik.seat') ?? '{}') as { offers: object }).offers).length,
        ),
      { timeout: 20_000 },
    )
    .toBeGreaterThanOrEqual(10);
  await priya.context.setOffline(true);
  const given: [string, string][] = [];
  for (let i = 0; i < 10; i += 1) {
    const offer = await priya.kept();
    const how = i % 3 === 1 ? 'look' : 'right';
    if (how === 'look' && (await priya.answer(offer, 'look'))) {
      given.push([offer.id, 'look']);
      await expect(priya.page.getByTestId('said')).toContainText('Look again.');
    } else {
      given.push([offer.id, 'right']);
    }
    await priya.answer(offer, 'right');
    await goOn(priya, offer);
  }
  await expect(priya.page.getByText('No connection. You can go on; nothing is lost.')).toBeVisible();
  await priya.context.setOffline(false);
  await expect(priya.page.getByText('No connection.')).toBeHidden({ timeout: 30_000 });

  // the record is right to the answer
  const id = new URL(page.url()).searchParams.get('practice');
  expect(id).toBeNull();
  await page.getByRole('button', { name: /^Priya/ }).click();
  const rows = page.getByRole('region', { name: 'Questions of Priya' }).getByRole('row');
  await expect(page.getByRole('button', { name: /^Priya 10 of 12 done/ })).toBeVisible({ timeout: 20_000 });
  await expect.poll(() => rows.count()).toBeGreaterThan(10);
  const seen = new URL(page.url()).searchParams.get('seat') ?? '';
  const list = await ask<{ inHand: boolean; id: string }[]>(page, 'GET', '/api/classes');
  const classId = list.find((one) => one.inHand)?.id ?? '';
  const [practice] = await ask<{ id: string }[]>(page, 'GET', `/api/classes/${classId}/practices`);
  const questions = await ask<{ right: boolean | null }[]>(
    page,
    'GET',
    `/api/practices/${practice?.id ?? ''}/seats/${seen}`,
  );
  expect(questions.slice(0, 10).map((one) => one.right)).toEqual(given.map(([, how]) => how === 'right'));
  await desk.hasNoBarriers();

  // what was hardest goes to the board, without a name
  await page.getByRole('link', { name: 'What was hardest, on the board' }).click();
  await expect(page).toHaveURL(/\/teach\?sum=/);
  await expect(page.getByText('Anouk')).toBeHidden();
  await page.goto('/practise');

  await page.getByRole('button', { name: 'End practice…' }).click();
  await page.getByLabel('A last word for all').fill('Off to the boat shed!');
  await page.getByRole('button', { name: 'End practice', exact: true }).click();
  await expect(page.getByTestId('code')).toBeHidden();
  await expect(priya.page.getByRole('heading', { name: 'Off to the boat shed!' })).toBeVisible({ timeout: 30_000 });
  await anouk.page.goto('/go');
  await expect(anouk.page.getByRole('heading', { name: 'Off to the boat shed!' })).toBeVisible({ timeout: 30_000 });

  await page.getByRole('button', { name: 'All practices' }).click();
  await expect(page.getByRole('button', { name: 'What each child needs', exact: true })).toBeVisible();
  await page
    .getByRole('button', { name: /^Delete: / })
    .first()
    .click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  // it stood there: there it is said, and could be undone
  await expect(page.getByRole('region', { name: 'Earlier' }).getByRole('status')).toHaveText(/ is deleted\.$/);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeFocused();
  await Promise.all([anouk, dovid, priya].map((one) => one.context.close()));
});

test('tablets are watches: every try of every group comes to one tally', async ({ desk, page, browser }) => {
  await page.goto('/teach/activity/half-a-minute?with.target=10');
  await page.getByRole('radio', { name: 'At tablets' }).click();
  await page.getByRole('button', { name: 'Show the code' }).click();
  const code = (await page.getByText(/^[a-z]+ [a-z]+ \d+$/).textContent()) ?? '';
  const tablet = await Tablet.of(browser, 820, 1180);
  await tablet.page.goto('/go');
  await tablet.page.getByLabel('First word').fill(code);
  await tablet.page.getByRole('button', { name: 'Go' }).tap();
  await tablet.page.getByRole('button', { name: 'Uma', exact: true }).tap();
  const go = tablet.page.getByRole('button', { name: 'Go', exact: true });
  await go.tap();
  // the screen is locked and wakes again
  await tablet.page.reload();
  await tablet.page.getByRole('button', { name: 'Stop', exact: true }).tap();
  await expect(tablet.page.getByText(/^\d+\.\d s$/)).toBeVisible();
  await expect(page.getByLabel('The tally')).toContainText('under1');
  // without a connection it waits, and is taken once
  await tablet.context.setOffline(true);
  await go.tap();
  await tablet.page.getByRole('button', { name: 'Stop', exact: true }).tap();
  await expect(tablet.page.getByText('No connection. Nothing is lost.')).toBeVisible();
  await tablet.context.setOffline(false);
  await expect(page.getByLabel('The tally')).toContainText('under2');
  await desk.hasNoBarriers();
  await page.reload();
  await page.getByRole('radio', { name: 'At tablets' }).click();
  await expect(page.getByText(code)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: 'Show the code' })).toBeVisible();
  await tablet.page.reload();
  await expect(tablet.page.getByRole('button', { name: 'Go', exact: true })).toHaveCount(0);
  await tablet.context.close();
});
