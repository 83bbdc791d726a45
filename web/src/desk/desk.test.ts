/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { isRefusal } from '@distaff/core/refusal';
import { deskView, type HostCommand } from '@distaff/core/sitting';
import { sampleShow, Table } from '../../../core/src/sitting/test/table.ts';
import { endApps, inApp, say } from '../test/inApp.ts';
import { useSitting } from '../live/sitting.ts';
import { deskActions, keyName, type Action } from './actions.ts';
import { useDesk } from './useDesk.ts';
import { useDeskKeys } from './useDeskKeys.ts';

let table: Table;
let desk: ReturnType<typeof useDesk>;
let sent: HostCommand[];
let actions: Action[];
const atTheBoard = jest.fn();
const atTheEnd = jest.fn();

/** A desk at a table without a network between: what it asks is decided by the engine itself. */
function deskAt(own: Table): void {
  table = own;
  sent = [];
  desk = inApp(() => {
    const sitting = useSitting();
    const show = () => (sitting.view = deskView(table.sitting.state));
    const send = async (command: HostCommand) => {
      sent.push(command);
      const told = table.send(command);
      show();
      return isRefusal(told) ? told : { ok: true as const, seq: table.state.seq };
    };
    Object.assign(sitting, { send, seatCode: async (id: string) => (id === 's0' ? 'KNT4' : null) });
    show();
    const made = useDesk();
    actions = deskActions(() => made.nextStep(atTheBoard, atTheEnd));
    useDeskKeys(actions);
    return made;
  });
}
const see = () => (useSitting().view = deskView(table.sitting.state));
const press = (key: string, on: EventTarget = document.body, more: object = {}) =>
  on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }));
const settle = () => new Promise((go) => setTimeout(go, 5));
const last = () => sent.at(-1);

beforeEach(() => {
  jest.clearAllMocks();
  deskAt(new Table());
});
afterEach(endApps);

const asked = (ref = 'b:1') => {
  table.do('begin').choose(ref).do('pose', 'open');
  see();
};

describe('award and take away', () => {
  test('are for the team on the floor while a question is in play', async () => {
    asked();
    desk.award();
    await settle();
    expect(last()).toEqual({ type: 'rule', team: 't0', verdict: 'right' });
    expect(table.state.question!.responses[0]).toMatchObject({ team: 't0', verdict: 'right' });
  });

  test('of another team: taken by hand where it gave no answer, with what the question is worth', () => {
    asked();
    desk.pick('t1');
    desk.takeAway();
    expect([desk.adjusting, sent]).toEqual([{ team: 't1', amount: -150 }, []]);
    desk.pick('t1');
    expect(desk.target).toBe('t0');
  });

  test('between questions are points by hand', () => {
    table.do('begin');
    see();
    desk.award();
    expect(desk.adjusting).toEqual({ team: 't0', amount: 100 });
  });

  test('without anybody picked or in turn it is said that somebody has to be', () => {
    desk.award();
    expect(desk.notice).toBe(say('desk.pickFirst'));
  });
});

describe('the next step', () => {
  test('is taken once, however often Space is pressed at once', async () => {
    desk.nextStep(atTheBoard, atTheEnd);
    desk.nextStep(atTheBoard, atTheEnd);
    await settle();
    expect([sent.length, table.state.phase]).toEqual([1, 'round']);
  });

  test('where people choose leads to the board', () => {
    table.do('begin');
    see();
    desk.nextStep(atTheBoard, atTheEnd);
    expect([atTheBoard.mock.calls.length, sent]).toEqual([1, []]);
  });

  test('after the close leads to what comes after', () => {
    table.do('begin', 'close');
    see();
    desk.nextStep(atTheBoard, atTheEnd);
    expect(atTheEnd).toHaveBeenCalledTimes(1);
  });
});

describe('a ruling long after', () => {
  beforeEach(() => {
    asked('a:1');
    table.pick('s0', 'Option 1');
    table.do('showKey', 'settle', 'leave');
    see();
  });
  const play = () => table.state.played[0]!.play;

  test('tells whose score it changed, with a real minus sign', async () => {
    desk.ruleOn({ who: 't0', team: 't0' } as never, 'right', play());
    await settle();
    expect(desk.notice).toContain('Bowline +200');
    desk.ruleOn({ who: 't0', team: 't0' } as never, 'wrong', play());
    await settle();
    expect(desk.notice).toContain('Bowline −200');
  });

  test('that was refused is told in words', async () => {
    desk.ruleOn({ who: 't9', team: 't9' } as never, 'right', play());
    await settle();
    expect(desk.notice).toBe(say('refusals.noTeam'));
  });
});

test('where no clock runs, and where a show has no sounds, it is said why nothing happens', () => {
  endApps();
  deskAt(new Table({ ...sampleShow(), sounds: { off: true, volume: 1, each: {} } as never }));
  table.do('begin');
  see();
  desk.toggleClock();
  expect(desk.notice).toBe(say('desk.nothingRuns'));
  desk.toggleSound();
  expect(desk.notice).toBe(say('desk.noSounds'));
});

test('the clock is held and let go, the turn handed on, a code read out', async () => {
  asked();
  desk.toggleClock();
  await settle();
  expect(last()).toEqual({ type: 'clock', act: 'hold' });
  desk.toggleClock();
  expect(last()).toEqual({ type: 'clock', act: 'run' });
  desk.handOn();
  expect(last()).toEqual({ type: 'handOn' });
  await desk.showSeatCode({ id: 's0', name: 'Ansa' } as never);
  expect(desk.notice).toBe(say('desk.seatCode', { name: 'Ansa', code: 'KNT4' }));
  await desk.showSeatCode({ id: 's1', name: 'Jory' } as never);
  expect(desk.notice).toBe(say('common.noConnection'));
});

test('on the board the turn goes round', async () => {
  table.do('begin', { type: 'giveTurn', team: 't2' });
  see();
  desk.handOn();
  await settle();
  expect([last(), table.state.turn]).toEqual([{ type: 'giveTurn', team: 't0' }, 't0']);
});

test.each([
  [3, false],
  [12, false],
  [13, true],
  [50, true],
])('with %d teams there is too little room for each: %s', (n, crowded) => {
  const show = sampleShow();
  show.teams = Array.from({ length: n }, (_, i) => ({ ...show.teams[0]!, id: `t${i}`, name: `Team ${i}` }));
  endApps();
  deskAt(new Table(show));
  expect([desk.manyTeams, desk.crowded, desk.playersOf.get('t1')?.length]).toEqual([crowded, crowded, 1]);
});

describe('keys', () => {
  test('each has one act, and words for it', () => {
    expect(new Set(actions.map(({ key }) => key)).size).toBe(actions.length);
    for (const { key, word } of actions) expect(`${keyName(key)} ${say(`desk.${word}`)}`).toMatch(/\S+ \S+/);
  });

  test('of a clicker take the next step and the last one back', async () => {
    asked();
    const at = () => table.state.question?.step;
    const before = at();
    press('PageDown');
    await settle();
    expect(at()).not.toBe(before);
    press('PageUp');
    await settle();
    expect([at(), last()]).toEqual([before, { type: 'takeBack' }]);
  });

  test('do what they say, in small and capital letters', async () => {
    asked();
    press('L');
    await settle();
    expect(table.state.question!.step).toBe('locked');
    press('k');
    await settle();
    expect(table.state.question!.keyShown).toBe(true);
    press('?');
    expect(desk.dialog).toBe('keys');
    press('u');
    await settle();
    expect(last()).toEqual({ type: 'showKey' });
  });

  test('a digit picks a team, and is its buzzer where buzzers are open', async () => {
    press('2');
    expect(desk.picked).toBe('t1');
    endApps();
    deskAt(new Table(sampleShow({ floor: 'buzz' })));
    table.window = 0;
    asked();
    press('2');
    await settle();
    expect(last()).toMatchObject({ type: 'buzzFor', team: 't1' });
  });

  test('keep still while somebody types, holds a key, or means the browser', () => {
    const field = document.body.appendChild(document.createElement('input'));
    press(' ', field);
    press(' ', document.body, { repeat: true });
    press('u', document.body, { ctrlKey: true });
    expect(sent).toEqual([]);
  });

  test('Space on a button is the button’s own, but for one that the mouse pressed', () => {
    const button = document.body.appendChild(document.createElement('button'));
    button.focus();
    press(' ', button);
    expect(sent).toEqual([]);
    button.dispatchEvent(new Event('pointerdown', { bubbles: true }));
    press(' ', button);
    expect([last(), document.activeElement === button]).toMatchObject([{ type: 'next' }, false]);
  });
});
