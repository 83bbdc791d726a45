import { isOfShelf } from '../media/media.ts';
import type { QuestionSet } from '../library/set.ts';
import type { Question } from '../question/question.ts';
import { decode } from './decode.ts';
import { fileAt, mediaPath, type MediaFile, type ReadPackage } from './qti/package.ts';
import { mediaOf, renameFiles } from '../question/media.ts';
import { readSetFile, writeSetFile } from './setFile.ts';

const SET = 'set.json';

/** A set of our own format with its pictures and sounds. @returns its files by path. */
export function writeSetPackage(
  set: QuestionSet,
  questions: readonly Question[],
  media: ReadonlyMap<string, MediaFile>,
): Map<string, Uint8Array> {
  const files = new Map<string, Uint8Array>([[SET, new TextEncoder().encode(writeSetFile(set, questions))]]);
  for (const [file, { bytes, ext }] of media) if (!isOfShelf(file)) files.set(mediaPath(file, ext), bytes);
  return files;
}

/** Reads it back: the set, its questions, and the files under names for the time being. */
export function readSetPackage(
  files: ReadonlyMap<string, Uint8Array>,
): (ReadPackage & { set: QuestionSet }) | { wrong: string } | null {
  const bytes = files.get(SET);
  if (!bytes) return null;
  const read = readSetFile(decode(bytes).text);
  if ('wrong' in read) return read;
  const media: ReadPackage['media'] = new Map();
  const names = new Map<string, string>();
  for (const [path, own] of files) {
    const file = fileAt(path);
    if (!file) continue;
    const name = `in-${names.size}`;
    names.set(file, name);
    media.set(name, { path, bytes: own });
  }
  const rows = read.file.questions.map((question, i) => ({
    line: i + 1,
    // What was cut away stays behind: the package holds what audiences may see.
    question: withoutWholes(renameFiles(question, names)),
    problems: mediaOf(question)
      .filter(({ media: one }) => one.file !== null && !isOfShelf(one.file) && !names.has(one.file))
      .map(({ place, media: one }) => ({
        code: 'badMedia' as const,
        field: place,
        found: one.file ?? '',
        mend: null,
      })),
  }));
  return { title: read.file.set.title, set: read.file.set, rows, broken: [], media };
}

function withoutWholes(question: Question): Question {
  for (const { media } of mediaOf(question)) if ('cutOf' in media) media.cutOf = null;
  return question;
}
