import { defaultPractice } from '@distaff/core/practice';
import type { RunNow } from '@distaff/core/wire';
import { benchShow, House, tell } from './house.ts';

/*
 * A practice of twenty questions, taken by people one after the other without ever thinking, so many at once:
 * how many runs a server carries in an hour, as times of the two thousand that are wanted. Real people take minutes
 * for each, so that what is measured is the work alone: two commands a question, each read from its log, decided,
 * stored and shown.
 */
const RUNS = Number(process.env.RUNS ?? 200);
const AT_ONCE = 20;
const QUESTIONS = 20;
const WANTED = 2000;

const house = new House();
try {
  await house.open();
  const { id: show } = await house.post('/api/shows', { show: benchShow(QUESTIONS) });
  const settings = { ...defaultPractice, names: 'open', hints: false };
  const { code } = await house.post('/api/practices', { of: { what: 'show', id: show }, settings });
  const times: number[] = [];
  let lost = 0;

  const take = async (n: number): Promise<void> => {
    const token = `token-of-somebody-${n}`.padEnd(30, 'x');
    const ask = async (path: string, body: object): Promise<RunNow> => {
      const start = performance.now();
      const response = await fetch(`${house.url}/api/practice/${code}${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', authorization: `Bearer ${token}` },
        body: JSON.stringify(body),
      });
      times.push(performance.now() - start);
      if (!response.ok) throw new Error(await response.text());
      return (await response.json()) as RunNow;
    };
    await ask('/me', { name: `Somebody ${n}` });
    const id = `run-${n}`;
    let now = await ask('/runs', { id, kind: 'counted' });
    for (let i = 0; now.view.waits !== 'over'; i++) {
      const play = now.view.view.question?.play ?? 0;
      const command =
        now.view.waits === 'answer'
          ? { type: 'answer', play, answer: { text: i % 4 === 0 ? 'spring' : 'neap' } }
          : { type: 'goOn', play };
      now = await ask(`/runs/${id}/commands`, { id: `c${i}`, command });
    }
    if (now.view.summary.lengths.length !== QUESTIONS) lost++;
  };

  await take(-1);
  times.length = 0;
  const start = performance.now();
  let next = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (next < RUNS) await take(next++);
    }),
  );
  const hours = (performance.now() - start) / 3_600_000;
  times.sort((a, b) => a - b);
  const at = (share: number) => Math.round(times[Math.floor(times.length * share)]!);
  tell(
    'runs of a practice in an hour, as times of two thousand',
    RUNS / hours / WANTED,
    { least: 1 },
    {
      runs: RUNS,
      questions: QUESTIONS,
      atOnce: AT_ONCE,
      p50: at(0.5),
      p99: at(0.99),
    },
  );
  tell('answers in a practice that were lost', lost, { most: 0 });
} finally {
  await house.close();
}
