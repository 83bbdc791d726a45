import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, press, step, test } from './app.ts';

async function clean(page: Page, where: string): Promise<void> {
  // Things that fade in are judged when they are there.
  await page.waitForTimeout(450);
  const { violations } = await new AxeBuilder({ page }).analyze();
  const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
  expect(
    serious.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`),
    where,
  ).toEqual([]);
}

test('no view has a serious finding of axe-core', async ({ app, browser }) => {
  test.setTimeout(150_000);
  const stranger = await (await browser.newContext({ baseURL: app.url })).newPage();
  await stranger.goto('/');
  await clean(stranger, 'join');
  await stranger.goto('/studio/sign-in');
  await clean(stranger, 'sign-in');

  const host = await app.host(browser);
  const desk = host.page;
  const id = await host.makeShow();
  await desk.goto('/studio');
  await desk.getByRole('link', { name: 'Marram Point winter evening' }).waitFor();
  await clean(desk, 'library');
  await desk.goto(`/studio/shows/${id}`);
  await desk.getByRole('button', { name: /^Tides for 100:/ }).click();
  await clean(desk, 'editor, one of several');
  await desk.getByRole('button', { name: /^Tides for 300:/ }).click();
  await clean(desk, 'editor, typed text');
  await desk.getByRole('button', { name: 'Teams', exact: true }).click();
  await clean(desk, 'teams');
  await desk.getByRole('button', { name: 'Rules', exact: true }).click();
  await clean(desk, 'rules');

  const sitting = await host.openDoors();
  const stage = await host.stage(sitting);
  const phone = await host.phone();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').waitFor();
  await clean(phone, 'join form');
  const ansa = await host.handset(sitting.code, 'Ansa', 'Bowline');
  const all = async (where: string) => {
    await clean(desk, `desk, ${where}`);
    await clean(stage, `stage, ${where}`);
    await clean(ansa, `handset, ${where}`);
  };
  await all('lobby');
  await step(desk, 'Begin');
  await all('board');
  await desk.getByRole('button', { name: 'Tides for 200' }).click();
  await step(desk, 'Pose');
  await step(desk, 'Open');
  await press(desk, 'c');
  await all('open');
  await ansa.getByRole('radio').first().click();
  await ansa.getByRole('button', { name: /^Send/ }).click();
  await step(desk, 'Show the answer');
  await press(desk, 'k');
  await all('key');
  await press(desk, 's');
  await clean(stage, 'stage, standings');
  await press(desk, 's');
  await desk.getByRole('button', { name: 'More' }).click();
  await desk.getByText('Close the show').click();
  await desk.getByRole('dialog').getByRole('button', { name: 'Close the show' }).click();
  await stage.getByText(/wins|share first place/).waitFor();
  await all('closed');
  await desk.goto(`/results/${sitting.id}`);
  await desk.getByRole('heading', { name: /^Results of/ }).waitFor();
  await clean(desk, 'results');
});
