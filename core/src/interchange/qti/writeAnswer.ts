import type { Picture } from '../../media/media.ts';
import { toleranceOf } from '../../question/kinds/number.ts';
import type { Option } from '../../question/kinds/options.ts';
import type { Question } from '../../question/question.ts';
import { fromMarkdownLine } from './markup.ts';
import { element, type XmlElement, type XmlNode } from './xml.ts';

/** Where a file of the media library lies in the package, and what it is; null where it is not there. */
export type PathOf = (file: string) => { path: string; type: string } | null;

export const RESPONSE = 'RESPONSE';
const id = (i: number) => `o${i + 1}`;

/** Identifiers of options by their place: our own ids may begin with a digit, which XML does not allow. */
export interface AnswerPart {
  response: { cardinality: string; baseType: string; correct?: string[]; map?: XmlElement } | null;
  interaction: XmlNode[];
  scoring: 'match_correct' | 'map_response' | XmlElement | null;
}

export const writePicture = (
  { file, alt, width, height }: Picture,
  pathOf: PathOf,
  more: Record<string, string> = {},
): XmlNode[] => {
  const place = pathOf(file);
  return place
    ? [element('img', { src: place.path, alt, width: `${width}`, height: `${height}`, ...more })]
    : [];
};
const content = (option: Option, pathOf: PathOf): XmlNode[] => [
  ...(option.picture ? writePicture(option.picture, pathOf) : []),
  ...fromMarkdownLine(option.text),
];
const mapping = (entries: [string, number, boolean?][], bounds: Record<string, string> = {}) =>
  element(
    'mapping',
    { defaultValue: '0', ...bounds },
    ...entries.map(([mapKey, value, caseSensitive]) =>
      element('mapEntry', {
        mapKey,
        // Rounded away from zero, so that all of them together are not less than one.
        mappedValue: `${(value < 0 ? Math.floor : Math.ceil)(value * 1e6) / 1e6}`,
        ...(caseSensitive === undefined ? {} : { caseSensitive: `${caseSensitive}` }),
      }),
    ),
  );
const choices = (name: string, list: XmlElement[], attributes: Record<string, string>) =>
  element(name, { responseIdentifier: RESPONSE, shuffle: 'true', ...attributes }, ...list);
const simpleChoices = (options: readonly Option[], pathOf: PathOf) =>
  options.map((option, i) => element('simpleChoice', { identifier: id(i) }, ...content(option, pathOf)));

/** The interaction of a question, what its response is declared to be, and how it is scored. */
export function writeAnswer({ answer }: Question, pathOf: PathOf): AnswerPart {
  switch (answer.kind) {
    case 'choice': {
      const at = answer.options.findIndex((option) => option.id === answer.key);
      return {
        response: { cardinality: 'single', baseType: 'identifier', ...(at < 0 ? {} : { correct: [id(at)] }) },
        interaction: [
          choices('choiceInteraction', simpleChoices(answer.options, pathOf), { maxChoices: '1' }),
        ],
        scoring: 'match_correct',
      };
    }
    case 'opinion': {
      const { pick = 'one', options } = answer;
      const cardinality = { one: 'single', several: 'multiple', ranked: 'ordered' } as const;
      const list = simpleChoices(options, pathOf);
      return {
        response: { cardinality: cardinality[pick], baseType: 'identifier' },
        interaction: [
          pick === 'ranked'
            ? choices('orderInteraction', list, { shuffle: 'false' })
            : choices('choiceInteraction', list, {
                maxChoices: pick === 'one' ? '1' : '0',
                shuffle: 'false',
              }),
        ],
        scoring: null,
      };
    }
    case 'scale': {
      const steps = Array.from({ length: answer.steps }, (_, i) => {
        const end = i === 0 ? answer.low : i === answer.steps - 1 ? answer.high : '';
        return element('simpleChoice', { identifier: id(i) }, `${i + answer.from}${end && ` ${end}`}`);
      });
      return {
        response: { cardinality: 'single', baseType: 'identifier' },
        interaction: [choices('choiceInteraction', steps, { maxChoices: '1', shuffle: 'false' })],
        scoring: null,
      };
    }
    case 'words':
      return {
        response: { cardinality: 'single', baseType: 'string' },
        interaction: [element('extendedTextInteraction', { responseIdentifier: RESPONSE })],
        scoring: null,
      };
    case 'many': {
      const keys = answer.options.flatMap((option, i) => (answer.keys.includes(option.id) ? [i] : []));
      const minus = answer.marking === 'minus' && keys.length > 0;
      return {
        response: {
          cardinality: 'multiple',
          baseType: 'identifier',
          ...(keys.length ? { correct: keys.map(id) } : {}),
          ...(minus
            ? {
                map: mapping(
                  answer.options.map((_, i) => [id(i), (keys.includes(i) ? 1 : -1) / keys.length]),
                  { lowerBound: '0', upperBound: '1' },
                ),
              }
            : {}),
        },
        interaction: [
          choices('choiceInteraction', simpleChoices(answer.options, pathOf), { maxChoices: '0' }),
        ],
        scoring: minus ? 'map_response' : 'match_correct',
      };
    }
    case 'truefalse':
      return {
        response: {
          cardinality: 'single',
          baseType: 'identifier',
          ...(answer.key === null ? {} : { correct: [`${answer.key}`] }),
        },
        interaction: [
          choices(
            'choiceInteraction',
            (['true', 'false'] as const).map((identifier) =>
              element('simpleChoice', { identifier }, ...fromMarkdownLine(answer.words[identifier])),
            ),
            { maxChoices: '1', shuffle: 'false' },
          ),
        ],
        scoring: 'match_correct',
      };
    case 'order':
      return {
        response: {
          cardinality: 'ordered',
          baseType: 'identifier',
          correct: answer.options.map((_, i) => id(i)),
        },
        interaction: [choices('orderInteraction', simpleChoices(answer.options, pathOf), {})],
        scoring: 'match_correct',
      };
    case 'match': {
      const rights: Option[] = [
        ...answer.pairs.map((pair) => ({ id: pair.id, text: pair.right })),
        ...answer.extras,
      ];
      const pairs = answer.pairs.map((_, i) => `l${i + 1} r${i + 1}`);
      const set = (side: 'l' | 'r', list: Option[]) =>
        element(
          'simpleMatchSet',
          {},
          ...list.map((option, i) =>
            element(
              'simpleAssociableChoice',
              { identifier: `${side}${i + 1}`, matchMax: '1' },
              ...content(option, pathOf),
            ),
          ),
        );
      const lefts = answer.pairs.map((pair) => ({ id: pair.id, text: pair.left, picture: pair.picture }));
      return {
        response: {
          cardinality: 'multiple',
          baseType: 'directedPair',
          correct: pairs,
          ...(answer.marking === 'pairs'
            ? {
                map: mapping(
                  pairs.map((pair) => [pair, 1 / pairs.length]),
                  { upperBound: '1' },
                ),
              }
            : {}),
        },
        interaction: [
          choices('matchInteraction', [set('l', lefts), set('r', rights)], {
            maxAssociations: `${pairs.length}`,
          }),
        ],
        scoring: answer.marking === 'pairs' ? 'map_response' : 'match_correct',
      };
    }
    case 'text': {
      const accepted = answer.accepted.filter((text) => text.trim() !== '');
      return {
        response: {
          cardinality: 'single',
          baseType: 'string',
          ...(accepted.length ? { correct: [accepted[0]!] } : {}),
          ...(accepted.length
            ? { map: mapping(accepted.map((text) => [text, 1, !answer.forgive.case])) }
            : {}),
        },
        interaction: [
          element(
            'p',
            {},
            element('textEntryInteraction', { responseIdentifier: RESPONSE, expectedLength: '30' }),
          ),
        ],
        scoring: 'map_response',
      };
    }
    case 'number': {
      const within = toleranceOf(answer);
      // By the formula of the standard a share of a negative number would leave no room: the bounds are written out.
      const tolerance = { toleranceMode: 'absolute', tolerance: `${within} ${within}` };
      return {
        response: {
          cardinality: 'single',
          baseType: 'float',
          ...(answer.key === null ? {} : { correct: [`${answer.key}`] }),
        },
        interaction: [
          element(
            'p',
            {},
            element('textEntryInteraction', { responseIdentifier: RESPONSE, expectedLength: '12' }),
            ...(answer.unit ? [` ${answer.unit}`] : []),
          ),
        ],
        scoring: score(
          element(
            'equal',
            within > 0 ? tolerance : { toleranceMode: 'exact' },
            element('variable', { identifier: RESPONSE }),
            element('correct', { identifier: RESPONSE }),
          ),
        ),
      };
    }
    case 'aloud':
      return {
        response: {
          cardinality: 'single',
          baseType: 'string',
          ...(answer.key ? { correct: [answer.key] } : {}),
        },
        interaction: [
          element('extendedTextInteraction', { responseIdentifier: RESPONSE, expectedLines: '1' }),
        ],
        scoring: null,
      };
    case 'card':
      return { response: null, interaction: [], scoring: null };
  }
}

/** One mark where a condition holds. */
const score = (condition: XmlElement): XmlElement =>
  element(
    'responseProcessing',
    {},
    element(
      'responseCondition',
      {},
      element(
        'responseIf',
        {},
        condition,
        element('setOutcomeValue', { identifier: 'SCORE' }, element('baseValue', { baseType: 'float' }, '1')),
      ),
    ),
  );
