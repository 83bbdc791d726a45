import { describe, expect, test } from '@jest/globals';
import { nextStep } from '../sitting/read/nextStep.ts';
import { resultsOf, type ResponseRow } from './results.ts';
import { tally } from '../rehearsal/tally.ts';
import type { AnswerContent } from '../question/kinds/index.ts';
import { responsesSheet, toCsv } from '../interchange/csv.ts';
import { quizOf } from '../sitting/test/quizOf.ts';
import { everyKind, seatActor, Table } from '../sitting/test/table.ts';

const options = ['Chalk', 'Slate', 'Sandstone'].map((text, i) => ({ id: `k${i}`, text }));
const choice: AnswerContent = { kind: 'choice', options, key: 'k0' };
const many: AnswerContent = { kind: 'many', options, keys: ['k0', 'k2'], marking: 'minus' };
const opinion: AnswerContent = { kind: 'opinion', options };

/** Brings the next question of the list up and opens it. */
const asked = (table: Table): Table => table.do(nextStep(table.state).command!, 'pose', 'open');
const clock = (act: 'hold' | 'run') => ({ type: 'clock', act }) as const;
const rows = (table: Table, ...wanted: (keyof ResponseRow)[]) =>
  resultsOf(table.state).responses.map((row) => wanted.map((one) => row[one]));

describe('what a question brought', () => {
  test('every team has a row, the value and what came of it are two things', () => {
    const table = asked(new Table(quizOf([choice], { penalty: 'full' })).do('begin'));
    table.answer('s0', { slot: 0 });
    table.answer('s1', { slot: 1 });
    table.do('lock', 'showKey', 'settle');
    expect(rows(table, 'team', 'value', 'verdict', 'share', 'brought')).toEqual([
      ['Bowline', 100, 'right', 1, 100],
      ['Fairlead', 100, 'wrong', 0, -100],
      ['Leeward', 100, 'none', null, 0],
    ]);
    // A ruling changed later changes what it brought.
    const { play } = table.state.question!;
    table.do({ type: 'rule', play, team: 't1', verdict: 'right' });
    expect(rows(table, 'brought')).toEqual([[100], [100], [0]]);
  });

  test('of several right options all are told', () => {
    const table = asked(new Table(quizOf([many])).do('begin'));
    table.do('lock', 'showKey', 'settle');
    expect(rows(table, 'key')[0]).toEqual(['Chalk; Sandstone']);
    expect(toCsv(...responsesSheet(resultsOf(table.state))).split('\r\n')[1]).toContain('Chalk; Sandstone');
  });

  test('an opinion is an answer, worth nothing', () => {
    const table = asked(new Table(quizOf([opinion])).do('begin'));
    table.answer('s2', { slot: 1 });
    table.do('lock', 'settle');
    expect(rows(table, 'team', 'value', 'answer', 'verdict', 'brought')).toEqual([
      ['Leeward', 0, 'Slate', 'given', 0],
      ['Bowline', 0, '', 'none', 0],
      ['Fairlead', 0, '', 'none', 0],
    ]);
  });

  const answered = everyKind().filter(({ answer }) => answer.kind !== 'card');
  test.each(answered.map(({ answer }) => [answer.kind, answer] as const))(
    '%s: the file has as many columns in every line as in the first',
    (_, answer) => {
      const table = asked(new Table(quizOf([answer])).do('begin'));
      if (answer.kind === 'aloud') table.do({ type: 'rule', team: 't0', verdict: 'right' });
      table.do('lock', 'settle', 'leave');
      const [head, ...lines] = toCsv(...responsesSheet(resultsOf(table.state)))
        .trim()
        .split('\r\n');
      expect(lines).toHaveLength(3);
      for (const line of lines) expect(line.split(',')).toHaveLength(head!.split(',').length);
    },
  );

  test('where members answer for themselves, whoever said nothing has a row, too', () => {
    const table = new Table(quizOf([choice], {}, { mode: 'each' }));
    const second = { type: 'takeSeat', seat: 's9', token: 'x9', name: 'Zoë', team: 't0' } as const;
    table.send(second, seatActor('s9'));
    asked(table.do('begin')).answer('s9', { slot: 0 });
    table.do('lock', 'showKey', 'settle');
    expect(rows(table, 'player', 'team', 'verdict')).toEqual([
      ['Zoë', 'Bowline', 'right'],
      ['Player 0', 'Bowline', 'none'],
      ['Player 1', 'Fairlead', 'none'],
      ['Player 2', 'Leeward', 'none'],
    ]);
  });

  test('where everybody plays for themselves, whoever said nothing is named as the others are', () => {
    const table = asked(new Table(quizOf([choice], {}, { mode: 'each', score: 'players' })).do('begin'));
    table.answer('s0', { slot: 0 });
    table.do('lock', 'showKey', 'settle');
    const told = rows(table, 'player', 'team', 'verdict');
    expect(told.map(([player]) => player)).toEqual(told.map(([, team]) => team));
    expect(told.map(([, , verdict]) => verdict)).toEqual(['right', 'none', 'none']);
  });
});

describe('time', () => {
  const timed = () => {
    const speed = { keep: 50, grace: 0 };
    return asked(new Table(quizOf([choice], { clock: 20, speed })).do('begin'));
  };
  const wait = (table: Table, seconds: number) => {
    table.now += seconds * 1000;
    return table;
  };

  test.each([
    ['held by the host', (table: Table) => wait(table.do(clock('hold')), 60).do(clock('run'))],
    ['lengthened', (table: Table) => table.do({ type: 'addTime', seconds: 10 })],
    [
      'locked too early and taken back',
      (table: Table) => wait(wait(table.do('lock'), 60).do('takeBack'), 9).do(clock('run')),
    ],
  ])('a clock that was %s costs nobody points', (_, pause) => {
    const table = pause(wait(timed(), 4));
    wait(table, 1).answer('s0', { slot: 0 });
    table.do('lock', 'showKey', 'settle');
    expect(rows(table, 'seconds')[0]).toEqual([5]);
    // Half is kept whatever happens, and of the other half as much as time was left: 100 × (1/2 + 1/2 × 15/20).
    expect(table.scores()[0]).toBe(88);
    // The small second implementation counts the same.
    expect(
      tally(table.sitting.log, table.state.scores).lines.every((line) => line.kept === line.onPaper),
    ).toBe(true);
  });
});
