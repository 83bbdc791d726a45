/** The grid as rules see it: which group owns each square, row by row; null where nobody does. */
export interface Grid {
  rows: number;
  columns: number;
  owners: readonly (number | null)[];
}

const directions = [
  [0, 1],
  [1, 0],
  [1, 1],
  [1, -1],
] as const;

/** All lines of `length` squares across, down and diagonally, by the numbers of their squares. */
export function linesOf({ rows, columns }: Pick<Grid, 'rows' | 'columns'>, length: number): number[][] {
  const lines: number[][] = [];
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++)
      for (const [down, right] of directions) {
        const [lastRow, lastColumn] = [r + down * (length - 1), c + right * (length - 1)];
        if (lastRow >= rows || lastColumn >= columns || lastColumn < 0) continue;
        lines.push(Array.from({ length }, (_, i) => (r + down * i) * columns + c + right * i));
      }
  return lines;
}

/** A row that a group has complete, by its squares; null where there is none. */
export const rowOf = ({ owners }: Grid, lines: readonly number[][], group: number): number[] | null =>
  lines.find((line) => line.every((square) => owners[square] === group)) ?? null;

/** Groups that have a row with one square left that `isFree`, and nobody else's on it. */
export function oneShort(
  { owners }: Grid,
  lines: readonly number[][],
  isFree: (square: number) => boolean,
): Set<number> {
  const found = new Set<number>();
  for (const line of lines) {
    const own = new Set(line.map((square) => owners[square]).filter((owner) => owner !== null));
    const open = line.filter((square) => owners[square] === null);
    if (own.size === 1 && open.length === 1 && isFree(open[0]!)) found.add([...own][0]!);
  }
  return found;
}
