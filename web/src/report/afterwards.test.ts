import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import {
  ABSENT,
  nameOfScale,
  scaleNames,
  scales,
  usualMarks,
  type Mark,
  type Report,
} from '@distaff/core/report';
import { createPinia, setActivePinia } from 'pinia';
import { nextTick } from 'vue';
import { fakeServer, held, refusal } from '../test/fakeServer.ts';
import { lineStyle } from './lineStyle.ts';
import { useMarks } from './marks.ts';
import { useResults } from './results.ts';
import { useOwnSheet } from '../marks/useOwnSheet.ts';

/** Results of a game with these corrections so far. */
const game = (id: string, corrections: number[] = []) => ({
  sitting: { id, title: id, closedAt: '2026-11-01', anonymousSince: null },
  results: { standings: [], byHand: [] },
  report: {
    corrections,
    group: '7B',
    rounds: [],
    knowers: ['Ansa Kestle', 'Jory Penrose'].map((name, i) => ({
      id: `p${i}`,
      name,
      team: '',
      weave: null,
      share: null,
      score: 0,
    })),
    items: [
      { number: 1, value: 100, counts: 'asPlayed' },
      { number: 2, value: 100, counts: 'asPlayed' },
    ],
    rows: ['rr', 'rw'],
    parts: {},
  } as unknown as Report,
  cloth: [],
});
const nobody = { teams: [], shares: [] };
const drop = { type: 'reweigh', play: 7, counts: 'nobody' } as const;
let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  setActivePinia(createPinia());
  server = fakeServer({
    'GET /api/sittings/*/results': ({ path }) => game(path.split('/')[3]!),
    'POST /api/sittings/*/corrections/preview': () => nobody,
    'POST /api/sittings/*/corrections': () => game('one', [40]),
    'GET /api/sittings/*/marks': () => ({ group: '7B', rule: null, leftOut: [2] }),
    'PUT /api/sittings/*/marks': () => undefined,
    'DELETE /api/sittings/*': () => undefined,
    'POST /api/sittings/*/restore': () => undefined,
    'POST /api/sittings/*/anonymous': () => undefined,
    'POST /api/sittings/*/clear': () => undefined,
    'PUT /api/sittings/*/answers-closed': () => undefined,
  });
});
afterEach(() => void jest.restoreAllMocks());

describe('what is put right', () => {
  test('is asked about first, sent once under the key of the question, and undone by its number', async () => {
    const results = useResults();
    await results.load('one');
    await results.propose(drop, 'Dropped.');
    expect(results.proposal).toMatchObject({ says: 'Dropped.', moves: nobody });
    const key = results.proposal!.key;
    await Promise.all([results.apply(), results.apply()]);
    expect(server.of('POST /api/sittings/*/corrections').map(({ body }) => body)).toEqual([
      { id: key, command: drop },
    ]);
    expect([results.proposal, results.corrections, results.turn]).toEqual([null, [40], 1]);
    await results.undo();
    expect(server.of('POST /api/sittings/*/corrections').at(-1)!.body).toMatchObject({
      command: { type: 'takeBack', to: 40 },
    });
  });

  test('what the server refuses is told, and nothing is left standing', async () => {
    const results = useResults();
    await results.load('one');
    server.routes['POST /api/sittings/*/corrections/preview'] = () =>
      refusal(409, 'notNow', 'Not like that.');
    await results.propose(drop, 'Dropped.');
    expect([results.proposal, results.problem]).toEqual([null, 'Not like that.']);
  });

  test('a preview that comes late is none of another question; a late game none of the one that is looked at', async () => {
    const results = useResults();
    await results.load('one');
    const slow = held<object>();
    server.routes['POST /api/sittings/*/corrections/preview'] = () => slow.until;
    const first = results.propose(drop, 'First.');
    server.routes['POST /api/sittings/*/corrections/preview'] = () => nobody;
    await results.propose(drop, 'Second.');
    slow.release({ teams: ['late'], shares: [] });
    await first;
    expect(results.proposal).toMatchObject({ says: 'Second.', moves: nobody });
    const late = held<object>();
    const usual = server.routes['GET /api/sittings/*/results']!;
    server.routes['GET /api/sittings/*/results'] = async (request) =>
      request.path.includes('two') ? (await late.until, usual(request)) : usual(request);
    const two = results.load('two');
    await results.load('three');
    late.release({});
    await two;
    expect(results.data!.sitting.id).toBe('three');
  });

  test('answers come when they are wanted, once, and anew after a correction', async () => {
    let n = 0;
    server.routes['GET /api/sittings/*/responses'] = () => ({ responses: [{ number: ++n }] });
    const results = useResults();
    await results.load('one');
    expect(results.responses).toBeNull();
    await Promise.all([results.wantResponses(), results.wantResponses()]);
    expect(results.responses).toEqual([{ number: 1 }]);
    await results.propose(drop, 'Dropped.');
    await results.apply();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(server.of('GET /api/sittings/*/responses')).toHaveLength(2);
    expect(results.responses).toEqual([{ number: 2 }]);
    await results.load('two');
    expect(results.responses).toBeNull();
  });

  test('deleted, had again, made anonymous: what the page shows follows, also where it is refused', async () => {
    const results = useResults();
    await results.load('one');
    await results.remove();
    expect(results.isDeleted).toBe(true);
    await results.restore();
    await results.makeAnonymous();
    expect([results.isDeleted, results.turn, results.problem]).toEqual([false, 1, '']);
    await results.clear();
    await results.closeAnswers(true);
    expect(server.of('PUT /api/sittings/*/answers-closed').map(({ body }) => body)).toEqual([
      { closed: true },
    ]);
    expect(results.turn).toBe(2);
    server.routes['DELETE /api/sittings/*'] = () => refusal(403, 'notAllowed', 'Not yours.');
    await results.remove();
    expect([results.isDeleted, results.problem]).toEqual([false, 'Not yours.']);
  });
});

describe('marks', () => {
  test('are those of the rule that is kept, follow every change at once, and are kept after a pause', async () => {
    jest.useFakeTimers();
    const [results, marks] = [useResults(), useMarks()] as const;
    await results.load('one');
    await marks.load('one');
    expect(marks.marks.map(({ mark }) => mark)).toEqual([100, 100]);
    marks.leaveOut([]);
    marks.change({ scale: { kind: 'range', worst: 6, best: 1, pass: null }, digits: 1 });
    expect(marks.marks.map(({ mark }) => mark)).toEqual([1, 3.5]);
    expect(server.of('PUT /api/sittings/*/marks')).toEqual([]);
    await jest.advanceTimersByTimeAsync(700);
    expect(server.of('PUT /api/sittings/*/marks').map(({ body }) => body)).toEqual([
      { rule: { ...usualMarks, scale: marks.rule.scale, digits: 1 }, leftOut: [] },
    ]);
    server.routes['PUT /api/sittings/*/marks'] = () => refusal(400, 'invalid', 'Not that.');
    marks.leaveOut([2, 1, 2]);
    await jest.advanceTimersByTimeAsync(700);
    expect([marks.leftOut, marks.problem]).toEqual([[1, 2], 'Not that.']);
    server.routes['GET /api/sittings/*/marks'] = () => refusal(404, 'notThere', 'Gone.');
    await marks.load('two');
    expect([marks.isLoaded, marks.problem]).toEqual([false, 'Gone.']);
    jest.useRealTimers();
  });

  test('a scale at hand is known again by its ends, and any other is one’s own', () => {
    for (const name of scaleNames) expect(nameOfScale(scales[name].scale)).toBe(name);
    expect(nameOfScale({ kind: 'range', worst: 0, best: 15, pass: null })).toBe('own');
  });
});

describe('the host’s own sheet', () => {
  const marks = [
    ['p0', 'Ansa Kestle', 82],
    ['p1', 'Jory Penrose', 64],
    ['p2', 'Wenna Hicks', null],
  ].map(([id, name, mark]) => ({ id, name, mark })) as Mark[];
  const opened = (text: string, rule = usualMarks) => {
    const sheet = useOwnSheet(
      () => marks,
      () => rule,
    );
    sheet.open('class.csv', new TextEncoder().encode(text));
    return sheet;
  };
  const textOf = (sheet: ReturnType<typeof opened>) => new TextDecoder().decode(sheet.filled('Mark')!.bytes);

  test('names and the empty column behind them are found, doubts are put forward, and settled by hand', async () => {
    const sheet = opened('Class;Name;Old;New\n7B;Kestle, Ansa;3;\n7B;Jory P.;2;\n7B;Nobody Here;1;\n');
    await nextTick();
    expect([sheet.names.value, sheet.read.value.heads[sheet.target.value]]).toEqual([[1], 'New']);
    expect(sheet.read.value.doubts.map((one) => [one.name, one.now])).toEqual([
      ['Jory P.', 'p1'],
      ['Nobody Here', ''],
    ]);
    expect(textOf(sheet)).toBe(
      'Class;Name;Old;New\n7B;Kestle, Ansa;3;82\n7B;Jory P.;2;64\n7B;Nobody Here;1;\n',
    );
    // The host says who that is; nobody stands twice.
    sheet.settle(2, '');
    sheet.settle(3, 'p1');
    expect(textOf(sheet)).toBe(
      'Class;Name;Old;New\n7B;Kestle, Ansa;3;82\n7B;Jory P.;2;\n7B;Nobody Here;1;64\n',
    );
    sheet.settle(2, 'p0');
    expect(sheet.read.value.settled.map(({ row, id }) => [row, id])).toEqual([
      [1, 'p0'],
      [3, 'p1'],
    ]);
    expect(sheet.read.value.missing).toEqual(['p2']);
  });

  test('whoever was absent has the worst mark where the host says so, and a foot of the sheet has none', () => {
    const sheet = opened('Name,Mark\nAnsa Kestle,\nLowen Tregear,\nJory Penrose,\nWenna Hicks,\nMean,\n', {
      ...usualMarks,
      absent: 'worst',
    });
    expect(sheet.read.value.doubts.map(({ name, now }) => [name, now])).toEqual([
      ['Lowen Tregear', ''],
      ['Mean', ''],
    ]);
    sheet.settle(2, ABSENT);
    expect(textOf(sheet)).toBe(
      'Name,Mark\nAnsa Kestle,82\nLowen Tregear,0\nJory Penrose,64\nWenna Hicks,\nMean,\n',
    );
  });

  test('where every column is full a new one comes, with its head', () => {
    const sheet = opened('Name,Old\nAnsa Kestle,3\nWenna Hicks,1\n');
    expect(textOf(sheet)).toBe('Name,Old,Mark\nAnsa Kestle,3,82\nWenna Hicks,1\n');
  });

  test('a file in which nobody is, or that is no sheet, says so', () => {
    const sheet = opened('a,b\nc,d\n');
    expect([sheet.trouble.value, sheet.read.value.settled]).toEqual(['nobody', []]);
    sheet.open('x.xls', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0]));
    expect([sheet.trouble.value, sheet.sheets.value, sheet.filled('Mark')]).toEqual(['locked', [], null]);
  });
});

test('twelve lines are told apart without their colours', () => {
  const all = Array.from({ length: 12 }, (_, n) => JSON.stringify(lineStyle(n)));
  expect(new Set(all).size).toBe(12);
});
