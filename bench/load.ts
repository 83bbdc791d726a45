import WebSocket from 'ws';
import { Handset } from './handset.ts';

export type LoadOrder =
  | { do: 'connect'; url: string; code: string; barePort: number; size: number }
  | { do: 'join'; team: string }
  | { do: 'hear' }
  | { do: 'answer'; play: number; over: number }
  | { do: 'alone'; times: number; every: number }
  | { do: 'bare'; over: number }
  | { do: 'bareHear' }
  | { do: 'leave' };

/** Milliseconds from sending to acknowledgement over all handsets, how many were stored, and until the last one was. */
export interface Spread {
  p50: number;
  p99: number;
  stored: number;
  all: number;
}
/** What each order answers; `hear` is the moment (ms since 1970) at which the last handset heard. */
export interface Figures {
  connect: null;
  join: Spread;
  hear: number;
  answer: Spread;
  alone: Spread;
  bare: Spread;
  bareHear: number;
  leave: null;
}

let handsets: Handset[] = [];
/** The number of the question that each was asked alone; 0 for none. */
let own: number[] = [];
/** The seat's part of what was heard says what it is asked. */
function noteOwn(i: number, raw: string): void {
  if (!raw.startsWith('42["seat"')) return;
  const [, seat] = JSON.parse(raw.slice(2)) as [string, { asked: { play: number } | null } | null];
  own[i] = seat?.asked?.play ?? 0;
}
let bare: WebSocket[] = [];
let count = 0;
const id = () => `load-${process.pid}-${count++}`;

async function connect(url: string, code: string, barePort: number, size: number): Promise<void> {
  handsets = Array.from({ length: size }, () => new Handset(url, { as: 'handset', code }));
  own = handsets.map(() => 0);
  handsets.forEach((one, i) => (one.onEvent = (raw) => noteOwn(i, raw)));
  await Promise.all(handsets.map((one) => one.joined));
  bare = Array.from(
    { length: size },
    () => new WebSocket(`ws://127.0.0.1:${barePort}`, { perMessageDeflate: false }),
  );
  await Promise.all(bare.map((one) => new Promise((open) => one.once('open', open))));
}

/** Sends one from each, at once or spread evenly over so many ms, and gathers the times until each was acknowledged. */
async function burst(over: number, sendOne: (i: number) => Promise<boolean>): Promise<Spread> {
  let stored = 0;
  const begin = performance.now();
  const times = await Promise.all(
    handsets.map(async (_, i) => {
      if (over > 0) await new Promise((go) => setTimeout(go, (i * over) / handsets.length));
      const start = performance.now();
      if (await sendOne(i)) stored++;
      return performance.now() - start;
    }),
  );
  const all = performance.now() - begin;
  times.sort((a, b) => a - b);
  return {
    p50: times[Math.floor(times.length * 0.5)]!,
    p99: times[Math.floor(times.length * 0.99)]!,
    stored,
    all,
  };
}

/** How long a handset waits before it sends again what the server could not do just now (ms). */
const AGAIN_AFTER = 400;
/** Sends until it is done or refused for good, as handsets do. */
async function sendOn(handset: Handset, event: string, payload: object): Promise<boolean> {
  for (;;) {
    const answer = await handset.ask<{ ok?: true; refused?: string }>(event, payload);
    if (answer.refused !== 'retry') return answer.ok === true;
    await new Promise((go) => setTimeout(go, AGAIN_AFTER));
  }
}
const ownOrder = (event: string, over: number, payload: (i: number) => object) =>
  burst(over, (i) => sendOn(handsets[i]!, event, payload(i)));
const answerTo = (play: number) => ({
  id: id(),
  command: { type: 'answer', play, answer: { text: 'neap' } },
});

const carryOut: { [T in keyof Figures]: (order: Extract<LoadOrder, { do: T }>) => Promise<Figures[T]> } = {
  connect: async ({ url, code, barePort, size }) => {
    await connect(url, code, barePort, size);
    return null;
  },
  join: ({ team }) =>
    ownOrder('join', 0, (i) => ({
      id: id(),
      token: `bench-token-bench-token-${id()}`,
      name: `Player ${i}`,
      team,
    })),
  hear: async () => {
    const moments = handsets.map(
      (one) =>
        new Promise<number>((heard) => {
          one.onEvent = (raw) => {
            if (!raw.startsWith('42["view"') || !raw.includes('"step":"open"')) return;
            one.onEvent = () => {};
            heard(Date.now());
          };
        }),
    );
    return Math.max(...(await Promise.all(moments)));
  },
  answer: ({ play, over }) => ownOrder('command', over, () => answerTo(play)),
  // Each answers what it was asked, again and again, all evenly spread.
  alone: async ({ times, every }) => {
    let stored = 0;
    const begin = performance.now();
    const all = await Promise.all(
      handsets.map(async (handset, i) => {
        const taken: number[] = [];
        for (let n = 0; n < times; n++) {
          const at = begin + n * every + (i * every) / handsets.length;
          await new Promise((go) => setTimeout(go, Math.max(0, at - performance.now())));
          const start = performance.now();
          const told = await handset.ask<{ ok?: true; seat?: { asked?: { play: number } | null } }>(
            'command',
            {
              id: id(),
              command: { type: 'answer', play: own[i]!, answer: { text: 'neap' } },
            },
          );
          taken.push(performance.now() - start);
          if (told.ok === true) stored++;
          own[i] = told.seat?.asked?.play ?? own[i]!;
        }
        return taken;
      }),
    );
    const sorted = all.flat().sort((a, b) => a - b);
    return {
      p50: sorted[Math.floor(sorted.length * 0.5)]!,
      p99: sorted[Math.floor(sorted.length * 0.99)]!,
      stored,
      all: performance.now() - begin,
    };
  },
  bare: ({ over }) =>
    burst(
      over,
      (i) =>
        new Promise((acknowledged) => {
          bare[i]!.once('message', (data) => acknowledged(Boolean(JSON.parse(String(data)))));
          bare[i]!.send(JSON.stringify(answerTo(1)));
        }),
    ),
  bareHear: async () => {
    const heard = Promise.all(
      bare.map(
        (one) =>
          new Promise((done) =>
            one.once('message', (data) => String(data).includes('"step":"open"') && done(Date.now())),
          ),
      ),
    );
    const start = Date.now();
    bare[0]!.send('open');
    return Math.max(1, Math.max(...((await heard) as number[])) - start);
  },
  leave: async () => {
    for (const one of handsets) one.leave();
    for (const one of bare) one.close();
    handsets = [];
    bare = [];
    return null;
  },
};

process.on('message', (order: LoadOrder) => {
  (carryOut[order.do] as (order: LoadOrder) => Promise<unknown>)(order).then(
    (done) => process.send!({ done }),
    (error: Error) => process.send!({ error: error.message }),
  );
});
