import { expect, PASSWORD, test } from './app.ts';
import { clean } from './axe.ts';

test('signing in and out; wrong words are slowed down; one comes back to where one wanted to go', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const id = await host.makeShow();
  const page = await (await browser.newContext({ baseURL: app.url })).newPage();
  await page.goto(`/studio/shows/${id}`);
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();

  const tryIn = async (email: string, password: string) => {
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  };
  await tryIn('nobody@example.test', PASSWORD);
  await expect(page.getByRole('alert')).toHaveText('Wrong e-mail address or password.');
  await tryIn(host.email, 'wrong');
  await expect(page.getByRole('alert')).toHaveText('Wrong e-mail address or password.');
  // On a busy machine a pause may be over before the next try: it doubles, so that one is met.
  await expect(async () => {
    const answered = page.waitForResponse('**/api/login');
    await tryIn(host.email, 'wrong again');
    await answered;
    await expect(page.getByRole('alert')).toContainText('Try again in', { timeout: 500 });
  }).toPass({ intervals: [0], timeout: 30_000 });
  await expect(async () => {
    await tryIn(host.email, PASSWORD);
    await expect(page.getByLabel('Title of the show')).toBeVisible({ timeout: 3000 });
  }).toPass({ timeout: 75_000 });
  await expect(page.getByLabel('Title of the show')).toHaveValue('Marram Point winter evening');

  await page.goto('/studio');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  // A way that leads out of this site is not followed.
  await page.goto('/studio/sign-in?to=//example.test/');
  await tryIn(host.email, PASSWORD);
  await expect(page.getByRole('heading', { name: 'My shows' })).toBeVisible();
});

test('addresses that lead nowhere say so', async ({ app, browser }) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/nothing');
  await expect(page.getByText('Page not found')).toBeVisible();
  await page.goto('/studio/shows/nothing');
  await expect(page.getByText('This show doesn’t exist, or it was deleted.')).toBeVisible();
  await page.goto('/desk/nothing');
  await expect(page.getByText('This game isn’t one of yours.')).toBeVisible();
  await page.goto('/results/nothing');
  await expect(page.getByText('This game doesn’t exist.')).toBeVisible();
  await page.goto('/stage/CCCCC');
  await expect(page.getByText('That code isn’t open.')).toBeVisible();
  await page.goto('/join/CCCCC');
  await expect(page.getByText('That code isn’t open.')).toBeVisible();
  await page.goto('/');
  await page.getByLabel('Join code').fill('12');
  await page.getByRole('button', { name: 'Find the show' }).click();
  await expect(page.getByText('Join codes have five letters and numbers')).toBeVisible();
});

test('the own account: a name, a password, and the other device that is signed out', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const other = await (await browser.newContext({ baseURL: app.url })).newPage();
  await other.goto('/studio/sign-in');
  await other.getByLabel('E-mail address').fill(host.email);
  await other.getByLabel('Password').fill(PASSWORD);
  await other.getByRole('button', { name: 'Sign in' }).click();
  await other.getByRole('heading', { name: 'My shows' }).waitFor();

  // On a phone the way there is not lost.
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/studio');
  await page.getByRole('link', { name: /^Account of/ }).click();
  await clean(page, 'account');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByLabel('Your name').fill('Wenna Tregear');
  await page.getByRole('button', { name: 'Save the name' }).click();
  await expect(page.getByRole('link', { name: 'Account of Wenna Tregear' })).toBeVisible();

  const list = page.getByRole('listitem');
  await expect(list).toHaveCount(2);
  await expect(list.filter({ hasText: 'This device' })).toHaveCount(1);
  await page.getByRole('button', { name: /^Sign out: / }).click();
  await expect(list).toHaveCount(1);
  await other.reload();
  await expect(other.getByRole('button', { name: 'Sign in' })).toBeVisible();

  await page.getByLabel('Current password').fill('not this one');
  await page.getByLabel('New password').fill('a longer password');
  await page.getByRole('button', { name: 'Change the password' }).click();
  await expect(page.getByText('That isn’t your current password.')).toBeVisible();
  await page.getByLabel('Current password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Change the password' }).click();
  await expect(page.getByText('Changed. Other devices have been signed out.')).toBeVisible();
});
