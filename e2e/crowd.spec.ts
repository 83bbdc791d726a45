import { blankQuestion, type Question } from '@distaff/core/question';
import { rulesWith } from '@distaff/core/formats';
import { expect, nextStep, quizShow, step, test } from './app.ts';

const said = (prompt: string): Question => ({
  ...blankQuestion(() => 'new'),
  prompt,
  answer: { kind: 'aloud', key: 'key' },
});
const none = { mode: 'none', score: 'teams', combine: 'mean' } as const;
const names = (n: number) => Array.from({ length: n }, (_, i) => `Table ${String(i + 1).padStart(2, '0')}`);

test('twelve teams are hosted from a phone: everything is in reach of a thumb, nothing is cut off', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  await desk.setViewportSize({ width: 390, height: 844 });
  const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', penalty: 'full', clock: null });
  const sitting = await host.openDoors(quizShow([said('One'), said('Two')], rules, none, names(12)));
  const stage = await host.stage(sitting);
  const bar = desk.getByRole('contentinfo').getByRole('button');
  const tap = async (says: string) => {
    await expect(bar).toContainText(says);
    await expect(bar).toBeInViewport({ ratio: 1 });
    // Two taps in a row are one.
    await desk.waitForTimeout(320);
    await bar.dblclick();
  };
  await tap('Begin the round');
  await tap('Go to question');
  await tap('Show the question');
  await tap('Open the answers');
  const teams = desk.getByRole('complementary', { name: 'Teams' });
  for (const name of ['Table 03', 'Table 12']) {
    const own = teams.locator('.team', { hasText: name });
    await own.getByRole('button', { name: /Correct/ }).click();
  }
  await teams.locator('.team', { hasText: 'Table 07' }).getByRole('button', { name: /Wrong/ }).click();
  await tap('Lock the answers');
  await tap('Show the answer');
  await tap('Award points: 2 correct answers');
  await tap('Done with this question');
  await expect(stage.locator('.hem li', { hasText: 'Table 12' })).toContainText('100');
  await expect(stage.locator('.hem li', { hasText: 'Table 07' })).toContainText('−100');
  const width = await desk.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(390);
  // Taken back by hand, and had again.
  await desk.getByRole('button', { name: 'Undo' }).click();
  await expect(nextStep(desk)).toContainText('Done with this question');
});

test('fifty teams: found by name, ruled on, told page by page on the stage', async ({ app, browser }) => {
  const host = await app.host(browser);
  const desk = host.page;
  const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null });
  const sitting = await host.openDoors(quizShow([said('One')], rules, none, names(50)));
  const stage = await host.stage(sitting);
  await expect(stage.getByText(/of 50$/)).toBeVisible();
  const phone = await host.phone();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Find your team').fill('47');
  await expect(phone.getByRole('radio')).toHaveCount(1);
  await phone.getByText('Table 47').click();
  await phone.getByLabel('Your name').fill('Ansa');
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByText('Ansa · Table 47').waitFor();
  await desk.bringToFront();
  await test.step('a player is found and moved to a team among fifty', async () => {
    await desk.keyboard.press('p');
    const people = desk.getByRole('dialog', { name: 'People' });
    await people.getByLabel('Find a player or a team').fill('ans');
    await people.getByRole('button', { name: 'Ansa' }).click();
    await desk.getByText('Move Ansa to another team').click();
    const dialog = desk.getByRole('dialog', { name: 'Move Ansa' });
    await dialog.getByLabel('Find a team').fill('33');
    await desk.getByRole('option', { name: 'Table 33' }).click();
    await dialog.getByRole('button', { name: 'Save' }).click();
    await expect(phone.getByText('Ansa · Table 33')).toBeVisible();
    await people.getByRole('button', { name: 'Close', exact: true }).click();
    await expect(people).toHaveCount(0);
  });
  await step(desk, 'Begin the round');
  await step(desk, 'Go to question');
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers');
  await desk.getByLabel('Find a team').fill('41');
  const team = desk.locator('.team', { hasText: 'Table 41' });
  await team.locator('.pick').click();
  await team.getByRole('button', { name: /Correct/ }).click();
  await step(desk, 'Lock the answers');
  await step(desk, 'Show the answer');
  await step(desk, 'Award points: 1 correct answer');
  await desk.getByRole('button', { name: 'Standings' }).click();
  // Whichever page is on, the first one comes round within the minute.
  await expect(stage.locator('.standings li', { hasText: 'Table 41' })).toContainText('+100', {
    timeout: 50_000,
  });
  await expect(stage.getByText('1 to 12 of 50')).toBeVisible();
});
