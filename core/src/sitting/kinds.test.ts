import { expect, test } from '@jest/globals';
import { isRefusal } from '../refusal.ts';
import { nextStep } from './read/nextStep.ts';
import { publicView } from './view/public.ts';
import { resultsOf } from '../report/results.ts';
import { boardOf, cellOfKind, everyKind, everyKindShow, Table } from './test/table.ts';

/** Goes on by the next step until the question is left; what only the host can say is ruled `right`. */
function playOn(table: Table): string[] {
  const codes: string[] = [];
  while (table.state.question) {
    const next = nextStep(table.state);
    codes.push(next.code);
    if (next.command) table.do(next.command);
    else table.do({ type: 'rule', team: 't0', verdict: 'right' });
  }
  return codes;
}

const isScored = (kind: string) => !['opinion', 'scale', 'words', 'card'].includes(kind);
const rules = { shuffleOptions: false, penalty: 'full', afterWrong: 'close' } as const;
const kinds = everyKind().map((one, i) => ({ ...one, ref: cellOfKind(i), kind: one.answer.kind }));
const marked = ['showAnswers', 'showKey', 'award', 'leave'];
const expected: Record<string, string[]> = {
  aloud: ['lock', 'rule', 'showKey', 'award', 'leave'],
  opinion: ['lock', 'showExplanation', 'settleUnscored', 'leave'],
  scale: ['lock', 'showExplanation', 'settleUnscored', 'leave'],
  words: ['lock', 'showExplanation', 'settleUnscored', 'leave'],
  card: ['settleUnscored', 'leave'],
};

const opened = ({ ref, kind }: { ref: string; kind: string }) => {
  const table = new Table(everyKindShow(rules)).do('begin').choose(ref).do('pose');
  return kind === 'card' ? table : table.do('open');
};

test.each(kinds)(
  '$kind: from the cell back to the board by the next step alone, with a right answer',
  ({ ref, kind, right }) => {
    const table = opened({ ref, kind });
    if (right !== null) table.answer('s0', table.wire(right));
    expect(playOn(table)).toEqual(expected[kind] ?? marked);
    const scored = isScored(kind);
    expect(table.scores()).toEqual([scored ? 100 : 0, 0, 0]);
    expect(table.state.round).toMatchObject({
      state: {
        rows: expect.arrayContaining([
          expect.objectContaining({
            cells: expect.arrayContaining([expect.objectContaining({ id: ref, state: 'used' })]),
          }),
        ]),
      },
    });
    // What is only read leaves no row; an opinion that nobody gave leaves that.
    const verdict = kind === 'card' ? undefined : scored ? 'right' : 'none';
    expect(resultsOf(table.state).responses[0]?.verdict).toBe(verdict);
  },
);

// What is said aloud, or only read, is no answer that is sent.
test.each(kinds.filter(({ wrong }) => wrong !== null))(
  '$kind: a wrong answer costs what the round says; an opinion costs nothing',
  ({ ref, kind, wrong }) => {
    const table = opened({ ref, kind });
    table.answer('s0', table.wire(wrong));
    expect(table.do('settle').scores()).toEqual([isScored(kind) ? -100 : 0, 0, 0]);
  },
);

test('part marks bring their share of the value, rounded half up, and win the cell', () => {
  const show = everyKindShow(rules);
  const at = kinds.findIndex(({ kind }) => kind === 'many');
  boardOf(show).content.values[at]!.points = 25;
  const table = new Table(show).do('begin').choose(cellOfKind(at)).do('pose', 'open');
  table.answer('s0', { slots: [0] });
  expect(table.state.question!.responses[0]).toMatchObject({ verdict: 'part', share: 0.5, by: 'key' });
  expect(isRefusal(table.send({ type: 'handOn' }))).toBe(true);
  expect(playOn(table)).toEqual(marked);
  expect(table.scores()).toEqual([13, 0, 0]);
  expect(table.state.played[0]).toMatchObject({ winner: 't0' });
});

test('the host may rule part marks: half where nothing is said, or a share; and change the mind', () => {
  const at = kinds.findIndex(({ kind }) => kind === 'aloud');
  const table = new Table(everyKindShow(rules)).do('begin').choose(cellOfKind(at)).do('pose', 'open');
  table.do({ type: 'rule', team: 't0', verdict: 'part' });
  expect(table.state.question!.responses[0]).toMatchObject({ verdict: 'part', share: 0.5 });
  expect(isRefusal(table.send({ type: 'rule', team: 't0', verdict: 'part' }))).toBe(true);
  table.do({ type: 'rule', team: 't0', verdict: 'part', share: 0.25 });
  expect(table.do('settle').scores()).toEqual([25, 0, 0]);
});

test.each([
  [0, 0],
  [1, 100],
  [2, 200],
] as const)('weight %i makes 100 points %i', (weight, points) => {
  const show = everyKindShow(rules);
  show.questions.q0!.weight = weight;
  const table = new Table(show).do('begin').choose('a:0').do('pose', 'open');
  expect(publicView(table.state).question!.points).toBe(points);
  table.answer('s0', { slot: 1 });
  expect(table.do('settle').scores()).toEqual([points, 0, 0]);
});

test('what a handset gets to answer with: nothing before the answers are open, and never the key', () => {
  for (const { ref, kind } of kinds) {
    const table = new Table(everyKindShow(rules)).do('begin').choose(ref).do('pose');
    expect(publicView(table.state).question).toMatchObject({ control: null, options: null, kind });
    if (kind === 'card') continue;
    const { control, options, key } = publicView(table.do('open').state).question!;
    expect([control, options, key]).toMatchSnapshot(kind);
  }
});
