import type { Page } from '@playwright/test';
import { defaultDoors, newRound, weaveAt, type Round, type RoundOf, type Show } from '@distaff/core/show';
import { rulesWith } from '@distaff/core/formats';
import { choice, expect, nextStep, pick, pose, press, step, test } from './app.ts';

let n = 0;
const newId = () => `id${n++}`;
/** A show of these rounds; each round of questions gets `count` of them. */
function showOf(rounds: Round[], more: Partial<Show> = {}): Show {
  const questions = Object.fromEntries(
    rounds.flatMap((round) =>
      round.format === 'board' || round.format === 'interlude'
        ? []
        : round.content.items.map(({ id }, i) => [id, choice(`${round.title} ${i + 1}`, id)]),
    ),
  );
  const teams = ['Bowline', 'Fairlead'].map((name, i) => ({ id: `t${i}`, name, weave: weaveAt(i) }));
  return {
    title: 'Formats',
    teams,
    devices: { mode: 'team', score: 'teams', combine: 'mean' },
    doors: defaultDoors,
    rounds,
    questions,
    ...more,
  };
}
type ListFormat = 'quiz' | 'knockout' | 'counterweight';
function listRound<F extends ListFormat>(
  format: F,
  title: string,
  count: number,
  change: (round: RoundOf<F>) => void = () => {},
): RoundOf<ListFormat> {
  const round = newRound(format, newId) as RoundOf<ListFormat>;
  round.title = title;
  // What each step does by itself is seen here; together they are in show.spec.ts.
  round.rules.steps = 'single';
  round.content.items = Array.from({ length: count }, () => ({ id: newId(), points: null }));
  change(round as RoundOf<F>);
  return round;
}
const score = (phone: Page, points: string) => expect(phone.locator('header b')).toHaveText(points);
test('a quiz of two rounds with an interlude: everyone answers, scores carry over, a ruling two rounds later re-marks', async ({
  app,
  browser,
}) => {
  test.setTimeout(120_000);
  const text = { ...choice('Type it'), id: 'typed' };
  text.answer = {
    kind: 'text',
    accepted: ['neap'],
    forgive: { case: true, accents: true, articles: true, slips: false },
  };
  const first = listRound('quiz', 'Words', 1);
  const tea = newRound('interlude', newId) as RoundOf<'interlude'>;
  tea.title = 'Tea';
  const show = showOf([first, tea, listRound('quiz', 'Signs', 1)]);
  first.content.items = [{ id: 'typed', points: null }];
  show.questions.typed = text;
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(show);
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await expect(stage.getByText('Next: question 1 of 1')).toBeVisible();
  await expect(stage.getByText('Everyone answers.')).toBeVisible();
  await pose(desk, 'Open the answers for everyone');
  for (const phone of [ansa, jory]) {
    await phone.getByLabel('Your answer').fill('Nippflut');
    await phone.getByRole('button', { name: /^Send/ }).click();
  }
  await step(desk, 'Show who answered what');
  await step(desk, 'Show the answer');
  await step(desk, 'Close: no points');
  await score(ansa, '0');
  await step(desk, 'Done with this question');
  await step(desk, 'Go on to: Tea');
  await expect(stage.getByRole('heading', { name: 'Tea', level: 2 })).toBeVisible();
  await step(desk, 'Go on to: Signs');
  await pose(desk, 'Open the answers for everyone');
  await pick(ansa, 'right');
  await pick(jory, 'wrong');
  await step(desk, 'Show who answered what');
  await expect(stage.getByRole('listitem').filter({ hasText: 'right' }).first()).toContainText('Bowline');
  await step(desk, 'Show the answer');
  await step(desk, 'Award points: 1 correct answer');
  await score(ansa, '100');
  await score(jory, '0');

  // "They spelt it another way": accepted for everyone, two rounds later.
  await press(desk, 'e');
  const earlier = desk.getByRole('dialog', { name: 'Earlier questions' });
  await earlier.getByRole('button', { name: 'Accept for everyone' }).first().click();
  await expect(desk.getByText('Scores changed: Bowline +100, Fairlead +100')).toBeVisible();
  await score(jory, '100');
  await score(ansa, '200');
  await earlier.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(earlier).toHaveCount(0);
  await press(desk, 'u');
  await score(ansa, '100');
  await press(desk, 'f');
  await score(ansa, '200');
  await step(desk, 'Done with this question');
  // The end of the round is taken back across its border, and had again.
  await step(desk, 'Close the show');
  await expect(stage.getByText('Bowline wins')).toBeVisible();
  await press(desk, 'u');
  await nextStep(desk).getByText('Close the show').waitFor();
  await press(desk, 'f');
  await expect(ansa.getByRole('heading', { name: /1st place/ })).toBeVisible();
});

test('first to buzz: by handset and by the keys of the desk; after a miss the others may buzz for half', async ({
  app,
  browser,
}) => {
  const round = listRound('quiz', 'Bells', 2, ({ rules }) =>
    Object.assign(rules, { floor: 'buzz', afterWrong: 'buzz', passShare: 50, clock: null }),
  );
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf([round]));
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the buzzers');
  await ansa.locator('.buzzer').click();
  await expect(stage.getByText('Bowline was first')).toBeVisible();
  await expect(desk.getByText('Bowline buzzed')).toBeVisible();
  await expect(jory.getByText('Bowline’s turn to answer').first()).toBeVisible();
  await pick(ansa, 'wrong');
  await step(desk, 'Show who answered what');
  await step(desk, 'Let the others buzz, for 50');
  await expect(ansa.locator('.buzzer')).toHaveCount(0);
  await jory.locator('.buzzer').click();
  await pick(jory, 'right');
  await step(desk, 'Show who answered what');
  await step(desk, 'Show the answer');
  await step(desk, 'Award 50 to Fairlead');
  await score(jory, '50');
  await step(desk, 'Done with this question');
  // Too early is told; then the key 2 of the desk is the buzzer of the second team.
  await step(desk, 'Go to question');
  await step(desk, 'Show the question');
  await ansa.locator('.buzzer').click();
  await expect(desk.getByText('Too early: Bowline')).toBeVisible();
  await step(desk, 'Open the buzzers');
  await press(desk, '2');
  await expect(desk.getByText('Fairlead buzzed')).toBeVisible();
});

test('a handset far away that pressed first wins, though its press arrives last', async ({
  app,
  browser,
}) => {
  const round = listRound('quiz', 'Bells', 1, ({ rules }) =>
    // Further away than is believed unless the host says so.
    Object.assign(rules, { floor: 'buzz', afterWrong: 'buzz', clock: null, mostDelay: 1000 }),
  );
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf([round]));
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  // Every message to and from this one is held back for a while, from the beginning.
  const far = await host.phone();
  const held = 200;
  await far.routeWebSocket(/socket\.io/, (client) => {
    const server = client.connectToServer();
    const late = (send: (message: string | Buffer) => void) => (message: string | Buffer) =>
      void setTimeout(() => send(message), held);
    client.onMessage(late((message) => server.send(message)));
    server.onMessage(late((message) => client.send(message)));
  });
  await far.goto(`/join/${sitting.code}`);
  await far.getByLabel('Your name').fill('Jory');
  await far.getByText('Fairlead', { exact: true }).click();
  await far.getByRole('button', { name: 'Join' }).click();
  await far.getByText('Jory · Fairlead').waitFor();
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the buzzers');
  await expect(far.locator('.buzzer')).toHaveText('Buzz!');
  // Both ways are measured by then. The far one presses first, and its press is under way for longer.
  const pressAt = (page: Page, when: number) =>
    page
      .locator('.buzzer')
      .evaluate(
        (buzzer, ms) =>
          new Promise((done) =>
            setTimeout(
              () =>
                done(
                  buzzer.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, isPrimary: true })),
                ),
              ms - Date.now(),
            ),
          ),
        when,
      );
  const soon = Date.now() + 2000;
  await Promise.all([pressAt(far, soon), pressAt(ansa, soon + 150)]);
  // It arrives last, and half of its way is taken off; how sure that is, is said.
  await expect(desk.locator('.buzz')).toContainText(/Fairlead (?:by \d+ ms ± \d+|Fairlead)|Too close/);
  await expect(desk.locator('.buzz li').first()).toContainText('Fairlead');
});

test('knockout to the last one: lives on stage and handset, who is out answers for honour', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(
    showOf([listRound('knockout', 'Afloat', 3, ({ content }) => (content.lives = 1))]),
  );
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  const play = async (one: string, other: string) => {
    await pose(desk, 'Open the answers for everyone');
    await pick(ansa, one);
    await pick(jory, other);
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await step(desk, /^(Award points|Close)/);
    await step(desk, 'Done with this question');
  };
  await play('wrong', 'wrong');
  await expect(stage.getByRole('img', { name: '1 life' })).toHaveCount(2);
  await play('right', 'wrong');
  await expect(stage.getByText('out', { exact: true })).toBeVisible();
  await expect(jory.getByText('You’re out – you can still answer for fun.')).toBeVisible();
  await step(desk, 'Close the show');
  await expect(stage.getByText('Bowline wins')).toBeVisible();
});

test('counterweight: covers lifted at the desk, on the stage and by handset; closest to zero wins', async ({
  app,
  browser,
}) => {
  test.setTimeout(90_000);
  const round = listRound('counterweight', 'Trim', 2, ({ content }) =>
    Object.assign(content, { covers: 3, values: [4, -4, 1] }),
  );
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf([round]));
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  await step(desk, 'Begin the round');
  const win = async (phone: Page) => {
    await pose(desk, 'Open the answers for');
    await pick(phone, 'right');
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await step(desk, 'was right: go on');
    await step(desk, 'Done with this question');
  };
  await win(ansa);
  await nextStep(desk).getByText('Bowline earned a cover').waitFor();
  // The one that is heavy is given to the other team, by the handset of the team that won.
  await ansa.getByRole('button', { name: /Fairlead/ }).click();
  await ansa.getByRole('button', { name: 'Cover 1' }).click();
  await expect(stage.getByRole('img', { name: 'Cover 1: +4, lifted by Fairlead' })).toBeVisible();
  await win(jory);
  await expect(ansa.getByText('Fairlead lifts a cover or picks who does')).toBeVisible();
  await stage.getByRole('button', { name: 'Cover 2' }).click();
  await expect(desk.getByRole('img', { name: 'Cover 2: −4, lifted by Fairlead' })).toBeVisible();
  // A miss goes to the next team.
  await pose(desk, 'Open the answers for Bowline');
  await pick(ansa, 'wrong');
  await step(desk, 'Show who answered what');
  await step(desk, 'Pass to Fairlead');
  await pick(jory, 'right');
  await step(desk, 'Show who answered what');
  await step(desk, 'Show the answer');
  await step(desk, 'was right: go on');
  await step(desk, 'Done with this question');
  await desk
    .getByRole('button', { name: /^Bowline/ })
    .last()
    .click();
  await desk.getByRole('button', { name: 'Cover 3' }).click();
  await step(desk, 'Close the show');
  await expect(stage.getByText('Fairlead wins')).toBeVisible();
});

test('a room without phones: the host rules by keys, the stage is touched, several teams are right at once', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const turns = listRound('quiz', 'In turn', 1, (round) => (round.rules = rulesWith({ clock: null })));
  const sitting = await host.openDoors(
    showOf([listRound('quiz', 'Aloud', 1), turns], {
      devices: { mode: 'none', score: 'teams', combine: 'mean' },
    }),
  );
  const stage = await host.stage(sitting);
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers for everyone');
  await step(desk, 'Lock the answers');
  for (const key of ['1', '+', '2', '+']) await press(desk, key);
  await step(desk, 'Show the answer');
  await step(desk, 'Award points: 2 correct answers');
  await expect(stage.locator('.hem')).toContainText('100');
  await step(desk, 'Done with this question');
  await step(desk, 'Go on to: In turn');
  await pose(desk, 'Open the answers for Bowline');
  await stage.getByRole('button', { name: /: right$/ }).click();
  await step(desk, 'Show who answered what');
  await step(desk, 'Show the answer');
  await step(desk, 'Award 100 to Bowline');
  await expect(stage.locator('.hem')).toContainText('200');
});

test('the overlay shows viewers what they need on a see-through ground, and never the key early', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(showOf([listRound('quiz', 'Stream', 1)]));
  const context = await browser.newContext({
    baseURL: app.url,
    viewport: { width: 1920, height: 1080 },
  });
  const overlay = await context.newPage();
  await overlay.goto(`/overlay/${sitting.code}?at=top#${sitting.stageKey}`);
  await expect(overlay.getByText(sitting.code)).toBeVisible();
  const ground = await overlay.evaluate(() =>
    ['html', 'body', '.v-application', '.overlay'].map(
      (one) => getComputedStyle(document.querySelector(one)!).backgroundColor,
    ),
  );
  expect(new Set(ground)).toEqual(new Set(['rgba(0, 0, 0, 0)']));
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers for everyone');
  await expect(overlay.getByText('Stream 1')).toBeVisible();
  await expect(overlay.getByRole('timer')).toBeVisible();
  await expect(overlay.locator('.key, .gone')).toHaveCount(0);
  // Nothing lies in the outer twentieth of the picture.
  for (const box of await overlay.locator('.safe > *').evaluateAll((all) =>
    all.map((one) => {
      const { left, right, top, bottom } = one.getBoundingClientRect();
      return { left, right, top, bottom };
    }),
  )) {
    expect(box.left).toBeGreaterThanOrEqual(0.05 * 1920 - 1);
    expect(box.right).toBeLessThanOrEqual(0.95 * 1920 + 1);
    expect(box.top).toBeGreaterThanOrEqual(0.05 * 1080 - 1);
    expect(box.bottom).toBeLessThanOrEqual(0.95 * 1080 + 1);
  }
  await step(desk, 'Lock the answers');
  await step(desk, 'Show the answer');
  await expect(overlay.locator('.options .key')).toContainText('right');
  // The trial page lies over a picture of our own, in three positions.
  await overlay.goto(`/overlay/${sitting.code}/try#${sitting.stageKey}`);
  for (const place of ['Top', 'Side', 'Bottom']) {
    await overlay.getByRole('button', { name: place }).click();
    await expect(overlay.getByText('Stream 1')).toBeVisible();
  }
});
