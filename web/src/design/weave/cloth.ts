import type { ClothRow } from '@distaff/core/formats';
import type { Weave } from '@distaff/core/show';
import { palette } from '../tokens.ts';
import { patternDef } from './tile.ts';
import { svgFont, svgText } from './svgText.ts';

export interface ClothTeam {
  id: string;
  name: string;
  weave: Weave;
  score: number;
  place: number;
}

const WIDTH = 1200;
const EDGE = 40;
const CELL_GAP = 6;
/** Letters of a name that stand beside a row. */
const NAME = 24;

/**
 * The cloth of a sitting as an SVG text: what was played and who won it, row by row, each cell striped
 * for those who were right; under it one band a team, as wide as its score. Patterns and names, so that it reads in greyscale too.
 */
export function clothSvg(
  title: string,
  teams: readonly ClothTeam[],
  cloth: readonly ClothRow[],
  date: string,
): string {
  const ids = new Map(teams.map((team, i) => [team.id, `w${i}`]));
  const defs = teams.map((team) => patternDef(ids.get(team.id)!, team.weave, 4)).join('');
  const parts: string[] = [
    `<text x="${EDGE}" y="72" font-size="40" font-weight="700">${svgText(title)}</text>`,
    `<text x="${EDGE}" y="104" font-size="20" fill="${palette.stone}">${svgText(date)}</text>`,
  ];
  let y = 136;
  for (const row of cloth) {
    const left = EDGE + 240;
    const width = (WIDTH - EDGE - left) / row.cells.length;
    parts.push(`<text x="${EDGE}" y="${y + 34}" font-size="22">${svgText(row.name.slice(0, NAME))}</text>`);
    row.cells.forEach((cell, i) => {
      const x = left + i * width;
      const inner = Math.max(2, width - CELL_GAP);
      const known = cell.teams.filter((team) => ids.has(team));
      known.forEach((team, n) =>
        parts.push(
          `<rect x="${x + (n * inner) / known.length}" y="${y}" width="${inner / known.length}" height="50" fill="url(#${ids.get(team)})"/>`,
        ),
      );
      const empty = cell.used && known.length === 0 ? 'url(#none)' : 'none';
      parts.push(
        `<rect x="${x}" y="${y}" width="${inner}" height="50" rx="4" fill="${empty}" stroke="${palette.stone}"/>`,
      );
    });
    y += 56;
  }
  y += 24;
  const most = Math.max(1, ...teams.map((team) => Math.abs(team.score)));
  for (const team of [...teams].sort((a, b) => a.place - b.place)) {
    const width = (Math.abs(team.score) / most) * (WIDTH - 2 * EDGE);
    parts.push(
      `<text x="${EDGE}" y="${y + 24}" font-size="24" font-weight="700">${team.place}. ${svgText(team.name)}</text>`,
      `<text x="${WIDTH - EDGE}" y="${y + 24}" font-size="24" text-anchor="end">${String(team.score).replace('-', '−')}</text>`,
      `<rect x="${EDGE}" y="${y + 34}" width="${Math.max(2, width)}" height="40" rx="4" fill="url(#${ids.get(team.id)})"${team.score < 0 ? ' opacity=".45"' : ''}/>`,
    );
    y += 96;
  }
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${y + 24}" viewBox="0 0 ${WIDTH} ${y + 24}" font-family="${svgFont}" fill="${palette.ink}">` +
    `<defs>${defs}<pattern id="none" width="10" height="10" patternUnits="userSpaceOnUse"><path d="M0 10 10 0" stroke="${palette.stone}"/></pattern></defs>` +
    `<rect width="100%" height="100%" fill="${palette.chalk}"/>${parts.join('')}</svg>`
  );
}
