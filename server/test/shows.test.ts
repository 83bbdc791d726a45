import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { changesBetween, type Change } from '@distaff/core/document';
import type { RoundOf } from '@distaff/core/show';
import { demoShow, World, type Host } from './world.ts';

let world: World;
let host: Host;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(() => world.close());

describe('the library', () => {
  test('a show is kept as it was written, duplicated on its own, deleted and restored', async () => {
    const show = demoShow();
    const { json: made } = await host.call('POST', '/api/shows', { show });
    expect((await host.call('GET', `/api/shows/${made.id}`)).json.show).toEqual(show);
    const copy = (await host.call('POST', `/api/shows/${made.id}/duplicate`, { title: 'Copy' })).json;
    await host.call('DELETE', `/api/shows/${made.id}`);
    expect((await host.call('GET', `/api/shows/${made.id}`)).status).toBe(404);
    const titles = async (query: string) =>
      (await host.call('GET', `/api/shows${query}`)).json.shows.map((one: { id: string }) => one.id);
    expect(await titles('')).toEqual([copy.id]);
    expect(await titles('?deleted=1')).toEqual([made.id]);
    expect((await host.call('POST', `/api/shows/${made.id}/restore`)).json.show).toEqual(show);
    expect((await host.call('GET', `/api/shows/${copy.id}`)).json.show.title).toBe('Copy');
  });

  test('earlier states are kept as one works and before the doors open, and handed out to their host alone', async () => {
    const { json: made } = await host.call('POST', '/api/shows', { show: demoShow() });
    const at = `/api/shows/${made.id}`;
    const save = (version: number, title: string) =>
      host.call('PUT', at, { version, show: { ...demoShow(), title } });
    const kept = async () =>
      (await host.call('GET', `${at}/versions`)).json.versions.map((one: { title: string }) => one.title);
    expect(await kept()).toEqual([]);
    await save(1, 'Second');
    await save(2, 'Third');
    // One an hour while somebody works.
    expect(await kept()).toEqual([demoShow().title]);
    await host.call('POST', `${at}/sittings`, {});
    await save(3, 'Fourth');
    expect(await kept()).toEqual(['Third', demoShow().title]);
    expect((await host.call('GET', `${at}/versions/3`)).json.show.title).toBe('Third');
    expect((await host.call('GET', `${at}/versions/2`)).status).toBe(404);
    const other = await world.host();
    expect((await other.call('GET', `${at}/versions`)).status).toBe(404);
    expect((await other.call('GET', `${at}/versions/3`)).status).toBe(404);
  });

  test('the last forty earlier states are kept, no more', async () => {
    const { json: made } = await host.call('POST', '/api/shows', { show: demoShow() });
    const at = `/api/shows/${made.id}`;
    for (let version = 1; version <= 43; version++) {
      await host.call('POST', `${at}/versions`);
      await host.call('PUT', at, { version, show: { ...demoShow(), title: `State ${version + 1}` } });
    }
    const { versions } = (await host.call('GET', `${at}/versions`)).json;
    expect(versions.map((one: { version: number }) => one.version)).toEqual(
      Array.from({ length: 40 }, (_, i) => 43 - i),
    );
  });

  test('a stale save changes nothing and hands over the newer show', async () => {
    const { json: made } = await host.call('POST', '/api/shows', { show: demoShow() });
    const first = { ...demoShow(), title: 'First' };
    expect((await host.call('PUT', `/api/shows/${made.id}`, { version: 1, show: first })).json.version).toBe(
      2,
    );
    const late = await host.call('PUT', `/api/shows/${made.id}`, { version: 1, show: demoShow() });
    expect(late.status).toBe(409);
    expect(late.json).toMatchObject({ code: 'stale', current: { version: 2, show: { title: 'First' } } });
    expect((await host.call('GET', `/api/shows/${made.id}`)).json.show.title).toBe('First');
  });

  test('only what was changed is sent; what it makes is read as a whole, and a stale one is refused', async () => {
    const { json: made } = await host.call('POST', '/api/shows', { show: demoShow() });
    const at = `/api/shows/${made.id}`;
    const change = (version: number, changes: Change[]) => host.call('PATCH', at, { version, changes });
    const after = demoShow();
    after.title = 'Changed';
    after.teams.reverse();
    after.questions['tides-100']!.tags = [' tide '];
    const saved = await change(1, changesBetween(demoShow(), after));
    expect(saved.json).toEqual({
      version: 2,
      otherwise: [{ path: ['questions', 'tides-100', 'tags'], value: ['tide'] }],
    });
    const now = (await host.call('GET', at)).json.show;
    expect(now).toEqual({
      ...after,
      questions: { ...after.questions, 'tides-100': { ...after.questions['tides-100'], tags: ['tide'] } },
    });
    expect((await change(1, [{ path: ['title'], value: 'Late' }])).json).toMatchObject({
      code: 'stale',
      current: { version: 2, show: { title: 'Changed' } },
    });
    for (const bad of [
      [{ path: ['title'], value: 'x'.repeat(121) }],
      [{ path: ['teams'], gone: true as const }],
      [{ path: ['rounds', 'none', 'title'], value: 'x' }],
      [{ path: ['__proto__', 'title'], value: 'x' }],
      [{ path: [], value: null }],
    ])
      expect((await change(2, bad)).status).toBe(400);
    expect((await host.call('GET', at)).json).toMatchObject({ version: 2, show: { title: 'Changed' } });
  });

  test("another host's show is not there for me", async () => {
    const { json: made } = await host.call('POST', '/api/shows', { show: demoShow() });
    const other = await world.host();
    for (const [method, path, body] of [
      ['GET', '', undefined],
      ['PUT', '', { version: 1, show: demoShow() }],
      ['PATCH', '', { version: 1, changes: [] }],
      ['DELETE', '', undefined],
      ['POST', '/duplicate', { title: 'Mine' }],
      ['POST', '/sittings', undefined],
    ] as const)
      expect((await other.call(method, `/api/shows/${made.id}${path}`, body)).status).toBe(404);
  });

  test.each([
    [
      'nine options',
      (show: ReturnType<typeof demoShow>) => {
        const answer = show.questions['tides-100']!.answer;
        if (answer.kind === 'choice')
          answer.options.push(...Array.from({ length: 5 }, (_, i) => ({ id: `x${i}`, text: '' })));
      },
    ],
    [
      'a value with a fraction',
      (show: ReturnType<typeof demoShow>) =>
        ((show.rounds[0] as RoundOf<'board'>).content.values[0]!.points = 1.5),
    ],
    ['a title beyond bounds', (show: ReturnType<typeof demoShow>) => (show.title = 'x'.repeat(121))],
  ])('%s is refused with a sentence', async (_name, change) => {
    const show = demoShow();
    change(show);
    const { status, json } = await host.call('POST', '/api/shows', { show });
    expect([status, json.code]).toEqual([400, 'invalid']);
    expect(json.detail).toMatch(/\.$/);
  });
});

describe('opening the doors', () => {
  test('a show that cannot be played stays shut and says why', async () => {
    const show = { ...demoShow(), teams: demoShow().teams.slice(0, 1) };
    const { json: made } = await host.call('POST', '/api/shows', { show });
    const refused = await host.call('POST', `/api/shows/${made.id}/sittings`);
    expect(refused.status).toBe(409);
    expect(refused.json.findings).toMatchObject([{ code: 'tooFewTeams' }]);
  });
  test('a join code leads in any case and with blanks, and to nothing when wrong', async () => {
    const { code } = await host.sitting();
    const typed = ` ${code.slice(0, 2).toLowerCase()} ${code.slice(2)}`;
    expect((await world.call('GET', `/api/join/${encodeURIComponent(typed)}`)).json.code).toBe(code);
    expect((await world.call('GET', '/api/join/CCCCC')).status).toBe(404);
    expect((await world.call('GET', '/api/join/%3Cscript%3E')).status).toBe(404);
  });
});
