/** One right answer: by whom, and when (server ms). */
export interface Length {
  team: string;
  at: number;
}

/** So many lengths of cloth are told apart; above that one stands for several answers. */
export const MOST_LENGTHS = 400;

/** The next number that people call round: 1, 2 or 5, with noughts after it. */
export function roundUp(number: number): number {
  let step = 1;
  for (;;) {
    for (const one of [1, 2, 5]) if (one * step >= number) return one * step;
    step *= 10;
  }
}

/** The right answers as lengths of cloth: each in the weave of whoever gave the first answer in it. */
export function clothOfLengths(
  answers: readonly Length[],
  most = MOST_LENGTHS,
): { teams: string[]; worth: number } {
  const worth = roundUp(Math.max(1, answers.length / most));
  return { worth, teams: answers.filter((_, i) => i % worth === 0).map(({ team }) => team) };
}
