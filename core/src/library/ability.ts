import type { Random } from '../random/shuffle.ts';

/** One answer: how hard the question was (logits), and the share of its marks, 0 … 1. */
export interface Answered {
  hardness: number;
  share: number;
}

/** How far people lie apart before anything is known of one (standard deviation, logits): from memory. */
const PRIOR = 1;
const STEPS = 12;
/**
 * How likely somebody should know the next question. Half would tell most of them in the fewest questions (F. M. Lord,
 * “Applications of Item Response Theory”, 1980); three of four keeps people at it (common practice).
 */
const WANTED = 0.75;
/** Chance takes one of so many that suit best, so that neighbours get different ones (G. G. Kingsbury and A. R. Zara, 1989). */
const AMONG = 3;

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));
/** How hard a question is of which this share (0 … 1) of middling people's marks is expected, in logits. */
export const hardnessOf = (share: number): number => {
  const kept = Math.min(0.98, Math.max(0.02, share));
  return Math.log((1 - kept) / kept);
};

/**
 * What somebody knows, in logits, by their answers: the likeliest in the model of G. Rasch, drawn to the middle the more
 * the fewer they are (maximum a posteriori with a normal prior; Newton's steps).
 */
export function abilityFrom(answers: readonly Answered[]): number {
  let ability = 0;
  for (let step = 0; step < STEPS; step++) {
    let [slope, curve] = [-ability / PRIOR ** 2, 1 / PRIOR ** 2];
    for (const { hardness, share } of answers) {
      const p = logistic(ability - hardness);
      slope += share - p;
      curve += p * (1 - p);
    }
    ability += Math.max(-1, Math.min(1, slope / curve));
  }
  return ability;
}

/** One of `ids` that suits somebody of this ability: challenging, and within reach. Null where there are none. */
export function suiting(
  ids: readonly string[],
  hardness: (id: string) => number,
  ability: number,
  random: Random,
): string | null {
  const wanted = ability - Math.log(WANTED / (1 - WANTED));
  const nearest = ids
    .map((id) => ({ id, off: Math.abs(hardness(id) - wanted) }))
    .sort((a, b) => a.off - b.off)
    .slice(0, AMONG);
  return nearest[Math.floor(random() * nearest.length)]?.id ?? null;
}
