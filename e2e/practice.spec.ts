import type { Page } from '@playwright/test';
import { choice, expect, test, type Host } from './app.ts';
import { clean } from './axe.ts';

/** Questions of which the option "right" is the key, each with a topic and a hint. */
const questions = ['Ropes', 'Tides', 'Lights'].map((topic, i) => ({
  ...choice(`What is true of ${topic.toLowerCase()}?`, `q${i}`),
  tags: [topic],
  hint: `Think of ${topic.toLowerCase()} at night.`,
  explanation: `So it is with ${topic.toLowerCase()}.`,
}));

/** Offers a set to be taken alone, through its menu. @returns the join code. */
async function offer(host: Host, names: string[] = []): Promise<string> {
  const set = await host.makeSet('Harbour basics', questions);
  const { page } = host;
  await page.goto(`/studio/questions?set=${set}`);
  await page.getByRole('button', { name: 'More for Harbour basics' }).click();
  await page.getByText('Offer as practice').click();
  await expect(page.getByRole('dialog').getByText('3 questions', { exact: true })).toBeVisible();
  if (names.length > 0) {
    await page.getByRole('combobox', { name: 'Names' }).press('ArrowDown');
    await page.getByRole('option', { name: 'From a list: people choose their name' }).click();
    await page.getByLabel('Names, one per line').fill(names.join('\n'));
  }
  await page.getByRole('button', { name: 'Offer it' }).click();
  await expect(page.getByRole('heading', { name: 'Harbour basics' })).toBeVisible();
  return (await page.getByText(/^Code /).innerText()).replace('Code ', '');
}

async function answer(phone: Page, option: string): Promise<void> {
  await phone.getByRole('radio', { name: new RegExp(`${option}$`) }).click();
  await phone.getByRole('button', { name: /^Send/ }).click();
}
const next = (phone: Page) => phone.getByRole('button', { name: /Next question|See your result/ }).click();

test('taken on a phone by its code, broken off in the tunnel, finished on another; the host sees who is how far', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const code = await offer(host, ['Ansa T.', 'Rosen', 'Nessa']);
  const desk = host.page;
  await expect(desk.getByText('3 haven’t started')).toBeVisible();
  const first = await host.phone();
  await first.goto('/');
  await first.getByLabel('Join code').fill(code.toLowerCase());
  await first.getByRole('button', { name: 'Find the show' }).click();
  await expect(first.getByRole('heading', { name: 'Harbour basics' })).toBeVisible();
  await clean(first, 'practice, start');
  await first.getByRole('button', { name: 'Start' }).click();
  await expect(first.getByText('Enter your name.')).toBeVisible();
  await first.getByLabel('Your name on the list').fill('ansa');
  await first.getByRole('option', { name: 'Ansa T.' }).click();
  await first.getByRole('button', { name: 'Start' }).click();
  await expect(first.getByText('Question 1 of 3')).toBeVisible();
  await answer(first, 'wrong');
  await expect(first.getByText('Think of ropes at night.')).toBeVisible();
  await expect(first.getByText('Try again. It counts half now.')).toBeVisible();
  await expect(first.getByText('So it is')).toBeHidden();
  await clean(first, 'practice, hint');
  await answer(first, 'right');
  await expect(first.getByText('Correct on the second try')).toBeVisible();
  await expect(first.getByText('So it is with ropes.')).toBeVisible();
  await clean(first, 'practice, answer');
  await next(first);
  // The train goes into a tunnel: what was tapped is kept, and sent when it is out again.
  await first.context().setOffline(true);
  await answer(first, 'right');
  await expect(first.getByText('Saved on this phone. It’s sent when you’re back online.')).toBeVisible();
  await first.context().setOffline(false);
  await expect(first.getByText('So it is with tides.')).toBeVisible();

  await desk.reload();
  await expect(desk.getByRole('row', { name: /Ansa T\..*2 of 3 done/ })).toBeVisible();
  await clean(desk, 'practice, host');

  const second = await host.phone();
  await second.goto(`/join/${code}`);
  await second.getByLabel('Your name on the list').fill('Ans');
  await second.getByRole('option', { name: 'Ansa T.' }).click();
  await second.getByRole('button', { name: 'Start' }).click();
  await expect(second.getByText('You stopped at question 3 of 3. Go on from there?')).toBeVisible();
  await second.getByRole('button', { name: 'I’m not Ansa T.' }).click();
  await second.getByLabel('Your name on the list').fill('Ans');
  await second.getByRole('option', { name: 'Ansa T.' }).click();
  await second.getByRole('button', { name: 'Start' }).click();
  await second.getByRole('button', { name: 'Go on with question 3' }).click();
  // Where the first phone still looks at the answer, so does this one.
  await next(second);
  await answer(second, 'wrong');
  await answer(second, 'other');
  await next(second);
  await expect(second.getByText('1½')).toBeVisible();
  await expect(second.getByText('One length of your cloth is still open: Lights.')).toBeVisible();
  await clean(second, 'practice, finished');
  await second.getByRole('button', { name: 'See all answers' }).click();
  await expect(second.getByText('wrong → other')).toBeVisible();
  await second.getByRole('button', { name: 'Back' }).click();
  await second.getByRole('button', { name: 'Try the missed one again' }).click();
  await expect(second.getByText('For practice only. Your 1½ stays.')).toBeVisible();
  await answer(second, 'right');
  await next(second);
  await expect(second.getByText('You got the missed one right.')).toBeVisible();
  // The first phone is told of what the second did.
  await first.reload();
  await expect(first.getByText('Attempt 2 of 3')).toBeVisible();

  await desk.reload();
  await expect(desk.getByRole('row', { name: /Ansa T\..*1½/ })).toBeVisible();
  await expect(desk.getByText('from 2 phones')).toBeVisible();
  await expect(desk.getByText('2 haven’t started')).toBeVisible();
  await desk.getByRole('button', { name: 'Put these in a new round' }).click();
  await expect(desk).toHaveURL(/\/studio\/shows\//);
  await expect(desk.getByText('What is true of lights?').first()).toBeVisible();
});

test('a climb alone: two options left, on or off the rung; the server killed in between loses nothing', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const host = await app.host(browser);
  const { oneRound } = await import('./oneRound.ts');
  const each = { mode: 'each', score: 'players', combine: 'mean' } as const;
  const show = oneRound('climb', each, {
    questions: 5,
    content: () => ({ rungs: [10, 20, 30, 40, 50], rests: [2], climbs: 1 }),
  });
  const id = await host.makeShow(show);
  const { defaultPractice } = await import('@distaff/core/practice');
  const settings = { ...defaultPractice, names: 'none', hints: false, shuffleOptions: false };
  const made = await host.context.request.post('/api/practices', {
    data: { of: { what: 'show', id }, settings },
  });
  const { code } = await made.json();
  const phone = await host.phone();
  await phone.goto(`/practice/${code}`);
  await phone.getByRole('button', { name: 'Start' }).click();
  await phone.getByRole('button', { name: 'Thin out' }).click();
  await phone.getByRole('button', { name: 'Use it' }).click();
  await expect(phone.getByRole('radio', { disabled: true })).toHaveCount(1);
  await answer(phone, 'right');
  await next(phone);
  await app.crash('server');
  await phone.getByRole('button', { name: 'Play for 20' }).click();
  await answer(phone, 'right');
  await next(phone);
  await expect(phone.getByText('Play for 30')).toBeVisible();
  await phone.getByRole('button', { name: 'Stop and keep 20' }).click();
  await expect(phone.getByText('Attempt 1 of 3')).toBeVisible();
});
