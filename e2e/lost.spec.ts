import type { Page } from '@playwright/test';
import { newRound, type Round, type RoundOf, type Show } from '@distaff/core/show';
import { rulesWith } from '@distaff/core/formats';
import { choice, expect, nextStep, pick, pose, press, quizShow, step, test } from './app.ts';

const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null });
const onePhone = { mode: 'team', score: 'teams', combine: 'mean' } as const;
/** From the lock to the end of a question; `settles` is what the bar calls it to give the points. */
async function toEnd(desk: Page, settles: string): Promise<void> {
  for (const says of ['Show who answered what', 'Show the answer', settles, 'Done with this question'])
    await step(desk, says);
}

test('a handset that is offline for 20 seconds while answering: its answer arrives by itself', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(quizShow([choice('One')], rules, onePhone));
  const phone = await host.phone();
  let offline = false;
  const open = new Set<{ close: () => Promise<void> }>();
  await phone.routeWebSocket(/socket\.io/, (client) => {
    if (offline) return void client.close();
    const server = client.connectToServer();
    open.add(client);
    client.onMessage((message) => void (offline || server.send(message)));
    server.onMessage((message) => void (offline || client.send(message)));
  });
  await phone.route(/socket\.io\/.*polling/, (route) => (offline ? route.abort() : route.continue()));
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('Jory');
  await phone.getByText('Bowline', { exact: true }).click();
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByText('Jory · Bowline').waitFor();
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers for everyone');
  await phone.getByRole('radio', { name: 'right' }).click();
  offline = true;
  for (const client of open) await client.close();
  await expect(phone.getByText(/Connection lost/)).toBeVisible();
  await phone.getByRole('button', { name: /^Send/ }).click();
  await desk.waitForTimeout(20_000);
  await expect(desk.getByText('No answer yet')).toBeVisible();
  offline = false;
  await expect(desk.locator('.answers')).toContainText('right', { timeout: 25_000 });
  await expect(phone.getByText(/Connection lost/)).toHaveCount(0);
});

test('the machine sleeps, lid closed, while a clock runs: opened again, the clock goes on from where it was', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const timed = { ...rules, clock: 8 };
  const sitting = await host.openDoors(quizShow([choice('One')], timed, onePhone));
  const phone = await host.handset(sitting.code, 'Jory', 'Bowline');
  await desk.bringToFront();
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers for everyone');
  await phone.getByRole('radio', { name: 'right' }).waitFor();
  process.kill(app.server.pid!, 'SIGSTOP');
  await desk.waitForTimeout(12_000);
  process.kill(app.server.pid!, 'SIGCONT');
  await expect(desk.getByText(/Connection lost/)).toHaveCount(0);
  const left = async () => Number((await desk.getByRole('timer').innerText()).match(/\d+/)?.[0]);
  await expect.poll(left).toBeGreaterThan(2);
  await phone.bringToFront();
  await pick(phone, 'right');
  await expect(desk.locator('.answers')).toContainText('right');
});

test('messages that come twice and out of order: each answer counts once, and nothing breaks', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(quizShow([choice('One'), choice('Two')], rules, onePhone));
  const phone = await host.phone();
  let n = 0;
  await phone.routeWebSocket(/socket\.io/, (client) => {
    const server = client.connectToServer();
    client.onMessage((message) => {
      server.send(message);
      // What is said to the server, and said twice, comes again after what was said later.
      if (String(message).startsWith('42')) setTimeout(() => server.send(message), 40 + (n++ % 3) * 90);
    });
    server.onMessage((message) => {
      const late = String(message).startsWith('42') ? (n++ % 3) * 60 : 0;
      setTimeout(() => client.send(message), late);
    });
  });
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('Jory');
  await phone.getByText('Bowline', { exact: true }).click();
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByText('Jory · Bowline').waitFor();
  await step(desk, 'Begin the round');
  for (const end of ['Done with this question', 'Close the show']) {
    await pose(desk, 'Open the answers for everyone');
    await pick(phone, 'right');
    await toEnd(desk, 'Award points: 1 correct answer');
    if (end === 'Close the show') await step(desk, end);
  }
  await expect(phone.locator('header b')).toHaveText('200');
  await desk.getByRole('button', { name: 'Score history' }).click();
  await expect(desk.getByRole('dialog').locator('.line')).toHaveCount(2);
});

test('two desks: a co-host by a link sees every act at once; both pressing at the same moment is one step', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(quizShow([choice('One'), choice('Two')], rules, onePhone));
  const made = await host.context.request.post(`/api/sittings/${sitting.id}/desk-link`);
  const { key } = (await made.json()) as { key: string };
  const other = await (await browser.newContext({ baseURL: app.url })).newPage();
  // What the second desk asks is held back until the first one has asked the same and got it.
  let held: (() => void)[] | null = null;
  await other.routeWebSocket(/socket\.io/, (client) => {
    const server = client.connectToServer();
    client.onMessage((message) => {
      if (held && String(message).includes('["command"')) held.push(() => server.send(message));
      else server.send(message);
    });
    server.onMessage((message) => client.send(message));
  });
  await other.goto(`/desk/${sitting.id}#${key}`);
  await other.getByRole('heading', { name: 'The doors are open' }).waitFor();
  const both = async (says: string) => {
    for (const page of [desk, other]) await nextStep(page).getByText(says).waitFor();
    held = [];
    await press(other, 'Space');
    await expect.poll(() => held!.length).toBe(1);
    await press(desk, 'Space');
    await expect(nextStep(desk)).not.toContainText(says);
    for (const release of held) release();
    held = null;
  };
  await both('Begin the round');
  await both('Go to question');
  await both('Show the question');
  await both('Open the answers');
  await both('Lock the answers');
  await nextStep(desk).getByText('Show the answer').waitFor();
  await expect(desk.locator('[data-seq]')).toHaveAttribute('data-seq', '6');
  await expect(other.locator('[data-seq]')).toHaveAttribute('data-seq', '6');
  // One takes back what the other did.
  await press(other, 'u');
  await nextStep(desk).getByText('Lock the answers').waitFor();
  await other.getByRole('button', { name: 'More' }).click();
  await expect(other.getByText('Copy the stage link')).toBeVisible();
  await expect(other.getByText('co-host')).toHaveCount(0);
  await other.keyboard.press('Escape');
  // The link is closed: the co-host is out, the host goes on.
  await desk.getByRole('button', { name: 'More' }).click();
  await desk.getByText('Close the link for co-hosts').click();
  await expect(other.getByRole('heading', { name: 'The desk can’t be shown here' })).toBeVisible();
  await step(desk, 'Lock the answers');
  await nextStep(desk).getByText('Show the answer').waitFor();
});

test('what cannot be stored is said at the desk, shown to nobody, and done by itself once it can be', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(quizShow([choice('One')], rules, onePhone));
  const stage = await host.stage(sitting);
  await step(desk, 'Begin the round');
  await stage.getByText('Next: question 1 of 1').waitFor();
  app.killDatabase();
  await press(desk, 'Space');
  await expect(desk.getByText('Couldn’t save that yet')).toBeVisible();
  await expect(nextStep(desk)).toContainText('Go to question');
  await expect(stage.getByText('Next: question 1 of 1')).toBeVisible();
  await app.database.start();
  await nextStep(desk).getByText('Show the question').waitFor();
  await expect(desk.getByText('Couldn’t save that')).toHaveCount(0);
});

/** A quiz, a knockout and a counterweight, of one question each. */
function threeFormats(): Show {
  let n = 0;
  const show = quizShow([choice('Quiz'), choice('Knockout'), choice('Counterweight')], rules, onePhone);
  const round = (format: 'quiz' | 'knockout' | 'counterweight', question: string): Round => {
    const one = newRound(format, () => `r${n++}`) as RoundOf<'quiz'>;
    one.content.items = [{ id: question, points: null }];
    one.rules =
      format === 'counterweight' ? rulesWith({ floor: 'turn', afterWrong: 'handOn', clock: null }) : rules;
    one.title = format;
    return one;
  };
  const weights = round('counterweight', 'q2');
  if (weights.format === 'counterweight') Object.assign(weights.content, { covers: 2, values: [3, -3] });
  show.rounds = [round('quiz', 'q0'), round('knockout', 'q1'), weights];
  return show;
}
const told = async (page: Page) =>
  (await page.locator('main').first().innerText()).replace(/\d+(\.\d)? s\b/g, 'N s');
test('server and database killed with -9 in turn, in quiz, knockout and counterweight: all goes on where it was', async ({
  app,
  browser,
}) => {
  test.setTimeout(300_000);
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(threeFormats());
  const stage = await host.stage(sitting);
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
  const pages = { desk, stage, ansa, jory };
  let crashes = 0;
  const survive = async (phase: string) =>
    test.step(`killed at: ${phase}`, async () => {
      await desk.waitForTimeout(700);
      const before: Record<string, string> = {};
      for (const [name, page] of Object.entries(pages)) before[name] = await told(page);
      await app.crash(crashes++ % 2 === 0 ? 'server' : 'database');
      for (const page of Object.values(pages))
        await expect(page.getByText(/Connection lost/)).toHaveCount(0, { timeout: 15_000 });
      for (const [name, page] of Object.entries(pages))
        await expect.poll(() => told(page), { message: `${name} at ${phase}` }).toBe(before[name]);
    });
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers for everyone');
  await pick(ansa, 'right');
  await survive('quiz: one has answered, one has not');
  await pick(jory, 'wrong');
  await toEnd(desk, 'Award points: 1 correct answer');
  await step(desk, 'Go on to: knockout');
  await survive('knockout: lives before the question');
  await pose(desk, 'Open the answers for everyone');
  await pick(ansa, 'right');
  await pick(jory, 'wrong');
  await step(desk, 'Show who answered what');
  await step(desk, 'Show the answer');
  await step(desk, /^(Award points|Close)/);
  await survive('knockout: a life lost');
  await step(desk, 'Done with this question');
  await step(desk, 'Go on to: counterweight');
  await pose(desk, 'Open the answers for Bowline');
  await pick(ansa, 'wrong');
  await step(desk, 'Show who answered what');
  await step(desk, 'Pass to Fairlead');
  await survive('counterweight: handed on');
  await pick(jory, 'right');
  await toEnd(desk, 'was right: go on');
  await nextStep(desk).getByText('Fairlead earned a cover').waitFor();
  await survive('counterweight: a choice is waited for');
  await jory.getByRole('button', { name: 'Cover 1' }).click();
  await expect(stage.getByRole('img', { name: 'Cover 1: +3, lifted by Fairlead' })).toBeVisible();
  await survive('counterweight: a cover is up');
});
