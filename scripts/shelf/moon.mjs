import { disc, rect, svg } from './draw.mjs';

/** Phases of the moon as seen north of the equator: lit at the right while it grows. */
export function moonDrawings() {
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
