import { describe, expect, test } from '@jest/globals';
import * as fc from 'fast-check';
import * as v from 'valibot';
import { arrangeByDifficulty, emptyCells, swapCells } from '../formats/board/arrange.ts';
import { checkShow } from './check/check.ts';
import { duplicateRound, fillRound, hasList, originsBeside, questionsIn, ruleOf } from './fill.ts';
import { explainRound } from './explain.ts';
import { formatNames, formatOf, type FormatName } from '../formats/index.ts';
import { blankSelection } from '../library/selection.ts';
import { newRound } from './newRound.ts';
import { kindNames, kindOf, type KindName } from '../question/kinds/index.ts';
import { newRoundIn } from './newRoundIn.ts';
import { openDoors } from '../sitting/openDoors.ts';
import { setUpFor, showFor, situations } from './situations.ts';
import { Show } from './show.ts';
import { suggestWorth, suggestWorths } from '../formats/board/suggest.ts';
import { boardOf, HOST, question, sampleShow, Table } from '../sitting/test/table.ts';

const ids = () => {
  let n = 0;
  return () => `n${n++}`;
};
const aloud = (id: string) => question(id, `Ask ${id}`, { kind: 'aloud', key: 'k' });

describe('the running order', () => {
  test('a round over again has copies of its questions, so that changing one changes not the other', () => {
    const show = sampleShow();
    const id = duplicateRound(show, 'r', 'Once more', ids())!;
    expect(show.rounds.map((one) => one.id)).toEqual(['r', id]);
    const [before, after] = show.rounds.map((one) => questionsIn(one));
    expect(after).toHaveLength(4);
    expect(after!.filter((one) => before!.includes(one))).toEqual([]);
    expect(after!.map((one) => show.questions[one]!.prompt)).toEqual(
      before!.map((one) => show.questions[one]!.prompt),
    );
    expect(v.is(Show, show)).toBe(true);
  });
  test('what is switched off stays behind when the doors open; all of it off is no show', () => {
    const show = sampleShow();
    duplicateRound(show, 'r', 'Once more', ids());
    show.rounds[0]!.off = true;
    const { show: frozen } = openDoors(show, 'CDFGH', 'c', 0, HOST) as { show: Show };
    expect(frozen.rounds.map((one) => one.title)).toEqual(['Once more']);
    show.rounds[1]!.off = true;
    expect(checkShow(show).filter((one) => one.mustMend)).toMatchObject([{ code: 'allOff' }]);
  });
  test('questions that a rule took replace those that stood there, and know where they are from', () => {
    const show = showFor('check', 'Quiz', ids(), String);
    const round = show.rounds.find(hasList)!;
    const from = (id: string) => ({ ...aloud(id), origin: { id, version: 1 } });
    fillRound(show, round, [from('a'), from('b')], ids());
    fillRound(show, round, [from('c')], ids());
    expect(Object.values(show.questions).map((one) => one.origin?.id)).toEqual(['c']);
    expect(originsBeside(show, round.id)).toEqual(new Set());
    expect(originsBeside(show, 'another')).toEqual(new Set(['c']));
  });
});

describe('a board that is filled', () => {
  test('sorted by difficulty the worth stays, the easier questions come to the lower values', () => {
    const show = sampleShow();
    show.questions.q1!.difficulty = 'hard';
    show.questions.q2!.difficulty = 'easy';
    const { content } = boardOf(show);
    arrangeByDifficulty(content, 'a', show.questions, () => null);
    expect([content.cells['a:1'], content.cells['a:2']]).toEqual([
      { question: 'q2', value: null },
      { question: 'q1', value: null },
    ]);
    // −50 is worth less than 150, wherever the columns stand.
    expect(emptyCells(boardOf(sampleShow()).content, 'b')).toEqual([]);
    content.cells['b:2'] = { question: null, value: -50 };
    delete content.cells['b:1'];
    expect(emptyCells(content, 'b')).toEqual(['b:2', 'b:1']);
    swapCells(content, 'a:1', 'b:1');
    expect(content.cells).toMatchObject({ 'a:1': { question: null }, 'b:1': { question: 'q2' } });
  });
});

describe('worths that difficulty suggests', () => {
  const usual = [100, 200, 300, 400, 500];
  test.each([
    // Lowest worth × 0.85 ÷ share, to the nearest 50, within the values.
    [1, usual, 100],
    [0.85, usual, 100],
    [0.6, usual, 150],
    [0.35, usual, 250],
    [0.2, usual, 450],
    [0, usual, 500],
    [0.3, [1, 2, 3], 3],
    [0.5, [1, 2, 3], 2],
    [0.4, [10, 20, 50], 20],
    [0.5, [7], 7],
    [0.5, [-100, 100], null],
    [0.5, [0, 100], null],
  ])('a share of %f among %j is worth %j', (share, values, worth) => {
    expect(suggestWorth(share, values)).toBe(worth);
  });
  test('are never less for a harder question, and always within the values of the board', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 10_000 }), { minLength: 1, maxLength: 10 }),
        fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })),
        (values, shares) => {
          const [harder, easier] = shares.sort((a, b) => a - b).map((share) => suggestWorth(share, values)!);
          expect(harder).toBeGreaterThanOrEqual(easier!);
          expect(easier).toBeGreaterThanOrEqual(Math.min(...values));
          expect(harder).toBeLessThanOrEqual(Math.max(...values));
        },
      ),
    );
  });
  test('are set cell by cell: as measured where that tells enough, else as judged', () => {
    const show = sampleShow();
    const { content } = boardOf(show);
    content.values.forEach((value, i) => (value.points = (i + 1) * 100));
    for (const cell of Object.values(content.cells)) cell.value = 70;
    show.questions.q1!.difficulty = 'easy';
    show.questions.q2!.difficulty = 'easy';
    const measured = { answers: 40, share: 0.4 };
    const n = suggestWorths(content, 'a', show.questions, ({ id }) => (id === 'q2' ? measured : null));
    expect([content.cells['a:1']!.value, content.cells['a:2']!.value, n]).toEqual([null, null, 0]);
    show.questions.q1!.difficulty = 'hard';
    expect(suggestWorths(content, 'a', show.questions, () => null)).toBe(2);
    expect([content.cells['a:1']!.value, content.cells['a:2']!.value]).toEqual([200, 100]);
    expect(content.cells['b:1']!.value).toBe(70);
  });
});

describe('a round that is added', () => {
  const added = situations.flatMap((situation) =>
    formatNames
      .filter((format) => formatOf(format).asks)
      .map((format) => {
        const show = showFor(situation, 'S', ids(), (n) => `T${n}`);
        const alike = show.rounds.findLast((round) => round.format === format);
        return { situation, format, show, alike, round: newRoundIn(show, format, ids()) };
      }),
  );
  test.each(added)('takes its steps as the others of $situation do: $format', ({ round }) => {
    expect(round.rules.steps).toBe('joined');
  });
  test.each(added.filter(({ alike }) => alike))(
    'has the rules of the last of its kind in $situation: $format',
    ({ round, alike }) => expect(round.rules).toEqual(alike!.rules),
  );
  test.each(added.filter(({ alike, format }) => !alike && !('clock' in formatOf(format).prescribes)))(
    'has the clock of the others in $situation: $format',
    ({ round, show }) => {
      const some = show.rounds.findLast(({ format }) => format !== 'interlude')!;
      // Where each goes on alone, the round has a clock and its questions have none.
      const { always } = formatOf(round.format).suits;
      expect(round.rules.clock).toBe('clock' in always ? always.clock : some.rules.clock);
    },
  );
  test.each(added.filter(({ show, format }) => show.devices.mode === 'none' && format === 'quiz'))(
    'is answered in turn where nobody has a phone: $situation',
    ({ round }) => expect(round.rules.floor).toBe('turn'),
  );
});

describe('situations', () => {
  test.each(situations)(
    'a show for "%s" is sound but for its questions, and keeps what is written',
    (one) => {
      const show = showFor(one, 'Evening', ids(), (n) => `Team ${n}`);
      expect(v.parse(Show, show)).toEqual(show);
      expect([...new Set(checkShow(show).map(({ code }) => code))].sort()).toEqual(
        expect.not.arrayContaining(['tooFewTeams', 'teamUnnamed', 'teamsAlike']),
      );
      const written = setUpFor(sampleShow(), one);
      expect(v.parse(Show, written)).toEqual(written);
      expect(written.questions).toEqual(sampleShow().questions);
      expect(boardOf(written).rules.floor).toBe('turn');
    },
  );
});

test('how to play is told from the settings of the round that follows, unless somebody wrote it', () => {
  const show = sampleShow({ passShare: 50 });
  const howTo = { what: 'howTo', text: '', minutes: null } as const;
  show.rounds.unshift({ ...show.rounds[0]!, id: 'how', format: 'interlude', content: { ...howTo } });
  const table = new Table(show).do('begin');
  const told = explainRound(show.rounds[1]!);
  expect(told).toMatchObject({ format: 'board', facts: { count: 4, low: -50, high: 200 }, clock: 20 });
  expect(table.stage.explains).toEqual(told);
  table.do({ type: 'begin', round: 1 });
  expect(table.stage.explains).toBeNull();
});

describe('the kinds that a rule takes', () => {
  const asked = (format: FormatName, kinds: KindName[]) => {
    const round = newRound(format, ids());
    if (!hasList(round)) return null;
    round.content.rule = { ...blankSelection(), kinds };
    return ruleOf(round)!.kinds;
  };
  const keyed = kindNames.filter((name) => kindOf(name).keyed);
  const rest = {
    quiz: kindNames,
    survey: ['opinion', 'scale', 'words'],
    ownPace: keyed.filter((name) => name !== 'aloud'),
  };
  test.each(formatNames.filter((name) => asked(name, []) !== null).map((name) => [name] as const))(
    '%s: what can be played in it where none are named, else those',
    (name) => {
      expect(asked(name, [])).toEqual(name in rest ? rest[name as keyof typeof rest] : keyed);
      expect(asked(name, ['card', 'choice'])).toEqual(['card', 'choice']);
    },
  );
});
