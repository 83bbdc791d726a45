import type { Page } from '@playwright/test';
import { aloud, chooseKind, expect, test } from './app.ts';

const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: 'All changes saved' })).toBeVisible();
const line = (page: Page, prompt: string | RegExp) => page.getByRole('listitem').filter({ hasText: prompt });
const search = (page: Page) => page.getByRole('searchbox', { name: 'Search questions' });

test('twenty questions are typed from nothing without touching the mouse', async ({ app, browser }) => {
  test.setTimeout(120_000);
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/questions');
  await expect(page.getByText('No questions here')).toBeVisible();
  const { keyboard } = page;
  // From the top of the page to the button by the keyboard alone.
  await page.locator('body').press('Tab');
  for (let i = 0; i < 20; i++) {
    if (
      await page.getByRole('button', { name: 'New question' }).evaluate((el) => el === document.activeElement)
    )
      break;
    await keyboard.press('Tab');
  }
  await keyboard.press('Enter');
  for (let n = 1; n <= 20; n++) {
    await expect(page.getByLabel('Question', { exact: true })).toBeFocused();
    await expect(page.getByLabel('Question', { exact: true })).toHaveValue('');
    await keyboard.insertText(`What is ${n} plus ${n}?`);
    await keyboard.press('Control+Enter');
    for (const [i, value] of [n + n, n + 1000, n + 2000, n + 3000].entries()) {
      await expect(page.getByLabel(`Option ${'ABCD'[i]}`, { exact: true })).toBeFocused();
      await keyboard.insertText(String(value));
      if (i === 0) await keyboard.press('Control+Enter');
      if (i < 3) await keyboard.press('Enter');
    }
    await expect(page.getByText('Finished', { exact: true })).toBeVisible();
    if (n < 20) await keyboard.press('Control+Shift+Enter');
  }
  await saved(page);
  const stored = await (await host.context.request.get('/api/questions?limit=50&q=plus')).json();
  expect(stored.total).toBe(20);
  expect(stored.questions.filter((one: { unfinished: boolean }) => one.unfinished)).toEqual([]);
  const one = await (await host.context.request.get(`/api/questions/${stored.questions[0].id}`)).json();
  const { options, key } = one.question.answer;
  expect(options.find((option: { id: string }) => option.id === key).text).toMatch(/^\d{1,2}$/);
});

test('found by a beginning or in spite of a slip, filtered, changed many at once, deleted and brought back', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await host.makeSet('Coast', [
    aloud('Which gull breeds on ledges?', { answer: { kind: 'aloud', key: 'Kittiwake' }, tags: ['birds'] }),
    aloud('What is a neap tide?', { tags: ['tides'] }),
    aloud('What is slack water?', { tags: ['tides'], answer: { kind: 'aloud', key: '' } }),
  ]);
  await page.goto('/studio/questions');
  await expect(page.getByText('3 questions')).toBeVisible();
  await search(page).fill('kittywake');
  await expect(page.getByText('No matches. Showing results for “kittiwake”.')).toBeVisible();
  await expect(line(page, 'Which gull')).toBeVisible();
  await search(page).fill('TID nea');
  await expect(page.getByText('1 question', { exact: true })).toBeVisible();
  await search(page).fill('zzzz');
  await expect(page.getByText('No questions here')).toBeVisible();
  await search(page).fill('');

  await page.getByRole('button', { name: 'Filter' }).click();
  await page.getByRole('combobox', { name: 'State' }).press('ArrowDown');
  await page.getByRole('option', { name: 'Unfinished' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('1 question', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the filter Unfinished' }).click();
  await expect(page.getByText('3 questions')).toBeVisible();

  await page.getByRole('checkbox', { name: 'Choose “What is a neap tide?”' }).check();
  await page.getByRole('checkbox', { name: 'Choose “What is slack water?”' }).check();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Clock in seconds').fill('45');
  await dialog.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByText('2 questions were changed.')).toBeVisible();
  await expect(dialog).toHaveCount(0);
  await line(page, 'neap').getByRole('button').click();
  await expect(page.getByLabel('Clock in seconds')).toHaveValue('45');

  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText('1 question', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('3 questions')).toBeVisible();
});

test('an earlier state of a question comes back, and that can be undone; two editors are merged', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const one = host.page;
  await host.makeSet('Mine', [aloud('First words')]);
  await one.goto('/studio/questions');
  await line(one, 'First words').getByRole('button').click();
  await one.getByLabel('Question', { exact: true }).fill('Second words');
  await chooseKind(one, 'Typed text');
  // What would be accepted, and why.
  await one.getByLabel('Try an answer').fill('a KEY of first worbs');
  await expect(one.getByText('Counts as “key of First words”')).toBeVisible();
  await saved(one);

  const two = await host.context.newPage();
  await two.goto(one.url());
  await two.getByLabel('Host notes').fill('Notes by two');
  await saved(two);
  await one.bringToFront();
  await one.getByLabel('Explanation').fill('Explained by one');
  await saved(one);
  await expect(one.getByLabel('Host notes')).toHaveValue('Notes by two');

  // A language is chosen by its name and kept by its tag; what is no language is told and never kept.
  await one.getByText('More: feedback, tags, weight').click();
  const language = one.getByRole('combobox', { name: 'Language' });
  await language.fill('no language at all');
  await language.press('Tab');
  await expect(one.getByText('Enter a language tag')).toBeVisible();
  await language.fill('');
  await language.pressSequentially('German');
  await one.getByRole('option', { name: 'German (de)' }).click();
  await expect(one.getByText('Enter a language tag')).toHaveCount(0);
  await expect(language).toHaveValue('German (de)');
  await saved(one);

  await one.getByRole('button', { name: 'History' }).click();
  await one.getByRole('dialog').getByText('First words', { exact: true }).waitFor();
  await one.getByRole('button', { name: 'Restore this version' }).click();
  await expect(one.getByLabel('Question', { exact: true })).toHaveValue('First words');
  await one.getByRole('button', { name: 'Undo' }).click();
  await expect(one.getByLabel('Question', { exact: true })).toHaveValue('Second words');
  await saved(one);
});

test('a question of the library is offered while it is typed again, and taken into a show', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await host.makeSet('Coast', [aloud('What is the tide with the smallest range called?')]);
  await page.goto(`/studio/shows/${await host.makeShow()}`);
  await page.getByRole('button', { name: /^Tides for 100:/ }).click();
  await page.getByRole('button', { name: 'Remove the question' }).click();
  await page.getByRole('button', { name: 'Write the question' }).click();
  await page.getByLabel('Question', { exact: true }).fill('What is the tide with the sm');
  await page.getByRole('button', { name: 'Use' }).click();
  await expect(page.getByLabel('Correct answer, for the host to listen for')).toHaveValue(
    /^key of What is the tide/,
  );

  await page.getByRole('button', { name: 'Remove the question' }).click();
  await page.getByRole('button', { name: 'From the library' }).click();
  const dialog = page.getByRole('dialog');
  await search(page).fill('smallest');
  await dialog.getByRole('button', { name: /What is the tide/ }).click();
  await expect(page.getByText('Finished', { exact: true })).toBeVisible();
  await saved(page);
  const unused = await (await host.context.request.get('/api/questions?state=unused')).json();
  expect(unused.total).toBe(0);

  // The other way round: what was written for a show is kept in the library.
  await page.getByRole('button', { name: /^Tides for 200:/ }).click();
  await page.getByRole('button', { name: 'Add to the library' }).click();
  await page.getByText('Coast', { exact: true }).click();
  await expect(page.getByText('It’s in the library now.')).toBeVisible();
  expect((await (await host.context.request.get('/api/questions')).json()).total).toBe(2);

  // The library goes on; the show hears of it, and takes it over only when told to.
  const { questions } = await (await host.context.request.get('/api/questions?q=smallest')).json();
  const { id } = questions[0] as { id: string };
  const { version, question } = await (await host.context.request.get(`/api/questions/${id}`)).json();
  const prompt = 'What do sailors call the tide of the smallest range?';
  await host.context.request.put(`/api/questions/${id}`, {
    data: { version, question: { ...question, prompt } },
  });
  await page.getByRole('button', { name: /^Tides for 100:/ }).click();
  await expect(page.getByText('The library has a newer version')).toBeVisible();
  await expect(page.getByLabel('Question', { exact: true })).toHaveValue(/^What is the tide/);
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByLabel('Question', { exact: true })).toHaveValue(prompt);
  await expect(page.getByText('The library has a newer version')).toHaveCount(0);
});

test('the order of a set is changed by keyboard; the set is printed as sheet, answers and cards', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await page.goto('/studio/questions');
  await page.getByRole('button', { name: 'Copy Buoys and marks' }).click();
  await expect(page.getByRole('status').filter({ hasText: '14 questions' })).toBeVisible();
  const more = page.getByRole('button', { name: 'More for Buoys and marks' });
  await more.click();
  await page.getByText('Order of the questions').click();
  const dialog = page.getByRole('dialog');
  await dialog.getByText('You come in from sea').click();
  await page.keyboard.press('Tab');
  const line = dialog.locator('.line').filter({ hasText: 'You come in from sea' });
  await line.focus();
  for (let i = 0; i < 7; i++) await page.keyboard.press('Alt+ArrowUp');
  await dialog.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByRole('listitem').first()).toContainText('You come in from sea');
  await expect(dialog).toHaveCount(0);

  await more.click();
  await page.getByText('Print or PDF').click();
  await expect(page.getByRole('heading', { name: 'Buoys and marks' })).toBeVisible();
  const sheet = page.locator('.paper');
  await expect(sheet.locator('.item').first()).toContainText('You come in from sea');
  const pdf = async () => (await page.pdf({ format: 'A4' })).toString('latin1');
  const pages = (text: string) => text.match(/\/Type\s*\/Page\b/g)?.length ?? 0;
  expect(pages(await pdf())).toBeGreaterThanOrEqual(2);
  await page.getByLabel('Shuffle the options').check();
  const letters = async () =>
    (await sheet.locator('.item').first().innerText()).split('\n').map((one) => one.trim());
  const shuffled = await letters();
  await page.getByRole('button', { name: 'Answer sheet' }).click();
  // The answer sheet of a version names the letters of that version.
  const at = shuffled.indexOf('On the port side');
  const key = await sheet.locator('.item').first().innerText();
  expect(key.replace(/\s+/g, ' ')).toContain(`${shuffled[at - 1]} On the port side`);
  expect(pages(await pdf())).toBe(1);
  await page.getByRole('button', { name: 'Cards to cut' }).click();
  await expect(sheet.locator('.item')).toHaveCount(14);
  expect(pages(await pdf())).toBeGreaterThanOrEqual(2);
});
