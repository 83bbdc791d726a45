import { c, disc, line, svg } from './draw.mjs';

/** Clock faces for those who learn to tell the time. */
export function clockDrawings() {
  const times = [
    [3, 0],
    [6, 0],
    [9, 0],
    [12, 0],
    [1, 30],
    [4, 30],
    [7, 15],
    [10, 45],
    [2, 20],
    [8, 55],
  ];
  const at = (turns, r) =>
    `${(200 + r * Math.sin(turns * 2 * Math.PI)).toFixed(1)},${(200 - r * Math.cos(turns * 2 * Math.PI)).toFixed(1)}`;
  const marks = Array.from({ length: 12 }, (_, i) =>
    line(`M${at(i / 12, 160)} L${at(i / 12, 142)}`, c.ink, i % 3 ? 5 : 10),
  ).join('');
  const figures = Array.from({ length: 12 }, (_, i) => {
    const [x, y] = at((i + 1) / 12, 116).split(',');
    return `<text x="${x}" y="${Number(y) + 11}" text-anchor="middle" font-family="sans-serif" font-size="32" fill="${c.ink}">${i + 1}</text>`;
  }).join('');
  return times.map(([hour, minute]) => ({
    name: `clock-${hour}-${String(minute).padStart(2, '0')}`,
    group: 'Clock faces',
    words: `Clock at ${hour}:${String(minute).padStart(2, '0')}`,
    alt: `A clock face: the short hand ${minute === 0 ? `at ${hour}` : `past ${hour}`}, the long hand at ${minute / 5 || 12}`,
    width: 400,
    height: 400,
    svg: svg(
      400,
      400,
      disc(200, 200, 180, c.white) +
        `<circle cx="200" cy="200" r="180" fill="none" stroke="${c.ink}" stroke-width="10"/>` +
        marks +
        figures +
        line(`M200,200 L${at((hour % 12) / 12 + minute / 720, 84)}`, c.ink, 14) +
        line(`M200,200 L${at(minute / 60, 134)}`, c.red, 8) +
        disc(200, 200, 12, c.ink),
    ),
  }));
}
