/** What became of one question: who was playing, and who of them was right. */
export interface Turnout {
  /** The question, by the number under which it was in play. */
  play: number;
  playing: readonly string[];
  right: readonly string[];
}

/**
 * The lives that are left to each team that lost any. Whoever still has lives and was not right
 * loses one; where all of those miss together, nobody does – but for one who plays `alone`. Who is out stays out.
 */
export function livesAfter(turnouts: readonly Turnout[], lives: number, alone = false): Map<string, number> {
  const left = new Map<string, number>();
  const of = (team: string) => left.get(team) ?? lives;
  for (const { playing, right } of turnouts) {
    const alive = playing.filter((team) => of(team) > 0);
    const missed = alive.filter((team) => !right.includes(team));
    if (missed.length === alive.length && !(alone && playing.length === 1)) continue;
    for (const team of missed) left.set(team, of(team) - 1);
  }
  return left;
}

/** How many of those who still play are right on average, for want of anything measured. */
const RIGHT = 0.6;

/**
 * Questions until one of `teams` is left, each with `lives`: every question leaves the same share
 * of them without a loss, so that their number falls geometrically, once for each life.
 */
export const untilOneIsLeft = (teams: number, lives: number): number =>
  teams <= 1 ? 0 : Math.ceil((Math.log(teams) / Math.log(1 / RIGHT)) * lives);
