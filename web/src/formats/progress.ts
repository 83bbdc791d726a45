import type { FormatName, FormatView } from '@distaff/core/formats';

/** How much of a round was played, of how much, and what is counted. */
export interface Progress {
  played: number;
  of: number;
}
type Told = { [F in FormatName]: (round: Extract<FormatView, { format: F }>) => Progress | null };

const inList = ({ played, of }: { played: number; of: number }): Progress => ({
  played,
  of,
});

/** Null where nothing is asked. */
const progress: Told = {
  board({ rows }) {
    const cells = rows.flatMap((row) => row.cells).filter((cell) => cell.state !== 'empty');
    const played = cells.filter((cell) => cell.state === 'used').length;
    return { played, of: cells.length };
  },
  quiz: inList,
  knockout: inList,
  survey: inList,
  counterweight: ({ covers }) => ({
    played: covers.filter((cover) => cover.team !== null).length,
    of: covers.length,
  }),
  climb: ({ done, climbs, on }) => ({
    played: done.length,
    of: Math.max(climbs, done.length + (on ? 1 : 0)),
  }),
  claim: ({ squares }) => ({
    played: squares.filter(({ group }) => group !== null).length,
    of: squares.filter(({ isThere }) => isThere).length,
  }),
  // It goes round and round until somebody is there.
  trail: () => null,
  // Everybody has come another way.
  ownPace: () => null,
  interlude: () => null,
};

export function progressOf(round: FormatView | null): Progress | null {
  return round && (progress[round.format] as (one: FormatView) => Progress | null)(round);
}

export const questionsLeft = (round: FormatView | null): number => {
  const found = progressOf(round);
  return found ? found.of - found.played : 0;
};
