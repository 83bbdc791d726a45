import { guardHandedOut } from '../document/handedOut.ts';
import { describe, expect, test } from '@jest/globals';
import { bookOf } from './view/book.ts';
import { clothOf } from './view/cloth.ts';
import { deskView } from './view/desk.ts';
import { handsetView } from './view/public.ts';
import { isRefusal } from '../refusal.ts';
import { MAX_TEAMS, newTeam, type Team } from '../show/team.ts';
import { resultsOf } from '../report/results.ts';
import { seatView } from './view/seat.ts';
import { Show, type Round } from '../show/show.ts';
import { stageView } from './view/stage.ts';
import type { Devices } from '../show/devices.ts';
import * as v from 'valibot';
import { rulesWith } from '../formats/rules.ts';
import { everyKindShow, HOST, seatActor, Table } from './test/table.ts';

// A thousand of each: what is handed out is watched everywhere else.
guardHandedOut(false);

const quiz = (
  ids: readonly string[],
  rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null }),
): Round => ({
  id: 'r',
  format: 'quiz',
  title: 'All hands',
  rules,
  content: { items: ids.map((id) => ({ id, points: null })), points: 100, shuffle: false },
});
function table(rounds: Round[], devices: Partial<Devices> = {}): Table {
  const show = everyKindShow();
  return new Table({ ...show, rounds, devices: { ...show.devices, ...devices } });
}
const open = (at: Table, ref: string) => at.do({ type: 'choose', ref }, 'pose', 'open');

describe('very many at once', () => {
  /** A show that so many play, each for themselves. */
  function crowd(players: number): Table {
    const at = table([quiz(['q0', 'q1'])], { mode: 'each', score: 'players' });
    for (let i = 3; i < players; i++)
      at.send(
        { type: 'takeSeat', seat: `s${i}`, token: `x${i}`, name: `Player ${i}`, team: '' },
        seatActor(`s${i}`),
      );
    return at.do('begin');
  }

  test('fifty teams, each with a weave of its own, and not one more', () => {
    const teams: Team[] = [];
    while (teams.length < MAX_TEAMS)
      teams.push(newTeam(teams, `Team ${teams.length}`, () => `t${teams.length}`));
    expect(new Set(teams.map(({ weave }) => JSON.stringify(weave))).size).toBe(50);
    const show = everyKindShow();
    expect(v.is(Show, { ...show, teams })).toBe(true);
    expect(v.is(Show, { ...show, teams: [...teams, newTeam(teams, 'One more', () => 'more')] })).toBe(false);
  });

  test('a handset hears of the leaders and keeps its own place; the desk knows everybody', () => {
    const at = crowd(1000);
    open(at, '0');
    for (let i = 0; i < 1000; i++) at.pick(`s${i}`, i % 2 ? 'Option 2' : 'Option 1');
    at.do('showAnswers', 'showKey', 'settle');
    const { state } = at;
    expect(deskView(state).teams).toHaveLength(1000);
    const shown = handsetView(state);
    expect(shown.teams.length).toBeLessThanOrEqual(60);
    // Beside them stands whose turn it is.
    expect(shown.teams.filter((team) => team.score !== 100).map((team) => team.id)).toEqual([shown.turn]);
    expect(shown.playing).toBe(1000);
    expect(JSON.stringify(shown).length).toBeLessThan(16_000);
    expect(stageView(state).teams.length).toBeLessThanOrEqual(120);
    // Of a thousand the five hundred who were wrong share place 501.
    expect(seatView(state, 's2')!.standing).toEqual({ score: 0, place: 501, of: 1000 });
    expect(seatView(state, 's2')!.earned).toBe(0);
    expect(seatView(state, 's3')!.earned).toBe(100);
  });

  test('the last of all to answer locks, whatever order they come in', () => {
    const at = crowd(200);
    open(at, '0');
    const order = Array.from({ length: 200 }, (_, i) => (i * 73) % 200);
    for (const i of order.slice(0, -1)) at.pick(`s${i}`, 'Option 2');
    expect(at.state.question!.step).toBe('open');
    at.pick(`s${order.at(-1)}`, 'Option 2');
    expect(at.state.question!.lockedBy).toBe('all');
  });

  test('the ledger is told in part, of all or of one; a question that is over can be opened', () => {
    const at = crowd(600);
    const plays = ['0', '1'].map((ref, n) => {
      open(at, ref);
      const { play } = at.state.question!;
      for (let i = 0; i < 600; i++)
        at.answer(`s${i}`, n === 0 ? { slot: at.slot('Option 2') } : { slots: [] });
      if (at.state.question!.step === 'open') at.do('lock');
      at.do('settle', 'leave');
      return play;
    });
    at.do({ type: 'adjust', team: 's7', amount: 5, reason: 'for the song' });
    const all = bookOf(at.state, { team: null, play: null });
    expect(all.lines).toBe(601);
    expect(all.ledger[0]).toMatchObject({ team: 's7', amount: 5, label: 'for the song' });
    expect(bookOf(at.state, { team: 's7', play: null }).ledger.map((entry) => entry.amount)).toEqual([
      5, 100,
    ]);
    expect(all.played.map((one) => one.play)).toEqual([...plays].reverse());
    expect(bookOf(at.state, { team: null, play: plays[0]! }).open).toMatchObject({ prompt: 'Prompt 0' });
    expect(bookOf(at.state, { team: null, play: 999_999 }).open).toBeNull();
  });
});

describe('answers that the host enters', () => {
  const enter = (at: Table, team: string, answer: unknown) =>
    at.send({ type: 'answerFor', team, play: at.state.question?.play ?? 0, answer }, HOST);

  test('without handsets, for one team after the other; the last one locks', () => {
    const at = table([quiz(['q4'])], { mode: 'none' }).do('begin');
    open(at, '0');
    for (const [team, text] of [
      ['t0', '7,3 km'],
      ['t1', '12'],
      ['t2', '7314'],
    ] as const) {
      expect(at.state.question!.step).toBe('open');
      expect(isRefusal(enter(at, team, { text }))).toBe(false);
    }
    expect(at.state.question!.lockedBy).toBe('all');
    at.do('showAnswers', 'showKey', 'settle', 'leave');
    expect(at.scores()).toEqual([100, 0, 100]);
    expect(resultsOf(at.state).responses.map((row) => [row.team, row.player])).toEqual([
      ['Bowline', ''],
      ['Fairlead', ''],
      ['Leeward', ''],
    ]);
  });

  test.each([
    ['a team that is not on the floor', { floor: 'turn' }, {}, 't1', { slot: 0 }, 'notYours'],
    ['no answer to this question', { floor: 'turn' }, {}, 't0', { text: 'x' }, 'invalid'],
    ['a team that is not there', { floor: 'everyone' }, {}, 't9', { slot: 0 }, 'notThere'],
    [
      'members who answer for themselves',
      { floor: 'everyone' },
      { mode: 'each' },
      't0',
      { slot: 0 },
      'notNow',
    ],
  ] as const)('refused, and told why: %s', (_what, rules, devices, team, answer, code) => {
    const at = table([quiz(['q0'], rulesWith({ clock: null, ...rules }))], devices).do('begin');
    open(at, '0');
    const refused = enter(at, team, answer);
    expect(refused).toMatchObject({ refused: code, says: expect.stringMatching(/^[a-z]\w+$/) });
    // Nor can a handset do what only the host may.
    const own = {
      type: 'answerFor',
      team: 't0',
      play: at.state.question!.play,
      answer: { slot: 0 },
    } as const;
    expect(at.send(own, seatActor('s0'))).toMatchObject({ refused: 'notYours' });
  });
});

test('the cloth: every format adds its rows, each cell with those who were right', () => {
  const weights: Round = {
    id: 'w',
    format: 'counterweight',
    title: 'Trim',
    rules: rulesWith({ clock: null }),
    content: {
      items: [{ id: 'q0', points: null }],
      points: 0,
      shuffle: false,
      covers: 2,
      most: 3,
      seed: '',
      values: [2, -2],
    },
  };
  const pause: Round = {
    id: 'p',
    format: 'interlude',
    title: 'Tea',
    rules: rulesWith({}),
    content: { what: 'break', text: '', minutes: null },
  };
  const board = everyKindShow({ clock: null, afterWrong: 'close' }).rounds[0]!;
  const at = table([quiz(['q0', 'q1']), pause, weights, board]).do('begin');
  open(at, '0');
  at.pick('s0', 'Option 2');
  at.pick('s1', 'Option 1');
  at.pick('s2', 'Option 2');
  at.do('settle', 'leave', { type: 'begin', round: 1 }, { type: 'begin', round: 2 });
  open(at, '0');
  at.pick('s0', 'Option 2');
  at.do(
    'settle',
    'leave',
    { type: 'act', act: { do: 'lift', cover: 1, team: 't2' } },
    { type: 'begin', round: 3 },
  );
  at.choose('a:0').do('pose', 'open');
  at.pick(`s${at.state.question!.floor!.slice(1)}`, 'Option 1');
  at.do('settle', 'leave');
  const cell = (used: boolean, ...teams: string[]) => ({ used, teams });
  const rows = clothOf(at.state);
  expect(rows.map((row) => row.name)).toEqual(['All hands', 'Trim', 'Kinds']);
  expect(rows[0]!.cells).toEqual([cell(true, 't0', 't2'), cell(false)]);
  expect(rows[1]!.cells).toEqual([cell(false), cell(true, 't2')]);
  expect(rows[2]!.cells[0]).toEqual(cell(true));
  expect(stageView(at.state).cloth).toBeNull();
  expect(stageView(at.do('close').state).cloth).toEqual(rows);
});
