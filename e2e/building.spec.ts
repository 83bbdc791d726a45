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
  await page.getByRole('button', { name: /^Quiz night at tables/ }).click();
  await page.getByLabel('Title of the show').fill('Harbour evening');
  await page.getByRole('button', { name: 'Running order' }).click();
  const line = (title: string) => page.locator('.line').filter({ hasText: title });
  await expect(page.locator('.lines .line')).toHaveCount(10);
  await page.getByLabel('Who is it for?').fill('Volunteers');

  // The quiz takes its questions by a rule, and says what it got.
  await line('Quiz').getByRole('button', { name: 'Edit “Quiz”' }).click();
  await page.getByText('Picked from the library by a rule').click();
  await page.getByLabel('How many').fill('3');
  await page.getByRole('button', { name: 'Pick questions' }).click();
  await expect(page.getByText(/^3 of 3 picked, from \d+ that match/)).toBeVisible();
  await expect(page.getByText('not again for Volunteers')).toBeVisible();
  await page.getByRole('button', { name: 'Pick others' }).click();
  await expect(page.getByText('The questions were replaced.')).toBeVisible();

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
  await fill.getByRole('button', { name: 'Suggest values' }).click();
  await expect(fill.getByText(/values? of (its|their) own: measured for 0 of 5/)).toBeVisible();
  await fill.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Library', exact: true }).click();
  const found = page.waitForResponse((one) => one.url().includes('q=tide&'));
  await page.getByRole('searchbox').fill('tide');
  await found;
  // The list is drawn anew; what is dragged must not be replaced under the hand.
  await page.waitForTimeout(300);
  const cell = page.locator('.cell').nth(6);
  await expect(cell).toHaveClass(/empty/);
  await page.locator('.tray [data-line="0"]').dragTo(cell);
  await expect(cell).not.toHaveClass(/empty/);
  await expect(page.getByText('Finished', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Knockout', exact: true }).click();
  await page.getByText('Picked from the library by a rule').click();
  await page.getByLabel('How many').fill('2');
  await page.getByRole('button', { name: 'Pick questions' }).click();
  await expect(page.getByText(/^2 of 2 picked/)).toBeVisible();

  // How to play is written by itself from the settings.
  await page.getByRole('button', { name: 'How to play' }).first().click();
  await expect(
    page.getByText('3 questions, one after the other, the same for everyone.').first(),
  ).toBeVisible();

  // It takes too long: what could go is named, and switched off.
  await page.getByRole('button', { name: 'Running order' }).click();
  await expect(page.getByText(/^Takes about \d+ min/)).toBeVisible();
  await page.getByLabel('Planned length in minutes').fill('7');
  await expect(page.getByText(/it will run about/)).toBeVisible();
  await page.getByRole('button', { name: 'Switch off' }).click();
  await expect(page.locator('.line.off').first()).toBeVisible();
  await expect(page.getByText(/it will run about/)).toBeHidden();
  await page.getByRole('button', { name: 'Duplicate “Welcome”' }).click();
  await page.getByRole('button', { name: 'Remove “Welcome (again)”' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line('Welcome (again)')).toBeVisible();
  await line('Welcome (again)').getByRole('checkbox', { name: 'Play “Welcome (again)”' }).uncheck();

  // A rehearsal with the real screens, by itself up to the first question, then by hand, then to the end.
  await page.getByRole('button', { name: 'Rehearse' }).click();
  await page.getByLabel('Seed').fill('storm');
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await page.getByRole('region', { name: 'Rehearsal' }).waitFor();
  const bar = page.getByRole('region', { name: 'Rehearsal' });
  await bar.getByRole('button', { name: '20×' }).click();
  await bar.getByRole('button', { name: 'Automatic' }).click();
  await expect(page.getByRole('dialog').getByText('The scores add up.')).toBeVisible({ timeout: 90_000 });
  await expect(page.getByText('Where the time went')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await bar.getByRole('link', { name: 'Back to the show' }).click();
  await expect(page.getByLabel('Title of the show')).toHaveValue('Harbour evening');

  // What was rehearsed is in no list.
  await page.goto('/studio');
  await expect(page.getByText('No games yet.')).toBeVisible();
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
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  const bar = page.getByRole('region', { name: 'Rehearsal' });
  await expect(bar.getByText('12 stand-ins')).toBeVisible();
  const link = await bar.getByRole('link', { name: 'Play a seat yourself' }).getAttribute('href');
  const phone = await host.handset(link!.split('/').at(-1)!, 'Myself', 'Bowline');
  await expect(page.getByText('Myself')).toBeVisible();
  await bar.getByRole('combobox', { name: 'Skip to' }).press('ArrowDown');
  await page.getByRole('option', { name: 'the next answer' }).click();
  await bar.getByRole('button', { name: '20×' }).click();
  await bar.getByRole('button', { name: 'Automatic' }).click();
  // At the first key it is in the host's hands again.
  await expect(bar.getByRole('button', { name: 'Automatic' })).toBeVisible({ timeout: 40_000 });
  await expect(page.locator('footer .what')).toContainText(
    /points|Back to the board|Award|Close|no points|Award/i,
  );
  await expect(phone.getByText('Myself · Bowline')).toBeVisible();
});

test('fifty teams from a sheet with mistakes; a roster that is kept; a draw with wishes; members find their team', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto(`/studio/shows/${await host.makeShow()}`);
  await page.getByRole('button', { name: 'Teams' }).click();
  await page.getByRole('button', { name: 'Teams from a sheet' }).click();
  const sheet = page.getByRole('dialog');
  const rows = Array.from({ length: 51 }, (_, i) => `Crew ${i + 1},,Sailor ${i + 1}`);
  const mistakes = [',,Nobody', 'crew 2,,', 'Crew 60,checked,Sailor 1'];
  await sheet.locator('input[type=file]').setInputFiles({
    name: 'teams.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['Team,Weave,Members', ...mistakes, ...rows].join('\n')),
  });
  await expect(sheet.getByText('50 teams found')).toBeVisible();
  for (const told of [
    'Line 2: There is no name.',
    'Line 4: “checked” isn’t a weave',
    'There are more than 50 teams.',
  ])
    await expect(sheet.getByText(told).first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Use these teams' }).click();
  await expect(page.getByLabel('Name of team 50')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Name of team 50')).toHaveCount(0);

  const names = ['Ansa', 'Jory', 'Tamsin', 'Wenna', 'Perran', 'Kerra', 'Merryn', 'Talan'];
  await page.getByLabel('Only these names').fill(names.join('\n'));
  await page.getByLabel('Save these names as').fill('7B');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('“7B” is saved with 8 names.')).toBeVisible();
  await page.getByRole('button', { name: 'Random teams' }).click();
  const draw = page.getByRole('dialog');
  await draw.getByLabel('How many teams').fill('2');
  await draw.getByLabel('Apart').fill('Ansa, Jory, Tamsin');
  await draw.getByRole('button', { name: 'Make teams', exact: true }).click();
  await expect(draw.getByText('There are fewer teams than Ansa, Jory, and Tamsin')).toBeVisible();
  await draw.getByLabel('Apart').fill('Ansa, Jory');
  await draw.getByLabel('Together').fill('Ansa, Wenna');
  await draw.getByRole('button', { name: 'Make teams', exact: true }).click();
  const drawn = await draw.locator('.drawn li').allInnerTexts();
  const ofAnsa = drawn.find((line) => line.includes('Ansa'))!;
  expect(ofAnsa).toContain('Wenna');
  expect(ofAnsa).not.toContain('Jory');
  await draw.getByRole('button', { name: 'Use these teams' }).click();
  await expect(draw).toBeHidden();

  // Whoever comes under a listed name comes into that team without being asked.
  await page.getByRole('button', { name: 'Open the doors' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Open the doors' }).click();
  await page.getByRole('heading', { name: 'The doors are open' }).waitFor();
  const code = await page.locator('.join .code').innerText();
  const phone = await host.phone();
  await phone.goto(`/join/${code}`);
  await expect(phone.getByText('Your team')).toHaveCount(0);
  await phone.getByLabel('Your name').fill('ansa');
  await phone.getByRole('button', { name: 'Join' }).click();
  const team = ofAnsa.split(/\s/)[0]!;
  await expect(phone.getByText(`ansa · ${team}`)).toBeVisible();
});

test('an own theme of poor contrast is told and mended; the check leads to each trouble, and to nothing when all are mended', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto(`/studio/shows/${await host.makeShow()}`);
  await page.getByRole('button', { name: 'Look and sound', exact: true }).click();
  await page.getByRole('radio', { name: 'Own colours' }).click();
  await page.getByRole('textbox', { name: 'Text' }).fill('#5f6f68');
  await expect(page.getByText('too little, needs 4.5 : 1').first()).toBeVisible();

  // Trouble of several kinds, found by one check, in the order of harm.
  await page.getByRole('button', { name: 'Teams', exact: true }).click();
  await page.getByLabel('Name of team 2').fill('Bowline');
  const check = page.getByRole('button', { name: /issues?$/ });
  await check.click();
  const dialog = page.getByRole('dialog');
  const line = (text: string | RegExp) => dialog.getByRole('listitem').filter({ hasText: text });
  await expect(dialog.getByRole('listitem').first()).toContainText('Two teams are called “Bowline”');
  await expect(dialog.getByRole('button', { name: 'Open the doors' })).toBeDisabled();
  await expect(line('The join address works only on this computer')).toBeVisible();
  await expect(line('not every team gets the same number of turns')).toBeVisible();

  await line('Two teams are called').getByRole('button', { name: 'Go there' }).click();
  await page.getByLabel('Name of team 2').fill('Fairlead');
  await check.click();
  await line('too little contrast: text on the background').getByRole('button', { name: 'Go there' }).click();
  await page.getByRole('button', { name: 'Fix the contrast' }).click();
  await expect(page.getByText('too little')).toHaveCount(0);
  await check.click();
  await expect(line('too little contrast')).toHaveCount(0);
  await expect(line('Two teams are called')).toHaveCount(0);
  await dialog.getByRole('button', { name: 'Back to the show' }).click();

  // The own colours are on every surface at once.
  await page.getByRole('button', { name: 'All surfaces' }).click();
  const all = page.getByRole('dialog');
  for (const surface of ['Stage', 'Phone, 390 × 844', 'Small phone, 320 × 568', 'Overlay over a stream'])
    await expect(all.getByText(surface)).toBeVisible();
  const ground = (box: string) =>
    all
      .locator(box)
      .first()
      .evaluate((one) => getComputedStyle(one).getPropertyValue('--light'));
  const [stage, handset] = [await ground('.stage'), await ground('.handset')];
  expect(stage).toBe(handset);
  expect(stage).not.toBe('#5f6f68');
});
