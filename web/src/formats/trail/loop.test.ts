import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { BOX, LENGTH, middleOf, PEGS, pointAt, WIDTH } from './loop.ts';

test('the loop closes, has no jump, and stays in its box; outwards is away from the inside', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 2 * LENGTH, noNaN: true }), (along) => {
      const [here, next] = [pointAt(along), pointAt(along + 0.5)];
      expect(Math.hypot(next.x - here.x, next.y - here.y)).toBeLessThan(0.51);
      expect(Math.hypot(here.out.x, here.out.y)).toBeCloseTo(1, 9);
      for (const side of [-1, 1]) {
        const [x, y] = [here.x + (side * here.out.x * WIDTH) / 2, here.y + (side * here.out.y * WIDTH) / 2];
        expect(x > 0 && x < BOX.width && y > 0 && y < BOX.height).toBe(true);
      }
      // A step outwards is further from the nearest peg's middle, or from the line between both.
      const inside = Math.min(Math.max(here.x, PEGS.left), PEGS.right);
      expect((here.x - inside) * here.out.x + (here.y - PEGS.y) * here.out.y).toBeCloseTo(PEGS.radius, 6);
    }),
  );
});

test('spaces are equally long and go round once', () => {
  for (const spaces of [8, 24, 40]) {
    const middles = Array.from({ length: spaces }, (_, i) => middleOf(i, spaces));
    expect(new Set(middles.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`)).size).toBe(spaces);
    expect(middleOf(spaces, spaces).x).toBeCloseTo(middles[0]!.x, 6);
  }
});
