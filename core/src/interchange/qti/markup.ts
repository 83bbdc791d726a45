import { element, textOf, type XmlElement, type XmlNode } from './xml.ts';

const MARKS: Record<string, string> = { strong: '**', b: '**', em: '*', i: '*', code: '`' };
const BLOCKS = new Set([
  'p',
  'div',
  'ul',
  'ol',
  'li',
  'table',
  'tr',
  'blockquote',
  'pre',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'figure',
  'section',
]);

/** Text as it stands: signs that mark something are taken back, but not in formulas, and a gap is no mark. */
const plain = (text: string): string =>
  text
    .split(FORMULA)
    .map((part, i) =>
      i % 2 === 1 ? part : part.replace(/_{3,}|[*_`\\~]/g, (sign) => (sign.length > 2 ? sign : `\\${sign}`)),
    )
    .join('');
const FORMULA = /(\$[^$\s](?:[^$]*[^$\s])?\$)/;

/** Reads the flow of an item as small Markdown. `unsaid` hears of elements whose meaning is lost. */
export function toMarkdown(
  nodes: readonly XmlNode[],
  unsaid: (name: string) => void = () => undefined,
): string {
  const list = (one: XmlElement, sign: (i: number) => string): string =>
    one.children
      .filter((child): child is XmlElement => typeof child !== 'string' && child.name === 'li')
      .map(
        (item, i) =>
          `\n${sign(i)} ${flow(item.children)
            .trim()
            .replace(/\s*\n\s*/g, ' ')}`,
      )
      .join('');
  const flow = (children: readonly XmlNode[]): string => children.map(one).join('');
  const one = (child: XmlNode): string => {
    if (typeof child === 'string') return plain(child.replace(/\s+/g, ' '));
    const mark = MARKS[child.name];
    if (mark) {
      const inner = child.name === 'code' ? textOf(child) : flow(child.children);
      return inner.trim() === '' ? inner : `${mark}${inner.trim()}${mark}`;
    }
    switch (child.name) {
      case 'br':
        return '\n';
      case 'ul':
        return `\n\n${list(child, () => '-').trim()}\n\n`;
      case 'ol':
        return `\n\n${list(child, (i) => `${i + 1}.`).trim()}\n\n`;
      case 'math':
      case 'table':
      case 'svg':
        unsaid(child.name);
        return ` ${textOf(child).replace(/\s+/g, ' ')} `;
      case 'sub':
      case 'sup':
        unsaid(child.name);
        return flow(child.children);
      default:
        return BLOCKS.has(child.name) ? `\n\n${flow(child.children)}\n\n` : flow(child.children);
    }
  };
  return flow(nodes)
    .replace(/[ \t]*\n[ \t]*/g, '\n')
    .replace(/\n{3,}/g, '\n\n')
    .replace(/ {2,}/g, ' ')
    .trim();
}

/** One line of small Markdown as elements; formulas stay as they are written. */
function inline(text: string): XmlNode[] {
  const nodes: XmlNode[] = [];
  const add = (part: string) => {
    const last = nodes.at(-1);
    if (typeof last === 'string') nodes[nodes.length - 1] = last + part;
    else nodes.push(part);
  };
  const pattern =
    /(_{3,})|\\([*_`$~\\])|(`)([^`]+)`|(\$[^$]+\$)|\*\*(?=\S)(.+?\S|\S)\*\*|\*(?=\S)(.+?\S|\S)\*|(?<![\p{L}\p{N}])_(?=\S)(.+?\S|\S)_(?![\p{L}\p{N}])/gu;
  let at = 0;
  for (const found of text.matchAll(pattern)) {
    if (found.index > at) add(text.slice(at, found.index));
    at = found.index + found[0].length;
    const [, gap, meant, code, inCode, formula, strong, star, line] = found;
    if (gap ?? meant) add((gap ?? meant)!);
    else if (code) nodes.push(element('code', {}, inCode!));
    else if (formula) add(formula);
    else if (strong !== undefined) nodes.push(element('strong', {}, ...inline(strong)));
    else nodes.push(element('em', {}, ...inline(star ?? line ?? '')));
  }
  if (at < text.length) add(text.slice(at));
  return nodes;
}

const BULLET = /^\s*[-+]\s+/;
const NUMBER = /^\s*\d+[.)]\s+/;

/** Small Markdown as the elements of a flow: paragraphs, lists, line breaks. */
export function fromMarkdown(text: string): XmlElement[] {
  return text
    .split(/\n{2,}/)
    .filter((block) => block.trim() !== '')
    .map((block) => {
      const lines = block.trim().split('\n');
      for (const [name, sign] of [
        ['ul', BULLET],
        ['ol', NUMBER],
      ] as const)
        if (lines.every((line) => sign.test(line)))
          return element(
            name,
            {},
            ...lines.map((line) => element('li', {}, ...inline(line.replace(sign, '')))),
          );
      return element(
        'p',
        {},
        ...lines.flatMap((line, i) => [...(i ? [element('br', {})] : []), ...inline(line)]),
      );
    });
}

/** Small Markdown on one line. */
export const fromMarkdownLine = (text: string): XmlNode[] => inline(text.replace(/\s*\n\s*/g, ' '));
