import { demoShow, expect, step, test } from './app.ts';

test('the stage is silent until somebody acts there, then plays one sound at a time; own ones, levels, one mute', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const id = await host.makeShow(demoShow());
  const { page } = host;
  await page.goto(`/studio/shows/${id}`);
  await page.getByRole('button', { name: 'Look and sound' }).click();
  const play = page.getByRole('button', { name: 'Play: Thinking' });
  await play.click();
  await expect(page.getByRole('button', { name: 'Stop: Thinking' })).toBeVisible();
  // Another one ends it.
  await page.getByRole('button', { name: 'Play: Lock' }).click();
  await expect(play).toBeVisible();
  await expect(page.getByRole('button', { name: /^Stop: / })).toHaveCount(0);
  await page.getByRole('slider', { name: 'Volume: Lock' }).press('Home');

  const lock = page.getByRole('listitem').filter({ hasText: 'when answers are locked' });
  await lock.getByRole('button', { name: 'Own sound' }).click();
  const house = await (await host.context.request.get('/sounds/right.wav')).body();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'bell.wav', mimeType: 'audio/wav', buffer: house });
  await dialog.getByLabel('Description: what is heard').fill('A ship’s bell');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(lock.getByRole('button', { name: 'Restore default' })).toBeVisible();
  await expect
    .poll(async () => (await host.showOf(id)).sounds?.each?.lock)
    .toMatchObject({ level: 0, own: { file: expect.any(String), alt: 'A ship’s bell' } });

  const sitting = await host.openDoors(await host.showOf(id));
  const stage = await host.stage(sitting);
  const sound = stage.locator('.sound');
  await expect(sound).toHaveText('Turn sound on');
  await expect(sound).not.toHaveAttribute('data-playing', /./);
  await sound.click();
  await expect(sound).toHaveAttribute('data-playing', 'theme');
  await step(page, 'Begin');
  await expect(sound).not.toHaveAttribute('data-playing', /./);

  // What the host has at hand is heard over everything, and ends by its button.
  await page.getByRole('button', { name: 'Sounds', exact: true }).click();
  await page.getByRole('button', { name: 'Drum roll' }).click();
  await expect(sound).toHaveAttribute('data-playing', 'drumRoll');
  await page.getByRole('button', { name: 'Applause' }).click();
  await expect(sound).toHaveAttribute('data-playing', 'applause');
  await page.getByRole('button', { name: 'Stop the sound' }).click();
  await expect(sound).not.toHaveAttribute('data-playing', /./);
  // The own ones are there where the host has put a file.
  await expect(page.getByRole('button', { name: 'Own sound 1' })).toHaveCount(0);
  await page.keyboard.press('Escape');

  // One mute for both: at the desk by key, back on the stage.
  await page.keyboard.press('m');
  await expect(sound).toHaveAttribute('title', /Sound on/);
  await stage.keyboard.press('m');
  await expect(sound).toHaveAttribute('title', /Mute/);
});
