import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { rulesWith } from '@distaff/core/formats';
import { showFor, type Show } from '@distaff/core/show';
import { usualRoom, type Room, type Tally } from '@distaff/core/rehearsal';
import { question, World, type Host } from './world.ts';

const world = new World();
let host: Host;
beforeAll(async () => {
  await world.open();
  host = await world.host();
});
afterAll(() => world.close());

let n = 0;
const newId = () => `r${n++}`;
/** A quiz of few questions, a choice and one said aloud. */
function quiz(): Show {
  const show = showFor('venue', 'Short', newId, (i) => `Team ${i}`);
  const round = show.rounds.find((one) => one.format === 'quiz')!;
  round.rules = rulesWith({ floor: 'everyone', afterWrong: 'close', clock: 10 });
  const options = ['a', 'b', 'c'].map((text) => ({ id: text, text }));
  const questions = [
    question('Choose', { id: 'q1', answer: { kind: 'choice', options, key: 'b' } }),
    question('Say', { id: 'q2' }),
  ];
  return {
    ...show,
    group: 'Rehearsed',
    teams: show.teams.slice(0, 3),
    rounds: [
      {
        ...round,
        content: { ...round.content, items: questions.map(({ id }) => ({ id, points: null })) },
      } as typeof round,
    ],
    questions: Object.fromEntries(
      questions.map((one) => [one.id, { ...one, origin: { id: `lib-${one.id}`, version: 1 } }]),
    ),
  };
}
const room: Room = { ...usualRoom, count: 6, seed: 'tide' };
async function rehearse(who = host) {
  const { id } = (await who.call('POST', '/api/shows', { show: quiz() })).json;
  return (await who.call('POST', `/api/shows/${id}/rehearsals`, { room })).json as {
    id: string;
    code: string;
  };
}
interface View {
  phase: string;
  teams: { players: number }[];
  question: { step: string } | null;
}

test('stand-ins play a show by itself to the close; the tally agrees and nothing of it is counted', async () => {
  const sitting = await rehearse();
  const desk = host.desk(sitting.id);
  const stage = world.connect({ as: 'stage', code: sitting.code }, host.cookie);
  await desk.until(() => desk.last('rehearsal'));
  desk.socket.emit('rehearsal', { byItself: true, rate: 20, stopBefore: 'key' });
  const view = () => desk.last<View>('view')!;
  for (let i = 0; i < 6 && view().question?.step !== 'key'; i++)
    await desk.until(() => view().question?.step === 'key').catch(() => null);
  // At the first key the host has it in hand again, at the usual speed.
  expect(desk.last('rehearsal')).toMatchObject({ byItself: false, rate: 1, standIns: 6 });
  expect(view().teams.reduce((sum, team) => sum + team.players, 0)).toBe(6);
  desk.socket.emit('rehearsal', { byItself: true, rate: 20, stopBefore: null });
  for (let i = 0; i < 6 && view().phase !== 'closed'; i++)
    await desk.until(() => view().phase === 'closed').catch(() => null);
  expect(stage.last<View>('view')!.phase).toBe('closed');
  const { tally } = (await host.call('GET', `/api/sittings/${sitting.id}/tally`)).json as { tally: Tally };
  expect(tally).toMatchObject({ agrees: true, questions: 2, differ: [] });
  expect(tally.marked).toBeGreaterThan(0);

  expect((await host.call('GET', '/api/sittings')).json).toEqual({ sittings: [], total: 0 });
  expect((await host.call('GET', '/api/pace')).json.sittings).toBe(0);
  const asked = { ids: ['lib-q1', 'lib-q2'] };
  expect((await host.call('POST', '/api/measured', asked)).json).toEqual({ measured: {} });
}, 60_000);

test('real people may sit among stand-ins; the next rehearsal takes the one before away', async () => {
  const first = await rehearse();
  const handset = world.connect({ as: 'handset', code: first.code });
  const { teams } = await handset.until(() => handset.last<{ teams: { id: string }[] }>('view'));
  expect(await handset.join('A real one', teams[0]!.id)).toMatchObject({ ok: true });
  const next = await rehearse();
  await handset.until(() => !handset.socket.connected);
  const gone = world.connect({ as: 'handset', code: first.code });
  expect(await gone.refused()).toMatchObject({ code: 'notThere' });
  expect((await host.call('GET', `/api/sittings/${first.id}`)).status).toBe(404);
  const other = await world.host();
  expect((await other.call('GET', `/api/sittings/${next.id}/tally`)).status).toBe(404);
}, 30_000);
