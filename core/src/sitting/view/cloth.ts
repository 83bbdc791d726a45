import type { ClothRow } from '../../formats/format.ts';
import { formatOf } from '../../formats/index.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';

/** So many teams are still told apart in one cell. */
const STRIPES = 12;

/** The teams that were right, wholly or in part. */
const wonIn = (play: QuestionInPlay): string[] => [
  ...new Set([
    ...(play.winner === null ? [] : [play.winner]),
    ...play.responses.filter((one) => one.share > 0 && one.verdict !== 'wrong').map((one) => one.team),
  ]),
];

/** The cloth of a sitting: what every round adds to it, in the order of play, under the names of rounds or rows. */
export function clothOf(state: SittingState): ClothRow[] {
  return state.begun.flatMap((round, index) => {
    const plays = new Map(state.played.filter((one) => one.begun === index).map((one) => [one.ref, one]));
    const won = (ref: string) => {
      const play = plays.get(ref);
      return play ? wonIn(play).slice(0, STRIPES) : [];
    };
    const title = state.show.rounds[round.index]?.title ?? '';
    return formatOf(round.format)
      .cloth(round.state, won)
      .filter((row) => row.cells.some((cell) => cell.used))
      .map((row) => ({ ...row, name: row.name || title }));
  });
}
