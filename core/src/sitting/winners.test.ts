import { describe, expect, test } from '@jest/globals';
import { nextStep } from './read/nextStep.ts';
import { publicView } from './view/public.ts';
import { resultsOf } from '../report/results.ts';
import { rulesWith } from '../formats/rules.ts';
import type { Command } from './command.ts';
import type { Round, Show } from '../show/show.ts';
import type { RoundRules } from '../formats/rules.ts';
import { question, sampleShow, Table } from './test/table.ts';

const options = ['right', 'wrong'].map((text, i) => ({ id: `k${i}`, text }));
const asked = (id: string) => question(id, `Ask ${id}`, { kind: 'choice', options, key: 'k0' });
const forAll = (more: Partial<RoundRules>) => rulesWith({ floor: 'everyone', afterWrong: 'close', ...more });
const one = (id: string) => [{ id, points: null }];

const rounds = (more: Partial<RoundRules> = {}): Record<string, Round> => ({
  quiz: {
    id: 'quiz',
    format: 'quiz',
    title: 'Quiz',
    rules: forAll(more),
    content: { items: one('q'), points: 100, shuffle: false },
  },
  board: {
    id: 'board',
    format: 'board',
    title: 'Board',
    rules: rulesWith({ afterWrong: 'close', ...more }),
    content: {
      categories: [{ id: 'c', name: 'Tides' }],
      values: [{ id: 'v', points: 20 }],
      cells: { 'c:v': { question: 'b', value: null } },
    },
  },
  knockout: {
    id: 'knockout',
    format: 'knockout',
    title: 'Knockout',
    rules: forAll(more),
    content: { items: one('k'), points: 0, shuffle: false, lives: 1 },
  },
  counterweight: {
    id: 'counterweight',
    format: 'counterweight',
    title: 'Counterweight',
    rules: rulesWith(more),
    content: {
      items: one('w'),
      points: 0,
      shuffle: false,
      covers: 3,
      most: 5,
      seed: '',
      values: [5, 0, -2],
    },
  },
});
const interlude: Round = {
  id: 'i',
  format: 'interlude',
  title: '',
  rules: rulesWith({}),
  content: { what: 'credits', text: '', minutes: null },
};

const showOf = (played: Round[]): Show => ({
  ...sampleShow(),
  rounds: played.map((round, i) => ({ ...round, id: `r${i}` })),
  questions: Object.fromEntries(['q', 'b', 'k', 'w'].map((id) => [id, asked(id)])),
});

/**
 * Plays to the close: Bowline alone is right in the quiz, Leeward on the board, Fairlead alone in the
 * knockout; of the covers Bowline bears 5, Fairlead 0 and Leeward −2.
 */
function played(show: Show): Table {
  const table = new Table(show).do('begin');
  const right: Record<string, string> = { q: 's0', b: 's2', k: 's1' };
  for (let n = 0; table.state.phase === 'round' && n < 500; n++) {
    const { code, command } = nextStep(table.state);
    const { question: now, round } = table.state;
    if (code === 'pick') {
      table.do({ type: 'giveTurn', team: table.state.turn === 't2' ? 't0' : 't2' });
      if (table.state.turn === 't2') table.choose('c:v');
    } else if (code === 'formatWaits') {
      const { covers } = round!.state as { covers: { team: string | null }[] };
      const cover = covers.findIndex(({ team }) => team === null);
      table.do({ type: 'act', act: { do: 'lift', cover, team: `t${cover}` } } as Command);
    } else if (now?.step === 'open' && now.responses.length === 0) {
      const seats = now.floor === null ? ['s0', 's1', 's2'] : [`s${now.floor.slice(1)}`];
      for (const seat of seats) {
        const isRight = now.question === 'w' || right[now.question] === seat;
        table.pick(seat, isRight ? 'right' : 'wrong');
      }
    } else table.do(command!);
  }
  return table;
}

const permutations = <T>(list: readonly T[]): T[][] =>
  list.length < 2
    ? [[...list]]
    : list.flatMap((item, i) =>
        permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [item, ...rest]),
      );
const names = Object.keys(rounds());
const final = (table: Table) => publicView(table.state).teams.map(({ score, place }) => [score, place]);

describe('the close tells of the whole show, whatever was played last', () => {
  test.each(permutations(names).map((order) => ({ name: order.join(', '), order })))('$name', ({ order }) => {
    const expected = [
      [95, 2], // 100 in the quiz, five from zero
      [100, 1], // the one life that is left
      [18, 3], // 20 on the board, two from zero
    ];
    for (const between of [[], [interlude]]) {
      const table = played(showOf(order.flatMap((name) => [rounds()[name]!, ...between])));
      expect(table.state.phase).toBe('closed');
      expect(final(table)).toEqual(expected);
      expect(resultsOf(table.state).standings.map(({ team }) => team)).toEqual([
        'Fairlead',
        'Bowline',
        'Leeward',
      ]);
      expect(
        publicView(table.state)
          .won.map(({ format, teams }) => `${format} ${teams.join()}`)
          .sort(),
      ).toEqual(['counterweight t1', 'knockout t1']);
      const { ledger, scores } = table.state;
      for (const [team, score] of scores)
        expect(ledger.reduce((sum, line) => (line.team === team ? sum + line.amount : sum), 0)).toBe(score);
    }
  });
});

describe('what a round brings is the host’s choice', () => {
  test.each([
    ['places', 'knockout', [0, 50, 0]],
    ['places', 'counterweight', [0, 50, 25]],
    ['places', 'quiz', [50, 0, 0]],
    ['nothing', 'knockout', [0, 0, 0]],
    ['nothing', 'quiz', [0, 0, 0]],
    ['nothing', 'counterweight', [0, 0, 0]],
    ['counted', 'quiz', [100, 0, 0]],
  ] as const)('%s of a %s', (brings, name, expected) => {
    const table = played(showOf([rounds({ brings, placePoints: 25 })[name]!, interlude]));
    expect(final(table).map(([score]) => score)).toEqual(expected);
    expect(publicView(table.state).won).toHaveLength(brings === 'counted' ? 0 : 1);
  });

  test('a ruling that is changed after the round was counted changes what the round brought', () => {
    const table = played(showOf([rounds().knockout!, rounds().quiz!]));
    const play = table.state.played[0]!.play;
    expect(table.scores()).toEqual([100, 100, 0]);
    table.do({ type: 'rule', team: 't2', verdict: 'right', play });
    expect(table.scores()).toEqual([100, 100, 100]);
    expect(publicView(table.state).won).toMatchObject([{ teams: ['t1', 't2'] }]);
    table.do({ type: 'rule', team: 't1', verdict: 'wrong', play });
    expect(table.scores()).toEqual([100, 0, 100]);
    // Taken back, the close and what it counted go together.
    table.do('takeBack', 'takeBack', 'takeBack');
    expect([table.state.phase, table.scores()]).toEqual(['round', [100, 100, 0]]);
  });
});

test('what standings tell as gained since the last time adds up to the score, shown by a key or by the running order', () => {
  const told = { ...interlude, content: { what: 'standings', text: '', minutes: null } } as Round;
  const shown: Round[] = ['i1', 'i2', 'i3'].map((id) => ({ ...told, id }));
  const table = new Table({ ...sampleShow(), rounds: [...sampleShow().rounds, ...shown] });
  const gain = (amount: number) => table.do({ type: 'adjust', team: 't0', amount, reason: 'a song' });
  const changes: number[] = [];
  const look = () => changes.push(table.stage.teams[0]!.change);
  const goOn = () => table.do(nextStep(table.state).command!);
  gain(50).do('begin');
  gain(7).do({ type: 'showStandings', on: true });
  look();
  table.do({ type: 'showStandings', on: false });
  gain(30).do({ type: 'begin', round: 1 });
  look();
  goOn();
  look();
  gain(-5);
  goOn();
  look();
  expect(changes).toEqual([57, 30, 0, -5]);
  expect(table.scores()[0]).toBe(82);
});
