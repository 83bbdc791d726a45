import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Show } from '@distaff/core/show';
import type { DeskView, SeatView } from '@distaff/core/sitting';
import type { OwnEvening, Results } from '@distaff/core/report';
import type { SittingResults } from '@distaff/core/wire';
import { QueryTypes } from 'sequelize';
import { openDatabase } from '../src/db/database.ts';
import { Sittings } from '../src/db/sittings.ts';
import { showWith } from './evening.ts';
import { unique, World, type Host } from './world.ts';

let world: World;
let host: Host;
const database = openDatabase(process.env.TEST_DATABASE_URL!);
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(async () => {
  await world.close();
  await database.close();
});

/** Played to the close by somebody whose name, typed answer and points by hand can be found again. */
async function played(canary: string, token = unique('token-token-token')): Promise<string> {
  const made = showWith('quiz', 'everyone');
  const show: Show = {
    ...made,
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
    teams: made.teams.map((team) => ({ ...team, members: [`${canary} m`] })),
    questions: Object.fromEntries(
      Object.entries(made.questions).map(([id, question]) => [
        id,
        {
          ...question,
          answer: {
            kind: 'text' as const,
            accepted: ['right'],
            forgive: { case: true, accents: true, articles: true, slips: false },
          },
        },
      ]),
    ),
  };
  const { id, code } = await host.sitting(show);
  const desk = host.desk(id);
  const phone = world.connect({ as: 'handset', code });
  await phone.until(() => phone.last('view'));
  expect(await phone.join(canary, 't0', token)).toMatchObject({ ok: true });
  await phone.until(() => phone.last<SeatView>('seat'));
  await desk.until(() => desk.last('view'));
  const view = () => desk.last<DeskView>('view')!;
  while (view().question?.step !== 'open') {
    const { seq, private: own } = view();
    await desk.sendOn(own.next.command!);
    await desk.until(() => view().seq > seq);
  }
  await phone.sendOn({ type: 'answer', play: view().question!.play, answer: { text: `${canary} typed` } });
  await desk.until(() => view().question?.step !== 'open');
  await desk.sendOn({ type: 'adjust', team: 't0', amount: 5, reason: `for ${canary}` });
  expect(await desk.sendOn({ type: 'close' })).toMatchObject({ ok: true });
  return id;
}
/** Everything that any table holds of a sitting, packed results unpacked by the way that pages take. */
async function everything(id: string): Promise<string> {
  const rows = await Promise.all(
    ['sitting', 'sitting_log', 'question_played'].map((table) =>
      database.query(`SELECT * FROM ${table} WHERE ${table === 'sitting' ? 'id' : 'sitting_id'} = ?`, {
        replacements: [id],
        type: QueryTypes.SELECT,
      }),
    ),
  );
  const pages = await Promise.all(
    ['results', 'responses', 'scores', 'standings.csv', 'responses.csv'].map(
      async (page) => (await host.call('GET', `/api/sittings/${id}/${page}`)).text,
    ),
  );
  return JSON.stringify(rows) + pages.join('');
}

const responses = async (id: string) =>
  (await host.call('GET', `/api/sittings/${id}/responses`)).json.responses as Results['responses'];

test('people made anonymous are in no table, page or file any more; the figures are what they were', async () => {
  const canary = unique('Canary').slice(0, 20);
  const id = await played(canary);
  const results = async () => (await host.call('GET', `/api/sittings/${id}/results`)).json as SittingResults;
  const before = await results();
  expect(await everything(id)).toContain(canary);
  const stranger = await world.host();
  expect((await stranger.call('POST', `/api/sittings/${id}/anonymous`)).status).toBe(404);
  expect((await host.call('POST', `/api/sittings/${id}/anonymous`)).status).toBe(204);
  expect(await everything(id)).not.toContain(canary);
  const after = await results();
  expect(after.sitting.anonymousSince).not.toBeNull();
  expect(after.report.rows).toEqual(before.report.rows);
  expect(after.results.standings.map(({ score }) => score)).toEqual(
    before.results.standings.map(({ score }) => score),
  );
  // And what is put right afterwards works on it.
  const { play, who } = (await responses(id)).find((row) => row.who !== null)!;
  const command = { type: 'acceptAnswer', play, who };
  const { status } = await host.call('POST', `/api/sittings/${id}/corrections`, { id: unique('c'), command });
  expect(status).toBe(200);
});

test('a player comes back to their own answers by what held their seat, until the host closes that', async () => {
  const token = unique('token-token-token');
  const id = await played('Ansa', token);
  const mine = async (by = token) => {
    const answer = await fetch(`${world.url}/api/mine`, { headers: { authorization: `Bearer ${by}` } });
    return { status: answer.status, ...((await answer.json()) as Partial<OwnEvening>) };
  };
  const own = await mine();
  expect(own).toMatchObject({ status: 200, name: 'Ansa', place: 1 });
  expect(own.answers!.map(({ given, key, share }) => [given, key, share])).toContainEqual([
    ['Ansa typed'],
    'right',
    0,
  ]);
  expect((await mine(unique('another-token-another'))).status).toBe(404);
  const close = (by: Host, closed: boolean) =>
    by.call('PUT', `/api/sittings/${id}/answers-closed`, { closed });
  expect((await close(await world.host(), true)).status).toBe(404);
  expect((await close(host, true)).status).toBe(204);
  expect((await mine()).status).toBe(404);
  await close(host, false);
  expect((await mine()).status).toBe(200);
  await host.call('POST', `/api/sittings/${id}/anonymous`);
  expect((await mine()).status).toBe(404);
});

test('a game cleared of its answers keeps nothing that was done in it, but that it was held', async () => {
  const canary = unique('Canary').slice(0, 20);
  const id = await played(canary);
  const open = await host.sitting();
  expect((await host.call('POST', `/api/sittings/${open.id}/clear`)).json).toMatchObject({ code: 'stillOn' });
  expect((await host.call('POST', `/api/sittings/${id}/clear`)).status).toBe(204);
  expect(await everything(id)).not.toContain(canary);
  const { sitting, results, report } = (await host.call('GET', `/api/sittings/${id}/results`))
    .json as SittingResults;
  expect([sitting.clearedAt, sitting.closedAt]).not.toContain(null);
  expect([await responses(id), report.knowers.length, report.items]).toEqual([[], 0, []]);
  expect(results.standings.every(({ score }) => score === 0)).toBe(true);
  // The log reads on: the next start finds nothing to complain of.
  expect((await host.call('GET', `/api/sittings/${id}/scores`)).status).toBe(200);
});

test('a deleted game is gone from everywhere, can be had again, and is taken away for good after its time', async () => {
  const [id, other] = [await played('Ansa'), await played('Jory')];
  const listed = async (deleted = '') =>
    ((await host.call('GET', `/api/sittings?limit=200${deleted}`)).json.sittings as { id: string }[]).map(
      (one) => one.id,
    );
  const open = await host.sitting();
  expect((await host.call('DELETE', `/api/sittings/${open.id}`)).json).toMatchObject({ code: 'stillOn' });
  expect((await host.call('DELETE', `/api/sittings/${id}`)).status).toBe(204);
  expect(await listed()).not.toContain(id);
  expect(await listed('&deleted=1')).toEqual([id]);
  for (const page of ['results', 'scores', 'responses.csv', 'marks'])
    expect((await host.call('GET', `/api/sittings/${id}/${page}`)).status).toBe(404);
  const stranger = await world.host();
  expect((await stranger.call('POST', `/api/sittings/${id}/restore`)).status).toBe(404);
  expect((await host.call('POST', `/api/sittings/${id}/restore`)).status).toBe(204);
  expect(await listed()).toContain(id);
  expect((await host.call('GET', `/api/sittings/${id}/results`)).status).toBe(200);

  await host.call('DELETE', `/api/sittings/${id}`);
  const store = new Sittings(database);
  expect(await store.purge(Date.now() - 30 * 24 * 3_600_000)).toBe(0);
  // Other tests may have deleted some of theirs.
  expect(await store.purge(Date.now() + 1000)).toBeGreaterThan(0);
  const left = await database.query('SELECT seq FROM sitting_log WHERE sitting_id = ?', {
    replacements: [id],
    type: QueryTypes.SELECT,
  });
  expect(left).toEqual([]);
  expect((await host.call('GET', `/api/sittings/${other}/results`)).status).toBe(200);
});
