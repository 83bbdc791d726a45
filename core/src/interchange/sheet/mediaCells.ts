import * as v from 'valibot';
import { Picture, Sound, Video } from '../../media/media.ts';
import { pictured } from '../../question/media.ts';
import type { Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { joinCell, splitCell } from './cells.ts';
import type { Field } from './columns.ts';
import { flat, type SheetRow } from './sheetRow.ts';
import { truths } from './words.ts';

/*
 * A picture in one cell: file | what is seen | made by | licence | width x height | focus | where it was cut out.
 * The last three may be left out; sounds and videos have none of them. A video may be an address.
 */
const figures = (...list: number[]) => list.map((one) => `${Math.round(one * 10_000) / 10_000}`).join(' ');
const trimmed = (parts: string[]) => joinCell(parts.slice(0, parts.findLastIndex((part) => part !== '') + 1));

const pictureCell = ({ file, alt, credit, licence, width, height, focus, cutOf }: Picture): string =>
  trimmed([
    file,
    alt,
    credit,
    licence,
    `${width}x${height}`,
    focus.x === 0.5 && focus.y === 0.5 && !cutOf ? '' : figures(focus.x, focus.y),
    cutOf ? `${cutOf.file} ${figures(cutOf.x, cutOf.y, cutOf.width, cutOf.height)}` : '',
  ]);
const fileCell = ({ file, link = '', alt, credit, licence }: (Sound & { link?: string }) | Video): string =>
  trimmed([file ?? link, alt, credit, licence]);
const sign = (i: number) => String.fromCharCode(65 + i);

/** The cells of everything to see and hear in a question. */
export function mediaCells(question: Question): Partial<Record<Field, string>> {
  const { picture, sound, video, answerPicture, readAloud } = question;
  const options = pictured(question.answer).flatMap((one, i) =>
    one.picture ? [`${sign(i)}: ${pictureCell(one.picture)}`] : [],
  );
  return {
    picture: picture ? pictureCell(picture) : '',
    sound: sound ? fileCell(sound) : '',
    video: video ? fileCell(video) : '',
    answerPicture: answerPicture ? pictureCell(answerPicture) : '',
    optionPictures: options.join('\n'),
    readAloud: readAloud ? 'yes' : '',
  };
}

const numbers = (text: string) => text.split(' ').map(Number);
function readPicture(cell: string): Picture | null {
  const [file = '', alt = '', credit = '', licence = '', size = '', focus = '', cut = ''] = splitCell(cell);
  const [width, height] = (size || '400x300').split('x').map(Number);
  const [x, y] = focus ? numbers(focus) : [0.5, 0.5];
  const [of = '', ...part] = cut.split(' ');
  const [left, top, wide, high] = part.map(Number);
  const parsed = v.safeParse(Picture, {
    file,
    alt,
    credit,
    licence,
    width,
    height,
    focus: { x, y },
    cutOf: cut ? { file: of, x: left, y: top, width: wide, height: high } : null,
  });
  return parsed.success ? parsed.output : null;
}
function readFile(cell: string) {
  const [first = '', alt = '', credit = '', licence = ''] = splitCell(cell);
  return { file: first, alt, credit, licence };
}

/** Reads them back into a question; a cell that names no file is said. */
export function readMedia(row: SheetRow, question: Question): void {
  const take = <T>(field: Field, read: (cell: string) => T | null): T | null => {
    const cell = flat(row.one(field));
    if (cell === '') return null;
    const media = read(cell);
    if (media === null) row.say('badMedia', field, cell);
    return media;
  };
  question.picture = take('picture', readPicture);
  question.answerPicture = take('answerPicture', readPicture);
  question.sound = take('sound', (cell) => {
    const parsed = v.safeParse(Sound, readFile(cell));
    return parsed.success ? parsed.output : null;
  });
  question.video = take('video', (cell) => {
    const own = readFile(cell);
    const parsed = v.safeParse(
      Video,
      own.file.includes('://') ? { ...own, file: null, link: own.file } : { ...own, link: '' },
    );
    return parsed.success ? parsed.output : null;
  });
  question.readAloud = truths[foldText(row.one('readAloud'))] ?? false;
  const places = pictured(question.answer);
  for (const line of row.one('optionPictures').split('\n').filter(Boolean)) {
    const place = places[line.charCodeAt(0) - 65];
    const picture = /^[A-H]: /.test(line) ? readPicture(line.slice(3)) : null;
    if (place && picture) place.picture = picture;
    else row.say('badMedia', 'optionPictures', line);
  }
}
