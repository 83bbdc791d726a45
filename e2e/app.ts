import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { test as base, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { blankQuestion, type Question } from '@distaff/core/question';
import { defaultDoors, newRound, weaveAt, type Devices, type RoundOf, Show } from '@distaff/core/show';
import type { RoundRules } from '@distaff/core/formats';
import * as v from 'valibot';
import { freePort, PrivateMariaDb } from '../scripts/lib/mariadb.mjs';
import { ServerProcess } from '../scripts/lib/server.mjs';
import firstWeek from '../demo/first-week.json' with { type: 'json' };
import marramPoint from '../demo/marram-point.json' with { type: 'json' };

export const demoShow = (): Show => v.parse(Show, JSON.parse(JSON.stringify(marramPoint)));
/** The show with a question of every kind. */
export const workshopShow = (): Show => v.parse(Show, JSON.parse(JSON.stringify(firstWeek)));
/** A question with three options, of which "right" is the key. */
export const choice = (prompt: string, id = 'new'): Question => ({
  ...blankQuestion(() => id),
  id,
  prompt,
  answer: {
    kind: 'choice',
    options: ['right', 'wrong', 'other'].map((text) => ({ id: text, text })),
    key: 'right',
  },
});
/** A question that is answered aloud. */
export const aloud = (prompt: string, more: Partial<Question> = {}): Question => ({
  ...blankQuestion(() => 'new'),
  prompt,
  answer: { kind: 'aloud', key: `key of ${prompt}` },
  ...more,
});
/** A show of one quiz round with these questions, in order, and teams of these names. */
export function quizShow(
  questions: readonly Question[],
  rules: RoundRules,
  devices: Devices,
  teams: readonly string[] = ['Bowline', 'Fairlead'],
): Show {
  let n = 0;
  const round = newRound('quiz', () => `quiz${n++}`) as RoundOf<'quiz'>;
  const own = questions.map((question, i) => ({ ...question, id: `q${i}` }));
  return {
    title: 'Quiz',
    teams: teams.map((name, i) => ({ id: `t${i}`, name, weave: weaveAt(i) })),
    devices,
    doors: defaultDoors,
    rounds: [
      { ...round, rules, content: { ...round.content, items: own.map(({ id }) => ({ id, points: null })) } },
    ],
    questions: Object.fromEntries(own.map((question) => [question.id, question])),
  };
}
export const PASSWORD = 'a long password';
let count = 0;
export const newEmail = () => `host-${process.pid}-${Date.now().toString(36)}-${count++}@example.test`;

/** The built application with a database of its own; both can be killed and started again. */
export class App {
  readonly folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-e2e-'));
  readonly database = new PrivateMariaDb(path.join(this.folder, 'mariadb'));
  server!: ServerProcess;
  url = '';
  readonly demo: 'short' | 'full';
  /** @param demo whether a term of games lies behind the demo host. */
  constructor(demo: 'short' | 'full' = 'short') {
    this.demo = demo;
  }

  async open(): Promise<void> {
    const databaseUrl = await this.database.start();
    const port = await freePort();
    const data = path.join(this.folder, 'data');
    const env = {
      DATABASE_URL: databaseUrl,
      DISTAFF_DATA_DIR: data,
      PORT: String(port),
      HOST: '127.0.0.1',
      LOG_LEVEL: 'info',
    };
    const seeded = spawnSync(process.execPath, ['server/dist/seed.js'], {
      env: { ...process.env, ...env, DISTAFF_DEMO: this.demo },
      encoding: 'utf8',
    });
    if (seeded.status !== 0) throw new Error(seeded.stderr);
    this.server = new ServerProcess(env, path.join(this.folder, 'server.log'));
    await this.server.start();
    this.url = `http://127.0.0.1:${port}`;
  }

  /** As a power cut would: no chance to say good-bye. */
  killDatabase(): void {
    process.kill(this.database.pid!, 'SIGKILL');
  }

  /** Kills one of the two with -9 and brings it up again. */
  async crash(what: 'server' | 'database'): Promise<void> {
    if (what === 'server') {
      await this.server.kill();
      await this.server.start();
    } else {
      this.killDatabase();
      await this.database.start();
    }
  }

  async close(): Promise<void> {
    await this.server?.stop();
    await this.database.stop();
    rmSync(this.folder, { recursive: true, force: true });
  }

  /** The host of the demo. */
  async demoHost(browser: Browser): Promise<Host> {
    const context = await browser.newContext({ baseURL: this.url });
    const data = { email: 'host@marram-point.example', password: 'lantern-and-tide' };
    await context.request.post('/api/login', { data });
    return new Host(this, browser, context, await context.newPage(), data.email);
  }

  /** A new host, signed in, in a browser of their own. */
  async host(browser: Browser): Promise<Host> {
    const context = await browser.newContext({ baseURL: this.url });
    const email = newEmail();
    const made = await context.request.post('/api/accounts', {
      data: { email, name: 'Test host', password: PASSWORD },
    });
    if (!made.ok()) throw new Error(await made.text());
    return new Host(this, browser, context, await context.newPage(), email);
  }
}

export class Host {
  readonly app: App;
  readonly browser: Browser;
  readonly context: BrowserContext;
  readonly page: Page;
  readonly email: string;
  constructor(app: App, browser: Browser, context: BrowserContext, page: Page, email: string) {
    this.app = app;
    this.browser = browser;
    this.context = context;
    this.page = page;
    this.email = email;
  }

  /** A set of the library. @returns its id. */
  async makeSet(title: string, questions: Question[] = [], description = ''): Promise<string> {
    const { request } = this.context;
    const set = { title, description, folder: '' };
    const made = await request.post('/api/sets', { data: { set } });
    const { id } = (await made.json()) as { id: string };
    if (questions.length) await request.post(`/api/sets/${id}/questions`, { data: { questions } });
    return id;
  }

  async makeShow(show: Show = demoShow()): Promise<string> {
    const made = await this.context.request.post('/api/shows', { data: { show } });
    if (!made.ok()) throw new Error(await made.text());
    return ((await made.json()) as { id: string }).id;
  }

  /** A show as it is saved. */
  async showOf(id: string): Promise<Show> {
    return (await (await this.context.request.get(`/api/shows/${id}`)).json()).show;
  }

  /** Opens the doors of a show and comes to its desk. */
  async openDoors(show: Show = demoShow()): Promise<{ id: string; code: string; stageKey: string }> {
    const id = await this.makeShow(show);
    const sitting = await (await this.context.request.post(`/api/shows/${id}/sittings`)).json();
    await this.page.goto(`/desk/${sitting.id}`);
    await this.page.getByRole('heading', { name: 'The doors are open' }).waitFor();
    return sitting;
  }

  /** The stage in a window of its own, on another device that knows only the link. */
  async stage(sitting: { code: string; stageKey: string }): Promise<Page> {
    const context = await this.browser.newContext({ baseURL: this.app.url });
    const page = await context.newPage();
    await page.goto(`/stage/${sitting.code}#${sitting.stageKey}`);
    return page;
  }

  /** A phone of its own, joined. */
  async handset(code: string, name: string, team: string): Promise<Page> {
    const page = await this.phone();
    await page.goto(`/join/${code}`);
    await page.getByLabel('Your name').fill(name);
    await page.getByText(team, { exact: true }).click();
    await page.getByRole('button', { name: 'Join' }).click();
    await page.getByText(`${name} · ${team}`).waitFor();
    return page;
  }
  async phone(): Promise<Page> {
    const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
    return (await this.browser.newContext({ baseURL: this.app.url, ...phone })).newPage();
  }
}

/** Chooses how a question is answered, in the editor. */
export async function chooseKind(page: Page, name: string): Promise<void> {
  await page.getByRole('combobox', { name: 'How it is answered' }).press('ArrowDown');
  await page.getByRole('option', { name, exact: true }).click();
  await page.getByRole('option').first().waitFor({ state: 'hidden' });
}

/** Waits until nothing on the page moves or fades any more, but for what moves for ever. */
export async function still(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const frame = () => new Promise((drawn) => requestAnimationFrame(drawn));
    await frame();
    for (;;) {
      const moving = document.getAnimations().filter((one) => {
        const { endTime } = one.effect!.getComputedTiming();
        return one.playState === 'running' && Number.isFinite(endTime);
      });
      if (moving.length === 0) return;
      await Promise.allSettled(moving.map((one) => one.finished));
      await frame();
    }
  });
}

/** What the bar at the foot of the desk says. */
export const nextStep = (desk: Page) => desk.locator('footer .what');

/** Two presses within 300 ms are one at the desk: until when the next one would not count. */
const oneUntil = new WeakMap<Page, number>();
/** Presses a key at the desk wherever the focus is; it counts as a new one. */
export async function press(desk: Page, key: string): Promise<void> {
  // What is on its way is waited for: a step pressed meanwhile does not count either.
  await desk.locator('footer .sending').waitFor({ state: 'hidden' });
  const wait = (oneUntil.get(desk) ?? 0) - Date.now();
  if (wait > 0) await desk.waitForTimeout(wait);
  await desk.keyboard.press(key);
  oneUntil.set(desk, Date.now() + 320);
}

/** Presses Space when the bar says that it does this. */
export async function step(desk: Page, says: string | RegExp): Promise<void> {
  await nextStep(desk).getByText(says).waitFor();
  const told = async () => (await nextStep(desk).allInnerTexts()).join();
  const before = await told();
  await press(desk, 'Space');
  // A press at the moment at which the show went on by itself is told to be pressed again.
  for (let i = 0; i < 12; i++) {
    await desk.waitForTimeout(50);
    if ((await told()) !== before) return;
  }
  if (await desk.getByText('Press again to go on').last().isVisible()) await press(desk, 'Space');
}

/** Brings the next question of a list up and opens the answers, as the bar calls it. */
export async function pose(desk: Page, open: string): Promise<void> {
  await step(desk, 'Go to question');
  await step(desk, 'Show the question');
  await step(desk, open);
}
/** Chooses one option on a handset and sends it. */
export async function pick(phone: Page, text: string): Promise<void> {
  await phone.getByRole('radio', { name: text }).click();
  await phone.getByRole('button', { name: /^Send/ }).click();
}

export const test = base.extend<{ tidy: void }, { app: App }>({
  // Windows of a test that is over go on working – clocks, sockets, sounds – and slow down all that follow.
  tidy: [
    async ({ browser }, use) => {
      await use();
      await Promise.all(browser.contexts().map((context) => context.close()));
    },
    { auto: true },
  ],
  app: [
    async ({}, use) => {
      const app = new App();
      await app.open();
      await use(app);
      await app.close();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
});
export { expect } from '@playwright/test';
