import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { io, type Socket } from 'socket.io-client';
import { blankQuestion } from '@distaff/core/question';
import { blankShow, type Show } from '@distaff/core/show';
import { rulesWith } from '@distaff/core/formats';
import type { DeskView } from '@distaff/core/sitting';
import { freePort, PrivateMariaDb } from '../scripts/lib/mariadb.mjs';
import { ServerProcess } from '../scripts/lib/server.mjs';
import type { Figures, LoadOrder } from './load.ts';

const here = path.dirname(fileURLToPath(import.meta.url));

export const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const round = (n: number) => Math.round(n * 100) / 100;

/** Prints one figure beside its limit, as a line of JSON. */
export function tell(
  bench: string,
  value: number,
  limit: { most?: number; least?: number },
  more: object = {},
): void {
  const { most, least } = limit;
  const ok = (most === undefined || value <= most) && (least === undefined || value >= least);
  console.log(JSON.stringify({ bench, value: round(value), ...limit, ok, ...more }));
}

/** A quiz that everyone answers by text, without a clock. */
export function benchShow(questions = 1): Show {
  let n = 0;
  const show = blankShow('Bench', () => `b${n++}`);
  show.devices = { mode: 'each', score: 'teams', combine: 'mean' };
  const rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: null });
  const ids = Array.from({ length: questions }, (_, i) => `q${i}`);
  const content = { items: ids.map((id) => ({ id, points: null })), points: 100, shuffle: false };
  show.rounds = [{ id: 'r', format: 'quiz', title: '', rules, content }];
  for (const id of ids)
    show.questions[id] = {
      ...blankQuestion(() => id),
      id,
      prompt: 'Which tide has the smallest range?',
      answer: {
        kind: 'text',
        accepted: ['neap'],
        forgive: { case: true, accents: true, articles: true, slips: true },
      },
    };
  return show;
}

/** A process of its own that a bench gives orders to. */
export class LoadProcess {
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

export function startChild(file: string, ...more: string[]): ChildProcess {
  const args = ['--import', 'tsx', path.join(here, file), ...more];
  return spawn(process.execPath, args, { stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
}

/** The built application with a database of its own, and a host who is signed in. */
export class House {
  #folder = '';
  #database!: PrivateMariaDb;
  #server!: ServerProcess;
  #cookie = '';
  url = '';

  /** The same house, visited from another process. */
  static visit(url: string, cookie: string): House {
    const house = new House();
    house.url = url;
    house.#cookie = cookie;
    return house;
  }
  /** The database of the house, for what no page brings in. */
  databaseUrl = '';
  get cookie(): string {
    return this.#cookie;
  }

  async open(): Promise<void> {
    this.#folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-bench-'));
    this.#database = new PrivateMariaDb(path.join(this.#folder, 'mariadb'));
    const port = await freePort();
    this.databaseUrl = await this.#database.start();
    const env = {
      DATABASE_URL: this.databaseUrl,
      PORT: String(port),
      HOST: '127.0.0.1',
      LOG_LEVEL: 'warn',
    };
    this.#server = new ServerProcess(env, path.join(this.#folder, 'server.log'));
    await this.#server.start();
    this.url = `http://127.0.0.1:${port}`;
    await this.post('/api/accounts', {
      email: 'bench@example.test',
      name: 'Bench',
      password: 'a long password',
    });
  }

  async post(address: string, body: object): Promise<{ id: string; code: string }> {
    const headers = { 'content-type': 'application/json', cookie: this.#cookie };
    const response = await fetch(`${this.url}${address}`, {
      method: 'POST',
      headers,
      body: JSON.stringify(body),
    });
    if (!response.ok) throw new Error(await response.text());
    this.#cookie ||= response.headers.get('set-cookie')?.split(';')[0] ?? '';
    return response.json() as Promise<{ id: string; code: string }>;
  }

  /** Opens the doors of a show and comes to its desk. */
  async sit(show: string): Promise<Desk> {
    const sitting = await this.post(`/api/shows/${show}/sittings`, {});
    return new Desk(this.url, sitting, this.#cookie);
  }

  /** Memory of the server process that is in use, in bytes. */
  memory(): number {
    const status = readFileSync(`/proc/${this.#server.pid}/status`, 'utf8');
    return Number(/VmRSS:\s+(\d+)/.exec(status)![1]) * 1024;
  }

  /** Time that the server process spent computing so far, in ms. */
  computed(): number {
    const fields = readFileSync(`/proc/${this.#server.pid}/stat`, 'utf8').split(') ')[1]!.split(' ');
    return (Number(fields[11]) + Number(fields[12])) * 10;
  }

  async close(): Promise<void> {
    await this.#server.stop();
    await this.#database.stop();
    rmSync(this.#folder, { recursive: true, force: true });
  }
}

export class Desk {
  readonly code: string;
  readonly #socket: Socket;
  view: DeskView | null = null;

  constructor(url: string, sitting: { id: string; code: string }, cookie: string) {
    this.code = sitting.code;
    this.#socket = io(url, {
      auth: { as: 'desk', sitting: sitting.id },
      transports: ['websocket'],
      extraHeaders: { cookie },
      forceNew: true,
    });
    this.#socket.on('view', (view: DeskView) => (this.view = view));
  }

  /** @throws when it is refused. */
  async send(command: object): Promise<void> {
    const id = `bench-${Math.random().toString(36).slice(2)}`;
    const answer = await this.#socket.timeout(10_000).emitWithAck('command', { id, command });
    if (answer.refused) throw new Error(`${JSON.stringify(command)}: ${answer.says}`);
  }

  /** The number under which the question in play is played. */
  async play(): Promise<number> {
    while (!this.view?.question) await new Promise((resolve) => setTimeout(resolve, 5));
    return this.view.question.play;
  }

  leave(): void {
    this.#socket.disconnect();
  }
}
