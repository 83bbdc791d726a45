import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { deskView, replay } from '@distaff/core/sitting';
import { openDatabase } from '../src/db/database.ts';
import { Sittings } from '../src/db/sittings.ts';
import { comeBack, gather, matrix, once, playOut, showWith, view } from './evening.ts';
import { unique, World, type Host, type Visitor } from './world.ts';

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
const begun = (format: (typeof matrix)[number]['format'], floor: (typeof matrix)[number]['floor']) =>
  gather(world, host, showWith(format, floor));

describe.each(matrix)('nothing is lost: $format, $floor', ({ format, floor }) => {
  // Balanced covers are drawn anew for each sitting: there scores cannot be compared.
  const drawn = format === 'counterweight';
  // Of a survey nobody is ahead.
  const level = drawn || format === 'survey';

  test('at every step the log in the database is all that a new server needs', async () => {
    const evening = await begun(format, floor);
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

  test('messages that come twice, late ones, and a server that starts again at every step change nothing', async () => {
    const plain = await playOut(await begun(format, floor), once);
    const sent: [number | 'desk', object, string][] = [];
    const evening = await begun(format, floor);
    const who = (visitor: Visitor) => (visitor === evening.desk ? 'desk' : evening.seats.indexOf(visitor));
    const by = (one: number | 'desk') => (one === 'desk' ? evening.desk : evening.seats[one]!);
    const twice = async (visitor: Visitor, command: object) => {
      const id = unique('twice');
      sent.push([who(visitor), command, id]);
      // With each goes what was said some messages ago, again and out of its order.
      const old = sent.at(-4);
      const [first, second] = await Promise.all([
        visitor.sendOn(command, id),
        visitor.sendOn(command, id),
        old ? by(old[0]).sendOn(old[1], old[2]) : null,
      ]);
      // Asked a second time, a handset is told all of its own part.
      expect(second).toMatchObject(first);
    };
    const faulty = await playOut(evening, twice, async () => {
      await world.close();
      world = await new World().open();
      host = Object.assign(Object.create(Object.getPrototypeOf(host)), host, { world }) as Host;
      await comeBack(world, evening);
    });
    if (drawn) for (const one of faulty) expect(one.score).toBeLessThanOrEqual(0);
    else expect(faulty).toEqual(plain);
  });
});
