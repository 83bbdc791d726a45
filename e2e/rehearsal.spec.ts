import { newRound, type Devices, type Round } from '@distaff/core/show';
import { rulesWith } from '@distaff/core/formats';
import { choice, expect, quizShow, test } from './app.ts';

let n = 0;
const newId = () => `r${n++}`;
const QUESTIONS = 4;

/** Four short rounds, one a format, each answered in another way. */
const formats: Record<'board' | 'quiz' | 'knockout' | 'counterweight', { devices: Devices; round: Round }> = {
  board: {
    devices: { mode: 'none', score: 'teams', combine: 'mean' },
    round: boardOf(rulesWith({ floor: 'turn', afterWrong: 'handOn', passShare: 50, clock: 10 })),
  },
  quiz: {
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
    round: listOf('quiz', rulesWith({ floor: 'everyone', speed: { keep: 50, grace: 2 }, clock: 10 })),
  },
  knockout: {
    devices: { mode: 'team', score: 'teams', combine: 'mean' },
    round: listOf('knockout', rulesWith({ clock: 10 })),
  },
  counterweight: {
    devices: { mode: 'team', score: 'teams', combine: 'mean' },
    round: listOf('counterweight', rulesWith({ clock: 10 })),
  },
};
function boardOf(rules: Round['rules']): Round {
  const round = newRound('board', newId);
  if (round.format !== 'board') throw new Error('no board');
  round.content.categories = ['Knots', 'Tides'].map((name, i) => ({ id: `c${i}`, name }));
  round.content.values = [100, 200].map((points, i) => ({ id: `v${i}`, points }));
  for (let i = 0; i < QUESTIONS; i++)
    round.content.cells[`c${i % 2}:v${Math.floor(i / 2)}`] = { question: `q${i}`, value: null };
  return { ...round, rules };
}
function listOf(format: 'quiz' | 'knockout' | 'counterweight', rules: Round['rules']): Round {
  const round = newRound(format, newId);
  if (!('items' in round.content)) throw new Error('no list');
  round.content.items = Array.from({ length: QUESTIONS }, (_, i) => ({ id: `q${i}`, points: null }));
  if (round.format === 'counterweight') round.content.covers = QUESTIONS;
  return { ...round, rules: { ...round.rules, ...rules } } as Round;
}

for (const [format, { devices, round }] of Object.entries(formats))
  test(`a ${format} is rehearsed twenty times as fast to its end, and the tally agrees`, async ({
    app,
    browser,
  }) => {
    test.setTimeout(120_000);
    const host = await app.host(browser);
    const { page } = host;
    const questions = Array.from({ length: QUESTIONS }, (_, i) => choice(`Question ${i + 1}`));
    const teams = ['Bowline', 'Fairlead', 'Leeward'];
    const show = { ...quizShow(questions, round.rules, devices, teams), rounds: [round] };
    await page.goto(`/studio/shows/${await host.makeShow(show)}`);
    await page.getByRole('button', { name: 'Rehearse' }).click();
    await page.getByLabel('Seed', { exact: true }).fill('storm');
    await page.getByRole('button', { name: 'Start the rehearsal' }).click();
    const bar = page.getByRole('region', { name: 'Rehearsal' });
    await bar.getByRole('button', { name: '20×' }).click();
    await bar.getByRole('button', { name: 'Automatic' }).click();
    const tally = page.getByRole('dialog', { name: 'How it adds up' });
    await expect(tally.getByText('The scores add up.')).toBeVisible({ timeout: 90_000 });
    // Knockout ends as soon as one is left; all others play every question.
    const played = Number(/(\d+) questions, \d+ answers/.exec(await tally.innerText())?.[1]);
    expect(played).toBeGreaterThanOrEqual(format === 'knockout' ? 1 : QUESTIONS);
    const kept = await tally.locator('tbody td:nth-child(2)').allInnerTexts();
    expect(kept).toHaveLength(teams.length);
    expect(await tally.locator('tbody td:nth-child(3)').allInnerTexts()).toEqual(kept);
  });
