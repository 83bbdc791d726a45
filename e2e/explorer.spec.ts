import { seeded } from '@distaff/core/random';
import { Show } from '@distaff/core/show';
import type { Browser, Page } from '@playwright/test';
import * as v from 'valibot';
import { demoShow, expect, test, workshopShow, type App, type Host } from './app.ts';
import { liveShow } from './explorer/liveShow.ts';
import { Hand } from './explorer/hand.ts';
import { contradictions, toldBy } from './explorer/surfaces.ts';
import { Watch } from './explorer/watch.ts';

/**
 * A stranger who presses whatever is there, in any order, and writes whatever comes to mind: in the editor,
 * the library, an import, then at a desk with a stage and three phones. After every act all of it must be in
 * order. DISTAFF_WALK starts other walks than the usual ones, DISTAFF_WALKS says how many;
 * DISTAFF_SCRIPT prints what was done in walks without trouble, too. The walks of every run wait for the server
 * after each act, so that they are the same walks; with DISTAFF_HURRY nobody waits.
 */
const FIRST = Number(process.env.DISTAFF_WALK ?? 1);
const WALKS = Number(process.env.DISTAFF_WALKS ?? 4);
const hurried = Boolean(process.env.DISTAFF_HURRY);
/** Acts of a walk, place by place: 300. */
const acts = { editor: 110, library: 50, bring: 30, live: 110 };

/** Tells what went wrong with the whole script that led there. */
const none = (wrong: readonly string[], hand: Hand) =>
  expect(wrong, `${wrong.join('\n')}\n\n${hand.script.join('\n')}`).toEqual([]);

/** Acts in one page; whoever leaves it comes back. */
async function walk(page: Page, who: string, home: string, times: number, hand: Hand, watch: Watch) {
  await page.goto(home);
  hand.note(`await ${who}.goto('${home}');`);
  for (let i = 0; i < times; i++) {
    await hand.act(page, who);
    if (!hurried) await watch.rest();
    none(await watch.wrong(), hand);
    if (new URL(page.url()).pathname !== new URL(home, page.url()).pathname) {
      hand.note(`await ${who}.goto('${home}');`);
      await page.goto(home);
    }
  }
  await page.keyboard.press('Escape');
}

/** What is saved stays saved: nothing goes on asking, and coming back is no change. */
async function settled(host: Host, id: string, hand: Hand, watch: Watch) {
  const { page } = host;
  const path = hand.script.join('\n');
  await page.goto(`/studio/shows/${id}`);
  const isSaved = await page
    .getByText('All changes saved')
    .waitFor()
    .then(() => true)
    .catch(() => false);
  if (!isSaved) none([`not saved:\n${await page.locator('body').innerText()}`], hand);
  const saved = await host.showOf(id);
  expect(v.safeParse(Show, saved).success, path).toBe(true);
  const since = Date.now();
  await page.waitForTimeout(2500);
  none(
    watch.sentSince(since).filter((what) => !what.startsWith('GET')),
    hand,
  );
  expect(await host.showOf(id), path).toEqual(saved);
}

async function alone(app: App, browser: Browser, number: number, hand: Hand) {
  const host = await app.host(browser);
  const watch = await Watch.over(host.page, 'page');
  const whole = number % 2 ? workshopShow() : demoShow();
  const id = await host.makeShow(whole);
  await walk(host.page, 'page', `/studio/shows/${id}`, acts.editor, hand, watch);
  await settled(host, id, hand, watch);
  await host.makeSet('Everything', Object.values(workshopShow().questions));
  await walk(host.page, 'page', '/studio/questions', acts.library, hand, watch);
  await walk(host.page, 'page', '/studio/questions/bring-in', acts.bring, hand, watch);
}

/** A phone that joined as this show's doors ask for it. */
async function joined(host: Host, code: string, name: string): Promise<Page> {
  const page = await host.phone();
  await page.goto(`/join/${code}`);
  await page.getByLabel('Your name').fill(name);
  const team = page.getByRole('radio').first();
  if (await team.isVisible()) await team.check({ force: true });
  await page.getByRole('button', { name: 'Join' }).click();
  await page.locator('.handset').waitFor();
  return page;
}

async function together(app: App, browser: Browser, number: number, hand: Hand) {
  const host = await app.host(browser);
  const sitting = await host.openDoors(liveShow(number));
  const pages: Record<string, Page> = { desk: host.page, stage: await host.stage(sitting) };
  for (const name of ['Ansa', 'Jory', 'Wren'])
    pages[name.toLowerCase()] = await joined(host, sitting.code, name);
  const watches = Object.fromEntries(
    await Promise.all(
      Object.entries(pages).map(async ([who, page]) => [who, await Watch.over(page, who)] as const),
    ),
  );
  for (const page of Object.values(pages)) await page.reload();
  const names = Object.keys(pages);
  const same = async () => {
    const told = await Promise.all(names.map(async (who) => ({ who, ...(await toldBy(pages[who]!)) })));
    return contradictions(told);
  };
  for (let i = 0; i < acts.live; i++) {
    // Without this many a walk would never come to the second question.
    if (i % 3 === 0) {
      hand.note(`await desk.keyboard.press('Space');`);
      await pages.desk!.keyboard.press('Space');
    }
    const who = hand.below(2) === 0 ? 'desk' : names[hand.below(names.length)]!;
    await hand.act(pages[who]!, who);
    if (!hurried) await watches[who]!.rest();
    none(await watches[who]!.wrong(), hand);
    await expect.poll(same, { message: hand.script.join('\n') }).toEqual([]);
  }
  await pages.desk!.keyboard.press('Escape');
  for (const page of Object.values(pages).slice(1)) await page.reload();
  await pages.stage!.locator('header').waitFor();
  await expect.poll(same, { message: hand.script.join('\n') }).toEqual([]);
  for (const who of names) none(await watches[who]!.wrong(), hand);
}

// Each is long: both workers take from them.
test.describe.configure({ mode: 'parallel' });
for (let number = FIRST; number < FIRST + WALKS; number++)
  test(`a stranger presses anything, walk ${number}`, async ({ app, browser }) => {
    test.setTimeout(400_000);
    const hand = new Hand(seeded(String(number)));
    await alone(app, browser, number, hand);
    await together(app, browser, number, hand);
    if (process.env.DISTAFF_SCRIPT) console.log(hand.script.join('\n'));
  });
