import type { Difficulty } from '../question/question.ts';
import { correlation, quantile } from '../report/figures/spread.ts';
import type { Dated } from '../term/digest.ts';
import { shareAt } from '../report/shareAt.ts';
import { fitRasch, type Answers } from './rasch.ts';

/** What all games and practices of a host taught of a question. */
export interface Learnt {
  id: string;
  prompt: string;
  answers: number;
  /** The mean share of the marks, 0 … 1. */
  share: number;
  /** In logits: 0 is known by half of middling people, more is harder; with its standard error. */
  difficulty: number;
  error: number;
  /** How it goes with the other questions of its games, −1 … 1; null of too few. */
  discrimination: number | null;
  /** How much easier it was in the later half than in the earlier (logits), with its standard error; null of too few. */
  drift: { easier: number; error: number } | null;
  /** The usual time (s), and the wrong answer that tempted most often. */
  seconds: number | null;
  lure: string | null;
}

/** Of fewer answers no discrimination and no drift is told. */
const FEW = 10;

/** All answers by name of question, with whom each belongs to: a person is somebody else in every game. */
function gather(digests: readonly Dated[]) {
  const ids: string[] = [];
  const places = new Map<string, number>();
  const [person, question, share, rest, at]: number[][] = [[], [], [], [], []] as never;
  let people = 0;
  const games = [...digests].sort((a, b) => a.at - b.at);
  for (const game of games) {
    const columns = game.items.map(({ id }) => {
      const known = places.get(id);
      if (known !== undefined) return known;
      places.set(id, ids.length);
      return ids.push(id) - 1;
    });
    game.knowers.forEach((_, row) => {
      const own = game.items.map((item, column) =>
        item.counts === 'asPlayed' ? shareAt(game, row, column) : null,
      );
      const asked = own.filter((one) => one !== null);
      const sum = asked.reduce((all, one) => all + one, 0);
      own.forEach((one, column) => {
        if (one === null) return;
        person!.push(people);
        question!.push(columns[column]!);
        share!.push(one);
        rest!.push(asked.length > 1 ? (sum - one) / (asked.length - 1) : NaN);
        at!.push(game.at);
      });
      people++;
    });
  }
  const answers: Answers = {
    people,
    questions: ids.length,
    person: person!,
    question: question!,
    share: share!,
  };
  return { games, ids, answers, rest: rest!, at: at! };
}

/** What came of each question in all of these games. `tell` and `stop` are those of the fit. */
export function learnQuestions(
  digests: readonly Dated[],
  tell?: (share: number) => void,
  stop?: () => boolean,
): Learnt[] {
  const { games, ids, answers, rest } = gather(digests);
  const fitted = fitRasch(answers, tell, stop);
  // Answers lie in the order of time: the first half of each question's are its earlier ones.
  const of = ids.map((): number[] => []);
  for (let i = 0; i < answers.person.length; i++) of[answers.question[i]!]!.push(i);
  const told = new Map<string, { prompt: string; seconds: number[]; lures: Map<string, number> }>();
  for (const game of games)
    for (const { id, prompt, seconds, lure } of game.items) {
      const own = told.get(id) ?? { prompt, seconds: [], lures: new Map<string, number>() };
      told.set(id, { ...own, prompt });
      if (seconds !== null) own.seconds.push(seconds);
      if (lure !== null) own.lures.set(lure, (own.lures.get(lure) ?? 0) + 1);
    }
  const residual = (i: number) => {
    const p =
      1 / (1 + Math.exp(fitted.difficulty[answers.question[i]!]! - fitted.ability[answers.person[i]!]!));
    return { over: answers.share[i]! - p, information: p * (1 - p) };
  };
  const easierBy = (some: readonly number[]) => {
    const all = some.map(residual);
    const information = all.reduce((sum, one) => sum + one.information, 0);
    return { by: all.reduce((sum, one) => sum + one.over, 0) / information, variance: 1 / information };
  };
  return ids.map((id, j): Learnt => {
    const own = of[j]!;
    const { prompt, seconds, lures } = told.get(id)!;
    const pairs = own.flatMap((i): [number, number][] =>
      Number.isNaN(rest[i]!) ? [] : [[answers.share[i]!, rest[i]!]],
    );
    const half = Math.floor(own.length / 2);
    const [early, late] = [own.slice(0, half), own.slice(own.length - half)];
    const drifts = half >= FEW ? [easierBy(early), easierBy(late)] : null;
    return {
      id,
      prompt,
      answers: own.length,
      share: own.reduce((sum, i) => sum + answers.share[i]!, 0) / Math.max(1, own.length),
      difficulty: fitted.difficulty[j]!,
      error: fitted.error[j]!,
      discrimination: pairs.length < FEW ? null : correlation(pairs),
      drift: drifts && {
        easier: drifts[1]!.by - drifts[0]!.by,
        error: Math.sqrt(drifts[0]!.variance + drifts[1]!.variance),
      },
      seconds: quantile(seconds, 0.5),
      lure: [...lures].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null,
    };
  });
}

/** So many answers tell more of how hard a question is than its author's judgement. */
const ENOUGH = 20;

/** How hard it is in the three words that rules speak in: for middling people (shares as in `library/difficulty.ts`). */
export function levelOf({ difficulty }: Pick<Learnt, 'difficulty'>): Difficulty {
  const share = 1 / (1 + Math.exp(difficulty));
  return share >= 0.725 ? 'easy' : share >= 0.475 ? 'medium' : 'hard';
}

/** The level that games taught, where there were answers enough; else null. */
export const learntLevel = (learnt: Pick<Learnt, 'difficulty' | 'answers'>): Difficulty | null =>
  learnt.answers >= ENOUGH ? levelOf(learnt) : null;

/** Whether those who do well otherwise miss it more often, by answers enough: its key may be wrong. */
export const isContrary = (learnt: Pick<Learnt, 'discrimination' | 'answers'>): boolean =>
  learnt.answers >= ENOUGH && learnt.discrimination !== null && learnt.discrimination < 0;

/** Whether it is not only chance that a question went better, or worse, later on: by more than twice the error, and by something that is felt. */
export const hasDrifted = ({ drift }: Pick<Learnt, 'drift'>): boolean =>
  drift !== null && Math.abs(drift.easier) > 2 * drift.error && Math.abs(drift.easier) >= 0.5;
