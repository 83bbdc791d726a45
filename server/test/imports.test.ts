import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { QueryTypes } from 'sequelize';
import { openDatabase } from '../src/db/database.ts';
import { question, World, type Host } from './world.ts';

const world = new World();
let host: Host;
beforeAll(async () => {
  await world.open();
  host = await world.host();
});
afterAll(async () => {
  await world.close();
  await database.close();
});

const database = openDatabase(process.env.TEST_DATABASE_URL!);
/** Holds a set as somebody else who writes in it would: what is to be stored there waits. */
async function held<T>(set: string, during: () => Promise<T>): Promise<T> {
  const transaction = await database.transaction();
  try {
    await database.query('SELECT id FROM question_set WHERE id = ? FOR UPDATE', {
      replacements: [set],
      type: QueryTypes.SELECT,
      transaction,
    });
    return await during();
  } finally {
    await transaction.commit();
  }
}

const questions = Array.from({ length: 3000 }, (_, i) => question(`Which rope is number ${i}?`));
const progressOf = async (id: string, who = host) =>
  (await who.call('GET', `/api/imports/${id}/progress`)).json.progress as { stored: number } | null;
/** Waits until an import is being stored. */
async function begun(id: string): Promise<void> {
  while ((await progressOf(id)) === null) await new Promise((resolve) => setTimeout(resolve, 5));
}

test('an import is watched and broken off while it is stored: nothing of it stays, and it can be done again', async () => {
  const other = await world.host();
  const set = await host.makeSet('Ropes', []);
  const bring = (id: string, some = questions) =>
    host.call('POST', '/api/imports', { id, set: set.id, source: 'ropes.csv', questions: some });
  const count = async () => (await host.call('GET', `/api/questions?set=${set.id}`)).json.total;

  // However slow all this is, the import is still on.
  const { storing, breaking } = await held(set.id, async () => {
    const own = bring('import-one-1');
    await begun('import-one-1');
    const [seen, deleted, again] = [
      await progressOf('import-one-1', other),
      await other.call('DELETE', '/api/imports/import-one-1'),
      await bring('import-one-1', questions.slice(0, 1)),
    ];
    expect([seen, deleted.status, again.json.code]).toEqual([null, 404, 'runs']);
    const broken = host.call('DELETE', '/api/imports/import-one-1');
    // It arrives before anything is stored.
    await new Promise((resolve) => setTimeout(resolve, 300));
    return { storing: own, breaking: broken };
  });
  expect((await breaking).json).toEqual({ count: 0 });
  expect((await storing).json.code).toBe('brokenOff');
  expect(await count()).toBe(0);
  expect(await progressOf('import-one-1')).toBeNull();

  expect((await bring('import-one-1')).json).toEqual({ id: 'import-one-1', count: 3000 });
  expect((await bring('import-one-1')).json.code).toBe('stored');
  expect(await count()).toBe(3000);
  expect((await host.call('DELETE', '/api/imports/import-one-1')).json).toEqual({ count: 3000 });
  expect(await count()).toBe(0);
});

test('of a word in very many questions as many are counted as anyone looks through, the same as by the index', async () => {
  const set = await host.makeSet('Many', []);
  const sent = [...questions, ...questions.slice(0, 200), question('Anchors away')];
  await host.call('POST', '/api/imports', { set: set.id, source: 'many.csv', questions: sent });
  const ids = async (query: string) => {
    const { json } = await host.call('GET', `/api/questions?${query}&limit=200`);
    return { ...json, ids: json.questions.map((one: { id: string }) => one.id) as string[] };
  };
  // The first pages are read along the list, the later ones come from the index: together each once.
  const along = await ids('q=rope');
  expect(along).toMatchObject({ total: 3000, more: true });
  const byIndex = await ids('q=rope&offset=600');
  const whole = [along, await ids('q=rope&offset=200'), await ids('q=rope&offset=400'), byIndex];
  expect(new Set(whole.flatMap((page) => page.ids)).size).toBe(800);
  expect(await ids('q=anch')).toMatchObject({ total: 1, more: false });
  expect((await ids(`q=rope&set=${set.id}&sort=place`)).questions[0].prompt).toBe('Which rope is number 0?');
});

test('every import is listed, the last first, to be taken back whenever', async () => {
  const own = await world.host();
  const set = await own.makeSet('Listed', []);
  for (let n = 1; n <= 25; n++) {
    const questions = [question(`Which is ${n}?`)];
    await own.call('POST', '/api/imports', { set: set.id, source: `${n}.csv`, questions });
  }
  const pages = [];
  for (const offset of [0, 10, 20])
    pages.push((await own.call('GET', `/api/imports?limit=10&offset=${offset}`)).json);
  expect(pages.map((page) => page.total)).toEqual([25, 25, 25]);
  const all = pages.flatMap((page) => page.imports);
  expect(all.map((one) => one.source)).toEqual(Array.from({ length: 25 }, (_, i) => `${25 - i}.csv`));
  await own.call('DELETE', `/api/imports/${all[24].id}`);
  const [oldest] = (await own.call('GET', '/api/imports?limit=1&offset=24')).json.imports;
  expect(oldest).toMatchObject({ source: '1.csv', questions: 1, setTitle: 'Listed', takenBack: true });
  expect((await host.call('GET', '/api/imports?limit=100')).json.imports).not.toContainEqual(
    expect.objectContaining({ setTitle: 'Listed' }),
  );
});
