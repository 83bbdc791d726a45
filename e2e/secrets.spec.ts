import type { Page } from '@playwright/test';
import { demoShow, expect, press, step, test } from './app.ts';

const SECRET = 'SECRETWORD';

/** Everything that reaches a page: each socket frame and each response. */
function listen(page: Page): string[] {
  const heard: string[] = [];
  page.on('websocket', (socket) => socket.on('framereceived', ({ payload }) => heard.push(String(payload))));
  page.on('response', async (response) => {
    if (/\.(js|css|woff2?|svg)$/.test(new URL(response.url()).pathname)) return;
    heard.push(JSON.stringify(response.headers()));
    heard.push(await response.text().catch(() => ''));
  });
  return heard;
}

test('no frame and no response holds key, notes or variants before the key is shown', async ({
  app,
  browser,
}) => {
  const show = demoShow();
  for (const question of Object.values(show.questions)) {
    question.notes = `${SECRET} notes`;
    question.explanation = `${SECRET} explanation`;
    if (question.answer.kind === 'text') question.answer.accepted = [`${SECRET} first`, `${SECRET} second`];
    if (question.answer.kind === 'aloud') question.answer.key = `${SECRET} aloud`;
  }
  const keyIds = Object.values(show.questions).flatMap((one) =>
    one.answer.kind === 'choice' ? one.answer.options.map((o) => o.id) : [],
  );
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors(show);
  const stage = await host.stage(sitting);
  const phone = await host.phone();
  const heard = { stage: listen(stage), handset: listen(phone) };
  await stage.reload();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('Ansa');
  await phone.getByText('Bowline', { exact: true }).click();
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByText('You’re in').waitFor();
  await step(desk, 'Begin');

  const nothingHeard = () => {
    for (const [who, frames] of Object.entries(heard)) {
      const all = frames.join('\n');
      expect(frames.length, `${who} was listened to`).toBeGreaterThan(2);
      expect(all, who).not.toContain(SECRET);
      expect(all, who).not.toMatch(/"key":\{/);
      // Neither the ids of options nor those of questions: the author's list could be told from them.
      for (const id of keyIds) expect(all, who).not.toContain(`"${id}"`);
    }
  };

  // Typed text: the team answers wrongly, it is handed on, and the sitting is looked at in every step.
  await desk.getByRole('button', { name: 'Tides for 300' }).click();
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers');
  await phone.getByLabel('Your answer').fill('ebb');
  await phone.getByRole('button', { name: 'Send' }).click();
  await step(desk, 'Show who answered what');
  await step(desk, 'Pass to');
  await phone.reload();
  await stage.reload();
  await stage.getByText('Wrong').waitFor();
  nothingHeard();

  // Said aloud, closed without the key.
  await press(desk, 'l');
  await desk.getByRole('button', { name: 'Close without the answer' }).click();
  await step(desk, 'Back');
  await desk.getByRole('button', { name: 'Tides for 500' }).click();
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers');
  await press(desk, '-');
  await desk.getByRole('button', { name: 'Close without the answer' }).click();
  await step(desk, 'Back');

  // One of several, up to the moment before the key.
  await desk.getByRole('button', { name: 'Tides for 100' }).click();
  await step(desk, 'Show the question');
  await step(desk, 'Open the answers for Leeward');
  await press(desk, 'l');
  await stage.getByText('Locked').waitFor();
  await desk.waitForTimeout(300);
  nothingHeard();

  await press(desk, 'k');
  await expect(stage.getByText(`${SECRET} explanation`)).toBeVisible();
  await expect(phone.getByText(`${SECRET} explanation`)).toBeVisible();
  expect(heard.stage.join('')).not.toContain(`${SECRET} notes`);
  expect(heard.handset.join('')).not.toContain(`${SECRET} notes`);
});
