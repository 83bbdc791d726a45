import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { deskView, replay } from '@distaff/core/sitting';
import { openDatabase } from '../src/db/database.ts';
import { Sittings } from '../src/db/sittings.ts';
import { gather, matrix, once, playOut, showWith, view } from './evening.ts';
import { World, type Host } from './world.ts';

let world: World;
let host: Host;
const database = openDatabase(process.env.TEST_DATABASE_URL!);
const store = new Sittings(database);
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(async () => {
  await world.close();
  await database.close();
});
describe.each(matrix)('nothing is lost: $format, $floor', ({ format, floor }) => {
  // Of a survey nobody is ahead; balanced covers are drawn anew for each sitting.
  const level = format === 'counterweight' || format === 'survey';

  test('at every step the log in the database is all that a new server needs', async () => {
    const evening = await gather(world, host, showWith(format, floor));
    let steps = 0;
    const result = await playOut(evening, once, async () => {
      const { log } = await store.load(evening.id);
      await evening.desk.until(() => view(evening.desk).seq === log.at(-1)!.seq);
      expect(JSON.parse(JSON.stringify(deskView(replay(log).state)))).toEqual(view(evening.desk));
      steps++;
    });
    expect(steps).toBeGreaterThan(7);
    if (!level) expect(new Set(result.map((one) => one.place)).size).toBeGreaterThan(1);
  });
});
