import type { BoardView, Weave } from '@distaff/core';
import { palette } from '../tokens.ts';
import { patternDef } from './tile.ts';

export interface ClothTeam {
  id: string;
  name: string;
  weave: Weave;
  score: number;
  place: number;
}

const escape = (text: string) =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);
const WIDTH = 1200;
const EDGE = 40;
const CELL_GAP = 6;
const sans = "'Atkinson Hyperlegible Next', 'Atkinson Hyperlegible', Arial, sans-serif";

/**
 * The cloth of a sitting as an SVG text: the board as it was won, and under it one band a team, as
 * wide as its score. Patterns and names, so that it reads in greyscale too.
 */
export function clothSvg(
  title: string,
  teams: readonly ClothTeam[],
  board: BoardView | null,
  date: string,
): string {
  const ids = new Map(teams.map((team, i) => [team.id, `w${i}`]));
  const defs = teams.map((team) => patternDef(ids.get(team.id)!, team.weave, 1.5)).join('');
  const parts: string[] = [
    `<text x="${EDGE}" y="72" font-size="40" font-weight="700">${escape(title)}</text>`,
    `<text x="${EDGE}" y="104" font-size="20" fill="${palette.stone}">${escape(date)}</text>`,
  ];
  let y = 136;
  for (const row of board?.rows ?? []) {
    const left = EDGE + 240;
    const width = (WIDTH - EDGE - left) / row.cells.length;
    parts.push(`<text x="${EDGE}" y="${y + 34}" font-size="22">${escape(row.name)}</text>`);
    row.cells.forEach((cell, i) => {
      const fill = cell.winner
        ? `url(#${ids.get(cell.winner)})`
        : cell.state === 'used'
          ? 'url(#none)'
          : 'none';
      parts.push(
        `<rect x="${left + i * width}" y="${y}" width="${width - CELL_GAP}" height="50" rx="4" fill="${fill}" stroke="${palette.stone}"/>`,
      );
    });
    y += 56;
  }
  y += 24;
  const most = Math.max(1, ...teams.map((team) => Math.abs(team.score)));
  for (const team of [...teams].sort((a, b) => a.place - b.place)) {
    const width = (Math.abs(team.score) / most) * (WIDTH - 2 * EDGE);
    parts.push(
      `<text x="${EDGE}" y="${y + 24}" font-size="24" font-weight="700">${team.place}. ${escape(team.name)}</text>`,
      `<text x="${WIDTH - EDGE}" y="${y + 24}" font-size="24" text-anchor="end">${String(team.score).replace('-', '−')}</text>`,
      `<rect x="${EDGE}" y="${y + 34}" width="${Math.max(2, width)}" height="40" rx="4" fill="url(#${ids.get(team.id)})"${team.score < 0 ? ' opacity=".45"' : ''}/>`,
    );
    y += 96;
  }
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${y + 24}" viewBox="0 0 ${WIDTH} ${y + 24}" font-family="${sans}" fill="${palette.ink}">` +
    `<defs>${defs}<pattern id="none" width="10" height="10" patternUnits="userSpaceOnUse"><path d="M0 10 10 0" stroke="${palette.stone}"/></pattern></defs>` +
    `<rect width="100%" height="100%" fill="${palette.chalk}"/>${parts.join('')}</svg>`
  );
}
