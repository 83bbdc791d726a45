import { c, disc, line, poly, rect, svg } from './draw.mjs';

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
  M: [plain('blue') + line('M0,0 L360,360 M360,0 L0,360', c.white, 62), 'blue with a white slanting cross'],
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
  V: [plain('white') + line('M0,0 L360,360 M360,0 L0,360', c.red, 62), 'white with a red slanting cross'],
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
export function flagDrawings() {
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
