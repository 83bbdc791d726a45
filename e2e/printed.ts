import type { Page } from '@playwright/test';

/** What the browser makes of a page on paper. Sizes of the sheets are in points (1/72 inch). */
export interface Sheets {
  count: number;
  width: number;
  height: number;
}

/** Prints a page as its host would, on this paper unless its own style says otherwise. */
export async function printed(page: Page, format: 'A4' | 'Letter'): Promise<Sheets> {
  const text = (await page.pdf({ format, preferCSSPageSize: true })).toString('latin1');
  // ISO 32000-1, 7.7.3.3: every page is a dictionary of this type with its MediaBox.
  const count = text.match(/\/Type\s*\/Page\b/g)?.length ?? 0;
  const [, width, height] = /\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(text) ?? [];
  return { count, width: Math.round(Number(width)), height: Math.round(Number(height)) };
}

/** Elements whose words do not fit into them, as the page stands on paper. */
export const cutOff = (page: Page, among: string): Promise<string[]> =>
  page
    .locator(among)
    .evaluateAll((all) =>
      all
        .filter((one) => one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1)
        .map((one) => one.textContent!.trim().slice(0, 60)),
    );

/** How much of an element is dark once colours are gone, 0-1: solid, hatched and empty are far apart. */
export async function darkShare(page: Page, selector: string): Promise<number> {
  const picture = await page.locator(selector).first().screenshot();
  return page.evaluate(async (base64) => {
    const image = new Image();
    image.src = `data:image/png;base64,${base64}`;
    await image.decode();
    const canvas = new OffscreenCanvas(image.width, image.height);
    const pen = canvas.getContext('2d')!;
    pen.filter = 'grayscale(1)';
    pen.drawImage(image, 0, 0);
    const { data } = pen.getImageData(0, 0, image.width, image.height);
    let dark = 0;
    for (let i = 0; i < data.length; i += 4) if (data[i]! < 128) dark++;
    return dark / (data.length / 4);
  }, picture.toString('base64'));
}
