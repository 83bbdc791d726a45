import type { Picture } from '@distaff/core/media';

/** A drawing that ships with the application. */
export interface ShelfDrawing {
  name: string;
  group: string;
  alt: string;
  /** Words by which it is found; they may name what it shows. */
  words: string;
  width: number;
  height: number;
}

let shelf: Promise<ShelfDrawing[]> | null = null;

/** The list of drawings, fetched once. */
export function loadShelf(): Promise<ShelfDrawing[]> {
  shelf ??= fetch('/shelf/index.json')
    .then((response) => response.json() as Promise<ShelfDrawing[]>)
    .catch(() => {
      shelf = null;
      return [];
    });
  return shelf;
}

export const pictureFromShelf = ({ name, alt, width, height }: ShelfDrawing): Picture => ({
  file: `shelf.${name}`,
  width,
  height,
  alt,
  credit: '',
  licence: 'CC0 1.0',
  focus: { x: 0.5, y: 0.5 },
  cutOf: null,
});
