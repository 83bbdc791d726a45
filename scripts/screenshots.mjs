import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { enterCheckout } from './lib/prepare.mjs';
import { run, say, Stop } from './lib/say.mjs';

/**
 * Takes the pictures of docs/screenshots anew from a running demo (`npm run demo` first): signs in
 * as the demo host, opens the doors of the evening and plays some of its questions.
 */
const base = `http://localhost:${process.env.PORT || 4600}`;
const desktop = { viewport: { width: 1280, height: 800 }, baseURL: base };
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, baseURL: base };
const players = [
  ['Ansa', 'Bowline'],
  ['Tamsin', 'Fairlead'],
  ['Jory', 'Leeward'],
  ['Wenna', 'Spindrift'],
  ['Dorrit', 'Halyard'],
  ['Elowen', 'Kittiwake'],
];
/** Cells in the order of play, and whether the team in turn knows the answer (a), or the next one (b). */
const evening = [
  ['Knots and ropes for 100', 'a'],
  ['Tides for 200', 'b'],
  ['Sea birds for 200', 'a'],
  ['Signal flags for 300', 'a'],
  ['Lights and buoys for 400', 'b'],
  ['Signal flags for 100', 'a'],
  ['Tides for 100', 'a'],
  ['Sea birds for 400', 'b'],
];

run(async () => {
  enterCheckout();
  mkdirSync('docs/screenshots', { recursive: true });
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
      '--font-render-hinting=none',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
  const take = async (page, name) => {
    await page.waitForTimeout(500);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    say(name);
  };
  try {
    const host = await browser.newContext(desktop);
    const signedIn = await host.request
      .post('/api/login', { data: { email: 'host@marram-point.example', password: 'lantern-and-tide' } })
      .catch(() => null);
    if (!signedIn?.ok()) throw new Stop(`No demo answers at ${base}: start it with npm run demo.`);
    const desk = await host.newPage();
    await desk.goto('/studio');
    await desk.getByRole('link', { name: 'Results' }).last().waitFor();
    await take(desk, 'library');
    await desk.getByRole('link', { name: 'Results' }).first().click();
    await desk.getByRole('img', { name: 'Cloth' }).waitFor();
    await take(desk, 'results');
    await desk.goto('/studio/groups/Winter%20crew');
    await desk.getByText('Mean correct, game by game').waitFor();
    await take(desk, 'group');
    await desk.goto('/studio/questions');
    await desk.getByRole('searchbox').fill('tool');
    await desk.getByRole('button', { name: /Match each tool/ }).click();
    await desk.getByText('All changes saved').waitFor();
    await take(desk, 'questions');
    await desk.goto('/studio/practice');
    await desk.getByRole('link', { name: 'First week in the workshop' }).click();
    await desk.getByText('Missed most').waitFor();
    await take(desk, 'practice');
    const practiceCode = (await desk.getByText(/^Code /).innerText()).replace('Code ', '');
    const learner = await (await browser.newContext(phone)).newPage();
    await learner.goto(`/practice/${practiceCode}`);
    await learner.getByLabel('Your name on the list').fill('Nessa');
    await learner.getByRole('option', { name: 'Nessa' }).click();
    await learner.getByRole('button', { name: 'Start' }).click();
    await learner.getByRole('button', { name: 'Tools for 100' }).click();
    await learner.getByRole('radio', { name: /Sharpening saws/ }).click();
    await learner.getByRole('button', { name: /^Send/ }).click();
    await learner.getByText('Try again. It counts half now.').waitFor();
    await take(learner, 'practice-phone');
    await desk.goto('/studio');
    await desk.getByRole('link', { name: 'Marram Point winter evening' }).last().click();
    await desk.getByRole('button', { name: /^Tides for 200:/ }).click();
    await take(desk, 'editor');
    await desk.goto('/studio');
    await desk.getByRole('link', { name: 'Storm night at Marram Point' }).last().click();
    await desk.getByRole('button', { name: 'Running order' }).click();
    await desk.getByText('Takes about').waitFor();
    await take(desk, 'running-order');
    await desk.getByRole('button', { name: 'Look and sound', exact: true }).click();
    await desk.getByText('accent on panels').waitFor();
    await desk.getByRole('button', { name: 'All surfaces' }).click();
    await desk.getByText('Overlay over a stream').waitFor();
    await take(desk, 'surfaces');
    await desk.getByRole('button', { name: 'Close', exact: true }).click();
    await desk.goto('/studio');
    await desk.getByRole('link', { name: 'Marram Point winter evening' }).last().click();
    await desk.getByRole('button', { name: 'Open the doors' }).click();
    await desk.getByRole('dialog').getByRole('button', { name: 'Open the doors' }).click();
    const code = (await desk.locator('header .code').textContent()).trim();

    const stage = await host.newPage();
    await stage.goto(`/stage/${code}`);
    const handsets = new Map();
    for (const [name, team] of players) {
      const page = await (await browser.newContext(phone)).newPage();
      await page.goto(`/join/${code}`);
      await page.getByLabel('Your name').fill(name);
      await page.getByText(team, { exact: true }).click();
      await page.getByRole('button', { name: 'Join' }).click();
      await page.getByText(`${name} · ${team}`).waitFor();
      handsets.set(team, page);
    }

    const bar = () => desk.locator('footer .what').innerText();
    /** Presses a key and waits until the bar says something else. */
    const key = async (name) => {
      await desk.waitForTimeout(350);
      const before = await bar();
      await desk.keyboard.press(name);
      for (let i = 0; i < 100 && (await bar()) === before; i++) await desk.waitForTimeout(50);
    };
    /** The team on the floor answers from its handset: with the key, or with another option. */
    const answer = async (right) => {
      const team = (await bar()).match(/answer of (\w+)/)[1];
      const page = handsets.get(team);
      const correct = (await desk.locator('.options .key .grow').innerText()).trim();
      const all = page.getByRole('radio');
      await all.first().waitFor();
      for (let i = 0; i < (await all.count()); i++) {
        const is = (await all.nth(i).locator('.grow').innerText()).trim() === correct;
        if (is === right && (await all.nth(i).isEnabled())) {
          await all.nth(i).click();
          break;
        }
      }
      if (team === 'Bowline') await take(page, 'handset-answer');
      await page.getByRole('button', { name: /^Send/ }).click();
      await desk.locator('footer .what', { hasText: 'Show who answered what' }).waitFor();
    };
    await key('Space');
    for (const [i, [cell, who]] of evening.entries()) {
      await desk.getByRole('button', { name: cell, exact: true }).click();
      await key('Space');
      await key('Space');
      await answer(who === 'a');
      await key('Space');
      if (who === 'b') {
        await key('Space');
        await answer(true);
        if (i === 4) await take(desk, 'desk');
        await key('Space');
      }
      await key('Space');
      if (i === 1) await take(stage, 'stage-key');
      await key('Space');
      await key('Space');
    }
    await take(stage, 'stage-board');
    await desk.getByRole('button', { name: 'More', exact: true }).click();
    await desk.getByText('Close the show').click();
    await desk.getByRole('dialog').getByRole('button', { name: 'Close the show' }).click();
    await stage.getByText('Final standings').waitFor();
    await take(stage, 'stage-close');

    // A second evening: a round of every other format.
    const { shows } = await (await host.request.get('/api/shows?limit=50')).json();
    const storm = shows.find((one) => one.title.startsWith('Storm night'));
    const sitting = await (await host.request.post(`/api/shows/${storm.id}/sittings`)).json();
    await desk.goto(`/desk/${sitting.id}`);
    await stage.goto(`/stage/${sitting.code}`);
    const crew = [];
    for (const [name, team] of players.slice(0, 4)) {
      const page = await (await browser.newContext(phone)).newPage();
      await page.goto(`/join/${sitting.code}`);
      await page.getByLabel('Your name').fill(name);
      await page.getByText(team, { exact: true }).click();
      await page.getByRole('button', { name: 'Join' }).click();
      await page.getByText(`${name} · ${team}`).waitFor();
      crew.push(page);
    }
    /** Brings the next question up; those whose number is given answer it rightly, the others not. */
    const play = async (right, who = [0, 1, 2, 3]) => {
      // However many steps are taken together.
      const says = () => desk.locator('footer .what').innerText();
      while (!(await says()).startsWith('Lock')) await key('Space');
      const correct = (await desk.locator('.options .key .grow').first().innerText()).trim();
      for (const i of who) {
        const own = crew[i].locator('.answer-pad .bar');
        await own.first().waitFor();
        const texts = await own.locator('.grow').allInnerTexts();
        const good = texts.findIndex((text) => text.trim() === correct);
        await own.nth(right.includes(i) ? good : (good + 1 + i) % texts.length).click();
        await crew[i].getByRole('button', { name: /^Send/ }).click();
      }
      await desk.locator('footer .what', { hasText: 'Show who answered what' }).waitFor();
      await key('Space');
    };
    const finish = async () => {
      const over = /Go to|Begin|covers|lifts|chooses|climbs/i;
      const says = () => desk.locator('footer .what').innerText();
      for (let i = 0; i < 3 && !over.test(await says()); i++) await key('Space');
    };
    const begin = async (title) => {
      await desk.getByRole('button', { name: `Begin “${title}”` }).click();
      await desk.locator('footer .what', { hasText: 'Go to question' }).waitFor();
    };
    await key('Space');
    await begin('All hands');
    await play([0, 2, 3]);
    await finish();
    await desk.getByRole('button', { name: 'Begin “Up the mast”' }).click();
    await desk.locator('.on').getByRole('button', { name: 'Bowline' }).click();
    await desk.locator('footer .what', { hasText: 'Go to' }).waitFor();
    for (let i = 0; i < 7; i++) {
      await play([0], [0]);
      await finish();
    }
    await take(stage, 'stage-climb');
    await desk.getByRole('button', { name: /stops:/ }).click();
    await desk.getByRole('button', { name: /Press again/ }).click();
    await desk.getByRole('button', { name: 'No more climbs' }).click();
    /** Whoever has the question answers it. */
    const playTurn = async (right) => {
      const says = () => desk.locator('footer .what').innerText();
      while (!(await says()).startsWith('Lock')) await key('Space');
      const team = (await says()).match(/answer of (\w+)/)[1];
      const i = players.findIndex(([, own]) => own === team);
      await play(right ? [i] : [], [i]);
    };
    await desk.getByRole('button', { name: 'Begin “Marram Point patchwork”' }).click();
    for (const [n, at] of ['1:1', '0:3', '2:2', '3:1', '2:1', '1:3', '3:2', '2:3', '3:3'].entries()) {
      await desk.locator(`[data-at="${at}"]`).click();
      await playTurn(n !== 3);
      await finish();
    }
    await take(stage, 'stage-claim');
    await desk.getByRole('button', { name: 'Begin “Round the point”' }).click();
    await key('Space');
    for (let turn = 0; turn < 9; turn++) {
      await key('r');
      while (/^(Throw|Go on with)/.test(await bar())) await key('Space');
      if (!/Go to/.test(await bar())) continue;
      if (turn === 8) break;
      await playTurn(turn % 4 !== 3);
      await finish();
    }
    await desk.waitForTimeout(1500);
    await take(stage, 'stage-trail');
    await desk.getByRole('button', { name: 'Begin “Before you go”' }).click();
    while (!(await bar()).startsWith('Lock')) await key('Space');
    for (const [i, page] of crew.entries()) {
      const lines = page.locator('.answer-pad .bar');
      await lines.first().waitFor();
      // Each touches another one first.
      for (const n of [i % 3, 1, 2]) await lines.nth(n).click();
      await page.getByRole('button', { name: /^Send/ }).click();
    }
    await desk.waitForTimeout(800);
    await take(stage, 'stage-survey');
    while (!/Go to/.test(await bar())) await key('Space');
    await desk.getByRole('button', { name: 'Begin “Bail together”' }).click();
    await desk.locator('footer .what', { hasText: 'Start' }).waitFor();
    await key('Space');
    const { questions } = (await (await host.request.get(`/api/shows/${storm.id}`)).json()).show;
    /** The key of what a phone is asked, by its words; else any option. */
    const keyOf = (prompt) => {
      const { answer } =
        Object.values(questions).find((one) => one.prompt.replaceAll('*', '') === prompt) ?? {};
      return answer?.options?.find(({ id }) => id === answer.key)?.text ?? null;
    };
    for (let turn = 0; turn < 6; turn++)
      for (const page of crew) {
        const onward = page.getByRole('button', { name: 'Next question' });
        const options = page.locator('.answer-pad .bar');
        await onward.or(options.first()).first().waitFor();
        if (await onward.isVisible()) await onward.click();
        await options.first().waitFor();
        const right = keyOf(await page.locator('.prompt').innerText());
        const texts = (await options.locator('.grow').allInnerTexts()).map((text) => text.trim());
        await options.nth(Math.max(0, texts.indexOf(right))).click();
        const send = page.getByRole('button', { name: /^Send/ });
        if (await send.isVisible()) await send.click();
        await page.waitForTimeout(300);
      }
    await take(stage, 'stage-own-pace');
  } finally {
    await browser.close();
  }
});
