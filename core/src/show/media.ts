import { formatOf } from '../formats/index.ts';
import type { Show } from './show.ts';
import { isOfShelf, type Picture, type Sound, type Video } from '../media/media.ts';
import { mediaOf, placeMedia, type PlacedFile } from '../question/media.ts';

/** What belongs to no question: pictures of the look and of rounds, and sounds that stand in for the house's own. */
export const mediaBeside = ({
  look,
  sounds,
  rounds,
}: Pick<Show, 'look' | 'sounds' | 'rounds'>): (Picture | Sound)[] => [
  ...rounds.flatMap(({ format, content }) => formatOf(format).media(content)),
  ...[look?.picture, look?.logo].flatMap((one) => one ?? []),
  ...Object.values(sounds?.each ?? {}).flatMap((one) => one.own ?? []),
];

/** Everything to see and hear in a show: in its questions, its look, its sounds. */
export const mediaOfShow = (show: Show): (Picture | Sound | Video)[] => [
  ...Object.values(show.questions).flatMap((question) => mediaOf(question).map(({ media }) => media)),
  ...mediaBeside(show),
];

const filesIn = (media: readonly (Picture | Sound | Video)[]): string[] => [
  ...new Set(media.flatMap(({ file }) => (file !== null && !isOfShelf(file) ? [file] : []))),
];

/** Files that a show needs, those that ship with the application left out; each once. */
export const filesOfShow = (show: Show): string[] => filesIn(mediaOfShow(show));
/** Those of them that belong to no question. */
export const filesBeside = (show: Show): string[] => filesIn(mediaBeside(show));

/** The same show with its files where a library has put them; what was put nowhere stays. */
export function placeShowFiles(show: Show, placed: ReadonlyMap<string, PlacedFile>): Show {
  const copy = JSON.parse(JSON.stringify(show)) as Show;
  placeMedia(mediaOfShow(copy), placed);
  return copy;
}
