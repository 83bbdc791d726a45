import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { chooseKind, expect, press, step, test } from './app.ts';

const picture = (colour: string, width = 900, height = 600) =>
  sharp({ create: { width, height, channels: 3, background: colour } })
    .png()
    .toBuffer();

/** Puts a picture into the clipboard as a screenshot tool would. */
async function copy(page: Page, bytes: Buffer): Promise<void> {
  await page.evaluate(async (base64) => {
    const bytes = Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0));
    const blob = new Blob([bytes], { type: 'image/png' });
    await navigator.clipboard.write([new ClipboardItem({ 'image/png': blob })]);
  }, bytes.toString('base64'));
}
/** Whether a picture has come and can be seen. */
const drawn = (page: Page, alt: string) =>
  expect
    .poll(() =>
      page
        .getByAltText(alt)
        .first()
        .evaluate((img) => (img as HTMLImageElement).naturalWidth > 0)
        .catch(() => false),
    )
    .toBe(true);

test('a picture from the clipboard comes to stage and handset, the one of the key only with the key', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page } = host;
  await host.context.grantPermissions(['clipboard-read', 'clipboard-write'], { origin: app.url });
  const showId = await host.makeShow();
  await page.goto(`/studio/shows/${showId}`);
  await page.getByRole('button', { name: /^Tides for 100:/ }).click();

  await test.step('pasted into the prompt, described, cut', async () => {
    const prompt = page.getByRole('textbox', { name: 'Question', exact: true });
    await prompt.fill('Which mark is this?');
    await copy(page, await picture('#c8313c'));
    await prompt.press('Control+v');
    const slot = page.getByRole('button', { name: 'Picture: No description yet' });
    await slot.click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Description: what the picture shows').fill('A red mark');
    await dialog.getByLabel('Made by').fill('Ansa of Marram Point');
    await dialog.getByRole('button', { name: 'Crop' }).click();
    await dialog
      .locator('.vue-advanced-cropper__boundaries--ready, .vue-rectangle-stencil')
      .first()
      .waitFor();
    await dialog.getByRole('button', { name: 'Crop' }).click();
    await dialog.getByRole('button', { name: 'Done' }).click();
    await expect(dialog).toHaveCount(0);
    await drawn(page, 'A red mark');
  });

  await test.step('an option from the shelf, a picture with the key from a file', async () => {
    await page.getByRole('textbox', { name: 'Option A' }).fill('Port-hand mark');
    await page.getByRole('button', { name: 'Picture for option B' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('tab', { name: 'Drawings' }).click();
    await dialog.getByRole('searchbox').fill('special');
    await dialog.getByRole('button', { name: /Special mark/ }).click();
    await expect(dialog).toHaveCount(0);
    await page.getByRole('button', { name: 'Picture with the answer' }).click();
    await page.getByLabel('Choose a file').setInputFiles({
      name: 'beach.png',
      mimeType: 'image/png',
      buffer: await picture('#1e5f8a', 2400, 1200),
    });
    await dialog.getByLabel('Description: what the picture shows').fill('The mark by the harbour');
    await dialog.getByRole('button', { name: 'Done' }).click();
    await page.getByText('Offer to read it aloud').click();
    await expect(page.getByText('Finished')).toBeVisible();
    await expect(page.getByText('All changes saved')).toBeVisible();
  });

  const { show } = (await (await host.context.request.get(`/api/shows/${showId}`)).json()) as {
    show: { questions: Record<string, { answerPicture: { file: string } | null }> };
  };
  const keyFile = Object.values(show.questions).find((one) => one.answerPicture)!.answerPicture!.file;
  const sitting = (await (await host.context.request.post(`/api/shows/${showId}/sittings`)).json()) as {
    id: string;
    code: string;
    stageKey: string;
  };
  await page.goto(`/desk/${sitting.id}`);
  const stage = await host.stage(sitting);
  const seen: string[] = [];
  stage.on('request', (request) => seen.push(request.url()));
  const phone = await host.phone();
  phone.on('request', (request) => seen.push(request.url()));
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('Sefa');
  await phone.getByText('Bowline', { exact: true }).click();
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByText('Sefa · Bowline').waitFor();

  await step(page, 'Begin');
  await page.getByRole('button', { name: 'Tides for 100' }).click();
  await step(page, 'Show the question');
  await drawn(stage, 'A red mark');
  await drawn(phone, 'A red mark');
  // Whoever made it is thanked with the key: a name can be the answer.
  await expect(stage.getByText('Picture: Ansa of Marram Point')).toHaveCount(0);
  await expect(phone.getByRole('button', { name: 'Read aloud' })).toBeVisible();
  await step(page, 'Open');
  await drawn(stage, 'A buoy: yellow, with a yellow slanting cross on top');
  await phone.getByRole('radio', { name: /Port-hand mark/ }).click();
  await phone.getByRole('button', { name: /^Send/ }).click();
  await step(page, 'Show who answered what');
  expect(seen.filter((url) => url.includes(keyFile))).toEqual([]);
  await press(page, 'k');
  await drawn(stage, 'The mark by the harbour');
  await drawn(phone, 'The mark by the harbour');
  expect(seen.some((url) => url.includes(keyFile))).toBe(true);
});

test('what cannot be taken is told in a sentence; an upload can be broken off', async ({ app, browser }) => {
  const host = await app.host(browser);
  const { page } = host;
  const id = await host.makeSet('Marks');
  await page.goto(`/studio/questions?set=${id}`);
  await page.getByRole('button', { name: 'New question' }).first().click();
  await chooseKind(page, 'Spoken answer');
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  const dialog = page.getByRole('dialog');
  const choose = (name: string, buffer: Buffer) =>
    dialog.getByLabel('Choose a file').setInputFiles({ name, mimeType: 'image/png', buffer });
  await choose('letter.png', Buffer.from('Dear all, this is a letter.'));
  await expect(dialog.getByRole('alert')).toContainText('This isn’t a picture, sound or video.');
  await choose('drawing.png', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'));
  await expect(dialog.getByRole('alert')).toContainText('Save it as PNG first');
  const wav = Buffer.alloc(144);
  wav.write('RIFF', 0);
  wav.writeUInt32LE(136, 4);
  wav.write('WAVEfmt ', 8);
  wav.writeUInt32LE(16, 16);
  wav.set([1, 0, 1, 0, 0x40, 0x1f, 0, 0, 0x40, 0x1f, 0, 0, 1, 0, 8, 0], 20);
  wav.write('data', 36);
  wav.writeUInt32LE(100, 40);
  await choose('bell.wav', wav);
  await expect(dialog.getByRole('alert')).toContainText('This is a sound. Choose a picture here.');

  // A file of 100 MB is made in the page: it need not cross the wire to be refused.
  await dialog.getByLabel('Choose a file').evaluate((input) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([new Uint8Array(100 * 1024 * 1024)], 'sea.png'));
    (input as HTMLInputElement).files = transfer.files;
    input.dispatchEvent(new Event('change'));
  });
  await expect(dialog.getByRole('alert')).toContainText('This file is 100 MB. The limit is 60 MB.');

  await page.route('**/api/media?name=slow.png', () => new Promise(() => undefined));
  await choose('slow.png', await picture('#1f4d3f'));
  await dialog.getByRole('status').getByRole('button', { name: 'Cancel' }).click();
  await expect(dialog.getByRole('status')).toHaveCount(0);
  await choose('good.png', await picture('#1f4d3f'));
  await dialog.getByLabel('Description: what the picture shows').fill('Green');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: 'Picture: Green' })).toBeVisible();
});
