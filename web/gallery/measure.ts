import { all } from '../src/words/all.ts';

/** What is wrong with a screen, and where. */
export interface Complaint {
  what: 'outside' | 'cut' | 'overlaps' | 'tiny' | 'keySmaller' | 'keyHidden' | 'wide' | 'formula' | 'noWords';
  text: string;
  more: string;
}

/** Boxes are rounded, and lines of type reach a little over theirs (px). */
const HAIR = 3;
/** No letter is lower than this (px). */
const SMALLEST = 9;
/** Nor lower than this share of the height of a stage, which is read from the back of a room. */
const SMALLEST_SHARE = 0.0145;

/** What is meant to be pushed sideways; a page that scrolls down may do so by accident, which hides the ends of lines. */
const SIDEWAYS = '[tabindex="0"], .rich, .formula, .sideways';

/** What stands there where the words for it are missing. */
const KEY = new RegExp(`^(${['common', 'formats', ...Object.keys(all)].join('|')})(\\.\\w+)+$`);

interface Line {
  box: DOMRect;
  text: string;
  element: HTMLElement;
}

const isShown = (element: Element): boolean =>
  element.checkVisibility({ opacityProperty: true, visibilityProperty: true });

/** Elements for screen readers alone are a pixel wide. */
const isForEyes = (element: HTMLElement): boolean => {
  const box = boxOf(element);
  return (
    box.width > 2 && box.height > 2 && !element.closest('.sr-only, .visually-hidden, [inert], math, svg')
  );
};

/** Every line of every text that can be seen. */
function linesIn(root: Element): Line[] {
  const lines: Line[] = [];
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const element = node.parentElement!;
    const text = node.textContent!.trim();
    if (text === '' || !isShown(element) || !isForEyes(element)) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const box of range.getClientRects())
      if (box.width > 0 && box.height > 0) lines.push({ box, text: text.slice(0, 60), element });
  }
  return lines;
}

/**
 * How an element is drawn and where, looked up once for each look at the page: around every line of type stand the same
 * boxes.
 */
interface Drawn {
  style: Pick<CSSStyleDeclaration, (typeof read)[number]>;
  box: DOMRect;
}
const read = [
  'backgroundColor',
  'display',
  'fontSize',
  'overflowX',
  'overflowY',
  'position',
  'textOverflow',
  'webkitLineClamp',
  'whiteSpace',
] as const;
let drawn = new Map<Element, Drawn>();
function drawnOf(element: Element): Drawn {
  const known = drawn.get(element);
  if (known) return known;
  const style = getComputedStyle(element);
  const own = {
    style: Object.fromEntries(read.map((name) => [name, style[name]])) as Drawn['style'],
    box: element.getBoundingClientRect(),
  };
  drawn.set(element, own);
  return own;
}
const styleOf = (element: Element) => drawnOf(element).style;
const boxOf = (element: Element) => drawnOf(element).box;

/** Where the letters themselves stand: the box of a line has air over and under them. */
function ink(box: DOMRect, element: HTMLElement): DOMRect {
  const high = Math.min(box.height, parseFloat(styleOf(element).fontSize) * 0.85);
  return new DOMRect(box.left, box.top + (box.height - high) / 2, box.width, high);
}

/** The nearest box that cuts off what stands over in this direction, and whether it says so with "…". */
function cutterOf(element: HTMLElement, axis: 'x' | 'y') {
  for (let at: HTMLElement | null = element; at; at = at.parentElement) {
    const style = styleOf(at);
    const over = axis === 'x' ? style.overflowX : style.overflowY;
    if (over === 'visible' || style.display === 'inline') continue;
    const dots =
      (style.textOverflow === 'ellipsis' && style.whiteSpace === 'nowrap') ||
      !['none', ''].includes(style.webkitLineClamp);
    const scrolls = over === 'auto' || over === 'scroll';
    return {
      box: boxOf(at),
      scrolls: scrolls && (axis === 'y' || at.matches(SIDEWAYS)),
      dots,
    };
  }
  return null;
}

/** What of a line can be seen, after everything around it has cut its share; null for nothing. */
function seen({ box, element }: Line): DOMRect | null {
  let [left, top, right, bottom] = [box.left, box.top, box.right, box.bottom];
  for (let at: HTMLElement | null = element; at; at = at.parentElement) {
    const style = styleOf(at);
    if (style.display === 'inline') continue;
    const own = boxOf(at);
    if (style.overflowX !== 'visible') [left, right] = [Math.max(left, own.left), Math.min(right, own.right)];
    if (style.overflowY !== 'visible') [top, bottom] = [Math.max(top, own.top), Math.min(bottom, own.bottom)];
  }
  return right - left > 1 && bottom - top > 1 ? new DOMRect(left, top, right - left, bottom - top) : null;
}

function cutOff(line: Line): Complaint[] {
  const found: Complaint[] = [];
  for (const axis of ['x', 'y'] as const) {
    const cutter = cutterOf(line.element, axis);
    if (!cutter || cutter.dots || cutter.scrolls) continue;
    const [from, to] = axis === 'x' ? (['left', 'right'] as const) : (['top', 'bottom'] as const);
    const over = Math.max(cutter.box[from] - line.box[from], line.box[to] - cutter.box[to]);
    // Type may reach a little over its line, which is not seen: there is nothing but air.
    const air = axis === 'y' ? line.box.height * 0.15 : 0;
    if (over > HAIR + air)
      found.push({ what: 'cut', text: line.text, more: `${axis} by ${Math.round(over)} px` });
  }
  return found;
}

/** The bar that an element stands in, where that stays in place over what scrolls. */
function barOf(element: HTMLElement): HTMLElement | null {
  for (let at: HTMLElement | null = element; at; at = at.parentElement) {
    const { position, backgroundColor } = styleOf(at);
    if ((position === 'sticky' || position === 'fixed') && /^rgb\(/.test(backgroundColor)) return at;
  }
  return null;
}

function overlapping(lines: readonly { line: Line; box: DOMRect }[]): Complaint[] {
  const found: Complaint[] = [];
  const sorted = [...lines].sort((a, b) => a.box.top - b.box.top);
  sorted.forEach(({ line, box }, i) => {
    for (let j = i + 1; j < sorted.length && sorted[j]!.box.top < box.bottom - HAIR; j++) {
      const other = sorted[j]!;
      if (other.line.element === line.element) continue;
      // What scrolls goes under a bar that is not seen through.
      if (barOf(line.element) !== barOf(other.line.element)) continue;
      // Parts of one formula stand over and under each other.
      const formulas = [line, other.line].map((one) => one.element.closest('.katex'));
      if (formulas[0] && formulas[0] === formulas[1]) continue;
      // A fraction reaches into the next line of its own text.
      const whole = (one: Line) => one.element.closest('.rich, li');
      if ((formulas[0] || formulas[1]) && whole(line) === whole(other.line)) continue;
      const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
      const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
      const small = Math.min(box.height, other.box.height);
      if (wide > HAIR && high > Math.max(HAIR, small * 0.15))
        found.push({ what: 'overlaps', text: line.text, more: other.line.text });
    }
  });
  return found;
}

/** What sticks out furthest of a page that scrolls sideways: the innermost of those, by its classes and words. */
function furthest(): string {
  const { scrollWidth } = document.documentElement;
  const out = [...document.body.querySelectorAll('*')].filter(
    (one) => one.getBoundingClientRect().right + scrollX >= scrollWidth - HAIR,
  );
  const last = out.at(-1);
  return last ? `${last.getAttribute('class') ?? last.tagName} ${last.textContent!.trim()}`.slice(0, 80) : '';
}

/** The key must not be lower than what is wrong, and there to be read. */
function keys(root: Element): Complaint[] {
  const found: Complaint[] = [];
  const heightOf = (element: Element) => parseFloat(styleOf(element).fontSize);
  for (const list of root.querySelectorAll('ol, ul')) {
    const own = [...list.children].filter((one) => one instanceof HTMLElement && isShown(one));
    const right = own.filter((one) => one.classList.contains('key'));
    if (right.length === 0) continue;
    const wrong = own.filter((one) => !one.classList.contains('key')).map(heightOf);
    for (const one of right) {
      const text = one.textContent!.trim().slice(0, 60);
      if (wrong.some((height) => height > heightOf(one) + 0.5))
        found.push({ what: 'keySmaller', text, more: '' });
      const box = one.getBoundingClientRect();
      const frame = root.getBoundingClientRect();
      const scrolls = cutterOf(one.parentElement!, 'y')?.scrolls ?? false;
      if (!scrolls && (box.height < 8 || box.bottom > frame.bottom + HAIR || box.top < frame.top - HAIR))
        found.push({ what: 'keyHidden', text, more: `${Math.round(box.top)} to ${Math.round(box.bottom)}` });
    }
  }
  return found;
}

function heightOfStage(element: HTMLElement): number {
  const stage = element.closest('.stage');
  return stage ? boxOf(stage).height : 0;
}

/** Everything that is wrong with what is shown. */
export function complaints(root: Element): Complaint[] {
  drawn = new Map();
  const frame = root.getBoundingClientRect();
  const lines = linesIn(root);
  const found: Complaint[] = [];
  const visible: { line: Line; box: DOMRect }[] = [];
  for (const line of lines) {
    const box = seen(line);
    found.push(...cutOff(line));
    if (!box) continue;
    visible.push({ line, box: ink(box, line.element) });
    const { text } = line;
    if (box.left < frame.left - HAIR || box.right > frame.right + HAIR || box.bottom > frame.bottom + HAIR)
      found.push({ what: 'outside', text, more: `${Math.round(box.left)}–${Math.round(box.right)}` });
    if (KEY.test(text)) found.push({ what: 'noWords', text, more: '' });
    const size = parseFloat(styleOf(line.element).fontSize);
    const stage = heightOfStage(line.element);
    if (size < Math.max(SMALLEST, stage * SMALLEST_SHARE) && !line.element.closest('.katex'))
      found.push({ what: 'tiny', text, more: `${size} px` });
  }
  found.push(...overlapping(visible), ...keys(root));
  if (document.documentElement.scrollWidth > innerWidth + HAIR)
    found.push({ what: 'wide', text: furthest(), more: `${document.documentElement.scrollWidth} px` });
  for (const formula of root.querySelectorAll<HTMLElement>('.katex-html')) {
    const box = formula.getBoundingClientRect();
    const isCut = cutterOf(formula, 'x')?.dots;
    if (isShown(formula) && box.width > 0 && box.right > frame.right + HAIR && !isCut)
      found.push({ what: 'formula', text: formula.textContent!.slice(0, 60), more: '' });
  }
  return found;
}
