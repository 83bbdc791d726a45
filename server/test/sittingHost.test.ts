import { afterEach, describe, expect, test } from '@jest/globals';
import { blankQuestion } from '@distaff/core/question';
import { blankShow } from '@distaff/core/show';
import { due, openDoors, type Command, type LoggedEvent, type SittingState } from '@distaff/core/sitting';
import { rulesWith } from '@distaff/core/formats';
import { openLog } from '../src/log.ts';
import { SittingHost } from '../src/live/sittingHost.ts';

const running: SittingHost[] = [];
afterEach(() => Promise.all(running.splice(0).map((host) => host.stop())));

/** A sitting over a store in memory that answers when it is told to, or at once. */
function hostOver(
  show = blankShow('A', () => 'x1'),
  { atOnce = false, now = (): number => 0, fails = (): boolean => false } = {},
) {
  const stored: LoggedEvent[] = [openDoors(show, 'CCCCC', 'doors', 0, { role: 'host', id: 'h' })];
  let answer: ((failure?: Error) => void) | null = null;
  const shown: string[] = [];
  const see = (state: SittingState) => {
    if (fails()) throw new Error('This cannot be drawn.');
    shown.push(state.phase);
  };
  const host = new SittingHost('s', {
    store: {
      load: () => Promise.resolve({ log: [...stored], aliveAt: null }),
      append: (_id, events) =>
        new Promise((resolve, reject) => {
          answer = (failure) => {
            if (failure) return reject(failure);
            stored.push(...events);
            resolve();
          };
          if (atOnce) answer();
        }),
      markAlive: () => Promise.resolve(),
    },
    log: openLog('silent'),
    random: () => 0,
    now,
    publish: see,
  });
  running.push(host);
  return { host, shown, stored, answer: (failure?: Error) => answer!(failure) };
}
const begin = { id: 'begin', command: { type: 'begin' }, actor: { role: 'host', id: 'h' } } as const;
const turn = () => new Promise((resolve) => setTimeout(resolve, 10));

describe('what a picture that was put off shows', () => {
  test('waits until the command that is under way is stored', async () => {
    const { host, shown, answer } = hostOver();
    await host.state();
    let late = 0;
    const begun = host.submit(begin);
    await turn();
    host.whenStored(() => late++);
    await turn();
    expect({ late, shown }).toEqual({ late: 0, shown: ['lobby'] });
    answer();
    expect(await begun).toMatchObject({ ok: true });
    await turn();
    expect({ late, shown }).toEqual({ late: 1, shown: ['lobby', 'round'] });
    host.whenStored(() => late++);
    expect(late).toBe(2);
  });

  test('never shows what the store refused', async () => {
    const { host, shown, answer } = hostOver();
    await host.state();
    let late = 0;
    const begun = host.submit(begin);
    await turn();
    host.whenStored(() => late++);
    answer(new Error('no room on the disk'));
    expect(await begun).toMatchObject({ refused: 'retry' });
    host.whenStored(() => late++);
    expect((await host.state()).phase).toBe('lobby');
    expect({ late, shown }).toEqual({ late: 0, shown: ['lobby', 'lobby'] });
  });
});

describe('what goes wrong in showing', () => {
  test('undoes nothing that is stored, and is not tried again and again', async () => {
    let failing = false;
    const { host, stored, shown } = hostOver(undefined, { atOnce: true, fails: () => failing });
    await host.state();
    failing = true;
    expect(await host.submit(begin)).toMatchObject({ ok: true });
    expect(stored).toHaveLength(2);
    await turn();
    failing = false;
    const close = { id: 'close', command: { type: 'close' }, actor: begin.actor } as const;
    expect(await host.submit(close)).toMatchObject({ ok: true });
    await turn();
    expect(shown).toEqual(['lobby', 'closed']);
  });
});

describe('two desks', () => {
  test('that press for the same step take one, and are told', async () => {
    let time = 5000;
    const { host } = hostOver(undefined, { atOnce: true, now: () => time });
    const press = (id: string, from: string, after: number) =>
      host.submit({ id, from, command: { type: 'next', after }, actor: begin.actor });
    expect(await press('a1', 'one', 0)).toMatchObject({ ok: true });
    time += 250;
    const { steppedWith } = await host.state();
    // The second desk has seen what the first one did, but its host had not.
    expect(await press('b1', 'two', steppedWith)).toMatchObject({ refused: 'overtaken' });
    time += 1000;
    expect(await press('b2', 'two', steppedWith)).not.toMatchObject({ refused: 'overtaken' });
  });
});

describe('a lid that was closed for ten minutes while a clock ran', () => {
  const SLEPT = 600_000;
  async function asleep() {
    const show = blankShow('A', () => 'x1');
    const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: 20 });
    const items = [{ id: 'q', points: null }];
    show.rounds = [
      { id: 'r', format: 'quiz', title: '', rules, content: { items, points: 100, shuffle: false } },
    ];
    show.questions = {
      q: { ...blankQuestion(() => 'q'), prompt: 'Ebb?', answer: { kind: 'aloud', key: 'x' } },
    };
    let now = 1000;
    const { host, stored } = hostOver(show, { atOnce: true, now: () => now });
    const ask = (command: object, id: string) =>
      host.submit({ id, command: command as Command, actor: { role: 'host', id: 'h' } });
    for (const command of [
      { type: 'begin' },
      { type: 'choose', ref: '0' },
      { type: 'pose' },
      { type: 'open' },
    ])
      expect(await ask(command, command.type)).toMatchObject({ ok: true });
    await turn();
    now += SLEPT;
    const left = async () => due(await host.state())! - now;
    return { host, stored, ask, left };
  }

  test('whatever comes first when it is opened, the clock has its time back', async () => {
    const { host, stored, ask, left } = await asleep();
    expect(await ask({ type: 'addTime', seconds: 5 }, 'more')).toMatchObject({ ok: true });
    expect(stored.slice(-2).map((event) => event.type)).toEqual(['outage', 'clockSet']);
    expect((await host.state()).question!.step).toBe('open');
    expect(await left()).toBeGreaterThan(20_000);
    expect(await left()).toBeLessThanOrEqual(26_000);
    // Once, not again with the next thing.
    await ask({ type: 'addTime', seconds: 5 }, 'again');
    expect(stored.filter((event) => event.type === 'outage')).toHaveLength(1);
  });

  test('and where nothing comes the next beat does it', async () => {
    const { stored, left } = await asleep();
    await new Promise((resolve) => setTimeout(resolve, 1300));
    expect(stored.filter((event) => event.type === 'outage')).toHaveLength(1);
    expect(await left()).toBeGreaterThan(15_000);
  });
});
