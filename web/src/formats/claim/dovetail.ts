/** On which sides another cloth lies that is not of the same group. */
export interface Sides {
  top: boolean;
  right: boolean;
  bottom: boolean;
  left: boolean;
}

const UPRIGHT = 5;
const LEVEL = 7;

/**
 * The outline of a piece of cloth that dovetails with its neighbours, as weavers join two colours: along a seam it
 * reaches `tooth` (a CSS length) over and gives way as far, in turn; what it gives way to is where the other reaches
 * over. The box must be as much larger on those sides. @returns a CSS polygon; none where there is no seam.
 */
export function dovetail({ top, right, bottom, left }: Sides, tooth: string): string {
  if (!top && !right && !bottom && !left) return 'none';
  const low = (on: boolean) => (on ? tooth : '0px');
  const far = (on: boolean) => (on ? `calc(100% - ${tooth})` : '100%');
  /** A position along a seam, in the part of the box without what reaches over. */
  const along = (n: number, of: number, before: boolean, after: boolean) => {
    const over = Number(before) + Number(after);
    const share = (n / of) * 100;
    return `calc(${share}% - ${(share / 100) * over} * ${tooth} + ${low(before)})`;
  };
  const points: string[] = [];
  /** `reaches` says with which step it reaches over: its neighbour does with the others. */
  const seam = (of: number, on: boolean, reaches: 0 | 1, at: (along: number, out: boolean) => string) => {
    if (!on) return void points.push(at(0, false), at(of, false));
    for (let n = 0; n < of; n++) {
      const out = n % 2 === reaches;
      points.push(at(n, out), at(n + 1, out));
    }
  };
  const x = (n: number) => along(n, LEVEL, left, right);
  const y = (n: number) => along(n, UPRIGHT, top, bottom);
  const twice = `calc(2 * ${tooth})`;
  const farTwice = `calc(100% - 2 * ${tooth})`;
  seam(LEVEL, top, 1, (n, out) => `${x(n)} ${top ? (out ? '0px' : twice) : low(top)}`);
  seam(UPRIGHT, right, 0, (n, out) => `${right ? (out ? '100%' : farTwice) : far(right)} ${y(n)}`);
  seam(LEVEL, bottom, 0, (n, out) => {
    const back = LEVEL - n;
    return `${x(back)} ${bottom ? (out ? '100%' : farTwice) : far(bottom)}`;
  });
  seam(UPRIGHT, left, 1, (n, out) => {
    const back = UPRIGHT - n;
    return `${left ? (out ? '0px' : twice) : low(left)} ${y(back)}`;
  });
  return `polygon(${points.join(', ')})`;
}
