import type { AnswerContent } from '@distaff/core/question';
import type { Devices } from '@distaff/core/show';
import { expect, step, test } from './app.ts';
import { oneRound } from './oneRound.ts';

const scale: AnswerContent = { kind: 'scale', steps: 7, from: 1, low: 'Not at all', high: 'Completely' };
const words: AnswerContent = { kind: 'words' };
const ranked: AnswerContent = {
  kind: 'opinion',
  pick: 'ranked',
  options: ['Radio', 'First aid', 'Charts'].map((text, i) => ({ id: `o${i}`, text })),
};

const showOf = (
  devices: Devices,
  asked: AnswerContent[],
  own: { anonymous: boolean; shown: 'live' | 'after' },
) => {
  const kinds = [...asked];
  return oneRound('survey', devices, {
    questions: asked.length,
    rules: { clock: 300, steps: 'joined' },
    content: () => own,
    each: (question) => ({ ...question, explanation: '', answer: kinds.shift()! }),
  });
};

test('a phone each, without names: a scale, and own words in groups; each phone once, and only it remembers', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  const desk = host.page;
  const each: Devices = { mode: 'each', score: 'teams', combine: 'mean' };
  const sitting = await host.openDoors(showOf(each, [scale, words], { anonymous: true, shown: 'after' }));
  const stage = await host.stage(sitting);
  const names = ['Ansa', 'Jory', 'Wenna', 'Perran', 'Senara'];
  const phones = await Promise.all(names.map((name) => host.handset(sitting.code, name, 'Bowline')));
  await step(desk, 'Begin the round');
  await expect(stage.getByText('No names: nobody can find out who answered what.')).toBeVisible();
  await expect(phones[0]!.getByText('No names in this round')).toBeVisible();
  await step(desk, 'Go to question');
  await step(desk, 'Open the answers');
  const chosen = ['5', '5', '6', '3', '4'];
  for (const [i, phone] of phones.slice(0, -1).entries()) {
    await phone.getByRole('radio', { name: chosen[i]!, exact: true }).click();
    await phone.getByRole('button', { name: `Send ${chosen[i]}` }).click();
    await expect(phone.getByText('Only this phone remembers your answer.')).toBeVisible();
  }
  // Of fewer than five nobody sees more than how many they are, the host neither.
  await expect(stage.getByText('4 of 5 have answered')).toBeVisible();
  await expect(desk.getByText('Answers appear once five people have answered')).toBeVisible();
  // A phone that has forgotten what it said has still said it.
  const [ansa, , , , senara] = phones as [typeof desk, typeof desk, typeof desk, typeof desk, typeof desk];
  await ansa.reload();
  await expect(ansa.getByText('Only this phone remembers your answer.')).toBeVisible();
  await ansa.evaluate(() => sessionStorage.clear());
  await ansa.reload();
  await ansa.getByRole('radio', { name: '7, Completely' }).click();
  await ansa.getByRole('button', { name: 'Send 7' }).click();
  await expect(ansa.getByText('This phone has already answered.')).toBeVisible();
  await senara.getByRole('radio', { name: '4', exact: true }).click();
  await senara.getByRole('button', { name: 'Send 4' }).click();
  await step(desk, 'Show the result');
  await expect(stage.getByRole('img', { name: '5 answers, average 4.6' })).toBeVisible();
  await expect(stage.getByText('More than half chose 4 or 5.')).toBeVisible();
  await expect(senara.getByText('5 answers')).toBeVisible();

  await step(desk, 'Done');
  await step(desk, 'Go to question');
  await step(desk, 'Open the answers');
  const said = ['Cold hands', 'cold hands!', 'The dark', 'Seasickness', 'Getting it wrong'];
  for (const [i, phone] of phones.entries()) {
    await phone.getByRole('textbox', { name: 'Your answer' }).fill(said[i]!);
    await phone.getByRole('button', { name: 'Send', exact: true }).click();
  }
  await step(desk, 'Show the result');
  await expect(stage.getByText('Cold hands')).toBeVisible();
  await expect(stage.getByText('2 people')).toBeVisible();
  await desk.getByRole('button', { name: 'Cold hands', exact: true }).click();
  await desk.getByRole('button', { name: 'The dark', exact: true }).click();
  await desk.getByLabel('New group').fill('Weather');
  await desk.getByRole('button', { name: 'Make the group' }).click();
  await expect(stage.getByText('2 answers aren’t in a group')).toBeVisible();
  await desk.getByRole('button', { name: 'Seasickness', exact: true }).click();
  await desk.getByRole('button', { name: /Weather/ }).click();
  await expect(stage.getByText('1 answer isn’t in a group')).toBeVisible();
  await desk.getByRole('button', { name: 'Remove “Seasickness” from its group' }).click();
  await expect(stage.getByText('2 answers aren’t in a group')).toBeVisible();
  await desk.getByRole('button', { name: 'Show “Seasickness” on the stage' }).click();
  await expect(stage.locator('blockquote')).toHaveText('Seasickness');
  // A number that is typed into a name is no choice of a group; the key alone is.
  await desk.getByRole('button', { name: 'Getting it wrong', exact: true }).click();
  await desk.getByLabel('New group').pressSequentially('1 day at sea');
  await desk.getByLabel('New group').press('Enter');
  await expect(stage.getByText('1 day at sea')).toBeVisible();
  await desk.getByRole('button', { name: 'Seasickness', exact: true }).press('Enter');
  await desk.keyboard.press('2');
  await expect(stage.getByText('in a group')).toHaveCount(0);
});

test('without phones: hands are counted and shown as they are entered, words written down as they are called', async ({
  app,
  browser,
}) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const desk = host.page;
  const none: Devices = { mode: 'none', score: 'teams', combine: 'mean' };
  const sitting = await host.openDoors(showOf(none, [ranked, words], { anonymous: false, shown: 'live' }));
  const stage = await host.stage(sitting);
  await step(desk, 'Begin the round');
  await step(desk, 'Go to question');
  await step(desk, 'Open the answers');
  for (const [letter, count] of [
    ['A', '4'],
    ['B', '9'],
    ['C', '2'],
  ] as const)
    await desk.getByLabel(letter, { exact: true }).fill(count);
  await desk.getByRole('button', { name: 'Enter these counts' }).click();
  await expect(stage.locator('.rows li').first()).toContainText('First aid');
  await expect(stage.locator('.rows li').first()).toContainText('put first by 9');
  // Counted again, and the last count stands.
  await desk.getByLabel('A', { exact: true }).fill('12');
  await desk.getByRole('button', { name: 'Enter these counts' }).click();
  await expect(stage.locator('.rows li').first()).toContainText('Radio');
  await step(desk, 'Lock the answers');
  await step(desk, 'Done');
  await step(desk, 'Go to question');
  await step(desk, 'Open the answers');
  for (const text of ['Cold hands', 'The dark']) {
    await desk.getByLabel('Somebody says').fill(text);
    await desk.keyboard.press('Enter');
    await expect(stage.getByText(text)).toBeVisible();
  }
  await expect(stage.getByText('2 have answered')).toBeVisible();
});
