import type { Page } from '@playwright/test';
import { demoShow, expect, newEmail, nextStep, PASSWORD, press, step, test } from './app.ts';
import { clean } from './axe.ts';

const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: 'All changes saved' })).toBeVisible();
const dialog = (page: Page) => page.getByRole('dialog', { name: /^Share/ });

test('a show is hosted by two accounts: the second opens the doors, both steer, until it is no longer shared', async ({
  app,
  browser,
}) => {
  const ansa = await app.host(browser);
  const jory = await app.host(browser);
  const show = await ansa.makeShow({ ...demoShow(), title: 'Shared evening' });
  await ansa.page.goto(`/studio/shows/${show}`);
  await ansa.page.getByRole('button', { name: 'Share', exact: true }).click();
  const share = dialog(ansa.page);
  await share.getByLabel('E-mail of their account').fill(jory.email);
  await share.getByRole('combobox', { name: 'What they can do' }).press('ArrowDown');
  await ansa.page.getByRole('option', { name: 'Read and host' }).click();
  await expect(ansa.page.getByRole('option').first()).toBeHidden();
  await share.getByRole('button', { name: 'Share', exact: true }).click();
  await expect(share.getByText(jory.email)).toBeVisible();
  await clean(ansa.page, 'sharing a show', '.v-overlay--active .v-card');
  await share.getByRole('button', { name: 'Close', exact: true }).click();

  const second = jory.page;
  await second.bringToFront();
  await second.goto('/studio');
  await expect(second.getByText('Shared by Test host')).toBeVisible();
  await second.getByRole('link', { name: 'Read', exact: true }).click();
  await expect(second.getByText('You can read and host this show.')).toBeVisible();
  await expect(second.getByText('Tides · 100')).toBeVisible();
  await expect(second.getByLabel('Title of the show')).toHaveCount(0);
  await clean(second, 'a show to read');
  await second.getByRole('button', { name: 'Open the doors' }).click();
  await expect(second.getByRole('heading', { name: 'The doors are open' })).toBeVisible();

  // The owner finds that sitting in the library, and opens another one.
  const first = ansa.page;
  await first.bringToFront();
  await first.goto('/studio');
  await expect(first.getByRole('link', { name: 'Back to the desk' })).toBeVisible();
  const opened = await ansa.context.request.post(`/api/shows/${show}/sittings`);
  const desk = `/desk/${(await opened.json()).id}`;
  await first.goto(desk);
  await expect(first.getByRole('heading', { name: 'The doors are open' })).toBeVisible();
  await second.bringToFront();
  await second.goto(desk);
  await step(second, 'Begin');
  await first.bringToFront();
  await expect(nextStep(first)).not.toContainText('Begin');
  await first.getByRole('button', { name: 'Tides for 100', exact: true }).click();
  await second.bringToFront();
  await step(second, 'Show the question');
  await first.bringToFront();
  await press(first, 'u');
  await expect(nextStep(first)).toContainText('Show the question');

  // Changed to a reader while at the desk: the desk says so and does nothing more.
  await first.goto(`/studio/shows/${show}`);
  await first.getByRole('button', { name: 'Share', exact: true }).click();
  await dialog(first)
    .getByRole('combobox', { name: /^What .+ can do$/ })
    .last()
    .press('ArrowDown');
  await first.getByRole('option', { name: 'Read', exact: true }).click();
  await second.bringToFront();
  await expect(second.getByText('This game isn’t one of yours.')).toBeVisible();
  await second.goto(`/studio/shows/${show}`);
  await expect(second.getByText('You can read this show. To change it')).toBeVisible();
  await expect(second.getByRole('button', { name: 'Open the doors' })).toHaveCount(0);
  await second.getByRole('button', { name: 'Duplicate' }).click();
  await expect(second.getByLabel('Title of the show')).toHaveValue('Shared evening (copy)');
  await second.goto('/studio');
  await second.getByRole('button', { name: 'More for Shared evening', exact: true }).click();
  await second.getByText('Remove from my library').click();
  await expect(second.getByText('“Shared evening” was removed from your library.')).toBeVisible();
  await expect(second.getByText('Shared by Test host')).toHaveCount(0);
  await expect(second.getByText('Shared evening (copy)')).toBeVisible();
});

test('a show is begun without an account, come back to by link and passphrase, and taken into an account', async ({
  app,
  browser,
}) => {
  const context = await browser.newContext({ baseURL: app.url });
  const wenna = await context.newPage();
  await wenna.goto('/studio');
  await wenna.getByRole('link', { name: 'Start a show without an account' }).click();
  await clean(wenna, 'beginning a show');
  await wenna.getByLabel('Title of the show').fill('Harbour quiz');
  await wenna.getByLabel('Your name').fill('Wenna');
  const go = wenna.getByRole('button', { name: 'Start writing' });
  await wenna.getByLabel('Passphrase').fill('short');
  await expect(go).toBeDisabled();
  await wenna.getByLabel('Passphrase').fill('rope and lantern');
  await go.dblclick();
  await expect(wenna.getByText('This show has no owner yet')).toBeVisible();
  await clean(wenna, 'a show that is nobody’s');
  const link = await wenna.getByLabel('The link').inputValue();
  const write = async (page: Page, prompt: string) => {
    await page.locator('.cells button').first().click();
    const first = page.getByRole('button', { name: 'Write the question' });
    const field = page.getByLabel('Question', { exact: true });
    await expect(first.or(field)).toBeVisible();
    if (await first.isVisible()) await first.click();
    await field.fill(prompt);
    await saved(page);
  };
  await write(wenna, 'What is a neap tide?');
  await expect(wenna.getByRole('button', { name: 'Open the doors' })).toHaveCount(0);
  await expect(wenna.getByRole('button', { name: 'From the library' })).toHaveCount(0);

  // Another device, days later: the link, the passphrase, a name.
  const phone = await (await browser.newContext({ baseURL: app.url })).newPage();
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'Edit “Harbour quiz”' })).toBeVisible();
  await phone.getByLabel('Your name').fill('Wenna');
  await phone.getByLabel('Passphrase').fill('rope and lamp');
  await phone.getByRole('button', { name: 'Start editing' }).click();
  await expect(phone.getByText('That isn’t the passphrase.')).toBeVisible();
  await phone.getByLabel('Passphrase').fill('rope and lantern');
  await phone.getByRole('button', { name: 'Start editing' }).click();
  await expect(phone.getByText('This show has no owner yet')).toBeVisible();
  await write(phone, 'What is a spring tide?');
  await phone.goto('/studio/questions');
  await expect(phone.getByLabel('Title of the show')).toHaveValue('Harbour quiz');

  // Into a new account, with what was typed a moment ago.
  await wenna.bringToFront();
  await wenna.evaluate(() => window.dispatchEvent(new Event('focus')));
  await wenna.getByLabel('Title of the show').fill('Harbour night');
  await wenna.getByRole('button', { name: 'Move to an account' }).click();
  await wenna.getByLabel('E-mail address').fill(newEmail());
  await wenna.getByLabel('Your name').fill('Wenna');
  await wenna.getByLabel('Password').fill(PASSWORD);
  await wenna.getByRole('button', { name: 'Create an account' }).first().click();
  await expect(wenna.getByText('The show is yours now.')).toBeVisible();
  await expect(wenna.getByLabel('Title of the show')).toHaveValue('Harbour night');
  await expect(wenna.getByRole('button', { name: 'Open the doors' })).toBeVisible();
  await wenna.reload();
  await expect(wenna.getByText('The show is yours now.')).toHaveCount(0);
  await wenna.locator('.cells button').first().click();
  await expect(wenna.getByLabel('Question', { exact: true })).toHaveValue('What is a spring tide?');

  await wenna.getByRole('button', { name: 'Share', exact: true }).click();
  await dialog(wenna).getByRole('button', { name: 'Close the link' }).click();
  await expect(dialog(wenna).getByLabel('The link')).toHaveCount(0);
  await phone.bringToFront();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});
