import { strToU8, zipSync } from 'fflate';
import sharp from 'sharp';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { RoundOf } from '@distaff/core/show';
import { expect, step, test, workshopShow, type Host } from './app.ts';

const questions = async (host: Host, query = '') =>
  (await (await host.context.request.get(`/api/questions?limit=200&sort=prompt&${query}`)).json()) as {
    total: number;
    questions: { id: string; prompt: string }[];
  };
const whole = async (host: Host, id: string) =>
  (await (await host.context.request.get(`/api/questions/${id}`)).json()).question;

const zip = (files: Record<string, string>) =>
  Buffer.from(
    zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)]))),
  );

test('a pasted sheet with five kinds of mistakes is mended row by row, brought in, and taken back', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/questions');
  await page.getByRole('link', { name: 'Import' }).click();
  await page
    .getByLabel('Or paste it here')
    .fill(
      [
        'Question\tOption A\tOption B\tOption C\tCorrect\tTime',
        'Which way does the tide fall?\tEbb\tFlood\tSlack\tA\t20',
        'Which way does it rise?\tEbb\tFlood\tSlack\tFlod\t20',
        'Which of these are knots?\tBowline\tSheet bend\tGull\tA, B\tsoon',
        'Is there a key?\tYes\tNo\t\t\t20',
        'Which way does the tide fall?\tEbb\tFlood\tSlack\tA\t20',
        'Two alike?\tEbb\tebb\tFlood\tC\t20',
      ].join('\n'),
    );
  await page.getByRole('button', { name: 'Read the text' }).click();
  await expect(page.getByText('Pasted text: 7 rows')).toBeVisible();
  await page.getByRole('button', { name: 'Read the rows' }).click();
  await expect(page.getByText('6 rows, 6 selected, 5 with issues')).toBeVisible();
  const row = (text: string | RegExp) =>
    page.getByRole('listitem').filter({ hasText: text }).getByRole('button');

  await row('Which way does it rise?').click();
  await page.getByRole('button', { name: 'Use “Flood”' }).click();
  await expect(page.getByRole('radio', { name: 'Option B is correct' })).toBeChecked();
  await row('Which of these are knots?').click();
  await expect(page.getByText('Clock: “soon” isn’t a number that fits here.')).toBeVisible();
  await page.getByRole('button', { name: 'Leave as it is' }).click();
  await expect(page.getByRole('checkbox', { name: 'Option B is correct' })).toBeChecked();
  await row('Is there a key?').click();
  await page.getByRole('radio', { name: '“Yes” is correct' }).check();
  await page.getByRole('button', { name: 'Leave as it is' }).click();
  await row('Two alike?').click();
  await page.getByLabel('Option B', { exact: true }).fill('Slack');
  await page.getByRole('button', { name: 'Leave as it is' }).click();
  await row(/^6/).click();
  await expect(page.getByText('The same question is in row 2.')).toBeVisible();
  await page.getByRole('button', { name: 'Skip this row' }).click();
  await expect(page.getByText('6 rows, 5 selected, 0 with issues')).toBeVisible();

  await page.getByLabel('Title of the set').fill('Pasted tides');
  await page.getByRole('button', { name: 'Import 5 questions' }).click();
  await expect(page.getByText('5 questions were imported.')).toBeVisible();
  expect((await questions(host)).total).toBe(5);
  expect((await questions(host, 'state=unfinished')).total).toBe(0);
  // Later, and from the list of all that was ever brought in.
  await page.goto('/studio/questions/bring-in');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('Undone: its questions are under Deleted')).toBeVisible();
  expect((await questions(host)).total).toBe(0);
});

test('flashcards from a file become questions with drawn options, and are played', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/questions/bring-in');
  // Latin-1 without any mark: guessed, and said.
  const cards = Buffer.from(
    'ebb;tide going out\nflood;tide coming in\nslack;still water\nmarée;tide in French\n',
    'latin1',
  );
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'tides.csv', mimeType: 'text/csv', buffer: cards });
  await expect(page.getByText(/windows-1252 is a guess/)).toBeVisible();
  await page.getByLabel('These are flashcards').check();
  await page.getByRole('button', { name: 'Read the rows' }).click();
  await expect(page.getByText('marée')).toBeVisible();
  await expect(page.getByText(/Made from other answers/)).toBeVisible();
  await page.getByRole('button', { name: 'Import 4 questions' }).click();
  await page.getByRole('link', { name: 'Open the set' }).click();
  await expect(page.getByText('4 questions')).toBeVisible();

  const show = workshopShow();
  const cell = (show.rounds[0] as RoundOf<'board'>).content.cells['tools:v100']!;
  cell.question = null;
  await page.goto(`/studio/shows/${await host.makeShow(show)}`);
  await page.getByRole('button', { name: /^Tools for 100:/ }).click();
  await page.getByRole('button', { name: 'From the library' }).click();
  await page.getByRole('dialog').getByRole('button', { name: /flood/ }).click();
  await expect(page.getByText('Finished', { exact: true })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Open the doors' }).click();
  // The check has something to say of what was drawn by itself.
  await page.getByRole('dialog').getByRole('button', { name: 'Open the doors' }).click();
  await page.waitForURL(/\/desk\//);
  await step(page, 'Begin');
  await page.getByRole('button', { name: 'Tools for 100', exact: true }).click();
  await step(page, 'Show the question');
  await step(page, 'Open the answers');
  await expect(page.getByRole('listitem').filter({ hasText: 'tide coming in' })).toContainText(
    'Correct answer',
  );
});

test('a set is saved as CSV, XLSX and JSON, deleted, and brought in again the same', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const given = Object.values(workshopShow().questions);
  const id = await host.makeSet('Workshop', given, 'All kinds');
  const files: Record<string, string> = {};
  await page.goto(`/studio/questions?set=${id}`);
  for (const type of ['CSV', 'XLSX', 'JSON']) {
    await page.getByRole('button', { name: 'More for Workshop' }).click();
    const download = page.waitForEvent('download');
    await page
      .locator('.v-list-item')
      .filter({ hasText: `Save as ${type}` })
      .click();
    files[type] = await (await download).path();
  }
  await page.getByRole('button', { name: 'More for Workshop' }).click();
  await page.getByText('Delete the set').click();
  await expect(page.getByText('“Workshop” was deleted.')).toBeVisible();
  expect((await questions(host)).total).toBe(0);

  for (const [type, file] of Object.entries(files)) {
    await page.goto('/studio/questions/bring-in');
    const buffer = await readFile(file);
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: `set.${type.toLowerCase()}`, mimeType: 'text/plain', buffer });
    if (type !== 'JSON') await page.getByRole('button', { name: 'Read the rows' }).click();
    await expect(page.getByText('20 rows, 20 selected, 0 with issues')).toBeVisible();
    await page.getByRole('button', { name: 'Import 20 questions' }).click();
    await expect(page.getByText('20 questions were imported.')).toBeVisible();
    const found = await questions(host);
    expect(found.total).toBe(20);
    // A file of our own says everything; a sheet all but the ids, so answers are compared by their texts.
    const texts = (question: object) =>
      JSON.stringify(question, (name, value: unknown) =>
        /^(id|key|keys|origin)$/.test(name) ? undefined : value,
      );
    const back = await Promise.all(found.questions.map((one) => whole(host, one.id)));
    expect(back.map(texts).sort()).toEqual(given.map(texts).sort());
    await page.getByRole('button', { name: 'Undo the whole import' }).click();
    await expect(page.getByText('The import was undone.')).toBeVisible();
  }
});

test('a set goes out as packages with its pictures, and comes in again; what QTI cannot say is named', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/questions');
  await page.getByRole('button', { name: 'Copy Buoys and marks' }).click();
  await expect(page.getByRole('status').filter({ hasText: '14 questions' })).toBeVisible();
  // One picture of the host's own, and one thing that QTI has no place for.
  const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#c8313c' } })
    .png()
    .toBuffer();
  const sent = await host.context.request.post('/api/media?name=red.png', {
    headers: { 'content-type': 'application/octet-stream' },
    data: bytes,
  });
  const { id: file } = (await sent.json()) as { id: string };
  const [line] = (await questions(host)).questions;
  const stored = await (await host.context.request.get(`/api/questions/${line!.id}`)).json();
  const own = {
    file,
    width: 60,
    height: 40,
    alt: 'All red',
    credit: 'Ansa',
    licence: '',
    focus: { x: 0.5, y: 0.5 },
  };
  await host.context.request.put(`/api/questions/${line!.id}`, {
    data: { version: stored.version, question: { ...stored.question, picture: own, clock: 12 } },
  });

  const files: Record<string, string> = {};
  for (const [word, name] of [
    ['Save with pictures', 'own'],
    ['Save as QTI 3.0', '3.0'],
    ['Save as QTI 2.1', '2.1'],
  ] as const) {
    await page.getByRole('button', { name: 'More for Buoys and marks' }).click();
    const download = page.waitForEvent('download');
    await page.locator('.v-list-item').filter({ hasText: word }).click();
    files[name] = await (await download).path();
    if (name === 'own') continue;
    await expect(page.getByRole('dialog')).toContainText('a question’s own clock – 1 question');
    await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await page.getByRole('button', { name: 'More for Buoys and marks' }).click();
  await page.getByText('Delete the set').click();
  await expect(page.getByText('“Buoys and marks” was deleted.')).toBeVisible();

  for (const path of Object.values(files)) {
    await page.goto('/studio/questions/bring-in');
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'set.zip', mimeType: 'application/zip', buffer: await readFile(path) });
    await expect(page.getByText('14 rows, 14 selected, 0 with issues')).toBeVisible();
    await page.getByRole('button', { name: 'Import 14 questions' }).click();
    await expect(page.getByText('14 questions were imported.')).toBeVisible();
    const found = await questions(host);
    const back = (await Promise.all(found.questions.map((one) => whole(host, one.id)))) as {
      picture: { alt: string; file: string; width: number } | null;
      answer: { kind: string };
    }[];
    const red = back.find((one) => one.picture?.alt === 'All red')!;
    expect(red.picture!.width).toBe(60);
    expect((await host.context.request.get(`/media/${red.picture!.file}/small`)).ok()).toBe(true);
    expect(back.filter((one) => one.picture).length).toBe(9);
    await page.getByRole('button', { name: 'Undo the whole import' }).click();
    await expect(page.getByText('The import was undone.')).toBeVisible();
  }
});

test('what cannot be read is refused with a clear sentence, and nothing is brought in', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/questions/bring-in');
  const cases: [Buffer, RegExp][] = [
    [Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 1, 2, 0]), /archive is damaged/],
    [zip({ '[Content_Types].xml': '<Types/>' }), /This workbook/],
    [zip({ '../../up.xml': '<a/>' }), /points to files outside of itself/],
    [zip({ 'a.xml': ' '.repeat(5_000_000) }), /too large once unpacked/],
    [zip({ 'a.txt': 'x' }), /no questions that can be read/],
    [Buffer.from('<!DOCTYPE a [<!ENTITY b "c">]><assessmentItem/>'), /declares its own entities/],
    [Buffer.from('<assessmentItem><itemBody></assessmentItem>'), /isn’t readable XML/],
    [Buffer.from([1, 2, 0, 4, 0, 0, 7]), /This isn’t a text file/],
    [Buffer.from(' \n \n'), /It’s empty/],
    [Buffer.from('{"format":"other"}'), /no question set of Distaff/],
    [Buffer.from(`${'a,'.repeat(9999)}b\n`), /too many columns/],
  ];
  for (const [buffer, sentence] of cases) {
    await page.locator('input[type=file]').setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer });
    await expect(page.getByRole('alert')).toHaveText(sentence);
  }
  const large = path.join(app.folder, 'large.csv');
  await writeFile(large, Buffer.alloc(50_000_000, 'a,b\n'));
  await page.locator('input[type=file]').setInputFiles(large);
  await expect(page.getByRole('alert')).toHaveText(/The limit is 25 MB/);
  expect((await questions(host)).total).toBe(0);
});

test('ten thousand rows are broken off while they are stored, and then brought in', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const rows = Array.from(
    { length: 10_000 },
    (_, i) => `Which knot is number ${i}?,Bowline,Sheet bend,${'AB'[i % 2]}`,
  );
  await page.goto('/studio/questions/bring-in');
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({
      name: 'Knots.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(['Question,Option A,Option B,Correct', ...rows].join('\n')),
    });
  await page.getByRole('button', { name: 'Read the rows' }).click();
  await expect(page.getByText('10000 rows, 10000 selected')).toBeVisible({ timeout: 20_000 });
  await page
    .getByRole('button', { name: /^Import \d/ })
    .last()
    .click();
  await expect(page.getByText(/Saving questions: \d+ of 10000/)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).last().click();
  await expect(page.getByText(/Saving questions/)).toBeHidden();
  expect((await questions(host)).total).toBe(0);

  await page
    .getByRole('button', { name: /^Import \d/ })
    .last()
    .click();
  await expect(page.getByText('10000 questions were imported')).toBeVisible({ timeout: 30_000 });
  // Each of them has these words; so many are not counted, nor looked through.
  expect((await questions(host, 'q=number')).total).toBe(3000);
  await page.getByRole('link', { name: 'Open the set' }).click();
  await page.getByRole('searchbox', { name: 'Search questions' }).fill('knot number');
  await expect(page.getByText('More than 3000 questions')).toBeVisible();
});
