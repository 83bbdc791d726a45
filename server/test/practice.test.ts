import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { defaultPractice, type PracticeSettings } from '@distaff/core/practice';
import type { MyPractice, PracticePage, RunNow } from '@distaff/core/wire';
import { Host, question, World } from './world.ts';

const world = new World();
let host: Host;
beforeAll(async () => {
  await world.open();
  host = await world.host('Ms Tremayne');
});
afterAll(() => world.close());

/** A question whose right option is the second as it is written. */
const choice = (prompt: string) =>
  question(prompt, {
    answer: {
      kind: 'choice',
      options: ['Wrong', 'Right', 'Also wrong', 'Wrong too'].map((text, i) => ({ id: `o${i}`, text })),
      key: 'o1',
    },
    hint: `Hint of ${prompt}`,
    explanation: `Because of ${prompt}`,
    tags: [prompt],
  });

let n = 0;
const newId = () => `id-${n++}-${process.pid}`;
const prompts = ['One', 'Two', 'Three'];
let set: string;
beforeEach(async () => {
  set = (await host.makeSet('First week', prompts.map(choice))).id;
});

async function offered(own: Partial<PracticeSettings> = {}): Promise<{ id: string; code: string }> {
  const settings = { ...defaultPractice, shuffleOptions: false, ...own };
  const { status, json, text } = await host.call('POST', '/api/practices', {
    of: { what: 'set', id: set },
    settings,
  });
  if (status !== 201) throw new Error(text);
  return json;
}

/** A phone with a practice before it. */
class Phone {
  readonly token = `phone-token-number-${n++}-${process.pid}`;
  readonly code: string;
  run: RunNow | null = null;
  constructor(code: string) {
    this.code = code;
  }
  call(method: string, path: string, body?: unknown) {
    return world.call(method, `/api/practice/${this.code}${path}`, body, {
      authorization: `Bearer ${this.token}`,
    });
  }
  async enter(name: string): Promise<MyPractice> {
    return (await this.call('POST', '/me', { name })).json;
  }
  async begin(kind = 'counted', of: string | null = null, id = newId()): Promise<this> {
    const { status, json, text } = await this.call('POST', '/runs', { id, kind, of });
    if (status !== 200) throw new Error(text);
    this.run = json;
    return this;
  }
  async look(): Promise<RunNow> {
    return (this.run = (await this.call('GET', `/runs/${this.run!.run.id}`)).json);
  }
  async send(command: object, id = newId()) {
    const answer = await this.call('POST', `/runs/${this.run!.run.id}/commands`, { id, command });
    if (answer.status === 200) this.run = answer.json;
    return answer;
  }
  get play() {
    return this.run!.view.view.question?.play ?? 0;
  }
  answer = (slot: number, id?: string) =>
    this.send({ type: 'answer', play: this.play, answer: { slot } }, id);
  goOn = () => this.send({ type: 'goOn', play: this.play });
  /** Answers everything with the option at this place. */
  async all(slot: number): Promise<this> {
    for (let i = 0; i < 20 && this.run!.view.waits !== 'over'; i++)
      await (this.run!.view.waits === 'answer' ? this.answer(slot) : this.goOn());
    return this;
  }
}
const page = async (id: string): Promise<PracticePage> =>
  (await host.call('GET', `/api/practices/${id}`)).json;

describe('taken by link', () => {
  test('from the code to the result, with a hint, half a point and the missed ones again', async () => {
    const { id, code } = await offered();
    expect((await world.call('GET', `/api/join/${code}`)).json).toMatchObject({ practice: true });
    const phone = new Phone(code);
    expect((await phone.call('GET', '')).json).toMatchObject({
      head: { title: 'First week', from: 'Ms Tremayne', of: 3, outOf: 3, closed: false },
      me: null,
    });
    expect((await phone.call('POST', '/runs', { id: newId(), kind: 'counted' })).status).toBe(401);
    await phone.enter('Ansa');
    await phone.begin();
    expect(JSON.stringify(phone.run)).not.toMatch(/Hint of|Because of/);
    await phone.answer(0);
    expect(phone.run!.view).toMatchObject({
      waits: 'answer',
      seat: { again: { hint: 'Hint of One', ruledOut: [0], times: 0.5 } },
    });
    expect(JSON.stringify(phone.run)).not.toContain('Because of');
    await phone.answer(1);
    expect(phone.run!.view).toMatchObject({ waits: 'goOn', summary: { points: 0.5 } });
    await phone.goOn();
    await phone.answer(1);
    await phone.goOn();
    await phone.answer(0);
    await phone.answer(2);
    await phone.goOn();
    expect(phone.run!.view).toMatchObject({
      waits: 'over',
      summary: { points: 1.5, outOf: 3, over: true },
      missed: { topics: ['Three'] },
      answered: [{ given: ['Wrong', 'Right'], key: 'Right' }, {}, { given: ['Wrong', 'Also wrong'] }],
    });
    const first = phone.run!.run.id;
    await phone.begin('again', first);
    expect(phone.run!.view.summary.of).toBe(1);
    await phone.all(1);
    expect(phone.run!.view.summary).toMatchObject({ points: 1, outOf: 1 });
    const { me } = (await phone.call('GET', '')).json;
    expect(me).toMatchObject({ points: 1.5, mayBegin: true });
    expect(await page(id)).toMatchObject({
      people: [{ name: 'Ansa', state: 'finished', points: 1.5, attempts: 1 }],
      missed: [
        { prompt: 'Three', asked: 1, share: 0 },
        { prompt: 'One', share: 0.5 },
      ],
    });
    const csv = (await host.call('GET', `/api/practices/${id}/grades.csv`)).text;
    expect(csv).toContain('Ansa,finished,1.5,3,50,1,');
  });

  test('broken off on one phone, found by name on another, and nothing twice', async () => {
    const { code } = await offered();
    const first = new Phone(code);
    await first.enter('Lowen');
    await first.begin();
    const id = newId();
    await first.answer(1, id);
    // The acknowledgement was lost: sent once more it changes nothing.
    expect((await first.answer(1, id)).json.view.summary.points).toBe(1);
    const second = new Phone(code);
    const me = await second.enter('lowen ');
    expect(me).toMatchObject({ name: 'Lowen', elsewhere: true, runs: [{ summary: { points: 1 } }] });
    await second.begin();
    expect(second.run!.run.id).toBe(first.run!.run.id);
    await second.all(1);
    expect((await first.look()).view).toMatchObject({ waits: 'over', summary: { points: 3 } });
    // Both phones at once: one of them is first, and the other one is told how it stands.
    await Promise.all([first.begin(), second.begin()]);
    expect(first.run!.run.id).toBe(second.run!.run.id);
    await Promise.all([first.answer(1), second.answer(1)]);
    expect((await second.look()).view.summary.points).toBe(1);
  });

  test('not me: the phone is nobody’s again, and the other one keeps what it did', async () => {
    const { code } = await offered();
    const one = new Phone(code);
    await one.enter('Merryn');
    await one.begin();
    const other = new Phone(code);
    await other.enter('Merryn');
    expect((await other.call('DELETE', '/me')).status).toBe(204);
    expect((await other.call('GET', '')).json.me).toBeNull();
    expect((await other.call('GET', `/runs/${one.run!.run.id}`)).status).toBe(401);
    expect(await other.enter('Talan')).toMatchObject({ name: 'Talan', elsewhere: false });
    // Nobody reads, or answers in, what is somebody else's.
    expect((await other.call('GET', `/runs/${one.run!.run.id}`)).status).toBe(404);
    expect((await one.look()).view.waits).toBe('answer');
  });

  test('names from a list, spelled as on it; those who have not begun are on the page', async () => {
    const { id, code } = await offered({ names: 'list', list: ['Rosen', 'Nessa B.'] });
    const phone = new Phone(code);
    expect((await phone.call('POST', '/me', { name: 'Somebody' })).status).toBe(404);
    expect(await phone.enter('nessa b')).toMatchObject({ name: 'Nessa B.' });
    expect((await page(id)).people.map(({ name, state }) => [name, state])).toEqual([
      ['Nessa B.', 'notBegun'],
      ['Rosen', 'notBegun'],
    ]);
    expect((await phone.call('GET', '')).json.head.settings.list).toHaveLength(2);
  });

  test('without names every phone is somebody of their own', async () => {
    const { id, code } = await offered({ names: 'none' });
    for (const phone of [new Phone(code), new Phone(code)]) {
      await phone.enter('');
      await (await phone.begin()).all(1);
    }
    expect((await page(id)).people.map(({ points }) => points)).toEqual([3, 3]);
  });

  test.each([
    ['best', 3],
    ['last', 0],
    ['mean', 1.5],
  ] as const)('two attempts, the %s counts; a third there is not', async (counts, points) => {
    const { id, code } = await offered({ attempts: 2, counts, hints: false });
    const phone = new Phone(code);
    await phone.enter('Ansa');
    await (await phone.begin()).all(1);
    await (await phone.begin()).all(0);
    await expect(phone.begin()).rejects.toThrow('attemptsUsed');
    expect((await page(id)).people).toMatchObject([{ points, attempts: 2 }]);
    // For oneself it can be played on.
    await (await phone.begin('own')).all(1);
    expect((await page(id)).people).toMatchObject([{ points, attempts: 2 }]);
  });

  test('closed by the host or by its date: what was done counts, and nothing more; a later date opens it', async () => {
    const { id, code } = await offered({ due: { at: Date.now() + 3_600_000, zone: 'Europe/Berlin' } });
    const phone = new Phone(code);
    await phone.enter('Ansa');
    await phone.begin();
    await phone.answer(1);
    await host.call('POST', `/api/practices/${id}/close`);
    expect((await phone.goOn()).json.view).toMatchObject({ waits: 'over', summary: { points: 1 } });
    await expect(phone.begin()).rejects.toThrow('practiceClosed');
    expect(await page(id)).toMatchObject({ people: [{ state: 'finished', points: 1 }] });
    await host.call('POST', `/api/practices/${id}/reopen`);
    await phone.begin();
    const late = { ...defaultPractice, due: { at: Date.now() - 120_000, zone: 'Europe/Berlin' } };
    await host.call('PUT', `/api/practices/${id}/settings`, late);
    expect((await phone.look()).view.waits).toBe('over');
    await expect(phone.begin()).rejects.toThrow('practiceClosed');
    await (await phone.begin('own')).all(1);
  });

  test('after its date an attempt counts so much less; one whose time ran out while nobody was there does not', async () => {
    const { jest } = await import('@jest/globals');
    const now = Date.now();
    const due = { at: now + 3_600_000, zone: 'Europe/Berlin' };
    const { id, code } = await offered({ due, late: 50, minutes: 30, counts: 'last' });
    const phone = new Phone(code);
    await phone.enter('Ansa');
    await phone.begin();
    await phone.answer(1);
    const clock = jest.spyOn(Date, 'now').mockReturnValue(now + 7_200_000);
    try {
      expect((await phone.look()).view.waits).toBe('over');
      expect(await page(id)).toMatchObject({ people: [{ points: 1, late: false }] });
      await (await phone.begin()).all(1);
      expect(await page(id)).toMatchObject({ people: [{ points: 1.5, late: true }] });
      expect((await host.call('GET', `/api/practices/${id}/grades.csv`)).text).toContain(',late');
      // How a practice is asked is fixed; nothing that games taught is in what is taken out of it.
      await host.call('PUT', `/api/practices/${id}/settings`, { ...defaultPractice, due, adaptive: true });
      expect((await page(id)).practice.settings.adaptive).toBe(false);
    } finally {
      clock.mockRestore();
    }
  });

  test('a page left and a time that ran out: the run is over without anybody there', async () => {
    const { id, code } = await offered({ minutes: 1 });
    const phone = new Phone(code);
    await phone.enter('Ansa');
    await phone.begin();
    await phone.answer(1);
    const now = Date.now();
    const { jest } = await import('@jest/globals');
    const clock = jest.spyOn(Date, 'now').mockReturnValue(now + 62_000);
    try {
      expect(await page(id)).toMatchObject({ people: [{ state: 'finished', points: 1 }] });
      expect((await phone.goOn()).json.view.waits).toBe('over');
    } finally {
      clock.mockRestore();
    }
  });
});

describe('kept from others', () => {
  test('a host sees and changes only what is theirs', async () => {
    const { id } = await offered();
    const other = await world.host();
    for (const [method, path] of [
      ['GET', ''],
      ['GET', '/grades.csv'],
      ['GET', '/questions'],
      ['PUT', '/settings'],
      ['POST', '/close'],
      ['POST', '/reopen'],
      ['DELETE', '/people/x'],
      ['DELETE', ''],
      ['POST', '/restore'],
    ] as const) {
      const body = method === 'PUT' ? defaultPractice : undefined;
      expect([path, (await other.call(method, `/api/practices/${id}${path}`, body)).status]).toEqual([
        path,
        404,
      ]);
      expect([path, (await world.call(method, `/api/practices/${id}${path}`, body)).status]).toEqual([
        path,
        401,
      ]);
    }
    expect(
      (
        await other.call('POST', '/api/practices', {
          of: { what: 'set', id: set },
          settings: defaultPractice,
        })
      ).status,
    ).toBe(404);
  });

  test('deleted and had again; somebody taken out with all that they did', async () => {
    const { id, code } = await offered();
    const phone = new Phone(code);
    await phone.enter('Ansa');
    await phone.begin();
    expect((await host.call('DELETE', `/api/practices/${id}`)).status).toBe(204);
    expect((await phone.call('GET', '')).status).toBe(404);
    await host.call('POST', `/api/practices/${id}/restore`);
    expect((await phone.look()).view.waits).toBe('answer');
    const [person] = (await page(id)).people;
    await host.call('DELETE', `/api/practices/${id}/people/${person!.id}`);
    expect((await page(id)).people).toEqual([]);
    expect((await phone.call('GET', '')).json.me).toBeNull();
  });

  test('what a phone calls its run is its own: nobody hits upon one of somebody else', async () => {
    const { code } = await offered();
    const [one, other] = [new Phone(code), new Phone(code)];
    await one.enter('Ansa');
    await one.begin('counted', null, 'the-same');
    await one.answer(1);
    await other.enter('Rosen');
    await other.begin('counted', null, 'the-same');
    expect(other.run!.run.id).not.toBe(one.run!.run.id);
    expect(other.run!.view.summary.lengths).toEqual([]);
    // What the server calls it leads nowhere from outside.
    await (await other.begin('own', null, one.run!.run.id)).answer(0);
    expect((await one.look()).view.summary.points).toBe(1);
  });

  test('whoever sends without end is slowed down, and nobody else', async () => {
    const { code } = await offered();
    const [flood, calm] = [new Phone(code), new Phone(code)];
    for (const [phone, name] of [
      [flood, 'Ansa'],
      [calm, 'Rosen'],
    ] as const) {
      await phone.enter(name);
      await phone.begin();
    }
    const all = await Promise.all(Array.from({ length: 100 }, () => flood.goOn()));
    expect(all.filter(({ status }) => status === 429).length).toBeGreaterThan(10);
    expect((await calm.answer(1)).status).toBe(200);
  });

  test('wrong codes slow down whoever guesses, not those who are in', async () => {
    const { code } = await offered();
    const inside = new Phone(code);
    await inside.enter('Ansa');
    for (let i = 0; i < 45; i++) await world.call('GET', '/api/practice/XXXXX');
    expect((await world.call('GET', '/api/practice/XXXXX')).status).toBe(429);
    expect((await inside.call('GET', '')).status).toBe(200);
  });
});
