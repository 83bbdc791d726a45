import type { FormatView } from '@distaff/core';

/** How many questions of a round there are, and how many of them were played; null where nothing is asked. */
export function progressOf(round: FormatView | null): { played: number; of: number } | null {
  if (round === null || round.format === 'interlude') return null;
  if (round.format === 'board') {
    const cells = round.rows.flatMap((row) => row.cells).filter((cell) => cell.state !== 'empty');
    return { played: cells.filter((cell) => cell.state === 'used').length, of: cells.length };
  }
  if (round.format === 'counterweight')
    return { played: round.covers.filter((cover) => cover.team !== null).length, of: round.covers.length };
  return { played: round.played, of: round.of };
}

export const questionsLeft = (round: FormatView | null): number => {
  const progress = progressOf(round);
  return progress ? progress.of - progress.played : 0;
};
