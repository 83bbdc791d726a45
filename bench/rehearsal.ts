import { io } from 'socket.io-client';
import { playThrough, usualRoom, type Tally } from '@distaff/core/rehearsal';
import { seeded } from '@distaff/core/random';
import { benchShow, House, tell } from './house.ts';

/*
 * A whole show with a thousand stand-ins: in core alone, as fast as it goes, and on the real server
 * with its log and its desk, twenty times as fast as people. How long the desk waits for an answer
 * meanwhile is laid beside the same desk at a server that has nothing to do.
 */
const STAND_INS = 1000;
const QUESTIONS = 10;
const show = benchShow(QUESTIONS);
for (const round of show.rounds) round.rules.clock = 20;
const room = { ...usualRoom, count: STAND_INS, seed: 'bench' };

const start = performance.now();
const { log, state } = playThrough(show, room, seeded('bench'));
const seconds = (performance.now() - start) / 1000;
tell(
  'rehearsal in core: events a second',
  log.length / seconds,
  { least: 5000 },
  {
    events: log.length,
    seats: state.seats.size,
  },
);

const percentile = (values: number[], p: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))]!;

const house = new House();
await house.open();
try {
  const { id } = await house.post('/api/shows', { show });
  const sitting = await house.post(`/api/shows/${id}/rehearsals`, { room });
  const headers = { cookie: house.cookie };
  const auth = { as: 'desk', sitting: sitting.id };
  const desk = io(house.url, { auth, transports: ['websocket'], extraHeaders: headers, forceNew: true });
  let phase = '';
  let seq = 0;
  desk.on('view', (view: { phase: string; seq: number }) => ({ phase, seq } = view));
  /** How long the desk waits for a word of the server (ms), asked every 25 ms while `going` says so. */
  async function waits(going: () => boolean): Promise<number[]> {
    const times: number[] = [];
    while (going()) {
      const asked = performance.now();
      await desk.timeout(20_000).emitWithAck('time');
      times.push(performance.now() - asked);
      await new Promise((resolve) => setTimeout(resolve, 25));
    }
    return times;
  }
  const until = performance.now() + 2000;
  const idle = await waits(() => performance.now() < until);
  const begun = performance.now();
  desk.emit('rehearsal', { byItself: true, rate: 20, stopBefore: null });
  const busy = await waits(() => phase !== 'closed' && performance.now() - begun < 240_000);
  const took = (performance.now() - begun) / 1000;
  const answer = await fetch(`${house.url}/api/sittings/${sitting.id}/tally`, { headers });
  const { tally } = (await answer.json()) as { tally: Tally };
  desk.disconnect();
  tell('rehearsal on the server: events a second', seq / took, { least: 200 }, { events: seq, took });
  tell(
    'rehearsal on the server: p99 at the desk (ms)',
    percentile(busy, 0.99),
    { most: 250 },
    {
      p50: percentile(busy, 0.5),
      idleP99: percentile(idle, 0.99),
    },
  );
  tell('rehearsal on the server: memory (MB)', house.memory() / 1e6, { most: 600 });
  tell('rehearsal on the server: the tally agrees', Number(tally.agrees), { least: 1 });
} finally {
  await house.close();
}
process.exit(0);
