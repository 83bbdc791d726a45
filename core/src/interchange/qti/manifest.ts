import type { QuestionSet } from '../../library/set.ts';
import type { Question } from '../../question/question.ts';
import { MAX_TAGS } from '../../question/question.ts';
import type { QtiVersion } from './names.ts';
import { all, element, first, readXml, textOf, writeXml, type XmlElement } from './xml.ts';

/** One file of a package that is an item, with what its metadata say. */
export interface ItemResource {
  href: string;
  files: string[];
  tags: string[];
  difficulty: Question['difficulty'];
  credit: string;
}

const TYPES: Record<QtiVersion, string> = { '2.1': 'imsqti_item_xmlv2p1', '3.0': 'imsqti_item_xmlv3p0' };
const SPACES: Record<QtiVersion, string> = {
  '2.1': 'http://www.imsglobal.org/xsd/imscp_v1p1',
  '3.0': 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1',
};
const SCHEMAS: Record<QtiVersion, [string, string]> = {
  '2.1': ['QTIv2.1 Package', '1.0.0'],
  '3.0': ['QTI Package', '3.0.0'],
};
const LOM = 'http://ltsc.ieee.org/xsd/LOM';

/** The words that IEEE 1484.12.1 (LOM) has for difficulty. */
const LOM_WORDS = { easy: 'easy', medium: 'medium', hard: 'difficult' } as const;
const fromLom: Record<string, Question['difficulty']> = {
  'very easy': 'easy',
  easy: 'easy',
  medium: 'medium',
  difficult: 'hard',
  'very difficult': 'hard',
};

const words = (text: string) => element('string', {}, text);

function metadata({ tags, difficulty, credit, language }: Question): XmlElement[] {
  const general = [
    ...(language ? [element('language', {}, language)] : []),
    ...tags.map((tag) => element('keyword', {}, words(tag))),
  ];
  const parts = [
    ...(general.length ? [element('general', {}, ...general)] : []),
    ...(difficulty
      ? [
          element(
            'educational',
            {},
            element(
              'difficulty',
              {},
              element('source', {}, 'LOMv1.0'),
              element('value', {}, LOM_WORDS[difficulty]),
            ),
          ),
        ]
      : []),
    ...(credit ? [element('rights', {}, element('description', {}, words(credit)))] : []),
  ];
  return parts.length ? [element('metadata', {}, element('lom', { xmlns: LOM }, ...parts))] : [];
}

/** The manifest of a package (IMS Content Packaging 1.1.4). `items` are in the order of the set. */
export function writeManifest(
  set: QuestionSet,
  version: QtiVersion,
  items: readonly { identifier: string; href: string; question: Question; files: readonly string[] }[],
): string {
  const [schema, schemaVersion] = SCHEMAS[version];
  return writeXml(
    element(
      'manifest',
      { xmlns: SPACES[version], identifier: 'MANIFEST' },
      element(
        'metadata',
        {},
        element('schema', {}, schema),
        element('schemaversion', {}, schemaVersion),
        element(
          'lom',
          { xmlns: LOM },
          element(
            'general',
            {},
            element('title', {}, words(set.title)),
            ...(set.description ? [element('description', {}, words(set.description))] : []),
          ),
        ),
      ),
      element('organizations', {}),
      element(
        'resources',
        {},
        ...items.map(({ identifier, href, question, files }) =>
          element(
            'resource',
            { identifier, type: TYPES[version], href },
            ...metadata(question),
            element('file', { href }),
            ...files.map((file) => element('file', { href: file })),
          ),
        ),
      ),
    ),
  );
}

/** @returns title and items of a package, or why it cannot be read. */
export function readManifest(
  xml: string,
): { title: string; items: ItemResource[]; tests: string[] } | { wrong: 'entities' | 'notXml'; at: string } {
  const root = readXml(xml);
  if ('wrong' in root) return root;
  const about = root.children.find(
    (one): one is XmlElement => typeof one !== 'string' && one.name === 'metadata',
  );
  const title = about && first(about, 'title');
  const resources = first(root, 'resources');
  const listed = resources ? all(resources, 'resource') : [];
  const items = listed.filter((one) => /imsqti_item/i.test(one.attributes.type ?? ''));
  /** Paths may be told from a base of the manifest, of all resources, or of one (XML Base). */
  const based = (one: XmlElement, href: string) =>
    [root, resources, one].reduce((path, at) => path + (at?.attributes.base ?? ''), '') + href;
  const hrefOf = (one: XmlElement) => one.attributes.href ?? first(one, 'file')?.attributes.href ?? '';
  return {
    title: (title ? textOf(title) : '').replace(/\s+/g, ' ').trim().slice(0, 120),
    tests: listed
      .filter((one) => /imsqti_(?:test|assessment)/i.test(one.attributes.type ?? ''))
      .map((one) => based(one, hrefOf(one))),
    items: items.map((one) => {
      const rights = first(one, 'rights');
      const difficulty = first(one, 'difficulty');
      const value = difficulty && first(difficulty, 'value');
      return {
        href: based(one, hrefOf(one)),
        files: all(one, 'file').map((file) => based(one, file.attributes.href ?? '')),
        tags: [
          ...new Set(
            all(one, 'keyword')
              .map((tag) => textOf(tag).replace(/\s+/g, ' ').trim().slice(0, 40))
              .filter(Boolean),
          ),
        ].slice(0, MAX_TAGS),
        difficulty: fromLom[(value ? textOf(value) : '').trim().toLowerCase()] ?? null,
        credit: (rights ? (first(rights, 'description') ? textOf(first(rights, 'description')!) : '') : '')
          .replace(/\s+/g, ' ')
          .trim()
          .slice(0, 300),
      };
    }),
  };
}
