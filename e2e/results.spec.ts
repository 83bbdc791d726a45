import { readFile } from 'node:fs/promises';
import { rulesWith } from '@distaff/core/formats';
import { readArchive } from '@distaff/core/interchange';
import { blankQuestion, type Question } from '@distaff/core/question';
import type { Locator, Page } from '@playwright/test';
import { choice, expect, pick, press, quizShow, test } from './app.ts';
import { clean } from './axe.ts';

const typed = (prompt: string): Question => ({
  ...blankQuestion(() => 'new'),
  prompt,
  answer: {
    kind: 'text',
    accepted: ['neap'],
    forgive: { case: true, accents: true, articles: true, slips: false },
  },
});
const ROUND = rulesWith({ floor: 'everyone', afterWrong: 'close', steps: 'joined', clock: null });
/** Takes steps at the desk until this is seen. */
async function go(desk: Page, seen: Locator): Promise<void> {
  for (let i = 0; i < 8 && !(await seen.isVisible()); i++) {
    await press(desk, 'Space');
    await seen.waitFor({ timeout: 700 }).catch(() => undefined);
  }
  await expect(seen).toBeVisible();
}
const EACH = { mode: 'each', score: 'players', combine: 'mean' } as const;

test('after the show: a spelling accepted, a question dropped, both undone; everybody has a page, and scores a history', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const sitting = await host.openDoors(
    quizShow([typed('Which tide is least?'), choice('Which one?')], ROUND, EACH),
  );
  const phones = [];
  for (const name of ['Ansa', 'Jory', 'عبد الرحمن']) {
    const phone = await host.phone();
    await phone.goto(`/join/${sitting.code}`);
    await phone.getByLabel('Your name').fill(name);
    await phone.getByRole('button', { name: 'Join' }).click();
    await phone.locator('.handset').waitFor();
    phones.push(phone);
  }
  const [ansa, jory] = phones;
  await go(page, ansa!.getByRole('textbox'));
  for (const [phone, text] of [
    [ansa!, 'neap'],
    [jory!, 'nipped'],
  ] as const) {
    await phone.getByRole('textbox').fill(text);
    await phone.getByRole('button', { name: /^Send/ }).click();
    await expect(phone.getByText('Your answer is in.')).toBeVisible();
  }
  await go(page, ansa!.getByRole('radio', { name: 'wrong' }));
  await pick(ansa!, 'wrong');
  await pick(jory!, 'right');
  await go(page, jory!.locator('.verdict'));
  await page.goto(`/results/${sitting.id}`);
  await expect(page.getByText('This game is still on')).toBeVisible();
  // Nothing can be put right from here before the end.
  await page.getByRole('tab', { name: 'Questions' }).click();
  await expect(page.getByRole('button', { name: 'Accept this spelling' })).toHaveCount(0);

  await page.goto(`/desk/${sitting.id}`);
  await go(page, page.getByText('The final standings are on the stage.'));
  await page.goto(`/results/${sitting.id}?tab=questions`);
  await page.getByRole('button', { name: 'Accept this spelling' }).click();
  const dialog = page.getByRole('dialog', { name: 'Check what changes' });
  await expect(dialog).toContainText('nipped');
  await expect(dialog.getByRole('row', { name: /Jory/ }).first()).toContainText('100 → 200');
  await clean(page, 'what a correction would change', '.v-dialog');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('made since the game was closed')).toHaveCount(0);

  await page.getByRole('button', { name: 'Accept this spelling' }).click();
  await dialog.getByRole('button', { name: 'Apply the change' }).click();
  await expect(page.getByText('1 change made since the game was closed.')).toBeVisible();
  await page.getByRole('button', { name: 'How it counts' }).nth(1).click();
  await page.getByText('Drop it: nobody gets points').click();
  await dialog.getByRole('button', { name: 'Apply the change' }).click();
  await expect(page.getByText('This question was dropped')).toBeVisible();
  // What anybody gets of it is nowhere: not after a reload, nor in the file.
  await page.reload();
  const csv = await (await page.request.get(`/api/sittings/${sitting.id}/standings.csv`)).text();
  expect(csv).toContain('1,Ansa,100');
  expect(csv).toContain('1,Jory,100');

  await page.getByRole('tab', { name: 'People' }).click();
  await expect(page.getByRole('button', { name: /عبد الرحمن.*No answer given/ })).toBeVisible();
  await page.getByRole('button', { name: /Jory/ }).click();
  await expect(page.getByRole('heading', { name: 'Jory' })).toBeFocused();
  await expect(page.getByText('marked by you')).toBeVisible();
  await clean(page, 'a person of a game', 'main');
  await page.goBack();
  await expect(page.getByRole('button', { name: /Ansa/ })).toBeVisible();

  await page.getByRole('tab', { name: 'Score history' }).click();
  await expect(page.getByRole('img', { name: /a line for each of 3 teams/ })).toBeVisible();
  await page.getByRole('button', { name: 'Show as a table' }).press('Enter');
  await expect(page.getByRole('columnheader', { name: 'Jory' })).toBeVisible();
  await clean(page, 'the score history', 'main');

  await page.getByRole('button', { name: 'Undo the last one' }).click();
  await expect(page.getByText('1 change made since the game was closed.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last one' }).click();
  await expect(page.getByText('made since the game was closed')).toHaveCount(0);
  await test.step('marks go into the host’s own sheet, and follow what is put right', async () => {
    await page.getByRole('tab', { name: 'Marks' }).click();
    await expect(page.getByRole('row', { name: /Jory.*50 %/ })).toBeVisible();
    await page.getByRole('combobox', { name: 'Scale' }).press('ArrowDown');
    await page.getByRole('option', { name: '6 to 1, 1 is best' }).click();
    await expect(page.getByRole('row', { name: /Jory.*4.0 Yes/ })).toBeVisible();
    await clean(page, 'the marks', 'main');
    const own = '"No.";"Name";"Old";"New"\r\n1;"Someone Else";2,5;\r\n2;"ANSA";1,0;\r\n3;"Jorie";3,0;\r\n';
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'my class.csv', mimeType: 'text/csv', buffer: Buffer.from(own) });
    await expect(page.getByText('1 of 3 people found.')).toBeVisible();
    await expect(page.getByText('Not in your sheet: Jory')).toBeVisible();
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Download the filled sheet' }).click();
    const file = await saved;
    expect(file.suggestedFilename()).toBe('my class.csv');
    const text = (await readFile(await file.path())).toString('utf8');
    // Ansa was right once in two, and nobody else is touched.
    expect(text).toBe(own.replace('"ANSA";1,0;', '"ANSA";1,0;4'));
    await page.reload();
    await expect(page.getByRole('combobox', { name: 'Scale' })).toHaveValue(/6 to 1/);
  });
  await page.getByRole('tab', { name: 'Overview' }).click();
  await page.getByRole('button', { name: 'Set up' }).click();
  await expect(page.getByRole('dialog', { name: /Again: Quiz/ })).toBeVisible();

  await test.step('people are made anonymous, the game is deleted and had again', async () => {
    await page.goto(`/results/${sitting.id}`);
    await page.getByRole('button', { name: 'More for this game' }).click();
    await page.getByText('Make people anonymous').click();
    await page.getByRole('button', { name: 'Make anonymous' }).click();
    await expect(page.getByText('People were made anonymous')).toBeVisible();
    await expect(page.getByText('Jory')).toHaveCount(0);
    await page.getByRole('button', { name: 'More for this game' }).click();
    await page.getByText('Delete this game').click();
    await expect(page.getByRole('heading', { name: 'The game was deleted' })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('heading', { name: 'Results of Quiz' })).toBeVisible();
  });
});

test('a player keeps a link to their own answers until the host closes it; marks go out for the school’s system; a game is cleared', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const sitting = await host.openDoors(quizShow([choice('Which one?')], ROUND, EACH));
  const phone = await host.phone();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('Ansa Kestle');
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.locator('.handset').waitFor();
  await go(page, phone.getByRole('radio', { name: 'wrong' }));
  await pick(phone, 'wrong');
  await expect(phone.getByText('Your answer is in.')).toBeVisible();
  const link = phone.getByRole('link', { name: 'See my answers' });
  await expect(link).toHaveCount(0);
  await go(page, link);
  await link.click();
  await expect(phone.getByText('You answered: wrong')).toBeVisible();
  await expect(phone.getByText('Correct answer: right')).toBeVisible();
  await clean(phone, 'own answers', 'main');

  await page.goto(`/results/${sitting.id}?tab=marks`);
  await page.getByRole('button', { name: 'OneRoster' }).click();
  const dialog = page.getByRole('dialog', { name: 'OneRoster 1.2' });
  await expect(dialog.getByRole('button', { name: 'Download' })).toBeDisabled();
  const users = 'sourcedId,givenName,familyName,role\nu1,Ansa,Kestle,student\nu2,Jory,Penrose,student\n';
  await page
    .locator('.v-dialog input[type=file]')
    .setInputFiles({ name: 'users.csv', mimeType: 'text/csv', buffer: Buffer.from(users) });
  await expect(dialog.getByText('1 of 1 people found.')).toBeVisible();
  await dialog.getByRole('combobox', { name: 'Class, or its ID' }).fill('c7');
  await dialog.getByRole('combobox', { name: 'Grading period' }).fill('t1');
  await page.keyboard.press('Tab');
  await clean(page, 'OneRoster', '.v-dialog');
  const saved = page.waitForEvent('download');
  await dialog.getByRole('button', { name: 'Download' }).click();
  const files = readArchive(new Uint8Array(await readFile(await (await saved).path())));
  if ('trouble' in files) throw new Error(files.trouble);
  expect(new TextDecoder().decode(files.get('results.csv'))).toContain(',u1,fully graded,0,');
  await dialog.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('button', { name: 'More for this game' }).click();
  await page.getByText('Close players’ own answers').click();
  await page.getByRole('button', { name: 'More for this game' }).click();
  await expect(page.getByText('Let players see their own answers again')).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('These answers are no longer here.')).toBeVisible();
  await page.getByText('Clear all answers').click();
  await page.getByRole('button', { name: 'Clear answers' }).click();
  await expect(page.getByText('All answers were cleared')).toBeVisible();
  // Nothing is left to look at, neither names nor zeros.
  await expect(page.getByRole('tab')).toHaveCount(0);
  await expect(page.getByText('Ansa Kestle')).toHaveCount(0);
});
