import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/seeded.ts';
import { playThrough } from '../rehearsal/playThrough.ts';
import { usualRoom } from '../rehearsal/room.ts';
import type { AnswerContent } from '../question/kinds/index.ts';
import type { LoggedEvent, SittingState } from '../sitting/index.ts';
import { nextStep } from '../sitting/read/nextStep.ts';
import { quizOf } from '../sitting/test/quizOf.ts';
import { everyKind, seatActor, Table } from '../sitting/test/table.ts';
import { reportOf } from './report.ts';
import { resultsOf } from './results.ts';

const options = ['Chalk', 'Slate', 'Sandstone'].map((text, i) => ({ id: `k${i}`, text }));
const choice: AnswerContent = { kind: 'choice', options, key: 'k0' };
const typed = everyKind().find(({ answer }) => answer.kind === 'text')!.answer;
const asked = (table: Table): Table => table.do(nextStep(table.state).command!, 'pose', 'open');
const over = (table: Table): Table => table.do('lock', 'showKey', 'settle', 'leave');
const eachOn = (answers: AnswerContent[]) =>
  new Table(quizOf(answers, { shuffleOptions: false }, { mode: 'each', score: 'teams' }));
const join = (table: Table, name: string) =>
  table.send({ type: 'takeSeat', seat: name, token: name, name, team: 't0' }, seatActor(name));

describe('who knew what', () => {
  test('people by their signs: right, wrong, silent, and not asked before they came', () => {
    const table = eachOn([choice, choice]).do('begin');
    asked(table);
    table.answer('s0', { slot: 0 });
    table.answer('s1', { slot: 2 });
    over(table);
    table.now += 1000;
    join(table, 'late');
    asked(table);
    table.answer('late', { slot: 0 });
    over(table);
    const { by, knowers, rows, overview } = reportOf(table.state);
    expect([by, knowers.map(({ name }) => name), rows]).toEqual([
      'people',
      ['Player 0', 'Player 1', 'Player 2', 'late'],
      ['rn', 'wn', 'nn', 'ur'],
    ]);
    expect(knowers.map(({ share }) => share)).toEqual([0.5, 0, 0, 1]);
    // Who came and said nothing took no part.
    expect(overview).toMatchObject({
      tookPart: 3,
      knowers: 4,
      items: 2,
      share: 0.5,
      missed: [1, 0],
      known: [],
    });
  });

  test('teams where they answer as one; only who had the floor was asked', () => {
    const table = asked(new Table(quizOf([choice], { floor: 'turn', afterWrong: 'handOn' })).do('begin'));
    table.pick('s0', 'Slate');
    table.do('handOn');
    table.pick('s1', 'Chalk');
    table.do('showKey', 'settle', 'leave');
    expect(reportOf(table.state)).toMatchObject({ by: 'teams', rows: ['w', 'r', 'u'] });
  });

  test('an answer is found in its row, also where one answers for a team and rows are people', () => {
    const show = quizOf([choice], { floor: 'turn', afterWrong: 'close' }, { mode: 'each', score: 'teams' });
    const table = asked(new Table(show).do('begin'));
    table.answer('s0', { slot: 0 });
    table.do('showKey', 'settle', 'leave');
    const { knowers, rows } = reportOf(table.state);
    const [row] = resultsOf(table.state).responses;
    expect(knowers.findIndex(({ id }) => id === row!.knower)).toBe(rows.indexOf('r'));
    // By the team it is marked.
    expect([row!.who, row!.teamId]).toEqual(['t0', 't0']);
  });

  test('a question whose answers nobody could give in time is none of it; an opinion neither', () => {
    const opinion: AnswerContent = { kind: 'opinion', options };
    const table = asked(eachOn([opinion, choice]).do('begin'));
    table.answer('s0', { slot: 1 });
    table.do('lock', 'settle', 'leave');
    expect(reportOf(table.state)).toMatchObject({ items: [], rows: ['', '', ''] });
  });
});

describe('what a question told', () => {
  test('picks by option as written, the most tempting wrong one, what was typed alike', () => {
    const table = asked(eachOn([choice, typed]).do('begin'));
    for (const name of ['a', 'b', 'c']) join(table, name);
    for (const [who, slot] of [
      ['s0', 0],
      ['s1', 2],
      ['s2', 2],
      ['a', 2],
      ['b', 1],
    ] as const)
      table.answer(who, { slot });
    over(table);
    asked(table);
    for (const [who, text] of [
      ['s0', 'Neap'],
      ['s1', 'spring tide'],
      ['s2', 'Spring  tide!'],
    ] as const)
      table.answer(who, { text });
    over(table);
    const [first, second] = reportOf(table.state).items.map(({ figures }) => figures);
    expect(first).toMatchObject({
      asked: 6,
      answered: 5,
      lure: { text: 'Sandstone', percent: 60 },
      said: null,
      flags: ['tempting'],
    });
    expect(first!.picks!.map(({ isKey, count, percent }) => [isKey, count, percent])).toEqual([
      [true, 1, 20],
      [false, 1, 20],
      [false, 3, 60],
    ]);
    expect(second!.said!.map(({ text, count, is }) => [text, count, is])).toEqual([
      ['spring tide', 2, 'wrong'],
      ['Neap', 1, 'right'],
    ]);
    // Whoever is named with a spelling can have it accepted, for all who wrote the same.
    const { play, who } = second!.said![0]!;
    table.do({ type: 'acceptAnswer', play, who });
    expect(reportOf(table.state).items[1]!.figures).toMatchObject({
      share: 0.5,
      said: [{ is: 'right' }, {}],
    });
  });

  test('what those missed who did well otherwise is called contrary', () => {
    const table = eachOn([choice, choice, choice, choice]).do('begin');
    const names = Array.from({ length: 12 }, (_, i) => `p${i}`);
    for (const name of names) join(table, name);
    for (let q = 0; q < 4; q++) {
      asked(table);
      names.forEach((name, i) => {
        const good = i < 6;
        table.answer(name, { slot: (q === 3 ? !good : good || (i + q) % 5 === 0) ? 0 : 1 });
      });
      over(table);
    }
    const flags = reportOf(table.state).items.map(({ figures }) => figures.flags);
    expect(flags.map((one) => one.includes('contrary'))).toEqual([false, false, false, true]);
  });

  test('a ruling changed later gives the same report as if it had been so from the start', () => {
    const played = (late: boolean) => {
      const table = asked(eachOn([{ kind: 'aloud', key: 'x' }, choice]).do('begin'));
      const rule = (verdict: 'right' | 'wrong', play?: number) =>
        table.do({ type: 'rule', team: 't1', verdict, ...(play === undefined ? {} : { play }) });
      rule(late ? 'wrong' : 'right');
      over(table);
      asked(table);
      table.answer('s1', { slot: 1 });
      over(table);
      if (late) rule('right', table.state.played[0]!.play);
      return reportOf(table.state);
    };
    expect(played(true)).toEqual(played(false));
  });
});

/** The share of the marks for each answer, read from nothing but the log: the last thing said of it counts. */
function naive(log: readonly LoggedEvent[], { show }: SittingState): Map<string, number> {
  const shares = new Map<string, number>();
  let play = 0;
  for (const event of log) {
    if (event.type === 'picked') play = event.seq;
    if (event.type === 'answered') shares.set(`${play} ${event.who}`, NaN);
    if (event.type === 'marked') for (const [who, share] of event.marks) shares.set(`${play} ${who}`, share);
    if (event.type === 'ruled' && show.devices.mode !== 'none')
      shares.set(
        `${event.play ?? play} ${event.who}`,
        event.share ?? { right: 1, part: 0.5, wrong: 0 }[event.verdict],
      );
  }
  return shares;
}

test('over whole evenings every share is what the log says, read naively', () => {
  fc.assert(
    fc.property(
      fc.string({ minLength: 1, maxLength: 6 }),
      fc.integer({ min: 2, max: 14 }),
      fc.constantFrom('weak', 'mixed', 'strong'),
      (seed, count, skill) => {
        const handed = everyKind()
          .map(({ answer }) => answer)
          .filter(({ kind }) => !['aloud', 'opinion', 'scale', 'words', 'card'].includes(kind));
        const show = quizOf(
          handed,
          { floor: 'everyone', afterWrong: 'close' },
          { mode: 'each', score: 'players' },
        );
        const { log, state } = playThrough(show, { ...usualRoom, count, skill, seed }, seeded(seed));
        const { knowers, items, overview, rows } = reportOf(state);
        const shares = naive(log, state);
        const ofItem = state.played.map(({ play }) =>
          [...shares].flatMap(([key, share]) => (key.startsWith(`${play} `) ? [share] : [])),
        );
        expect(items).toHaveLength(handed.length);
        items.forEach(({ figures }, i) => {
          const sum = ofItem[i]!.reduce((all, one) => all + one, 0);
          expect(figures.answered).toBe(ofItem[i]!.length);
          expect(figures.share! * figures.asked).toBeCloseTo(sum, 9);
          expect(figures.interval === null).toBe(figures.asked < 5);
          expect(figures.interval?.low ?? 0).toBeLessThanOrEqual(figures.share! + 1e-9);
          expect(figures.interval?.high ?? 1).toBeGreaterThanOrEqual(figures.share! - 1e-9);
          const oneOf = ['choice', 'truefalse'].includes(handed[i]!.kind);
          if (oneOf && figures.answered > 0)
            expect(figures.picks!.reduce((all, { percent }) => all + percent, 0)).toBe(100);
        });
        for (const [row, { id, share }] of knowers.entries()) {
          const own = [...shares].filter(([key]) => key.endsWith(` ${id}`));
          const askedOf = [...rows[row]!].filter((sign) => sign !== 'u').length;
          expect((share ?? 0) * askedOf).toBeCloseTo(
            own.reduce((all, [, one]) => all + one, 0),
            9,
          );
        }
        expect(overview.tookPart).toBe(
          new Set([...shares.keys()].map((key) => key.split(' ').slice(1).join(' '))).size,
        );
      },
    ),
    { numRuns: 20 },
  );
});
