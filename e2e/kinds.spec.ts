import type { Page } from '@playwright/test';
import { rulesWith } from '@distaff/core/formats';
import { expect, step, test, workshopShow } from './app.ts';

/** Brings a cell into play and opens the answers. */
async function pose(desk: Page, cell: string): Promise<void> {
  await desk.getByRole('button', { name: cell, exact: true }).click();
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers');
}
const score = (phone: Page, points: string) => expect(phone.locator('header b')).toHaveText(points);

test('every kind of question is answered on a handset, marked, shown and scored', async ({
  app,
  browser,
}) => {
  test.setTimeout(180_000);
  const show = workshopShow();
  // One team has all the turns, so that one handset answers everything.
  show.rounds[0]!.rules = rulesWith({ afterWrong: 'close', clock: null });
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(show);
  const stage = await host.stage(sitting);
  const phone = await host.handset(sitting.code, 'Sefa', 'Mallet');
  await step(desk, 'Begin');
  const giveTurn = async () => {
    await desk
      .getByText(/chooses a cell/)
      .first()
      .waitFor();
    // What nobody can win cost no turn.
    if (await desk.getByText('Mallet chooses a cell').isVisible()) return;
    await desk.getByRole('button', { name: 'Give the turn' }).first().click();
    await expect(desk.getByText('Mallet chooses a cell')).toBeVisible();
  };
  const toEnd = async (award: RegExp | string) => {
    await step(desk, award);
    await step(desk, 'Back to the board');
    await giveTurn();
  };

  await test.step('several of several, partly right', async () => {
    await pose(desk, 'Tools for 200');
    await expect(stage.getByText('More than one may be right')).toBeVisible();
    await expect(phone.getByText('Choose all that are correct')).toBeVisible();
    await expect(phone.getByRole('button', { name: 'Send', exact: true })).toBeDisabled();
    await phone.getByRole('checkbox', { name: 'Try square' }).click();
    await phone.getByRole('checkbox', { name: 'Marking gauge' }).click();
    await phone.getByRole('button', { name: /^Send [A-E], [A-E]$/ }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await expect(phone.locator('.verdict')).toContainText('Partly correct (67 %)');
    await expect(stage.getByText('Partly correct (67 %)')).toBeVisible();
    await toEnd('Award 133 to Mallet');
    await score(phone, '133');
  });

  await test.step('put in order: touched one after the other, the last finds its place', async () => {
    await pose(desk, 'Tools for 400');
    for (const paper of ['P60', 'P120', 'P240']) await phone.getByRole('button', { name: paper }).click();
    await expect(phone.getByRole('button', { name: 'P400 number 4' })).toBeVisible();
    await phone.getByRole('button', { name: 'Send this order' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await expect(stage.locator('.bars li')).toHaveText(['1P60', '2P120', '3P240', '4P400']);
    await toEnd('Award 400 to Mallet');
    await score(phone, '533');
  });

  await test.step('match pairs', async () => {
    await pose(desk, 'Tools for 300');
    for (const does of ['bores a hole', 'hews a surface', 'drives a rivet', 'cuts a fine joint'])
      await phone.getByRole('button', { name: does }).click();
    // A change of mind: the third one gets another partner.
    await phone.getByRole('radio', { name: /^Rip saw/ }).click();
    await phone.getByRole('button', { name: 'cuts along the grain' }).click();
    await phone.getByRole('button', { name: 'Send these pairs' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await expect(phone.getByText('Correct', { exact: true })).toBeVisible();
    await toEnd('Award 300 to Mallet');
    await score(phone, '833');
  });

  await test.step('a number in another unit; what is no number cannot be sent', async () => {
    await pose(desk, 'Timber for 400');
    await phone.getByLabel('Your number').fill('fifteen');
    await expect(phone.getByText('Type a number, such as 12 or 3.5.')).toBeVisible();
    await expect(phone.getByRole('button', { name: 'Send' })).toBeDisabled();
    await phone.getByLabel('Your number').fill('0,015 m³');
    await phone.getByRole('button', { name: 'Send' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await expect(stage.getByText('15 l (± 0.1 l)')).toBeVisible();
    // The explanation is a formula, and readable as one.
    await expect(stage.locator('.explanation math')).toHaveCount(1);
    await toEnd('Award 400 to Mallet');
  });

  await test.step('true or false; typed text with a slip; closest is for the host to rule', async () => {
    await pose(desk, 'Timber for 100');
    await phone.getByRole('radio', { name: 'True' }).click();
    await phone.getByRole('button', { name: 'Send A' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await toEnd('Award 100 to Mallet');
    await pose(desk, 'Joints for 200');
    await phone.getByLabel('Your answer').fill('a dovetal');
    await phone.getByRole('button', { name: 'Send' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await toEnd('Award 200 to Mallet');
    await pose(desk, 'Safety for 500');
    await phone.getByLabel('Your number').fill('44');
    await phone.getByRole('button', { name: 'Send' }).click();
    await step(desk, 'Show who answered what');
    await expect(desk.getByText('Was Mallet right?')).toBeVisible();
    await desk.getByRole('button', { name: 'Half' }).click();
    await step(desk, 'Show the answer');
    await toEnd('Award 250 to Mallet');
    await score(phone, '1,783');
  });

  await test.step('an opinion and a card bring no points and ask for no ruling', async () => {
    await pose(desk, 'Safety for 300');
    await phone.getByRole('radio', { name: 'Quite sure' }).click();
    await phone.getByRole('button', { name: 'Send C' }).click();
    await step(desk, 'Show the result of the poll');
    await expect(stage.locator('.rows li').nth(2)).toContainText('100');
    await expect(stage.locator('.rows li').nth(2)).not.toContainText('Mallet');
    await toEnd('no points');
    await desk.getByRole('button', { name: 'Safety for 100', exact: true }).click();
    await step(desk, 'Show the question');
    await expect(stage.locator('.prompt strong')).toHaveText(/unplug it/);
    await expect(phone.getByText('Just read this one')).toBeVisible();
    await toEnd('no points');
    await score(phone, '1,783');
  });
});
