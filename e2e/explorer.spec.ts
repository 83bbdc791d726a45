import { seeded, Show } from '@distaff/core';
import type { Locator, Page } from '@playwright/test';
import * as v from 'valibot';
import { demoShow, expect, test } from './app.ts';

/**
 * A stranger who presses whatever is there, in any order, and writes whatever comes to mind. What must hold
 * is little, and holds everywhere: no page falls over, nothing is lost, what is saved can be read again.
 * DISTAFF_WALK starts other walks than the usual ones.
 */
const FIRST = Number(process.env.DISTAFF_WALK ?? 1);
const PRESSES = 55;

const texts = [
  'x',
  'Which of these is older – the “lamp” or the <b>bell</b>?',
  '$\\frac{a}{b}$ and **bold** [x](y) `',
  'ما هو المد؟',
  '🧵'.repeat(20),
  'a'.repeat(200),
  '  ',
  '-12,5',
  '0',
  "Robert'); --",
];
/** Ways out, and what would end the walk or go to other programs. */
const leaves =
  /sign out|log out|delete the show|open the doors|all shows|distaff|download|save as|print|rehears|share|preview|close$|open the stage|copy|results|bring|file|library|check|look at|question sets|shows|sittings|account/i;

async function press(page: Page, random: () => number): Promise<string> {
  const dialog = page.locator('[role=dialog]:visible, .v-overlay--active .v-list:visible').last();
  const place: Page | Locator = (await dialog.count()) ? dialog : page;
  const all = await place
    .locator(
      'button:visible:enabled, [role=option]:visible, [role=menuitem]:visible, [role=tab]:visible, input:visible:enabled, textarea:visible:enabled',
    )
    .all();
  const one = all[Math.floor(random() * all.length)];
  if (!one) {
    await page.keyboard.press('Escape');
    return 'Escape';
  }
  const told = await one
    .evaluate((element) => {
      const field = element as HTMLInputElement;
      const name =
        field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? field.textContent ?? '';
      return {
        name: name.trim().slice(0, 60),
        tag: field.tagName,
        type: field.type,
        href: field.closest('a') !== null,
      };
    })
    .catch(() => null);
  if (!told || told.href || leaves.test(told.name) || told.type === 'file' || told.type === 'color')
    return `past ${told?.name ?? 'what is gone'}`;
  const quick = { timeout: 2000 };
  const text = texts[Math.floor(random() * texts.length)]!;
  const writes = told.tag === 'TEXTAREA' || ['text', 'number', 'search', 'url'].includes(told.type);
  const act = writes ? one.fill(told.type === 'number' ? '7' : text, quick) : one.click(quick);
  // Something may lie over it, or it has just gone: a stranger presses something else then.
  const done = await act.then(
    () => true,
    () => false,
  );
  if (!done) await page.keyboard.press('Escape');
  return `${writes ? 'write' : 'press'} ${told.name}${done ? '' : ' (did not work)'}`;
}

/** What falls over in a page. */
function troubleOf(page: Page): string[] {
  const found: string[] = [];
  page.on('pageerror', (error) => found.push(error.message));
  page.on('response', (response) => {
    if (response.status() >= 500) found.push(`${response.status()} ${response.url()}`);
  });
  return found;
}

for (const walk of [FIRST, FIRST + 1, FIRST + 2])
  test(`a stranger in the editor: nothing falls over, nothing is lost (walk ${walk})`, async ({
    app,
    browser,
  }) => {
    test.setTimeout(150_000);
    const draw = seeded(String(walk));
    const host = await app.host(browser);
    const { page } = host;
    const trouble = troubleOf(page);
    const id = await host.makeShow(demoShow());
    const address = `/studio/shows/${id}`;
    await page.goto(address);
    await page.getByText('All changes saved').waitFor();
    const steps: string[] = [];
    for (let i = 0; i < PRESSES; i++) {
      steps.push(await press(page, draw));
      expect(trouble, steps.join('\n')).toEqual([]);
      if (!page.url().includes(address)) await page.goto(address);
    }
    const path = steps.join('\n');
    await page.keyboard.press('Escape');
    await expect(page.getByText('All changes saved'), path).toBeVisible();
    const saved = await host.showOf(id);
    expect(v.safeParse(Show, saved).success, path).toBe(true);
    // Coming back is no change: what was saved is what is there.
    await page.goto(address);
    await page.getByText('All changes saved').waitFor();
    await page.waitForTimeout(1500);
    expect(await host.showOf(id), path).toEqual(saved);
    expect(trouble, path).toEqual([]);
  });

test('a stranger at the desk with phones that press as well: everybody sees the same, before and after coming back', async ({
  app,
  browser,
}) => {
  test.setTimeout(150_000);
  const draw = seeded(String(FIRST));
  const host = await app.host(browser);
  const sitting = await host.openDoors();
  const desk = host.page;
  const stage = await host.stage(sitting);
  const phones = [
    await host.handset(sitting.code, 'Ansa', 'Bowline'),
    await host.handset(sitting.code, 'Jory', 'Fairlead'),
  ];
  const trouble = [desk, stage, ...phones].map(troubleOf);
  const steps: string[] = [];
  for (let i = 0; i < PRESSES; i++) {
    if (i % 3 === 0) await desk.keyboard.press('Space');
    const who = i % 4 === 3 ? phones[i % 8 === 3 ? 0 : 1]! : desk;
    steps.push(await press(who, draw));
    expect(trouble.flat(), steps.join('\n')).toEqual([]);
  }
  const path = steps.join('\n');
  await desk.keyboard.press('Escape');
  const scores = async () => (await stage.locator('.team, .teams li').allInnerTexts()).join('|');
  const before = await scores();
  for (const page of [stage, ...phones]) {
    await page.reload();
    await expect(page.locator('body'), path).not.toBeEmpty();
  }
  await stage.locator('header').waitFor();
  await expect.poll(scores, { message: path }).toBe(before);
  expect(trouble.flat(), path).toEqual([]);
});
