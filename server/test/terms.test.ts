import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import { blankSelection } from '@distaff/core/library';
import { defaultPractice } from '@distaff/core/practice';
import { usualMarks } from '@distaff/core/report';
import { newRound, type RoundOf } from '@distaff/core/show';
import type { DeskView } from '@distaff/core/sitting';
import type { Learnt } from '@distaff/core/learn';
import { playThrough, usualRoom } from '@distaff/core/rehearsal';
import { seeded } from '@distaff/core/random';
import { usualLeague, type League } from '@distaff/core/term';
import type { ComparedPage, GroupPage, LeaguePage, PublicLeague } from '@distaff/core/wire';
import { openDatabase } from '../src/db/database.ts';
import { Sittings } from '../src/db/sittings.ts';
import { gather, once, playOut, showWith } from './evening.ts';
import { unique, World, type Host } from './world.ts';

let world: World;
let host: Host;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(() => world.close());

/** A group plays three questions of the library, each for themselves: the first of them is always wrong. */
async function played(group: string, questions: readonly string[]): Promise<string> {
  const show = showWith('quiz', 'everyone');
  const own = Object.values(show.questions).map((question, i) => ({
    ...question,
    origin: { id: questions[i]!, version: 1 },
  }));
  const evening = await gather(world, host, {
    ...show,
    group,
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
    questions: Object.fromEntries(own.map((question) => [question.id, question])),
  });
  await playOut(evening, once);
  return evening.id;
}
const get = async <T>(path: string): Promise<T> => {
  const { status, json, text } = await host.call('GET', path);
  if (status !== 200) throw new Error(`${status} ${text}`);
  return json as T;
};

test('a group over its games: who was there, what was missed, a set of it that is the same questions', async () => {
  const group = unique('7B');
  const questions = Object.values(showWith('quiz', 'everyone').questions);
  const { ids } = await host.makeSet('Knots', questions);
  const first = await played(group, ids);
  const { term, now } = await get<GroupPage>(`/api/groups/${group}`);
  expect(term.games).toMatchObject([{ sitting: first, people: 3, items: 3 }]);
  expect(term.people.map(({ share }) => share)).toEqual([0, 1, 1]);
  expect(term.missed.map(({ id }) => id)).toEqual(ids);
  expect(term.missed[0]!.due! - now).toBeGreaterThan(20 * 3_600_000);

  // What is asked again is the same question, also from a set of its own.
  const { json: again } = await host.call('POST', `/api/groups/${group}/questions`, { ids });
  const copies = await host.makeSet('Once more', again.questions);
  expect(copies.ids).not.toEqual(ids);
  await played(group, copies.ids);
  const later = (await get<GroupPage>(`/api/groups/${group}`)).term;
  expect(later.missed.map(({ id, asked }) => [id, asked.length])).toEqual(ids.map((id) => [id, 2]));

  // Homework of the group is one of its games; who finished nothing was not there.
  const settings = { ...defaultPractice, group, hints: false, shuffleOptions: false };
  const offered = { of: { what: 'set', id: copies.id }, settings };
  const { json: practice } = await host.call('POST', '/api/practices', offered);
  const phone = (method: string, path: string, body?: unknown) =>
    world.call(method, `/api/practice/${practice.code}${path}`, body, {
      authorization: `Bearer ${group.padEnd(24, 'x')}`,
    });
  await phone('POST', '/me', { name: later.people[1]!.name });
  expect((await get<GroupPage>(`/api/groups/${group}`)).term.games).toHaveLength(2);

  // Marks over both, by a rule that is tried, then kept.
  const rule = { rule: usualMarks, several: 'mean', without: [] };
  const marks = await host.call('POST', `/api/groups/${group}/marks`, rule);
  expect(marks.json.marks.map(({ mark, parts }: { mark: number; parts: number[] }) => [mark, parts])).toEqual(
    [
      [0, [0, 0]],
      [100, [100, 100]],
      [100, [100, 100]],
    ],
  );
  await host.call('PUT', `/api/groups/${group}/marks`, { ...rule, several: 'best', without: [first] });
  expect(await get(`/api/groups/${group}/marks`)).toMatchObject({ several: 'best', without: [first] });

  const pair = await get<ComparedPage>(`/api/comparison?first=group:${group}&second=game:${first}`);
  expect(pair.comparison.questions).toHaveLength(3);
  expect(pair.comparison.both).toBe(3);
  const { groups } = await get<{ groups: { name: string; games: number }[] }>('/api/groups');
  expect(groups.find(({ name }) => name === group)).toMatchObject({ games: 2, people: null });
});

test('people made anonymous, and games deleted, are none of a group any more', async () => {
  const group = unique('8C');
  const { ids } = await host.makeSet('Knots', Object.values(showWith('quiz', 'everyone').questions));
  const [one, other] = [await played(group, ids), await played(group, ids)];
  await host.call('POST', `/api/sittings/${one}/anonymous`);
  const { term } = await get<GroupPage>(`/api/groups/${group}`);
  expect(term.games.map(({ share }) => share)).toEqual([term.games[1]!.share, term.games[1]!.share]);
  expect(term.people.map(({ attended }) => attended)).toEqual([1, 1, 1]);
  await host.call('DELETE', `/api/sittings/${other}`);
  const left = (await get<GroupPage>(`/api/groups/${group}`)).term;
  expect([left.games.length, left.people]).toEqual([1, []]);
  await host.call('DELETE', `/api/sittings/${one}`);
  expect((await host.call('GET', `/api/groups/${group}`)).status).toBe(404);
});

test('a league: its table, its page for everybody with and without names, nobody else’s', async () => {
  const { ids } = await host.makeSet('Knots', Object.values(showWith('quiz', 'everyone').questions));
  const games = [await played('', ids), await played('', ids)];
  const league: League = {
    title: 'Harbour cup',
    rule: usualLeague,
    games,
    shows: [],
    said: [],
    isNamed: true,
  };
  const { id } = (await host.call('POST', '/api/leagues', league)).json;
  const page = await get<LeaguePage>(`/api/leagues/${id}`);
  expect(page.table.games).toHaveLength(2);
  expect(page.table.rows.map(({ name, points, place }) => [name, points, place])).toEqual([
    ['Fairlead', 20, 1],
    ['Leeward', 20, 1],
    ['Bowline', 12, 3],
  ]);
  const { publicKey } = (await host.call('PUT', `/api/leagues/${id}/link`)).json as LeaguePage;
  const open = async () => (await world.call('GET', `/api/public/leagues/${publicKey}`)).json as PublicLeague;
  expect((await open()).rows.map(({ name }) => name)).toEqual(['Fairlead', 'Leeward', 'Bowline']);
  await host.call('PUT', `/api/leagues/${id}`, { ...league, isNamed: false });
  const nameless = JSON.stringify(await open());
  for (const hidden of ['Fairlead', 'Leeward', 'Bowline', ...games]) expect(nameless).not.toContain(hidden);
  const csv = await host.call('GET', `/api/leagues/${id}/table.csv`);
  expect(csv.text.split('\r\n')[1]).toMatch(/^1,(Fairlead|Leeward),20,2,0,10,10$/);

  const stranger = await world.host();
  for (const [method, path] of [
    ['GET', ''],
    ['DELETE', ''],
    ['GET', '/table.csv'],
  ] as const)
    expect((await stranger.call(method, `/api/leagues/${id}${path}`)).status).toBe(404);
  // Games of others are none of theirs, whatever ids they name.
  const theirs = (await stranger.call('POST', '/api/leagues', league)).json.id;
  expect((await stranger.call('GET', `/api/leagues/${theirs}`)).json.table.rows).toEqual([]);
  await host.call('DELETE', `/api/leagues/${id}/link`);
  expect((await world.call('GET', `/api/public/leagues/${publicKey}`)).status).toBe(404);
});

/** A room of thirty strong stand-ins plays these questions of the library, at once. */
async function rehearsed(own: Host, questions: readonly string[]): Promise<void> {
  const show = showWith('quiz', 'everyone');
  for (const [i, question] of Object.values(show.questions).entries())
    question.origin = { id: questions[i]!, version: 1 };
  show.devices = { mode: 'each', score: 'teams', combine: 'mean' };
  const room = { ...usualRoom, count: 30, skill: 'strong' as const };
  const { log, state } = playThrough(show, room, seeded('thirty'));
  const { account } = (await own.call('GET', '/api/me')).json;
  const database = openDatabase(process.env.TEST_DATABASE_URL!);
  const store = new Sittings(database);
  const about = {
    accountId: account.id,
    showId: null,
    title: 'Thirty',
    code: state.code,
    stageKey: unique('key'),
  };
  const openedAt = new Date().toISOString();
  const sitting = await store.create({ id: unique('s'), ...about, openedAt }, log[0]!);
  await store.append(sitting!.id, log.slice(1), state, 'round');
  await database.close();
}

test('questions learn from games: what nearly everybody knows is easy, and rules take it for that', async () => {
  const own = await world.host();
  const judged = Object.values(showWith('quiz', 'everyone').questions).map((one) => ({
    ...one,
    difficulty: 'hard' as const,
  }));
  const { id, ids } = await own.makeSet('Knots', judged);
  const learnt = async () =>
    (await own.call('GET', `/api/learnt/${id}`)).json.questions as Record<string, Learnt>;
  expect(await learnt()).toEqual({});
  await rehearsed(own, ids);
  const told = await learnt();
  for (const one of ids) {
    expect(told[one]!.answers).toBeGreaterThan(20);
    expect(told[one]!.difficulty).toBeLessThan(0);
  }
  const rule = { ...blankSelection(), sets: [id], count: 3, repeat: 'always', shuffle: false };
  const take = async (difficulty: string) =>
    (await own.call('POST', '/api/selections', { rule: { ...rule, difficulty }, group: '', taken: [] })).json
      .questions.length;
  // Their author calls them hard; games say otherwise.
  expect(await take('hard')).toBe(0);
  expect((await take('easy')) + (await take('medium'))).toBe(3);
  expect((await host.call('GET', `/api/learnt/${id}`)).status).toBe(404);
});

test('a round takes by itself what a group missed and is due; a league stands on the stage', async () => {
  const group = unique('9D');
  const { ids } = await host.makeSet('Knots', Object.values(showWith('quiz', 'everyone').questions));
  const game = await played(group, ids);
  const take = async (repeat: string) =>
    (
      await host.call('POST', '/api/selections', {
        rule: { ...blankSelection(), count: 9, repeat, sets: [] },
        group,
        taken: [],
      })
    ).json.questions.map(({ origin }: { origin: { id: string } }) => origin.id);
  // Missed just now: due tomorrow.
  expect((await take('due')).filter((id: string) => ids.includes(id))).toEqual([]);
  const day = 24 * 3_600_000;
  const clock = jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 2 * day);
  try {
    expect((await take('due')).filter((id: string) => ids.includes(id)).sort()).toEqual([...ids].sort());
  } finally {
    clock.mockRestore();
  }

  const league: League = {
    title: 'Cup',
    rule: usualLeague,
    games: [game],
    shows: [],
    said: [],
    isNamed: true,
  };
  const { id } = (await host.call('POST', '/api/leagues', league)).json;
  const interlude = newRound('interlude', () => unique('i')) as RoundOf<'interlude'>;
  const show = showWith('quiz', 'everyone');
  const rounds = [
    { ...interlude, content: { ...interlude.content, what: 'league' as const, league: id } },
    ...show.rounds,
  ];
  const { id: sitting } = await host.sitting({ ...show, rounds });
  const desk = host.desk(sitting);
  await desk.until(() => desk.last('view'));
  await desk.sendOn({ type: 'begin' });
  const told = await desk.until(() => {
    const round = desk.last<DeskView>('view')!.round;
    return round?.format === 'interlude' ? round.table : null;
  });
  expect(told).toMatchObject({
    title: 'Cup',
    rows: [{ place: 1 }, { place: 1 }, { place: 3, name: 'Bowline' }],
  });
});
