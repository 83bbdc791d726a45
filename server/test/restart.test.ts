import { afterEach, expect, test } from '@jest/globals';
import type { DeskView, PublicView, SeatView } from '@distaff/core/sitting';
import { blankQuestion } from '@distaff/core/question';
import { newRound } from '@distaff/core/show';
import { Sequelize } from 'sequelize';
import { demoShow, unique, World, type Host, type Visitor } from './world.ts';

let world: World;
afterEach(() => world.close());

const options = ['right', 'wrong'].map((text, i) => ({ id: `o${i}`, text }));
function quiz(clock: number | null) {
  const round = newRound('quiz', () => 'round');
  const question = {
    ...blankQuestion(() => 'q'),
    prompt: 'Ebb?',
    answer: { kind: 'choice' as const, options, key: 'o0' },
  };
  Object.assign(round.content, { items: [{ id: 'q', points: null }] });
  round.rules = { ...round.rules, clock, steps: 'joined' };
  return { ...demoShow(), rounds: [round], questions: { q: question } };
}
const step = (desk: Visitor) => {
  const { after } = desk.last<DeskView>('view')!.private.next.command!;
  return desk.send({ type: 'next', after });
};
async function atDesk(host: Host, sitting: string) {
  const desk = host.desk(sitting);
  await desk.until(() => desk.last('view'));
  return desk;
}
/** The same host on a server that has started again. */
async function startAgain(host: Host): Promise<Host> {
  await world.close();
  world = await new World().open();
  return Object.assign(Object.create(Object.getPrototypeOf(host)), host, { world }) as Host;
}

test('after a restart whoever comes back first closes the question for nobody else', async () => {
  world = await new World().open();
  let host = await world.host();
  const { id, code } = await host.sitting(quiz(60));
  let desk = await atDesk(host, id);
  const tokens = ['a', 'b', 'c', 'd'].map((one) => unique(`token-token-token-${one}`));
  const teams = demoShow().teams.map((team) => team.id);
  const come = async (token: string, i: number) => {
    const phone = world.connect({ as: 'handset', code, token });
    await phone.until(() => phone.last('view'));
    if (!phone.last<SeatView | null>('seat')) await phone.join(`Player ${i}`, teams[i]!, token);
    return phone;
  };
  const phones = await Promise.all(tokens.map(come));
  for (let i = 0; i < 3; i++) {
    const { seq } = desk.last<DeskView>('view')!;
    await step(desk);
    await desk.until(() => desk.last<DeskView>('view')!.seq > seq);
  }
  const { play } = desk;
  const answer = { type: 'answer', play, answer: { slot: 0 } };
  await phones[0]!.send(answer);
  host = await startAgain(host);
  for (const [i, token] of tokens.slice(1).entries()) {
    const phone = await come(token, i + 1);
    await phone.until(() => phone.last<PublicView>('view')!.question);
    expect(await phone.send(answer)).toMatchObject({ ok: true });
  }
  desk = await atDesk(host, id);
  await desk.until(() => desk.last<PublicView>('view')!.question!.lockedBy === 'all');
  expect(desk.last<DeskView>('view')!.private.question!.awaited).toMatchObject({ answered: 4 });
});

test('one sitting that cannot be read is set aside and told; the server starts, and all others go on', async () => {
  world = await new World().open();
  let host = await world.host();
  const [good, bad] = [await host.sitting(quiz(60)), await host.sitting(quiz(60))];
  for (const { id } of [good, bad]) {
    const desk = await atDesk(host, id);
    for (let i = 0; i < 3; i++) {
      const { seq } = desk.last<DeskView>('view')!;
      await step(desk);
      await desk.until(() => desk.last<DeskView>('view')!.seq > seq);
    }
  }
  const database = new Sequelize(process.env.TEST_DATABASE_URL!.replace(/^mysql:/, 'mariadb:'), {
    dialect: 'mariadb',
    logging: false,
  });
  await database.query('UPDATE sitting_log SET events = ? WHERE sitting_id = ? ORDER BY seq LIMIT 1', {
    replacements: ['[{"type":"doorsOpened","show":{"broken', bad.id],
  });
  await database.close();
  host = await startAgain(host);
  const desk = await atDesk(host, good.id);
  expect(desk.last<PublicView>('view')!.question).not.toBeNull();
  const refused = host.desk(bad.id);
  expect(await refused.refused()).toMatchObject({ code: 'unreadable' });
  const results = await host.call('GET', `/api/sittings/${bad.id}/results`);
  expect([results.status, results.json.code]).toEqual([500, 'unreadable']);
  // It is still in the list: nothing was deleted.
  const listed = (await host.call('GET', '/api/sittings')).json.sittings as { id: string }[];
  expect(listed.map((one) => one.id)).toContain(bad.id);
});
