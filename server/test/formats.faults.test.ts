import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { comeBack, gather, matrix, once, playOut, showWith } from './evening.ts';
import { unique, World, type Host, type Visitor } from './world.ts';

let world: World;
let host: Host;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(() => world.close());
const begun = (format: (typeof matrix)[number]['format'], floor: (typeof matrix)[number]['floor']) =>
  gather(world, host, showWith(format, floor));

describe.each(matrix)('nothing is lost: $format, $floor', ({ format, floor }) => {
  // Balanced covers are drawn anew for each sitting: there scores cannot be compared.
  const drawn = format === 'counterweight';

  test('messages that come twice, late ones, and a server that starts again at every other step change nothing', async () => {
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
    // Every other step: odd ones here, even ones in the next evening of the table.
    let step = matrix.findIndex((one) => one.format === format && one.floor === floor);
    const faulty = await playOut(evening, twice, async () => {
      if (step++ % 2) return;
      await world.close();
      world = await new World().open();
      host = Object.assign(Object.create(Object.getPrototypeOf(host)), host, { world }) as Host;
      await comeBack(world, evening);
    });
    if (drawn) for (const one of faulty) expect(one.score).toBeLessThanOrEqual(0);
    else expect(faulty).toEqual(plain);
  });
});
