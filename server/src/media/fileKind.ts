import { fileTypeFromFile } from 'file-type';
import { open } from 'node:fs/promises';
import type { ProblemName } from '@distaff/core/wire';
import { Problem } from '../problem.ts';

const MB = 1024 * 1024;

/** What is taken, and how large it may be. */
export const limits = { picture: 20 * MB, sound: 20 * MB, video: 60 * MB } as const;
export const LARGEST = Math.max(...Object.values(limits));
export type MediaKind = keyof typeof limits;

/** Types by what they are; what a browser can play without help. */
const taken: Record<string, MediaKind> = {
  'image/jpeg': 'picture',
  'image/png': 'picture',
  'image/webp': 'picture',
  'image/avif': 'picture',
  'image/gif': 'picture',
  'image/tiff': 'picture',
  'audio/mpeg': 'sound',
  'audio/ogg': 'sound',
  'audio/opus': 'sound',
  'audio/wav': 'sound',
  'audio/vnd.wave': 'sound',
  'audio/flac': 'sound',
  'audio/x-flac': 'sound',
  'audio/mp4': 'sound',
  'audio/x-m4a': 'sound',
  'audio/aac': 'sound',
  'audio/webm': 'sound',
  'video/mp4': 'video',
  'video/x-m4v': 'video',
  'video/webm': 'video',
};
/** Names under which browsers know a type that goes by several. */
const servedAs: Record<string, string> = {
  'audio/vnd.wave': 'audio/wav',
  'audio/x-flac': 'audio/flac',
  'audio/x-m4a': 'audio/mp4',
  'audio/opus': 'audio/ogg',
  'video/x-m4v': 'video/mp4',
};

const refused = (says: ProblemName, given = {}) => new Problem(415, 'wrongType', says, {}, given);

/** A drawing in SVG is a text; it may hold scripts and is not taken. */
async function isSvg(file: string): Promise<boolean> {
  const handle = await open(file, 'r');
  const { buffer, bytesRead } = await handle.read(Buffer.alloc(1000), 0, 1000, 0);
  await handle.close();
  return /<svg[\s>]/i.test(buffer.toString('utf8', 0, bytesRead));
}

/**
 * What a file is, by its first bytes; its name is not believed.
 * @throws Problem 415 where it is nothing that is taken.
 */
export async function fileKind(file: string): Promise<{ kind: MediaKind; type: string; ext: string }> {
  const found = await fileTypeFromFile(file);
  const kind = found && taken[found.mime.split(';')[0]!];
  if (found && kind) {
    const mime = found.mime.split(';')[0]!;
    return { kind, type: servedAs[mime] ?? mime, ext: found.ext };
  }
  if (await isSvg(file)) throw refused('svgFile');
  if (found?.mime === 'image/heic') throw refused('heicFile');
  throw found ? refused('otherFile', { type: found.mime }) : refused('noMedia');
}
