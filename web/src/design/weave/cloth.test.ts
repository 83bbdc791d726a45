import { describe, expect, test } from '@jest/globals';
import { patterns, weaveAt } from '@distaff/core/show';
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { clothSvg, type ClothTeam } from './cloth.ts';
import { drafts } from './drafts.ts';
import { tileOf, weaveBackground } from './tile.ts';

const team = (n: number, score: number, place: number, name = `Team ${n}`): ClothTeam => ({
  id: `t${n}`,
  name,
  weave: weaveAt(n),
  score,
  place,
});
interface Rect {
  '@x'?: string;
  '@width': string;
  '@fill': string;
  '@opacity'?: string;
}
function read(svg: string) {
  expect(XMLValidator.validate(svg)).toBe(true);
  const { svg: root } = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '@' }).parse(svg) as {
    svg: { rect: Rect[]; text: ({ '#text': string } | string)[] };
  };
  return { rects: root.rect, texts: root.text.map((one) => String((one as { '#text': string })['#text'])) };
}

test('the cloth is well-formed SVG, whatever people are called', () => {
  const teams = [team(0, 300, 1, '<Bow & "line">'), team(1, -100, 2, 'مرحبا')];
  const { texts } = read(clothSvg('A <b> & B', teams, [{ name: 'Tides & "knots"', cells: [] }], '1 March'));
  expect(texts.join('\n')).toContain('Bow');
});

test('a cell is shared by all who were right, and hatched where nobody was', () => {
  const teams = [team(0, 300, 1), team(1, 0, 2)];
  const cells = [
    { used: true, teams: ['t0', 't1'] },
    { used: true, teams: [] },
    { used: false, teams: [] },
    { used: true, teams: ['gone'] },
  ];
  const { rects } = read(clothSvg('Evening', teams, [{ name: 'Tides', cells }], '1 March'));
  const fills = rects.map((one) => one['@fill']);
  expect(fills.filter((fill) => fill === 'url(#w0)')).toHaveLength(2);
  expect(fills.filter((fill) => fill === 'url(#none)')).toHaveLength(2);
  const [first, second] = rects.slice(1, 3).map((one) => [Number(one['@x']), Number(one['@width'])]);
  expect(first![0]! + first![1]!).toBeCloseTo(second![0]!);
});

test('bands are as wide as scores, in the order of places; a loss keeps its sign', () => {
  const teams = [team(0, 100, 2), team(1, 400, 1), team(2, -200, 3)];
  const { rects, texts } = read(clothSvg('Evening', teams, [], ''));
  const bands = rects.slice(1).map((one) => [one['@fill'], Number(one['@width']), one['@opacity']]);
  expect(bands).toEqual([
    ['url(#w1)', 1120, undefined],
    ['url(#w0)', 280, undefined],
    ['url(#w2)', 560, '.45'],
  ]);
  expect(texts).toContain('−200');
});

describe.each(patterns)('%s', (pattern) => {
  const weave = { pattern, warp: 'weld', weft: 'ink' } as const;

  test('is drawn by two yarns, and repeats after its threads', () => {
    const { across, down, shapes } = tileOf(weave);
    expect(new Set(shapes.match(/#[0-9a-f]{6}/gi)).size).toBe(2);
    expect(weaveBackground(weave, 2).backgroundSize).toBe(
      `calc(${across * 2} * var(--thread, 3px)) calc(${down * 2} * var(--thread, 3px))`,
    );
  });

  test('every crossing has one thread on top, or none; each float lies on as many as it is long', () => {
    const { across, down, at } = drafts[pattern];
    const crossings = Array.from({ length: across * down }, (_, n) => at(n % across, Math.floor(n / across)));
    const bars = [...tileOf(weave).shapes.matchAll(/h([\d.]+)v([\d.]+)h-/g)];
    const lengths = bars.map(([, width, height]) => Math.round(Math.max(Number(width), Number(height))));
    // The ends of a float are drawn in; one that goes on in the next tile is drawn out.
    expect(lengths.reduce((sum, one) => sum + one, 0)).toBeGreaterThanOrEqual(
      crossings.filter(Boolean).length - bars.length,
    );
    expect(crossings.filter((one) => one?.yarn === 0).length).toBeGreaterThan(0);
    expect(crossings.filter((one) => one?.yarn === 1).length).toBeGreaterThan(0);
  });
});

test('the first twelve teams have twelve patterns, so that nobody is told by colour alone', () => {
  const first = Array.from({ length: 12 }, (_, n) => weaveAt(n));
  expect(new Set(first.map(({ pattern }) => pattern)).size).toBe(12);
});
