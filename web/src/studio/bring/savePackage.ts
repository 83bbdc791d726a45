import { isOfShelf, type Picture, type Sound, type Video } from '@distaff/core/media';
import { mediaOf, type Question } from '@distaff/core/question';
import {
  neededFiles,
  readSetFile,
  unsaidByQti,
  type MediaFile,
  type QtiVersion,
} from '@distaff/core/interchange';
import { transfer, wrap } from 'comlink';
import { fileUrl, pictureUrl } from '../../design/media/mediaUrl.ts';
import { saveFile } from '../../design/saveFile.ts';
import type { Reader } from './worker.ts';

const ENDINGS: Record<string, string> = {
  'image/png': 'png',
  'image/jpeg': 'jpg',
  'audio/mpeg': 'mp3',
  'audio/mp4': 'm4a',
  'audio/ogg': 'ogg',
  'audio/wav': 'wav',
  'audio/flac': 'flac',
  'audio/aac': 'aac',
  'audio/webm': 'weba',
  'video/mp4': 'mp4',
  'video/webm': 'webm',
};

/** A drawing of the shelf as PNG: not every program that reads a package draws SVG. */
async function drawn(file: string): Promise<Blob> {
  const image = new Image();
  image.src = pictureUrl(file, 'large');
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.naturalWidth * 2;
  canvas.height = image.naturalHeight * 2;
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error(file))), 'image/png'),
  );
}

/** Which of these files are pictures. */
export const picturesIn = (media: readonly (Picture | Sound | Video)[]): Set<string> =>
  new Set(media.flatMap((one) => ('width' in one ? [one.file] : [])));

/** A file of the library in a form that every program knows; null where it is gone. */
export async function fetched(file: string, isPicture: boolean): Promise<MediaFile | null> {
  let blob: Blob;
  if (isOfShelf(file)) blob = await drawn(file);
  else {
    const response = await (isPicture
      ? fetch(pictureUrl(file, 'large'), { headers: { accept: 'image/png,image/jpeg' } })
      : fetch(fileUrl(file)));
    if (!response.ok) return null;
    blob = await response.blob();
  }
  const type = blob.type.split(';')[0]!;
  return { bytes: new Uint8Array(await blob.arrayBuffer()), type, ext: ENDINGS[type] ?? 'bin' };
}

/** How many questions say something that the format has no place for, by what it is. */
export function unsaidIn(questions: readonly Question[]): [string, number][] {
  const counts = new Map<string, number>();
  for (const question of questions)
    for (const what of unsaidByQti(question)) counts.set(what, (counts.get(what) ?? 0) + 1);
  return [...counts];
}

/**
 * Saves a set with its pictures and sounds as an archive: of our own format, or as a package of QTI.
 * @returns what the format could not say. @throws Error where the set cannot be had.
 */
export async function savePackage(
  set: string,
  title: string,
  format: QtiVersion | 'own',
  told: (n: number, of: number) => void,
): Promise<[string, number][]> {
  const response = await fetch(`/api/sets/${set}/questions.json`);
  if (!response.ok) throw new Error('The file could not be made: the server cannot be reached.');
  const source = await response.text();
  const read = readSetFile(source);
  if ('wrong' in read) throw new Error(read.wrong);
  const { questions } = read.file;
  const names = neededFiles(questions).filter((file) => format !== 'own' || !isOfShelf(file));
  const pictures = picturesIn(questions.flatMap((one) => mediaOf(one).map(({ media }) => media)));
  const media = new Map<string, MediaFile>();
  for (const [n, file] of names.entries()) {
    told(n, names.length);
    const found = await fetched(file, pictures.has(file));
    if (found) media.set(file, found);
  }
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  try {
    const buffers = [...media.values()].map(({ bytes }) => bytes.buffer as ArrayBuffer);
    const bytes = await wrap<Reader>(worker).pack(source, format, transfer(media, buffers));
    const ending = format === 'own' ? 'zip' : `qti-${format}.zip`;
    saveFile(`${title || 'questions'}.${ending}`, new Blob([bytes.slice()], { type: 'application/zip' }));
  } finally {
    worker.terminate();
  }
  return format === 'own' ? [] : unsaidIn(questions);
}
