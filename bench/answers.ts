import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { io, type Socket } from 'socket.io-client';
import { blankQuestion, blankShow, rulesWith, type DeskView, type Show } from '@distaff/core';
import { freePort, PrivateMariaDb } from '../scripts/lib/mariadb.mjs';
import { ServerProcess } from '../scripts/lib/server.mjs';
import type { Figures, LoadOrder } from './load.ts';

/*
 * One sitting, N simulated handsets on real sockets from a process of their own. Measured are
 *  - join: N seats taken at once, each acknowledged only when it is stored in MariaDB;
 *  - answer: N answers to one question at once, each acknowledged only when it is stored;
 *  - open: from the host's "open" to the last handset that hears of it.
 * The same messages run against a bare `ws` server that stores nothing, in turn, in the same run:
 * the ratio is what to look at, milliseconds depend on the machine.
 */
const SIZES = [100, 500, 1000];
const ROUNDS = 10;
const here = path.dirname(fileURLToPath(import.meta.url));
const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const round = (n: number) => Math.round(n * 100) / 100;

/** Two teams and one question, which everyone answers by text, without a clock. */
function benchShow(): Show {
  let n = 0;
  const show = blankShow('Bench', () => `b${n++}`);
  show.devices = { mode: 'each', score: 'teams', combine: 'mean' };
  const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null });
  const content = { items: [{ id: 'q', points: null }], points: 100, shuffle: false };
  show.rounds = [{ id: 'r', format: 'quiz', title: '', rules, content }];
  show.questions.q = {
    ...blankQuestion(() => 'q'),
    prompt: 'Which tide has the smallest range?',
    answer: {
      kind: 'text',
      accepted: ['neap'],
      forgive: { case: true, accents: true, articles: true, slips: true },
    },
  };
  return show;
}

class LoadProcess {
  readonly #child: ChildProcess = startChild('load.ts');
  ask<T extends keyof Figures>(order: Extract<LoadOrder, { do: T }>): Promise<Figures[T]> {
    return new Promise((resolve, reject) => {
      this.#child.once('message', (answer: { done?: Figures[T]; error?: string }) =>
        answer.error === undefined ? resolve(answer.done!) : reject(new Error(answer.error)),
      );
      this.#child.send(order);
    });
  }
  end(): void {
    this.#child.kill();
  }
}

function startChild(file: string): ChildProcess {
  const args = ['--import', 'tsx', path.join(here, file)];
  return spawn(process.execPath, args, { stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
}

async function send(desk: Socket, command: object): Promise<void> {
  const id = `bench-${Math.random().toString(36).slice(2)}`;
  const answer = await desk.timeout(10_000).emitWithAck('command', { id, command });
  if (answer.refused) throw new Error(`${JSON.stringify(command)}: ${answer.sentence}`);
}

async function post(
  url: string,
  body: object,
  cookie = '',
): Promise<{ json: { id: string; code: string }; cookie: string }> {
  const headers = { 'content-type': 'application/json', cookie };
  const response = await fetch(url, { method: 'POST', headers, body: JSON.stringify(body) });
  if (!response.ok) throw new Error(await response.text());
  return { json: await response.json(), cookie: response.headers.get('set-cookie')?.split(';')[0] ?? '' };
}

/** One round: a new sitting, N handsets come, answer, and go; then the bare server does the same. */
async function oneRound(
  size: number,
  url: string,
  barePort: number,
  load: LoadProcess,
  cookie: string,
  showId: string,
) {
  const { json: sitting } = await post(`${url}/api/shows/${showId}/sittings`, {}, cookie);
  const desk = io(url, {
    auth: { as: 'desk', sitting: sitting.id },
    transports: ['websocket'],
    extraHeaders: { cookie },
  });
  const show = benchShow();
  const play = new Promise<number>((resolve) =>
    desk.on('view', (view: DeskView) => view.question && resolve(view.question.play)),
  );
  await load.ask({ do: 'connect', url, code: sitting.code, barePort, size });
  const join = await load.ask({ do: 'join', team: show.teams[0]!.id });
  const bareJoin = await load.ask({ do: 'bare' });
  for (const command of [{ type: 'begin' }, { type: 'choose', ref: '0' }, { type: 'pose' }])
    await send(desk, command);
  const heard = load.ask({ do: 'hear' });
  await new Promise((resolve) => setTimeout(resolve, 100));
  const opened = Date.now();
  await send(desk, { type: 'open' });
  const open = (await heard) - opened;
  const bareOpen = await load.ask({ do: 'bareHear' });
  const answer = await load.ask({ do: 'answer', play: await play });
  const bareAnswer = await load.ask({ do: 'bare' });
  await load.ask({ do: 'leave' });
  desk.disconnect();
  return { join, bareJoin, open, bareOpen, answer, bareAnswer };
}

async function main(): Promise<void> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-bench-'));
  const database = new PrivateMariaDb(path.join(folder, 'mariadb'));
  const port = await freePort();
  const env = {
    DATABASE_URL: await database.start(),
    PORT: String(port),
    HOST: '127.0.0.1',
    LOG_LEVEL: 'warn',
  };
  const server = new ServerProcess(env, path.join(folder, 'server.log'));
  const bare = startChild('bare.ts');
  const barePort = await new Promise<number>((resolve) =>
    bare.once('message', (one) => resolve(one as number)),
  );
  const load = new LoadProcess();
  try {
    await server.start();
    const url = `http://127.0.0.1:${port}`;
    const account = { email: 'bench@example.test', name: 'Bench', password: 'a long password' };
    const { cookie } = await post(`${url}/api/accounts`, account);
    const { json: show } = await post(`${url}/api/shows`, { show: benchShow() }, cookie);
    for (const size of SIZES) {
      const rows = [];
      for (let i = 0; i < ROUNDS; i++) rows.push(await oneRound(size, url, barePort, load, cookie, show.id));
      const line = (bench: string, own: number[], other: number[], more: object = {}) =>
        console.log(
          JSON.stringify({
            bench,
            handsets: size,
            rounds: ROUNDS,
            ms: round(median(own)),
            bareWsMs: round(median(other)),
            ratio: round(median(own.map((ms, i) => ms / other[i]!))),
            ...more,
          }),
        );
      for (const p of ['p50', 'p99'] as const) {
        const stored = median(rows.map((row) => row.join.stored));
        line(
          `join ${p}, all stored`,
          rows.map((row) => row.join[p]),
          rows.map((row) => row.bareJoin[p]),
          { stored },
        );
        const first = median(rows.map((row) => row.answer.stored));
        line(
          `answer ${p}, all stored`,
          rows.map((row) => row.answer[p]),
          rows.map((row) => row.bareAnswer[p]),
          { stored: first },
        );
      }
      line(
        'open to last handset',
        rows.map((row) => row.open),
        rows.map((row) => row.bareOpen),
      );
    }
  } finally {
    load.end();
    bare.kill();
    await server.stop();
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

await main();
