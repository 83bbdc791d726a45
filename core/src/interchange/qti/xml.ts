import { XMLParser, XMLValidator } from 'fast-xml-parser';

/** An element: its name without a prefix, its attributes likewise. */
export interface XmlElement {
  name: string;
  attributes: Record<string, string>;
  children: XmlNode[];
}
export type XmlNode = XmlElement | string;

/** Deeper nesting than any item needs. */
const MOST_LEVELS = 100;

const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  removeNSPrefix: true,
  trimValues: false,
  parseTagValue: false,
  parseAttributeValue: false,
  htmlEntities: true,
  ignoreDeclaration: true,
  ignorePiTags: true,
  maxNestedTags: MOST_LEVELS,
});

type Raw = Record<string, Raw[] | string | Record<string, string>>;
const PLAIN = '#text';
const ATTRIBUTES = ':@';

function node(raw: Raw): XmlNode[] {
  return Object.entries(raw).flatMap(([name, value]): XmlNode[] => {
    if (name === ATTRIBUTES) return [];
    if (name === PLAIN) return [String(value)];
    const attributes = (raw[ATTRIBUTES] ?? {}) as Record<string, string>;
    return [{ name, attributes, children: (value as Raw[]).flatMap(node) }];
  });
}

/**
 * Reads XML. Entities that a document declares itself are refused: they unfold without bound, and can
 * name files. @returns its root, or what is wrong in words.
 */
export function readXml(text: string): XmlElement | { wrong: 'entities' | 'notXml'; at: string } {
  if (/<!DOCTYPE/i.test(text)) return { wrong: 'entities', at: '' };
  const checked = XMLValidator.validate(text);
  if (checked !== true) return { wrong: 'notXml', at: `${checked.err.line}: ${checked.err.msg}` };
  try {
    const root = (parser.parse(text) as Raw[]).flatMap(node).find((one) => typeof one !== 'string');
    return root ?? { wrong: 'notXml', at: '1' };
  } catch (error) {
    return { wrong: 'notXml', at: (error as Error).message };
  }
}

/** All elements of that name below a node, in their order. */
export function all(root: XmlElement, name: string): XmlElement[] {
  return root.children.flatMap((child) =>
    typeof child === 'string' ? [] : [...(child.name === name ? [child] : []), ...all(child, name)],
  );
}
export const first = (root: XmlElement, name: string): XmlElement | undefined => all(root, name)[0];
/** All text below a node. */
export const textOf = (root: XmlNode): string =>
  typeof root === 'string' ? root : root.children.map(textOf).join('');

export const element = (
  name: string,
  attributes: Record<string, string | undefined>,
  ...children: XmlNode[]
): XmlElement => ({
  name,
  attributes: Object.fromEntries(
    Object.entries(attributes).filter((pair): pair is [string, string] => pair[1] !== undefined),
  ),
  children,
});

const escaped = (text: string) =>
  text
    // XML 1.0 has no place for other control characters.
    .replace(/[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g, '')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;');

function write(one: XmlNode): string {
  if (typeof one === 'string') return escaped(one);
  const attributes = Object.entries(one.attributes)
    .map(([name, value]) => ` ${name}="${escaped(value)}"`)
    .join('');
  return one.children.length === 0
    ? `<${one.name}${attributes}/>`
    : `<${one.name}${attributes}>${one.children.map(write).join('')}</${one.name}>`;
}
export const writeXml = (root: XmlElement): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n${write(root)}\n`;
