import type { Page } from '@playwright/test';
import { chooseKind, expect, test } from './app.ts';

const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: 'All changes saved' })).toBeVisible();
const categories = (page: Page) =>
  page
    .getByLabel(/^Name of category/)
    .evaluateAll((all) => all.map((one) => (one as HTMLTextAreaElement).value));

test('rows and columns move by drag and by keyboard; removing is undone; all survives a reload', async ({
  app,
  browser,
}) => {
  const { page, ...host } = await app.host(browser);
  void host;
  const id = await (
    await page.request.post('/api/shows', { data: { show: (await import('./app.ts')).demoShow() } })
  ).json();
  await page.goto(`/studio/shows/${id.id}`);
  const first = ['Knots and ropes', 'Tides', 'Lights and buoys', 'Sea birds', 'Signal flags'];
  await expect.poll(() => categories(page)).toEqual(first);

  await page.getByRole('button', { name: /^Move category Knots/ }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect
    .poll(() => categories(page))
    .toEqual(['Tides', 'Lights and buoys', 'Knots and ropes', 'Sea birds', 'Signal flags']);
  const from = page.getByRole('button', { name: /^Move category Signal/ });
  const to = page.getByRole('button', { name: /^Move category Tides/ });
  await from.hover();
  await page.mouse.down();
  const box = (await to.boundingBox())!;
  await page.mouse.move(box.x + 5, box.y + 20, { steps: 12 });
  // What is dragged over moves aside in its own time: the hand waits for it, as a person's does.
  let jitter = 0;
  await expect
    .poll(async () => {
      await page.mouse.move(box.x + 5, box.y + (jitter++ % 2 ? 4 : -4), { steps: 2 });
      return (await categories(page))[0];
    })
    .toBe('Signal flags');
  await page.mouse.up();
  const moved = ['Signal flags', 'Tides', 'Lights and buoys', 'Knots and ropes', 'Sea birds'];
  await expect.poll(() => categories(page)).toEqual(moved);

  await page.getByRole('button', { name: /^Move the value 500/ }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.getByLabel('Value of column 1')).toHaveValue('500');
  await expect(
    page.getByRole('button', { name: /^Tides for 500: Why are there spring tides/ }),
  ).toBeVisible();

  await page.getByRole('button', { name: 'Remove category Tides' }).click();
  await expect.poll(() => categories(page)).not.toContain('Tides');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => categories(page)).toEqual(moved);
  await expect(page.getByRole('button', { name: /^Tides for 500: Why/ })).toBeVisible();

  await page.getByLabel('Value of column 1').fill('five');
  await expect(page.getByLabel('Value of column 1')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('Value of column 1').fill('-50');
  await page.getByRole('button', { name: /^Tides for −50:/ }).click();
  await page.getByLabel('Value of this cell').fill('75');
  await saved(page);
  await page.reload();
  await expect.poll(() => categories(page)).toEqual(moved);
  await expect(page.getByRole('button', { name: /^Tides for 75: Why/ })).toBeVisible();
});

test('a question without a key is seen to be unfinished, said before the doors open, and left off the board', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto(`/studio/shows/${await host.makeShow()}`);
  await page.getByRole('button', { name: /^Tides for 100:/ }).click();
  await chooseKind(page, 'True or false');
  await expect(page.getByText('Unfinished: no correct answer')).toBeVisible();
  // A change of mind about the kind brings back what was written.
  await chooseKind(page, 'Multiple choice');
  await expect(page.getByText('Finished', { exact: true })).toBeVisible();
  await chooseKind(page, 'True or false');
  await page.getByRole('button', { name: 'Open the doors' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(
    'Tides for 100 is unfinished (no correct answer). It will not be on the board.',
  );
  await dialog.getByRole('button', { name: 'Go there' }).click();
  await expect(page.getByRole('radio', { name: '“True” is correct' })).toBeVisible();
  // While it fades, the dialog still has a button of the same name.
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: 'Open the doors' }).click();
  await dialog.getByRole('button', { name: 'Open the doors' }).click();
  await page.getByRole('heading', { name: 'The doors are open' }).waitFor();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'no question' })).toBeDisabled();
  await expect(page.getByText('0 of 24 questions played')).toBeVisible();
});

test('two editors at once: different places are merged, the same place is asked about', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const one = host.page;
  const two = await host.context.newPage();
  const id = await host.makeShow();
  for (const page of [one, two]) {
    // A page behind another is drawn seldom, and a click waits until what it is for stands still.
    await page.bringToFront();
    await page.goto(`/studio/shows/${id}`);
    await page.getByRole('button', { name: /^Tides for 100:/ }).click();
  }
  await one.getByLabel('Question', { exact: true }).fill('Changed by one');
  await saved(one);
  await two.getByLabel('Host notes').fill('Notes by two');
  await saved(two);
  await expect(two.getByLabel('Question', { exact: true })).toHaveValue('Changed by one');
  await expect(two.getByText('Changes from elsewhere were added.')).toBeVisible();

  await two.getByLabel('Title of the show').fill('Title by two');
  await saved(two);
  await one.getByLabel('Title of the show').fill('Title by one');
  await expect(one.getByRole('heading', { name: 'Someone else changed the same thing' })).toBeVisible();
  await expect(one.getByText('Theirs: Title by two')).toBeVisible();
  await expect(one.getByLabel('Host notes')).toHaveValue('Notes by two');
  await one.bringToFront();
  await one.getByRole('button', { name: 'Use theirs' }).click();
  await saved(one);
  await expect(one.getByLabel('Title of the show')).toHaveValue('Title by two');
});

test('while the server is away writing goes on, and is saved when it is back, even after a reload', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto(`/studio/shows/${await host.makeShow()}`);
  await expect(page.getByLabel('Title of the show')).toHaveValue('Marram Point winter evening');
  await app.server.kill();
  await page.getByLabel('Title of the show').fill('Written in the dark');
  await expect(page.getByText('Not saved – trying again.')).toBeVisible();
  await app.server.start();
  await page.reload();
  await expect(page.getByLabel('Title of the show')).toHaveValue('Written in the dark');
  await saved(page);
});

test('shows are duplicated, deleted, brought back at once or later', async ({ app, browser }) => {
  const host = await app.host(browser);
  const { page } = host;
  await host.makeShow();
  await page.goto('/studio');
  const menu = page.getByRole('button', { name: 'More for Marram Point winter evening', exact: true });
  await menu.click();
  await page.getByText('Duplicate', { exact: true }).click();
  await expect(page.getByRole('link', { name: 'Marram Point winter evening (copy)' })).toBeVisible();
  await menu.click();
  await page.getByText('Delete', { exact: true }).click();
  await expect(menu).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(menu).toHaveCount(1);
  await menu.click();
  await page.getByText('Delete', { exact: true }).click();
  await page.getByRole('button', { name: 'Deleted shows' }).click();
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.getByRole('button', { name: 'Back to my shows' }).click();
  await expect(menu).toHaveCount(1);
});
