/** Which group owns each square, row by row; null where nobody does. */
export type Owners = readonly (number | null)[];

const directions = [
  [0, 1],
  [1, 0],
  [1, 1],
  [1, -1],
] as const;

/** All lines of `length` squares across, down and diagonally, by the numbers of their squares. */
export function linesOf({ rows, columns }: { rows: number; columns: number }, length: number): number[][] {
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
export const rowOf = (owners: Owners, lines: readonly number[][], group: number): number[] | null =>
  lines.find((line) => line.every((square) => owners[square] === group)) ?? null;

/** The squares, still `free`, with each of which a group would have a row complete; no entry where there is none. */
export function oneShort(
  owners: Owners,
  lines: readonly number[][],
  free: readonly number[],
): Map<number, Set<number>> {
  const open = new Set(free);
  const found = new Map<number, Set<number>>();
  for (const line of lines) {
    const missing = line.filter((square) => owners[square] === null);
    const own = new Set(line.flatMap((square) => owners[square] ?? []));
    if (own.size !== 1 || missing.length !== 1 || !open.has(missing[0]!)) continue;
    const [group] = [...own] as [number];
    found.set(group, (found.get(group) ?? new Set()).add(missing[0]!));
  }
  return found;
}
