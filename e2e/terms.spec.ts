import { newRound, type RoundOf } from '@distaff/core/show';
import { App, choice, expect, quizShow, step, test as base } from './app.ts';
import { rulesWith } from '@distaff/core/formats';
import { clean } from './axe.ts';
import { cutOff, darkShare, printed } from './printed.ts';

/** A server with a term of games behind it. */
const test = base.extend<object, { term: App }>({
  term: [
    async ({}, use) => {
      const app = new App('full');
      await app.open();
      await use(app);
      await app.close();
    },
    { scope: 'worker', timeout: 90_000 },
  ],
});
const GROUP = '/studio/groups/Winter%20crew';

test('what a group missed becomes homework in two clicks, and what comes of it stands on its page', async ({
  term,
  browser,
}) => {
  const host = await term.demoHost(browser);
  const { page } = host;
  await page.goto('/studio');
  await page.getByRole('link', { name: 'Groups' }).click();
  await clean(page, 'groups');
  await page.getByRole('link', { name: 'Winter crew' }).click();
  await expect(page.getByText('1 of them practice')).toBeVisible();
  for (const tab of ['People', 'Topics', 'Marks', 'Ask again']) {
    await page.getByRole('tab', { name: tab }).click();
    await expect(page.locator('main .card').last()).toBeVisible();
    await clean(page, `group, ${tab}`);
  }
  await page.getByRole('button', { name: 'None' }).click();
  const boxes = page.getByRole('checkbox', { name: /^Choose / });
  for (const box of [boxes.nth(0), boxes.nth(1)]) await box.check();
  await expect(page.getByText('2 questions chosen')).toBeVisible();
  await page.getByRole('button', { name: 'Give as homework' }).click();
  await page.getByRole('button', { name: 'Offer it' }).click();
  const code = (await page.getByText(/^Code /).textContent())!.trim().slice(-5);

  const phone = await host.phone();
  await phone.goto(`/join/${code}`);
  await phone.getByLabel('Your name on the list').fill('kerra');
  await phone.getByRole('option', { name: 'Kerra' }).click();
  await phone.getByRole('button', { name: 'Start' }).click();
  for (let n = 1; n <= 2; n++) {
    await expect(phone.getByText(`Question ${n} of 2`)).toBeVisible();
    // Both tries: whatever is right among them.
    for (let tries = 0; tries < 2; tries++) {
      const send = phone.getByRole('button', { name: /^Send/ });
      if (!(await send.isVisible())) break;
      await phone.getByRole('radio').nth(tries).click();
      await send.click();
      await phone
        .getByText(/Try again|Correct|Not correct|Wrong/)
        .first()
        .waitFor();
    }
    await phone.getByRole('button', { name: /Next question|See your result/ }).click();
  }
  await page.goto(GROUP);
  await expect(page.getByRole('listitem').filter({ hasText: 'Ask again: Winter crew' })).toContainText(
    '1 person',
  );
  await page.getByRole('link', { name: 'Ask again: Winter crew' }).click();
  await expect(page.getByRole('row', { name: /Kerra/ })).toBeVisible();
});

test('a league: its table on the stage, by link with and without names; a set on its map, by keyboard', async ({
  term,
  browser,
}) => {
  const host = await term.demoHost(browser);
  const { page } = host;
  await page.goto('/studio/groups');
  await page.getByRole('link', { name: 'Harbour cup' }).click();
  const rows = page.locator('tbody tr');
  await expect(rows).toHaveCount(4);
  const first = (await rows.first().locator('bdi').textContent())!;
  await clean(page, 'league');
  await page.getByRole('tab', { name: 'Head to head' }).click();
  await expect(page.getByRole('columnheader', { name: 'Ahead' })).toBeVisible();
  await page.getByRole('tab', { name: 'Settings' }).click();
  await clean(page, 'league, settings');
  await page.getByLabel('Worst games left out').fill('0');
  await expect(page.getByText('Saved')).toBeVisible();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByRole('link', { name: /\/league\// }).getAttribute('href');
  const visitor = await (await browser.newContext({ baseURL: term.url })).newPage();
  await visitor.goto(link!);
  await expect(visitor.locator('tbody tr').first()).toContainText(/Bowline|Fairlead|Leeward|Spindrift/);
  await clean(visitor, 'league, for everybody');
  await page.getByLabel('Show names on it').uncheck();
  await expect(page.getByText('Saved')).toBeVisible();
  await visitor.reload();
  await expect(visitor.locator('tbody tr').first()).toContainText('Team 1');

  // The season on the stage of tonight.
  const id = page.url().split('/').at(-1)!.split('?')[0]!;
  const show = quizShow([choice('Which one?')], rulesWith({ floor: 'everyone' }), {
    mode: 'team',
    score: 'teams',
    combine: 'mean',
  });
  let n = 0;
  const interlude = newRound('interlude', () => `i${n++}`) as RoundOf<'interlude'>;
  interlude.content = { ...interlude.content, what: 'league', league: id };
  const sitting = await host.openDoors({ ...show, rounds: [interlude, ...show.rounds] });
  await step(page, /Begin|Show/);
  const stage = await host.context.newPage();
  await stage.goto(`/stage/${sitting.code}#${sitting.stageKey}`);
  await expect(stage.getByRole('heading', { name: 'Harbour cup' })).toBeVisible();
  await expect(stage.locator('.league li')).toHaveCount(4);
  await expect(stage.locator('.league')).toContainText(first);

  const { sets } = await (await host.context.request.get('/api/sets')).json();
  const flags = sets.find(({ title }: { title: string }) => title === 'Signal flags');
  await page.goto(`/studio/questions/map/${flags.id}`);
  await page.getByRole('button', { name: 'As a table' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('columnheader', { name: 'Tells apart' })).toBeVisible();
  await expect(page.locator('tbody tr').first()).toContainText('Easy');
  await clean(page, 'map of a set');

  for (const width of [390, 320])
    for (const path of [GROUP, `${GROUP}?tab=again`, `/studio/leagues/${id}`, '/studio/compare', link!]) {
      await page.setViewportSize({ width, height: 800 });
      await page.goto(path);
      await page.locator('h1').waitFor();
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect([path, width, Math.max(0, wide)]).toEqual([path, width, 0]);
    }
});

test('on paper: certificates for everybody, results on A4 and Letter; nothing is told by colour alone', async ({
  term,
  browser,
}) => {
  const host = await term.demoHost(browser);
  const { page } = host;
  await page.goto(GROUP);
  const href = await page.locator('a[href^="/results/"]').first().getAttribute('href');
  const id = href!.split('/')[2]!.split('?')[0]!;

  await test.step('a sheet each, in landscape, whatever is written on it', async () => {
    await page.goto(`/results/${id}/certificates`);
    for (const [field, choice] of [
      ['For', 'Everyone in them'],
      ['Places', 'All places'],
    ] as const) {
      await page.getByRole('combobox', { name: field, exact: true }).press('ArrowDown');
      await page.getByRole('option', { name: choice }).click();
    }
    await page.getByRole('textbox', { name: 'Heading' }).fill('W'.repeat(60));
    await page.getByRole('textbox', { name: 'Text' }).fill(`{name}, {place} – ${'so it was '.repeat(34)}`);
    const names = page.locator('.sheet .name');
    const people = await names.count();
    expect(people).toBeGreaterThan(3);
    await expect(page.getByRole('button', { name: `Print ${people} certificates` })).toBeEnabled();
    for (const [format, long] of [
      ['A4', 842],
      ['Letter', 792],
    ] as const) {
      const sheets = await printed(page, format);
      expect(sheets.count).toBe(people);
      // The browser rounds up to whole pixels.
      expect(Math.abs(sheets.width - long)).toBeLessThan(2);
      expect(sheets.width).toBeGreaterThan(sheets.height);
    }
    // A4 lying, less its margins, in CSS pixels.
    await page.setViewportSize({ width: 1062, height: 733 });
    await page.emulateMedia({ media: 'print' });
    expect(await cutOff(page, '.paper')).toEqual([]);
    await page.emulateMedia({ media: null });
    await page.setViewportSize({ width: 1280, height: 800 });
  });

  await test.step('results fit the paper', async () => {
    // A4 and Letter less half an inch each side.
    for (const width of [698, 720])
      for (const tab of ['overview', 'questions', 'people', 'scores', 'marks']) {
        await page.emulateMedia({ media: 'screen' });
        await page.setViewportSize({ width, height: 1000 });
        await page.goto(`/results/${id}?tab=${tab}`);
        await page.locator('main .card').first().waitFor();
        await page.emulateMedia({ media: 'print' });
        const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        expect([tab, width, Math.max(0, wide)]).toEqual([tab, width, 0]);
      }
    await page.emulateMedia({ media: null });
    await page.setViewportSize({ width: 1280, height: 800 });
  });

  await test.step('signs, bars and lines are told apart in greyscale', async () => {
    await page.goto(`/results/${id}`);
    const cell = (sign: string) => darkShare(page, `.knowledge .signs .is-${sign}`);
    const shares = [await cell('r'), await cell('w'), await cell('n')];
    expect(shares[0]).toBeGreaterThan(0.9);
    expect(shares[1]).toBeGreaterThan(0.1);
    expect(shares[1]).toBeLessThan(0.5);
    expect(shares[2]).toBeLessThan(0.1);
    await page.getByRole('tab', { name: 'Questions' }).click();
    expect(await darkShare(page, '.share i.key')).toBeGreaterThan(0.9);
    expect(await darkShare(page, '.share i:not(.key)')).toBeLessThan(0.6);

    await page.getByRole('tab', { name: 'Score history' }).click();
    const lines = page.locator('.key svg');
    await lines.first().waitFor();
    // Without the colour, which stands at the whole, their dashes and marks are left.
    const drawn = await lines.evaluateAll((all) => all.map((one) => one.innerHTML));
    expect(drawn.length).toBeGreaterThan(2);
    expect(new Set(drawn).size).toBe(drawn.length);
    for (const button of ['Show as a table', 'Show as a chart']) {
      await page.getByRole('button', { name: button }).focus();
      await page.keyboard.press('Enter');
    }
    await expect(page.getByRole('img', { name: /a line for each/ })).toBeVisible();
  });
});
