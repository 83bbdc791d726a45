import { expect, test } from '@jest/globals';
import { InTurn } from '../src/media/inTurn.ts';

test('one at a time, owners in turn, and one that fails holds nobody up', async () => {
  const turns = new InTurn();
  const done: string[] = [];
  let at = 0;
  const work = (name: string) => async () => {
    expect(++at).toBe(1);
    await new Promise((resolve) => setTimeout(resolve, 1));
    at--;
    done.push(name);
    if (name === 'a2') throw new Error('damaged');
    return name;
  };
  const all = ['a1', 'a2', 'a3', 'a4', 'b1', 'c1', 'b2'].map((name) => turns.run(name[0]!, work(name)));
  const told = await Promise.allSettled(all);
  expect(done).toEqual(['a1', 'a2', 'b1', 'c1', 'a3', 'b2', 'a4']);
  expect(told.map((one) => one.status).filter((one) => one === 'rejected')).toHaveLength(1);
  expect(await turns.run('d', work('d1'))).toBe('d1');
});
