import { describe, expect, test } from '@jest/globals';
import { deskView } from './view/desk.ts';
import { isMadeName } from '../text/nameMaker.ts';
import { publicView } from './view/public.ts';
import { replay } from './sitting.ts';
import { seatView } from './view/seat.ts';
import { stageView } from './view/stage.ts';
import { rulesWith } from '../formats/rules.ts';
import { sampleShow, seatActor, Table } from './test/table.ts';

/** A table at which words are looked at, as on a server. */
const watched = (show = sampleShow()): Table => {
  const table = new Table(show);
  table.unwanted = (text) => /bilge/i.test(text);
  return table;
};

describe('what is held back for its words', () => {
  const join = (table: Table, seat: string, name: string) =>
    table.send({ type: 'takeSeat', seat, token: `x-${seat}`, name, team: 't0' }, seatActor(seat));

  test('a name is replaced by a made-up one for everybody but the host, who lets it through', () => {
    const table = watched();
    join(table, 'x', 'Bilge');
    join(table, 'y', 'Bilge rat');
    const [x, y] = ['x', 'y'].map((id) => seatView(table.state, id)!);
    expect([x!, y!].map((one) => [isMadeName(one.name), one.nameHeld])).toEqual([
      [true, true],
      [true, true],
    ]);
    expect(x!.name).not.toBe(y!.name);
    expect(JSON.stringify([stageView(table.state), publicView(table.state), x])).not.toMatch(/bilge/i);
    const asked = () => deskView(table.state).private.seats.map((one) => one.asked);
    expect(asked().slice(-2)).toEqual(['Bilge', 'Bilge rat']);
    table.do({ type: 'renameSeat', seat: 'x', name: 'Bilge' });
    expect(seatView(table.state, 'x')).toMatchObject({ name: 'Bilge', nameHeld: false });
    expect(asked().slice(-2)).toEqual([null, 'Bilge rat']);
    // What was decided once is so in the log, whatever the lists say later.
    expect(deskView(replay(table.sitting.log).state)).toEqual(deskView(table.state));
  });

  test('a name that the host has written down is not looked at', () => {
    const show = sampleShow();
    show.teams[0]!.members = ['Bilge'];
    const table = watched(show);
    join(table, 'x', 'bilge');
    expect(seatView(table.state, 'x')).toMatchObject({ name: 'bilge', nameHeld: false });
  });

  test('a typed answer is scored as any other, but shown to nobody until it is let through', () => {
    const show = sampleShow();
    show.rounds[0]!.rules = rulesWith({ floor: 'turn', clock: null, afterWrong: 'close' });
    const table = watched(show);
    join(table, 'beside', 'Of the same team');
    table.do('begin').choose('a:2').do('pose', 'open');
    table.answer('s0', { text: 'the bilge' });
    table.do('showAnswers');
    const seen = () =>
      JSON.stringify([stageView(table.state), ...['s1', 'beside'].map((id) => seatView(table.state, id))]);
    expect(seatView(table.state, 's0')!.given!.answer!.text).toBe('the bilge');
    expect(seatView(table.state, 'beside')!.given).toMatchObject({ answer: null, mine: false });
    const { play } = table.state.question!;
    expect(seen()).not.toContain('bilge');
    expect(deskView(table.state).private.question!.responses).toMatchObject([
      { held: true, verdict: 'wrong', answer: { text: 'the bilge' } },
    ]);
    expect(table.send({ type: 'showResponse', who: 't0' })).toMatchObject({ refused: 'notNow' });
    table.do({ type: 'letThrough', who: 't0', play });
    expect(seen()).toContain('the bilge');
    expect(table.send({ type: 'letThrough', who: 't0', play })).toMatchObject({ refused: 'already' });
    table.do('takeBack');
    expect(deskView(table.state).private.question!.responses).toMatchObject([{ held: false }]);
  });
});
