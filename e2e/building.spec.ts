import type { Host } from './app.ts';
import { expect, test } from './app.ts';

/** Ready-made sets as a library to take questions from. */
async function copySets(host: Host, ...names: string[]): Promise<void> {
  for (const name of names) {
    const made = await host.context.request.post(`/api/ready-made/${name}/copy`);
    expect(made.ok()).toBe(true);
  }
}

test('an evening is built from nothing: laid out, filled from the library by rule and by hand, timed, rehearsed to the end', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  await copySets(host, 'moon-and-tides', 'sea-birds', 'galley');
  const { page } = host;
  await page.goto('/studio');
  await page.getByRole('button', { name: 'New show' }).click();
  await page.getByText('An evening at tables').click();
  await page.getByLabel('Title of the show').fill('Harbour evening');
  await page.getByRole('button', { name: 'Running order' }).click();
  const line = (title: string) => page.locator('.line').filter({ hasText: title });
  await expect(page.locator('.lines .line')).toHaveCount(10);
  await page.getByLabel('For whom').fill('Volunteers');

  // The quiz takes its questions by a rule, and says what it got.
  await line('Quiz').getByRole('button', { name: 'Edit “Quiz”' }).click();
  await page.getByText('Taken from the library by a rule').click();
  await page.getByLabel('How many').fill('3');
  await page.getByRole('button', { name: 'Take questions' }).click();
  await expect(page.getByText(/^3 of 3 taken; \d+ would have fitted/)).toBeVisible();
  await expect(page.getByText('not again for Volunteers')).toBeVisible();
  await page.getByRole('button', { name: 'Take others' }).click();
  await expect(page.getByText('The questions that stood here were replaced.')).toBeVisible();

  // A category is filled at once, one cell by dragging.
  await page.getByRole('button', { name: 'Category board' }).click();
  await page.getByLabel('Name of category 1').fill('Birds');
  await page.getByRole('button', { name: 'Fill the category “Birds”' }).click();
  const fill = page.getByRole('dialog');
  await fill.getByRole('combobox', { name: 'From the sets' }).press('ArrowDown');
  await page.getByRole('option', { name: 'Sea birds' }).click();
  await page.keyboard.press('Escape');
  await fill.getByRole('button', { name: 'Fill 5 empty cells' }).click();
  await expect(fill.getByText('5 cells were filled.')).toBeVisible();
  await fill.getByRole('button', { name: 'Sort by difficulty' }).click();
  await expect(fill.getByText('measured for 0 of 5')).toBeVisible();
  await fill.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Library', exact: true }).click();
  await page.getByRole('searchbox').fill('tide');
  await page.locator('.tray [data-line="0"]').dragTo(page.locator('.cell').nth(6));
  await expect(page.getByRole('textbox', { name: 'Question' })).toHaveValue(/tide/i);
  await page.getByRole('button', { name: 'Knockout', exact: true }).click();
  await page.getByText('Taken from the library by a rule').click();
  await page.getByLabel('How many').fill('2');
  await page.getByRole('button', { name: 'Take questions' }).click();
  await expect(page.getByText(/^2 of 2 taken/)).toBeVisible();

  // How to play is written by itself from the settings.
  await page.getByRole('button', { name: 'How to play' }).first().click();
  await expect(page.getByText('3 questions, one after the other, the same for all.').first()).toBeVisible();

  // It takes too long: what could go is named, and switched off.
  await page.getByRole('button', { name: 'Running order' }).click();
  await expect(page.getByText(/^Takes about \d+ min/)).toBeVisible();
  await page.getByLabel('Planned length in minutes').fill('12');
  await expect(page.getByText(/it will run over by about/)).toBeVisible();
  await page.getByRole('button', { name: 'Switch off' }).click();
  await expect(page.locator('.line.off').first()).toBeVisible();
  await expect(page.getByText(/it will run over by about/)).toBeHidden();
  await page.getByRole('button', { name: 'Duplicate “Welcome”' }).click();
  await page.getByRole('button', { name: 'Remove “Welcome (again)”' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line('Welcome (again)')).toBeVisible();
  await line('Welcome (again)').getByRole('checkbox', { name: 'Play “Welcome (again)”' }).uncheck();

  // A rehearsal with the real screens, by itself up to the first question, then by hand, then to the end.
  await page.getByRole('button', { name: 'Rehearse' }).click();
  await page.getByLabel('Seed').fill('storm');
  await page.getByRole('button', { name: 'Begin the rehearsal' }).click();
  await page.getByRole('region', { name: 'Rehearsal' }).waitFor();
  const bar = page.getByRole('region', { name: 'Rehearsal' });
  await bar.getByRole('button', { name: '20×' }).click();
  await bar.getByRole('button', { name: 'By itself' }).click();
  await expect(page.getByRole('dialog').getByText('The tally agrees.')).toBeVisible({ timeout: 90_000 });
  await expect(page.getByText('Where the time went')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await bar.getByRole('link', { name: 'Back to the show' }).click();
  await expect(page.getByLabel('Title of the show')).toHaveValue('Harbour evening');

  // What was rehearsed is in no list.
  await page.goto('/studio');
  await expect(page.getByText('Nothing was played yet.')).toBeVisible();
});

test('a rehearsal by hand: stand-ins come in, answer and are ruled on; a seat is played; it stops where it is told to', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const id = await host.makeShow();
  await page.goto(`/studio/shows/${id}`);
  await page.getByRole('button', { name: 'Rehearse' }).click();
  await page.getByRole('button', { name: 'Begin the rehearsal' }).click();
  const bar = page.getByRole('region', { name: 'Rehearsal' });
  await expect(bar.getByText('12 stand-ins')).toBeVisible();
  const link = await bar.getByRole('link', { name: 'Play a seat yourself' }).getAttribute('href');
  const phone = await host.handset(link!.split('/').at(-1)!, 'Myself', 'Bowline');
  await expect(page.getByText('Myself')).toBeVisible();
  await bar.getByRole('combobox', { name: 'Up to' }).press('ArrowDown');
  await page.getByRole('option', { name: 'the next key' }).click();
  await bar.getByRole('button', { name: '20×' }).click();
  await bar.getByRole('button', { name: 'By itself' }).click();
  // At the first key it is in the host's hands again.
  await expect(bar.getByRole('button', { name: 'By itself' })).toBeVisible({ timeout: 40_000 });
  await expect(page.locator('footer .what')).toContainText(
    /points|Back to the board|Award|Close|no points|Settle/i,
  );
  await expect(phone.getByText('Myself · Bowline')).toBeVisible();
});
