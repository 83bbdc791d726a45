import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/seeded.ts';
import type { Dated } from '../term/digest.ts';
import { lsat, published } from '../report/test/lsat.ts';
import { blankQuestion } from '../question/question.ts';
import { newRound } from '../show/newRound.ts';
import { showLength } from '../show/length/show.ts';
import type { Round, Show } from '../show/show.ts';
import { hasDrifted, learnQuestions, learntLevel, type Learnt } from './questions.ts';
import { usualOf, withLearnt } from './withLearnt.ts';
import { fitRasch } from './rasch.ts';

/** Normal values by the polar way of G. Marsaglia. */
function normals(random: () => number): () => number {
  return () => {
    for (;;) {
      const [x, y] = [2 * random() - 1, 2 * random() - 1];
      const s = x * x + y * y;
      if (s > 0 && s < 1) return x * Math.sqrt((-2 * Math.log(s)) / s);
    }
  };
}

/** People of normal ability who answer questions of known difficulty, each some of them. */
function simulated(seed: string, people: number, truth: readonly number[], each: number, spread = 1) {
  const random = seeded(seed);
  const normal = normals(random);
  const [person, question, share]: number[][] = [[], [], []] as never;
  for (let p = 0; p < people; p++) {
    const ability = spread * normal();
    const from = Math.floor(random() * truth.length);
    for (let k = 0; k < each; k++) {
      const j = (from + k) % truth.length;
      person!.push(p);
      question!.push(j);
      share!.push(random() < 1 / (1 + Math.exp(truth[j]! - ability)) ? 1 : 0);
    }
  }
  return { people, questions: truth.length, person: person!, question: question!, share: share! };
}

describe('difficulty on one scale', () => {
  test('of a simulation with known truth, 95 of 100 lie within twice their own error, and the spread is found', () => {
    let [within, all] = [0, 0];
    for (const [seed, spread] of [
      ['a', 1],
      ['b', 0.7],
      ['c', 1.4],
    ] as const) {
      const normal = normals(seeded(`truth ${seed}`));
      const truth = Array.from({ length: 80 }, () => 1.2 * normal());
      const fitted = fitRasch(simulated(seed, 600, truth, 12, spread));
      truth.forEach((b, j) => {
        all++;
        if (Math.abs(fitted.difficulty[j]! - b) < 1.96 * fitted.error[j]!) within++;
      });
      expect(Math.abs(fitted.spread - spread)).toBeLessThan(0.15);
    }
    expect(within / all).toBeGreaterThan(0.92);
    expect(within / all).toBeLessThan(0.985);
  });

  test('of data that many books take as their example it is what is published of them', () => {
    const at = (work: (row: number[], p: number) => number[]) => lsat.flatMap(work);
    const fitted = fitRasch({
      people: lsat.length,
      questions: 5,
      person: at((row, p) => row.map(() => p)),
      question: at((row) => row.map((_, j) => j)),
      share: at((row) => row),
    });
    // Ours are drawn to the middle by a prior: with a thousand answers by less than the tenth of an error.
    published.difficulty.forEach((b, j) => {
      expect(Math.abs(fitted.difficulty[j]! - published.slope * b)).toBeLessThan(0.03);
      expect(fitted.error[j]).toBeGreaterThan(0.06);
    });
    expect(Math.abs(fitted.spread - published.slope)).toBeLessThan(0.02);
  });

  test('few answers are drawn to the middle, and say so by their error', () => {
    const of = (n: number) => {
      const { difficulty, error } = fitRasch({
        people: n,
        questions: 1,
        person: Array.from({ length: n }, (_, i) => i),
        question: Array.from({ length: n }, () => 0),
        share: Array.from({ length: n }, () => 0),
      });
      return { difficulty: difficulty[0]!, error: error[0]! };
    };
    const [none, one, ten, many] = [of(0), of(1), of(10), of(300)];
    expect(none.difficulty).toBe(0);
    expect(one.difficulty).toBeGreaterThan(0);
    expect(ten.difficulty).toBeGreaterThan(one.difficulty);
    expect(many.difficulty).toBeGreaterThan(ten.difficulty);
    // No answer at all: what is known beforehand, and nothing more.
    expect(none.error).toBeCloseTo(1.5, 9);
    expect(many.error).toBeLessThan(none.error);
  });

  test('whatever is answered, everything is a number: also where people know all or nothing', () => {
    const answer = fc.record({ person: fc.nat(5), question: fc.nat(5), share: fc.constantFrom(0, 0.5, 1) });
    const allOrNothing = Array.from({ length: 7 }, (_, g) =>
      [0, 1, 2].flatMap((p) =>
        [0, 1, 2].map((question) => ({ person: 3 * g + p, question, share: p ? 1 : 0 })),
      ),
    ).flat();
    fc.assert(
      fc.property(fc.oneof(fc.constant(allOrNothing), fc.array(answer, { maxLength: 60 })), (all) => {
        const fitted = fitRasch({
          people: 21,
          questions: 6,
          person: all.map((one) => one.person),
          question: all.map((one) => one.question),
          share: all.map((one) => one.share),
        });
        for (const one of [...fitted.difficulty, ...fitted.error, ...fitted.ability, fitted.spread])
          expect(Number.isFinite(one)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  test('it can be stopped, tells how far it is, and says the same whatever the order of answers', () => {
    const answers = simulated('order', 60, [-1, 0, 1, 2], 3);
    const told: number[] = [];
    const fitted = fitRasch(answers, (share) => told.push(share));
    expect(told.at(-1)).toBe(1);
    expect(told.every((one) => one >= 0 && one <= 1)).toBe(true);
    expect(fitRasch(answers, undefined, () => true).rounds).toBe(0);
    const back = (list: ArrayLike<number>) => [...Array.from(list)].reverse();
    const other = fitRasch({
      ...answers,
      person: back(answers.person),
      question: back(answers.question),
      share: back(answers.share),
    });
    for (let j = 0; j < 4; j++) expect(other.difficulty[j]).toBeCloseTo(fitted.difficulty[j]!, 9);
  });
});

/** Games of one group: each question by the share of it that is known, game by game. */
function games(shares: readonly (readonly number[])[], people = 30): Dated[] {
  const random = seeded('games');
  return shares.map((own, g) => ({
    kind: 'game',
    title: '',
    group: '',
    at: g,
    by: 'people',
    sitting: `g${g}`,
    isAnonymous: false,
    knowers: Array.from({ length: people }, (_, i) => ({
      id: `p${i}`,
      name: `P ${i}`,
      team: '',
      share: 0,
      score: 0,
    })),
    items: own.map((_, i) => ({
      number: i + 1,
      id: `q${i}`,
      isKept: true,
      prompt: `Prompt ${i}`,
      tags: [],
      difficulty: null,
      value: 100,
      counts: 'asPlayed',
      seconds: 10 + g,
      lure: g === 0 ? 'other' : 'usual',
    })),
    rows: Array.from({ length: people }, () => own.map((p) => (random() < p ? 'r' : 'w')).join('')),
    parts: {},
    teams: [],
  }));
}

describe('what games teach of a question', () => {
  test('easy is easy, hard is hard; what went better later has drifted, and nothing else', () => {
    const learnt = learnQuestions(
      games([
        [0.9, 0.5, 0.15, 0.2],
        [0.9, 0.5, 0.15, 0.2],
        [0.9, 0.5, 0.15, 0.9],
        [0.9, 0.5, 0.15, 0.9],
      ]),
    );
    expect(learnt.map(({ id, answers }) => [id, answers])).toEqual([0, 1, 2, 3].map((i) => [`q${i}`, 120]));
    expect(learnt.slice(0, 3).map(learntLevel)).toEqual(['easy', 'medium', 'hard']);
    expect(learnt.map(hasDrifted)).toEqual([false, false, false, true]);
    expect(learnt[3]!.drift!.easier).toBeGreaterThan(1);
    expect(learnt[0]).toMatchObject({ seconds: 11.5, lure: 'usual' });
  });

  test('of few answers no level is said, and nothing of drift', () => {
    const [one] = learnQuestions(games([[0.5]], 12));
    expect([learntLevel(one!), one!.drift, one!.discrimination]).toEqual([null, null, null]);
  });
});

describe('what games taught, in a show', () => {
  const known = (own: Partial<Learnt>): Learnt => ({
    id: 'l1',
    prompt: '',
    answers: 40,
    share: 0.9,
    difficulty: 0,
    error: 0.3,
    discrimination: null,
    drift: null,
    seconds: 55,
    lure: null,
    ...own,
  });
  const question = {
    ...blankQuestion(() => 'x'),
    id: 'q',
    prompt: 'Which knot?',
    answer: { kind: 'truefalse' as const, key: true, words: { true: 'True', false: 'False' } },
    origin: { id: 'l1', version: 1 },
  };
  const made = newRound('quiz', () => 'r');
  const show = {
    rounds: [{ ...made, content: { ...made.content, items: [{ id: 'q', points: null }] } } as Round],
    questions: { q: question },
    teams: [],
    devices: { mode: 'each', score: 'teams' },
  } as unknown as Show;

  test('its share is that of middling people, whoever was asked; of few answers there is no usual time', () => {
    expect(usualOf(known({}))).toEqual({ answers: 40, share: 0.5, seconds: 55 });
    expect(usualOf(known({ answers: 9, difficulty: 1 })).seconds).toBeNull();
  });

  test('a question that takes long makes a show longer; one that nobody asked changes nothing', () => {
    const [quick, slow] = [5, 55].map(
      (seconds) => showLength(withLearnt(show, { l1: usualOf(known({ seconds })) })).span.likely,
    );
    expect(slow! - quick!).toBeGreaterThan(10);
    expect(withLearnt(show, { other: usualOf(known({})) })).toEqual(show);
    const carrying = withLearnt(show, { l1: usualOf(known({})) });
    expect(carrying.questions.q).toHaveProperty('learnt.seconds', 55);
    // What was taught before goes, and nothing is put into what the host wrote.
    expect(withLearnt(carrying, {})).toEqual(show);
    expect(show.questions.q).not.toHaveProperty('learnt');
  });
});
