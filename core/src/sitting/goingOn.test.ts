import { describe, expect, test } from '@jest/globals';
import { due } from './decide/clock.ts';
import { isRefusal } from '../refusal.ts';
import { nextStep } from './read/nextStep.ts';
import { overtaken, TIME } from './press.ts';
import { publicView } from './view/public.ts';
import type { AnswerContent } from '../question/kinds/index.ts';
import type { RoundRules } from '../formats/rules.ts';
import type { Show } from '../show/show.ts';
import { blankKnockout } from '../formats/knockout/content.ts';
import { quizOf } from './test/quizOf.ts';
import { CLOCK, HOST, seatActor, Table } from './test/table.ts';

const options = ['right', 'wrong', 'other'].map((text, i) => ({ id: `k${i}`, text }));
const choice: AnswerContent = { kind: 'choice', options, key: 'k0' };

const code = (result: object) => (isRefusal(result) ? result.refused : 'carried out');
const press = (table: Table) => table.do(nextStep(table.state).command!);
/** The same next step, pressed again by a desk that has not seen what it led to. */
const open = (show: Show) => press(press(press(new Table(show).do('begin'))));

test('a round can be left for another one as soon as a question is settled, however steps are taken', () => {
  for (const steps of ['joined', 'single'] as const) {
    const show = quizOf([choice, choice, choice], { steps });
    show.rounds.push({ ...show.rounds[0]!, id: 'other' });
    const table = new Table(show).do('begin');
    const stepOf = () => table.state.question?.step;
    while (stepOf() !== 'open') press(table);
    table.answer('s0', { slot: 0 });
    expect(code(table.send({ type: 'begin', round: 1 }))).toBe('notNow');
    while (stepOf() !== 'settled') press(table);
    const score = table.state.scores.get('t0');
    expect(score).toBeGreaterThan(0);
    table.do({ type: 'begin', round: 1 });
    expect(table.state).toMatchObject({ question: null, round: { index: 1 } });
    expect(table.state.played).toHaveLength(1);
    expect(table.state.scores.get('t0')).toBe(score);
    table.do({ type: 'takeBack' });
    expect(table.state).toMatchObject({ question: { step: 'settled' }, round: { index: 0 } });
  }
});

test('lives are seen after each question of a knockout, however steps are taken', () => {
  const show = quizOf([choice, choice, choice], { steps: 'joined' });
  const round = show.rounds[0]!;
  show.rounds = [
    {
      ...round,
      format: 'knockout',
      content: { ...blankKnockout(), items: [0, 1, 2].map((i) => ({ id: `c${i}`, points: null })) },
    } as Show['rounds'][number],
  ];
  const table = new Table(show).do('begin');
  while (table.state.question?.step !== 'settled') press(table);
  expect(nextStep(table.state).code).toBe('leave');
});

describe('steps that show nothing new are taken together', () => {
  const joined = { steps: 'joined' } as const;
  test.each<[string, AnswerContent[], Partial<RoundRules>, string[]]>([
    [
      'a quiz question needs four presses from up to the next',
      [choice, choice],
      joined,
      ['openToAll', 'lockAll', 'showKeyAwardAll', 'nextQuestion'],
    ],
    [
      'who picked what may come with the key',
      [choice, choice],
      { ...joined, picks: 'with' },
      ['openToAll', 'lockAll', 'showKeyAwardAll', 'nextQuestion'],
    ],
    [
      'a poll shows its result and needs no more',
      [{ kind: 'opinion', options }, choice],
      joined,
      ['openToAll', 'lockAll', 'settleUnscored', 'nextQuestion'],
    ],
    ['a card', [{ kind: 'card' }, choice], joined, ['settleUnscored', 'nextQuestion']],
    [
      'each by itself, where the host wants that',
      [choice, choice],
      {},
      ['openToAll', 'lockAll', 'showAnswers', 'showKey', 'awardAll', 'leave', 'nextQuestion', 'pose'],
    ],
  ])('%s', (_name, answers, rules, expected) => {
    const table = press(new Table(quizOf(answers, rules)).do('begin'));
    if (table.state.question!.step === 'picked') press(table);
    const codes: string[] = [];
    while (!(table.state.question?.ref === '1' && table.state.question.step === 'posed')) {
      codes.push(nextStep(table.state).code);
      press(table);
      if (table.state.question?.step === 'open') table.answer('s0', { slot: 0 });
    }
    expect(codes).toEqual(expected);
    // What was joined is taken back as one step.
    if (rules.steps === 'joined') {
      table.do('takeBack');
      expect([table.state.question?.ref ?? null, table.state.question?.step ?? null]).toEqual(
        answers[0]!.kind === 'choice' ? ['0', 'settled'] : [null, null],
      );
    }
  });
});

describe('two who press for the same step', () => {
  test('the second press names a step that is over: nothing happens, and it says so', () => {
    const table = new Table(quizOf([choice])).do('begin');
    const { command } = nextStep(table.state);
    table.do(command!);
    expect(code(table.send(command!))).toBe('overtaken');
    expect(table.state.question!.step).toBe('picked');
  });
  test.each([
    ['another desk at once', { by: 'a', at: 1000 }, 'b', 1000, true],
    ['another desk almost a second later', { by: 'a', at: 1000 }, 'b', 1999, true],
    ['another desk after a second', { by: 'a', at: 1000 }, 'b', 2000, false],
    ['the same desk', { by: 'a', at: 1000 }, 'a', 1001, false],
    ['right after it went on by itself', { by: TIME, at: 1000 }, 'a', 1500, true],
    ['the first of all', null, 'a', 0, false],
  ] as const)('%s', (_name, last, by, now, refused) => {
    expect(overtaken(last, by, now)?.refused ?? null).toBe(refused ? 'overtaken' : null);
  });
});

describe('ids of commands', () => {
  test('are known per actor: nobody uses up an id of somebody else, or of time', () => {
    const table = open(quizOf([choice], { clock: 10 }));
    const answer = { type: 'answer', play: table.state.question!.play, answer: { slot: 0 } } as const;
    for (const id of [`time-${table.state.seq + 1}`, 'time', 'outage', 'c3'])
      expect(code(table.send(answer, seatActor('s0'), id))).toMatch(/carried out|already/);
    expect(code(table.send(answer, seatActor('s1'), 'time'))).toBe('carried out');
    table.now += 10_500;
    expect(due(table.state)!).toBeLessThanOrEqual(table.now);
    expect(code(table.send({ type: 'timeUp' }, CLOCK, 'time'))).toBe('carried out');
    expect(table.state.question!.lockedBy).toBe('time');
    expect(due(table.state)).toBeNull();
  });
  test('the same one of the same actor twice changes nothing, after a replay either', () => {
    const table = new Table(quizOf([choice])).do('begin');
    const events = table.sitting.log.length;
    expect(table.send({ type: 'begin' }, HOST, table.sitting.log.at(-1)!.command)).toEqual([]);
    expect(table.sitting.log.length).toBe(events);
  });
});

describe('after the server was away', () => {
  const away = () => {
    const table = open(quizOf([choice], { clock: 20 }));
    table.now += 2000;
    table.pick('s0', 'right');
    table.do('lock');
    return table;
  };
  test('what was tapped before the lock and is delivered after it counts, and is marked', () => {
    const table = away();
    const lockedAt = table.now;
    table.now += 4000;
    table.backAt = (seat) => (seat === 's1' ? table.now - 500 : lockedAt - 1000);
    expect(code(table.pick('s1', 'right'))).toBe('carried out');
    // Who was back before the lock could have answered in time.
    expect(code(table.pick('s2', 'right'))).toBe('late');
    expect(table.state.question!.byWho.get('t1')).toMatchObject({ verdict: 'right', after: 2000 });
    table.do('showAnswers', 'showKey', 'settle');
    expect(table.scores()).toEqual([100, 100, 0]);
  });
  test('but not once the key was shown, nor long after coming back', () => {
    const table = away();
    const lockedAt = table.now;
    table.backAt = () => lockedAt + 100;
    table.now += 20_000;
    expect(code(table.pick('s1', 'right'))).toBe('late');
    table.do('showAnswers', 'showKey');
    table.backAt = () => table.now;
    expect(code(table.pick('s2', 'right'))).toBe('late');
  });
});

describe('a round that runs by itself', () => {
  const running = (answers: AnswerContent[] = [choice, choice]) =>
    new Table(quizOf(answers, { pace: 5, clock: 10, steps: 'joined' })).do('begin');
  const later = (table: Table, ms: number) => {
    table.now += ms;
    return code(table.send({ type: 'timeUp' }, CLOCK));
  };
  test('can be held, stays so, and goes on from where it was', () => {
    const table = running();
    table.now += 3000;
    table.do({ type: 'holdPace', on: true });
    expect(due(table.state)).toBeNull();
    expect(later(table, 60_000)).toBe('notNow');
    // The host may take single steps meanwhile.
    press(table);
    expect(due(table.state)).toBeNull();
    table.do({ type: 'holdPace', on: false });
    expect(due(table.state)! - table.now).toBeGreaterThanOrEqual(5000);
    expect(later(table, 5000)).toBe('carried out');
    expect(table.state.question!.step).toBe('open');
  });
  test('stays where it is after a step was taken back, until the host lets it go on', () => {
    const table = running();
    expect(later(table, 5000)).toBe('carried out');
    expect(later(table, 5000)).toBe('carried out');
    expect(table.state.question!.step).toBe('open');
    table.do('takeBack');
    expect([table.state.question!.step, due(table.state)]).toEqual(['posed', null]);
    table.do({ type: 'holdPace', on: false });
    expect(due(table.state)).not.toBeNull();
  });
  test('a long page stays longer than a short one', () => {
    const times = [10, 200].map((words) => {
      const show = quizOf([{ kind: 'card' }], { pace: 5, steps: 'joined' });
      show.questions.c0!.prompt = 'word '.repeat(words).trim();
      const table = new Table(show).do('begin');
      press(table);
      return due(table.state)! - table.now;
    });
    expect(times[0]).toBe(5000);
    // 200 words at 238 words a minute are 50 s.
    expect(times[1]! / 1000).toBeCloseTo(52.4, 0);
  });
  test('waits for the host where something has to be judged', () => {
    const table = running([{ kind: 'aloud', key: 'figure of eight' }, choice]);
    later(table, 5000);
    later(table, 5000);
    expect(later(table, 11_000)).toBe('carried out');
    expect([table.state.question!.step, due(table.state)]).toEqual(['locked', null]);
    table.do({ type: 'rule', team: 't0', verdict: 'right' });
    expect(due(table.state)).not.toBeNull();
  });
});

describe('whoever has the floor answers, and for the whole team', () => {
  const teamOfThree = (rules: Partial<RoundRules>) => {
    const table = new Table(quizOf([choice], rules, { mode: 'each', combine: 'mean' }));
    for (const seat of ['a', 'b'])
      table.send({ type: 'takeSeat', seat, token: seat, name: seat, team: 't0' }, seatActor(seat));
    table.do('begin');
    return press(press(press(table)));
  };
  test('whoever buzzed, and nobody else of the team', () => {
    const table = teamOfThree({ floor: 'buzz', afterWrong: 'buzz' });
    const { play } = table.state.question!;
    table.send({ type: 'buzz', play, pressed: table.now }, seatActor('a'));
    expect(code(table.pick('b', 'wrong'))).toBe('notYours');
    expect(code(table.pick('s1', 'right'))).toBe('notYours');
    table.pick('a', 'right');
    table.do('showAnswers', 'showKey', 'settle');
    expect(table.scores()).toEqual([100, 0, 0]);
  });
  test('unless the one who buzzed is gone', () => {
    const table = teamOfThree({ floor: 'buzz', afterWrong: 'buzz' });
    table.send({ type: 'buzz', play: table.state.question!.play, pressed: table.now }, seatActor('a'));
    table.present = (seat) => seat !== 'a';
    expect(code(table.pick('b', 'right'))).toBe('carried out');
  });
  test('in turn the first of the team', () => {
    const table = teamOfThree({ floor: 'turn', afterWrong: 'handOn' });
    table.pick('b', 'right');
    expect(table.state.question!.step).toBe('locked');
    table.do('showAnswers', 'showKey', 'settle');
    expect(table.scores()).toEqual([100, 0, 0]);
  });
});

describe('what cannot be won', () => {
  const card = { kind: 'card' } as const;
  test.each<[string, AnswerContent]>([
    ['a card', card],
    ['an opinion', { kind: 'opinion', options }],
  ])('%s costs no team its turn', (_name, answer) => {
    const table = new Table(quizOf([answer, choice, choice], { floor: 'turn', steps: 'joined' }));
    table.do('begin');
    while (table.state.question?.ref !== '1') press(table);
    expect(publicView(table.state).turn).toBe('t0');
    expect([...table.state.turnsTaken]).toEqual([['t0', 1]]);
  });
  test('a counterweight of cards alone comes to its end', () => {
    const show = quizOf([card, card]);
    const [quiz] = show.rounds;
    const { items } = (quiz as Extract<typeof quiz, { format: 'quiz' }>)!.content;
    show.rounds = [
      {
        ...quiz!,
        format: 'counterweight',
        content: { items, points: 0, shuffle: false, covers: 4, most: 9, seed: '', values: null },
      },
    ];
    const table = new Table(show).do('begin');
    for (let n = 0; n < 20 && nextStep(table.state).code !== 'close'; n++) press(table);
    expect(nextStep(table.state).code).toBe('close');
  });
  test('not to be the closest costs nothing, unless the host says so', () => {
    const closest: AnswerContent = {
      kind: 'number',
      key: 50,
      marking: 'closest',
      tolerance: 0,
      percent: false,
      unit: '',
      units: [],
    };
    for (const penaltyClosest of [false, true]) {
      const table = open(quizOf([closest], { penalty: 'full', penaltyClosest }));
      for (const [seat, text] of [
        ['s0', '55'],
        ['s1', '48'],
        ['s2', '90'],
      ] as const)
        table.answer(seat, { text });
      table.do('showAnswers', 'showKey', 'settle');
      expect(table.scores()).toEqual(penaltyClosest ? [-100, 100, -100] : [0, 100, 0]);
    }
  });
});
