/** What became of one question: who was playing, and who of them was right. */
export interface Turnout {
  /** The question, by the number under which it was in play. */
  play: number;
  playing: readonly string[];
  right: readonly string[];
}

/**
 * The lives that are left to each team that lost any. Whoever still has lives and was not right
 * loses one; where all of those miss together, nobody does. Who is out stays out.
 */
export function livesAfter(turnouts: readonly Turnout[], lives: number): Map<string, number> {
  const left = new Map<string, number>();
  const of = (team: string) => left.get(team) ?? lives;
  for (const { playing, right } of turnouts) {
    const alive = playing.filter((team) => of(team) > 0);
    const missed = alive.filter((team) => !right.includes(team));
    if (missed.length === alive.length) continue;
    for (const team of missed) left.set(team, of(team) - 1);
  }
  return left;
}
