import { expect, press, step, test, workshopShow } from './app.ts';
import { clean } from './axe.ts';

test('no view has a serious finding of axe-core', async ({ app, browser }) => {
  test.setTimeout(150_000);
  const stranger = await (await browser.newContext({ baseURL: app.url })).newPage();
  await stranger.goto('/');
  await clean(stranger, 'join');
  await stranger.goto('/studio/sign-in');
  await clean(stranger, 'sign-in');

  const host = await app.host(browser);
  const desk = host.page;
  const id = await host.makeShow();
  await desk.goto('/studio');
  await desk.getByRole('link', { name: 'Marram Point winter evening' }).waitFor();
  await clean(desk, 'library');
  await desk.goto(`/studio/shows/${id}`);
  await desk.getByRole('button', { name: /^Tides for 100:/ }).click();
  await clean(desk, 'editor, one of several');
  await desk.getByRole('button', { name: /^Tides for 300:/ }).click();
  await clean(desk, 'editor, typed text');
  await desk.getByRole('button', { name: 'Teams', exact: true }).click();
  await clean(desk, 'teams');
  await desk.getByRole('button', { name: 'Rules', exact: true }).click();
  await clean(desk, 'rules');

  const sitting = await host.openDoors();
  const stage = await host.stage(sitting);
  const phone = await host.phone();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').waitFor();
  await clean(phone, 'join form');
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const all = async (where: string) => {
    await clean(desk, `desk, ${where}`);
    await clean(stage, `stage, ${where}`);
    await clean(ansa, `handset, ${where}`);
  };
  await all('lobby');
  await step(desk, 'Begin');
  await all('board');
  // A question with a picture.
  await desk.getByRole('button', { name: 'Lights and buoys for 300' }).click();
  await step(desk, 'Show the question');
  await step(desk, 'Open');
  await press(desk, 'c');
  await all('open');
  await ansa.getByRole('radio').first().click();
  await ansa.getByRole('button', { name: /^Send/ }).click();
  await step(desk, 'Show who answered what');
  await press(desk, 'k');
  await all('key');
  await press(desk, 's');
  await clean(stage, 'stage, standings');
  await press(desk, 's');
  await desk.getByRole('button', { name: 'More' }).click();
  await desk.getByText('Close the show').click();
  await desk.getByRole('dialog').getByRole('button', { name: 'Close the show' }).click();
  await stage.getByRole('heading', { name: 'Final standings' }).waitFor();
  await all('closed');
  await desk.goto(`/results/${sitting.id}`);
  await desk.getByRole('heading', { name: /^Results of/ }).waitFor();
  await clean(desk, 'results');
});

test('nor has the library, the wizard, or any way of writing and answering a question', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  const { page } = host;
  const show = workshopShow();
  const id = await host.makeSet('Workshop', Object.values(show.questions));
  await page.goto('/studio/questions');
  await page.getByText('20 questions').waitFor();
  for (const prompt of ['Match each tool', 'What is its volume', 'yearly circles', 'abrasive papers']) {
    await page.getByRole('searchbox').fill(prompt);
    await page
      .getByRole('listitem')
      .filter({ hasText: prompt.slice(0, 12) })
      .getByRole('button')
      .click();
    await page.getByText('All changes saved').waitFor();
    await clean(page, `library, ${prompt}`);
  }
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await page.getByRole('tab', { name: 'Drawings' }).click();
  await page.getByRole('button', { name: /Sailing boat/ }).waitFor();
  await clean(page, 'drawings to choose from');
  await page.getByRole('button', { name: /Sailing boat/ }).click();
  await page.getByRole('button', { name: /^Picture: A small boat/ }).click();
  await page.getByLabel('Made by').waitFor();
  await clean(page, 'what is said of a picture');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await clean(page, 'library, a question with a picture');
  await page.goto(`/studio/questions/check?set=${id}`);
  await page.getByRole('heading', { name: 'Asked twice' }).waitFor();
  await clean(page, 'check');
  await page.goto(`/studio/questions/print?set=${id}`);
  await page.getByRole('heading', { name: 'Workshop' }).waitFor();
  await clean(page, 'print');
  await page.goto('/studio/questions/bring-in');
  await clean(page, 'bring in');
  await page.getByLabel('Or paste it here').fill('Question\tA\tB\tCorrect\nUp?\tEbb\tFlood\tFlod');
  await page.getByRole('button', { name: 'Read the text' }).click();
  await clean(page, 'bring in, columns');
  await page.getByRole('button', { name: 'Read the rows' }).click();
  await page.getByText('1 rows, 1 selected').waitFor();
  await clean(page, 'bring in, rows');

  const sitting = await host.openDoors(show);
  const stage = await host.stage(sitting);
  const phone = await host.handset(sitting.code, 'Sefa', 'Mallet');
  await step(page, 'Begin');
  await page.getByRole('button', { name: 'Tools for 300', exact: true }).click();
  await step(page, 'Show the question');
  await step(page, 'Open');
  await press(page, 'c');
  await clean(phone, 'handset, pairs');
  await clean(stage, 'stage, pairs');
  await press(page, 'l');
  await press(page, 'k');
  await clean(page, 'desk, pairs at the key');
  await clean(stage, 'stage, pairs at the key');
  await clean(phone, 'handset, pairs at the key');
});

test('nor has any part of building a show, nor a rehearsal', async ({ app, browser }) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const { page } = host;
  const dialog = '.v-overlay--active .v-card';
  await page.goto(`/studio/shows/${await host.makeShow()}`);
  await page.getByRole('button', { name: 'Running order' }).click();
  await page
    .getByRole('button', { name: /^More for/ })
    .first()
    .click();
  await clean(page, 'running order');
  await page.getByRole('button', { name: 'Choose a setting' }).click();
  await clean(page, 'situations', dialog);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Look and sound', exact: true }).click();
  await clean(page, 'look');
  await page.getByRole('button', { name: 'All surfaces' }).click();
  await page.getByText('Overlay over a stream').waitFor();
  await clean(page, 'all surfaces');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: 'Teams', exact: true }).click();
  for (const name of ['Teams from a sheet', 'Random teams']) {
    await page.getByRole('button', { name }).click();
    await clean(page, name, dialog);
    await page.getByRole('button', { name: 'Cancel' }).click();
  }
  await page.getByRole('button', { name: /issues?$|ready$/ }).click();
  await page.getByText(/^Measuring on/).waitFor({ state: 'hidden' });
  await clean(page, 'check', dialog);
  await page.getByRole('button', { name: 'Back to the show' }).click();
  await page.getByRole('button', { name: 'Rehearse' }).click();
  await clean(page, 'rehearsal dialog', dialog);
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await page.getByRole('region', { name: 'Rehearsal' }).waitFor();
  await clean(page, 'desk of a rehearsal');
});
