import type { QuestionSet } from '../../library/set.ts';
import type { Question } from '../../question/question.ts';
import { resolvePath } from '../archive.ts';
import { decode } from '../decode.ts';
import type { ImportRow } from '../sheet/readSheet.ts';
import { readManifest, writeManifest, type ItemResource } from './manifest.ts';
import type { QtiVersion } from './names.ts';
import { readItem } from './readItem.ts';
import { mediaOf } from '../../media/ofQuestion.ts';
import { writeItem } from './writeItem.ts';

/** A file of the media library as it goes into a package. */
export interface MediaFile {
  bytes: Uint8Array;
  /** Media type and the ending of its name. */
  type: string;
  ext: string;
}

const encoder = () => new TextEncoder();
/** Under which name a file lies in a package. */
export const mediaPath = (file: string, ext: string): string =>
  `media/${file.replace('shelf.', 'drawing-')}.${ext}`;

/** Which file of our own lies there in a package; null for what is none. */
export const fileAt = (path: string): string | null => /^media\/([\w-]{1,40})\.\w+$/.exec(path)?.[1] ?? null;

/** Files that a package of these questions needs, drawings of the shelf with them. */
export const neededFiles = (questions: readonly Question[]): string[] => [
  ...new Set(questions.flatMap((question) => mediaOf(question).flatMap(({ media }) => media.file ?? []))),
];

/** A set as a package of QTI: one file an item, the media beside them, a manifest. @returns its files by path. */
export function writeQtiPackage(
  set: QuestionSet,
  questions: readonly Question[],
  version: QtiVersion,
  media: ReadonlyMap<string, MediaFile>,
): Map<string, Uint8Array> {
  const files = new Map<string, Uint8Array>();
  const place = (folder: string) => (file: string) => {
    const found = media.get(file);
    return found ? { path: `${folder}${mediaPath(file, found.ext)}`, type: found.type } : null;
  };
  const items = questions.map((question, i) => {
    const identifier = `item-${String(i + 1).padStart(4, '0')}`;
    const href = `items/${identifier}.xml`;
    files.set(href, encoder().encode(writeItem(question, identifier, version, place('../'))));
    const own = neededFiles([question]).flatMap((file) => place('')(file)?.path ?? []);
    return { identifier, href, question, files: own };
  });
  for (const [file, { bytes, ext }] of media) files.set(mediaPath(file, ext), bytes);
  files.set('imsmanifest.xml', encoder().encode(writeManifest(set, version, items)));
  return files;
}

export type PackageTrouble = 'entities' | 'notXml' | 'noItems';

/** What a package holds: its questions, and the files that they name, each under a name for the time being. */
export interface ReadPackage {
  title: string;
  rows: ImportRow[];
  media: Map<string, { path: string; bytes: Uint8Array }>;
}

/** Reads a package of QTI 2.1, 2.2 or 3.0; without a manifest every item in it is taken. */
export function readQtiPackage(
  files: ReadonlyMap<string, Uint8Array>,
  newId: () => string,
): ReadPackage | { trouble: PackageTrouble; at: string } {
  const manifest = [...files.keys()].find((name) => /(?:^|\/)imsmanifest\.xml$/i.test(name));
  let title = '';
  let base = '';
  let resources: ItemResource[];
  if (manifest) {
    const read = readManifest(decode(files.get(manifest)!).text);
    if ('wrong' in read) return { trouble: read.wrong, at: manifest };
    ({ title } = read);
    base = manifest;
    resources = read.items;
  } else
    resources = [...files.keys()]
      .filter((name) => /\.xml$/i.test(name))
      .sort()
      .map((href) => ({ href, files: [], tags: [], difficulty: null, credit: '' }));

  const media: ReadPackage['media'] = new Map();
  const names = new Map<string, string>();
  const resolveFrom = (item: string) => (path: string) => {
    const found = resolvePath(item, path);
    const bytes = files.get(found);
    if (!bytes) return null;
    let name = names.get(found);
    if (!name) {
      name = `in-${names.size}`;
      names.set(found, name);
      media.set(name, { path: found, bytes });
    }
    return name;
  };
  const rows: ImportRow[] = [];
  let wrong: { trouble: PackageTrouble; at: string } | null = null;
  for (const [i, resource] of resources.entries()) {
    const path = resolvePath(base, resource.href);
    const bytes = files.get(path);
    if (!bytes) {
      wrong = { trouble: 'noItems', at: resource.href };
      continue;
    }
    const read = readItem(decode(bytes).text, newId, resolveFrom(path));
    if ('wrong' in read) {
      // A file of another sort beside items is no trouble where no manifest calls it one.
      if (manifest || read.wrong !== 'noItem')
        wrong ??= { trouble: read.wrong === 'noItem' ? 'noItems' : read.wrong, at: path };
      continue;
    }
    const { tags, difficulty, credit } = resource;
    rows.push({
      line: i + 1,
      question: { ...read.question, tags, difficulty, credit },
      problems: read.problems,
    });
  }
  if (rows.length === 0) return wrong ?? { trouble: 'noItems', at: '' };
  // A file of the package that cannot be read is told beside those that can.
  if (wrong) rows[0]!.problems.push({ code: 'unsaid', field: 'kind', found: wrong.at, mend: null });
  return { title, rows, media };
}
