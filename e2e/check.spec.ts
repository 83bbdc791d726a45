import { blankSelection } from '@distaff/core/library';
import { newRound, type RoundOf } from '@distaff/core/show';
import type { Show } from '@distaff/core/show';
import { aloud, choice, expect, quizShow, test } from './app.ts';

/** Trouble of a dozen kinds in one show of three teams with a handset each. */
function troubled(origin: { id: string; version: number }, sound: string): Show {
  let n = 0;
  const newId = () => `id${n++}`;
  const made = { credit: 'Ansa', licence: 'CC0 1.0' };
  const rules = newRound('quiz', newId).rules;
  const show = quizShow(
    [
      aloud('Who lights the lamp?', { answer: { kind: 'aloud', key: '' } }),
      aloud('How many keepers are there?', { checkAgainBy: '2020-01-01' }),
      { ...choice('Read this. '.repeat(24)), clock: 5 },
      { ...choice('Which bell is it?'), sound: { file: 'x'.repeat(21), alt: 'A bell', ...made } },
      { ...choice('Which horn is it?'), sound: { file: sound, alt: '', ...made } },
      aloud('What is a neap tide?', { origin }),
      {
        ...choice('Where is the fog bell? '.repeat(43)),
        clock: 600,
        explanation: 'At the quay. '.repeat(60),
      },
    ],
    { ...rules, floor: 'turn', turns: 'inOrder', clock: 20 },
    { mode: 'each', score: 'teams', combine: 'mean' },
    ['Bowline', 'Bowline', 'Leeward'],
  );
  const ruled = newRound('quiz', newId) as RoundOf<'quiz'>;
  const stakes = newRound('quiz', newId) as RoundOf<'quiz'>;
  const own = ['Ebb?', 'Flood?', 'Slack?'].map((prompt, i) => ({ ...aloud(prompt), id: `s${i}` }));
  show.rounds[0]!.title = 'First round';
  ruled.title = 'By a rule';
  ruled.content.rule = { ...blankSelection(), count: 4 };
  ruled.rules = { ...ruled.rules, floor: 'everyone' };
  stakes.title = 'Stakes';
  stakes.rules = { ...stakes.rules, floor: 'everyone', penalty: 'full', lowest: null };
  stakes.content.items = own.map(({ id }, i) => ({ id, points: i === 0 ? 9000 : 100 }));
  for (const one of own) show.questions[one.id] = one;
  show.rounds.push(ruled, stakes);
  show.look = {
    theme: 'own',
    own: { ground: '#f4f5f2', panel: '#ffffff', text: '#8f9a94', accent: '#1f4d40' },
  };
  return show;
}

test('trouble of a dozen kinds is told, the worst first, and each is mended where its link leads', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  const { page } = host;
  const { request } = host.context;
  const set = await host.makeSet('Tides', [
    aloud('What is a neap tide?'),
    ...[1, 2, 3].map((i) => aloud(`Tide ${i}?`)),
  ]);
  const { questions } = await (await request.get(`/api/sets/${set}/questions`)).json();
  const { id, question } = questions[0];
  await request.put(`/api/questions/${id}`, {
    data: { version: 1, question: { ...question, prompt: 'What is a spring tide?' } },
  });
  const horn = await request.post('/api/media?name=horn.wav', {
    data: await (await request.get('/sounds/right.wav')).body(),
    headers: { 'content-type': 'application/octet-stream' },
  });
  const show = troubled({ id, version: 1 }, (await horn.json()).id);
  await page.goto(`/studio/shows/${await host.makeShow(show)}`);

  const open = page.getByRole('button', { name: /issues?$/ });
  const dialog = page.getByRole('dialog', { name: 'Before the doors open' });
  const line = (text: string | RegExp) => dialog.getByRole('listitem').filter({ hasText: text });
  async function mend(text: string | RegExp, work: () => Promise<unknown>): Promise<void> {
    await line(text).first().getByRole('button', { name: 'Go there' }).click();
    await expect(dialog).toHaveCount(0);
    await work();
    await open.click();
    await expect(dialog.getByText(/^Measuring on stage/)).toHaveCount(0);
    await expect(line(text)).toHaveCount(0);
  }
  const prompt = page.getByLabel('Question', { exact: true });
  const more = () => page.getByText('More: feedback, tags, weight, dates, source').click();

  await open.click();
  await expect(line('Reading it takes')).toBeVisible();
  await expect(line('Too long for the stage')).toBeVisible();
  await expect(dialog.getByRole('listitem').first()).toContainText('Fix before you start');
  await expect(dialog.getByRole('button', { name: 'Open the doors' })).toBeDisabled();
  expect(await dialog.getByRole('listitem').count()).toBeGreaterThan(11);

  await mend('Two teams are called “Bowline”', () => page.getByLabel('Name of team 2').fill('Fairlead'));
  await mend(/No question is finished/, async () => {
    await page.getByLabel('How many').fill('3');
    await page.getByRole('button', { name: 'Pick questions' }).click();
    await expect(page.getByText(/^3 of 3 picked/)).toBeVisible();
  });
  await expect(line('Its rule asks for')).toHaveCount(0);
  await expect(dialog.getByRole('button', { name: 'Open the doors' })).toBeEnabled();
  await mend('is unfinished (no correct answer)', () =>
    page.getByLabel('Correct answer, for the host to listen for').fill('Ansa'),
  );
  await mend('One of its pictures, sounds or videos is missing', async () => {
    await page.getByRole('button', { name: 'Sound: A bell' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  });
  await mend('no description for people who can’t', async () => {
    await page.getByRole('button', { name: /^Sound: No description/ }).click();
    await page.getByLabel('Description: what is heard').fill('A fog horn');
    await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
  });
  await mend('was due for a check by', async () => {
    await more();
    await page.getByLabel('Check again by').fill('2099-01-01');
  });
  await mend('Reading it takes', () => page.getByLabel('Clock in seconds').fill('60'));
  await mend('Too long for the stage', () => prompt.fill('Where is the fog bell?'));
  await mend('The colours have too little contrast', () =>
    page.getByRole('button', { name: 'Fix the contrast' }).click(),
  );
  await mend('one wrong answer can’t be made up', async () => {
    await page.getByText('nothing', { exact: true }).click();
  });
  await mend('outweighs all the others', async () => {
    await page.getByRole('button', { name: /Ebb/ }).click();
    await page.getByLabel('Value of this question').fill('100');
  });
  await mend('The library has a newer version', () => page.getByRole('button', { name: 'Use it' }).click());
  await mend('7 questions for 3 teams in turn', async () => {
    await page.getByRole('button', { name: /fog bell/ }).click();
    await page.getByRole('button', { name: 'Remove the question' }).click();
  });
  await page.keyboard.press('Escape');
});

test('a round that nobody filled is left out by one press: the doors open, and it waits in the show', async ({
  app,
  browser,
}) => {
  let n = 0;
  const rules = newRound('quiz', () => `r${n++}`).rules;
  const devices = { mode: 'each', score: 'teams', combine: 'mean' } as const;
  const show = quizShow([choice('Which bell is it?')], rules, devices, ['Bowline', 'Leeward']);
  show.rounds.push({ ...newRound('ownPace', () => `r${n++}`), title: 'For another day' });
  const host = await app.host(browser);
  const { page } = host;
  const id = await host.makeShow(show);
  await page.goto(`/studio/shows/${id}`);
  await page.getByRole('button', { name: 'Open the doors' }).click();
  const check = page.getByRole('dialog');
  await expect(check.getByText('No question is finished.')).toBeVisible();
  await expect(check.getByRole('button', { name: 'Open the doors' })).toBeDisabled();
  await check.getByRole('button', { name: 'Leave it out' }).click();
  await expect(check.getByText('No question is finished.')).toHaveCount(0);
  await check.getByRole('button', { name: 'Open the doors' }).click();
  await expect(page.getByRole('heading', { name: 'The doors are open' })).toBeVisible();
  await expect(page.getByText('For another day')).toHaveCount(0);
  expect((await host.showOf(id)).rounds.at(-1)).toMatchObject({ title: 'For another day', off: true });
});
