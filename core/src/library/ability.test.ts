import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/seeded.ts';
import { abilityFrom, hardnessOf, suiting, type Answered } from './ability.ts';

const logistic = (x: number) => 1 / (1 + Math.exp(-x));
const anAnswer = fc.record({
  hardness: fc.double({ min: -3, max: 3, noNaN: true }),
  share: fc.constantFrom(0, 0.5, 1),
});

describe('what somebody knows, by their answers', () => {
  test('is where the likelihood, with its prior, has its peak', () => {
    const heap = (answers: readonly Answered[], at: number) =>
      answers.reduce(
        (sum, { hardness, share }) =>
          sum +
          share * Math.log(logistic(at - hardness)) +
          (1 - share) * Math.log(1 - logistic(at - hardness)),
        -(at * at) / 2,
      );
    fc.assert(
      fc.property(fc.array(anAnswer, { maxLength: 40 }), (answers) => {
        const found = abilityFrom(answers);
        for (const off of [-0.01, 0.01])
          expect(heap(answers, found + off)).toBeLessThan(heap(answers, found) + 1e-9);
      }),
    );
  });

  test('is found again by questions that suit, better than by questions that do not', () => {
    const random = seeded('people');
    const ids = Array.from({ length: 200 }, (_, i) => String(i));
    const hardness = (id: string) => -3 + (6 * Number(id)) / 199;
    const missBy = (choose: (left: string[], ability: number) => string | null) => {
      let [sum, asked, right] = [0, 0, 0];
      for (let person = 0; person < 200; person++) {
        const truth = -2 + (4 * person) / 199;
        const answers: Answered[] = [];
        let left = ids;
        for (let n = 0; n < 15; n++) {
          const id = choose(left, abilityFrom(answers))!;
          left = left.filter((one) => one !== id);
          const share = random() < logistic(truth - hardness(id)) ? 1 : 0;
          answers.push({ hardness: hardness(id), share });
          [asked, right] = [asked + 1, right + share];
        }
        sum += (abilityFrom(answers) - truth) ** 2;
      }
      return { by: Math.sqrt(sum / 200), right: right / asked };
    };
    const suited = missBy((left, ability) => suiting(left, hardness, ability, random));
    const easy = missBy((left) => left[0]!);
    expect(suited.by).toBeLessThan(0.75);
    expect(easy.by).toBeGreaterThan(suited.by + 0.1);
    // People of very different knowledge get about as many right: that is what it is for.
    expect(suited.right).toBeGreaterThan(0.65);
    expect(suited.right).toBeLessThan(0.8);
  });

  test('a share and how hard that is are each other’s way back; chance keeps to what suits', () => {
    for (const share of [0.1, 0.35, 0.62, 0.9]) expect(logistic(-hardnessOf(share))).toBeCloseTo(share, 10);
    const hardness = (id: string) => Number(id);
    expect(suiting([], hardness, 0, Math.random)).toBeNull();
    const seen = new Set(
      Array.from({ length: 100 }, () => suiting(['-5', '-2', '-1', '0', '5'], hardness, 0, Math.random)),
    );
    expect([...seen].sort()).toEqual(['-1', '-2', '0']);
  });
});
