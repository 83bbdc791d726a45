/** Answers to questions as columns: `person[i]` answered `question[i]` with the share `share[i]` of the marks, 0 … 1. */
export interface Answers {
  people: number;
  questions: number;
  person: ArrayLike<number>;
  question: ArrayLike<number>;
  share: ArrayLike<number>;
}

/** How hard each question is, in logits (0: half of those of middling knowledge know it; more is harder). */
export interface Fitted {
  difficulty: Float64Array;
  /** Standard errors of these. */
  error: Float64Array;
  /** What each person knew in this game, as is to be expected from their answers. */
  ability: Float64Array;
  /** The spread of people (standard deviation), in logits. */
  spread: number;
  rounds: number;
}

/** Points of the normal distribution at which the integral over people is taken, in standard deviations. */
const POINTS = 21;
const REACH = 4;
/** How far questions lie apart before anything is known of them (standard deviation, in logits): from memory. */
const PRIOR = 1.5;
/** People who know all or nothing would draw the spread to infinity: beyond this (logits) nothing more is told by it. */
const [NARROWEST, WIDEST] = [0.1, 4];
/** The end: nothing moves by more than this any more (logits), or so many rounds. */
const STILL = 1e-3;
const MOST_ROUNDS = 200;

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

/**
 * Fits the model of G. Rasch (“Probabilistic Models for Some Intelligence and Attainment Tests”, 1960),
 *
 *     P(right) = 1 / (1 + exp(−(ability − difficulty))),
 *
 * by marginal likelihood with the EM algorithm (R. D. Bock and M. Aitkin, “Marginal maximum likelihood estimation of item
 * parameters”, 1981): people are normal about 0 with a spread that is estimated as well, questions are drawn to 0 by a
 * normal prior, the more the fewer answers they have. Parts of a mark count as parts. Standard errors are from the
 * squared scores of people (the information that is missing about people is taken off by it).
 * @param tell is told the share that is done, 0 … 1. @param stop ends it early, with what there is.
 */
export function fitRasch(
  answers: Answers,
  tell: (share: number) => void = () => undefined,
  stop: () => boolean = () => false,
): Fitted {
  const { people, questions, person, question, share } = answers;
  const count = person.length;
  const nodes = Float64Array.from({ length: POINTS }, (_, q) => -REACH + (2 * REACH * q) / (POINTS - 1));
  const weights = nodes.map((x) => Math.exp((-x * x) / 2));
  const difficulty = startOf(answers);
  // Answers of one person lie together: a row of pointers, then their places.
  const from = new Int32Array(people + 1);
  for (let i = 0; i < count; i++) from[person[i]! + 1]!++;
  for (let p = 0; p < people; p++) from[p + 1]! += from[p]!;
  const at = new Int32Array(count);
  const next = from.slice();
  for (let i = 0; i < count; i++) at[next[person[i]!]!++] = i;

  const posterior = new Float64Array(people * POINTS);
  let spread = 1;
  /** The chance of a right answer for each question at each point, and its logarithms. */
  const chance = new Float64Array(questions * POINTS);
  const logRight = new Float64Array(questions * POINTS);
  const logWrong = new Float64Array(questions * POINTS);
  const tabulate = () => {
    for (let j = 0; j < questions; j++)
      for (let q = 0; q < POINTS; q++) {
        const x = spread * nodes[q]! - difficulty[j]!;
        chance[j * POINTS + q] = logistic(x);
        // So written they stay finite however sure it is.
        logRight[j * POINTS + q] = -Math.log1p(Math.exp(-x));
        logWrong[j * POINTS + q] = -Math.log1p(Math.exp(x));
      }
  };
  const expect = () => {
    const log = new Float64Array(POINTS);
    for (let p = 0; p < people; p++) {
      log.fill(0);
      for (let k = from[p]!; k < from[p + 1]!; k++) {
        const i = at[k]!;
        const [row, x] = [question[i]! * POINTS, share[i]!];
        for (let q = 0; q < POINTS; q++) log[q]! += x * logRight[row + q]! + (1 - x) * logWrong[row + q]!;
      }
      let most = -Infinity;
      for (let q = 0; q < POINTS; q++) if (log[q]! > most) most = log[q]!;
      let sum = 0;
      for (let q = 0; q < POINTS; q++)
        sum += posterior[p * POINTS + q] = weights[q]! * Math.exp(log[q]! - most);
      for (let q = 0; q < POINTS; q++) posterior[p * POINTS + q]! /= sum;
    }
  };
  /** Moves questions and the spread one step to where they are likeliest. @returns by how much at most. */
  const maximise = (): number => {
    const asked = new Float64Array(questions * POINTS);
    const right = new Float64Array(questions);
    for (let i = 0; i < count; i++) {
      const [row, own] = [question[i]! * POINTS, person[i]! * POINTS];
      right[question[i]!]! += share[i]!;
      for (let q = 0; q < POINTS; q++) asked[row + q]! += posterior[own + q]!;
    }
    let moved = 0;
    for (let j = 0; j < questions; j++) {
      const was = difficulty[j]!;
      let b = was;
      for (let step = 0; step < 8; step++) {
        let [slope, curve] = [-right[j]! - b / PRIOR ** 2, 1 / PRIOR ** 2];
        for (let q = 0; q < POINTS; q++) {
          const p = logistic(spread * nodes[q]! - b);
          slope += asked[j * POINTS + q]! * p;
          curve += asked[j * POINTS + q]! * p * (1 - p);
        }
        const by = Math.max(-1, Math.min(1, slope / curve));
        b += by;
        if (Math.abs(by) < STILL / 10) break;
      }
      difficulty[j] = b;
      moved = Math.max(moved, Math.abs(b - was));
    }
    let variance = 0;
    for (let p = 0; p < people; p++)
      for (let q = 0; q < POINTS; q++) variance += posterior[p * POINTS + q]! * nodes[q]! ** 2;
    const wider =
      people === 0 ? 1 : Math.min(WIDEST, Math.max(NARROWEST, spread * Math.sqrt(variance / people)));
    moved = Math.max(moved, Math.abs(wider - spread));
    spread = wider;
    return moved;
  };

  let rounds = 0;
  let first = 0;
  for (; rounds < MOST_ROUNDS && !stop(); rounds++) {
    tabulate();
    expect();
    const moved = maximise();
    if (rounds === 0) first = Math.max(moved, 2 * STILL);
    // What is left shrinks by about the same share each round.
    tell(Math.min(0.99, Math.log(first / Math.max(moved, STILL)) / Math.log(first / STILL)));
    if (moved < STILL) break;
  }
  tabulate();
  expect();

  const ability = new Float64Array(people);
  for (let p = 0; p < people; p++)
    for (let q = 0; q < POINTS; q++) ability[p]! += posterior[p * POINTS + q]! * nodes[q]! * spread;
  const information = new Float64Array(questions).fill(1 / PRIOR ** 2);
  for (let i = 0; i < count; i++) {
    const [row, own] = [question[i]! * POINTS, person[i]! * POINTS];
    let expected = 0;
    for (let q = 0; q < POINTS; q++) expected += posterior[own + q]! * chance[row + q]!;
    information[question[i]!]! += (share[i]! - expected) ** 2;
  }
  tell(1);
  return { difficulty, error: information.map((one) => 1 / Math.sqrt(one)), ability, spread, rounds };
}

/** Where the search begins: by the share of right answers, drawn a little to the middle. */
function startOf({ questions, question, share }: Answers): Float64Array {
  const [sum, of] = [new Float64Array(questions), new Float64Array(questions)];
  for (let i = 0; i < question.length; i++) {
    sum[question[i]!]! += share[i]!;
    of[question[i]!]!++;
  }
  return sum.map((one, j) => {
    const p = (one + 1) / (of[j]! + 2);
    return Math.log((1 - p) / p);
  });
}
