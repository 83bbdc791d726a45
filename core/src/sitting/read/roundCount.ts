import { formatOf } from '../../formats/index.ts';
import { rank, type Placed } from '../../rank/standings.ts';
import type { CountLine } from '../events.ts';
import { rulesAt } from './inPlay.ts';
import type { BegunRound, SittingState } from '../state.ts';
import type { Team } from '../../show/team.ts';

/** Those who play, without whoever was removed. */
export const playing = (state: SittingState): Team[] =>
  state.teams.filter((team) => !state.seats.get(team.id)?.removed);

/** What a team has in a round by itself: points of its questions, or what its format counts instead. */
export const scoreIn = ({ format, state, points }: BegunRound, team: string): number =>
  formatOf(format).ownScore(state, team) ?? points.get(team) ?? 0;

/** The places in a round by itself, as its format ranks. */
export const placesIn = (state: SittingState, round: BegunRound): Placed<Team>[] =>
  rank(playing(state), ({ id }) => formatOf(round.format).rankBy(round.state, id, round.points.get(id) ?? 0));

/** Whether a round has a winner of its own beside that of the show. */
export const hasOwnWinner = ({ format, brings }: BegunRound): boolean =>
  brings !== undefined && formatOf(format).asks && (formatOf(format).ranksOtherwise || brings !== 'counted');

/** Those who won a round by itself; nobody where all who play are level. */
export function winnersIn(state: SittingState, round: BegunRound): string[] {
  const places = placesIn(state, round);
  const first = places.filter(({ place }) => place === 1).map(({ item }) => item.id);
  return first.length === places.length && places.length > 1 ? [] : first;
}

/** What a round as it stands brings everybody, as its rules say. */
export function countOf(state: SittingState, begun: number): CountLine[] {
  const round = state.begun[begun]!;
  const format = formatOf(round.format);
  const rules = rulesAt(state, round.index);
  const places = placesIn(state, round);
  return places.map(({ item: { id: team }, place }) => {
    const points = round.points.get(team) ?? 0;
    const behind = places.filter((one) => one.place > place).length;
    const amount = {
      counted: () => format.counted(round.state, team, rules),
      places: () => behind * rules.placePoints - points,
      nothing: () => -points,
    }[round.brings ?? 'counted']();
    return { team, place, amount: amount === 0 ? 0 : amount };
  });
}
