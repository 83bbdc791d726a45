import type { Page } from '@playwright/test';
import type { Devices, RoundOf } from '@distaff/core/show';
import type { RoundRules } from '@distaff/core/formats';
import { expect, nextStep, step, test } from './app.ts';
import { oneRound } from './oneRound.ts';

/** A round in which everybody has a question of their own: of three options "right" is the key. */
const showOf = (
  devices: Devices,
  content: Partial<RoundOf<'ownPace'>['content']> = {},
  rules: Partial<RoundRules> = {},
) =>
  oneRound('ownPace', devices, {
    questions: 6,
    rules: { lowest: null, picks: 'before', ...rules },
    content: () => ({ points: 25, loss: 10, ...content }),
    each: (one) => ({ ...one, explanation: 'Because.' }),
  });
/** Taps an option: that is the answer. */
const tap = (phone: Page, text: string) => phone.getByRole('radio', { name: text }).click();
const onward = (phone: Page) => phone.getByRole('button', { name: 'Next question' }).click();
const balance = (phone: Page, points: string) => expect(phone.locator('header b')).toHaveText(points);

test('a phone each: everybody on a question of their own, paused, late, given back, to the end', async ({
  app,
  browser,
}) => {
  test.setTimeout(90_000);
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf({ mode: 'each', score: 'teams', combine: 'mean' }));
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await expect(stage.getByRole('heading', { name: 'Who has most?' })).toBeVisible();
  await expect(ansa.getByRole('heading', { name: 'Get ready' })).toBeVisible();
  await step(desk, 'Start: everyone gets a first question');
  await expect(nextStep(desk)).toHaveText('Everyone is on their own question');

  await tap(ansa, 'right');
  await expect(ansa.getByText('+25', { exact: true })).toBeVisible();
  await expect(ansa.getByText('Because.')).toBeVisible();
  await balance(ansa, '25');
  await tap(jory, 'wrong');
  await balance(jory, '−10');
  await expect(stage.getByRole('listitem').filter({ hasText: 'Bowline' })).toContainText('25');
  await onward(ansa);
  await expect(ansa.getByRole('radio', { name: 'right' })).toBeVisible();

  // A reload, and the way back, lead to the same question.
  const asked = await ansa.locator('.prompt').innerText();
  await ansa.reload();
  await expect(ansa.locator('.prompt')).toHaveText(asked);

  await desk.getByRole('button', { name: 'Pause' }).click();
  await expect(ansa.getByRole('heading', { name: 'Your next question comes' })).toBeVisible();
  await desk.getByRole('button', { name: 'Go on' }).click();
  await expect(ansa.locator('.prompt')).toHaveText(asked);

  const late = await host.handset(sitting.code, 'Late', 'Fairlead');
  await expect(late.getByRole('radio', { name: 'right' })).toBeVisible();
  await tap(late, 'right');
  await balance(late, '15');

  // Jory tapped by mistake: the host gives the question back.
  await desk.getByRole('button', { name: 'Give Jory the last question again' }).click();
  await balance(jory, '25');
  await tap(jory, 'right');
  await balance(jory, '50');

  await desk.getByRole('button', { name: 'End the round now' }).click();
  await desk.getByRole('button', { name: 'End it for everyone' }).click();
  await expect(ansa.getByRole('heading', { name: 'The round is over' })).toBeVisible();
  await expect(stage.getByText('Time’s up')).toBeVisible();
  await step(desk, 'Close the show');
  await expect(stage.getByText('Fairlead').first()).toBeVisible();
});

test('one phone a table, all together to a goal, without keys: right and wrong are told, the next one comes', async ({
  app,
  browser,
}) => {
  test.setTimeout(60_000);
  const host = await app.host(browser);
  const desk = host.page;
  const devices = { mode: 'team', score: 'teams', combine: 'mean' } as const;
  const sitting = await host.openDoors(showOf(devices, { goal: 'together', amount: 75, key: false }));
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await step(desk, 'Start');
  await expect(stage.getByRole('heading', { name: 'Weave it full' })).toBeVisible();
  await tap(ansa, 'right');
  await expect(ansa.getByText('Correct, +25')).toBeVisible();
  await tap(jory, 'right');
  await expect(stage.getByText('50', { exact: true })).toBeVisible();
  await tap(jory, 'right');
  await expect(stage.getByText('Goal reached')).toBeVisible();
  await expect(nextStep(desk)).toHaveText('Close the show and show the final standings');
});

test('kill -9 in the middle of a round at one’s own pace: nothing acknowledged is lost, the clock gets its time back', async ({
  app,
  browser,
}) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const desk = host.page;
  const devices = { mode: 'each', score: 'players', combine: 'mean' } as const;
  const sitting = await host.openDoors(showOf(devices));
  const join = async (name: string) => {
    const phone = await host.phone();
    await phone.goto(`/join/${sitting.code}`);
    await phone.getByLabel('Your name').fill(name);
    await phone.getByRole('button', { name: 'Join' }).click();
    await phone.getByRole('heading', { name: 'You’re in' }).waitFor();
    return phone;
  };
  const [ansa, jory] = [await join('Ansa'), await join('Jory')];
  await step(desk, 'Begin the round');
  await step(desk, 'Start');
  await tap(ansa, 'right');
  await balance(ansa, '25');
  await onward(ansa);
  const asked = await ansa.locator('.prompt').innerText();
  await tap(jory, 'wrong');
  await balance(jory, '−10');
  await app.crash('server');
  await expect(ansa.locator('.prompt')).toHaveText(asked);
  await balance(ansa, '25');
  await tap(ansa, 'right');
  await balance(ansa, '50');
  await app.crash('database');
  await onward(jory);
  await tap(jory, 'right');
  await balance(jory, '15');
  await expect(desk.locator('.line').filter({ hasText: 'Jory' })).toContainText('1 of 2');
});

test('without phones the host reads out, hears and rules', async ({ app, browser }) => {
  test.setTimeout(60_000);
  const host = await app.host(browser);
  const desk = host.page;
  await host.openDoors(showOf({ mode: 'none', score: 'teams', combine: 'mean' }));
  await step(desk, 'Begin the round');
  await step(desk, 'Start');
  const bowline = desk.locator('.aloud').filter({ hasText: 'Bowline' });
  await expect(bowline).toContainText('right');
  await bowline.getByRole('button', { name: 'Correct' }).click();
  await expect(desk.locator('.line').filter({ hasText: 'Bowline' })).toContainText('1 of 1');
  await desk.locator('.aloud').filter({ hasText: 'Fairlead' }).getByRole('button', { name: 'Wrong' }).click();
  await expect(desk.locator('.line').filter({ hasText: 'Fairlead' })).toContainText('0 of 1');
});
