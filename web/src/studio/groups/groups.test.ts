import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { usualMarks } from '@distaff/core/report';
import { usualLeague, type League } from '@distaff/core/term';
import { createPinia, setActivePinia } from 'pinia';
import type { GroupPage, LeaguePage } from '../../api/server.ts';
import { fakeServer, held, refusal } from '../../test/fakeServer.ts';
import { useLeagues } from '../leagues/leagues.ts';
import { useGroups } from './groups.ts';
import { useTermMarks } from './termMarks.ts';

globalThis.fetch ??= (() => undefined) as never;
beforeEach(() => {
  setActivePinia(createPinia());
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});

const DAY = 24 * 3_600_000;
const page = (name: string, more: Partial<GroupPage> = {}): GroupPage => ({
  name,
  list: [],
  said: [],
  now: 10 * DAY,
  term: {
    games: [],
    people: [],
    tags: [],
    missed: [9, 11, null].map((due, i) => ({
      id: `q${i}`,
      isKept: true,
      prompt: `Prompt ${i}`,
      asked: [],
      missed: 1,
      share: 0,
      due: due === null ? null : due * DAY,
    })),
    doubts: [],
  },
  ...more,
});

describe('groups', () => {
  test('the one that played last comes first, those that never did last', async () => {
    const one = (name: string, lastAt: number | null) => ({ name, people: null, games: 1, lastAt });
    fakeServer({ 'GET /api/groups': () => ({ groups: [one('a', null), one('b', 1), one('c', 2)] }) });
    const groups = useGroups();
    await groups.loadList();
    expect(groups.list!.map(({ name }) => name)).toEqual(['c', 'b', 'a']);
  });

  test('what is due is due by the clock of the server; an answer about another group comes too late', async () => {
    const slow = held<GroupPage>();
    fakeServer({
      'GET /api/groups/slow': () => slow.until,
      'GET /api/groups/7B': () => page('7B'),
    });
    const groups = useGroups();
    const first = groups.load('slow');
    await groups.load('7B');
    slow.release(page('slow'));
    await first;
    expect(groups.page!.name).toBe('7B');
    expect(groups.due.map(({ id }) => id)).toEqual(['q0']);
  });

  test('a set of what was missed: the questions in their order, or the reason why not', async () => {
    const server = fakeServer({
      'GET /api/groups/7%20B': () => page('7 B'),
      'POST /api/groups/7%20B/questions': () => ({ questions: [{ id: 'q1' }, { id: 'q0' }] }),
      'POST /api/sets': () => ({ id: 's1' }),
      'POST /api/sets/s1/questions': () => ({ ids: ['n1', 'n0'] }),
    });
    const groups = useGroups();
    await groups.load('7 B');
    expect(await groups.makeSet(['q1', 'q0'], 'Again', 'About')).toEqual({ id: 's1', title: 'Again' });
    expect(server.of('POST /api/groups/7%20B/questions')[0]!.body).toEqual({ ids: ['q1', 'q0'] });
    server.routes['POST /api/sets'] = () => refusal(409, 'tooMany', 'Too many sets.');
    expect(await groups.makeSet(['q1'], 'Again', 'About')).toBeUndefined();
    expect([groups.problem, groups.isBusy]).toEqual(['Too many sets.', false]);
  });

  test('what is said of names is added to what was said before', async () => {
    const said = [{ a: 'x', b: 'y', same: true }];
    const server = fakeServer({
      'GET /api/groups/7B': () => page('7B', { said }),
      'PUT /api/groups/7B/said': ({ body }) => page('7B', { said: body as typeof said }),
    });
    const groups = useGroups();
    await groups.load('7B');
    await groups.say({ a: 'x', b: 'z', same: false });
    expect(groups.page!.said).toHaveLength(2);
    expect(server.of('PUT /api/groups/7B/said')[0]!.body).toEqual([...said, { a: 'x', b: 'z', same: false }]);
  });
});

describe('marks of a term', () => {
  test('a rule is kept once the host pauses, and marks follow; what comes of an older rule does not count', async () => {
    const rule = { rule: usualMarks, several: 'mean', without: [] };
    const slow = held<object>();
    let asked = 0;
    const server = fakeServer({
      'GET /api/groups/7B/marks': () => rule,
      'PUT /api/groups/7B/marks': () => undefined,
      'POST /api/groups/7B/marks': () =>
        (asked++ === 1 ? slow.until : { marks: [{ id: `of ${asked}` }] }) as object,
    });
    const term = useTermMarks();
    await term.load('7B');
    expect(term.marks).toEqual([{ id: 'of 1' }]);
    term.changeRule({ digits: 1 });
    term.change({ several: 'best' });
    expect(server.of('PUT /api/groups/7B/marks')).toEqual([]);
    await jest.advanceTimersByTimeAsync(600);
    expect(server.of('PUT /api/groups/7B/marks').map(({ body }) => body)).toMatchObject([
      { rule: { digits: 1 }, several: 'best' },
    ]);
    term.change({ several: 'last' });
    await jest.advanceTimersByTimeAsync(600);
    slow.release({ marks: [{ id: 'too late' }] });
    await jest.advanceTimersByTimeAsync(10);
    expect(term.marks).toEqual([{ id: 'of 3' }]);
  });
});

describe('leagues', () => {
  const league: League = { title: 'Cup', rule: usualLeague, games: [], shows: [], said: [], isNamed: true };
  const kept = (more: Partial<League> = {}): LeaguePage => ({
    id: 'l1',
    league: { ...league, ...more },
    publicKey: null,
    table: { games: [], rows: [], doubts: [] },
    games: [],
  });

  test('changes of a moment are kept together; what is changed while they are on their way stands', async () => {
    const slow = held<void>();
    const server = fakeServer({
      'GET /api/leagues/l1': () => kept(),
      'PUT /api/leagues/l1': async ({ body }) => {
        await slow.until;
        return kept(body as League);
      },
    });
    const leagues = useLeagues();
    await leagues.load('l1');
    leagues.change({ title: 'Cu' });
    leagues.changeRule({ drop: 2 });
    await jest.advanceTimersByTimeAsync(600);
    leagues.change({ title: 'Cups' });
    slow.release();
    await jest.advanceTimersByTimeAsync(10);
    expect([leagues.page!.league.title, leagues.page!.league.rule.drop]).toEqual(['Cups', 2]);
    expect(leagues.unsaved).toBe(1);
    await jest.advanceTimersByTimeAsync(600);
    expect(leagues.unsaved).toBe(0);
    expect(server.of('PUT /api/leagues/l1').map(({ body }) => (body as League).title)).toEqual([
      'Cu',
      'Cups',
    ]);
  });

  test('a link is made and turned off; what cannot be deleted is told', async () => {
    fakeServer({
      'GET /api/leagues/l1': () => kept(),
      'PUT /api/leagues/l1/link': () => ({ ...kept(), publicKey: 'key' }),
      'DELETE /api/leagues/l1/link': () => kept(),
      'DELETE /api/leagues/l1': () => refusal(404, 'notThere', 'Gone.'),
    });
    const leagues = useLeagues();
    await leagues.load('l1');
    await leagues.link(true);
    expect(leagues.page!.publicKey).toBe('key');
    await leagues.link(false);
    expect(leagues.page!.publicKey).toBeNull();
    expect(await leagues.remove()).toBe(false);
    expect(leagues.problem).toBe('Gone.');
  });
});
