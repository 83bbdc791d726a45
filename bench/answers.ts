import { benchShow, House, LoadProcess, median, startChild, tell } from './house.ts';

/*
 * One sitting, N handsets on real sockets from a process of their own. Every answer is acknowledged
 * only when it is stored in MariaDB. The same messages run against a bare `ws` server that stores
 * nothing, in turn, in the same run: the ratio is what to look at, milliseconds depend on the machine.
 */
const SIZES = process.env.SIZES?.split(',').map(Number) ?? [100, 500, 1000, 2000];
const ROUNDS = Number(process.env.ROUNDS ?? 10);
/** Answers that do not come at once come evenly over this long (ms). */
const SECOND = 1000;

/** One round: a new sitting, N handsets come, answer, and go; then the bare server does the same. */
async function oneRound(house: House, load: LoadProcess, show: string, barePort: number, size: number) {
  const desk = await house.sit(show);
  await load.ask({ do: 'connect', url: house.url, code: desk.code, barePort, size });
  const join = await load.ask({ do: 'join', team: benchShow().teams[0]!.id });
  const pose = async (ref: string) => {
    for (const command of [{ type: 'choose', ref }, { type: 'pose' }]) await desk.send(command);
    const heard = load.ask({ do: 'hear' });
    await new Promise((resolve) => setTimeout(resolve, 100));
    const opened = Date.now();
    await desk.send({ type: 'open' });
    return (await heard) - opened;
  };
  await desk.send({ type: 'begin' });
  const open = await pose('0');
  const bareOpen = await load.ask({ do: 'bareHear' });
  const play = await desk.play();
  const before = house.computed();
  const answer = await load.ask({ do: 'answer', play, over: 0 });
  const computed = house.computed() - before;
  // What the answers set off must be over, or it would slow down what they are compared with.
  await new Promise((resolve) => setTimeout(resolve, 400));
  const bare = await load.ask({ do: 'bare', over: 0 });
  for (const type of ['lock', 'showAnswers', 'showKey', 'settle', 'leave'])
    await desk.send({ type }).catch(() => {});
  await pose('1');
  const spread = await load.ask({ do: 'answer', play: await desk.play(), over: SECOND });
  await load.ask({ do: 'leave' });
  desk.leave();
  return { join, open, bareOpen, computed, answer, bare, spread };
}

const house = new House();
const bare = startChild('bare.ts');
const barePort = await new Promise<number>((resolve) =>
  bare.once('message', (one) => resolve(one as number)),
);
const load = new LoadProcess();
try {
  await house.open();
  const { id: show } = await house.post('/api/shows', { show: benchShow(2) });
  const empty = house.memory();
  const full: number[] = [];
  const sampling = setInterval(() => full.push(house.memory()), 200);
  const cold = await oneRound(house, load, show, barePort, 1000);
  clearInterval(sampling);
  tell('answers at once in a cold process: p99 (ms)', cold.answer.p99, { most: 250 }, { handsets: 1000 });
  // A second thousand in a process that is warm: what is left is what seats take, not what a start takes.
  const before = house.memory();
  const crowd = await house.sit(show);
  await load.ask({ do: 'connect', url: house.url, code: crowd.code, barePort, size: 1000 });
  await load.ask({ do: 'join', team: benchShow().teams[0]!.id });
  await new Promise((resolve) => setTimeout(resolve, 3000));
  tell(
    'memory a seat (kB)',
    (house.memory() - before) / 1000 / 1000,
    { most: 30 },
    { handsets: 1000, peakMB: Math.round((Math.max(...full) - empty) / 1e6) },
  );
  await load.ask({ do: 'leave' });
  crowd.leave();
  for (const size of SIZES) {
    const rows: Awaited<ReturnType<typeof oneRound>>[] = [];
    for (let i = 0; i < ROUNDS; i++) rows.push(await oneRound(house, load, show, barePort, size));
    const of = (pick: (row: (typeof rows)[number]) => number) => median(rows.map(pick));
    const more = { handsets: size, rounds: ROUNDS };
    const limits = size === 1000;
    tell(
      'answers at once: p99 (ms)',
      of((row) => row.answer.p99),
      limits ? { most: 100 } : {},
      {
        ...more,
        p50: of((row) => row.answer.p50),
        bareP99: of((row) => row.bare.p99),
        serverCpuMs: of((row) => row.computed),
      },
    );
    tell(
      'answers at once: throughput to bare ws',
      of((row) => row.bare.all / row.answer.all),
      limits ? { least: 0.55 } : {},
      {
        ...more,
        perSecond: Math.round(of((row) => (size / row.answer.all) * 1000)),
      },
    );
    tell(
      'answers lost',
      size * ROUNDS * 2 - rows.reduce((n, row) => n + row.answer.stored + row.spread.stored, 0),
      { most: 0 },
      more,
    );
    tell(
      'answers over a second: p50 (ms)',
      of((row) => row.spread.p50),
      limits ? { most: 3 } : {},
      {
        ...more,
        p99: of((row) => row.spread.p99),
      },
    );
    tell(
      'open to the last handset, to bare ws',
      of((row) => row.open / row.bareOpen),
      limits ? { most: 1.5 } : {},
      {
        ...more,
        ms: of((row) => row.open),
        bareMs: of((row) => row.bareOpen),
      },
    );
    tell(
      'join at once: p99 (ms)',
      of((row) => row.join.p99),
      {},
      more,
    );
  }
} finally {
  load.end();
  bare.kill();
  await house.close();
}
