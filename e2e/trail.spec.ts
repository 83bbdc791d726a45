import type { Devices } from '@distaff/core/show';
import { expect, step, test } from './app.ts';
import { oneRound } from './oneRound.ts';

/** Eight spaces with a rest on the fourth; of two options "right" is the key; 200 points win. */
const showOf = (devices: Devices) =>
  oneRound('trail', devices, {
    questions: 14,
    rules: { clock: 120, steps: 'joined' },
    content: () => ({
      ...{ spaces: 8, specials: { 4: 'rest' as const }, target: 200 },
      pages: [{ id: 'knots', title: 'Joining two ropes', text: 'A *sheet bend*: $x^2$', picture: null }],
    }),
  });

test('a phone a table: pages first, rolled by phone, by a real die and at the desk, to the target', async ({
  app,
  browser,
}) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf({ mode: 'team', score: 'teams', combine: 'mean' }));
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await expect(stage.getByRole('heading', { name: 'Joining two ropes' })).toBeVisible();
  // Whoever waits reads; whoever is on turn rolls.
  await expect(jory.getByRole('heading', { name: 'Joining two ropes' })).toBeVisible();
  await expect(jory.getByRole('button', { name: 'Roll the die' })).toHaveCount(0);
  await ansa.getByRole('button', { name: 'We rolled a real die' }).click();
  await ansa.getByRole('button', { name: '4', exact: true }).click();
  // On the rest nothing is asked, and the turn goes on.
  await expect(stage.getByRole('heading', { name: 'Bowline rests. Next: Fairlead' })).toBeVisible();
  await desk.getByRole('button', { name: 'Undo' }).click();
  await expect(ansa.getByRole('heading', { name: 'Your turn: roll the die' })).toBeVisible();

  const answer = async (phone: typeof ansa, text: 'right' | 'wrong') => {
    await step(desk, 'Go to the question of space');
    await step(desk, 'Open the answers');
    await phone.getByRole('radio', { name: text }).click();
    await phone.getByRole('button', { name: /^Send/ }).click();
    await step(desk, 'Show the answer');
    await step(desk, 'Back to the trail');
  };
  await ansa.getByRole('button', { name: '2', exact: true }).click();
  await expect(stage.getByRole('heading', { name: 'Bowline moves 2 spaces' })).toBeVisible();
  await answer(ansa, 'right');
  await desk.getByRole('button', { name: '1', exact: true }).click();
  await expect(stage.getByRole('heading', { name: 'Fairlead moves 1 space' })).toBeVisible();
  await answer(jory, 'wrong');
  await expect(jory.locator('header').getByText('−100')).toBeVisible();
  await desk.getByRole('button', { name: '1', exact: true }).click();
  await answer(ansa, 'right');
  await expect(stage.getByRole('heading', { name: 'Bowline reaches 200' })).toBeVisible();
});

test('without phones: rolled at the desk by key, a piece is moved by hand, passing the start brings its points', async ({
  app,
  browser,
}) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf({ mode: 'none', score: 'teams', combine: 'mean' }));
  const stage = await host.stage(sitting);
  await step(desk, 'Begin the round');
  await desk.getByRole('button', { name: 'Move', exact: true }).first().click();
  await desk.getByLabel('To space').fill('7');
  await desk.getByRole('button', { name: 'Move', exact: true }).first().click();
  await expect(desk.getByText('space 7, lap 1')).toBeVisible();
  await desk.getByRole('button', { name: '2', exact: true }).click();
  await expect(desk.getByText('space 1, lap 2')).toBeVisible();
  await expect(stage.getByRole('heading', { name: 'Bowline moves 2 spaces' })).toBeVisible();
  await desk.getByRole('button', { name: 'Undo' }).click();
  await expect(desk.getByText('space 7, lap 1')).toBeVisible();
  await desk.keyboard.press('r');
  await expect(stage.getByRole('heading', { name: /Bowline (moves|rests|is back)/ })).toBeVisible();
});
