import type { Page } from '@playwright/test';
import { aloud, expect, PASSWORD, test } from './app.ts';
import { clean } from './axe.ts';

const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: 'All changes saved' })).toBeVisible();
const line = (page: Page, prompt: string) => page.getByRole('listitem').filter({ hasText: prompt });
const dialog = (page: Page) => page.getByRole('dialog', { name: /^Share/ });
async function openSharing(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More for Tides' }).click();
  await page.getByText('Share', { exact: true }).click();
  await expect(dialog(page)).toBeVisible();
}
const prompt = (page: Page) => page.getByLabel('Question', { exact: true });

test('a set is shared with another host: first to read, then to change', async ({ app, browser }) => {
  const ansa = await app.host(browser);
  const jory = await app.host(browser);
  const set = await ansa.makeSet('Tides', [aloud('What is a neap tide?')]);
  await ansa.page.goto(`/studio/questions?set=${set}`);
  await openSharing(ansa.page);
  const email = dialog(ansa.page).getByLabel('E-mail of their account');
  await email.fill('nobody@example.test');
  await email.press('Enter');
  await expect(dialog(ansa.page).getByText('There’s no account')).toBeVisible();
  await dialog(ansa.page).getByRole('combobox', { name: 'What they can do' }).press('ArrowDown');
  await ansa.page.getByRole('option', { name: 'Read', exact: true }).click();
  await email.fill(jory.email);
  await email.press('Enter');
  await expect(dialog(ansa.page).getByText(jory.email)).toBeVisible();
  await clean(ansa.page, 'sharing', '[role=dialog]');

  await jory.page.goto(`/studio/questions?set=${set}`);
  await line(jory.page, 'What is a neap tide?').getByRole('button').click();
  await expect(jory.page.getByText('You can read this set.')).toBeVisible();
  await expect(jory.page.getByText('key of What is a neap tide?').first()).toBeVisible();
  await expect(prompt(jory.page)).toHaveCount(0);
  await expect(jory.page.getByRole('button', { name: 'New question' })).toHaveCount(0);

  // The role is changed beside the name; it counts at the next look.
  await ansa.page.bringToFront();
  await dialog(ansa.page)
    .getByRole('combobox', { name: /^What .+ can do$/ })
    .last()
    .press('ArrowDown');
  await ansa.page.getByRole('option', { name: 'Read and edit' }).click();
  await expect(ansa.page.getByRole('option').first()).toBeHidden();
  await dialog(ansa.page).getByRole('button', { name: 'Close', exact: true }).click();
  await expect(dialog(ansa.page)).toHaveCount(0);
  await line(ansa.page, 'What is a neap tide?').getByRole('button').click();
  await jory.page.bringToFront();
  await jory.page.reload();
  await prompt(jory.page).fill('What is a spring tide?');
  await saved(jory.page);
  await ansa.page.bringToFront();
  await ansa.page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(prompt(ansa.page)).toHaveValue('What is a spring tide?');

  // Whoever does not want it any more takes it out of the own library.
  await jory.page.bringToFront();
  await jory.page.getByRole('button', { name: 'More for Tides' }).click();
  await jory.page.getByText('Remove from my library').click();
  await expect(jory.page.getByText('“Tides” was removed from your library.')).toBeVisible();
  await expect(jory.page.getByText('No questions here')).toBeVisible();
});

test('a link to read is opened on a phone, and copied after signing in', async ({ app, browser }) => {
  const ansa = await app.host(browser);
  const jory = await app.host(browser);
  const set = await ansa.makeSet('Tides', [aloud('What is a neap tide?')]);
  await ansa.page.goto(`/studio/questions?set=${set}`);
  await openSharing(ansa.page);
  await dialog(ansa.page).getByLabel('Read-only link').click();
  const link = await dialog(ansa.page).getByLabel('The link').inputValue();

  const phone = await ansa.phone();
  await phone.bringToFront();
  await phone.goto(link);
  await expect(phone.getByText('What is a neap tide?', { exact: true })).toBeVisible();
  await clean(phone, 'shared set');
  await phone.getByRole('link', { name: 'Sign in to copy' }).click();
  await phone.getByLabel('E-mail').fill(jory.email);
  await phone.getByLabel('Password').fill(PASSWORD);
  await phone.getByRole('button', { name: 'Sign in' }).click();
  await phone.getByRole('button', { name: 'Copy to my library' }).click();
  await line(phone, 'What is a neap tide?').getByRole('button').click();
  await prompt(phone).fill('My own words');
  await saved(phone);
  const { questions } = await (await ansa.context.request.get(`/api/sets/${set}/questions`)).json();
  expect(questions[0].question.prompt).toBe('What is a neap tide?');

  await ansa.page.bringToFront();
  await dialog(ansa.page).getByLabel('Allow copies').click();
  await jory.page.bringToFront();
  await jory.page.goto(link);
  await expect(jory.page.getByText('It can’t be copied.')).toBeVisible();
  await ansa.page.bringToFront();
  await dialog(ansa.page).getByLabel('Read-only link').click();
  await expect(dialog(ansa.page).getByLabel('The link')).toHaveCount(0);
  await jory.page.reload();
  await expect(jory.page.getByRole('heading', { name: 'This link doesn’t work' })).toBeVisible();
});

test('somebody without an account writes in one set by a passphrase, until the link is closed', async ({
  app,
  browser,
}) => {
  const ansa = await app.host(browser);
  const set = await ansa.makeSet('Tides', [aloud('What is a neap tide?')]);
  await ansa.makeSet('Secret', [aloud('Not for guests')]);
  await ansa.page.goto(`/studio/questions?set=${set}`);
  await openSharing(ansa.page);
  await dialog(ansa.page).getByLabel('Passphrase').fill('rope and lantern');
  await dialog(ansa.page).getByRole('button', { name: 'Make a link' }).click();
  const link = await dialog(ansa.page).getByLabel('The link').inputValue();

  const context = await browser.newContext();
  const wenna = await context.newPage();
  await wenna.goto(link);
  await wenna.getByLabel('Your name').fill('Wenna');
  await wenna.getByLabel('Passphrase').fill('rope and lamp');
  await wenna.getByRole('button', { name: 'Start editing' }).click();
  await expect(wenna.getByText('That isn’t the passphrase.')).toBeVisible();
  await clean(wenna, 'passphrase');
  await wenna.getByLabel('Passphrase').fill('rope and lantern');
  await wenna.getByRole('button', { name: 'Start editing' }).click();
  await expect(wenna.getByText('Guest: Wenna')).toBeVisible();
  await expect(wenna.getByText('1 question', { exact: true })).toBeVisible();
  await line(wenna, 'What is a neap tide?').getByRole('button').click();
  await prompt(wenna).fill('What is a spring tide?');
  await expect(line(wenna, 'What is a spring tide?')).toBeVisible();
  await saved(wenna);
  await wenna.getByRole('button', { name: 'New question' }).click();
  await expect(prompt(wenna)).toHaveValue('');
  await prompt(wenna).fill('When does it fall?');
  await saved(wenna);
  // Other pages lead back to the one set; so does the link itself, without the passphrase.
  for (const path of ['/studio', '/studio/questions', link]) {
    await wenna.goto(new URL(path, app.url).href);
    await expect(wenna.getByText('2 questions', { exact: true })).toBeVisible();
    await expect(wenna.getByRole('link', { name: 'Shows' })).toHaveCount(0);
  }

  // A page in the background draws no list.
  await ansa.page.bringToFront();
  await dialog(ansa.page).getByRole('button', { name: 'Close', exact: true }).click();
  await expect(dialog(ansa.page)).toHaveCount(0);
  await ansa.page.reload();
  await line(ansa.page, 'What is a spring tide?').getByRole('button').click();
  await ansa.page.getByRole('button', { name: 'History' }).click();
  await expect(ansa.page.getByText(/· Wenna$/).first()).toBeVisible();
  await ansa.page.getByRole('button', { name: 'Close', exact: true }).click();
  await openSharing(ansa.page);
  await dialog(ansa.page).getByRole('button', { name: 'Close the link' }).click();
  await expect(dialog(ansa.page).getByLabel('The link')).toHaveCount(0);
  await wenna.bringToFront();
  await wenna.reload();
  await expect(wenna.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});
