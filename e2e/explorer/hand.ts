import type { Page } from '@playwright/test';

/** What a stranger writes: nothing, too much, figures, formulas, another direction, what breaks programs. */
const texts = [
  'x',
  'Which of these is older – the “lamp” or the <b>bell</b>?',
  '$\\frac{a}{b}$ and **bold** [x](y) `',
  'ما هو المد؟',
  '🧵'.repeat(20),
  'a'.repeat(200),
  '  ',
  '-12,5',
  '0',
  "Robert'); --",
];
/** What may be pasted where there is room for it. */
const sheets = [
  'prompt;A;B;C;key\nHow many?;1;2;3;B\nWhich?;x;y;;z\n;;;;\n',
  'Term\tMeaning\nwarp\tthreads that run lengthwise\nweft\tthreads across\nselvedge\tthe edge\n',
  '1. What is older?\nA) lamp\nB) bell\nAnswer: B\n',
];
const keys = ['Escape', 'Tab', 'Enter', 'ArrowDown', 'ArrowUp', 'Space', 'z'];

/** What would end the walk, or leave it for a window of the system. */
const leaves = /sign out|delete the show|delete the set|print$|save as|download|delete$|account/i;

const candidates = [
  'button',
  '[role=option]',
  '[role=menuitem]',
  '[role=tab]',
  '[role=radio]',
  '[role=switch]',
  'input',
  'textarea',
  'summary',
].join(', ');

interface Target {
  role: 'button' | 'option' | 'menuitem' | 'tab' | 'radio' | 'switch' | 'checkbox' | 'field';
  name: string;
  /** The how-manieth of this role and name in the page. */
  nth: number;
  type: string;
  /** As many letters as the field lets anybody write. */
  most: number;
  /** Where it can be pressed, in the window; null where something lies over it. */
  at: { x: number; y: number } | null;
}

/** Runs in the page: marks one of what can be used now, and tells what it is. */
function choose({ among, share }: { among: string; share: number }): Target | null {
  document.querySelector('[data-explored]')?.removeAttribute('data-explored');
  const shown = (element: Element) => {
    const box = element.getBoundingClientRect();
    return box.width > 0 && box.height > 0 && element.checkVisibility({ visibilityProperty: true });
  };
  // What is in front is used first; behind a dialog nothing can be.
  const layers = [...document.querySelectorAll('.v-overlay--active > .v-overlay__content')].filter(shown);
  const isModal = layers.some((one) => one.closest('.v-dialog'));
  const at = layers.findLast((one) => one.querySelector(among)) ?? (isModal ? null : document.body);
  if (!at) return null;
  const all = [...at.querySelectorAll<HTMLInputElement>(among)].filter(
    (element) => shown(element) && !element.disabled && !element.closest('a'),
  );
  const one = all[Math.floor(share * all.length)];
  if (!one) return null;
  one.setAttribute('data-explored', '');
  const nameOf = (element: HTMLInputElement) =>
    (element.getAttribute('aria-label') ?? element.labels?.[0]?.textContent ?? element.textContent ?? '')
      .replace(/\s+/g, ' ')
      .trim();
  const isField =
    !one.readOnly && (one.tagName === 'TEXTAREA' || ['text', 'number', 'search', 'url'].includes(one.type));
  const own = one.getAttribute('role') as Target['role'] | null;
  const ticked = one.type === 'radio' || one.type === 'checkbox' ? one.type : 'button';
  const role = isField ? 'field' : (own ?? ticked);
  const name = nameOf(one);
  const same = [...document.querySelectorAll<HTMLInputElement>(among)].filter(
    (element) => shown(element) && nameOf(element) === name && element.tagName === one.tagName,
  );
  one.scrollIntoView({ block: 'nearest', inline: 'nearest', behavior: 'instant' });
  const box = one.getBoundingClientRect();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const hit = document.elementFromPoint(x, y);
  const isFree =
    hit !== null && (one.contains(hit) || [...(one.labels ?? [])].some((of) => of.contains(hit)));
  return {
    role,
    name: name.slice(0, 80),
    nth: same.indexOf(one),
    type: one.type,
    most: one.maxLength,
    at: isFree ? { x, y } : null,
  };
}

const lineOf = (who: string, { role, name, nth }: Target, does: string) => {
  const what = JSON.stringify(name);
  const found = role === 'field' ? `getByLabel(${what})` : `getByRole('${role}', { name: ${what} })`;
  return `await ${who}.${found}.nth(${nth}).${does};`;
};

/** Somebody who presses and writes at random; everything done is kept as lines of a script that does it again. */
export class Hand {
  readonly script: string[] = [];
  readonly #random: () => number;
  constructor(random: () => number) {
    this.#random = random;
  }

  /** @returns a whole number from 0 up to, but not, n. */
  below(n: number): number {
    return Math.floor(this.#random() * n);
  }

  note(line: string): void {
    this.script.push(line);
  }

  /** One act on a page: mostly a press or something written, now and then a key or the way back. */
  async act(page: Page, who: string): Promise<void> {
    const share = this.#random();
    if (share < 0.06) {
      const key = keys[this.below(keys.length)]!;
      this.note(`await ${who}.keyboard.press('${key}');`);
      return page.keyboard.press(key);
    }
    const target = await page.evaluate(choose, { among: candidates, share: this.#random() });
    if (!target) {
      this.note(`await ${who}.keyboard.press('Escape');`);
      return page.keyboard.press('Escape');
    }
    if (leaves.test(target.name) || ['file', 'color', 'password', 'email'].includes(target.type)) return;
    const one = page.locator('[data-explored]').first();
    const quick = { timeout: 1000 };
    const among = target.type === 'textarea' ? [...texts, ...sheets] : texts;
    const whole = target.type === 'number' ? '7' : among[this.below(among.length)]!;
    const text = target.most > 0 ? whole.slice(0, target.most) : whole;
    const writes = target.role === 'field';
    const does = writes ? `fill(${JSON.stringify(text)})` : 'click()';
    // The mouse itself: waiting until nothing moves would take most of the time of a walk.
    const press = async () => target.at !== null && (await page.mouse.click(target.at.x, target.at.y), true);
    const done = await (writes ? one.fill(text, quick).then(() => true) : press()).catch(() => false);
    this.note(`${done ? '' : '// did not work: '}${lineOf(who, target, does)}`);
    // Something lies over it, or it has just gone: a stranger presses something else then.
    if (!done) await page.keyboard.press('Escape');
  }
}
