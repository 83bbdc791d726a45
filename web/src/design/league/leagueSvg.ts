import type { LeagueRow } from '@distaff/core/term';
import { palette } from '../tokens.ts';
import { patternDef } from '../weave/tile.ts';
import { svgFont, svgText } from '../weave/svgText.ts';

const WIDTH = 1000;
const EDGE = 40;
const ROW = 52;
const NAME = 36;

/** The table of a league as an SVG text, to be posted: a band of the weave before each name. `under` stands below the title. */
export function leagueSvg(
  title: string,
  under: string,
  rows: readonly Pick<LeagueRow, 'place' | 'name' | 'weave' | 'points'>[],
): string {
  const top = 136;
  const height = top + rows.length * ROW + EDGE;
  const most = Math.max(1, ...rows.map(({ points }) => points));
  const defs = rows.map(({ weave }, i) => patternDef(`w${i}`, weave, 4)).join('');
  const lines = rows.map(({ place, name, points }, i) => {
    const y = top + i * ROW;
    const width = Math.max(4, (280 * Math.max(0, points)) / most);
    return (
      `<text x="${EDGE}" y="${y + 34}" font-size="26" font-weight="700">${place}</text>` +
      `<text x="${EDGE + 60}" y="${y + 34}" font-size="24">${svgText(name.slice(0, NAME))}</text>` +
      `<rect x="580" y="${y + 8}" width="${width}" height="34" fill="url(#w${i})" stroke="${palette.ink}"/>` +
      `<text x="${WIDTH - EDGE}" y="${y + 34}" font-size="26" font-weight="700" text-anchor="end">${points}</text>`
    );
  });
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${height}" viewBox="0 0 ${WIDTH} ${height}" font-family="${svgFont}" fill="${palette.ink}">` +
    `<defs>${defs}</defs><rect width="100%" height="100%" fill="${palette.paper}"/>` +
    `<text x="${EDGE}" y="72" font-size="40" font-weight="700">${svgText(title)}</text>` +
    `<text x="${EDGE}" y="106" font-size="20" fill="${palette.stone}">${svgText(under)}</text>${lines.join('')}</svg>`
  );
}
