import { svg } from './draw.mjs';

/** Things drawn with a few strokes, 400 × 400. */
const ink = '#14211d';
const stroke = `fill="none" stroke="${ink}" stroke-width="12" stroke-linecap="round" stroke-linejoin="round"`;
const sea = '<path d="M0,320 q50,-30 100,0 t100,0 t100,0 t100,0 V400 H0 Z" fill="#1e5f8a"/>';
const sky = '<rect width="400" height="400" fill="#d9e8f0"/>';
const cloud = (y, fill = '#ffffff') =>
  `<path d="M110,${y + 90} a55,55 0 0 1 6,-110 a80,80 0 0 1 150,-16 a62,62 0 0 1 24,126 Z" fill="${fill}" stroke="${ink}" stroke-width="8"/>`;
const rays = (x, y, from, to, n) =>
  Array.from({ length: n }, (_, i) => {
    const a = (i / n) * 2 * Math.PI;
    const at = (r) => `${(x + r * Math.cos(a)).toFixed(1)},${(y + r * Math.sin(a)).toFixed(1)}`;
    return `<path d="M${at(from)} L${at(to)}" stroke="#d9a400" stroke-width="14" stroke-linecap="round"/>`;
  }).join('');
const sun = (x, y, r) =>
  `<circle cx="${x}" cy="${y}" r="${r}" fill="#f2c318"/>${rays(x, y, r + 18, r + 48, 12)}`;

const things = [
  {
    name: 'lighthouse',
    group: 'At sea',
    words: 'Lighthouse',
    alt: 'A tower with red and white bands and a bright lamp, by the water',
    body: `${sky}<path d="M60,120 L170,150 L60,180 Z M340,120 L230,150 L340,180 Z" fill="#f2c318"/><path d="M165,180 H235 L265,330 H135 Z" fill="#fff" stroke="${ink}" stroke-width="8"/><path d="M158,215 H242 L248,245 H152 Z M146,280 H254 L260,310 H140 Z" fill="#c8313c"/><rect x="170" y="125" width="60" height="55" fill="#f2c318" stroke="${ink}" stroke-width="8"/><path d="M160,125 L200,85 L240,125 Z" fill="#c8313c" stroke="${ink}" stroke-width="8"/>${sea}`,
  },
  {
    name: 'anchor',
    group: 'At sea',
    words: 'Anchor',
    alt: 'An iron thing with a ring above, a crossbar and two curved arms with points',
    body: `<circle cx="200" cy="70" r="32" ${stroke}/><path d="M200,102 V340 M130,150 H270 M70,230 C80,310 140,340 200,340 C260,340 320,310 330,230" ${stroke}/><path d="M50,262 L72,214 L112,250 Z M350,262 L328,214 L288,250 Z" fill="${ink}"/>`,
  },
  {
    name: 'sailing-boat',
    group: 'At sea',
    words: 'Sailing boat',
    alt: 'A small boat under two white sails',
    body: `${sky}<path d="M190,50 V280" ${stroke}/><path d="M205,60 C290,130 310,200 315,260 H205 Z M175,90 C130,150 105,210 95,260 H175 Z" fill="#fff" stroke="${ink}" stroke-width="8"/><path d="M60,285 H340 L300,340 H110 Z" fill="#c8313c" stroke="${ink}" stroke-width="8"/>${sea}`,
  },
  {
    name: 'lifebuoy',
    group: 'At sea',
    words: 'Lifebuoy',
    alt: 'A ring, red and white in turn, with a rope around it',
    body: `<circle cx="200" cy="200" r="120" fill="none" stroke="#fff" stroke-width="70"/><circle cx="200" cy="200" r="120" fill="none" stroke="#c8313c" stroke-width="70" stroke-dasharray="94.2 94.3" stroke-dashoffset="47"/><circle cx="200" cy="200" r="155" ${stroke}/><circle cx="200" cy="200" r="85" ${stroke}/>`,
  },
  {
    name: 'compass',
    group: 'At sea',
    words: 'Compass',
    alt: 'A round dial with a needle, its red end pointing up',
    body: `<circle cx="200" cy="200" r="160" fill="#fff" stroke="${ink}" stroke-width="14"/><polygon points="200,70 226,200 174,200" fill="#c8313c"/><polygon points="200,330 226,200 174,200" fill="#56625c"/><circle cx="200" cy="200" r="14" fill="${ink}"/><path d="M200,52 V66 M348,200 H334 M200,348 V334 M52,200 H66" ${stroke}/>`,
  },
  {
    name: 'fish',
    group: 'Nature',
    words: 'Fish',
    alt: 'A fish seen from the side',
    body: `<path d="M60,200 C120,100 240,100 300,200 C240,300 120,300 60,200 Z M290,200 L360,130 V270 Z" fill="#6fa8c7" stroke="${ink}" stroke-width="10" stroke-linejoin="round"/><circle cx="120" cy="180" r="12" fill="${ink}"/><path d="M170,150 q26,50 0,100" ${stroke}/>`,
  },
  {
    name: 'gull',
    group: 'Nature',
    words: 'Sea gull',
    alt: 'A white bird with grey wings spread wide',
    body: `${sky}<path d="M30,150 C90,110 140,130 190,190 C240,130 290,100 370,120 C310,150 270,190 245,235 C225,275 170,280 150,240 C130,195 90,165 30,150 Z" fill="#fff" stroke="${ink}" stroke-width="8"/><path d="M150,240 L110,262 L158,258 Z" fill="#f2c318" stroke="${ink}" stroke-width="5"/><circle cx="166" cy="232" r="6" fill="${ink}"/>`,
  },
  {
    name: 'tree-leaf',
    group: 'Nature',
    words: 'Broad-leaved tree',
    alt: 'A tree with a round crown',
    body: `<rect x="180" y="240" width="40" height="130" fill="#7a5230"/><circle cx="200" cy="160" r="115" fill="#1f7a4d" stroke="${ink}" stroke-width="8"/>`,
  },
  {
    name: 'tree-needle',
    group: 'Nature',
    words: 'Conifer',
    alt: 'A pointed tree in three tiers',
    body: `<rect x="184" y="310" width="32" height="60" fill="#7a5230"/><path d="M200,30 L270,140 H130 Z M200,100 L290,220 H110 Z M200,180 L310,315 H90 Z" fill="#1f4d3f" stroke="${ink}" stroke-width="6" stroke-linejoin="round"/>`,
  },
  {
    name: 'weather-sun',
    group: 'Weather',
    words: 'Sunshine',
    alt: 'A bright sun with rays',
    body: `${sky}${sun(200, 200, 80)}`,
  },
  {
    name: 'weather-cloud',
    group: 'Weather',
    words: 'Cloud',
    alt: 'A white cloud',
    body: `${sky}${cloud(170)}`,
  },
  {
    name: 'weather-rain',
    group: 'Weather',
    words: 'Rain',
    alt: 'A grey cloud with drops that fall from it',
    body: `${sky}${cloud(120, '#b9c4c9')}<path d="M140,240 l-16,56 M200,240 l-16,56 M260,240 l-16,56 M170,310 l-12,44 M230,310 l-12,44" fill="none" stroke="#1e5f8a" stroke-width="12" stroke-linecap="round"/>`,
  },
  {
    name: 'weather-snow',
    group: 'Weather',
    words: 'Snow',
    alt: 'A grey cloud with white flakes that fall from it',
    body: `<rect width="400" height="400" fill="#b8cdd9"/>${cloud(120, '#dfe5e7')}${[
      [140, 270],
      [200, 290],
      [260, 270],
      [170, 340],
      [230, 340],
    ]
      .map(
        ([x, y]) =>
          `<path d="M${x - 16},${y} h32 M${x - 8},${y - 14} l16,28 M${x + 8},${y - 14} l-16,28" stroke="#fff" stroke-width="7" stroke-linecap="round"/>`,
      )
      .join('')}`,
  },
  {
    name: 'weather-thunder',
    group: 'Weather',
    words: 'Thunderstorm',
    alt: 'A dark cloud with a flash below it',
    body: `${sky}${cloud(120, '#8795a0')}<polygon points="210,220 160,300 198,300 176,370 256,276 214,276 244,220" fill="#f2c318" stroke="${ink}" stroke-width="6" stroke-linejoin="round"/>`,
  },
  {
    name: 'weather-fog',
    group: 'Weather',
    words: 'Fog',
    alt: 'A cloud above three level lines',
    body: `${sky}${cloud(110)}<path d="M90,250 H310 M70,295 H290 M110,340 H330" fill="none" stroke="#56625c" stroke-width="14" stroke-linecap="round"/>`,
  },
  {
    name: 'hammer',
    group: 'Tools',
    words: 'Hammer',
    alt: 'A tool with a wooden handle and a steel head across it',
    body: `<rect x="182" y="150" width="36" height="220" rx="10" fill="#b07a45" stroke="${ink}" stroke-width="8"/><path d="M100,80 H260 Q310,80 330,120 L270,130 V150 H100 Z" fill="#8b979d" stroke="${ink}" stroke-width="8"/>`,
  },
  {
    name: 'hand-saw',
    group: 'Tools',
    words: 'Hand saw',
    alt: 'A long toothed blade with a wooden handle at its end',
    body: `<path d="M130,160 L380,200 V236 l-14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 -14,-12 -14,12 H130 Z" fill="#c7cfca" stroke="${ink}" stroke-width="6" stroke-linejoin="round"/><path fill-rule="evenodd" d="M30,140 H140 L150,260 H60 Q20,220 30,140 Z M64,170 H112 V226 H76 Q62,206 64,170 Z" fill="#b07a45" stroke="${ink}" stroke-width="8"/>`,
  },
  {
    name: 'chisel',
    group: 'Tools',
    words: 'Chisel',
    alt: 'A wooden handle with a flat steel blade, its end ground to an edge',
    body: `<g transform="rotate(45 200 200)"><rect x="20" y="174" width="150" height="52" rx="18" fill="#b07a45" stroke="${ink}" stroke-width="8"/><path d="M170,186 H330 L376,214 H170 Z" fill="#c7cfca" stroke="${ink}" stroke-width="8" stroke-linejoin="round"/></g>`,
  },
  {
    name: 'plane',
    group: 'Tools',
    words: 'Bench plane',
    alt: 'A flat-soled tool with a handle behind, a knob in front and a slanting iron between them',
    body: `<rect x="40" y="250" width="320" height="44" rx="6" fill="#8b979d" stroke="${ink}" stroke-width="8"/><path d="M190,250 L260,150" stroke="${ink}" stroke-width="22"/><path d="M90,250 Q80,170 130,150 L150,170 Q120,200 140,250 Z" fill="#b07a45" stroke="${ink}" stroke-width="8"/><circle cx="310" cy="220" r="30" fill="#b07a45" stroke="${ink}" stroke-width="8"/>`,
  },
  {
    name: 'spirit-level',
    group: 'Tools',
    words: 'Spirit level',
    alt: 'A long bar with a small glass tube in it; a bubble stands between two lines',
    body: `<rect x="30" y="160" width="340" height="80" rx="8" fill="#d9a400" stroke="${ink}" stroke-width="8"/><rect x="140" y="182" width="120" height="36" rx="18" fill="#cfe8a9" stroke="${ink}" stroke-width="6"/><ellipse cx="200" cy="196" rx="24" ry="9" fill="#fff"/><path d="M172,182 V218 M228,182 V218" stroke="${ink}" stroke-width="6"/>`,
  },
  {
    name: 'clamp',
    group: 'Tools',
    words: 'G-clamp',
    alt: 'A bow of iron with a screw through its lower end',
    body: `<path d="M150,70 H290 V300 H210" fill="none" stroke="#56625c" stroke-width="40" stroke-linejoin="round"/><path d="M150,70 V110" stroke="#56625c" stroke-width="40"/><path d="M150,200 V350" stroke="${ink}" stroke-width="16"/><rect x="120" y="180" width="60" height="20" fill="${ink}"/><path d="M110,350 H190" ${stroke}/><rect x="128" y="280" width="90" height="40" fill="#56625c"/>`,
  },
  {
    name: 'bell',
    group: 'Things',
    words: 'Bell',
    alt: 'A bell with its clapper showing',
    body: `<path d="M90,290 C130,250 110,100 200,90 C290,100 270,250 310,290 Z" fill="#d9a400" stroke="${ink}" stroke-width="10" stroke-linejoin="round"/><circle cx="200" cy="310" r="26" fill="${ink}"/><path d="M200,90 V60" ${stroke}/>`,
  },
  {
    name: 'hourglass',
    group: 'Things',
    words: 'Hourglass',
    alt: 'A glass narrow in the middle, sand running from its upper into its lower half',
    body: `<path d="M110,60 H290 M110,340 H290" ${stroke}/><path d="M130,66 C130,160 190,170 190,200 C190,230 130,240 130,334 H270 C270,240 210,230 210,200 C210,170 270,160 270,66 Z" fill="#eef4f6" stroke="${ink}" stroke-width="8"/><path d="M150,120 H250 C240,160 208,170 200,190 C192,170 160,160 150,120 Z M150,330 C160,290 190,280 200,270 C210,280 240,290 250,330 Z" fill="#d9a400"/>`,
  },
];

export const thingDrawings = () =>
  things.map(({ body, ...thing }) => ({ ...thing, width: 400, height: 400, svg: svg(400, 400, body) }));
