import { asPlayed, lacksOf } from '../../question/asPlayed.ts';
import type { Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { plainText } from '../../text/markdown.ts';
import { asVersion3, type QtiVersion } from './names.ts';
import { fromMarkdown } from './markup.ts';
import { processing } from './processing.ts';
import { RESPONSE, writeAnswer, writePicture, type PathOf } from './writeAnswer.ts';
import { element, writeXml, type XmlElement, type XmlNode } from './xml.ts';

const SPACES = {
  '2.1': [
    'http://www.imsglobal.org/xsd/imsqti_v2p1',
    'http://www.imsglobal.org/xsd/qti/qtiv2p1/imsqti_v2p1.xsd',
  ],
  '3.0': [
    'http://www.imsglobal.org/xsd/imsqtiasi_v3p0',
    'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd',
  ],
} as const;
const TEMPLATES = {
  '2.1': 'http://www.imsglobal.org/question/qti_v2p1/rptemplates/',
  '3.0': 'https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/',
} as const;
/** An own class tells apart what QTI holds for the same. */
export const OWN_CLASS = {
  opinion: 'distaff-opinion',
  scale: 'distaff-scale',
  words: 'distaff-words',
  answer: 'distaff-answer-picture',
} as const;
const classOf = (kind: Question['answer']['kind']): Record<string, string> =>
  kind === 'opinion' || kind === 'scale' || kind === 'words' ? { class: OWN_CLASS[kind] } : {};

/** Sounds and videos by the elements that each version has for them. */
function playable(question: Question, version: QtiVersion, pathOf: PathOf): XmlElement[] {
  const one = (name: 'audio' | 'video', file: string, alt: string): XmlElement[] => {
    const place = pathOf(file);
    if (!place) return [];
    return version === '3.0'
      ? [
          element(
            'div',
            {},
            element(
              name,
              { controls: 'controls', 'aria-label': alt },
              element('source', { src: place.path, type: place.type }),
            ),
          ),
        ]
      : [element('div', {}, element('object', { data: place.path, type: place.type }, alt))];
  };
  const { sound, video } = question;
  return [
    ...(sound ? one('audio', sound.file, sound.alt) : []),
    ...(video?.file ? one('video', video.file, video.alt) : []),
    ...(video && !video.file && video.link
      ? [element('p', {}, element('a', { href: video.link }, video.alt || video.link))]
      : []),
  ];
}

/**
 * One question as an item of QTI 2.1 or 3.0 (IMS Global / 1EdTech: "QTI Assessment, Section and Item
 * Information Model", 2.1 and 3.0).
 */
export function writeItem(
  written: Question,
  identifier: string,
  version: QtiVersion,
  pathOf: PathOf,
): string {
  const question = asPlayed(written);
  const { response, interaction, scoring } = writeAnswer(question, pathOf);
  const [space, schema] = SPACES[version];
  const feedback = (name: string, nodes: XmlNode[]) =>
    nodes.length
      ? [
          element(
            'modalFeedback',
            { outcomeIdentifier: 'FEEDBACK', identifier: name, showHide: 'show' },
            ...(version === '3.0' ? [element('contentBody', {}, ...nodes)] : nodes),
          ),
        ]
      : [];
  const said = [
    ...(question.explanation || question.answerPicture ? ['explanation'] : []),
    ...(question.onRight ? ['right'] : []),
    ...(question.onWrong ? ['wrong'] : []),
    ...(question.hint ? ['hint'] : []),
  ];
  const prompt = plainText(question.prompt).slice(0, 80) || 'Untitled';
  const root = element(
    'assessmentItem',
    {
      xmlns: space,
      'xmlns:xsi': 'http://www.w3.org/2001/XMLSchema-instance',
      'xsi:schemaLocation': `${space} ${schema}`,
      identifier,
      title: prompt,
      adaptive: 'false',
      timeDependent: 'false',
      ...(question.language ? { 'xml:lang': question.language } : {}),
    },
    ...(response
      ? [
          element(
            'responseDeclaration',
            { identifier: RESPONSE, cardinality: response.cardinality, baseType: response.baseType },
            ...(response.correct
              ? [
                  element(
                    'correctResponse',
                    {},
                    ...response.correct.map((value) => element('value', {}, value)),
                  ),
                ]
              : []),
            ...(response.map ? [response.map] : []),
          ),
        ]
      : []),
    element('outcomeDeclaration', { identifier: 'SCORE', cardinality: 'single', baseType: 'float' }),
    element('outcomeDeclaration', {
      identifier: 'FEEDBACK',
      cardinality: 'multiple',
      baseType: 'identifier',
    }),
    element(
      'itemBody',
      classOf(question.answer.kind),
      ...fromMarkdown(question.prompt),
      ...(question.picture ? [element('p', {}, ...writePicture(question.picture, pathOf))] : []),
      ...playable(question, version, pathOf),
      ...interaction,
      ...(question.notes
        ? [
            element(
              'rubricBlock',
              { view: 'proctor', ...(version === '3.0' ? { use: 'instructions' } : {}) },
              ...(version === '3.0'
                ? [element('contentBody', {}, ...fromMarkdown(question.notes))]
                : fromMarkdown(question.notes)),
            ),
          ]
        : []),
    ),
    ...(said.length > 0
      ? [processing(scoring, said)]
      : typeof scoring === 'string'
        ? [
            element('responseProcessing', {
              template: `${TEMPLATES[version]}${scoring}${version === '3.0' ? '.xml' : ''}`,
            }),
          ]
        : scoring
          ? [scoring]
          : []),
    ...feedback('explanation', [
      ...fromMarkdown(question.explanation),
      ...(question.answerPicture
        ? [element('p', {}, ...writePicture(question.answerPicture, pathOf, { class: OWN_CLASS.answer }))]
        : []),
    ]),
    ...feedback('right', fromMarkdown(question.onRight)),
    ...feedback('wrong', fromMarkdown(question.onWrong)),
    ...feedback('hint', fromMarkdown(question.hint)),
  );
  return writeXml(version === '3.0' ? asVersion3(root) : root);
}

/** What an item of QTI has no place for, so that it can be said before it is lost. */
export function unsaidByQti(question: Question): string[] {
  const { answer } = question;
  return [
    ...(question.clock !== null ? ['clock'] : []),
    ...(question.weight !== 1 ? ['weight'] : []),
    ...(question.trueAsOf !== null || question.checkAgainBy !== null ? ['dates'] : []),
    ...(question.readAloud ? ['readAloud'] : []),
    ...(answer.kind === 'text' && (answer.forgive.accents || answer.forgive.articles || answer.forgive.slips)
      ? ['forgive']
      : []),
    ...(answer.kind === 'number' && (answer.marking === 'closest' || answer.units.length > 0)
      ? ['number']
      : []),
    ...(answer.kind === 'order' && answer.marking === 'pairs' ? ['orderPairs'] : []),
    ...(lacksOf(question).includes('key') ? ['noKey'] : []),
    // Two right sides that read alike are one to us, and two to the standard.
    ...(answer.kind === 'match' &&
    new Set(answer.pairs.map(({ right }) => foldText(right))).size < answer.pairs.length
      ? ['equalRights']
      : []),
  ];
}
