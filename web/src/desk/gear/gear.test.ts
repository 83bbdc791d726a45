/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { isRefusal } from '@distaff/core/refusal';
import { deskView, type HostCommand } from '@distaff/core/sitting';
import fc from 'fast-check';
import { sampleShow, Table } from '../../../../core/src/sitting/test/table.ts';
import { endApps, inApp } from '../../test/inApp.ts';
import { useSitting } from '../../live/sitting.ts';
import { deskActions } from '../actions.ts';
import { useDesk } from '../useDesk.ts';
import { useDeskKeys } from '../useDeskKeys.ts';
import { useGear } from './gear.ts';
import { keySignal, pressesOf, virtualSignal, type PadState } from './signal.ts';
import { useBuzzers } from './useBuzzers.ts';

const pad = (index: number, timestamp: number, ...down: boolean[]): PadState => ({
  index,
  id: `Pad ${index}`,
  timestamp,
  buttons: down.map((pressed) => ({ pressed })),
});

describe('a game controller', () => {
  test('is heard when a button goes down, once, with the time that the device says', () => {
    const held = new Set<string>();
    expect(pressesOf([pad(0, 95, false, true), null, pad(2, 0, true)], held, 100)).toEqual([
      { signal: 'pad 0 1', at: 95 },
      // One that tells no time, or one that is to come, is taken at the look.
      { signal: 'pad 2 0', at: 100 },
    ]);
    expect(pressesOf([pad(0, 95, false, true), null, pad(2, 0, true)], held, 116)).toEqual([]);
    expect(pressesOf([pad(0, 120, true, true)], held, 132)).toEqual([{ signal: 'pad 0 0', at: 120 }]);
    expect(pressesOf([pad(0, 140, true, false)], held, 148)).toEqual([]);
    expect(pressesOf([pad(0, 999, true, true)], held, 164)).toEqual([{ signal: 'pad 0 1', at: 164 }]);
  });

  test('whatever the looks are, each button is pressed as often as it went down', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.boolean(), { minLength: 3, maxLength: 3 })), (looks) => {
        const held = new Set<string>();
        const heard = looks.flatMap((down, i) => pressesOf([pad(0, i + 1, ...down)], held, i + 1));
        const went = [0, 1, 2].map(
          (n) => looks.filter((down, i) => down[n] && !(looks[i - 1]?.[n] ?? false)).length,
        );
        expect([0, 1, 2].map((n) => heard.filter(({ signal }) => signal === `pad 0 ${n}`).length)).toEqual(
          went,
        );
      }),
    );
  });
});

describe('buzzers at the desk', () => {
  let table: Table;
  let sent: HostCommand[];
  let gear: ReturnType<typeof useGear>;
  let desk: ReturnType<typeof useDesk>;
  const NOW = 1_700_000_000_000;
  const show = () => (useSitting().view = deskView(table.sitting.state));

  beforeEach(() => {
    localStorage.clear();
    sent = [];
    table = new Table(sampleShow({ floor: 'buzz' }));
    gear = inApp(() => {
      const sitting = useSitting();
      const send = async (command: HostCommand) => {
        sent.push(command);
        const told = table.send(command);
        show();
        return isRefusal(told) ? told : { ok: true as const, seq: table.state.seq };
      };
      Object.assign(sitting, { send, serverNow: () => NOW });
      show();
      desk = useDesk();
      useBuzzers();
      useDeskKeys(deskActions(() => undefined));
      return useGear();
    });
  });
  afterEach(endApps);

  const key = (code: string, letter: string, on: EventTarget = document.body) =>
    on.dispatchEvent(new KeyboardEvent('keydown', { code, key: letter, bubbles: true, cancelable: true }));
  const opened = () => {
    table.do('begin').choose('b:1').do('pose', 'open');
    show();
  };

  test('are learned one after the other by pressing them, and a press of one is its team’s, as old as it is', () => {
    gear.learning = 't0';
    expect(gear.press({ signal: 'pad 0 0', at: performance.now() })).toBe(true);
    expect(gear.learning).toBe('t1');
    key('KeyA', 'a');
    expect([gear.signalOf('t0'), gear.signalOf('t1'), gear.learning]).toEqual([
      'pad 0 0',
      keySignal('KeyA'),
      't2',
    ]);
    gear.press({ signal: virtualSignal(3), at: performance.now() });
    expect([gear.learning, desk.dialog, sent]).toEqual([null, null, []]);
    opened();
    gear.press({ signal: virtualSignal(3), at: performance.now() - 40 });
    const { team, pressed } = sent[0] as Extract<HostCommand, { type: 'buzzFor' }>;
    expect(team).toBe('t2');
    expect(NOW - pressed).toBeGreaterThanOrEqual(40);
    expect(NOW - pressed).toBeLessThan(80);
  });

  test('a key that is a buzzer is no key of the desk any more; all others stay', () => {
    gear.learn('t1', keySignal('KeyK'));
    opened();
    key('KeyK', 'k');
    expect(sent).toMatchObject([{ type: 'buzzFor', team: 't1' }]);
    key('KeyL', 'l');
    expect(sent.at(-1)).toEqual({ type: 'lock' });
  });

  test('whoever types is left alone, and no key that leads through the page can be a buzzer', () => {
    gear.learn('t1', keySignal('KeyK'));
    const field = document.body.appendChild(document.createElement('input'));
    opened();
    key('KeyK', 'k', field);
    expect(sent).toEqual([]);
    gear.learning = 't0';
    key('Escape', 'Escape');
    key('Tab', 'Tab');
    expect(gear.learning).toBe('t0');
  });

  test('a press that is learned anew belongs to the last team alone; one that is nobody’s means nothing', () => {
    gear.learn('t0', 'pad 0 0');
    gear.learn('t1', 'pad 0 0');
    expect([gear.signalOf('t0'), gear.signalOf('t1')]).toEqual([null, 'pad 0 0']);
    gear.forget('t1');
    opened();
    expect(gear.press({ signal: 'pad 0 0', at: performance.now() })).toBe(false);
    expect(sent).toEqual([]);
  });

  test('between two questions a press is only seen', () => {
    gear.learn('t0', 'pad 0 0');
    expect(gear.press({ signal: 'pad 0 0', at: performance.now() })).toBe(true);
    expect([gear.seen, sent]).toEqual(['t0', []]);
  });
});
