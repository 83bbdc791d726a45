import { build } from 'esbuild';
import type { Complaint } from '../web/gallery/measure.ts';
import { demoShow, expect, step, still, test, workshopShow } from './app.ts';

/** From a wide desk down to 400 % zoom on a laptop, which is as narrow as a small phone. */
const widths = [1280, 900, 768, 390, 320];

test('no page of the studio scrolls sideways or lays one thing over another, however narrow', async ({
  app,
  browser,
}) => {
  test.setTimeout(240_000);
  const { outputFiles } = await build({
    entryPoints: ['web/gallery/measure.ts'],
    bundle: true,
    format: 'iife',
    globalName: 'measure',
    write: false,
  });
  const script = outputFiles[0]!.text;
  const host = await app.host(browser);
  const { page } = host;
  const set = await host.makeSet('Everything', Object.values(workshopShow().questions));
  const show = await host.makeShow(demoShow());
  const sitting = await host.openDoors(demoShow());
  const phone = await host.handset(sitting.code, 'Annabel-Marie', 'Bowline');
  await step(page, 'Begin the round');
  const tab = (name: string) => async () => {
    await page.getByRole('group', { name: 'Parts of the show' }).getByRole('button', { name }).click();
  };
  const pages: [string, string, (() => Promise<void>)?][] = [
    ['/studio', 'Shows'],
    [`/studio/shows/${show}`, 'rounds'],
    [`/studio/shows/${show}`, 'running order', tab('Running order')],
    [`/studio/shows/${show}`, 'teams', tab('Teams')],
    [`/studio/shows/${show}`, 'rules', tab('Rules')],
    [`/studio/shows/${show}`, 'look', tab('Look')],
    ['/studio/account', 'account'],
    [`/studio/questions?set=${set}`, 'questions'],
    [`/studio/questions/check?set=${set}`, 'check of a set'],
    [`/studio/questions/print?set=${set}`, 'print'],
    ['/studio/questions/bring-in', 'bring in'],
    [`/desk/${sitting.id}`, 'desk'],
    [`/results/${sitting.id}`, 'results'],
    ['/studio/begin', 'begin'],
  ];
  const found: string[] = [];
  for (const [path, name, then] of pages) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(path);
    await expect(page.locator('h1, h2, .bar').first()).toBeVisible();
    await then?.();
    for (const width of widths) {
      await page.setViewportSize({ width, height: 800 });
      await still(page);
      const all = (await page.evaluate(`${script}; measure.complaints(document.body)`)) as Complaint[];
      const told = all
        .filter(({ what }) => what === 'wide' || what === 'overlaps')
        .map(({ what, text, more }) => `${name} at ${width}: ${what} “${text}” ${more}`);
      found.push(...new Set(told));
    }
  }
  await phone.close();
  expect(found).toEqual([]);
});
