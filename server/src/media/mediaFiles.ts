import { createWriteStream } from 'node:fs';
import { mkdir, mkdtemp, open, readdir, rename, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { Transform } from 'node:stream';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Problem } from '../problem.ts';

const noSpace = () => new Problem(507, 'noSpace', 'diskFull');

/**
 * The folder in which pictures, sounds and videos lie: one folder a file, named by its id. What is
 * there is never changed, so that a show that was played stays as it was. A folder comes into being
 * in one step, whole, under a name that nobody can guess.
 */
export class MediaFiles {
  readonly #folder: string;
  constructor(dataDir: string) {
    this.#folder = path.join(dataDir, 'media');
  }

  /** Makes the folder, and clears away what an interrupted upload left. */
  async open(): Promise<void> {
    await mkdir(this.#folder, { recursive: true });
    const left = (await readdir(this.#folder)).filter((name) => name.startsWith('.new-'));
    for (const name of left) await rm(path.join(this.#folder, name), { recursive: true, force: true });
  }

  folderOf(id: string): string {
    return path.join(this.#folder, id);
  }

  /** Bytes of the largest form of a file, or null where it is not there. */
  async bytesOf(id: string): Promise<number | null> {
    try {
      const names = await readdir(this.folderOf(id));
      const sizes = await Promise.all(names.map((name) => stat(path.join(this.folderOf(id), name))));
      return Math.max(0, ...sizes.map((one) => one.size));
    } catch {
      return null;
    }
  }

  /** A folder to work in, on the same disk; `keep` or `drop` ends it. */
  workFolder(): Promise<string> {
    return mkdtemp(path.join(this.#folder, '.new-'));
  }

  /** Turns a work folder into the one of `id`, its files safe on the disk. */
  async keep(work: string, id: string): Promise<void> {
    for (const name of await readdir(work)) {
      const file = await open(path.join(work, name), 'r');
      await file.sync();
      await file.close();
    }
    await rename(work, this.folderOf(id));
  }

  async drop(work: string): Promise<void> {
    await rm(work, { recursive: true, force: true });
  }
}

/**
 * Writes what comes in to a file.
 * @returns its bytes.
 * @throws Problem 413 beyond `limit` bytes, 507 where the disk is full, 400 where it broke off.
 */
export async function receive(source: Readable, file: string, limit: number): Promise<number> {
  let bytes = 0;
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length;
      done(bytes > limit ? tooLarge(limit) : null, chunk);
    },
  });
  try {
    await pipeline(source, counted, createWriteStream(file), { end: true });
  } catch (error) {
    if (error instanceof Problem) throw error;
    if ((error as NodeJS.ErrnoException).code === 'ENOSPC') throw noSpace();
    throw new Problem(400, 'brokenOff', 'uploadBrokenOff');
  }
  return bytes;
}

export const tooLarge = (limit: number) =>
  new Problem(413, 'tooLarge', 'fileTooLarge', {}, { mb: limit / 1024 ** 2 });
