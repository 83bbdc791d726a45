import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankQuestion } from '../../question/question.ts';
import { cutsFor, fewerFor } from './cuts.ts';
import { expectedEnd, measuredPace, timingOf } from '../../sitting/read/timing.ts';
import { NO_TEMPO } from './tempo.ts';
import { rulesWith } from '../../formats/rules.ts';
import { showLength } from './show.ts';
import type { Question } from '../../question/question.ts';
import type { Show } from '../show.ts';
import { sampleShow, Table } from '../../sitting/test/table.ts';
import { questionSpan, readingAloud, readingSilently } from './question.ts';
import { exactly, together } from '../../time/span.ts';

const choice = (prompt: string, change: Partial<Question> = {}): Question => ({
  ...blankQuestion(() => 'q'),
  prompt,
  answer: {
    kind: 'choice',
    options: ['one', 'two', 'three', 'four'].map((text) => ({ id: text, text })),
    key: 'one',
  },
  ...change,
});
const words = (n: number) => Array.from({ length: n }, () => 'word').join(' ');

describe('how long a question takes', () => {
  test('reading: 183 words take a minute aloud, 238 silently, options among them', () => {
    expect(readingAloud(choice(words(179)))).toBeCloseTo(60);
    expect(readingSilently(choice(words(234)))).toBeCloseTo(60);
  });
  test('worked example: 12 words to be read, a clock of 20 s, everyone answers', () => {
    // Read aloud 12 / 183 min = 3.93 s, showing and ruling 6 s; 0.35, 0.7 and the whole of the clock;
    // the host says something for 0, 6 or 12 s.
    const span = questionSpan(choice(words(8)), rulesWith({ floor: 'everyone', clock: 20 }), false);
    expect(span.low).toBeCloseTo(3.93 + 6 + 7, 1);
    expect(span.likely).toBeCloseTo(3.93 + 6 + 14 + 6, 1);
    expect(span.high).toBeCloseTo(3.93 + 6 + 20 + 12, 1);
  });
  test.each<[string, (a: Question) => Question, number]>([
    ['its own clock counts before that of the round', (one) => ({ ...one, clock: 40 }), 14],
    ['an explanation is read out', (one) => ({ ...one, explanation: words(61) }), 20],
    ['a card is only read', (one) => ({ ...one, answer: { kind: 'card' } }), -21.3],
  ])('%s', (_name, change, more) => {
    const rules = rulesWith({ floor: 'everyone', clock: 20 });
    const before = questionSpan(choice(words(8)), rules, false).likely;
    expect(questionSpan(change(choice(words(8))), rules, false).likely - before).toBeCloseTo(more, 1);
  });
});

test('independent spans: distances add up as squares, the likely ones plainly (3-4-5)', () => {
  const sum = together([
    { low: 7, likely: 10, high: 13 },
    { low: 16, likely: 20, high: 24 },
  ]);
  expect(sum).toEqual({ low: 25, likely: 30, high: 35 });
  expect(together([exactly(60), exactly(30)])).toEqual(exactly(90));
});

describe('how long a show takes', () => {
  const withBreak = (): Show => {
    const show = sampleShow();
    const { rules } = show.rounds[0]!;
    const content = { what: 'break', text: '', minutes: 10 } as const;
    show.rounds.push({ id: 'tea', format: 'interlude', title: 'Tea', rules, content });
    return show;
  };
  test('what is switched off takes nothing; a break lasts as written at any pace, the rest follows it', () => {
    const plain = showLength(withBreak());
    const slow = showLength(withBreak(), { factor: 2, sittings: 3 });
    expect(plain.rounds[1]!.span).toEqual(exactly(600));
    expect(slow.rounds[1]!.span).toEqual(exactly(600));
    expect(slow.rounds[0]!.span.likely).toBeCloseTo(2 * plain.rounds[0]!.span.likely);
    const off = withBreak();
    off.rounds[1]!.off = true;
    expect(showLength(off).span.likely).toBeCloseTo(plain.span.likely - 600);
  });
  test('a range that was measured is narrower than one that was only worked out', () => {
    const width = (sittings: number) => {
      const { low, high } = showLength(withBreak(), { factor: 1, sittings }).span;
      return high - low;
    };
    expect(width(4)).toBeLessThan(width(0));
  });
});

describe('what could be left out', () => {
  const parts = [60, 300, 120, 0].map((seconds, index) => ({ index, seconds }));
  test.each([
    [-5, []],
    [50, [0]],
    [61, [2]],
    [200, [1]],
    [400, [1, 2]],
    [9999, [1, 2, 0]],
  ])('%i s over: %j', (over, expected) => {
    expect(cutsFor(over, parts).map((one) => one.index)).toEqual(expected);
  });
  test.each([
    [0, 10, null],
    [60, 10, 2],
    [61, 10, 3],
    [270, 10, 9],
    [271, 10, null],
    [60, 1, null],
  ])('%i s over in a round of 300 s and %i questions: %s fewer', (over, questions, expected) => {
    expect(fewerFor(over, { index: 0, seconds: 300 }, questions)).toBe(expected);
  });
  test('any list: what is proposed is enough, or it is everything that saves anything', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(900), { maxLength: 8 }), fc.nat(3000), (list, over) => {
        const all = list.map((seconds, index) => ({ index, seconds }));
        const cuts = cutsFor(over, all);
        const saved = cuts.reduce((sum, one) => sum + one.seconds, 0);
        expect(saved >= over || cuts.length === all.filter((one) => one.seconds > 0).length).toBe(true);
      }),
    );
  });
});

describe('how the time goes, live', () => {
  test('each question played brings the end nearer; the plan says how far behind it is', () => {
    const show = sampleShow();
    show.plannedMinutes = 1;
    const table = new Table(show).do('begin');
    const before = timingOf(table.state);
    expect(before).toMatchObject({ startedAt: table.state.startedAt, plannedMinutes: 1, question: null });
    const { end, behind } = expectedEnd(before, table.state.startedAt!);
    expect(end - table.state.startedAt!).toBeCloseTo(before.rest.likely * 1000);
    expect(behind).toBeCloseTo(before.rest.likely - 60);
    table.choose('a:1');
    const during = timingOf(table.state);
    expect(during.rest.likely).toBeLessThan(before.rest.likely);
    expect(during.question!.likely).toBeGreaterThan(5);
  });
  test('too few questions say nothing about a pace', () => {
    expect(measuredPace(new Table().do('begin').state)).toBeNull();
    expect(NO_TEMPO.factor).toBe(1);
  });
});
