import { describe, expect, test } from '@jest/globals';
import { defaultDoors, type Doors } from '../show/doors.ts';
import { deskView } from './view/desk.ts';
import { due } from './decide/clock.ts';
import { isRefusal } from '../refusal.ts';
import { nextStep } from './read/nextStep.ts';
import { seatView } from './view/seat.ts';
import { CLOCK, sampleShow, seatActor, Table } from './test/table.ts';

const begun = (...args: Parameters<typeof sampleShow>) => new Table(sampleShow(...args)).do('begin');
const refusalOf = (result: object) => (isRefusal(result) ? result.refused : 'carried out');

describe('the steps of a question', () => {
  test('a right answer from a handset: lock by all, answers, key, award, back to the board', () => {
    const table = begun().choose('a:1').do('pose', 'open');
    table.pick('s0', 'Option 2');
    expect(table.state.question).toMatchObject({ step: 'locked', lockedBy: 'all' });
    expect(deskView(table.state).private.question!.handOnTo).toBeNull();
    const codes: string[] = [];
    for (let next = nextStep(table.state); next.command; next = nextStep(table.state)) {
      codes.push(next.code);
      table.do(next.command);
    }
    expect(codes).toEqual(['showAnswers', 'showKey', 'award', 'leave']);
    expect(table.scores()).toEqual([100, 0, 0]);
    expect(table.state.turn).toBe('t1');
  });

  test.each([
    { rules: { afterWrong: 'handOn', penalty: 'full' } as const, scores: [-100, 100, 0], code: 'handOn' },
    { rules: { afterWrong: 'handOn', penalty: 'none' } as const, scores: [0, 100, 0], code: 'handOn' },
  ])('a wrong answer is handed on for the value: $rules', ({ rules, scores, code }) => {
    const table = begun(rules).choose('a:1').do('pose', 'open');
    table.pick('s0', 'Option 1');
    table.do('showAnswers');
    expect(nextStep(table.state).code).toBe(code);
    table.do('handOn');
    expect(table.state.question).toMatchObject({ step: 'open', floor: 't1', tried: ['t0'], keyShown: false });
    expect(refusalOf(table.pick('s1', 'Option 1'))).toBe('used');
    table.pick('s1', 'Option 2');
    table.do('showKey', 'settle', 'leave');
    expect(table.scores()).toEqual(scores);
    expect(table.state.turn).toBe('t1');
  });

  test('a wrong answer closes the question where the round says so, and the key need not be shown', () => {
    const table = begun({ afterWrong: 'close' }).choose('a:1').do('pose', 'open');
    table.pick('s0', 'Option 3');
    table.do('showAnswers');
    expect(nextStep(table.state).code).toBe('showKey');
    table.do('settle');
    expect(table.state.question).toMatchObject({ keyShown: false, winner: null });
    expect(table.scores()).toEqual([-100, 0, 0]);
  });

  test('the words of a round are said where a question has none of its own, and never before the key', () => {
    const show = sampleShow({ onRight: 'Correct, {points}', onWrong: 'Next time' });
    const one = show.questions.q1!;
    const told = (own: string) => {
      Object.assign(one, { onRight: own, onWrong: '' });
      const table = new Table(show).do('begin').choose('a:1').do('pose', 'open');
      table.pick('s0', 'Option 2');
      const before = JSON.stringify(deskView(table.state).question);
      expect(before).not.toContain('Correct');
      table.do('showAnswers', 'showKey');
      return deskView(table.state).question!.key;
    };
    expect(told('')).toMatchObject({ onRight: 'Correct, {points}', onWrong: 'Next time' });
    expect(told('Well woven')).toMatchObject({ onRight: 'Well woven', onWrong: 'Next time' });
  });

  test('nobody is left to hand on to when every team has had it', () => {
    const table = begun().choose('a:2').do('pose', 'open', 'lock', 'handOn', 'lock', 'handOn', 'lock');
    expect(nextStep(table.state).code).toBe('showKey');
    expect(refusalOf(table.send({ type: 'handOn' }))).toBe('notNow');
    expect(table.do('showKey', 'settle').scores()).toEqual([0, 0, 0]);
  });

  test('said aloud: nothing goes on before the host rules; ruling locks, and another ruling replaces it', () => {
    const table = begun().choose('b:1').do('pose', 'open');
    expect(refusalOf(table.answer('s0', { text: 'figure of eight' }))).toBe('notNow');
    table.do('lock');
    expect(nextStep(table.state)).toMatchObject({ code: 'rule', command: null });
    table.do({ type: 'rule', team: 't0', verdict: 'wrong' }, { type: 'rule', team: 't0', verdict: 'right' });
    expect(table.do('showKey', 'settle').scores()).toEqual([150, 0, 0]);
  });

  test('the host may award another team than the one on the floor; the floor pays for its miss', () => {
    const table = begun().choose('a:1').do('pose', 'open');
    table.pick('s0', 'Option 1');
    expect(refusalOf(table.send({ type: 'rule', team: 't2', verdict: 'wrong' }))).toBe('notNow');
    table.do({ type: 'rule', team: 't2', verdict: 'right' });
    expect(refusalOf(table.send({ type: 'rule', team: 't1', verdict: 'right' }))).toBe('notNow');
    expect(table.do('settle').scores()).toEqual([-100, 0, 100]);
  });

  test.each([
    ['typed with other case and accents', 'NÉAP', 'right'],
    ['typed wrongly', 'spring', 'wrong'],
  ])('%s is marked %3$s', (_name, text, verdict) => {
    const table = begun().choose('a:2').do('pose', 'open');
    table.answer('s0', { text });
    expect(table.state.question!.responses[0]).toMatchObject({ verdict, by: 'key' });
  });

  test('a negative value takes points from who wins it, and gives them to who misses', () => {
    const table = begun().choose('b:2').do('pose', 'open');
    table.pick('s0', 'Option 2');
    expect(table.do('settle').scores()).toEqual([-50, 0, 0]);
  });
});

describe('who may answer, and when', () => {
  const open = () => begun().choose('a:1').do('pose', 'open');

  test('one answer a team: the first one counts, others of the team learn who it was', () => {
    const table = open();
    table.send({ type: 'takeSeat', seat: 's9', token: 'x9', name: 'Ninth', team: 't0' }, seatActor('s9'));
    expect(table.state.question!.step).toBe('open');
    table.pick('s9', 'Option 1');
    expect(table.state.question!.responses).toMatchObject([{ team: 't0', seat: 's9' }]);
    expect(table.do('takeBack').state.question!.step).toBe('open');
    const second = table.pick('s0', 'Option 2');
    expect(second).toMatchObject({ refused: 'already', given: { by: 'Ninth' } });
  });

  test.each([
    ['another team', 's1', { slot: 0 }, 'notYours'],
    ['a stranger', 'nobody', { slot: 0 }, 'notYours'],
    ['a slot that does not exist', 's0', { slot: 7 }, 'invalid'],
    ['something else', 's0', 'b', 'invalid'],
  ])('%s is refused', (_name, seat, wire, code) => {
    expect(refusalOf(open().answer(seat, wire))).toBe(code);
  });

  test('time locks it; an answer within the allowance after the deadline still counts', () => {
    const late = open();
    late.now += 20_000 + 399;
    expect(refusalOf(late.send({ type: 'timeUp' }, CLOCK))).toBe('notNow');
    expect(refusalOf(late.pick('s0', 'Option 2'))).toBe('carried out');
    const tooLate = open();
    tooLate.now += 20_000 + 401;
    expect(refusalOf(tooLate.pick('s0', 'Option 2'))).toBe('late');
    expect(due(tooLate.state)).toBe(1_000_000 + 20_400);
    tooLate.send({ type: 'timeUp' }, CLOCK);
    expect(tooLate.state.question).toMatchObject({ step: 'locked', lockedBy: 'time' });
  });

  test('the clock is held, goes on, gets time, is dropped', () => {
    const table = open();
    table.now += 5000;
    table.do({ type: 'clock', act: 'hold' });
    table.now += 60_000;
    expect(due(table.state)).toBeNull();
    table.do({ type: 'addTime', seconds: 5 }, { type: 'clock', act: 'run' });
    expect(table.state.question!.clock).toEqual({ deadline: table.now + 20_000 });
    table.do({ type: 'addTime', seconds: -600 });
    expect(table.state.question!.clock).toEqual({ deadline: table.now });
    expect(table.do({ type: 'clock', act: 'drop' }).state.question!.clock).toBeNull();
  });

  test('an outage gives a running clock its time back, and only a running one', () => {
    const table = open();
    const deadline = due(table.state)!;
    table.send({ type: 'outage', ms: 7000 }, CLOCK);
    expect(due(table.state)).toBe(deadline + 7000);
    table.do({ type: 'clock', act: 'hold' });
    table.send({ type: 'outage', ms: 7000 }, CLOCK);
    expect(table.state.question!.clock).toEqual({ remaining: 27_000 });
  });
});

describe('doing things in the wrong order or twice', () => {
  const at = {
    lobby: () => new Table(),
    board: () => begun(),
    picked: () => begun().choose('a:1'),
    posed: () => begun().choose('a:1').do('pose'),
    open: () => begun().choose('a:1').do('pose', 'open'),
    locked: () => begun().choose('a:1').do('pose', 'open', 'lock'),
    key: () => begun().choose('a:1').do('pose', 'open', 'lock', 'showKey'),
    settled: () => begun().choose('a:1').do('pose', 'open', 'lock', 'showKey', 'settle'),
    closed: () => begun().do('close'),
  };
  const allowed: Record<string, (keyof typeof at)[]> = {
    begin: ['lobby'],
    pose: ['picked'],
    open: ['posed'],
    lock: ['open'],
    showAnswers: ['locked'],
    showKey: ['locked'],
    handOn: ['posed', 'open', 'locked'],
    settle: ['locked', 'key'],
    leave: ['settled'],
    close: ['board', 'picked', 'posed', 'open', 'locked', 'key', 'settled'],
    takeBack: ['board', 'picked', 'posed', 'open', 'locked', 'key', 'settled', 'closed'],
  };
  test.each(Object.entries(allowed))('%s is carried out at %j only', (type, places) => {
    const ok = Object.entries(at)
      .filter(([, make]) => !isRefusal(make().send({ type } as never)))
      .map(([place]) => place);
    expect(ok).toEqual(places);
  });

  test('a used cell, an empty one and a second question at once are refused', () => {
    const table = at.settled();
    expect(refusalOf(table.send({ type: 'choose', ref: 'a:2' }))).toBe('already');
    table.do('leave');
    expect(refusalOf(table.send({ type: 'choose', ref: 'a:1' }))).toBe('used');
    expect(refusalOf(table.send({ type: 'choose', ref: 'z:1' }))).toBe('notThere');
  });

  test('only the host acts for the host; the stage may choose and no more', () => {
    const table = begun();
    const stage = { role: 'stage', id: '' } as const;
    expect(refusalOf(table.send({ type: 'close' }, stage))).toBe('notYours');
    expect(refusalOf(table.send({ type: 'close' }, seatActor('s0')))).toBe('notYours');
    expect(refusalOf(table.send({ type: 'choose', ref: 'a:1' }, stage))).toBe('carried out');
  });
});

describe('people', () => {
  const table = new Table();
  test.each([
    ['a name that somebody has, in other letters', { name: 'PLAYER 1', team: 't0' }, 'nameTaken'],
    ['a team that is not there', { name: 'Ada', team: 'zz' }, 'notThere'],
    ['a latecomer', { name: 'Ada', team: 't0' }, 'carried out'],
  ])('%s: %3$s', (_name, who, code) => {
    const result = table.send({ type: 'takeSeat', seat: 'new', token: 'n', ...who }, seatActor('new'));
    expect(refusalOf(result)).toBe(code);
  });
  test('renamed, moved and removed; a removed one answers no more and its name is free', () => {
    table.do({ type: 'renameSeat', seat: 's1', name: 'Bea' }, { type: 'moveSeat', seat: 's1', team: 't0' });
    expect(table.state.seats.get('s1')).toMatchObject({ name: 'Bea', team: 't0' });
    table.do({ type: 'removeSeat', seat: 's1' }, 'begin').choose('a:1').do('pose', 'open');
    expect(refusalOf(table.pick('s1', 'Option 1'))).toBe('notYours');
    const again = { type: 'takeSeat', seat: 's8', token: 'y', name: 'bea', team: 't1' } as const;
    expect(refusalOf(table.send(again, seatActor('s8')))).toBe('carried out');
  });
});

describe('the doors', () => {
  const come = (doors: Partial<Doors>, name: string, more: { team?: string; n?: number } = {}) => {
    const show = { ...sampleShow(), doors: { ...defaultDoors, ...doors } };
    const table = new Table(show);
    return {
      table,
      take: (own = name, n = more.n ?? 9, team = more.team ?? '') =>
        table.send({ type: 'takeSeat', seat: `n${n}`, token: `n${n}`, name: own, team }, seatActor(`n${n}`)),
    };
  };
  test('latecomers are let in, or not, as the show says', () => {
    const { table, take } = come({ late: false, teams: 'drawn' }, 'Ada');
    expect(refusalOf(take())).toBe('carried out');
    table.do('begin');
    expect(refusalOf(take('Late', 8))).toBe('notNow');
  });
  test('a team is drawn, the same from the same seed, and teams differ by at most one', () => {
    const draw = (seed: string) => {
      const { table, take } = come({ teams: 'drawn', seed }, 'Ada');
      for (let n = 0; n < 20; n++) take(`Player n${n}`, n);
      return [...table.state.seats.values()].map((seat) => seat.team);
    };
    expect(draw('7B')).toEqual(draw('7B'));
    expect(draw('7B')).not.toEqual(draw('8A'));
    const sizes = ['t0', 't1', 't2'].map((id) => draw('7B').filter((team) => team === id).length);
    expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
  });
  test('where the host decides, a player waits without a team and is put into one', () => {
    const { table, take } = come({ teams: 'host' }, 'Ada', { team: 't1' });
    take();
    expect(table.state.seats.get('n9')!.team).toBe('');
    table.do('begin').choose('a:1').do('pose', 'open');
    expect(refusalOf(table.pick('n9', 'Option 2'))).toBe('notYours');
    table.do({ type: 'moveSeat', seat: 'n9', team: 't1' });
    expect(table.state.seats.get('n9')!.team).toBe('t1');
  });
  test('only names of the roster come in, however they are written', () => {
    const { take } = come({ roster: ['Zoë Trewin', 'Jory'] }, 'zoe trewin', { team: 't0' });
    expect(refusalOf(take('Somebody', 7))).toBe('notThere');
    expect(refusalOf(take())).toBe('carried out');
  });
  test('who was banned is not let in again, not by another device either', () => {
    const { table, take } = come({}, 'Ada', { team: 't0' });
    take();
    table.do({ type: 'removeSeat', seat: 'n9', ban: true });
    expect(seatView(table.state, 'n9')!.banned).toBe(true);
    expect(refusalOf(take('ADA', 8))).toBe('notYours');
  });
});
