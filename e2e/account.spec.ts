import { Desk, expect, test } from './desk.js';

test.describe('before one is signed in', () => {
  test.use({ storageState: { cookies: [], origins: [] } });

  test('a wrong password is told apart from nothing, and what was typed stays', async ({ page, teacher }) => {
    const desk = new Desk(page);
    await page.goto('/prepare?sum=2+h+%2B+3+h');
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await desk.hasNoBarriers();
    await page.getByLabel('E-mail address').fill(teacher.email);
    await page.getByLabel('Password').fill('Pintail at midnight');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('alert')).toHaveText('The e-mail address and the password do not match.');
    await expect(page.getByLabel('E-mail address')).toHaveValue(teacher.email);
    await page.getByLabel('Password').fill(teacher.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    // and one is where one wanted to go
    await expect(desk.answer).toHaveText('5 h');
  });

  test('signing out ends it', async ({ page, teacher }) => {
    const desk = new Desk(page);
    await desk.signIn(teacher);
    await page.getByRole('button', { name: /Arden Vale/ }).click();
    await page.getByRole('menuitem', { name: 'Sign out' }).click();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await page.goto('/sheets');
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  });
});

test('the session cookie is out of reach of scripts', async ({ desk }) => {
  const cookies = await desk.page.context().cookies();
  const session = cookies.find((cookie) => cookie.name === 'rostik');
  expect(session).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
});

test('a session that has ended asks for the password and keeps what was typed', async ({ desk, teacher }) => {
  const { page } = desk;
  await desk.type('1:50 pm + 20 min');
  await expect(desk.answer).toHaveText('2:10 p.m.');
  await page.context().clearCookies();
  await page.getByRole('button', { name: /Add to a sheet/ }).click();
  const again = page.getByRole('dialog', { name: 'Please sign in again' });
  await again.getByLabel('E-mail address').fill(teacher.email);
  await again.getByLabel('Password').fill(teacher.password);
  await page.keyboard.press('Enter');
  await expect(again).toBeHidden();
  await expect(desk.answer).toHaveText('2:10 p.m.');
  // and what was asked for is done
  await expect(desk.questions).toHaveCount(1);
});

test('everything comes from this address', async ({ desk }) => {
  const { page } = desk;
  const others: string[] = [];
  let ours = 0;
  page.on('request', (request) => {
    if (request.url().startsWith(new URL(page.url()).origin)) {
      ours += 1;
    } else if (!request.url().startsWith('data:')) {
      others.push(request.url());
    }
  });
  await page.reload();
  await expect(desk.sumLine).toBeVisible();
  expect(others).toEqual([]);
  // how much of it there is, weight.spec.ts says
  expect(ours).toBeGreaterThan(3);
});

test('who dictates turns the letters off as keys, and everything else goes on', async ({ desk }) => {
  const { page } = desk;
  await page.goto('/teach?sum=1:50+pm+%2B+20+min');
  await expect(page.getByTestId('place')).toHaveText(/^Step 1 of/);
  await page.locator('body').press('?');
  const list = page.getByRole('dialog', { name: 'Keys' });
  await list.getByLabel('Letters, digits and signs are keys').uncheck();
  await page.keyboard.press('Escape');
  await expect(list).toHaveCount(0);
  const before = page.url();
  // "never", as it comes from who dictates it: no other sum, no answer, no other place
  await page.keyboard.type('never go to p/?');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('place')).toHaveText(/^Step 2 of/);
  expect(new URL(page.url()).searchParams.get('sum')).toBe(new URL(before).searchParams.get('sum'));
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // it is kept with the account, and shown where keys were
  await page.goto('/account');
  await expect(page.getByLabel('Letters, digits and signs are keys')).not.toBeChecked();
  await page.getByLabel('Letters, digits and signs are keys').check();
  await expect(page.getByRole('heading', { name: 'Your account' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Letters, digits and signs are keys')).toBeChecked();
});
