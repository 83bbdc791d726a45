import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import jstat from 'jstat';
import { newcombe, wilson } from './interval.ts';
import { reliability } from './reliability.ts';
import { correlation, deviation, mean, quantile, quartiles } from './spread.ts';
import { lsat, published } from '../test/lsat.ts';

const values = fc.array(fc.double({ min: -1000, max: 1000, noNaN: true }), { minLength: 2, maxLength: 40 });

test('mean, spread, quartiles and correlation are those of a statistics library', () => {
  fc.assert(
    fc.property(values, fc.double({ min: 0, max: 1, noNaN: true }), (all, p) => {
      expect(mean(all)).toBeCloseTo(jstat.mean(all), 6);
      expect(deviation(all)).toBeCloseTo(jstat.stdev(all, true), 6);
      expect(quantile(all, p)).toBeCloseTo(jstat.quantiles(all, [p], 1, 1)[0]!, 6);
      expect(quartiles(all)).toEqual({
        low: quantile(all, 0.25),
        middle: quantile(all, 0.5),
        high: quantile(all, 0.75),
      });
    }),
  );
  const pairs = fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })), {
    minLength: 3,
    maxLength: 40,
  });
  fc.assert(
    fc.property(pairs, (all) => {
      const found = correlation(all);
      if (found === null) return;
      const by = jstat.corrcoeff(
        all.map(([one]) => one),
        all.map(([, one]) => one),
      );
      expect(found).toBeCloseTo(by, 9);
    }),
  );
  expect([mean([]), deviation([1]), quantile([], 0.5)]).toEqual([null, null, null]);
  expect(
    correlation([
      [1, 1],
      [1, 2],
      [1, 3],
    ]),
  ).toBeNull();
});

describe('intervals', () => {
  /** R. G. Newcombe, “Two-sided confidence intervals for the single proportion”, 1998, table I, method 3; from memory. */
  test.each([
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('%i of %i', (count, of, low, high) => {
    const found = wilson(count, of)!;
    expect([found.low, found.high].map((one) => Number(one.toFixed(4)))).toEqual([low, high]);
  });

  /** R. G. Newcombe, “Interval estimation for the difference …”, 1998, table II, method 10; from memory. */
  test.each([
    [56, 70, 48, 80, 0.0524, 0.3339],
    [9, 10, 3, 10, 0.1705, 0.809],
    [10, 10, 0, 20, 0.6791, 1],
    [10, 10, 0, 10, 0.6075, 1],
  ])('%i of %i less %i of %i', (a, of, b, other, low, high) => {
    const found = newcombe({ count: a, of }, { count: b, of: other })!;
    expect([found.low, found.high].map((one) => Number(one.toFixed(4)))).toEqual([low, high]);
  });

  test('holds the share, is narrower of more people, and the difference turns round with its sides', () => {
    const share = fc
      .integer({ min: 1, max: 400 })
      .chain((of) => fc.record({ of: fc.constant(of), count: fc.integer({ min: 0, max: of }) }));
    fc.assert(
      fc.property(share, share, (a, b) => {
        const { low, high } = wilson(a.count, a.of)!;
        expect(low).toBeLessThanOrEqual(a.count / a.of + 1e-12);
        expect(high).toBeGreaterThanOrEqual(a.count / a.of - 1e-12);
        const four = wilson(a.count * 4, a.of * 4)!;
        expect(four.high - four.low).toBeLessThan(high - low);
        const there = newcombe(a, b)!;
        const back = newcombe(b, a)!;
        expect(there.low).toBeCloseTo(-back.high, 9);
        expect(there.high).toBeCloseTo(-back.low, 9);
      }),
    );
    expect([wilson(0, 0), newcombe({ count: 0, of: 0 }, { count: 1, of: 2 })]).toEqual([null, null]);
  });
});

describe('reliability', () => {
  const marks = fc
    .tuple(fc.integer({ min: 2, max: 12 }), fc.integer({ min: 2, max: 8 }))
    .chain(([people, items]) =>
      fc.array(fc.array(fc.constantFrom(0, 1), { minLength: items, maxLength: items }), {
        minLength: people,
        maxLength: people,
      }),
    );

  test('where marks are all or nothing it is formula 20 of Kuder and Richardson, written out as it was published', () => {
    fc.assert(
      fc.property(marks, (all) => {
        const found = reliability(all);
        const [n, k] = [all.length, all[0]!.length];
        const sums = all.map((row) => jstat.sum(row));
        const whole = jstat.variance(sums);
        if (whole === 0) return expect(found).toBeNull();
        const pq = all[0]!.map((_, i) => all.filter((row) => row[i] === 1).length / n);
        const kr20 = (k / (k - 1)) * (1 - jstat.sum(pq.map((p) => p * (1 - p))) / whole);
        expect(found!.isKr20).toBe(true);
        expect(found!.alpha).toBeCloseTo(kr20, 9);
      }),
    );
  });

  test('the same question asked again and again is wholly reliable, and has no error', () => {
    const found = reliability([
      [1, 1, 1],
      [0, 0, 0],
      [1, 1, 1],
      [0.5, 0.5, 0.5],
    ]);
    expect(found!.alpha).toBeCloseTo(1, 9);
    expect(found!.error).toBeCloseTo(0, 6);
    expect(found!.isKr20).toBe(false);
  });

  test('nothing is said of too few', () => {
    expect([reliability([]), reliability([[1, 0]]), reliability([[1], [0]])]).toEqual([null, null, null]);
    expect(
      reliability([
        [1, 0],
        [1, 0],
      ]),
    ).toBeNull();
  });
});

describe('the figures published of a test that many books take as their example', () => {
  const column = (i: number) => lsat.map((row) => row[i]!);
  const sums = lsat.map((row) => row.reduce((sum, one) => sum + one, 0));

  test('shares right, point-biserial correlations with the total, and with the rest of it', () => {
    published.shares.forEach((share, i) => expect(mean(column(i))).toBeCloseTo(share, 6));
    published.withTotal.forEach((r, i) =>
      expect(correlation(column(i).map((own, p) => [own, sums[p]!]))).toBeCloseTo(r, 4),
    );
    published.withRest.forEach((r, i) =>
      expect(correlation(column(i).map((own, p) => [own, sums[p]! - own]))).toBeCloseTo(r, 4),
    );
  });

  test('alpha, which is KR-20 here, and what it is without each question', () => {
    expect(reliability(lsat)).toMatchObject({ isKr20: true, people: 1000, items: 5 });
    expect(reliability(lsat)!.alpha).toBeCloseTo(published.alpha, 4);
    published.alphaWithout.forEach((alpha, i) =>
      expect(reliability(lsat.map((row) => row.filter((_, j) => j !== i)))!.alpha).toBeCloseTo(alpha, 4),
    );
  });
});
