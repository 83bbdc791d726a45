import { blankQuestion, type Question } from '@distaff/core/question';
import { expect, test } from './app.ts';

let n = 0;
const choice = (prompt: string, texts: string[], key = 0, more: Partial<Question> = {}): Question => {
  const options = texts.map((text, i) => ({ id: `o${i}`, text }));
  return {
    ...blankQuestion(() => `q${n++}`),
    prompt,
    answer: { kind: 'choice', options, key: key < 0 ? null : `o${key}` },
    ...more,
  };
};

test('a set is checked: what is wrong is told, mended by one click or all at once, and undone', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  const long = Array(16).fill('a long and winding piece of text').join(' ');
  await host.makeSet('Elsewhere', [
    choice('Which mark stands north of a danger, says the chart?', ['north', 'south']),
  ]);
  const id = await host.makeSet('Marks', [
    choice('Which mark stands north of a danger, says a chart?', ['north', 'south', 'North']),
    choice('What falls?', ['the ebb', 'The Ebb', 'the flood'], 0),
    choice('What is the colour of it?', ['red', 'green', 'blue'], -1),
    choice('Which of these is said at night?', ['that there is a light which shows in turn', 'fog', 'rain']),
    choice('What was checked long ago?', ['this', 'that'], 0, { checkAgainBy: '2020-01-01' }),
    choice(
      long,
      Array.from({ length: 8 }, (_, i) => `${i} ${long}`.slice(0, 199)),
      0,
    ),
    choice('Ποιο είναι;', ['one', 'two'], 0),
    choice('All is well here?', ['yes', 'no'], 0),
  ]);

  await page.goto(`/studio/questions?set=${id}`);
  await expect(
    page.getByRole('listitem').filter({ hasText: 'said at night' }).getByLabel('1 issue'),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Check', exact: true }).click();
  const of = (prompt: string) => page.getByRole('listitem').filter({ hasText: prompt }).first();
  await expect(of('north of a danger')).toContainText('is the same as the correct answer');
  await expect(of('What falls?')).toContainText('is the same as the correct answer');
  await expect(of('colour of it')).toContainText('No correct answer is marked');
  await expect(of('said at night')).toContainText('41 characters, the others at most 4');
  await expect(of('long ago')).toContainText('due for a check by');
  await expect(of('Ποιο')).toContainText('Our fonts don’t include');
  await expect(of('winding')).toContainText('Too long for the stage', { timeout: 20_000 });
  await expect(page.getByText('7 of 8 questions have issues; 3 to fix.')).toBeVisible();
  await expect(page.getByText('The correct answer is A far too often')).toBeVisible();
  await expect(page.getByText('% alike')).toBeVisible();
  await expect(page.getByRole('link', { name: /in Elsewhere/ })).toBeVisible();

  await of('long ago').getByRole('button', { name: 'I checked it: still true' }).click();
  await expect(page.getByText('6 of 8 questions have issues')).toBeVisible();
  await page.getByRole('button', { name: /^Fix all that is safe/ }).click();
  await expect(page.getByText('questions were fixed.')).toBeVisible();
  await expect(of('What falls?').getByText('same as the correct answer')).toHaveCount(0);
  await expect(of('north of a danger').getByText('same as the correct answer')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(of('north of a danger').getByText('same as the correct answer')).toBeVisible();
  await page.getByRole('button', { name: 'Spread the answers' }).click();
  await expect(page.getByText('Correct answers are spread evenly.')).toBeVisible();

  await of('colour of it').getByRole('link', { name: 'Open' }).click();
  await expect(page.getByRole('textbox', { name: 'Question', exact: true })).toHaveValue(
    'What is the colour of it?',
  );
  await page.goBack();
  await expect(of('colour of it')).toContainText('No correct answer is marked');
});
