import { jest } from '@jest/globals';
import { mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { io, type Socket } from 'socket.io-client';
import { blankQuestion, type Question } from '@distaff/core/question';
import { Show } from '@distaff/core/show';
import * as v from 'valibot';
import marramPoint from '../../demo/marram-point.json' with { type: 'json' };
import { openLog } from '../src/log.ts';
import { start, type Running } from '../src/start.ts';

export const demoShow = (): Show => v.parse(Show, JSON.parse(JSON.stringify(marramPoint)));

export const question = (prompt: string, more: Partial<Question> = {}): Question => ({
  ...blankQuestion(() => 'client-side'),
  prompt,
  answer: { kind: 'aloud', key: 'key of it' },
  ...more,
});

/** Holds the time while `during` runs, so that a wait of a second is one however slow the machine is. */
export async function timeHeld<T>(during: () => Promise<T>): Promise<T> {
  const now = Date.now();
  const clock = jest.spyOn(Date, 'now').mockReturnValue(now);
  try {
    return await during();
  } finally {
    clock.mockRestore();
  }
}

export const PASSWORD = 'a long password';

let count = 0;
export const unique = (word: string) => `${word}-${process.pid}-${Date.now().toString(36)}-${count++}`;

/** A running server on a free port, and people who use it. */
export class World {
  running!: Running;
  #sockets: Socket[] = [];

  /** `publicUrl` where a proxy is to stand in front. */
  async open(publicUrl: string | null = null): Promise<this> {
    this.running = await start(
      {
        port: 0,
        host: '127.0.0.1',
        dataDir: mkdtempSync(path.join(os.tmpdir(), 'distaff-jest-')),
        databaseUrl: process.env.TEST_DATABASE_URL!,
        publicUrl,
        logLevel: 'silent',
        guard: true,
        webDir: 'web/dist',
        setsDir: 'demo/sets',
      },
      openLog('silent'),
    );
    return this;
  }

  get url(): string {
    return `http://127.0.0.1:${this.running.port}`;
  }

  async close(): Promise<void> {
    for (const socket of this.#sockets) socket.disconnect();
    await this.running.stop();
  }

  async call(method: string, path: string, body?: unknown, headers: Record<string, string> = {}) {
    const response = await fetch(this.url + path, {
      method,
      headers: { 'content-type': 'application/json', ...headers },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const text = await response.text();
    const json = text.startsWith('{') ? JSON.parse(text) : null;
    return { status: response.status, headers: response.headers, text, json };
  }

  /** A new host, signed in. */
  async host(name = 'Host'): Promise<Host> {
    const email = `${unique('host')}@example.test`;
    // Each from an address of their own, where a proxy tells of one: many hosts are made in a run.
    const made = await this.call(
      'POST',
      '/api/accounts',
      { email, name, password: PASSWORD },
      { 'x-forwarded-for': unique('address') },
    );
    if (made.status !== 201) throw new Error(made.text);
    return new Host(this, email, made.headers.get('set-cookie')!.split(';')[0]!);
  }

  connect(auth: object, cookie?: string, headers: Record<string, string> = {}): Visitor {
    const socket = io(this.url, {
      auth,
      transports: ['websocket'],
      forceNew: true,
      extraHeaders: { ...headers, ...(cookie ? { cookie } : {}) },
    });
    this.#sockets.push(socket);
    return new Visitor(socket);
  }
}

export class Host {
  readonly world: World;
  readonly email: string;
  readonly cookie: string;
  constructor(world: World, email: string, cookie: string) {
    this.world = world;
    this.email = email;
    this.cookie = cookie;
  }
  call(method: string, path: string, body?: unknown) {
    return this.world.call(method, path, body, { cookie: this.cookie });
  }
  async makeSet(title: string, questions: Question[] = []): Promise<{ id: string; ids: string[] }> {
    const set = { title, description: '', folder: '' };
    const { id } = (await this.call('POST', '/api/sets', { set })).json;
    if (questions.length === 0) return { id, ids: [] };
    return { id, ids: (await this.call('POST', `/api/sets/${id}/questions`, { questions })).json.ids };
  }
  /** Makes a show and opens its doors. */
  async sitting(show = demoShow()): Promise<{ id: string; code: string; stageKey: string }> {
    const { json } = await this.call('POST', '/api/shows', { show });
    return (await this.call('POST', `/api/shows/${json.id}/sittings`)).json;
  }
  desk(sitting: string): Visitor {
    return this.world.connect({ as: 'desk', sitting }, this.cookie);
  }
}

/** A connected surface: everything that reached it is kept. */
export class Visitor {
  readonly socket: Socket;
  readonly frames: { event: string; data: unknown }[] = [];
  #waiting: (() => void)[] = [];
  #error: { code: string; says: string } | null = null;

  constructor(socket: Socket) {
    this.socket = socket;
    socket.onAny((event: string, data: unknown) => {
      this.frames.push({ event, data });
      this.#wake();
    });
    socket.on('connect_error', (error: Error & { data?: { code: string; says: string } }) => {
      this.#error = error.data ?? null;
      this.#wake();
    });
  }
  #wake(): void {
    for (const wake of this.#waiting.splice(0)) wake();
  }
  last<T = Record<string, never>>(event: string): T | undefined {
    return this.frames.findLast((frame) => frame.event === event)?.data as T | undefined;
  }
  /** The number of the question in play, as the last view told it. */
  get play(): number {
    return this.last<{ question: { play: number } }>('view')!.question.play;
  }
  /** Waits until `probe` gives something; fails after five seconds. */
  async until<T>(probe: () => T | undefined | null | false): Promise<T> {
    const end = Date.now() + 5000;
    while (Date.now() < end) {
      const found = probe();
      if (found) return found;
      await new Promise<void>((wake) => {
        const timer = setTimeout(wake, 50);
        this.#waiting.push(() => {
          clearTimeout(timer);
          wake();
        });
      });
    }
    throw new Error('It did not come about within five seconds.');
  }
  refused() {
    return this.until(() => this.#error);
  }
  async send(command: object, id = unique('c')): Promise<{ ok?: true; refused?: string; says?: string }> {
    return this.socket.timeout(5000).emitWithAck('command', { id, command });
  }
  /** Sends until it is taken or refused for good, as our client does. */
  async sendOn(command: object, id = unique('c')): ReturnType<Visitor['send']> {
    for (;;) {
      const told = await this.send(command, id);
      if (told.refused !== 'retry') return told;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  async join(name: string, team: string, token = unique('token-token-token')) {
    return this.socket.timeout(5000).emitWithAck('join', { id: unique('j'), token, name, team });
  }
}
