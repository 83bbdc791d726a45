import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { things } from './shelfThings.mjs';

/** Colours of the drawings. */
const c = {
  ink: '#14211d',
  white: '#ffffff',
  red: '#c8313c',
  blue: '#1e4f9a',
  yellow: '#f2c318',
  black: '#14211d',
  green: '#1f7a4d',
  sky: '#d9e8f0',
  sea: '#1e5f8a',
  line: '#c7cfca',
};

const svg = (width, height, body) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}"><rect width="${width}" height="${height}" rx="14" fill="#edf1ee"/>${body}</svg>\n`;
const rect = (x, y, w, h, fill) => `<rect x="${x}" y="${y}" width="${w}" height="${h}" fill="${fill}"/>`;
const poly = (points, fill) => `<polygon points="${points}" fill="${fill}"/>`;
const disc = (x, y, r, fill) => `<circle cx="${x}" cy="${y}" r="${r}" fill="${fill}"/>`;
const path_ = (d, stroke, width) => `<path d="${d}" fill="none" stroke="${stroke}" stroke-width="${width}"/>`;

/** The letter flags of the International Code of Signals (common practice), 360 × 360. */
const bands = (list, upright = false) => {
  let at = 0;
  const sum = list.reduce((total, [, share]) => total + share, 0);
  return list
    .map(([colour, share]) => {
      const size = (360 * share) / sum;
      const band = upright ? rect(at, 0, size, 360, c[colour]) : rect(0, at, 360, size, c[colour]);
      at += size;
      return band;
    })
    .join('');
};
const quarters = (a, b) =>
  rect(0, 0, 360, 360, c[a]) + rect(180, 0, 180, 180, c[b]) + rect(0, 180, 180, 180, c[b]);
const plain = (colour) => rect(0, 0, 360, 360, c[colour]);
const tail = (body) =>
  `<clipPath id="t"><polygon points="0,0 360,0 270,180 360,360 0,360"/></clipPath><g clip-path="url(#t)">${body}</g>`;
const checks = () => {
  let body = plain('white');
  for (let y = 0; y < 4; y++)
    for (let x = 0; x < 4; x++) if ((x + y) % 2 === 0) body += rect(x * 90, y * 90, 90, 90, c.blue);
  return body;
};
const slants = () => {
  let body = plain('yellow');
  for (let i = 0; i < 5; i++) {
    const a = 72 + i * 144;
    body += poly(`0,${a} ${a},0 ${a + 72},0 0,${a + 72}`, c.red);
  }
  return `<clipPath id="s"><rect width="360" height="360"/></clipPath><g clip-path="url(#s)">${body}</g>`;
};
const flags = {
  A: [
    tail(rect(0, 0, 180, 360, c.white) + rect(180, 0, 180, 360, c.blue)),
    'swallow-tailed, white at the staff and blue outside',
  ],
  B: [tail(plain('red')), 'swallow-tailed, red'],
  C: [
    bands([
      ['blue', 1],
      ['white', 1],
      ['red', 1],
      ['white', 1],
      ['blue', 1],
    ]),
    'five bands across: blue, white, red, white, blue',
  ],
  D: [
    bands([
      ['yellow', 1],
      ['blue', 2],
      ['yellow', 1],
    ]),
    'three bands across: yellow, a broad blue one, yellow',
  ],
  E: [
    bands([
      ['blue', 1],
      ['red', 1],
    ]),
    'blue above red',
  ],
  F: [
    plain('white') + poly('180,0 360,180 180,360 0,180', c.red),
    'white with a red diamond that reaches the edges',
  ],
  G: [
    bands(
      [
        ['yellow', 1],
        ['blue', 1],
        ['yellow', 1],
        ['blue', 1],
        ['yellow', 1],
        ['blue', 1],
      ],
      true,
    ),
    'six upright stripes, yellow and blue in turn',
  ],
  H: [
    bands(
      [
        ['white', 1],
        ['red', 1],
      ],
      true,
    ),
    'white at the staff, red outside',
  ],
  I: [plain('yellow') + disc(180, 180, 90, c.black), 'yellow with a black disc'],
  J: [
    bands([
      ['blue', 1],
      ['white', 1],
      ['blue', 1],
    ]),
    'three bands across: blue, white, blue',
  ],
  K: [
    bands(
      [
        ['yellow', 1],
        ['blue', 1],
      ],
      true,
    ),
    'yellow at the staff, blue outside',
  ],
  L: [quarters('yellow', 'black'), 'four quarters, yellow and black'],
  M: [plain('blue') + path_('M0,0 L360,360 M360,0 L0,360', c.white, 62), 'blue with a white slanting cross'],
  N: [checks(), 'sixteen checks, blue and white'],
  O: [plain('red') + poly('0,0 0,360 360,360', c.yellow), 'halved aslant, red above and yellow below'],
  P: [plain('blue') + rect(120, 120, 120, 120, c.white), 'blue with a white square in the middle'],
  Q: [plain('yellow'), 'all yellow'],
  R: [
    plain('red') + rect(150, 0, 60, 360, c.yellow) + rect(0, 150, 360, 60, c.yellow),
    'red with an upright yellow cross',
  ],
  S: [plain('white') + rect(120, 120, 120, 120, c.blue), 'white with a blue square in the middle'],
  T: [
    bands(
      [
        ['red', 1],
        ['white', 1],
        ['blue', 1],
      ],
      true,
    ),
    'three upright bands: red at the staff, white, blue',
  ],
  U: [quarters('red', 'white'), 'four quarters, red and white'],
  V: [plain('white') + path_('M0,0 L360,360 M360,0 L0,360', c.red, 62), 'white with a red slanting cross'],
  W: [
    plain('blue') + rect(60, 60, 240, 240, c.white) + rect(120, 120, 120, 120, c.red),
    'a red square in a white one in a blue one',
  ],
  X: [
    plain('white') + rect(140, 0, 80, 360, c.blue) + rect(0, 140, 360, 80, c.blue),
    'white with an upright blue cross',
  ],
  Y: [slants(), 'slanting stripes, yellow and red in turn'],
  Z: [
    poly('0,0 360,0 180,180', c.yellow) +
      poly('360,0 360,360 180,180', c.blue) +
      poly('0,360 360,360 180,180', c.red) +
      poly('0,0 0,360 180,180', c.black),
    'four triangles that meet in the middle: yellow above, blue outside, red below, black at the staff',
  ],
};
function flagDrawings() {
  return Object.entries(flags).map(([letter, [body, alt]]) => ({
    name: `flag-${letter.toLowerCase()}`,
    group: 'Signal flags',
    words: `Signal flag ${letter}`,
    alt: `A flag, ${alt}`,
    width: 400,
    height: 400,
    svg: svg(
      400,
      400,
      `<g transform="translate(20 20)">${body}</g><path d="M20,20 H380 M20,380 H380 M20,20 V380" fill="none" stroke="${c.line}" stroke-width="2"/>`,
    ),
  }));
}

/** Sea marks of the maritime buoyage system, region A (common practice), 300 × 400. */
function markDrawings() {
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
  const staff = path_('M150,20 V130', c.ink, 4);
  const striped = `<clipPath id="b"><polygon points="132,120 168,120 200,310 100,310"/></clipPath><g clip-path="url(#b)">${[0, 1, 2, 3, 4].map((i) => rect(100 + i * 20, 120, 20, 190, i % 2 ? c.white : c.red)).join('')}</g>`;
  const cross = path_('M128,36 L172,80 M172,36 L128,80', c.yellow, 12);
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

/** Phases of the moon as seen north of the equator: lit at the right while it grows. */
function moonDrawings() {
  const phases = [
    ['new', 'New moon', 0, 'all dark'],
    ['waxing-crescent', 'Waxing crescent', 0.22, 'a thin bright sickle at the right'],
    ['first-quarter', 'First quarter', 0.5, 'the right half is bright'],
    ['waxing-gibbous', 'Waxing gibbous', 0.78, 'bright but for a dark sickle at the left'],
    ['full', 'Full moon', 1, 'all bright'],
    ['waning-gibbous', 'Waning gibbous', -0.78, 'bright but for a dark sickle at the right'],
    ['last-quarter', 'Last quarter', -0.5, 'the left half is bright'],
    ['waning-crescent', 'Waning crescent', -0.22, 'a thin bright sickle at the left'],
  ];
  return phases.map(([name, words, lit, alt]) => {
    const share = Math.abs(lit);
    const bulge = Math.abs(1 - 2 * share) * 120;
    const half = `M200,80 A120,120 0 0 1 200,320 A${bulge || 0.01},120 0 0 ${share < 0.5 ? 0 : 1} 200,80 Z`;
    const bright =
      share === 0
        ? ''
        : share === 1
          ? disc(200, 200, 120, '#f6efd2')
          : `<path d="${half}" fill="#f6efd2"${lit < 0 ? ' transform="translate(400 0) scale(-1 1)"' : ''}/>`;
    return {
      name: `moon-${name}`,
      group: 'Moon',
      words,
      alt: `The moon: ${alt}`,
      width: 400,
      height: 400,
      svg: svg(400, 400, rect(0, 0, 400, 400, '#14243a') + disc(200, 200, 120, '#3a4a60') + bright),
    };
  });
}

/** Clock faces for those who learn to tell the time. */
function clockDrawings() {
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
    path_(`M${at(i / 12, 160)} L${at(i / 12, 142)}`, c.ink, i % 3 ? 5 : 10),
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
        path_(`M200,200 L${at((hour % 12) / 12 + minute / 720, 84)}`, c.ink, 14) +
        path_(`M200,200 L${at(minute / 60, 134)}`, c.red, 8) +
        disc(200, 200, 12, c.ink),
    ),
  }));
}

/** Parts of a disc. */
function shareDrawings() {
  const at = (turns) =>
    `${(200 + 160 * Math.sin(turns * 2 * Math.PI)).toFixed(2)},${(200 - 160 * Math.cos(turns * 2 * Math.PI)).toFixed(2)}`;
  return [
    [1, 2],
    [1, 3],
    [2, 3],
    [1, 4],
    [3, 4],
    [1, 5],
    [3, 5],
    [1, 6],
    [5, 6],
    [3, 8],
  ].map(([n, of]) => {
    const slices = Array.from(
      { length: of },
      (_, i) =>
        `<path d="M200,200 L${at(i / of)} A160,160 0 0 1 ${at((i + 1) / of)} Z" fill="${i < n ? '#1e5f8a' : '#ffffff'}" stroke="${c.ink}" stroke-width="5"/>`,
    );
    return {
      name: `share-${n}-${of}`,
      group: 'Fractions',
      words: `Fraction ${n}/${of}`,
      alt: `A disc in ${of} equal parts, ${n} of them blue`,
      width: 400,
      height: 400,
      svg: svg(400, 400, slices.join('')),
    };
  });
}

/** Flat shapes. */
function shapeDrawings() {
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

const thingDrawings = () =>
  things.map(({ body, ...thing }) => ({ ...thing, width: 400, height: 400, svg: svg(400, 400, body) }));

/** Writes the shelf of drawings – all our own – with the list that the studio reads. */
export function writeShelf(folder) {
  mkdirSync(folder, { recursive: true });
  const drawings = [
    ...flagDrawings(),
    ...markDrawings(),
    ...moonDrawings(),
    ...thingDrawings(),
    ...shapeDrawings(),
    ...clockDrawings(),
    ...shareDrawings(),
  ];
  for (const { name, svg: text } of drawings) writeFileSync(path.join(folder, `${name}.svg`), text);
  const list = drawings.map(({ name, group, words, alt, width, height }) => ({
    name,
    group,
    words,
    alt,
    width,
    height,
  }));
  writeFileSync(path.join(folder, 'index.json'), JSON.stringify(list));
  return list;
}
