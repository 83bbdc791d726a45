import { expect, PASSWORD, test } from './app.ts';

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
  await expect(page.getByRole('alert')).toHaveText('E-mail address or password is wrong.');
  await tryIn(host.email, 'wrong');
  await expect(page.getByRole('alert')).toHaveText('E-mail address or password is wrong.');
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
  await expect(page.getByText('There is no such show, or it was deleted.')).toBeVisible();
  await page.goto('/desk/nothing');
  await expect(page.getByText('There is no such sitting among yours.')).toBeVisible();
  await page.goto('/results/nothing');
  await expect(page.getByText('There is no such sitting.')).toBeVisible();
  await page.goto('/stage/CCCCC');
  await expect(page.getByText('No show is open under this code.')).toBeVisible();
  await page.goto('/join/CCCCC');
  await expect(page.getByText('No show is open under this code.')).toBeVisible();
  await page.goto('/');
  await page.getByLabel('Join code').fill('12');
  await page.getByRole('button', { name: 'Find the show' }).click();
  await expect(page.getByText('Join codes have five letters and numbers')).toBeVisible();
});
