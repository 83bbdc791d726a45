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
    page.getByRole('listitem').filter({ hasText: 'said at night' }).getByLabel('1 remark'),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Check', exact: true }).click();
  const of = (prompt: string) => page.getByRole('listitem').filter({ hasText: prompt }).first();
  await expect(of('north of a danger')).toContainText('there would be two right ones');
  await expect(of('What falls?')).toContainText('there would be two right ones');
  await expect(of('colour of it')).toContainText('No key is marked');
  await expect(of('said at night')).toContainText('41 letters, the others at most 4');
  await expect(of('long ago')).toContainText('to be checked again by');
  await expect(of('Ποιο')).toContainText('Our typefaces do not have');
  await expect(of('winding')).toContainText('Too long for the stage', { timeout: 20_000 });
  await expect(
    page.getByText('7 questions have something to look at, of 8; 3 must be mended.'),
  ).toBeVisible();
  await expect(page.getByText('The key stands at A far too often')).toBeVisible();
  await expect(page.getByText('% alike')).toBeVisible();
  await expect(page.getByRole('link', { name: /in Elsewhere/ })).toBeVisible();

  await of('long ago').getByRole('button', { name: 'I checked it: true today' }).click();
  await expect(page.getByText('6 questions have something to look at')).toBeVisible();
  await page.getByRole('button', { name: /^Mend all that is safe/ }).click();
  await expect(page.getByText('questions were mended.')).toBeVisible();
  await expect(of('What falls?').getByText('two right ones')).toHaveCount(0);
  await expect(of('north of a danger').getByText('two right ones')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(of('north of a danger').getByText('two right ones')).toBeVisible();
  await page.getByRole('button', { name: 'Spread the keys' }).click();
  await expect(page.getByText('The keys are spread over the places.')).toBeVisible();

  await of('colour of it').getByRole('link', { name: 'Open' }).click();
  await expect(page.getByRole('textbox', { name: 'Question', exact: true })).toHaveValue(
    'What is the colour of it?',
  );
  await page.goBack();
  await expect(of('colour of it')).toContainText('No key is marked');
});
