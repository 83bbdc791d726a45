import { c, disc, line, poly, rect, svg } from './draw.mjs';

/** Sea marks of the maritime buoyage system, region A (common practice), 300 × 400. */
export function markDrawings() {
  const cone = (y, up) =>
    poly(up ? `120,${y + 40} 180,${y + 40} 150,${y}` : `120,${y} 180,${y} 150,${y + 40}`, c.black);
  const ball = (y, colour) => disc(150, y, 20, colour);
  const body = (list) => {
    const each = 190 / list.length;
    return (
      `<clipPath id="b"><polygon points="132,120 168,120 200,310 100,310"/></clipPath><g clip-path="url(#b)">` +
      list.map((colour, i) => rect(80, 120 + i * each, 140, each, c[colour])).join('') +
      '</g>'
    );
  };
  const water = `<path d="M30,320 q30,-24 60,0 t60,0 t60,0 t60,0 V390 H30 Z" fill="${c.sea}"/>`;
  const staff = line('M150,20 V130', c.ink, 4);
  const striped = `<clipPath id="b"><polygon points="132,120 168,120 200,310 100,310"/></clipPath><g clip-path="url(#b)">${[0, 1, 2, 3, 4].map((i) => rect(100 + i * 20, 120, 20, 190, i % 2 ? c.white : c.red)).join('')}</g>`;
  const cross = line('M128,36 L172,80 M172,36 L128,80', c.yellow, 12);
  const edge = `<polygon points="132,120 168,120 200,310 100,310" fill="none" stroke="${c.ink}" stroke-width="3"/>`;
  const marks = [
    [
      'north',
      'North cardinal mark',
      body(['black', 'yellow']) + cone(20, true) + cone(66, true),
      'black above yellow, two black cones that point up',
    ],
    [
      'south',
      'South cardinal mark',
      body(['yellow', 'black']) + cone(20, false) + cone(66, false),
      'yellow above black, two black cones that point down',
    ],
    [
      'east',
      'East cardinal mark',
      body(['black', 'yellow', 'black']) + cone(20, true) + cone(66, false),
      'black with a yellow band, two black cones base to base',
    ],
    [
      'west',
      'West cardinal mark',
      body(['yellow', 'black', 'yellow']) + cone(20, false) + cone(66, true),
      'yellow with a black band, two black cones point to point',
    ],
    [
      'port',
      'Port-hand mark, region A',
      body(['red']) + rect(125, 46, 50, 52, c.red),
      'red, with a red can on top',
    ],
    [
      'starboard',
      'Starboard-hand mark, region A',
      body(['green']) + poly('120,98 180,98 150,46', c.green),
      'green, with a green cone that points up',
    ],
    [
      'safe-water',
      'Safe water mark',
      striped + ball(64, c.red),
      'red and white upright stripes, a red ball on top',
    ],
    [
      'danger',
      'Isolated danger mark',
      body(['black', 'red', 'black']) + ball(40, c.black) + ball(86, c.black),
      'black with a red band, two black balls on top',
    ],
    ['special', 'Special mark', body(['yellow']) + cross, 'yellow, with a yellow slanting cross on top'],
  ];
  return marks.map(([name, words, drawn, alt]) => ({
    name: `mark-${name}`,
    group: 'Buoys and marks',
    words,
    alt: `A buoy: ${alt}`,
    width: 300,
    height: 400,
    svg: svg(300, 400, rect(0, 0, 300, 400, c.sky) + staff + drawn + edge + water),
  }));
}
