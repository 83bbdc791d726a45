import type { Question } from './question.ts';
import { isOfShelf, type Picture, type Sound, type Video } from '../media/media.ts';

export type MediaPlace = 'picture' | 'sound' | 'video' | 'answerPicture' | 'option';

export type PlacedMedia =
  | {
      place: 'picture' | 'answerPicture' | 'option';
      media: Picture;
      /** Index of the option or pair. */ at: number;
    }
  | { place: 'sound'; media: Sound; at: number }
  | { place: 'video'; media: Video; at: number };

/** The things of an answer that may carry a picture, in the author's order. */
export function pictured(answer: Question['answer']): { picture?: Picture | null | undefined }[] {
  switch (answer.kind) {
    case 'choice':
    case 'many':
    case 'order':
    case 'opinion':
      return answer.options;
    case 'match':
      return answer.pairs;
    default:
      return [];
  }
}

/** Everything to see and hear in a question, in the order in which it comes up. */
export function mediaOf(question: Question): PlacedMedia[] {
  const { picture, sound, video, answerPicture } = question;
  return [
    ...(picture ? [{ place: 'picture' as const, media: picture, at: 0 }] : []),
    ...(sound ? [{ place: 'sound' as const, media: sound, at: 0 }] : []),
    ...(video ? [{ place: 'video' as const, media: video, at: 0 }] : []),
    ...pictured(question.answer).flatMap((one, at) =>
      one.picture ? [{ place: 'option' as const, media: one.picture, at }] : [],
    ),
    ...(answerPicture ? [{ place: 'answerPicture' as const, media: answerPicture, at: 0 }] : []),
  ];
}

/** Files that a question needs, those that ship with the application left out; each once. */
export const filesOf = (question: Question): string[] => [
  ...new Set(
    mediaOf(question).flatMap(({ media }) =>
      media.file !== null && !isOfShelf(media.file) ? [media.file] : [],
    ),
  ),
];

/** Where a library keeps a file, with the size (pixels) that it gave a picture. */
export interface PlacedFile {
  id: string;
  width: number;
  height: number;
}

/** Puts media, in place, under the names that a library gave them; what was put nowhere stays. */
export function placeMedia(
  all: readonly (Picture | Sound | Video)[],
  placed: ReadonlyMap<string, PlacedFile>,
): void {
  for (const media of all) {
    const own = media.file === null ? undefined : placed.get(media.file);
    if (!own) continue;
    media.file = own.id;
    if ('width' in media) Object.assign(media, { width: own.width, height: own.height });
  }
}

/** The same question with its files where a library has put them. */
export function placeFiles(question: Question, placed: ReadonlyMap<string, PlacedFile>): Question {
  const copy = JSON.parse(JSON.stringify(question)) as Question;
  placeMedia(
    mediaOf(copy).map(({ media }) => media),
    placed,
  );
  return copy;
}

/** The same question without these files, which could not be kept; its words stay. */
export function withoutFiles(question: Question, files: ReadonlySet<string>): Question {
  const copy = JSON.parse(JSON.stringify(question)) as Question;
  const gone = (media: { file: string | null } | null | undefined) =>
    Boolean(media?.file && files.has(media.file));
  for (const place of ['picture', 'sound', 'video', 'answerPicture'] as const)
    if (gone(copy[place])) copy[place] = null;
  for (const one of pictured(copy.answer)) if (gone(one.picture)) one.picture = null;
  return copy;
}

/** The same question with its files under other names; what has no new name stays. */
export function renameFiles(question: Question, names: ReadonlyMap<string, string>): Question {
  const copy = JSON.parse(JSON.stringify(question)) as Question;
  for (const { media } of mediaOf(copy)) {
    if (media.file !== null) media.file = names.get(media.file) ?? media.file;
    if ('cutOf' in media && media.cutOf && !names.has(media.cutOf.file)) continue;
    if ('cutOf' in media && media.cutOf) media.cutOf.file = names.get(media.cutOf.file)!;
  }
  return copy;
}
