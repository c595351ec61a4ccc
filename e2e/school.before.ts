import { expect, test } from '@playwright/test';
import { Desk } from './desk.js';
import { beryl, codeOf, comeIn, corin, linkIn, school } from './school.js';

// one school, from its first day to the evening before a backup
test.describe.configure({ mode: 'serial' });

test('the first school is set up in the browser', async ({ page }) => {
  // without the word nobody sets it up, wherever they sit
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Set up your school' })).toBeVisible();
  await expect(page.getByLabel('Word from the terminal')).toBeVisible();
  // the link of the terminal brings it, and it does not stay in the address
  await page.goto('about:blank');
  await page.goto(process.env['ROSTIK_SET_UP_LINK'] ?? '');
  await expect(page.getByRole('heading', { name: 'Set up your school' })).toBeVisible();
  await expect(page.getByLabel('Word from the terminal')).toHaveCount(0);
  await expect(page).toHaveURL(/\/$/);
  await new Desk(page).hasNoBarriers();
  await page.getByLabel('Name of the school').fill(school);
  await page.getByLabel('Your name').fill(corin.name);
  await page.getByLabel('Your e-mail address').fill(corin.email);
  await page.getByLabel('A password').fill('harbour');
  await page.getByRole('button', { name: 'Set it up' }).click();
  await expect(page.getByRole('alert')).toContainText('10 letters or more');
  // nothing that was typed is lost
  await expect(page.getByLabel('Name of the school')).toHaveValue(school);
  await page.getByLabel('A password').fill(corin.password);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Sum line')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Sum line')).toBeVisible();
});

test('a colleague is invited, joins once, and shares what she is given', async ({ browser }) => {
  const page = await comeIn(browser, corin);
  await page.goto('/school');
  const invite = page.getByRole('form', { name: 'Invite a colleague' });
  await invite.getByLabel('Name of a colleague').fill(beryl.name);
  await invite.getByLabel('E-mail address').fill(beryl.email);
  await invite.getByRole('button', { name: 'Invite' }).click();
  await expect(page.getByRole('dialog', { name: `A link for ${beryl.name}` })).toBeVisible();
  const link = await linkIn(page);
  await new Desk(page).hasNoBarriers();

  const hers = await (await browser.newContext()).newPage();
  await hers.goto(link);
  await expect(hers.getByRole('heading', { name: `Join ${school}` })).toBeVisible();
  await new Desk(hers).hasNoBarriers();
  await hers.getByLabel('A password').fill(beryl.password);
  await hers.keyboard.press('Enter');
  await expect(hers.getByRole('heading', { name: `Welcome, ${beryl.name}` })).toBeVisible();
  await hers.goto('/prepare');
  await hers.goto(link);
  await expect(hers.getByRole('alert')).toContainText('This link has been used');

  // a class with two teachers, and a sheet from hand to hand
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Name of the class').fill('Terns');
  await page.getByLabel('List of children').setInputFiles({
    name: 'terns.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Surname,First name\nQuay,Wren\nRoe,Uma\n'),
  });
  await expect(page.getByLabel('Children, a first name to a line')).toHaveValue('Wren\nUma');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Terns is saved.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Who teaches it…' }).click();
  const together = page.getByRole('dialog', { name: 'Who teaches Terns?' });
  await together.getByLabel(beryl.name).check();
  await new Desk(page).hasNoBarriers('[role=dialog]');
  await together.getByRole('button', { name: 'Save' }).click();
  await expect(together).toBeHidden();
  const desk = new Desk(page);
  await page.goto('/prepare');
  await expect(desk.sumLine).toBeVisible();
  await desk.type('6 h 10 min - 3 h 45 min');
  await expect(desk.answer).toHaveText('2 h 25 min');
  await page.getByRole('button', { name: /Add to a sheet/ }).click();
  await desk.saved();
  await page.goto('/sheets');
  await page.getByRole('button', { name: /^More: / }).click();
  await page.getByRole('menuitem', { name: 'Share' }).click();
  const sharing = page.getByRole('dialog', { name: /^Share/ });
  await sharing.getByLabel('Give a copy to').selectOption({ label: beryl.name });
  await sharing.getByLabel('On the school’s shelf, for all to take copies').check();
  await sharing.getByRole('button', { name: 'Give it' }).click();
  await expect(sharing).toBeHidden();

  const berylsPage = await comeIn(browser, beryl);
  await expect(berylsPage.getByRole('button', { name: 'Class in hand: Terns' })).toBeVisible();
  await berylsPage.goto('/sheets');
  await expect(berylsPage.getByText(`from ${corin.name}`)).toBeVisible();
  await berylsPage.getByRole('radio', { name: 'the school’s' }).click();
  await new Desk(berylsPage).hasNoBarriers();
  await berylsPage.getByRole('button', { name: /^Take a copy of/ }).click();
  await berylsPage.getByRole('radio', { name: 'mine' }).click();
  await expect(berylsPage.getByText(`from ${corin.name}`)).toHaveCount(2);
  await berylsPage.getByRole('button', { name: beryl.name }).click();
  await expect(berylsPage.getByRole('menuitem', { name: 'The school' })).toHaveCount(0);
});

test('a class goes to the next teacher', async ({ browser }) => {
  const page = await comeIn(browser, corin);
  await page.goto('/school');
  await page.getByRole('button', { name: 'Hand Terns over' }).click();
  const hands = page.getByRole('dialog', { name: 'Who teaches Terns?' });
  await hands.getByLabel(corin.name).uncheck();
  await hands.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(`2 children · ${beryl.name}`)).toBeVisible();
  await page.goto('/prepare');
  await expect(page.getByRole('link', { name: 'Write down a class' })).toBeVisible();
});

test('a forgotten password is renewed through the administrator', async ({ browser, page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Forgotten your password?' }).click();
  await page.getByLabel('E-mail address').fill(beryl.email.toUpperCase());
  await page.getByRole('button', { name: 'Ask for a link' }).click();
  await expect(page.getByRole('status')).toContainText('a link is on its way');
  const office = await comeIn(browser, corin);
  await office.goto('/school');
  const letter = office.getByText(`A new password for Rostik, for ${beryl.email}`);
  await letter.click();
  const text = (await office.getByText('Dear Beryl Quay').textContent()) ?? '';
  const link = /\S+\/reset#\S+/.exec(text)?.[0] ?? '';
  expect(link).not.toBe('');
  await page.goto(link);
  await page.getByLabel('A password').fill(`${beryl.password} again`);
  await page.getByRole('button', { name: 'Set the password' }).click();
  await expect(page.getByRole('heading', { name: 'Your new password is set' })).toBeVisible();
  await comeIn(browser, { ...beryl, password: `${beryl.password} again` });
});

test('two steps: set up with an app, used, and a recovery code', async ({ browser }) => {
  const who = { ...beryl, password: `${beryl.password} again` };
  const page = await comeIn(browser, who);
  const elsewhere = await comeIn(browser, who);
  await page.goto('/account');
  await expect(page.getByRole('heading', { name: 'Where you are signed in' })).toBeVisible();
  await new Desk(page).hasNoBarriers();
  await page.getByRole('button', { name: 'Set it up' }).click();
  await page.getByRole('dialog').getByLabel('Password').fill(who.password);
  await page.keyboard.press('Enter');
  const app = page.getByRole('dialog', { name: 'Take it into your app' });
  await expect(app.getByRole('img')).toBeVisible();
  await new Desk(page).hasNoBarriers('[role=dialog]');
  const key = (await app.locator('.font-mono').first().textContent()) ?? '';
  await app.getByLabel('The six digits it shows now').fill('000000');
  await page.keyboard.press('Enter');
  await expect(app.getByRole('alert')).toContainText('That code does not fit');
  await app.getByLabel('The six digits it shows now').fill(codeOf(key));
  await page.keyboard.press('Enter');
  const recovery = page.getByRole('dialog', { name: 'Your recovery codes' });
  await expect(recovery.getByRole('listitem')).toHaveCount(10);
  const code = (await recovery.getByRole('listitem').first().textContent()) ?? '';
  await recovery.getByRole('button', { name: 'I have them' }).click();
  // the next code, since none is taken twice
  await comeIn(browser, who, codeOf(key, Date.now() + 30_000));
  await comeIn(browser, who, code);
  // signed out everywhere else, at once
  await page.getByRole('button', { name: 'Sign out everywhere else' }).click();
  await expect(page.getByText('You are signed out everywhere but here.').first()).toBeVisible();
  await elsewhere.reload();
  await expect(elsewhere.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.getByRole('button', { name: 'Turn it off' }).click();
  await page.getByRole('dialog').getByLabel('Password').fill(who.password);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Set it up' })).toBeVisible();
});

test('a session that has ended stays ended, whatever was still under way', async ({ browser }) => {
  const page = await comeIn(browser, corin);
  const lives: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    const again = i === 0 ? page : await comeIn(browser, corin);
    const cookies = await again.context().cookies();
    const cookie = cookies.map((one) => `${one.name}=${one.value}`).join('; ');
    // requests that end after the signing out did
    await again.evaluate(async () => {
      const slow = Array.from({ length: 8 }, () => fetch('/api/sheets'));
      await fetch('/api/sign-out', { method: 'POST' });
      await Promise.allSettled(slow);
    });
    const reply = await again.request.get('/api/account', { headers: { Cookie: cookie } });
    lives.push(reply.status());
  }
  expect(lives).toEqual([401, 401, 401, 401, 401]);
});

test('tries side by side are counted one by one', async ({ page, baseURL }) => {
  await page.goto('/');
  const codes = await page.evaluate(async () =>
    Promise.all(
      Array.from({ length: 30 }, () =>
        fetch('/api/sign-in', {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ email: 'nobody@fell.example', password: 'a guess' }),
        }).then((reply) => reply.status),
      ),
    ),
  );
  expect(codes.filter((code) => code === 401).length, baseURL).toBeLessThanOrEqual(6);
  expect(codes.every((code) => code === 401 || code === 429)).toBe(true);
});

test('drafts are the teacher’s own, and gone with her', async ({ browser }) => {
  const page = await comeIn(browser, corin);
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Name of the class').fill('Not yet saved');
  await page.reload();
  await expect(page.getByLabel('Name of the class')).toHaveValue('Not yet saved');
  await page.getByRole('button', { name: corin.name }).click();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  const left = await page.evaluate(() => Object.keys(localStorage).filter((name) => name.startsWith('rostik.for.')));
  expect(left).toEqual([]);
});
