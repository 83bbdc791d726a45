import { afterEach, expect, test } from '@jest/globals';
import { blankShow } from '@distaff/core/show';
import { openDoors, type LoggedEvent } from '@distaff/core/sitting';
import type { Server } from 'socket.io';
import type { Sittings } from '../src/db/sittings.ts';
import { SittingHosts } from '../src/live/sittingHosts.ts';
import { openLog } from '../src/log.ts';

let hosts: SittingHosts;
afterEach(() => hosts.stop());

const room = { emit: () => true, disconnectSockets: () => undefined };
const io = {
  to: () => room,
  in: () => room,
  sockets: { adapter: { rooms: new Map() } },
} as unknown as Server;

/** Hosts over logs in memory; the clock is set by hand. */
function hostsOver(logs: Map<string, LoggedEvent[]>, { open = [...logs.keys()] } = {}) {
  const time = { now: 1_000_000 };
  let loads = 0;
  const store = {
    load: (id: string) => {
      loads++;
      const log = logs.get(id)!;
      if (log.length === 0) return Promise.reject(new Error('This log is damaged.'));
      return Promise.resolve({ log: [...log], aliveAt: null });
    },
    append: (id: string, events: LoggedEvent[]) => {
      logs.get(id)!.push(...events);
      return Promise.resolve();
    },
    markAlive: () => Promise.resolve(),
    runningIds: () => Promise.resolve(open),
  } as unknown as Sittings;
  hosts = new SittingHosts({ store, log: openLog('silent'), random: () => 0, now: () => time.now, io });
  return { time, loads: () => loads };
}
const begun = (code: string): LoggedEvent[] => [
  openDoors(
    blankShow('A', () => 'x1'),
    code,
    'doors',
    0,
    { role: 'host', id: 'h' },
  ),
];
const HOST = { role: 'host', id: 'h' } as const;

test('a sitting leaves memory some minutes after its last visitor, a closed one at once, and is read again', async () => {
  const logs = new Map(['open', 'closed', 'visited'].map((id) => [id, begun('CCCCC')]));
  const { time, loads } = hostsOver(logs);
  for (const id of logs.keys()) await hosts.get(id).host.state();
  for (const type of ['begin', 'close'] as const)
    expect(await hosts.get('closed').host.submit({ id: type, command: { type }, actor: HOST })).toMatchObject(
      { ok: true },
    );
  await hosts.get('closed').host.state();
  hosts.get('visited').visitors++;
  time.now += 60_000;
  await hosts.sweep(time.now);
  expect(hosts.size).toBe(2);
  time.now += 6 * 60_000;
  await hosts.sweep(time.now);
  expect(hosts.size).toBe(1);
  const before = loads();
  expect((await hosts.get('closed').host.state()).phase).toBe('closed');
  expect(loads()).toBe(before + 1);
});

test('of a thousand results that were looked at nothing stays', async () => {
  const logs = new Map(Array.from({ length: 1000 }, (_, i) => [`s${i}`, begun('CCCCC')] as const));
  const { time } = hostsOver(logs);
  for (const id of logs.keys()) await hosts.get(id).host.state();
  expect(hosts.size).toBe(1000);
  time.now += 6 * 60_000;
  await hosts.sweep(time.now);
  expect(hosts.size).toBe(0);
});

test('one that cannot be read keeps none of the others from going on', async () => {
  hostsOver(
    new Map([
      ['a', begun('AAAAA')],
      ['b', []],
      ['c', begun('CCCCC')],
    ]),
  );
  expect(await hosts.resume()).toEqual({ resumed: 2, setAside: 1 });
});
