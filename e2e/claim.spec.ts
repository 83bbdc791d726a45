import type { Page } from '@playwright/test';
import type { Devices, RoundOf } from '@distaff/core/show';
import { expect, step, test } from './app.ts';
import { oneRound } from './oneRound.ts';

/** Three by three squares, and one question in reserve; of two options "right" is the key. */
const showOf = (
  devices: Devices,
  content: Partial<RoundOf<'claim'>['content']> = {},
  rules: Partial<RoundOf<'claim'>['rules']> = {},
) =>
  oneRound('claim', devices, {
    questions: 10,
    rules: { clock: 120, steps: 'joined', ...rules },
    content: (ids) => ({
      topics: Object.fromEntries(ids.map((id, i) => [id, `Topic ${i + 1}`])),
      ...{ rows: 3, columns: 3 },
      ...content,
    }),
  });
const square = (page: Page, name: string) => page.getByRole('button', { name, exact: true });
const takeOn = async (phone: Page, name: string, n: number) => {
  await square(phone, name).click();
  await phone.getByRole('button', { name: `Take on ${n}` }).click();
};
const tap = (phone: Page, text: string) => phone.getByRole('radio', { name: text }).click();
const send = async (phone: Page, text: string) => {
  await tap(phone, text);
  await phone.getByRole('button', { name: /^Send/ }).click();
};

test('a phone a table: squares chosen by phone and at the desk, three in a row win, a ruling changes who', async ({
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
  await expect(stage.getByRole('heading', { name: 'Bowline chooses a square' })).toBeVisible();
  // Whoever is not on turn cannot choose.
  await expect(square(jory, 'Topic 1')).toBeDisabled();
  const play = async (phone: Page, n: number, text: 'right' | 'wrong') => {
    if (phone === ansa) await takeOn(phone, `Topic ${n}`, n);
    else await square(desk, `Topic ${n}`).click();
    await step(desk, 'Show the question');
    await step(desk, 'Open the answers');
    await send(phone, text);
    await step(desk, 'Show the answer');
    await step(desk, 'Back to the board');
  };
  await play(ansa, 1, 'right');
  await play(jory, 4, 'right');
  await play(ansa, 2, 'right');
  await play(jory, 5, 'wrong');
  await expect(stage.getByText('Needs 1 more')).toBeVisible();
  // What nobody got has another question: the one in reserve.
  await square(desk, 'Topic 10').click();
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers');
  await send(ansa, 'right');
  await step(desk, 'Show the answer');
  await step(desk, 'Back to the board');
  await play(jory, 6, 'right');
  await play(ansa, 3, 'right');
  await expect(stage.getByRole('heading', { name: '3 in a row' })).toBeVisible();
  await expect(stage.getByText('wins the round')).toBeVisible();
  await expect(ansa.getByRole('heading', { name: 'You win the round' })).toBeVisible();
  await expect(jory.getByRole('heading', { name: 'Bowline wins the round' })).toBeVisible();
  await desk.getByRole('button', { name: 'Undo' }).click();
  await expect(stage.getByText('wins the round')).toHaveCount(0);
});

test('all at once: of two on a square the first right one has it; without phones the host chooses and judges', async ({
  app,
  browser,
}) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(
    showOf({ mode: 'each', score: 'teams', combine: 'mean' }, { open: true }),
  );
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await step(desk, 'Start');
  await takeOn(ansa, 'Topic 5', 5);
  await takeOn(jory, 'Topic 5', 5);
  await expect(stage.getByText('On Topic 5')).toHaveCount(2);
  await tap(ansa, 'right');
  // The square is gone: Jory chooses another one.
  await expect(square(jory, 'Topic 5, taken by Bowline')).toBeVisible();
  await takeOn(jory, 'Topic 1', 1);
  await tap(jory, 'wrong');
  await expect(stage.getByText(/Waits, \d+ s/)).toBeVisible();
  await takeOn(ansa, 'Topic 4', 4);
  await tap(ansa, 'right');
  await takeOn(ansa, 'Topic 6', 6);
  await tap(ansa, 'right');
  await expect(stage.getByText('wins the round')).toBeVisible();

  const aloud = await host.openDoors(
    showOf({ mode: 'none', score: 'teams', combine: 'mean' }, { open: true }),
  );
  const wall = await host.stage(aloud);
  await step(desk, 'Begin the round');
  await step(desk, 'Start');
  for (const n of [1, 2, 3]) {
    await desk.locator('.who').click();
    await desk.getByRole('option', { name: 'Fairlead' }).click();
    await square(desk, `Topic ${n}`).click();
    await desk.getByRole('button', { name: 'Correct', exact: true }).first().click();
  }
  await expect(wall.getByText('wins the round')).toBeVisible();
});

test('a phone each: what most of a team want is taken on, and each phone tells how the wishes stand', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(
    showOf({ mode: 'each', score: 'teams', combine: 'mean' }, {}, { chosenBy: 'most' }),
  );
  const stage = await host.stage(sitting);
  const [ansa, senara, perran] = [
    await host.handset(sitting.code, 'Ansa', 'Bowline'),
    await host.handset(sitting.code, 'Senara', 'Bowline'),
    await host.handset(sitting.code, 'Perran', 'Bowline'),
  ];
  const want = async (phone: Page, n: number) => {
    await square(phone, `Topic ${n}`).click();
    await phone.getByRole('button', { name: `I want ${n}` }).click();
  };
  await step(desk, 'Begin the round');
  await want(ansa, 5);
  await expect(ansa.getByRole('button', { name: 'Waiting for your team' })).toBeDisabled();
  await expect(perran.getByText('1 of 3 for 5')).toBeVisible();
  await want(senara, 2);
  await expect(perran.getByText('1 of 3 for 2')).toBeVisible();
  // Minds change, and a reload forgets nothing.
  await senara.reload();
  await expect(senara.getByText('1 of 3 for 5')).toBeVisible();
  await want(senara, 5);
  await expect(stage.getByText('Get ready')).toBeVisible();
  await expect(stage.getByText('Topic 5')).toBeVisible();
});
