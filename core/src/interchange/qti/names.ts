import type { XmlElement, XmlNode } from './xml.ts';

export type QtiVersion = '2.1' | '3.0';

const camel = (name: string) => name.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase());
const kebab = (name: string) => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** Attributes that HTML or the writer brings keep their names in every version. */
const kept = (name: string) => /^(?:data-|aria-)/.test(name);

/** A document of QTI 3.0 under the names of 2.x, so that one reader serves all: qti-choice-interaction is choiceInteraction. */
export function asVersion2(one: XmlElement): XmlElement {
  const own = one.name.startsWith('qti-');
  return {
    name: own ? camel(one.name.slice('qti-'.length)) : one.name,
    attributes: own
      ? Object.fromEntries(
          Object.entries(one.attributes).map(([name, value]) => [kept(name) ? name : camel(name), value]),
        )
      : one.attributes,
    children: one.children.map((child) => (typeof child === 'string' ? child : asVersion2(child))),
  };
}

/** Elements that QTI took over from HTML: they have no prefix in 3.0. */
const html = new Set(
  'p div span strong em b i code br ul ol li img object audio video source a sub sup table tbody tr td th figure figcaption'.split(
    ' ',
  ),
);

/** A document under the names of QTI 3.0. */
export function asVersion3(one: XmlElement): XmlElement {
  const children: XmlNode[] = one.children.map((child) =>
    typeof child === 'string' ? child : asVersion3(child),
  );
  if (html.has(one.name)) return { ...one, children };
  const attributes = Object.fromEntries(
    Object.entries(one.attributes).map(([name, value]) => [
      name.includes(':') || kept(name) ? name : kebab(name),
      value,
    ]),
  );
  return { name: `qti-${kebab(one.name)}`, attributes, children };
}
