import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { usualMarks, type Moves, type PersonReport, type ScoreHistory } from '@distaff/core/report';
import type { DeskView, SeatView } from '@distaff/core/sitting';
import type { SittingResults } from '@distaff/core/wire';
import { showWith } from './evening.ts';
import { unique, World, type Host, type Visitor } from './world.ts';

let world: World;
let host: Host;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(() => world.close());

const view = (desk: Visitor) => desk.last<DeskView>('view')!;

/** A quiz of three choices, played by three people with a phone each, to the close. */
async function played(close = true): Promise<{ id: string; seats: string[] }> {
  const show = showWith('quiz', 'everyone');
  const { id, code } = await host.sitting({
    ...show,
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
  });
  const desk = host.desk(id);
  const phones = await Promise.all(
    ['Ansa', 'Jory', 'Wenna'].map(async (name, i) => {
      const phone = world.connect({ as: 'handset', code });
      await phone.until(() => phone.last('view'));
      expect(await phone.join(name, `t${i}`, unique('token-token-token'))).toMatchObject({ ok: true });
      await phone.until(() => phone.last<SeatView>('seat'));
      return phone;
    }),
  );
  await desk.until(() => desk.last('view'));
  const seats = phones.map((phone) => phone.last<SeatView>('seat')!.seat);
  for (let asked = 0; asked < 3;) {
    const { question, seq, private: own } = view(desk);
    if (question?.step === 'open') {
      asked++;
      // The first two give the first option, the last one the second.
      for (const [i, phone] of phones.entries())
        await phone.sendOn({ type: 'answer', play: question.play, answer: { slot: i < 2 ? 0 : 1 } });
      await desk.until(() => view(desk).question?.step !== 'open');
      continue;
    }
    await desk.sendOn(own.next.command!);
    await desk.until(() => view(desk).seq > seq);
  }
  if (close) await desk.sendOn({ type: 'close' });
  return { id, seats };
}
const at = (id: string, path: string) => `/api/sittings/${id}/${path}`;

test('what is put right once a game is closed is shown before it is done, told everywhere, and undone', async () => {
  const { id, seats } = await played();
  const before = (await host.call('GET', at(id, 'results'))).json as SittingResults;
  const [item] = before.report.items;
  expect(before.report).toMatchObject({ by: 'people', corrections: [] });
  const command = { type: 'reweigh', play: item!.play, counts: 'all' };
  const moves = (await host.call('POST', at(id, 'corrections/preview'), { id: unique('c'), command }))
    .json as Moves;
  expect(moves.teams.length).toBeGreaterThan(0);
  // Nothing was done by that.
  expect((await host.call('GET', at(id, 'results'))).json).toEqual(before);

  const key = unique('c');
  const after = (await host.call('POST', at(id, 'corrections'), { id: key, command })).json as SittingResults;
  const scores = ({ results }: SittingResults) =>
    Object.fromEntries(results.standings.map(({ id: team, score }) => [team, score]));
  for (const { id: team, score } of moves.teams) expect(scores(after)[team]).toBe(score.after);
  expect(after.report.corrections).toHaveLength(1);
  // Sent twice, as over a bad line, it counts once.
  const again = (await host.call('POST', at(id, 'corrections'), { id: key, command })).json as SittingResults;
  expect(again).toEqual(after);

  const history = (await host.call('GET', at(id, 'scores'))).json as ScoreHistory;
  for (const { id: team, points } of history.teams) expect(points.at(-1)![1]).toBe(scores(after)[team]);
  const person = (await host.call('GET', at(id, `people/${seats[2]}`))).json as PersonReport;
  expect(person.person.name).toBe('Wenna');
  expect(person.answers).toHaveLength(3);
  // What is dropped for all tells no sum of its own.
  expect(person.answers[0]!.worth).toBeNull();

  const undo = { type: 'takeBack', to: after.report.corrections[0] };
  const undone = (await host.call('POST', at(id, 'corrections'), { id: unique('c'), command: undo }))
    .json as SittingResults;
  expect(scores(undone)).toEqual(scores(before));
  expect(undone.report).toEqual(before.report);
});

test('nothing is put right from elsewhere: not while it is on, not by somebody else, not the closing itself', async () => {
  const { id } = await played(false);
  const command = { type: 'reweigh', play: 1, counts: 'nobody' };
  const send = (by: Host, sitting: string, what: object) =>
    by.call('POST', at(sitting, 'corrections'), { id: unique('c'), command: what });
  expect((await send(host, id, command)).json).toMatchObject({ code: 'stillOn' });
  const over = await played();
  const other = await world.host();
  expect((await send(other, over.id, command)).status).toBe(404);
  expect((await other.call('GET', at(over.id, 'scores'))).status).toBe(404);
  expect((await other.call('GET', at(over.id, `people/${over.seats[0]}`))).status).toBe(404);
  // The closing is a step, but none that may go from here: the show would be on again.
  const { json } = await host.call('GET', at(over.id, 'results'));
  for (let seq = 1; seq < 60; seq++)
    expect((await send(host, over.id, { type: 'takeBack', to: seq })).status).toBe(409);
  expect((await host.call('GET', at(over.id, 'results'))).json).toEqual(json);
  expect((await send(host, over.id, { type: 'close' })).status).toBe(400);
  expect((await host.call('GET', at(over.id, 'people/nobody'))).status).toBe(404);
});

test('how marks are given is kept for the group and the host, and what does not count for the game', async () => {
  const { id } = await played();
  const other = await played();
  expect((await host.call('GET', at(id, 'marks'))).json).toEqual({ group: '', rule: null, leftOut: [] });
  const rule = { ...usualMarks, digits: 1, scale: { kind: 'range', worst: 6, best: 1, pass: null } };
  expect((await host.call('PUT', at(id, 'marks'), { rule, leftOut: [2] })).status).toBe(204);
  expect((await host.call('GET', at(id, 'marks'))).json).toEqual({ group: '', rule, leftOut: [2] });
  expect((await host.call('GET', at(other.id, 'marks'))).json).toEqual({ group: '', rule, leftOut: [] });
  expect(
    (await host.call('PUT', at(id, 'marks'), { rule: { ...rule, digits: 9 }, leftOut: [] })).status,
  ).toBe(400);
  const stranger = await world.host();
  expect((await stranger.call('PUT', at(id, 'marks'), { rule, leftOut: [] })).status).toBe(404);
});
