/**
 * How one of many lines is drawn, so that it is told from the others without its colour: by its dashes and by the mark at
 * its points. Twelve differ in both together.
 */
const dashes: readonly number[][] = [[], [8, 4], [2, 3], [10, 3, 2, 3]];
const marks = ['circle', 'rect', 'triangle'] as const;

export interface LineStyle {
  dash: number[];
  mark: (typeof marks)[number];
}
export const lineStyle = (n: number): LineStyle => ({
  dash: [...dashes[n % dashes.length]!],
  mark: marks[n % marks.length]!,
});
