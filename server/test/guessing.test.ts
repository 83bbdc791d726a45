import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { demoShow, unique, World } from './world.ts';

/** A world of its own: whoever guesses here slows down everybody at this address. */
let world: World;
beforeAll(async () => {
  world = await new World().open();
});
afterAll(() => world.close());

test('a class behind one address is not locked out by one of them who guesses', async () => {
  const host = await world.host();
  const sitting = await host.sitting();
  const desk = host.desk(sitting.id);
  await desk.until(() => desk.last('view'));
  const team = demoShow().teams[0]!.id;
  const token = unique('token-token-token');
  const phone = world.connect({ as: 'handset', code: sitting.code, token });
  await phone.until(() => phone.last('view'));
  await phone.join('Annabel', team, token);
  for (let i = 0; i < 60; i++) await world.call('GET', '/api/join/CCCCC');
  expect((await world.call('GET', '/api/join/CCCCD')).status).toBe(429);
  expect((await world.call('GET', `/api/join/${sitting.code}`)).status).toBe(200);
  for (const auth of [
    { as: 'handset', code: sitting.code },
    { as: 'handset', code: sitting.code, token },
    { as: 'stage', code: sitting.code, key: sitting.stageKey },
  ]) {
    const visitor = world.connect(auth);
    await visitor.until(() => visitor.last('view'));
  }
  const wrong = world.connect({ as: 'handset', code: 'CCCCD' });
  expect(await wrong.refused()).toMatchObject({ code: 'slow' });
});
