import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { DeskView, LoggedEvent, PublicView, SeatView } from '@distaff/core/sitting';
import { QueryTypes } from 'sequelize';
import { viewKey } from '../src/auth/tokens.ts';
import { openDatabase } from '../src/db/database.ts';
import { demoShow, unique, World, type Host, type Visitor } from './world.ts';

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

const rows = (sql: string, id: string) =>
  database.query<Record<string, unknown>>(sql, { replacements: [id], type: QueryTypes.SELECT });

/** The log as it is stored: a row a commit. */
async function logOf(id: string): Promise<LoggedEvent[]> {
  const commits = await rows('SELECT events FROM sitting_log WHERE sitting_id = ? ORDER BY seq', id);
  return commits.flatMap(({ events }) => JSON.parse(events as string) as LoggedEvent[]);
}

async function seated(code: string, name: string, team: string): Promise<Visitor & { token: string }> {
  const token = unique('token-token-token');
  const visitor = world.connect({ as: 'handset', code, token });
  await visitor.until(() => visitor.last('view'));
  expect(await visitor.join(name, team, token)).toMatchObject({ ok: true });
  await visitor.until(() => visitor.last<SeatView>('seat'));
  return Object.assign(visitor, { token });
}
const at = (visitor: Visitor, step: string | null) =>
  visitor.until(() => (visitor.last<PublicView>('view')?.question?.step ?? null) === step);

describe('who may come where', () => {
  test.each([
    ['desk without a sign-in', (s: { id: string }) => ({ as: 'desk', sitting: s.id }), 'signIn'],
    ['stage without its key', (s: { code: string }) => ({ as: 'stage', code: s.code }), 'signIn'],
    [
      'stage with another key',
      (s: { code: string }) => ({ as: 'stage', code: s.code, key: 'x'.repeat(32) }),
      'signIn',
    ],
    ['handset with a wrong code', () => ({ as: 'handset', code: 'CCCCC' }), 'notThere'],
    ['something else', () => ({ as: 'owner' }), 'invalid'],
  ])('%s is turned away, and told why', async (_name, hello, code) => {
    const visitor = world.connect(hello(await host.sitting()));
    expect(await visitor.refused()).toMatchObject({ code, says: expect.stringMatching(/^[a-z]\w+$/) });
  });
  test("another host is not let to the desk; the stage's link needs no sign-in", async () => {
    const sitting = await host.sitting();
    const other = await world.host();
    expect(await other.desk(sitting.id).refused()).toMatchObject({ code: 'notThere' });
    const stage = world.connect({ as: 'stage', code: sitting.code, key: sitting.stageKey });
    await stage.until(() => stage.last('view'));
    expect(await stage.send({ type: 'close' })).toMatchObject({ refused: 'invalid' });
    // The key of an overlay leads to the same picture and acts nothing.
    const overlay = world.connect({ as: 'stage', code: sitting.code, key: viewKey(sitting.stageKey) });
    await overlay.until(() => overlay.last('view'));
    const touch = { type: 'choose', ref: 'tides:v100' };
    expect(await overlay.send(touch)).toMatchObject({ refused: 'notYours' });
    // A link for a co-host leads to the desk until it is closed.
    const { key } = (await host.call('POST', `/api/sittings/${sitting.id}/desk-link`)).json;
    const coHost = world.connect({ as: 'desk', sitting: sitting.id, key });
    await coHost.until(() => coHost.last('view'));
    expect(await coHost.send({ type: 'begin' })).toMatchObject({ ok: true });
    expect((await other.call('DELETE', `/api/sittings/${sitting.id}/desk-link`)).status).toBe(404);
    expect((await host.call('DELETE', `/api/sittings/${sitting.id}/desk-link`)).status).toBe(204);
    await coHost.until(() => !coHost.socket.connected);
    const late = world.connect({ as: 'desk', sitting: sitting.id, key });
    expect(await late.refused()).toMatchObject({ code: 'notThere' });
  });
});

describe('a question, live', () => {
  test('goes through all its steps; each surface sees its own; every line of the log is stored before it is told', async () => {
    const { id, code } = await host.sitting();
    const desk = host.desk(id);
    const ansa = await seated(code, 'Ansa', 'bowline');
    const corin = await seated(code, 'Corin', 'bowline');
    for (const command of [
      { type: 'begin' },
      { type: 'choose', ref: 'tides:v300' },
      { type: 'pose' },
      { type: 'open' },
    ])
      expect(await desk.send(command)).toMatchObject({ ok: true });
    await at(ansa, 'open');
    expect(await ansa.send({ type: 'answer', play: ansa.play, answer: { text: 'NEAP' } })).toMatchObject({
      ok: true,
    });
    await at(corin, 'locked');
    await corin.until(() => corin.last<SeatView>('seat')?.given);
    expect(corin.last<SeatView>('seat')!.given).toEqual({
      answer: { slots: [], text: 'NEAP' },
      by: 'Ansa',
      mine: false,
      final: true,
    });
    for (const type of ['showAnswers', 'showKey', 'settle', 'leave', 'close']) await desk.send({ type });
    await desk.until(() => desk.last<DeskView>('view')?.phase === 'closed');
    expect(await rows('SELECT sitting_id FROM sitting_result WHERE sitting_id = ?', id)).toHaveLength(1);
    const { results } = (await host.call('GET', `/api/sittings/${id}/results`)).json;
    expect(results.standings.slice(0, 2)).toMatchObject([
      { team: 'Bowline', score: 300, place: 1 },
      { team: 'Fairlead', score: 0, place: 2 },
    ]);
    // Results kept by an earlier version are worked out anew.
    await database.query("UPDATE sitting_result SET made_with = 0, body = 'old'");
    expect((await host.call('GET', `/api/sittings/${id}/results`)).json.results).toEqual(results);
    const log = await logOf(id);
    expect(log.map((event) => event.seq)).toEqual(log.map((_, i) => i + 1));
    // Taking back the close opens the sitting again and clears the derived results.
    await desk.send({ type: 'takeBack' });
    expect(await rows('SELECT made_with FROM sitting_result WHERE sitting_id = ?', id)).toEqual([]);
    expect((await host.call('GET', `/api/sittings/${id}`)).json.closedAt).toBeNull();
  });

  test('the same command twice is done once; two seats racing give one answer', async () => {
    const { id, code } = await host.sitting();
    const desk = host.desk(id);
    const one = await seated(code, 'One', 'bowline');
    const two = await seated(code, 'Two', 'bowline');
    for (const command of [{ type: 'begin' }, { type: 'choose', ref: 'tides:v100' }, { type: 'pose' }])
      await desk.send(command);
    const opening = unique('open-it');
    const twice = await Promise.all([
      desk.send({ type: 'open' }, opening),
      desk.send({ type: 'open' }, opening),
    ]);
    expect(twice.map((answer) => answer.ok)).toEqual([true, true]);
    await at(one, 'open');
    const answer = { type: 'answer', play: one.play, answer: { slot: 0 } };
    const race = await Promise.all([one.send(answer), two.send(answer)]);
    expect(race.filter((result) => result.ok)).toHaveLength(1);
    expect(race.find((result) => result.refused)!.says).toMatch(
      /^(answersLocked|buzzersClosed|otherFirst|teamAnswered|answered)$/,
    );
    const types = (await logOf(id)).map((event) => event.type);
    expect(types.filter((type) => type === 'opened' || type === 'answered')).toEqual(['opened', 'answered']);
  });

  test('an acknowledgement tells a handset what changed for it; asked again, as the first was lost, all of it', async () => {
    const { id, code } = await host.sitting();
    const desk = host.desk(id);
    const one = await seated(code, 'One', 'bowline');
    for (const command of [
      { type: 'begin' },
      { type: 'choose', ref: 'tides:v100' },
      { type: 'pose' },
      { type: 'open' },
    ])
      await desk.send(command);
    await at(one, 'open');
    const shown = one.last<SeatView>('seat')!;
    const command = { type: 'answer', play: one.play, answer: { slot: 0 } };
    const lost = unique('answer');
    const first = (await one.send(command, lost)) as { seat: Partial<SeatView> };
    expect(Object.keys(first.seat)).toEqual(['given']);
    expect(first.seat.given).toMatchObject({ by: 'One', mine: true });
    const again = (await one.send(command, lost)) as { seat: Partial<SeatView> };
    expect(again.seat).toEqual({ ...shown, ...first.seat });
    // With a second device nobody knows what each of them was shown: both get all of it.
    const beside = world.connect({ as: 'handset', code, token: one.token });
    await beside.until(() => beside.last<SeatView>('seat')?.given);
    expect(beside.last<SeatView>('seat')).toEqual(again.seat);
  });

  test('a handset that floods is cut off, and another one answers as if nothing were', async () => {
    const { id, code } = await host.sitting();
    const desk = host.desk(id);
    const one = await seated(code, 'One', 'bowline');
    const two = await seated(code, 'Two', 'fairlead');
    for (const command of [{ type: 'begin' }, { type: 'choose', ref: 'tides:v100' }, { type: 'pose' }])
      await desk.send(command);
    await desk.send({ type: 'open' });
    await at(one, 'open');
    const flood = { type: 'buzz', play: two.play, pressed: 0 };
    const answers = await Promise.all(Array.from({ length: 300 }, () => two.send(flood)));
    const cut = answers.filter(({ says }) => says === 'retryMuch');
    expect(cut.length).toBeGreaterThan(200);
    expect(await one.send({ type: 'answer', play: one.play, answer: { slot: 0 } })).toMatchObject({
      ok: true,
    });
  });

  test('a seat is taken again with its token on another device, not with another one; a removed seat answers no more', async () => {
    const { id, code } = await host.sitting();
    const desk = host.desk(id);
    const ansa = await seated(code, 'Ansa', 'bowline');
    const again = world.connect({ as: 'handset', code, token: ansa.token });
    const view = await again.until(() => again.last<SeatView>('seat'));
    expect(view.name).toBe('Ansa');
    const stranger = world.connect({ as: 'handset', code, token: unique('token-token-token') });
    await stranger.until(() => stranger.frames.some((frame) => frame.event === 'seat'));
    expect(stranger.last('seat')).toBeNull();
    expect(await stranger.join('ansa', 'bowline')).toMatchObject({ refused: 'nameTaken' });
    await desk.send({ type: 'removeSeat', seat: view.seat });
    expect((await again.until(() => again.last<SeatView>('seat')?.removed)) as unknown).toBe(true);
  });

  test.each([
    [{ type: 'adjust', team: 'bowline', amount: 5, reason: ' ' }],
    [{ type: 'adjust', team: 'bowline', amount: 1e9, reason: 'x' }],
    [{ type: 'nonsense' }],
    [{ type: 'takeSeat', seat: 'x', token: 'x', name: 'x', team: 'bowline' }],
    [{ type: 'timeUp' }],
    [null],
  ])('the desk cannot send %j', async (command) => {
    const desk = host.desk((await host.sitting()).id);
    await desk.until(() => desk.last('view'));
    expect(await desk.send(command as object)).toMatchObject({ refused: 'invalid' });
  });
});

describe('nothing is lost', () => {
  test('a new process takes up an open sitting where it was; its clock did not run while nobody was there', async () => {
    const { id } = await host.sitting({ ...demoShow() });
    const desk = host.desk(id);
    for (const command of [
      { type: 'begin' },
      { type: 'choose', ref: 'tides:v100' },
      { type: 'pose' },
      { type: 'open' },
    ])
      await desk.send(command);
    const before = await desk.until(() => desk.last<DeskView>('view')?.question?.clock);
    // The server is seen last now; a second one comes up as if it had been away for 60 s.
    await new Promise((resolve) => setTimeout(resolve, 1200));
    await world.close();
    const shift = 60_000;
    await database.query('UPDATE sitting SET alive_at = alive_at - ? WHERE id = ?', {
      replacements: [shift, id],
    });
    await database.query(
      `UPDATE sitting_log SET events = JSON_SET(events, '$[0].at', JSON_VALUE(events, '$[0].at') - ?)
        WHERE sitting_id = ?`,
      { replacements: [shift, id] },
    );
    await database.query(
      `UPDATE sitting_log SET events =
          JSON_SET(events, '$[0].clock.deadline', JSON_VALUE(events, '$[0].clock.deadline') - ?)
        WHERE sitting_id = ? AND JSON_VALUE(events, '$[0].type') = 'opened'`,
      { replacements: [shift, id] },
    );
    await world.open();
    const later = host.desk(id);
    const view = await later.until(() => later.last<DeskView>('view'));
    expect(view.question!.step).toBe('open');
    const left = (view.question!.clock as { deadline: number }).deadline - Date.now();
    expect(left).toBeGreaterThan(15_000);
    expect(left).toBeLessThanOrEqual(20_000);
    expect('deadline' in before).toBe(true);
  });
});
