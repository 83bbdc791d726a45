import path from 'node:path';
import { LARGE, SMALL, type Cut } from '@distaff/core/media';
import sharp, { type Sharp } from 'sharp';
import { Problem } from '../problem.ts';
import { InTurn } from './inTurn.ts';

/** Beyond this a small file unfolds into gigabytes of memory. */
const MOST_PIXELS = 60_000_000;
const SECONDS = 30;

const unreadable = () => new Problem(415, 'unreadable', 'pictureDamaged');

async function sizeOf(file: string): Promise<{ width: number; height: number }> {
  try {
    const { width, height } = await sharp(file, { limitInputPixels: false }).metadata();
    return { width, height };
  } catch {
    throw unreadable();
  }
}

/** One picture at a time: each takes much memory, and the live show must not wait for them. */
const turns = new InTurn();

/** One size of it: as WebP, and as JPEG – or PNG where it is see-through – for what knows no WebP. */
async function writeSize(picture: Sharp, side: number, folder: string, name: string, clear: boolean) {
  const sized = picture
    .clone()
    .resize({ width: side, height: side, fit: 'inside', withoutEnlargement: true })
    .timeout({ seconds: SECONDS });
  const at = (ext: string) => path.join(folder, `${name}.${ext}`);
  const { width, height } = await sized.clone().webp({ quality: 82 }).toFile(at('webp'));
  if (clear) await sized.clone().png({ compressionLevel: 9 }).toFile(at('png'));
  else await sized.clone().jpeg({ quality: 84, mozjpeg: true }).toFile(at('jpg'));
  return { width, height };
}

/**
 * Writes a picture anew in two sizes into `folder`: upright, in sRGB, without anything that a camera
 * noted in it (place, time, owner). Of a moving picture the first one is kept.
 * Owners take turns, so that nobody's many hold up another's one.
 * @returns its size in pixels.
 * @throws Problem 413 for too many pixels, 415 where it is damaged.
 */
export function writePicture(
  owner: string,
  file: string,
  folder: string,
  cut: Cut | null = null,
): Promise<{ width: number; height: number }> {
  return turns.run(owner, async () => {
    const size = await sizeOf(file);
    if (size.width * size.height > MOST_PIXELS)
      throw new Problem(
        413,
        'tooManyPixels',
        'tooManyPixels',
        {},
        { width: size.width, height: size.height },
      );
    try {
      const picture = sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).autoOrient();
      if (cut) {
        const left = Math.min(Math.round(cut.x * size.width), size.width - 1);
        const top = Math.min(Math.round(cut.y * size.height), size.height - 1);
        const width = Math.max(1, Math.min(Math.round(cut.width * size.width), size.width - left));
        const height = Math.max(1, Math.min(Math.round(cut.height * size.height), size.height - top));
        picture.extract({ left, top, width, height });
      }
      const { isOpaque } = await picture.clone().stats();
      const large = await writeSize(picture, LARGE, folder, 'large', !isOpaque);
      await writeSize(picture, SMALL, folder, 'small', !isOpaque);
      return large;
    } catch (error) {
      if (error instanceof Problem) throw error;
      throw unreadable();
    }
  });
}
