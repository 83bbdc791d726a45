/** The loop in its own unit: 240 wide, 104 high; two pegs with a bundle of threads laid round them. */
export const BOX = { width: 240, height: 104 };
export const PEGS = { left: 53, right: 187, y: 52, radius: 33 };
/** How wide the bundle of threads is. */
export const WIDTH = 16;
const STRAIGHT = PEGS.right - PEGS.left;
const ARC = Math.PI * PEGS.radius;
export const LENGTH = 2 * (STRAIGHT + ARC);

export interface Point {
  x: number;
  y: number;
  /** Away from the inside of the loop, of length 1. */
  out: { x: number; y: number };
}

/** A point of the middle of the bundle, `along` from the start, which is at the top left; clockwise. */
export function pointAt(along: number): Point {
  const at = ((along % LENGTH) + LENGTH) % LENGTH;
  const { left, right, y, radius } = PEGS;
  if (at < STRAIGHT) return { x: left + at, y: y - radius, out: { x: 0, y: -1 } };
  if (at < STRAIGHT + ARC) return onPeg(right, (at - STRAIGHT) / radius - Math.PI / 2);
  if (at < 2 * STRAIGHT + ARC)
    return { x: right - (at - STRAIGHT - ARC), y: y + radius, out: { x: 0, y: 1 } };
  return onPeg(left, (at - 2 * STRAIGHT - ARC) / radius + Math.PI / 2);
}
const onPeg = (x: number, angle: number): Point => ({
  x: x + Math.cos(angle) * PEGS.radius,
  y: PEGS.y + Math.sin(angle) * PEGS.radius,
  out: { x: Math.cos(angle), y: Math.sin(angle) },
});

/** The middle of a space, which has its number at its start. */
export const middleOf = (space: number, spaces: number): Point => pointAt(((space + 0.5) / spaces) * LENGTH);

const STEP = 2;
/** A stretch of the bundle as an SVG path, `aside` from its middle (outwards). */
export function stretch(from: number, to: number, spaces: number, aside = 0): string {
  const [start, end] = [(from / spaces) * LENGTH, (to / spaces) * LENGTH];
  const count = Math.max(1, Math.ceil((end - start) / STEP));
  const points = Array.from({ length: count + 1 }, (_, i) => {
    const { x, y, out } = pointAt(start + ((end - start) * i) / count);
    return `${fixed(x + out.x * aside)} ${fixed(y + out.y * aside)}`;
  });
  return `M${points.join('L')}`;
}
/** The tie between two spaces. */
export function tie(space: number, spaces: number): string {
  const { x, y, out } = pointAt((space / spaces) * LENGTH);
  const half = WIDTH / 2;
  return `M${fixed(x - out.x * half)} ${fixed(y - out.y * half)}L${fixed(x + out.x * half)} ${fixed(y + out.y * half)}`;
}
const fixed = (n: number) => Math.round(n * 100) / 100;
