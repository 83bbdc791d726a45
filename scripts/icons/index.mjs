import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';

/** Sizes that home screens ask for (px). */
const SIZES = [180, 192, 512];

/** Draws the icons of the home screen from the picture of the application: on the whole square, as phones cut them themselves. */
export async function writeIcons(folder) {
  const svg = readFileSync(path.join(folder, 'favicon.svg'), 'utf8').replace(' rx="6"', '');
  await Promise.all(
    SIZES.map(async (size) => {
      const picture = await sharp(Buffer.from(svg), { density: (72 * size) / 32 })
        .resize(size, size)
        .png()
        .toBuffer();
      writeFileSync(path.join(folder, `icon-${size}.png`), picture);
    }),
  );
}
