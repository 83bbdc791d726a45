import { c, svg } from './draw.mjs';

/** Flat shapes. */
export function shapeDrawings() {
  const ring = (n, turn = 0) =>
    Array.from(
      { length: n },
      (_, i) =>
        `${(200 + 160 * Math.sin((i / n + turn) * 2 * Math.PI)).toFixed(1)},${(200 - 160 * Math.cos((i / n + turn) * 2 * Math.PI)).toFixed(1)}`,
    ).join(' ');
  const of = (body) =>
    `<g fill="#d9a400" stroke="${c.ink}" stroke-width="6" stroke-linejoin="round">${body}</g>`;
  const shapes = [
    ['circle', 'Circle', '<circle cx="200" cy="200" r="160"/>', 'a round shape without corners'],
    [
      'square',
      'Square',
      '<rect x="60" y="60" width="280" height="280"/>',
      'four equal sides and four right angles',
    ],
    [
      'rectangle',
      'Rectangle',
      '<rect x="40" y="110" width="320" height="180"/>',
      'two long and two short sides, four right angles',
    ],
    ['triangle', 'Equilateral triangle', `<polygon points="${ring(3)}"/>`, 'three equal sides'],
    [
      'right-triangle',
      'Right-angled triangle',
      '<polygon points="70,70 70,330 350,330"/>',
      'three sides and one right angle',
    ],
    [
      'rhombus',
      'Rhombus',
      '<polygon points="200,50 310,200 200,350 90,200"/>',
      'four equal sides, no right angle',
    ],
    [
      'trapezium',
      'Trapezium',
      '<polygon points="130,100 270,100 360,300 40,300"/>',
      'four sides, two of them parallel',
    ],
    ['pentagon', 'Pentagon', `<polygon points="${ring(5)}"/>`, 'five equal sides'],
    ['hexagon', 'Hexagon', `<polygon points="${ring(6)}"/>`, 'six equal sides'],
    ['octagon', 'Octagon', `<polygon points="${ring(8, 1 / 16)}"/>`, 'eight equal sides'],
  ];
  return shapes.map(([name, words, body, alt]) => ({
    name: `shape-${name}`,
    group: 'Shapes',
    words,
    alt: `A shape: ${alt}`,
    width: 400,
    height: 400,
    svg: svg(400, 400, of(body)),
  }));
}
