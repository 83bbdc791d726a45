import { readFile } from 'node:fs/promises';
import { chooseKind, expect, newEmail, nextStep, PASSWORD, press, step, test } from './app.ts';
import { Host } from './app.ts';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('a host builds a board from nothing, plays it with three teams, and takes the results away', async ({
  app,
  browser,
}) => {
  test.setTimeout(180_000);
  const context = await browser.newContext({ baseURL: app.url, acceptDownloads: true });
  const desk = await context.newPage();
  const host = new Host(app, browser, context, desk, '');

  await test.step('make an account', async () => {
    await desk.goto('/studio');
    await desk.getByRole('button', { name: 'New here? Create an account' }).click();
    await desk.getByLabel('E-mail address').fill(newEmail());
    await desk.getByLabel('Your name').fill('Test host');
    await desk.getByLabel('Password').fill(PASSWORD);
    await desk.getByRole('button', { name: 'Create an account', exact: true }).click();
    await expect(desk.getByRole('heading', { name: 'No shows yet' })).toBeVisible();
  });

  await test.step('build a board of 2 × 2', async () => {
    await desk.getByRole('button', { name: /^Empty board, two teams/ }).click();
    await desk.getByLabel('Title of the show').fill('Small show');
    for (const points of ['500', '400', '300'])
      await desk.getByRole('button', { name: `Remove the value ${points}` }).click();
    for (const n of [5, 4, 3]) await desk.getByRole('button', { name: `Remove category ${n}` }).click();
    await desk.getByLabel('Name of category 1').fill('Tides');
    await desk.getByLabel('Name of category 2').fill('Knots');
    await desk.getByLabel('Value of column 2').fill('250');

    const write = async (cell: string, prompt: string) => {
      await desk.getByRole('button', { name: `${cell}: no question yet` }).click();
      await desk.getByRole('button', { name: 'Write the question' }).click();
      await desk.getByLabel('Question', { exact: true }).fill(prompt);
    };
    const options = async (texts: string[], key: string) => {
      for (const [i, text] of texts.entries()) {
        await desk.getByLabel(`Option ${'ABCD'[i]}`, { exact: true }).fill(text);
        if (i + 1 < texts.length) await desk.keyboard.press('Enter');
      }
      await expect(desk.getByText('Unfinished: no correct answer')).toBeVisible();
      await desk.getByRole('radio', { name: `Option ${key} is correct` }).check();
    };
    await write('Tides for 100', 'What makes most of the tide?');
    await desk.getByRole('button', { name: 'Remove option D' }).click();
    await desk.getByRole('button', { name: 'Remove option C' }).click();
    await desk.getByLabel('Option A', { exact: true }).fill('Moon');
    await desk.getByLabel('Option B', { exact: true }).fill('Sun');
    await expect(desk.getByText('Unfinished: no correct answer')).toBeVisible();
    await desk.getByRole('radio', { name: 'Option A is correct' }).check();
    await expect(desk.getByText('Finished', { exact: true })).toBeVisible();

    await write('Tides for 250', 'Which tide has the smallest range?');
    await chooseKind(desk, 'Typed text');
    await desk.getByLabel('Correct answer, as players see it').fill('Neap tide');
    await desk.getByRole('button', { name: 'Add a spelling' }).click();
    await desk.getByLabel('Also accepted').fill('neap');

    await write('Knots for 100', 'Say the name of a loop knot.');
    await chooseKind(desk, 'Spoken answer');
    await desk.getByLabel('Correct answer, for the host to listen for').fill('Bowline');

    await write('Knots for 250', 'Which joins two ropes?');
    await options(['Sheet bend', 'Bowline', 'Anchor', 'Cleat'], 'A');
    await expect(desk.getByText('Finished', { exact: true })).toBeVisible();
    await desk.getByLabel('Host notes').fill('Only the host reads this');
    await expect(desk.locator('.preview')).toContainText('Which joins two ropes?');
    await expect(desk.getByRole('status').filter({ hasText: 'All changes saved' })).toBeVisible();
  });

  await test.step('name three teams', async () => {
    await desk.getByRole('button', { name: 'Teams', exact: true }).click();
    await desk.getByRole('button', { name: 'Add a team' }).click();
    for (const [i, name] of ['Bowline', 'Fairlead', 'Leeward'].entries())
      await desk.getByLabel(`Name of team ${i + 1}`).fill(name);
    await desk.getByRole('button', { name: 'Open the doors' }).click();
    await expect(desk.getByText('4 questions for 3 teams')).toBeVisible();
    await desk.getByRole('dialog').getByRole('button', { name: 'Open the doors' }).click();
    await expect(desk.getByRole('heading', { name: 'The doors are open' })).toBeVisible();
  });

  const code = (await desk.locator('header .code').textContent())!.trim();
  const [stage] = await Promise.all([
    context.waitForEvent('page'),
    desk.getByRole('link', { name: 'Open the stage' }).click(),
  ]);
  const ansa = await host.handset(code.toLowerCase(), 'Ansa', 'Bowline');
  const corin = await host.handset(code, 'Corin', 'Bowline');
  const jory = await host.handset(code, 'Jory', 'Fairlead');
  const guest = await host.handset(code, 'Guest', 'Leeward');

  await test.step('the lobby shows who is there; the host renames and removes', async () => {
    await expect(stage.getByText('Ansa, Corin')).toBeVisible();
    await desk.getByRole('button', { name: 'Jory' }).click();
    await desk.getByText('Rename Jory').click();
    await desk.getByLabel('New name').fill('Jorund');
    await desk.getByRole('button', { name: 'Save' }).click();
    await expect(jory.getByText('Jorund · Fairlead')).toBeVisible();
    await desk.getByRole('button', { name: 'Guest' }).click();
    await desk.getByText('Remove Guest', { exact: true }).click();
    await expect(guest.getByText('The host has removed you')).toBeVisible();
    await expect(stage.getByText('Guest')).toHaveCount(0);
  });

  await test.step('a wrong answer is handed on for the value; the first answer of a team counts', async () => {
    await step(desk, 'Begin the round');
    await stage.getByRole('button', { name: 'Tides for 100' }).click();
    await step(desk, 'Show the question');
    await expect(ansa.locator('.prompt').getByText('What makes most of the tide?')).toBeVisible();
    await expect(ansa.getByRole('radio')).toHaveCount(0);
    await step(desk, 'Open the answers for Bowline');
    await expect(jory.getByText('Bowline’s turn to answer').first()).toBeVisible();
    await expect(jory.getByRole('radio')).toHaveCount(0);
    await ansa.getByRole('radio', { name: 'Sun' }).click();
    await ansa.getByRole('button', { name: /^Send/ }).click();
    await expect(corin.getByText('Sent by Ansa')).toBeVisible();
    await step(desk, 'Show who answered what');
    await expect(stage.locator('li', { hasText: 'Sun' }).getByText('Bowline')).toBeVisible();
    await expect(stage.getByText('Correct answer', { exact: true })).toHaveCount(0);
    await step(desk, 'Pass to Fairlead for 100');
    await expect(jory.getByRole('radio', { name: 'Sun' })).toBeDisabled();
    await jory.getByRole('radio', { name: 'Moon' }).click();
    await jory.getByRole('button', { name: /^Send/ }).click();
    await step(desk, 'Show who answered what');
    await step(desk, /^Show the answer – 100 to Fairlead/);
    await expect(jory.getByText('Correct', { exact: true })).toBeVisible();
    await expect(ansa.getByText('Wrong', { exact: true })).toBeVisible();
    await expect(stage.getByText('Fairlead +100')).toBeVisible();
    await step(desk, 'Back to the board');
    await expect(stage.getByRole('button', { name: 'Tides for 100, won by Fairlead' })).toBeDisabled();
    await expect(stage.getByText('Fairlead chooses a question')).toBeVisible();
    // Categories are read from the back of the room (common practice: 2.5 % of the height at least).
    const share = await stage
      .locator('.board .name')
      .first()
      .evaluate((one) => parseFloat(getComputedStyle(one).fontSize) / innerHeight);
    expect(share).toBeGreaterThan(0.025);
  });

  await test.step('typed text; the clock is held and goes on; time locks', async () => {
    await desk.getByRole('button', { name: 'Tides for 250' }).click();
    await step(desk, 'Show the question');
    await step(desk, 'Open the answers for Fairlead');
    await press(desk, 'c');
    await expect(desk.getByRole('button', { name: 'Go on' })).toBeVisible();
    await jory.getByLabel('Your answer').fill('NÉAP');
    await jory.getByRole('button', { name: 'Send' }).click();
    await expect(desk.locator('.answers')).toContainText('NÉAP');
    await expect(desk.locator('.answers')).toContainText('marked automatically');
    await step(desk, 'Show who answered what');
    await step(desk, /^Show the answer – 250 to Fairlead/);
    await expect(stage.getByText('Neap tide')).toBeVisible();
    await step(desk, 'Back to the board');
  });

  await test.step('said aloud: the host rules by key, and takes the ruling back', async () => {
    await desk.getByRole('button', { name: 'Knots for 100' }).click();
    await step(desk, 'Show the question');
    await step(desk, 'Open the answers for Leeward');
    await press(desk, 'l');
    await expect(nextStep(desk)).toContainText('Was Leeward right?');
    await press(desk, '-');
    await expect(nextStep(desk)).toContainText('Pass to Bowline');
    await press(desk, 'u');
    await expect(nextStep(desk)).toContainText('Was Leeward right?');
    await press(desk, '+');
    await step(desk, /^Show the answer – 100 to Leeward/);
    await press(desk, 'u');
    await expect(nextStep(desk)).toContainText('Show the answer');
    await step(desk, /^Show the answer – 100 to Leeward/);
    await step(desk, 'Back to the board');
  });

  await test.step('points by hand with a reason, standings, ledger', async () => {
    await press(desk, '1');
    await press(desk, '+');
    await desk.getByRole('dialog').getByLabel('Points').fill('350');
    await desk.getByRole('dialog').getByRole('button', { name: 'Change points' }).click();
    await expect(desk.getByText('Give a reason')).toBeVisible();
    await desk.getByRole('dialog').getByLabel('Reason').fill('for the song');
    await desk.getByRole('dialog').getByRole('button', { name: 'Change points' }).click();
    await press(desk, 's');
    await expect(stage.getByRole('heading', { name: /Standings/ })).toBeVisible();
    await expect(stage.locator('li', { hasText: 'Bowline' }).getByText('+350')).toBeVisible();
    await step(desk, 'Hide the standings');
    await desk.getByRole('button', { name: 'Score history' }).click();
    await expect(desk.getByRole('dialog')).toContainText('by hand: for the song');
    await desk.keyboard.press('Escape');
  });

  await test.step('the last question runs out of time and is closed without its key', async () => {
    await desk.getByRole('button', { name: 'Knots for 250' }).click();
    await step(desk, 'Show the question');
    await step(desk, 'Open the answers for Bowline');
    for (let i = 0; i < 4; i++) await press(desk, ',');
    await expect(stage.getByText('Time’s up')).toBeVisible();
    await desk.getByRole('button', { name: 'Close without the answer' }).click();
    await expect(stage.getByText('Nobody gets the points')).toBeVisible();
    await step(desk, 'Back to the board');
  });

  await test.step('close: shared first place, cloth, results and files', async () => {
    await step(desk, 'Close the show');
    await expect(
      stage.getByRole('heading', { name: 'Bowline and Fairlead share first place' }),
    ).toBeVisible();
    await expect(ansa.getByText('Your team: 1st place')).toBeVisible();
    await step(desk, 'see the results');
    await expect(desk.getByRole('heading', { name: 'Results of Small show' })).toBeVisible();
    await expect(desk.locator('.standings li').nth(2)).toContainText('3rd');
    await expect(desk.getByRole('img', { name: 'Cloth' })).toBeVisible();
    // A square tells what was answered; the questions are a page of their own.
    await desk.getByRole('button', { name: 'Bowline, question 1: Wrong' }).click();
    await expect(desk.getByRole('status').filter({ hasText: 'Sun – Wrong' })).toBeVisible();
    await desk.getByRole('tab', { name: 'Questions' }).click();
    await expect(desk.getByRole('heading', { name: 'What makes most of the tide?' })).toBeVisible();
    await desk.getByRole('tab', { name: 'Overview' }).click();
    const take = async (name: string) => {
      const [file] = await Promise.all([desk.waitForEvent('download'), desk.getByText(name).click()]);
      return readFile(await file.path());
    };
    const standings = (await take('Standings as CSV')).toString('utf8');
    expect(standings.split('\r\n').slice(1, 4)).toEqual([
      '1,Bowline,350,Ansa; Corin',
      '1,Fairlead,350,Jorund',
      '3,Leeward,100,',
    ]);
    const responses = (await take('All answers as CSV')).toString('utf8').split('\r\n');
    expect(responses[1]).toMatch(
      /^1,Tides,100,What makes most of the tide\?,Moon,Bowline,Ansa,Sun,wrong,key,\d/,
    );
    expect(responses.find((line) => line.startsWith('2,'))).toContain(',NÉAP,right,key,');
    expect((await take('Save as SVG')).toString('utf8')).toContain('<svg');
    expect((await take('Save as PNG')).subarray(1, 4).toString()).toBe('PNG');
  });
});
