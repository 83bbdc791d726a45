import type { QuestionSet } from '../../library/set.ts';
import type { Question } from '../../question/question.ts';
import { resolvePath } from '../archive.ts';
import { decode } from '../decode.ts';
import type { ImportRow } from '../sheet/readSheet.ts';
import { readManifest, writeManifest, type ItemResource } from './manifest.ts';
import { asVersion2, type QtiVersion } from './names.ts';
import { readItem } from './readItem.ts';
import { all, readXml } from './xml.ts';
import { mediaOf } from '../../question/media.ts';
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
  /** Parts of the package that could not be read, by their paths; the others are in `rows`. */
  broken: string[];
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
    resources = inOrderOf(
      read.items,
      read.tests.flatMap((test) => refsOf(files, resolvePath(base, test))),
      (href) => resolvePath(base, href),
    );
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
  const broken: string[] = [];
  let wrong: { trouble: PackageTrouble; at: string } | null = null;
  for (const [i, resource] of resources.entries()) {
    const path = resolvePath(base, resource.href);
    const bytes = files.get(path);
    if (!bytes) {
      wrong = { trouble: 'noItems', at: resource.href };
      broken.push(path);
      continue;
    }
    const textAt = (href: string) => {
      const found = files.get(resolvePath(path, href));
      return found ? decode(found).text : null;
    };
    const read = readItem(decode(bytes).text, newId, resolveFrom(path), textAt);
    if ('wrong' in read) {
      // A file of another sort beside items is no trouble where no manifest calls it one.
      if (manifest || read.wrong !== 'noItem') {
        wrong ??= { trouble: read.wrong === 'noItem' ? 'noItems' : read.wrong, at: path };
        broken.push(path);
      }
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
  return { title, rows, broken, media };
}

/** The items that a test names, in its order, sections within sections. */
function refsOf(files: ReadonlyMap<string, Uint8Array>, path: string): string[] {
  const bytes = files.get(path);
  const root = bytes ? readXml(decode(bytes).text) : null;
  if (!root || 'wrong' in root) return [];
  return all(asVersion2(root), 'assessmentItemRef').map((ref) =>
    resolvePath(path, ref.attributes.href ?? ''),
  );
}

/** Items in the order of the tests of a package; those that no test names come last, as the manifest has them. */
function inOrderOf(
  items: readonly ItemResource[],
  named: readonly string[],
  pathOf: (href: string) => string,
): ItemResource[] {
  const place = ({ href }: ItemResource) => {
    const at = named.indexOf(pathOf(href));
    return at < 0 ? named.length : at;
  };
  return [...items].sort((a, b) => place(a) - place(b));
}
