import type { Length } from '@distaff/core/practice';
import type { Weave } from '@distaff/core/show';
import { patternDef } from '../design/weave/tile.ts';

const CELL = 180;
const COLUMNS = 4;
const escaped = (text: string) =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);

/** The cloth of a run as an SVG to keep: a square for each question, woven or open, and a label with title and result. */
export function clothOfRun(
  title: string,
  result: string,
  lengths: readonly Pick<Length, 'share'>[],
  weave: Weave,
): string {
  const columns = Math.min(COLUMNS, Math.max(1, lengths.length));
  const rows = Math.ceil(lengths.length / columns);
  const [width, height] = [columns * CELL, rows * CELL + 90];
  const cells = Array.from({ length: rows * columns }, (_, i) => {
    if (i < lengths.length && !lengths[i]!.share) return '';
    const [x, y] = [(i % columns) * CELL, Math.floor(i / columns) * CELL];
    return `<rect x="${x}" y="${y}" width="${CELL}" height="${CELL}" fill="url(#w)"/>`;
  }).join('');
  const words = (text: string, y: number, size: number) =>
    `<text x="20" y="${y}" font-family="sans-serif" font-weight="700" font-size="${size}" fill="#14211d">${escaped(text)}</text>`;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">` +
    `<defs>${patternDef('w', weave, 6)}</defs><rect width="${width}" height="${height}" fill="#ede6d4"/>` +
    `<rect width="${width}" height="${rows * CELL}" fill="#101a17"/>${cells}` +
    `${words(title, height - 52, 26)}${words(result, height - 20, 22)}</svg>`
  );
}
