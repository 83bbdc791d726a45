import { formatOf, rulesWith } from '@distaff/core/formats';
import { newRound, type Show } from '@distaff/core/show';
import type { Spread } from './load.ts';
import { benchShow, House, LoadProcess, median, startChild, tell } from './house.ts';

/*
 * A thousand players, each on a question of their own: one answer every five seconds from each, acknowledged
 * when it is stored, marked, settled and the next one asked. Compared with a common question that the same
 * thousand answer at the same rate, in turn, in the same run.
 */
const PLAYERS = 1000;
const EVERY = 5000;
const TIMES = 4;
const ROUNDS = Number(process.env.ROUNDS ?? 5);

function aloneShow(): Show {
  const show = benchShow(20);
  show.devices = { mode: 'each', score: 'players', combine: 'mean' };
  let n = 0;
  const round = newRound('ownPace', () => `own${n++}`);
  const content = { ...round.content, key: false };
  show.rounds.push({
    ...round,
    rules: rulesWith({ ...round.rules, roundClock: null }),
    content: formatOf('ownPace').filled(content, Object.keys(show.questions)),
  } as Show['rounds'][number]);
  return show;
}

const pause = () => new Promise((resolve) => setTimeout(resolve, 1500));
const house = new House();
const bare = startChild('bare.ts');
const barePort = await new Promise<number>((resolve) =>
  bare.once('message', (one) => resolve(one as number)),
);
const load = new LoadProcess();
try {
  await house.open();
  const { id: show } = await house.post('/api/shows', { show: aloneShow() });
  const common: Spread[] = [];
  const alone: Spread[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    const desk = await house.sit(show);
    await load.ask({ do: 'connect', url: house.url, code: desk.code, barePort, size: PLAYERS });
    await load.ask({ do: 'join', team: '' });
    await desk.send({ type: 'begin' });
    for (let n = 0; n < TIMES; n++) {
      for (const command of [{ type: 'choose', ref: `${n}` }, { type: 'pose' }, { type: 'open' }])
        await desk.send(command);
      await pause();
      common.push(await load.ask({ do: 'answer', play: await desk.play(), over: EVERY }));
      for (const type of ['lock', 'showAnswers', 'showKey', 'settle', 'leave'])
        await desk.send({ type }).catch(() => {});
      await pause();
    }
    await desk.send({ type: 'begin', round: 1 });
    await desk.send({ type: 'start' });
    await pause();
    for (let n = 0; n < TIMES; n++) alone.push(await load.ask({ do: 'alone', times: 1, every: EVERY }));
    await load.ask({ do: 'leave' });
    desk.leave();
  }
  const of = (all: readonly Spread[], pick: (one: Spread) => number) => median(all.map(pick));
  tell(
    'each on a question of their own: p99 to that of a common one',
    of(alone, (one) => one.p99) / of(common, (one) => one.p99),
    { most: 1.3 },
    {
      players: PLAYERS,
      windows: alone.length,
      ms: of(alone, (one) => one.p99),
      commonMs: of(common, (one) => one.p99),
      p50: of(alone, (one) => one.p50),
      commonP50: of(common, (one) => one.p50),
    },
  );
  tell(
    'answers of their own that were lost',
    alone.reduce((sum, one) => sum + PLAYERS - one.stored, 0),
    { most: 0 },
  );
} finally {
  load.end();
  bare.kill();
  await house.close();
}
