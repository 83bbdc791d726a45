import { describe, expect, test } from '@jest/globals';
import { blankShow, openDoors, type LoggedEvent, type SittingState } from '@distaff/core';
import { openLog } from '../src/log.ts';
import { SittingHost } from '../src/live/sittingHost.ts';

/** A sitting over a store in memory that answers when it is told to. */
function hostOver() {
  const show = blankShow('A', () => 'x1');
  const stored: LoggedEvent[] = [openDoors(show, 'CCCCC', 'doors', 0, { role: 'host', id: 'h' })];
  let answer: ((failure?: Error) => void) | null = null;
  const shown: string[] = [];
  const see = (state: SittingState) => shown.push(state.phase);
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
        }),
      markAlive: () => Promise.resolve(),
    },
    log: openLog('silent'),
    random: () => 0,
    now: () => 0,
    publish: see,
  });
  return { host, shown, answer: (failure?: Error) => answer!(failure) };
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
    await host.stop();
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
    await host.stop();
  });
});
