import { describe, expect, test } from '@jest/globals';
import { defaultDoors } from '../show/doors.ts';
import { isRefusal } from '../refusal.ts';
import { nextStep } from './read/nextStep.ts';
import { publicView } from './view/public.ts';
import { seatView } from './view/seat.ts';
import { speedShare } from './read/worth.ts';
import type { AnswerContent } from '../question/kinds/index.ts';
import type { Command } from './command.ts';
import type { Devices } from '../show/devices.ts';
import type { Round, Show } from '../show/show.ts';
import type { RoundRules } from '../formats/rules.ts';
import { rulesWith } from '../formats/rules.ts';
import { quizOf as kindsOf } from './test/quizOf.ts';
import { CLOCK, question, sampleShow, SECRET, seatActor, Table } from './test/table.ts';

const options = ['right', 'wrong', 'other'].map((text, i) => ({ id: `k${i + 1}`, text }));
const choices = (n: number) =>
  Object.fromEntries(
    Array.from({ length: n }, (_, i) => [
      `c${i}`,
      question(`c${i}`, `Choose ${i}`, { kind: 'choice', options, key: 'k1' }),
    ]),
  );
const items = (n: number) => Array.from({ length: n }, (_, i) => ({ id: `c${i}`, points: null }));
const everyone = (more: Partial<RoundRules> = {}) =>
  rulesWith({ floor: 'everyone', afterWrong: 'close', ...more });

const quizOf = (n: number, rules: Partial<RoundRules> = {}): Round => ({
  id: 'quiz',
  format: 'quiz',
  title: 'Quiz',
  rules: everyone(rules),
  content: { items: items(n), points: 100, shuffle: false },
});
const showOf = (rounds: Round[], devices: Partial<Devices> = {}): Show => ({
  ...sampleShow(),
  rounds,
  devices: { mode: 'team', score: 'teams', combine: 'mean', ...devices },
  questions: { ...sampleShow().questions, ...choices(6) },
});
const code = (result: object) => (isRefusal(result) ? result.refused : 'carried out');
/** Brings the next question of a list into play and opens it. */
const opened = (table: Table): Table => {
  const next = nextStep(table.state).command!;
  return table.do(next, 'pose', 'open');
};
const toEnd = (table: Table): string[] => {
  const codes: string[] = [];
  for (
    let next = nextStep(table.state);
    next.command && next.code !== 'close';
    next = nextStep(table.state)
  ) {
    codes.push(next.code);
    table.do(next.command);
  }
  return codes;
};

describe('everyone answers', () => {
  test('all teams are marked at once; the last answer locks; each gets its own points', () => {
    const table = opened(new Table(showOf([quizOf(2, { penalty: 'full' })])).do('begin'));
    table.pick('s0', 'right');
    table.pick('s1', 'wrong');
    expect(table.state.question!.step).toBe('open');
    expect(publicView(table.state).question!.tries).toEqual([]);
    expect(code(table.pick('s1', 'right'))).toBe('already');
    table.pick('s2', 'right');
    expect(table.state.question).toMatchObject({ step: 'locked', lockedBy: 'all' });
    expect(publicView(table.do('showAnswers').state).question!.picks!.map((one) => one.percent)).toEqual(
      expect.arrayContaining([67, 33, 0]),
    );
    table.do('showKey', 'settle');
    expect(table.scores()).toEqual([100, -100, 100]);
    expect(seatView(table.state, 's1')).toMatchObject({ verdict: 'wrong', earned: -100 });
    expect(table.state.question!.winner).toBe('t0');
  });

  test('who is not connected is not waited for', () => {
    const table = opened(new Table(showOf([quizOf(1)])).do('begin'));
    table.present = (seat) => seat !== 's2';
    table.pick('s0', 'right');
    table.pick('s1', 'right');
    expect(table.state.question!.lockedBy).toBe('all');
  });

  test('nor is a player whom the host has put into no team yet', () => {
    const show = {
      ...showOf([quizOf(1)], { mode: 'each' }),
      doors: { ...defaultDoors, teams: 'host' as const },
    };
    const table = new Table(show);
    for (const i of [0, 1]) table.do({ type: 'moveSeat', seat: `s${i}`, team: `t${i}` });
    opened(table.do('begin'));
    for (const seat of ['s0', 's1']) table.pick(seat, 'right');
    expect(table.state.question!.lockedBy).toBe('all');
  });

  test('an answer may be changed until the lock where the round says so', () => {
    const table = opened(new Table(showOf([quizOf(1, { change: true })])).do('begin'));
    table.pick('s0', 'wrong');
    table.pick('s0', 'right');
    table.do('lock', 'settle');
    expect(table.scores()).toEqual([100, 0, 0]);
  });

  test('without handsets the host rules on what was said, for each team', () => {
    const table = opened(new Table(showOf([quizOf(1, { penalty: 'part', penaltyShare: 25 })])).do('begin'));
    table.do('lock');
    table.do({ type: 'rule', team: 't0', verdict: 'right' }, { type: 'rule', team: 't2', verdict: 'wrong' });
    expect(table.do('settle').scores()).toEqual([100, 0, -25]);
  });

  test('each handset may have an order of its own, and the same option means the same', () => {
    const table = opened(
      new Table(showOf([quizOf(1, { shuffleBySeat: true })], { mode: 'each' })).do('begin'),
    );
    const own = (seat: string) => seatView(table.state, seat)!.own!.options.map((one) => one.text);
    for (const seat of ['s0', 's1', 's2'])
      table.answer(seat, { slot: own(seat).indexOf(seat === 's1' ? 'wrong' : 'right') });
    table.do('showKey', 'settle');
    expect(table.scores()).toEqual([100, 0, 100]);
    const key = seatView(table.state, 's2')!.own!.key!.slots[0]!;
    expect(own('s2')[key]).toBe('right');
  });
});

describe('members who answer each for themselves', () => {
  const grown = (
    combine: Devices['combine'],
    answers: [string, string][],
    rules: Partial<RoundRules> = {},
  ) => {
    const table = new Table(showOf([quizOf(1, rules)], { mode: 'each', combine }));
    for (const [seat, team] of [
      ['s3', 't0'],
      ['s4', 't0'],
    ] as const)
      table.send({ type: 'takeSeat', seat, token: seat, name: `More ${seat}`, team }, seatActor(seat));
    opened(table.do('begin'));
    for (const [seat, text] of answers) {
      table.now += 1000;
      table.pick(seat, text);
    }
    if (table.state.question!.step === 'open') table.do('lock');
    return table.do('settle').scores();
  };
  const two: [string, string][] = [
    ['s0', 'wrong'],
    ['s3', 'right'],
    ['s4', 'right'],
    ['s1', 'right'],
  ];
  test.each<[Devices['combine'], Partial<RoundRules>, number[]]>([
    ['sum', {}, [200, 100, 0]],
    ['mean', {}, [67, 100, 0]],
    ['first', {}, [100, 100, 0]],
    ['majority', {}, [100, 100, 0]],
    ['sum', { penalty: 'full' }, [100, 100, 0]],
    ['mean', { penalty: 'full' }, [33, 100, 0]],
    ['first', { penalty: 'full' }, [100, 100, 0]],
  ])('%s of one wrong and two right of three, %j: %j', (combine, rules, scores) => {
    expect(grown(combine, two, rules)).toEqual(scores);
  });
  test('a tie of the majority goes to the answer that was there first; a member who is silent counts in the mean', () => {
    const tied: [string, string][] = [
      ['s0', 'wrong'],
      ['s3', 'right'],
    ];
    expect(grown('majority', tied)).toEqual([0, 0, 0]);
    expect(grown('mean', tied)).toEqual([33, 0, 0]);
  });
  test('the first right answer is the first that is all right, where there is one', () => {
    const options = ['a', 'b', 'c'].map((text) => ({ id: text, text }));
    const many: AnswerContent = { kind: 'many', options, keys: ['a', 'b'], marking: 'minus' };
    const table = new Table(kindsOf([many], {}, { mode: 'each', combine: 'first' }));
    table.send({ type: 'takeSeat', seat: 's3', token: 's3', name: 'More', team: 't0' }, seatActor('s3'));
    opened(table.do('begin'));
    for (const [seat, slots] of [
      ['s0', [0]],
      ['s3', [0, 1]],
      ['s1', [1]],
    ] as const) {
      table.now += 1000;
      table.answer(seat, { slots });
    }
    if (table.state.question!.step === 'open') table.do('lock');
    expect(table.do('settle').scores()).toEqual([100, 50, 0]);
  });
  test('a ruling that comes later reckons with the members of then: who came since dilutes no mean', () => {
    const table = new Table(showOf([quizOf(2)], { mode: 'each', combine: 'mean' }));
    const come = (seat: string) =>
      table.send({ type: 'takeSeat', seat, token: seat, name: `More ${seat}`, team: 't0' }, seatActor(seat));
    come('s3');
    opened(table.do('begin'));
    table.pick('s0', 'wrong');
    table.pick('s3', 'right');
    table.do('lock', 'settle', 'leave');
    come('s4');
    come('s5');
    table.do({ type: 'rule', team: 't0', seat: 's0', verdict: 'right', play: table.state.played[0]!.play });
    expect(table.scores()).toEqual([100, 0, 0]);
  });
  test('the host rules on one member’s answer, and the team follows', () => {
    const table = new Table(showOf([quizOf(1)], { mode: 'each' }));
    opened(table.do('begin'));
    table.pick('s0', 'wrong');
    table.do('lock', { type: 'rule', team: 't0', seat: 's0', verdict: 'right' }, 'settle');
    expect(table.scores()).toEqual([100, 0, 0]);
  });
});

describe('everybody plays for themselves', () => {
  const table = new Table(showOf([quizOf(2)], { mode: 'each', score: 'players' }));
  test('each player is ranked alone; one removed is not told of any more', () => {
    opened(table.do('begin'));
    table.pick('s0', 'right');
    table.pick('s1', 'wrong');
    table.pick('s2', 'right');
    table.do('settle', 'leave');
    const rows = () => publicView(table.state).teams.map(({ name, score, place }) => [name, score, place]);
    expect(rows()).toEqual([
      ['Player 0', 100, 1],
      ['Player 1', 0, 3],
      ['Player 2', 100, 1],
    ]);
    table.do({ type: 'removeSeat', seat: 's0' });
    expect(rows().map(([name]) => name)).toEqual(['Player 1', 'Player 2']);
    expect(code(table.send({ type: 'moveSeat', seat: 's1', team: 't0' }))).toBe('notNow');
  });
});

describe('first to buzz', () => {
  const at = (rules: Partial<RoundRules> = {}) =>
    new Table(showOf([quizOf(2, { floor: 'buzz', afterWrong: 'buzz', passShare: 50, ...rules })])).do(
      'begin',
    );
  const buzz = (table: Table, seat: string, pressed = table.now) =>
    table.send({ type: 'buzz', play: table.state.question!.play, pressed }, seatActor(seat));

  test('the first gets the floor and a clock of its own; the others are told', () => {
    const table = opened(at());
    table.now += 2000;
    expect(code(buzz(table, 's1'))).toBe('carried out');
    expect(table.state.question).toMatchObject({
      floor: 't1',
      buzz: { team: 't1', ahead: null, drawn: false },
    });
    expect(code(buzz(table, 's2'))).toBe('late');
    expect(code(table.pick('s2', 'right'))).toBe('notYours');
    table.pick('s1', 'wrong');
    expect(nextStep(table.do('showAnswers').state)).toMatchObject({
      code: 'handOnByBuzz',
      params: { points: 50 },
    });
    table.do('handOn');
    expect(code(buzz(table, 's1'))).toBe('notYours');
    buzz(table, 's2');
    table.pick('s2', 'right');
    expect(table.do('showKey', 'settle').scores()).toEqual([0, 0, 50]);
  });

  test.each([
    // Pressed at 145 and at 130: the longer way takes longer, and both are known.
    ['corrected for the way', 10, 40, 's1', 's2', 180, 150, 't2', false],
    // Closer than both doubts together: said, and drawn (the drawn number picks the second).
    ['too close to call', 100, 100, 's1', 's2', 50, 60, 't2', true],
  ])('%s', (_name, trip1, trip2, one, two, arrive1, arrive2, winner, drawn) => {
    const table = opened(at());
    const start = table.now;
    table.window = 100;
    table.random = () => 0.9;
    table.roundTrip = trip1;
    const presses = [
      { seat: one, trip: trip1, at: arrive1 },
      { seat: two, trip: trip2, at: arrive2 },
    ].sort((a, b) => a.at - b.at);
    for (const { seat, trip, at: arrives } of presses) {
      table.roundTrip = trip;
      table.now = start + arrives;
      buzz(table, seat, drawn ? start + arrives - trip / 2 : start - 5000);
    }
    expect(table.state.question!.floor).toBeNull();
    expect(nextStep(table.state)).toMatchObject({ code: 'buzzing', command: null });
    table.now = start + Math.min(arrive1, arrive2) + 100;
    table.send({ type: 'timeUp' }, CLOCK);
    expect(table.state.question!.buzz).toMatchObject({ team: winner, drawn });
  });

  test('a lie about the moment gains no more than the own way', () => {
    const table = opened(at());
    table.now += 500;
    table.roundTrip = 80;
    buzz(table, 's1', 0);
    expect(table.state.question!.presses[0]!.pressed).toBe(table.now - 40);
  });

  test('who presses too early is locked out for a while once it is open', () => {
    const table = at({ lockout: 2 });
    table.do(nextStep(table.state).command!, 'pose');
    buzz(table, 's0');
    table.do('open');
    expect(seatView(table.state, 's0')!.lockedOutUntil).toBe(table.now + 2000);
    expect(code(buzz(table, 's0'))).toBe('notNow');
    table.now += 2000;
    expect(code(buzz(table, 's0'))).toBe('carried out');
  });

  test('a key of the desk is a buzzer, and time locks buzzers that nobody pressed', () => {
    const table = opened(at());
    const play = table.state.question!.play;
    table.do({ type: 'buzzFor', team: 't2', play, pressed: table.now });
    expect(table.state.question!.floor).toBe('t2');
    const silent = opened(at());
    silent.now += 20_400;
    silent.send({ type: 'timeUp' }, CLOCK);
    expect(silent.do('showKey', 'settle').scores()).toEqual([0, 0, 0]);
  });
});

/*
 * The formula stands in the brief of the trade: base × (keep + (1 − keep) × (1 − clamp((t − grace) /
 * (limit − grace), 0, 1))). The values below are worked out by hand.
 */
test.each([
  [0, 20, { keep: 50, grace: 0 }, 1],
  [10, 20, { keep: 50, grace: 0 }, 0.75],
  [20, 20, { keep: 50, grace: 0 }, 0.5],
  [99, 20, { keep: 50, grace: 0 }, 0.5],
  [3, 20, { keep: 0, grace: 5 }, 1],
  [12.5, 20, { keep: 0, grace: 5 }, 0.5],
  [7, 5, { keep: 20, grace: 5 }, 1],
])('faster is more: after %d s of %d with %j a share of %d is left', (t, limit, rule, share) => {
  expect(speedShare(t, limit, rule)).toBeCloseTo(share, 10);
});
test('faster is more, in a sitting, rounded half up', () => {
  const table = opened(
    new Table(showOf([quizOf(1, { speed: { keep: 50, grace: 0 }, clock: 20 })])).do('begin'),
  );
  table.now += 3000;
  table.pick('s0', 'right');
  expect(table.do('lock', 'settle').scores()).toEqual([93, 0, 0]);
});

describe('knockout', () => {
  const knockout = (lives: number, n = 5): Round => ({
    id: 'ko',
    format: 'knockout',
    title: '',
    rules: rulesWith({}),
    content: { items: items(n), points: 0, shuffle: false, lives },
  });
  const played = (table: Table, answers: Record<string, string>) => {
    opened(table);
    for (const [seat, text] of Object.entries(answers)) table.pick(seat, text);
    if (table.state.question!.step === 'open') table.do('lock');
    return table.do('showKey', 'settle', 'leave');
  };
  const places = (table: Table) => publicView(table.state).teams.map((team) => team.place);
  test('a miss and silence cost a life; who is out answers for honour; the last one wins', () => {
    const table = new Table(showOf([knockout(1)])).do('begin');
    played(table, { s0: 'right', s1: 'wrong', s2: 'right' });
    expect(publicView(table.state).round).toMatchObject({ format: 'knockout', left: { t1: 0 } });
    opened(table);
    expect(seatView(table.state, 's1')!.counts).toBe(false);
    table.pick('s0', 'right');
    table.pick('s1', 'right');
    table.do('lock', 'settle', 'leave');
    expect(places(table)).toEqual([1, 2, 2]);
    expect(nextStep(table.state).code).toBe('close');
  });
  test('nobody goes when all who remain miss together', () => {
    const table = new Table(showOf([knockout(2)])).do('begin');
    played(table, { s0: 'wrong', s1: 'wrong' });
    expect(publicView(table.state).round).toMatchObject({ left: {} });
    played(table, { s0: 'right' });
    expect(publicView(table.state).round).toMatchObject({ left: { t1: 1, t2: 1 } });
  });
  test('a ruling that is changed later gives the life back', () => {
    const table = new Table(showOf([knockout(1)])).do('begin');
    played(table, { s0: 'right', s1: 'wrong', s2: 'right' });
    const { play } = table.state.played[0]!;
    table.do({ type: 'acceptAnswer', play, who: 't1' });
    expect(publicView(table.state).round).toMatchObject({ left: {} });
  });
  test('who is out keeps what counted before, also where an earlier question is reckoned again', () => {
    const table = new Table(
      showOf([{ ...knockout(1), content: { ...knockout(1).content, points: 40 } } as Round]),
    );
    table.do('begin');
    played(table, { s0: 'right', s1: 'right', s2: 'right' });
    played(table, { s0: 'right', s1: 'wrong', s2: 'wrong' });
    expect(table.scores()).toEqual([80, 40, 40]);
    table.do({ type: 'rule', play: table.state.played[0]!.play, team: 't2', verdict: 'wrong' });
    expect(table.scores()).toEqual([80, 40, 0]);
  });
});

describe('counterweight', () => {
  const weights = (values: number[] | null): Round => ({
    id: 'cw',
    format: 'counterweight',
    title: '',
    rules: rulesWith({}),
    content: { items: items(2), points: 0, shuffle: false, covers: 4, most: 9, seed: 'sea', values },
  });
  const lift = (table: Table, cover: number, team: string): Command => ({
    type: 'act',
    act: { do: 'lift', cover, team },
  });
  test('a right answer lifts a cover for oneself or for another; closest to zero wins, −1 and +1 alike', () => {
    const table = new Table(showOf([weights([5, -5, 1, -1])])).do('begin');
    const win = (seat: string, cover: number, team: string) => {
      opened(table);
      table.pick(seat, 'right');
      table.do('showKey', 'settle', 'leave');
      expect(nextStep(table.state)).toMatchObject({ code: 'formatWaits', command: null });
      expect(code(table.send({ type: 'choose', ref: '1' }))).toBe('notNow');
      table.do(lift(table, cover, team));
    };
    win('s0', 0, 't1');
    expect(code(table.send(lift(table, 1, 't0')))).toBe('notNow');
    win('s1', 1, 't1');
    win('s2', 2, 't2');
    win('s0', 3, 't0');
    // What is in the balance is the round's alone until it is over.
    const shown = () => publicView(table.state).teams.map(({ score, place }) => [score, place]);
    expect(shown()).toEqual([
      [-1, 2],
      [0, 1],
      [1, 2],
    ]);
    expect(table.scores()).toEqual([0, 0, 0]);
    expect(publicView(table.state).won).toMatchObject([{ format: 'counterweight', teams: ['t1'], on: true }]);
    expect(nextStep(table.state).code).toBe('close');
    table.do('close');
    expect(shown()).toEqual([
      [-1, 2],
      [0, 1],
      [-1, 2],
    ]);
  });
  test('a miss sends the question to the next team; only who won may choose by handset', () => {
    const table = new Table(showOf([weights(null)])).do('begin');
    opened(table);
    table.pick('s0', 'wrong');
    table.do('showAnswers', 'handOn');
    table.pick('s1', 'right');
    table.do('showKey', 'settle', 'leave');
    const act = (seat: string) => table.send(lift(table, 0, 't0'), seatActor(seat));
    expect(code(act('s0'))).toBe('notYours');
    expect(code(act('s1'))).toBe('carried out');
    const view = publicView(table.state).round!;
    expect(view.format === 'counterweight' && view.covers.map((one) => one.value !== null)).toEqual([
      true,
      false,
      false,
      false,
    ]);
  });
});

describe('a running order', () => {
  const interlude: Round = {
    id: 'i',
    format: 'interlude',
    title: 'Tea',
    rules: rulesWith({}),
    content: { what: 'break', text: '', minutes: 5 },
  };
  const order = (scores: RoundRules['scores']) =>
    new Table(showOf([quizOf(1), interlude, { ...quizOf(2, { scores }), id: 'second' }])).do('begin');

  test('goes on by the next step alone, from the first round to the close', () => {
    const table = order('carry');
    const codes = toEnd(table);
    expect(codes.filter((one) => one === 'nextRound' || one === 'nextQuestion')).toEqual([
      'nextQuestion',
      'nextRound',
      'nextRound',
      'nextQuestion',
      'nextQuestion',
    ]);
    expect(nextStep(table.state).code).toBe('close');
  });

  test.each([
    ['carry', [200, 0, 0]],
    ['anew', [100, 0, 0]],
  ] as const)('scores %s', (scores, expected) => {
    const table = order(scores);
    const win = () => {
      opened(table);
      table.pick('s0', 'right');
      table.do('lock', 'settle', 'leave');
    };
    win();
    table.do({ type: 'begin', round: 1 }, { type: 'begin', round: 2 });
    expect(publicView(table.state)).toMatchObject({ roundNumber: 3, rounds: 3 });
    win();
    expect(publicView(table.state).teams.map((team) => team.score)).toEqual(expected);
    // A ruling of the first round that is changed now counts there, and where scores carry over here too.
    table.do({ type: 'rule', team: 't1', verdict: 'right', play: table.state.played[0]!.play });
    expect(publicView(table.state).teams.map((team) => team.score)).toEqual(
      scores === 'carry' ? [200, 100, 0] : [100, 0, 0],
    );
  });

  test('a round is skipped, and one that was played is played once more, from the beginning', () => {
    const table = order('carry').do({ type: 'begin', round: 2 });
    toEnd(table);
    table.do({ type: 'begin', round: 0 });
    expect(nextStep(table.state)).toMatchObject({ code: 'nextQuestion', params: { number: 1, of: 1 } });
    expect(code(table.send({ type: 'begin', round: 7 }))).toBe('notThere');
    table.do(nextStep(table.state).command!);
    expect(code(table.send({ type: 'begin', round: 1 }))).toBe('notNow');
  });

  test('the end of a round is taken back, and had again until something new happens', () => {
    const table = order('carry');
    const { seq } = table.state.steps[0]!;
    toEnd(table);
    const before = JSON.stringify(publicView(table.state).round);
    table.do('takeBack', 'takeBack', { type: 'takeBack', to: seq });
    expect(table.state.phase).toBe('lobby');
    table.do('forward', 'forward', 'forward');
    expect(JSON.stringify(publicView(table.state).round)).toBe(before);
    expect(code(table.send({ type: 'forward' }))).toBe('notNow');
    table.do('takeBack', { type: 'adjust', team: 't0', amount: 5, reason: 'new' });
    expect(code(table.send({ type: 'forward' }))).toBe('notNow');
  });

  test('self-running: each step follows after its pause, and open answers wait for people', () => {
    const table = new Table(showOf([quizOf(1, { pace: 4, clock: 20 })])).do('begin');
    const steps: string[] = [];
    const tick = () => {
      table.now += 4000;
      table.send({ type: 'timeUp' }, CLOCK);
      steps.push(table.state.question?.step ?? table.state.phase);
    };
    for (let i = 0; i < 4; i++) tick();
    expect(steps).toEqual(['picked', 'posed', 'open', 'open']);
    table.now += 20_400;
    tick();
    for (let i = 0; i < 4; i++) tick();
    expect(steps.slice(4)).toEqual(['locked', 'key', 'settled', 'round', 'closed']);
  });
});

describe('rulings that are changed later', () => {
  test('a spelling is accepted for everyone who gave it, two rounds later; all that depends on it follows', () => {
    const text = question('c0', 'Type', {
      kind: 'text',
      accepted: [`${SECRET} neap`, 'neap'],
      forgive: { case: true, accents: true, articles: true, slips: false },
    });
    const show = showOf([quizOf(1, { penalty: 'full', lowest: 0 }), { ...quizOf(2), id: 'later' }]);
    show.questions.c0 = text;
    const table = opened(new Table(show).do('begin'));
    for (const [seat, words] of [
      ['s0', 'Nippflut'],
      ['s1', ' nippflut '],
      ['s2', 'neap'],
    ] as const)
      table.answer(seat, { text: words });
    const { play } = table.state.question!;
    table.do('settle', 'leave', { type: 'begin', round: 1 });
    expect(table.scores()).toEqual([0, 0, 100]);
    table.do({ type: 'acceptAnswer', play, who: 't0' });
    expect(table.scores()).toEqual([100, 100, 100]);
    expect(table.state.ledger.filter((entry) => 'revised' in entry.cause)).toHaveLength(2);
    expect(table.do('takeBack').scores()).toEqual([0, 0, 100]);
  });

  test('the cell of a board goes to who won it after all', () => {
    const table = new Table().do('begin').choose('a:1').do('pose', 'open');
    table.pick('s0', 'Option 1');
    table.do('settle', 'leave');
    const { play } = table.state.played[0]!;
    table.do({ type: 'rule', team: 't0', verdict: 'right', play });
    expect(table.scores()).toEqual([100, 0, 0]);
    const { round } = publicView(table.state);
    expect(round?.format === 'board' && round.rows[0]!.cells[0]!.winner).toBe('t0');
  });
});

test('one response is put on the stage, and taken off', () => {
  const table = opened(new Table(showOf([quizOf(1)])).do('begin'));
  table.pick('s1', 'wrong');
  table.do('lock', { type: 'showResponse', who: 't1' });
  expect(publicView(table.state).question!.onStage).toMatchObject({ team: 't1', answer: { text: 'wrong' } });
  expect(code(table.send({ type: 'showResponse', who: 't0' }))).toBe('notThere');
  expect(publicView(table.do({ type: 'showResponse', who: null }).state).question!.onStage).toBeNull();
});

test.each([
  ['winner', 't0'],
  ['lowest', 't1'],
  ['inOrder', 't1'],
] as const)('turns: %s – after a win of the first team it is %s', (turns, expected) => {
  const table = new Table(sampleShow({ turns })).do('begin').choose('a:1').do('pose', 'open');
  table.pick('s0', 'Option 2');
  expect(table.do('settle', 'leave').state.turn).toBe(expected);
});

test('turns that are drawn stay even', () => {
  const table = new Table(sampleShow({ turns: 'drawn' })).do('begin');
  let n = 0;
  table.random = () => (n += 0.37) % 1;
  for (const ref of ['a:1', 'a:2', 'b:1']) table.choose(ref).do('pose', 'open', 'lock', 'settle', 'leave');
  expect([...table.state.turnsTaken.values()]).toEqual([1, 1, 1]);
});
