import type { Picture } from '../../media/media.ts';
import type { ImportProblem, ProblemCode } from '../problem.ts';
import { toMarkdown } from './markup.ts';
import { all, type XmlElement, type XmlNode } from './xml.ts';

/** What is said only once somebody has answered is no part of what is asked. */
const SAID_LATER = new Set(['feedbackInline', 'feedbackBlock']);
export const withoutFeedback = (nodes: readonly XmlNode[]): XmlNode[] =>
  nodes.flatMap((one): XmlNode[] => {
    if (typeof one === 'string') return [one];
    return SAID_LATER.has(one.name) ? [] : [{ ...one, children: withoutFeedback(one.children) }];
  });

/** Finds a file that an item names; null where the package has none. */
export type Resolve = (path: string) => string | null;

/** An item while it is read: what was not understood so far, and where its files are. */
export class QtiItem {
  readonly root: XmlElement;
  readonly problems: ImportProblem[] = [];
  readonly newId: () => string;
  readonly #resolve: Resolve;
  /** The text of another document of the package; null where there is none. */
  readonly textAt: (path: string) => string | null;

  constructor(
    root: XmlElement,
    newId: () => string,
    resolve: Resolve,
    textAt: (path: string) => string | null = () => null,
  ) {
    this.textAt = textAt;
    this.root = root;
    this.newId = newId;
    this.#resolve = resolve;
  }
  say(code: ProblemCode, field: string, found: string, mend: string | null = null, keys?: string[]): void {
    const known = this.problems.some(
      (one) => one.code === code && one.field === field && one.found === found,
    );
    if (!known) this.problems.push({ code, field, found, mend, ...(keys ? { keys } : {}) });
  }
  cut(field: string, text: string, most: number): string {
    if (text.length <= most) return text;
    this.say('tooLong', field, text.slice(most));
    return text.slice(0, most).trimEnd();
  }
  /** The words of a flow as small Markdown; what has no place in it is said. */
  words(nodes: readonly XmlNode[], field: string, most: number, lines = true): string {
    const text = toMarkdown(withoutFeedback(nodes), (name) => this.say('unsaid', field, name));
    return this.cut(field, lines ? text : text.replace(/\s*\n\s*/g, ' '), most);
  }
  /** The first picture of a flow; further ones are said. */
  picture(root: XmlElement, field: string, taken: readonly XmlElement[] = []): Picture | null {
    const found = all(root, 'img').filter((img) => !taken.includes(img));
    for (const more of found.slice(1)) this.say('unsaid', field, more.attributes.src ?? 'img');
    const img = found[0];
    if (!img) return null;
    const file = this.file(img.attributes.src ?? '', field);
    const pixels = (text: string | undefined) =>
      Math.min(20_000, Math.max(1, Math.round(Number(text)) || 300));
    if (file === null) return null;
    return {
      file,
      width: pixels(img.attributes.width),
      height: pixels(img.attributes.height),
      alt: this.cut(field, (img.attributes.alt ?? '').replace(/\s+/g, ' '), 300),
      credit: '',
      licence: '',
      focus: { x: 0.5, y: 0.5 },
      cutOf: null,
    };
  }
  file(path: string, field: string): string | null {
    const file = this.#resolve(path);
    if (file === null) this.say('badMedia', field, path);
    return file;
  }
}
