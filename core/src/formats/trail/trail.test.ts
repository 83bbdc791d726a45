import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isRefusal } from '../../refusal.ts';
import { seeded } from '../../random/seeded.ts';
import { checkShow } from '../../show/check/check.ts';
import type { Round, Show } from '../../show/show.ts';
import { filesOfShow } from '../../show/media.ts';
import { CLOCK, picture, question, sampleShow, seatActor, Table } from '../../sitting/test/table.ts';
import { rulesWith, type RoundRules } from '../rules.ts';
import { askingSpaces, blankTrail, type TrailContent } from './content.ts';
import { questionOn, useUp } from './state.ts';
import { trail, type TrailView } from './trail.ts';

function trailShow(content: Partial<TrailContent> = {}, rules: Partial<RoundRules> = {}, n = 14): Show {
  const ids = Array.from({ length: n }, (_, i) => `q${i}`);
  const options = ['A', 'B'].map((text) => ({ id: text, text }));
  return {
    ...sampleShow(),
    rounds: [
      {
        id: 'trail',
        format: 'trail',
        title: '',
        rules: rulesWith({ clock: null, shuffleOptions: false, penalty: 'full', ...rules }),
        content: {
          ...blankTrail(),
          items: ids.map((id) => ({ id, points: null })),
          ...{ spaces: 8, specials: { 4: 'rest', 6: 'again' }, target: 300, shuffle: false },
          ...content,
        },
      },
    ],
    questions: Object.fromEntries(
      ids.map((id) => [id, question(id, `Ask ${id}`, { kind: 'choice', options, key: 'B' })]),
    ),
  };
}
const on = (...given: Parameters<typeof trailShow>) => new Table(trailShow(...given)).do('begin');
const view = (table: Table) => table.stage.round as TrailView;
const roll = (face: number) => ({ type: 'act', act: { do: 'roll', face } }) as const;
const piece = (table: Table, team: string) => view(table).pieces.find((one) => one.team === team);
/** The question on the space that was reached. */
function answer(table: Table, right: boolean): Table {
  const seat = `s${table.state.turn.slice(1)}`;
  table.do({ type: 'next', after: table.state.steppedWith }, 'pose', 'open');
  table.pick(seat, right ? 'B' : 'A');
  return table.do('showKey', 'settle', 'leave');
}

describe('trail', () => {
  test('a roll moves the piece, the question there brings or costs, and the next team is on', () => {
    const table = on();
    table.do(roll(2));
    expect([view(table).rolled, table.state.turn]).toEqual([{ team: 't0', face: 2, from: 0, to: 2 }, 't0']);
    expect(isRefusal(table.send(roll(3)))).toBe(true);
    answer(table, true);
    table.do(roll(1));
    answer(table, false);
    expect([table.scores(), table.state.turn]).toEqual([[100, -100, 0], 't2']);
    expect(view(table).woven).toEqual([{ space: 2, team: 't0' }]);
  });

  test('passing the start gives what is set, a rest costs the turn, again does not, a real die is entered', () => {
    const table = on({ pass: 50 });
    table.do(roll(4));
    expect([table.state.turn, table.state.turnsTaken.get('t0')]).toEqual(['t1', 1]);
    table.do(roll(6));
    expect(table.state.turn).toBe('t1');
    table.do(roll(3));
    // From 6 by way of the start to 1.
    expect([piece(table, 't1'), table.scores()[1]]).toEqual([
      { team: 't1', space: 1, lap: 1, balance: 50 },
      50,
    ]);
    expect(table.sitting.log.filter(({ type }) => type === 'acted').at(-1)).toMatchObject({
      act: { do: 'roll', team: 't1', face: 3 },
    });
    table.do('takeBack');
    expect([piece(table, 't1')?.space, table.scores()[1]]).toEqual([6, 0]);
  });

  test('whoever is on rolls on a phone, nobody else; the host moves a piece that stands wrong', () => {
    const table = on();
    const act = { type: 'act', act: { do: 'roll' } } as const;
    expect(isRefusal(table.send(act, seatActor('s1')))).toBe(true);
    expect(
      isRefusal(table.send({ type: 'act', act: { do: 'move', team: 't1', to: 3 } }, seatActor('s1'))),
    ).toBe(true);
    expect(isRefusal(table.send(act, seatActor('s0')))).toBe(false);
    table.do('takeBack', { type: 'act', act: { do: 'move', team: 't1', to: 3 } });
    expect(piece(table, 't1')?.space).toBe(3);
  });

  test('the first to the target ends it; a ruling that takes the points back lets it go on', () => {
    const table = on({ target: 100 });
    table.do(roll(1));
    answer(table, true);
    expect(view(table).reached).toBe('t0');
    expect(isRefusal(table.send(roll(1)))).toBe(true);
    const { play } = table.state.played[0]!;
    table.do({ type: 'rule', play, team: 't0', verdict: 'wrong' });
    expect([view(table).reached, view(table).woven]).toEqual([null, []]);
    table.do(roll(1));
  });

  test('with so many turns each, a rest is a turn: nobody has one more', () => {
    const table = on({ goal: 'most' }, { turnsEach: 2 });
    for (const face of [4, 1, 1, 1, 4, 1]) {
      table.do(roll(face));
      if (view(table).rolled) answer(table, true);
    }
    expect([...table.state.turnsTaken.values()]).toEqual([2, 2, 2]);
    expect(isRefusal(table.send({ type: 'choose', ref: '1' }))).toBe(true);
  });

  test('points of an earlier round that change meanwhile are not points on the trail', () => {
    const show = trailShow({ target: 100 });
    const quiz = {
      ...show.rounds[0]!,
      id: 'quiz',
      format: 'quiz',
      rules: rulesWith({ floor: 'everyone', clock: null, shuffleOptions: false }),
      content: { items: [{ id: 'q0', points: null }], points: 100, shuffle: false },
    } as Round;
    const table = new Table({ ...show, rounds: [quiz, show.rounds[0]!] }).do('begin');
    table.do({ type: 'next', after: table.state.steppedWith }, 'pose', 'open');
    table.pick('s0', 'A');
    table.do('lock', 'showKey', 'settle', 'leave');
    const { play } = table.state.played[0]!;
    table.do({ type: 'begin', round: 1 }, roll(1), { type: 'rule', play, team: 't0', verdict: 'right' });
    expect([table.scores()[0], piece(table, 't0')?.balance, view(table).reached]).toEqual([100, 0, null]);
  });

  test('when its clock runs out, the others have as many turns as the first had', () => {
    const table = on({ goal: 'most' }, { roundClock: 60 });
    table.do(roll(1));
    answer(table, true);
    table.now += 61_000;
    table.send({ type: 'timeUp' }, CLOCK);
    expect(table.state.round!.ended).toBe('time');
    for (const team of ['t1', 't2']) {
      expect(table.state.turn).toBe(team);
      table.do(roll(1));
      answer(table, true);
    }
    expect(isRefusal(table.send(roll(1)))).toBe(true);
    expect([...table.state.turnsTaken.values()]).toEqual([1, 1, 1]);
  });

  test('a space never repeats a question before all of it were asked; 24 × 3 are 72 (common practice)', () => {
    const content = { ...blankTrail(), specials: {}, spaces: 25 };
    expect([
      askingSpaces(content).length,
      content.points,
      content.target,
      askingSpaces(content).length * content.perSpace,
    ]).toEqual([24, 100, 1000, 72]);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 40 }),
        fc.string(),
        (n, visits, seed) => {
          const random = seeded(seed);
          const pool = new Map([[1, Array.from({ length: n }, (_, i) => ({ id: `q${i}`, points: 0 }))]]);
          const used = new Map<number, Set<string>>();
          const seen: string[] = [];
          for (let i = 0; i < visits; i++) {
            const { id } = questionOn({ pool, used }, 1, random)!;
            useUp({ pool, used }, 1, id);
            seen.push(id);
          }
          for (let i = 0; i < visits; i += n) {
            const pass = seen.slice(i, i + n);
            expect(new Set(pass).size).toBe(pass.length);
          }
        },
      ),
    );
  });

  test('questions are spread over the spaces, and pages have their pictures among the files of the show', () => {
    const show = trailShow({
      pages: [{ id: 'p', title: 'Knots', text: '$x^2$', picture: picture('sheet-bend', 'A knot') }],
    });
    const content = show.rounds[0]!.content as TrailContent;
    const state = trail.begin(
      content,
      show.questions,
      trail.deal(content, show.questions, () => 0.5, []),
    );
    // Five spaces ask: fourteen questions are three each, but for one.
    expect([...state.pool.values()].map((all) => all.length)).toEqual([3, 3, 3, 3, 2]);
    expect(filesOfShow(show)).toContain('sheet-bend');
    const table = new Table(show).do('begin');
    expect(view(table).page).toBe(0);
    table.do(roll(1));
    expect(view(table).page).toBeNull();
  });

  test('the check says what is missing', () => {
    const codes = (content: Partial<TrailContent>, n?: number) =>
      checkShow(trailShow(content, {}, n), {}).map(({ code }) => code);
    expect(codes({ goal: 'most' })).toContain('noEnd');
    expect(codes({}, 3)).toContain('tooFewForSpaces');
    expect(codes({ perSpace: 2 })).toContain('tooManyForSpaces');
    const all = Object.fromEntries(Array.from({ length: 7 }, (_, i) => [i + 1, 'rest'] as const));
    expect(codes({ specials: all })).toContain('noSpaces');
  });
});
