import { defaultSpinner } from '@distaff/core/show';
import type { Devices } from '@distaff/core/show';
import { demoShow, expect, step, test } from './app.ts';
import { oneRound } from './oneRound.ts';

test('a spinner: thrown by the finger on the stage and by a phone, what comes up follows, taken back', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  const desk = host.page;
  const show = demoShow();
  // Whatever comes up, it is 40 points.
  show.spinner = {
    ...defaultSpinner,
    surprises: [1, 3].map((weight) => ({ does: 'points', amount: 40, weight })),
  };
  const sitting = await host.openDoors(show);
  const stage = await host.stage(sitting);
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await desk.getByRole('button', { name: 'Spinner' }).click();
  await desk.getByText('Random team').click();
  await expect(stage.getByRole('heading', { name: 'Which team is next?' })).toBeVisible();
  const warp = (await stage.locator('.warp').boundingBox())!;
  await stage.mouse.move(warp.x + 60, warp.y + 40);
  await stage.mouse.down();
  await stage.mouse.move(warp.x + 500, warp.y + 50, { steps: 4 });
  await stage.mouse.up();
  await expect(stage.getByText('Chosen at random')).toBeVisible();
  await expect(stage.getByText('is next', { exact: true })).toBeVisible();
  await step(desk, 'Go on with what came up');
  await expect(stage.getByRole('heading', { name: 'Which team is next?' })).toBeHidden();

  // A surprise for a team is thrown on one of its phones; again only for a reason.
  await desk
    .getByRole('button', { name: /Fairlead/, pressed: false })
    .first()
    .click();
  await desk.getByRole('button', { name: 'Spinner' }).click();
  await desk.getByText('Surprise for Fairlead').click();
  await expect(stage.getByText('Fairlead', { exact: false }).first()).toBeVisible();
  await expect(jory.getByRole('button', { name: 'Throw the shuttle' })).toBeVisible();
  const fields = jory.locator('.fields');
  const box = (await fields.boundingBox())!;
  const finger = (y: number) => ({
    pointerType: 'touch',
    isPrimary: true,
    clientX: box.x + 100,
    clientY: box.y + y,
  });
  await fields.dispatchEvent('pointerdown', finger(20));
  await fields.dispatchEvent('pointerup', finger(160));
  await expect(jory.locator('.came').getByText('+40')).toBeVisible();
  await expect(jory.getByText('Points for Fairlead.')).toBeVisible();
  await desk.getByLabel('Why throw it again?').fill('The cable fell out');
  await desk.getByRole('button', { name: 'Throw again' }).click();
  await step(desk, 'Go on with what came up');
  await expect(jory.locator('header b')).toHaveText('40');
  await desk.getByRole('button', { name: 'Undo' }).click();
  await expect(jory.locator('header b')).toHaveText('0');
  await step(desk, 'Go on with what came up');
  await desk.getByRole('button', { name: 'Score history' }).click();
  await expect(desk.getByRole('dialog').getByText('Spinner', { exact: true })).toBeVisible();
});

test('boosts: bought with what one has and used on the phone, given at the desk, told in the score history', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  const desk = host.page;
  const each: Devices = { mode: 'each', score: 'players', combine: 'mean' };
  const sitting = await host.openDoors(
    oneRound('ownPace', each, {
      questions: 6,
      rules: { roundClock: 600, boosts: [{ boost: 'double', amount: 2, price: 40 }] },
      content: () => ({ start: 50, points: 25, key: false }),
    }),
  );
  const phone = await host.phone();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('Ansa');
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByText('You’re in').waitFor();
  await step(desk, 'Begin the round');
  await step(desk, 'Start');
  await phone.getByRole('button', { name: 'Boosts' }).click();
  await phone.getByRole('button', { name: 'Buy for 40' }).click();
  await phone.getByRole('button', { name: 'Use it' }).click();
  await expect(phone.getByText('Your next 2 questions count twice.')).toBeVisible();
  await phone.getByRole('button', { name: 'Use it' }).click();
  await expect(phone.getByText('Double: on for 2 more questions')).toBeVisible();
  await phone.getByRole('radio', { name: /right$/ }).click();
  await expect(phone.getByText('Correct, +50')).toBeVisible();
  await expect(phone.locator('header b')).toHaveText('60');
  await desk.getByRole('button', { name: 'Score history' }).click();
  const ledger = desk.getByRole('dialog');
  await expect(ledger.getByText('Bought a boost')).toBeVisible();
  await expect(ledger.getByText('(× 2, Double)')).toBeVisible();
});
