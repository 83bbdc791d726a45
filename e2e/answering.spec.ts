import { contradictions, toldBy } from './explorer/surfaces.ts';
import type { Locator, Page } from '@playwright/test';
import { blankQuestion, type AnswerContent, type Question } from '@distaff/core/question';
import { rulesWith } from '@distaff/core/formats';
import { expect, pose, quizShow, step, test } from './app.ts';

let n = 0;
const question = (prompt: string, answer: AnswerContent): Question => ({
  ...blankQuestion(() => `x${n++}`),
  prompt,
  answer,
});
const options = (...texts: string[]) => texts.map((text) => ({ id: text, text }));
const order = question('From short to long', {
  kind: 'order',
  options: options('Inch', 'Foot', 'Yard', 'Mile'),
  marking: 'all',
});
const match = question('What goes together', {
  kind: 'match',
  pairs: [
    { id: 'p1', left: 'Port', right: 'red' },
    { id: 'p2', left: 'Starboard', right: 'green' },
    { id: 'p3', left: 'Stern', right: 'white' },
  ],
  extras: [],
  marking: 'all',
});
const many = question('Which are sails', {
  kind: 'many',
  options: options('Jib', 'Spinnaker', 'Keel'),
  keys: ['Jib', 'Spinnaker'],
  marking: 'all',
});
const number = (marking: 'exact' | 'closest') => ({
  kind: 'number' as const,
  key: 200,
  marking,
  tolerance: 0,
  percent: false,
  unit: '',
  units: [],
});
const exact = question('How many lamps', number('exact'));
const closest = question('How many steps', number('closest'));

/** Drags as a hand does: down, a little, there, up. */
async function drag(page: Page, from: Locator, to: Locator, below = false): Promise<void> {
  const a = (await from.boundingBox())!;
  await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
  await page.mouse.down();
  await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2 + 6, { steps: 3 });
  const b = (await to.boundingBox())!;
  await page.mouse.move(b.x + b.width / 2, b.y + b.height * (below ? 0.8 : 0.4), { steps: 12 });
  await page.waitForTimeout(250);
  await page.mouse.up();
}
const lines = (page: Page) => page.getByRole('group', { name: 'Put them in order' }).getByRole('button');
const texts = async (page: Page) =>
  (await lines(page).allInnerTexts()).map((text) => text.replace(/[^A-Za-z]*([A-Za-z]+).*/s, '$1'));

test('an order and pairs are made by dragging and by keys, on a handset', async ({ app, browser }) => {
  const host = await app.host(browser);
  const desk = host.page;
  const show = quizShow([order, match], rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null }), {
    mode: 'team',
    score: 'teams',
    combine: 'mean',
  });
  const sitting = await host.openDoors(show);
  const phone = await host.handset(sitting.code, 'Tamsin', 'Bowline');
  await step(desk, 'Begin the round');
  const open = () => pose(desk, 'Open the answers');

  await test.step('dragged by the handle until it is right; arrow keys do the rest', async () => {
    await open();
    await phone.bringToFront();
    await expect(phone.getByText(/^Tap number/)).toBeVisible();
    await expect(phone.getByRole('button', { name: 'Send', exact: true })).toBeDisabled();
    const grip = (name: string) => lines(phone).filter({ hasText: name }).locator('.grip');
    const first = (await texts(phone))[0]!;
    await drag(phone, grip(first), lines(phone).last(), true);
    await expect.poll(async () => (await texts(phone)).at(-1)).toBe(first);
    await expect(phone.getByRole('button', { name: 'Send this order' })).toBeEnabled();
    // Keys put every line where it belongs, whatever was dealt.
    const wanted = ['Inch', 'Foot', 'Yard', 'Mile'];
    for (const [place, name] of wanted.entries()) {
      await lines(phone).filter({ hasText: name }).focus();
      for (let at = (await texts(phone)).indexOf(name); at > place; at--) {
        await phone.keyboard.press('ArrowUp');
        await expect(lines(phone).nth(at - 1)).toBeFocused();
      }
    }
    expect(await texts(phone)).toEqual(wanted);
    await phone.getByRole('button', { name: 'Send this order' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await expect(phone.getByText('Correct', { exact: true })).toBeVisible();
    await step(desk, 'Award');
    await step(desk, 'Done with this question');
  });

  await test.step('pairs: dragged beside, dragged elsewhere, the last one touched', async () => {
    await open();
    await phone.bringToFront();
    const places = phone.locator('.place');
    const pool = phone.getByRole('group', { name: 'Possible matches' });
    await drag(phone, pool.getByRole('button', { name: 'green' }), places.nth(0));
    await expect(places.nth(0)).toContainText('green');
    await drag(phone, places.nth(0).getByRole('button'), places.nth(1));
    await expect(places.nth(1)).toContainText('green');
    await expect(places.nth(0)).not.toContainText('green');
    await drag(phone, pool.getByRole('button', { name: 'red' }), places.nth(0));
    await expect(places.nth(0)).toContainText('red');
    await expect(phone.getByText('1 still to match')).toBeVisible();
    await expect(phone.getByRole('button', { name: 'Send', exact: true })).toBeDisabled();
    await pool.getByRole('button', { name: 'white' }).click();
    await phone.getByRole('button', { name: 'Send these pairs' }).click();
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await expect(phone.getByText('Correct', { exact: true })).toBeVisible();
  });
});

test('without handsets every kind is answered on the stage by touch, or entered at the desk', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const none = { mode: 'none', score: 'teams', combine: 'mean' } as const;
  const rules = rulesWith({ floor: 'turn', afterWrong: 'close', clock: null });
  const show = quizShow([many, order, exact], rules, none);
  show.questions.q3 = { ...closest, id: 'q3' };
  const [first] = quizShow([closest], rulesWith({ floor: 'everyone', clock: null }), none).rounds;
  const items = [{ id: 'q3', points: null }];
  if (first?.format === 'quiz')
    show.rounds.push({ ...first, id: 'r2', title: 'Steps', content: { ...first.content, items } });
  const sitting = await host.openDoors(show);
  const stage = await host.stage(sitting);
  const open = () => pose(desk, 'Open the answers');
  const end = async () => {
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await step(desk, 'Award 100');
    await step(desk, /Done with this question|Go on/);
  };
  await step(desk, 'Begin the round');

  await test.step('several of several, touched on the stage', async () => {
    await open();
    await stage.bringToFront();
    await stage.getByRole('checkbox', { name: 'Jib' }).click();
    await stage.getByRole('checkbox', { name: 'Spinnaker' }).click();
    await stage.getByRole('button', { name: /^Send/ }).click();
    await end();
  });
  await test.step('an order, touched on the stage', async () => {
    await open();
    await stage.bringToFront();
    for (const name of ['Inch', 'Foot', 'Yard']) await lines(stage).filter({ hasText: name }).click();
    await stage.getByRole('button', { name: 'Send this order' }).click();
    await end();
  });
  await test.step('a number is typed on the stage', async () => {
    await open();
    await stage.bringToFront();
    await stage.getByLabel('Your number').fill('200');
    await stage.getByRole('button', { name: 'Send' }).click();
    await end();
  });
  await test.step('what every team says is entered at the desk; the closest wins', async () => {
    await desk.bringToFront();
    await step(desk, 'Go on to: Steps');
    await open();
    await desk.getByRole('button', { name: 'Enter an answer' }).click();
    const dialog = desk.getByRole('dialog', { name: 'Enter an answer' });
    for (const [team, said] of [
      ['Bowline', '150'],
      ['Fairlead', '205'],
    ] as const) {
      if (team === 'Bowline') {
        await dialog.getByRole('combobox', { name: 'Answer of' }).press('ArrowDown');
        await desk.getByRole('option', { name: team }).click();
      }
      await dialog.getByLabel('Your number').fill(said);
      await dialog.getByRole('button', { name: 'Send' }).click();
    }
    await expect(dialog).toBeHidden();
    await step(desk, /Show who answered what/);
    await step(desk, 'Show the answer');
    await step(desk, 'Award');
    await expect(stage.locator('.hem li', { hasText: 'Fairlead' })).toContainText('200');
    await expect(stage.locator('.hem li', { hasText: 'Bowline' })).toContainText('200');
  });
});

test('pairs to match have the same letters on stage, desk and phones, each with an order of its own', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null, shuffleBySeat: true });
  const sitting = await host.openDoors(
    quizShow([match], rules, { mode: 'each', score: 'teams', combine: 'mean' }),
  );
  const stage = await host.stage(sitting);
  const pages = [desk, stage];
  for (const name of ['Ansa', 'Jory', 'Wren', 'Tamsin'])
    pages.push(await host.handset(sitting.code, name, 'Bowline'));
  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers');
  const told = () => Promise.all(pages.map(async (page, i) => ({ who: `${i}`, ...(await toldBy(page)) })));
  await expect
    .poll(async () => (await told()).filter((one) => Object.keys(one.letters).length > 1).length)
    .toBe(6);
  expect(contradictions(await told())).toEqual([]);
});
