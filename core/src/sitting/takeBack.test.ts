import { expect, test } from '@jest/globals';
import { LEAST_AFTER_TAKE_BACK } from './decide/takeBack.ts';
import { CLOCK, sampleShow, Table } from './test/table.ts';
import { seatActor } from './test/table.ts';

/** What can be compared of a state: all but the numbering and the list of known commands. */
const look = ({ state }: Table) => {
  const { question, ledger, phase, turn, played, round, turnsTaken } = state;
  return JSON.parse(
    JSON.stringify({
      question: question && { ...question, clock: null },
      ledger: ledger.map(({ team, amount }) => ({ team, amount })),
      phase,
      turn,
      played,
      round,
      turnsTaken: [...turnsTaken],
    }),
  );
};

test('every step of a whole question is taken back, one by one, to the very state before it', () => {
  const table = new Table();
  const seen = [look(table)];
  const steps = [
    () => table.do('begin'),
    () => table.choose('a:1'),
    () => table.do('pose'),
    () => table.do('open'),
    () => table.do('lock'),
    () => table.do('handOn'),
    () => table.do('lock'),
    () => table.do({ type: 'rule', team: 't1', verdict: 'right' }),
    () => table.do('showKey'),
    () => table.do('settle'),
    () => table.do('leave'),
    () => table.do({ type: 'adjust', team: 't2', amount: -30, reason: 'late' }),
    () => table.do('close'),
  ];
  for (const step of steps) {
    step();
    seen.push(look(table));
  }
  for (let i = steps.length; i > 0; i--) {
    expect(look(table)).toEqual(seen[i]);
    table.do('takeBack');
  }
  expect(look(table)).toEqual(seen[0]);
  expect(table.send({ type: 'takeBack' })).toMatchObject({ refused: 'notNow' });
});

test('who came in meanwhile stays, and what a player answered before the step stays too', () => {
  const table = new Table().do('begin').choose('a:1').do('pose', 'open');
  table.pick('s0', 'Option 1');
  table.send({ type: 'takeSeat', seat: 's7', token: 'z', name: 'Late', team: 't1' }, seatActor('s7'));
  table.do('takeBack');
  expect(table.state.question).toMatchObject({ step: 'open', responses: [{ team: 't0' }] });
  expect(table.state.seats.has('s7')).toBe(true);
  table.do('takeBack');
  expect(table.state.question).toMatchObject({ step: 'posed', responses: [] });
  expect(table.state.seats.has('s7')).toBe(true);
});

test('the clock comes back held with the time it had, and with a little when it had none', () => {
  const table = new Table().do('begin').choose('a:1').do('pose', 'open');
  table.now += 8000;
  table.do('lock');
  table.now += 60_000;
  table.do('takeBack');
  expect(table.state.question!.clock).toEqual({ remaining: 12_000 });
  table.do({ type: 'clock', act: 'run' });
  table.now += 12_400;
  table.send({ type: 'timeUp' }, CLOCK);
  table.do('takeBack');
  expect(table.state.question).toMatchObject({ step: 'open', clock: { remaining: LEAST_AFTER_TAKE_BACK } });
});

test.each([
  ['decided at once', 0],
  ['decided when the presses of others had come', 100],
])('whoever buzzed by mistake is not first again when that is taken back: %s', (_, window) => {
  const table = new Table(sampleShow({ floor: 'buzz' })).do('begin').choose('a:1').do('pose', 'open');
  table.window = window;
  const { play } = table.state.question!;
  const press = (seat: string) => {
    table.now += 1000;
    const told = table.send({ type: 'buzz', play, pressed: table.now }, seatActor(seat));
    table.now += 2 * window;
    table.send({ type: 'timeUp' }, CLOCK);
    return told;
  };
  press('s0');
  press('s1');
  expect(table.state.question!.floor).toBe('t0');
  table.do('takeBack');
  table.now += 5000;
  table.send({ type: 'timeUp' }, CLOCK);
  expect(table.state.question).toMatchObject({ step: 'open', floor: null, presses: [], buzz: null });
  press('s1');
  expect(table.state.question!.floor).toBe('t1');
  // And forward and back it is the same.
  const look = () => JSON.stringify(table.state.question!.floor);
  table.do('takeBack', 'forward');
  expect(look()).toBe('"t1"');
});
