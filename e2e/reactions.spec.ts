import { demoShow, expect, step, test } from './app.ts';

test('phones show what they feel while nothing is asked; it runs up the edge of the stage, until the host stops it', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(demoShow());
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  await expect(stage.getByRole('heading').first()).toBeVisible();
  const strip = stage.getByRole('img', { name: 'Reactions from the players' });
  await ansa.getByRole('button', { name: 'Heart' }).click();
  await expect(strip).toBeVisible();
  // One at a time: then there is a rest, and what has risen is gone.
  await expect(ansa.getByRole('button', { name: 'Clap' })).toHaveAttribute('aria-disabled', 'true');
  await expect(strip).toHaveCount(0);
  await desk.getByRole('button', { name: 'More', exact: true }).click();
  await desk.getByText('No reactions from phones').click();
  await expect(ansa.getByRole('button', { name: 'Heart' })).toHaveCount(0);
  await desk.getByRole('button', { name: 'More', exact: true }).click();
  await desk.getByText('Allow reactions from phones').click();
  await expect(ansa.getByRole('button', { name: 'Heart' })).toBeVisible();
  await step(desk, 'Begin the round');
  await expect(ansa.getByRole('button', { name: 'Heart' })).toBeVisible();
});
