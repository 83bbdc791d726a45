import type { Server } from 'node:http';
import { expect, test } from '@playwright/test';
import { handsetView, seatView, stageView, type SittingState } from '@distaff/core/sitting';
import fc from 'fast-check';
import type { Complaint } from '../web/gallery/measure.ts';
import type { Shown } from '../web/gallery/shown.ts';
import { serveGallery } from './gallery.ts';
import { asked, play } from './layouts/asked.ts';
import { evening, stateIn } from './layouts/evening.ts';

/** So many contents are drawn; more by hand, as DISTAFF_LAYOUTS=500, and others with DISTAFF_SEED. */
const RUNS = Number(process.env.DISTAFF_LAYOUTS ?? 40);
const SEED = Number(process.env.DISTAFF_SEED ?? 7);
const stages = [
  [1280, 720],
  [1024, 768],
  [1920, 1080],
  [3840, 2160],
] as const;
const phones = [
  [320, 568],
  [390, 844],
  [568, 320],
] as const;

/** What is wrong, each thing once. */
const told = (all: readonly Complaint[]) =>
  [...new Set(all.map(({ what, text, more }) => `${what}: “${text}” ${more}`))].slice(0, 8).join('\n');

// Each draws many: both workers take from them.
test.describe.configure({ mode: 'parallel' });
let gallery: { url: string; server: Server };
test.beforeAll(async () => {
  gallery = await serveGallery();
});
test.afterAll(() => gallery.server.close());

const pictures: Record<Shown['on'], (state: SittingState) => Shown | null> = {
  stage: (state) => ({ on: 'stage', view: stageView(state) }),
  overlay: (state) => ({ on: 'overlay', view: stageView(state) }),
  handset: (state) => {
    const [id] = state.seats.keys();
    const seat = id === undefined ? null : seatView(state, id);
    return seat && { on: 'handset', view: handsetView(state), seat };
  },
};
const contents = {
  'a question': fc.sample(asked, { numRuns: RUNS, seed: SEED }).map((own) => () => play(own)),
  'an evening': fc.sample(evening, { numRuns: RUNS, seed: SEED }).map((own) => () => stateIn(own)),
};

for (const on of ['stage', 'handset', 'overlay'] as const)
  for (const [what, all] of Object.entries(contents))
    test(`${on}, ${what}: whatever is written, nothing is cut, lies over another or is too small`, async ({
      page,
    }) => {
      test.setTimeout(RUNS * 2000 + 60_000);
      const problems: string[] = [];
      page.on('pageerror', (error) => problems.push(String(error)));
      await page.goto(gallery.url);
      let shown = 0;
      for (const [n, stateOf] of all.entries()) {
        const state = stateOf();
        const picture = state && pictures[on](state);
        if (!picture) continue;
        shown++;
        const sizes = on === 'handset' ? phones : stages;
        const [width, height] = sizes[n % sizes.length]!;
        await page.setViewportSize({ width, height });
        const found = await page.evaluate((one) => window.show(one), picture);
        if (found.length === 0) continue;
        problems.push(`${n}, ${width} × ${height}, ${state.question?.step ?? state.phase}: ${told(found)}`);
        if (process.env.DISTAFF_SHOTS)
          await page.screenshot({ path: `${process.env.DISTAFF_SHOTS}/${on}-${what.slice(3)}-${n}.png` });
      }
      expect(problems).toEqual([]);
      expect(shown).toBeGreaterThan(RUNS / 5);
    });
