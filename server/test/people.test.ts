import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import { defaultPractice } from '@distaff/core/practice';
import type { FoundPerson, GroupPage, SittingResults } from '@distaff/core/wire';
import { QueryTypes } from 'sequelize';
import { openDatabase } from '../src/db/database.ts';
import { gather, once, playOut, showWith } from './evening.ts';
import { unique, World, type Host } from './world.ts';

let world: World;
let host: Host;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
const database = openDatabase(process.env.TEST_DATABASE_URL!);
afterAll(async () => {
  await world.close();
  await database.close();
});

/** A game of three phones, one of each team; `roster` are further names at its doors. */
async function played(more: object = {}): Promise<string> {
  const made = showWith('quiz', 'everyone');
  const evening = await gather(world, host, {
    ...made,
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
    ...more,
  });
  await playOut(evening, once);
  return evening.id;
}
const find = async (name: string) =>
  (await host.call('GET', `/api/people?name=${encodeURIComponent(name)}`)).json.people as FoundPerson[];
const results = async (id: string) =>
  (await host.call('GET', `/api/sittings/${id}/results`)).json as SittingResults;

test('one person is found everywhere, taken out as one file, and removed; everybody else and every figure stays', async () => {
  const group = unique('7B');
  const game = await played({ group });
  await host.call('PUT', '/api/rosters', { name: group, names: ['Of Bowline', 'Somebody Else'] });
  const { id: set } = await host.makeSet('Knots', Object.values(showWith('quiz', 'everyone').questions));
  const settings = { ...defaultPractice, names: 'list', list: ['Of Bowline', 'Somebody Else'] };
  const { json: practice } = await host.call('POST', '/api/practices', {
    of: { what: 'set', id: set },
    settings,
  });
  await world.call(
    'POST',
    `/api/practice/${practice.code}/me`,
    { name: 'Of Bowline' },
    {
      authorization: `Bearer ${unique('a-phone-of-hers')}`,
    },
  );

  // Also as a member, in a show that is only written, and in what it was before.
  const written = showWith('quiz', 'everyone');
  written.teams = written.teams.map((team, i) => (i === 0 ? { ...team, members: ['Of Bowline'] } : team));
  const { json: show } = await host.call('POST', '/api/shows', { show: written });
  await host.call('POST', `/api/shows/${show.id}/versions`);
  const everyState = () =>
    database.query(
      'SELECT doc FROM show_doc WHERE id = ? UNION ALL SELECT doc FROM show_version WHERE show_id = ?',
      {
        replacements: [show.id, show.id],
        type: QueryTypes.SELECT,
      },
    );
  expect(JSON.stringify(await everyState()).match(/Of Bowline/g)).toHaveLength(2);

  expect(await find('bowline, of')).toMatchObject([
    { name: 'Of Bowline', games: [{ id: game }], practices: [{ id: practice.id }], lists: [group, 'quiz'] },
  ]);
  expect((await find('nobody at all')).length).toBe(0);
  const file = await host.call('GET', '/api/people/everything.json?name=Of%20Bowline');
  expect(file.json).toMatchObject({
    name: 'Of Bowline',
    games: [{ name: 'Of Bowline', answers: [{ answer: 'wrong' }, {}, {}] }],
    practices: [{ title: 'Knots' }],
    lists: [group],
  });

  const before = await results(game);
  const stranger = await world.host();
  await stranger.call('DELETE', '/api/people?name=Of%20Bowline');
  expect(await find('Of Bowline')).toHaveLength(1);
  expect((await host.call('DELETE', '/api/people?name=Of%20Bowline')).status).toBe(204);
  expect(await find('Of Bowline')).toEqual([]);
  expect(JSON.stringify(await everyState())).not.toContain('Of Bowline');
  const after = await results(game);
  expect(JSON.stringify(after)).not.toContain('Of Bowline');
  expect(after.report.rows).toEqual(before.report.rows);
  expect(after.report.knowers.map(({ name }) => name)).toEqual(['#1', 'Of Fairlead', 'Of Leeward']);
  const { term } = (await host.call('GET', `/api/groups/${group}`)).json as GroupPage;
  expect(term.people.map(({ name }) => name)).toEqual(['Somebody Else', 'Of Fairlead', 'Of Leeward']);
  expect((await host.call('GET', '/api/people?name=%231')).status).toBe(400);
});

test('people are forgotten after their time, and it is said beforehand', async () => {
  const game = await played();
  const trial = async (days: number) =>
    (await host.call('GET', `/api/people/keeping/trial?days=${days}`)).json;
  expect(await trial(30)).toMatchObject({ now: 0, soon: expect.any(Number) });
  const day = 24 * 3_600_000;
  await host.call('PUT', '/api/people/keeping', { days: 30 });
  expect((await host.call('GET', '/api/people/keeping')).json).toEqual({ days: 30 });
  for (const wrong of [0, 1.5, 'soon', 99_999])
    expect((await host.call('PUT', '/api/people/keeping', { days: wrong })).status).toBe(400);
  const { email, cookie } = host;
  expect((await results(game)).sitting.anonymousSince).toBeNull();
  // A month later the server starts again.
  await world.close();
  const clock = jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 31 * day);
  world = await new World().open();
  clock.mockRestore();
  host = Object.assign(Object.create(Object.getPrototypeOf(host)), { world, email, cookie }) as Host;
  const end = Date.now() + 5000;
  while ((await results(game)).sitting.anonymousSince === null && Date.now() < end)
    await new Promise((resolve) => setTimeout(resolve, 100));
  expect((await results(game)).report.knowers.map(({ name }) => name)).toEqual(['#1', '#2', '#3']);
});
