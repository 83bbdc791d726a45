import type { Page } from '@playwright/test';
import type { Devices } from '@distaff/core/show';
import { expect, nextStep, step, test } from './app.ts';
import { oneRound } from './oneRound.ts';

/** Five rungs with a rest on the second; of four options "right" is the key. */
const showOf = (devices: Devices) =>
  oneRound('climb', devices, {
    questions: 8,
    teams: ['Bowline', 'Fairlead', 'Leeward'],
    rules: { clock: 120, steps: 'single' },
    content: () => ({ rungs: [10, 20, 40, 80, 160], rests: [2], climbs: 2 }),
    each(one) {
      if (one.answer.kind === 'choice') one.answer.options.push({ id: 'fourth', text: 'fourth' });
      return one;
    },
  });
const up = async (desk: Page) => {
  await step(desk, 'Go to the question');
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers');
};
const done = async (desk: Page) => {
  await step(desk, 'Show the answer');
  await step(desk, /go on|Award|Close/);
  await step(desk, 'Done with this question');
};
const send = async (phone: Page, text: string) => {
  await phone.getByRole('radio', { name: text }).click();
  await phone.getByRole('button', { name: /^Send/ }).click();
};

test('a phone a table: up three rungs with every help, stopped by phone; the next one falls to the rest', async ({
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
  const wren = await host.handset(sitting.code, 'Wren', 'Leeward');
  await step(desk, 'Begin the round');
  await expect(stage.getByRole('heading', { name: 'Who climbs next?' })).toBeVisible();
  await desk.locator('.on').getByRole('button', { name: 'Bowline' }).click();
  await expect(stage.getByRole('heading', { name: 'Bowline’s climb' })).toBeVisible();

  // Thin out: the key and one wrong option are left.
  await up(desk);
  await ansa.getByRole('button', { name: 'Thin out' }).click();
  await ansa.getByRole('button', { name: 'Use it' }).click();
  await expect(ansa.locator('.answer-pad .out')).toHaveCount(2);
  await send(ansa, 'right');
  await done(desk);

  // Second voice: one other is asked, and what they would answer is shown to all.
  await up(desk);
  await ansa.getByRole('button', { name: 'Second voice' }).click();
  await ansa.getByRole('button', { name: 'Fairlead' }).click();
  await expect(stage.getByText('Fairlead is thinking')).toBeVisible();
  await expect(ansa.getByText('The others are being asked. Your clock waits.')).toBeVisible();
  await expect(wren.getByRole('radio')).toHaveCount(0);
  await expect(jory.getByText('Bowline asks for your help')).toBeVisible();
  await jory.getByRole('radio', { name: 'wrong' }).click();
  await expect(stage.getByText('Fairlead’s pick: wrong')).toBeVisible();
  await send(ansa, 'right');
  await done(desk);

  // Room vote: percentages from real handsets; the server dies while it runs, and nothing is lost.
  await up(desk);
  await ansa.getByRole('button', { name: 'Room vote' }).click();
  await ansa.getByRole('button', { name: 'Use it' }).click();
  await jory.getByRole('radio', { name: 'right' }).click();
  await expect(stage.getByText('1 of 2 have voted')).toBeVisible();
  await app.crash('server');
  await expect(jory.getByText('Sent. Thank you!')).toBeVisible();
  await wren.getByRole('radio', { name: 'wrong' }).click();
  await expect(stage.getByRole('list', { name: 'The room says' }).getByText('50 %')).toHaveCount(2);
  await send(ansa, 'right');
  await done(desk);

  await expect(ansa.getByText('A wrong answer takes you back to 20.')).toBeVisible();
  await ansa.getByRole('button', { name: 'Stop and keep 40' }).click();
  await expect(stage.getByRole('heading', { name: 'Bowline stops here' })).toBeVisible();
  await expect(ansa.locator('header b')).toHaveText('40');

  // The fastest correct answer of all climbs next.
  await desk.getByRole('button', { name: 'Fastest correct answer of all' }).click();
  await step(desk, 'Go to the question for everyone');
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers for everyone');
  await send(wren, 'right');
  for (const phone of [ansa, jory]) await send(phone, 'wrong');
  await done(desk);
  await expect(stage.getByRole('heading', { name: 'Leeward’s climb' })).toBeVisible();
  for (const answer of ['right', 'right', 'wrong']) {
    await up(desk);
    await send(wren, answer);
    await done(desk);
  }
  await expect(stage.getByRole('heading', { name: 'Back to the rest on rung 2' })).toBeVisible();
  await expect(wren.locator('header b')).toHaveText('20');
  await expect(nextStep(desk)).toHaveText('Close the show and show the final standings');
});

test('without phones: chosen at the desk, hands are counted there, and the climb is taken back a step', async ({
  app,
  browser,
}) => {
  test.setTimeout(60_000);
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf({ mode: 'none', score: 'teams', combine: 'mean' }));
  const stage = await host.stage(sitting);
  await step(desk, 'Begin the round');
  await desk.getByRole('button', { name: 'Pick one at random' }).click();
  await expect(stage.getByRole('heading', { name: /’s climb$/ })).toBeVisible();
  await up(desk);
  await desk.getByRole('button', { name: 'Room vote' }).click();
  await expect(stage.getByText('Hands up for your answer')).toBeVisible();
  for (const [letter, hands] of [
    ['A', '9'],
    ['B', '3'],
  ] as const)
    await desk.getByLabel(letter, { exact: true }).fill(hands);
  await desk.getByRole('button', { name: 'Show the result' }).click();
  await expect(stage.getByRole('list', { name: 'The room says' }).getByText('75 %')).toBeVisible();
  await desk.locator('body').press('+');
  await done(desk);
  await expect(desk.getByText('Next, rung 2 of 5')).toBeVisible();
  await desk.getByRole('button', { name: /stops: 10$/ }).click();
  await desk.getByRole('button', { name: 'Stop for 10? Press again.' }).click();
  await expect(stage.getByRole('heading', { name: / stops here$/ })).toBeVisible();
  await desk.getByRole('button', { name: 'Undo' }).first().click();
  await expect(desk.getByText('Next, rung 2 of 5')).toBeVisible();
});
