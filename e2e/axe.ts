import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, still } from './app.ts';

/** A page, or the part of it that a selector names, has no serious finding of axe-core. */
export async function clean(page: Page, where: string, part = 'body'): Promise<void> {
  // Things that fade in are judged when they are there.
  await still(page);
  // Without frames of other origins the sums need no page of their own, nor is what passed written out.
  const { violations } = await new AxeBuilder({ page })
    .include(part)
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .analyze();
  const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
  expect(
    serious.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`),
    where,
  ).toEqual([]);
}
