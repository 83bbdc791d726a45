import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { QueryTypes } from 'sequelize';
import { newRound, type Round, type Show } from '@distaff/core/show';
import type { DeskView, SeatView, StageView } from '@distaff/core/sitting';
import { openDatabase } from '../src/db/database.ts';
import { hashToken, receiptOf, voterOf } from '../src/auth/tokens.ts';
import { showWith } from './evening.ts';
import { unique, World, type Host, type Visitor } from './world.ts';

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

const PEOPLE = 6;
const show = (): Show => {
  const made = showWith('survey', 'everyone');
  return { ...made, devices: { mode: 'each', score: 'teams', combine: 'mean' } };
};
const view = (desk: Visitor) => desk.last<DeskView>('view')!;
/** Goes on by the next step until the question in play is open. */
async function openNext(desk: Visitor): Promise<number> {
  for (;;) {
    const { question, seq, private: own } = view(desk);
    if (question?.step === 'open') return question.play;
    await desk.sendOn(own.next.command!);
    await desk.until(() => view(desk).seq > seq);
  }
}
const stored = async (id: string) =>
  (
    await database.query<{ events: string }>(
      'SELECT events FROM sitting_log WHERE sitting_id = ? ORDER BY seq',
      {
        replacements: [id],
        type: QueryTypes.SELECT,
      },
    )
  ).map(({ events }) => events);

test('what is stored of a round without names cannot tell who answered what, and still takes one answer a phone', async () => {
  const { id, code } = await host.sitting(show());
  const desk = host.desk(id);
  const people = await Promise.all(
    Array.from({ length: PEOPLE }, async (_, i) => {
      const token = unique('token-token-token');
      const phone = world.connect({ as: 'handset', code });
      await phone.until(() => phone.last('view'));
      expect(await phone.join(`Person ${i}`, `t${i % 3}`, token)).toMatchObject({ ok: true });
      await phone.until(() => phone.last<SeatView>('seat'));
      return { phone, token, seat: phone.last<SeatView>('seat')!.seat };
    }),
  );
  await desk.until(() => desk.last('view'));
  const play = await openNext(desk);
  const before = (await stored(id)).length;
  const answer = (phone: Visitor, slot: number, command?: string) =>
    phone.sendOn({ type: 'answer', play, answer: { slot } }, command);
  for (const [i, { phone }] of people.slice(0, -1).entries())
    expect(await answer(phone, i % 3, unique('own-command'))).toMatchObject({ ok: true });

  const rows = (await stored(id)).slice(before).join('\n');
  expect(rows).toContain('"type":"answered"');
  for (const { seat, token } of people) {
    // Neither who sits there, nor what is stored of their token, nor what somebody could make of either.
    for (const known of [
      seat,
      token,
      hashToken(token),
      receiptOf(seat, id, play),
      receiptOf(hashToken(token), id, play),
    ])
      expect(rows).not.toContain(known);
  }
  expect(rows).not.toMatch(/Person|own-command|"t[0-2]"/);
  // Only the phone itself leads to its receipt.
  expect(rows).toContain(receiptOf(voterOf(people[0]!.token), id, play));

  // The same phone in another tab, and after the server has started again, has answered already.
  const again = world.connect({ as: 'handset', code, token: people[0]!.token });
  await again.until(() => again.last<SeatView>('seat'));
  expect(again.last<SeatView>('seat')!.given).toBeNull();
  expect(await answer(again, 2)).toMatchObject({ refused: 'already' });
  await world.close();
  world = await new World().open();
  host = Object.assign(Object.create(Object.getPrototypeOf(host)), host, { world }) as Host;
  const back = world.connect({ as: 'handset', code, token: people[1]!.token });
  await back.until(() => back.last<SeatView>('seat'));
  expect(await answer(back, 2)).toMatchObject({ refused: 'already' });
  const last = world.connect({ as: 'handset', code, token: people.at(-1)!.token });
  await last.until(() => last.last<SeatView>('seat'));
  expect(await answer(last, 0)).toMatchObject({ ok: true });
  const here = host.desk(id);
  await here.until(() => view(here)?.question?.step === 'locked');
  expect(view(here).private.question!.poll!.outcome).toMatchObject({ of: PEOPLE });
  expect(view(here).private.question!.responses).toEqual([]);
});

test('the next time beside the last: what came out of a survey is known when the doors open again', async () => {
  const own = show();
  own.rounds = [newRound('survey', () => 'again')].map(
    (round): Round =>
      ({
        ...round,
        content: { ...own.rounds[0]!.content, anonymous: false, compare: 'lastTime' },
      }) as Round,
  );
  const { id: showId } = (await host.call('POST', '/api/shows', { show: own })).json as { id: string };
  const evening = async () => {
    const { id, code } = (await host.call('POST', `/api/shows/${showId}/sittings`)).json as Record<
      'id' | 'code',
      string
    >;
    const phone = world.connect({ as: 'handset', code });
    await phone.until(() => phone.last('view'));
    await phone.join('Ansa', 't0', unique('token-token-token'));
    const desk = host.desk(id);
    await desk.until(() => desk.last('view'));
    const play = await openNext(desk);
    await phone.sendOn({ type: 'answer', play, answer: { slot: 1 } });
    await desk.sendOn({ type: 'lock' });
    await desk.sendOn({ type: 'showAnswers' });
    await desk.until(() => view(desk).question?.poll?.outcome);
    const { before } = desk.last<StageView>('view')!.question!.poll!;
    await desk.sendOn({ type: 'settle' });
    await desk.sendOn({ type: 'leave' });
    await desk.sendOn({ type: 'close' });
    await desk.until(() => view(desk).phase === 'closed');
    return before;
  };
  expect(await evening()).toBeNull();
  expect(await evening()).toMatchObject({
    round: null,
    outcome: { type: 'shares', rows: [{}, { count: 1 }, {}] },
  });
});
