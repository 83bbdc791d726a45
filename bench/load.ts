import { io, type Socket } from 'socket.io-client';
import WebSocket from 'ws';

export type LoadOrder =
  | { do: 'connect'; url: string; code: string; barePort: number; size: number }
  | { do: 'join'; team: string }
  | { do: 'hear' }
  | { do: 'answer'; play: number }
  | { do: 'bare' }
  | { do: 'bareHear' }
  | { do: 'leave' };

/** Milliseconds from sending to acknowledgement, over all handsets, and how many were stored. */
export interface Spread {
  p50: number;
  p99: number;
  stored: number;
}
/** What each order answers; `hear` is the moment (ms since 1970) at which the last handset heard. */
export interface Figures {
  connect: null;
  join: Spread;
  hear: number;
  answer: Spread;
  bare: Spread;
  bareHear: number;
  leave: null;
}

let handsets: Socket[] = [];
let bare: WebSocket[] = [];
let count = 0;
const id = () => `load-${process.pid}-${count++}`;

async function connect(url: string, code: string, barePort: number, size: number): Promise<void> {
  handsets = Array.from({ length: size }, () =>
    io(url, { auth: { as: 'handset', code }, transports: ['websocket'], forceNew: true }),
  );
  await Promise.all(handsets.map((one) => new Promise<void>((heard) => one.once('seat', () => heard()))));
  bare = Array.from(
    { length: size },
    () => new WebSocket(`ws://127.0.0.1:${barePort}`, { perMessageDeflate: false }),
  );
  await Promise.all(bare.map((one) => new Promise((open) => one.once('open', open))));
}

/** Sends from all at once and spreads the times until each was acknowledged. */
async function burst(sendOne: (i: number) => Promise<boolean>): Promise<Spread> {
  let stored = 0;
  const times = await Promise.all(
    handsets.map(async (_, i) => {
      const start = performance.now();
      if (await sendOne(i)) stored++;
      return performance.now() - start;
    }),
  );
  times.sort((a, b) => a - b);
  return {
    p50: times[Math.floor(times.length * 0.5)]!,
    p99: times[Math.floor(times.length * 0.99)]!,
    stored,
  };
}

const ownOrder = (event: string, payload: (i: number) => object) =>
  burst(async (i) => {
    const answer = (await handsets[i]!.timeout(20_000).emitWithAck(event, payload(i))) as { ok?: true };
    return answer.ok === true;
  });

const carryOut: { [T in keyof Figures]: (order: Extract<LoadOrder, { do: T }>) => Promise<Figures[T]> } = {
  connect: async ({ url, code, barePort, size }) => {
    await connect(url, code, barePort, size);
    return null;
  },
  join: ({ team }) =>
    ownOrder('join', (i) => ({
      id: id(),
      token: `bench-token-bench-token-${id()}`,
      name: `Player ${i}`,
      team,
    })),
  hear: async () => {
    const moments = handsets.map(
      (one) =>
        new Promise<number>((heard) => {
          const listen = (view: { question?: { step: string } | null }) => {
            if (view.question?.step !== 'open') return;
            one.off('view', listen);
            heard(Date.now());
          };
          one.on('view', listen);
        }),
    );
    return Math.max(...(await Promise.all(moments)));
  },
  answer: ({ play }) =>
    ownOrder('command', () => ({
      id: id(),
      command: { type: 'answer', play, answer: { text: 'neap' } },
    })),
  bare: () =>
    burst(
      (i) =>
        new Promise((acknowledged) => {
          bare[i]!.once('message', () => acknowledged(true));
          bare[i]!.send(
            JSON.stringify({
              id: id(),
              command: { type: 'answer', play: 1, answer: { text: 'neap' } },
            }),
          );
        }),
    ),
  bareHear: async () => {
    const heard = Promise.all(
      bare.map((one) => new Promise((done) => one.once('message', () => done(Date.now())))),
    );
    const start = Date.now();
    bare[0]!.send('open');
    return Math.max(1, Math.max(...((await heard) as number[])) - start);
  },
  leave: async () => {
    for (const one of handsets) one.disconnect();
    for (const one of bare) one.close();
    return null;
  },
};

process.on('message', (order: LoadOrder) => {
  (carryOut[order.do] as (order: LoadOrder) => Promise<unknown>)(order).then(
    (done) => process.send!({ done }),
    (error: Error) => process.send!({ error: error.message }),
  );
});
