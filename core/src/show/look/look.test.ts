import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkShow } from '../check/check.ts';
import { contrastsOf, mendedLook, paletteOf, themes, type Look } from './look.ts';
import { sampleShow } from '../../sitting/test/table.ts';
import { contrast, luminance, mended } from './contrast.ts';

const colour = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('contrast by WCAG 2.2', () => {
  // Understanding SC 1.4.3 and technique G18 name black on white 21:1, and #767676 as the lightest grey of
  // 4.5:1 on white (rounded down 4.54); #777777 fails with 4.47. Red on white 3.99 and #0000ff on white 8.59 are
  // results of the same formula; figures from memory.
  test.each([
    ['#000000', '#ffffff', 21],
    ['#ffffff', '#ffffff', 1],
    ['#767676', '#ffffff', 4.54],
    ['#777777', '#ffffff', 4.48],
    ['#949494', '#ffffff', 3.03],
    ['#ff0000', '#ffffff', 4.0],
    ['#0000ff', '#ffffff', 8.59],
  ])('%s on %s is %f : 1', (a, b, ratio) => {
    expect(contrast(a, b)).toBeCloseTo(ratio, 1);
    expect(contrast(b, a)).toBe(contrast(a, b));
  });
  test('luminance of the ends and of the three primaries', () => {
    expect(luminance('#000000')).toBe(0);
    expect(luminance('#ffffff')).toBeCloseTo(1);
    expect(luminance('#00ff00')).toBeCloseTo(0.7152);
  });
  test('any colour is mended until it can be read on any ground', () => {
    fc.assert(
      fc.property(colour, colour, (one, ground) => {
        expect(contrast(mended(one, [ground], 4.5), ground)).toBeGreaterThanOrEqual(4.5);
      }),
    );
    expect(mended('#ffffff', ['#000000'], 4.5)).toBe('#ffffff');
  });
});

describe('looks', () => {
  test.each(themes.filter((theme) => theme !== 'own'))('the theme %s can be read everywhere', (theme) => {
    expect(contrastsOf({ theme }).filter((one) => !one.enough)).toEqual([]);
    const { dim, ground, panel, onAccent, accent } = paletteOf({ theme });
    expect(Math.min(contrast(dim, ground), contrast(dim, panel))).toBeGreaterThanOrEqual(4.5);
    expect(contrast(onAccent, accent)).toBeGreaterThanOrEqual(4.5);
  });
  test('an own theme of poor contrast is told by the check, and mended on request', () => {
    const look: Look = {
      theme: 'own',
      own: { ground: '#557755', panel: '#446644', text: '#99bb99', accent: '#668866' },
    };
    const show = { ...sampleShow(), look };
    const told = checkShow(show).find((one) => one.code === 'contrast');
    expect(told).toMatchObject({ params: { n: 4 }, round: null });
    const again = mendedLook(look);
    expect(contrastsOf(again).filter((one) => !one.enough)).toEqual([]);
    expect(again.own).toMatchObject({ ground: '#557755', panel: '#446644' });
    expect(checkShow({ ...show, look: again }).map((one) => one.code)).not.toContain('contrast');
  });
});
