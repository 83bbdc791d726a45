import { element, first, type XmlElement } from './xml.ts';
import { RESPONSE, type AnswerPart } from './writeAnswer.ts';

const set = (identifier: string, value: XmlElement) => element('setOutcomeValue', { identifier }, value);
const variable = (identifier: string) => element('variable', { identifier });
const base = (baseType: string, value: string) => element('baseValue', { baseType }, value);

/**
 * How an item is scored and what is said then, written out: the templates of the standard set a score and
 * nothing else, so that no player would ever show the feedback of an item.
 */
export function processing(scoring: AnswerPart['scoring'], said: readonly string[]): XmlElement {
  const always = said.filter((name) => name === 'explanation');
  const feedback = (own: 'right' | 'wrong') => {
    // A hint is for whoever was wrong.
    const names = [...said.filter((name) => name === own || (own === 'wrong' && name === 'hint')), ...always];
    const all = element('multiple', {}, ...names.map((name) => base('identifier', name)));
    return names.length > 0 ? [set('FEEDBACK', all)] : [];
  };
  if (scoring === null) {
    const all = element('multiple', {}, ...always.map((name) => base('identifier', name)));
    return element('responseProcessing', {}, ...(always.length > 0 ? [set('FEEDBACK', all)] : []));
  }
  const mapped = scoring === 'map_response';
  const isRight = mapped
    ? element('gte', {}, variable('SCORE'), base('float', '1'))
    : scoring === 'match_correct'
      ? element('match', {}, variable(RESPONSE), element('correct', { identifier: RESPONSE }))
      : (first(scoring, 'responseIf')!.children[0] as XmlElement);
  const one = mapped ? [] : [set('SCORE', base('float', '1'))];
  return element(
    'responseProcessing',
    {},
    ...(mapped ? [set('SCORE', element('mapResponse', { identifier: RESPONSE }))] : []),
    element(
      'responseCondition',
      {},
      element('responseIf', {}, isRight, ...one, ...feedback('right')),
      ...(feedback('wrong').length > 0 ? [element('responseElse', {}, ...feedback('wrong'))] : []),
    ),
  );
}
