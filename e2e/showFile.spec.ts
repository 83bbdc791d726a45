import { readFile, writeFile } from 'node:fs/promises';
import { demoShow, expect, step, test } from './app.ts';
import { clean } from './axe.ts';

test('a whole show leaves as one file, is deleted, comes in again with its pictures and sounds, and is played', async ({
  app,
  browser,
}, info) => {
  const host = await app.host(browser);
  const { page } = host;
  const house = await (await host.context.request.get('/sounds/right.wav')).body();
  const bell = await host.context.request.post('/api/media?name=bell.wav', {
    data: house,
    headers: { 'content-type': 'application/octet-stream' },
  });
  const own = { file: (await bell.json()).id, alt: 'A bell', credit: 'Ansa', licence: 'CC0 1.0' };
  const show = { ...demoShow(), title: 'Travelling show', sounds: { each: { theme: { own } } } };
  await host.makeShow(show);
  await page.goto('/studio');

  /** Nothing is asked for that is not there: it would stand in the console as an error. */
  const missed: string[] = [];
  page.on('response', (response) => response.status() === 404 && missed.push(response.url()));
  const menu = page.getByRole('button', { name: /Travelling show/ });
  await menu.click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByText('Save the show as a file').click(),
  ]);
  expect(missed).toEqual([]);
  const zip = info.outputPath('show.zip');
  await download.saveAs(zip);
  expect(download.suggestedFilename()).toBe('Travelling show.zip');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await menu.click();
  await page.getByText('Delete', { exact: true }).click();
  await expect(page.getByRole('heading', { name: 'No shows yet' })).toBeVisible();

  await page.getByRole('button', { name: 'New show' }).click();
  await page.getByText('Import a show').click();
  const dialog = page.getByRole('dialog');
  // A hurried hand takes the wrong file first.
  const wrong = info.outputPath('wrong.zip');
  await writeFile(wrong, 'no archive at all');
  await dialog.locator('input[type=file]').setInputFiles(wrong);
  await expect(dialog.getByText('This isn’t a .zip file, or it’s damaged.')).toBeVisible();
  await dialog.locator('input[type=file]').setInputFiles(zip);
  await expect(dialog.getByText('Travelling show')).toBeVisible();
  await expect(dialog.getByText('1 pictures and sounds')).toBeVisible();
  await clean(page, 'bringing in a show', '.v-overlay--active .v-card');
  await dialog.getByRole('button', { name: 'Import' }).click();
  await page.waitForURL(/\/studio\/shows\//);
  await expect(page.getByLabel('Title of the show')).toHaveValue('Travelling show');

  const again = await host.showOf(page.url().split('/').at(-1)!);
  const file = again.sounds!.each!.theme!.own!.file;
  const heard = await (await host.context.request.get(`/media/${file}/file`)).body();
  expect(heard.equals(house)).toBe(true);
  expect({ ...again, sounds: null }).toEqual({ ...show, sounds: null });

  const sitting = await host.openDoors(again);
  const stage = await host.stage(sitting);
  await step(page, 'Begin');
  await page.getByRole('button', { name: 'Tides for 100', exact: true }).click();
  await step(page, 'Show the question');
  const board = show.rounds[0]!;
  const first = board.format === 'board' ? board.content.cells['tides:v100']!.question! : '';
  await expect(stage.getByText(show.questions[first]!.prompt)).toBeVisible();
  expect((await readFile(zip)).subarray(0, 2).toString()).toBe('PK');
});

test('what a show was before is brought back, and that is undone', async ({ app, browser }) => {
  const host = await app.host(browser);
  const { page } = host;
  const id = await host.makeShow({ ...demoShow(), title: 'As it was' });
  await page.goto(`/studio/shows/${id}`);
  const title = page.getByLabel('Title of the show');
  await title.fill('Spoilt');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('button', { name: 'Versions' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('As it was')).toBeVisible();
  await clean(page, 'earlier states', '.v-overlay--active .v-card');
  await dialog.getByRole('button', { name: 'Restore this version' }).dblclick();
  await expect(title).toHaveValue('As it was');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(title).toHaveValue('Spoilt');
  await expect.poll(async () => (await host.showOf(id)).title).toBe('Spoilt');
});
