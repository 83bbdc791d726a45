import * as v from 'valibot';
import { isOfShelf } from '../media/media.ts';
import { filesOfShow, mediaOfShow } from '../show/media.ts';
import { Show } from '../show/show.ts';
import { decode } from './decode.ts';
import { fileAt, mediaPath, type MediaFile } from './qti/package.ts';
import { readJson } from './readJson.ts';

/** The name by which our own files are known, and the version of what they say. */
export const SHOW_FORMAT = 'distaff-show';
export const SHOW_VERSION = 1;
const SHOW = 'show.json';

/** A whole show as a JSON file of our own. */
export const ShowFile = v.object({
  $schema: v.optional(v.string()),
  format: v.literal(SHOW_FORMAT, 'This is no show of Distaff.'),
  version: v.literal(SHOW_VERSION, 'This file was written by a newer version.'),
  show: Show,
});
export type ShowFile = v.InferOutput<typeof ShowFile>;

/**
 * A show that stands on its own: questions do not point into somebody's library, what a rule has taken
 * from it is taken for good, and what was cut away from a picture stays behind.
 */
export function ownShow(show: Show): Show {
  const copy = JSON.parse(JSON.stringify(show)) as Show;
  for (const question of Object.values(copy.questions)) question.origin = null;
  for (const { content } of copy.rounds) if ('rule' in content) delete content.rule;
  for (const media of mediaOfShow(copy)) if ('cutOf' in media) media.cutOf = null;
  return copy;
}

/** `schema` is the address of the JSON Schema that it follows, where there is one. */
export const writeShowFile = (show: Show, schema?: string): string =>
  `${JSON.stringify({ $schema: schema, format: SHOW_FORMAT, version: SHOW_VERSION, show: ownShow(show) }, null, 2)}\n`;

/** @returns the show, or a sentence that says what is wrong and where. */
export const readShowFile = (text: string): { file: ShowFile } | { wrong: string } =>
  readJson(ShowFile, text);

/** A show with its pictures and sounds. @returns its files by path. */
export function writeShowPackage(
  show: Show,
  media: ReadonlyMap<string, MediaFile>,
  schema?: string,
): Map<string, Uint8Array> {
  const files = new Map<string, Uint8Array>([[SHOW, new TextEncoder().encode(writeShowFile(show, schema))]]);
  for (const [file, { bytes, ext }] of media) if (!isOfShelf(file)) files.set(mediaPath(file, ext), bytes);
  return files;
}

/** A show as it was read: its files by the names that it has for them, and those that are not there. */
export interface ReadShow {
  show: Show;
  media: Map<string, Uint8Array>;
  missing: string[];
}

/** Reads a package back; null where it holds no show. */
export function readShowPackage(files: ReadonlyMap<string, Uint8Array>): ReadShow | { wrong: string } | null {
  const bytes = files.get(SHOW);
  if (!bytes) return null;
  const read = readShowFile(decode(bytes).text);
  if ('wrong' in read) return read;
  const show = ownShow(read.file.show);
  const wanted = new Set(filesOfShow(show));
  const media = new Map<string, Uint8Array>();
  for (const [path, own] of files) {
    const file = fileAt(path);
    if (file && wanted.has(file)) media.set(file, own);
  }
  return { show, media, missing: [...wanted].filter((file) => !media.has(file)) };
}
