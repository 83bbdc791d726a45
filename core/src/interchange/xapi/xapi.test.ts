import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { seeded } from '../../random/seeded.ts';
import { playThrough } from '../../rehearsal/playThrough.ts';
import { usualRoom } from '../../rehearsal/room.ts';
import { reportOf } from '../../report/report.ts';
import { resultsOf } from '../../report/results.ts';
import { everyKindShow } from '../../sitting/test/table.ts';
import { Statement } from './statement.ts';
import { statementsOf } from './statements.ts';

const game = { id: 's1', home: 'https://quiz.example', at: '2026-11-29T10:00:00.000Z' };
const ofEvening = (seed: string) => {
  const show = everyKindShow();
  show.devices = { mode: 'each', score: 'teams', combine: 'mean' };
  const { state } = playThrough(show, { ...usualRoom, count: 6 }, seeded(seed));
  const [results, report] = [resultsOf(state), reportOf(state)];
  return { results, report, statements: statementsOf({ results, report }, game) };
};

describe('statements of the Experience API 1.0.3', () => {
  test('any evening: well formed, each id once and the same again, an answer for each that was given', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 6 }), (seed) => {
        const { statements, results, report } = ofEvening(seed);
        for (const one of statements) expect(v.safeParse(Statement, one).issues).toBeUndefined();
        expect(new Set(statements.map(({ id }) => id)).size).toBe(statements.length);
        expect(ofEvening(seed).statements).toEqual(statements);
        const numbers = new Set(report.items.map(({ number }) => number));
        const given = results.responses.filter(
          ({ knower, answer, number }) => knower !== null && answer !== '' && numbers.has(number),
        );
        const verbs = statements.map(({ verb }) => verb.id.split('/').at(-1));
        expect(verbs.filter((verb) => verb === 'answered')).toHaveLength(given.length);
      }),
      { numRuns: 15 },
    );
  });

  // Examples of what a store must refuse, by the requirements of part two.
  const whole = ofEvening('whole').statements[0]!;
  test.each([
    ['2.4.1: an id that is no UUID', { ...whole, id: 'first' }],
    ['2.4.2: nobody', { ...whole, actor: undefined }],
    ['2.4.2.4: an account without its home', { ...whole, actor: { account: { name: 'a' } } }],
    ['2.4.3: a verb that is no IRI', { ...whole, verb: { id: 'answered' } }],
    ['2.4.4.1: an activity that is no IRI', { ...whole, object: { id: 'q 1' } }],
    ['2.4.5.1: a scaled score above 1', { ...whole, result: { score: { scaled: 1.2 } } }],
    ['2.4.5.1: a raw score above its most', { ...whole, result: { score: { raw: 9, max: 5 } } }],
    ['2.4.5: a duration that is none', { ...whole, result: { duration: '12 s' } }],
    ['2.2: a property that nobody knows', { ...whole, mood: 'good' }],
    ['4.5: a moment that is none', { ...whole, timestamp: 'yesterday' }],
  ])('%s is refused', (_, statement) => {
    expect(v.safeParse(Statement, statement).success).toBe(false);
  });
});
