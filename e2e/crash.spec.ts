import type { Page } from '@playwright/test';
import { expect, nextStep, step, still, test } from './app.ts';

/** What a page says, without the clock that runs. */
const told = async (page: Page) =>
  (
    await page
      .locator('main')
      .first()
      // What is only said aloud tells what happened last, not where things stand.
      .evaluate((main: HTMLElement) => {
        const copy = main.cloneNode(true) as HTMLElement;
        for (const said of copy.querySelectorAll('.hide[aria-live]')) said.remove();
        main.append(copy);
        const text = copy.innerText;
        copy.remove();
        return text;
      })
  ).replace(/\d+ s\b/g, 'N s');

for (const what of ['server', 'database'] as const)
  test(`the ${what} killed with -9 in every phase of a question: all goes on where it was`, async ({
    app,
    browser,
  }) => {
    test.setTimeout(240_000);
    const host = await app.host(browser);
    const desk = host.page;
    const sitting = await host.openDoors();
    const stage = await host.stage(sitting);
    const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
    const jory = await host.handset(sitting.code, 'Jory', 'Fairlead');
    const pages = { desk, stage, ansa, jory };
    await stage.getByText('Jory').waitFor();

    /** The moment that was looked at last: what is done since comes after it. */
    let seen = -1;
    /** How long what was killed last was away (ms). */
    let down = 0;
    const survive = async (phase: string) =>
      test.step(`killed at: ${phase}`, async () => {
        // Everybody has drawn the same moment, and what fades in is there.
        const seqs = () =>
          Promise.all(
            Object.values(pages).map((page) => page.locator('[data-seq]').first().getAttribute('data-seq')),
          );
        await expect
          .poll(async () => {
            const [one, ...others] = (await seqs()).map(Number);
            return one! > seen && others.every((other) => other === one);
          })
          .toBe(true);
        for (const page of Object.values(pages)) await still(page);
        const before: Record<string, string> = {};
        for (const [name, page] of Object.entries(pages)) before[name] = await told(page);
        const next = await nextStep(desk).innerText();
        const gone = Date.now();
        await app.crash(what);
        down = Date.now() - gone;
        for (const page of Object.values(pages))
          await expect(page.getByText(/Connection lost/)).toHaveCount(0, { timeout: 15_000 });
        for (const [name, page] of Object.entries(pages))
          await expect.poll(() => told(page), { message: `${name} at ${phase}` }).toBe(before[name]);
        expect(await nextStep(desk).innerText()).toBe(next);
        seen = Math.max(...(await seqs()).map(Number));
      });

    await survive('lobby');
    await step(desk, 'Begin the round');
    await survive('board');
    await desk.getByRole('button', { name: 'Tides for 200' }).click();
    await survive('picked');
    await step(desk, 'Show the question');
    await survive('posed');
    await step(desk, 'Open the answers');
    await ansa.getByRole('radio').first().waitFor();
    await ansa.getByRole('radio', { name: 'Exactly 12 h' }).click();
    const seconds = async () => Number((await desk.getByRole('timer').innerText()).match(/\d+/)![0]);
    const left = await seconds();
    const since = Date.now();
    await survive('open');
    // The clock goes on from where it was: the time of the outage is not lost to the players, but for a beat
    // before and one after, in which the server notices.
    const lost = Math.ceil((Date.now() - since - down) / 1000) + 4;
    await expect.poll(seconds, { timeout: 10_000 }).toBeGreaterThanOrEqual(left - lost);
    await ansa.getByRole('button', { name: /^Send/ }).click();
    await nextStep(desk).getByText('Show who answered what').waitFor();
    await survive('locked');
    await step(desk, 'Show who answered what');
    await survive('answers shown');
    await step(desk, 'Pass to Fairlead');
    await jory.getByRole('radio', { name: 'About 12 h 25 min' }).click();

    await test.step('an answer sent while nobody is there arrives by itself', async () => {
      if (what === 'server') await app.server.kill();
      else app.killDatabase();
      await jory.getByRole('button', { name: /^Send/ }).click();
      await jory.waitForTimeout(500);
      if (what === 'server') await app.server.start();
      else await app.database.start();
      await expect(desk.locator('.answers')).toContainText('Jory', { timeout: 15_000 });
    });
    await step(desk, 'Show who answered what');
    await step(desk, 'Show the answer');
    await survive('key shown');
    await step(desk, 'Award 200 to Fairlead');
    await expect(stage.locator('.hem')).toContainText('200');
    await survive('settled');
    await step(desk, 'Back to the board');
    await desk.getByRole('button', { name: 'More' }).click();
    await desk.getByText('Close the show').click();
    await desk.getByRole('dialog').getByRole('button', { name: 'Close the show' }).click();
    await stage.getByText('Fairlead wins').waitFor();
    await survive('closed');

    await test.step('reloading, opening twice and coming by another way lead to the same state', async () => {
      const before = await told(ansa);
      await ansa.reload();
      await expect.poll(() => told(ansa)).toBe(before);
      const twin = await ansa.context().newPage();
      await twin.goto(`/join/${sitting.code}`);
      await expect.poll(() => told(twin)).toBe(before);
    });
  });
