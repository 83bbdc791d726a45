import { c, svg } from './draw.mjs';

/** Parts of a disc. */
export function shareDrawings() {
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
