import { unzipSync, zipSync } from 'fflate';

/** Bounds of an archive that is read: files in it, and bytes in all once they are unfolded. */
export const MAX_FILES = 12_000;
export const MAX_UNFOLDED = 250 * 1024 * 1024;
/** A file that unfolds to more than this many times its size is no picture and no text. */
const MOST_TIMES = 200;
/** Small files may well be all blanks. */
const SMALL = 1024 * 1024;

export type ArchiveTrouble = 'notZip' | 'tooManyFiles' | 'tooMuch' | 'badPath';

/** A path within the archive and nowhere else, without a drive, a root or a way up. */
const badPath = (name: string) =>
  /^(?:[/\\]|[a-z]:)/i.test(name) || name.split(/[/\\]/).includes('..') || name.includes('\0');

/** Reads a zip archive in bounds. @returns its files by path, or why it is not read at all. */
export function readArchive(bytes: Uint8Array): Map<string, Uint8Array> | { trouble: ArchiveTrouble } {
  let trouble: ArchiveTrouble | null = null;
  let files = 0;
  let sum = 0;
  try {
    const found = unzipSync(bytes, {
      filter: ({ name, size, originalSize }) => {
        if (trouble) return false;
        files++;
        sum += originalSize;
        if (badPath(name)) trouble = 'badPath';
        else if (files > MAX_FILES) trouble = 'tooManyFiles';
        else if (sum > MAX_UNFOLDED || (originalSize > SMALL && originalSize > size * MOST_TIMES))
          trouble = 'tooMuch';
        return !trouble && !name.endsWith('/');
      },
    });
    return trouble ? { trouble } : new Map(Object.entries(found));
  } catch {
    return { trouble: trouble ?? 'notZip' };
  }
}

/** A zip archive of these files; what is packed already, as pictures are, is stored as it is. */
export function writeArchive(files: ReadonlyMap<string, Uint8Array>): Uint8Array {
  const packed = /\.(?:jpe?g|png|webp|mp3|m4a|ogg|mp4|webm)$/i;
  return zipSync(
    Object.fromEntries(
      [...files].map(([name, data]) => [name, [data, { level: packed.test(name) ? 0 : 6 }] as const]),
    ),
    // The same contents give the same bytes.
    { mtime: '1980-01-01T12:00:00' },
  );
}

/** A path that an entry names, seen from the file that names it. */
export function resolvePath(from: string, path: string): string {
  let plain = path.split(/[?#]/)[0]!;
  try {
    plain = decodeURIComponent(plain);
  } catch {
    // A lone percent sign is meant as such.
  }
  const parts = plain.startsWith('/') ? [] : from.split('/').slice(0, -1);
  for (const part of plain.split('/')) {
    if (part === '..') parts.pop();
    else if (part !== '' && part !== '.') parts.push(part);
  }
  return parts.join('/');
}
