import * as v from 'valibot';
import { nearestKind } from './readKind.ts';
import { blankQuestion, type Question } from '../../question/question.ts';
import { languageTag } from '../../text/schemas.ts';
import type { ImportProblem } from '../problem.ts';
import { toMarkdown } from './markup.ts';
import { asVersion2 } from './names.ts';
import { QtiItem, type Resolve } from './qtiItem.ts';
import { readAnswer } from './readAnswer.ts';
import { all, first, readXml, textOf, type XmlElement, type XmlNode } from './xml.ts';

export interface ReadItem {
  question: Question;
  problems: ImportProblem[];
}
const TAKEN_OUT = new Set([
  'rubricBlock',
  'object',
  'audio',
  'video',
  'img',
  'simpleChoice',
  'simpleMatchSet',
  'inlineChoice',
]);
/** What may be put into gaps stands beside the sentence. */
const GAP_TEXTS = new Set(['gapText', 'gapImg']);

/** The body without what is no part of the prompt; the interaction's own prompt is a part. */
function withoutParts(nodes: readonly XmlNode[]): XmlNode[] {
  return nodes.flatMap((child): XmlNode[] => {
    if (typeof child === 'string') return [child];
    if (TAKEN_OUT.has(child.name)) return [];
    if (child.name === 'textEntryInteraction' || child.name === 'inlineChoiceInteraction') return [' ___ '];
    // The sentence is what is asked, with its gaps and the words that may be marked.
    if (child.name === 'gapMatchInteraction' || child.name === 'hottextInteraction')
      return withoutParts(
        child.children.filter((one) => typeof one === 'string' || !GAP_TEXTS.has(one.name)),
      );
    if (child.name === 'gap') return [' ___ '];
    if (child.name.endsWith('Interaction'))
      return child.children
        .filter((one): one is XmlElement => typeof one !== 'string' && one.name === 'prompt')
        .map((one) => ({ ...one, name: 'p', children: withoutParts(one.children) }));
    return [{ ...child, children: withoutParts(child.children) }];
  });
}

function readPlayable(item: QtiItem, body: XmlElement, question: Question): void {
  const places = [
    ...all(body, 'audio').map((one) => ['audio', one] as const),
    ...all(body, 'video').map((one) => ['video', one] as const),
    ...all(body, 'object').map((one) => [(one.attributes.type ?? '').split('/')[0]!, one] as const),
  ];
  for (const [type, one] of places) {
    const path = one.attributes.data ?? one.attributes.src ?? first(one, 'source')?.attributes.src ?? '';
    const alt = item.cut(
      'media',
      (one.attributes['aria-label'] ?? textOf(one)).replace(/\s+/g, ' ').trim(),
      300,
    );
    if (type === 'audio' && !question.sound) {
      const file = item.file(path, 'sound');
      if (file) question.sound = { file, alt, credit: '', licence: '' };
    } else if (type === 'video' && !question.video) {
      const file = item.file(path, 'video');
      if (file) question.video = { file, link: '', alt, credit: '', licence: '' };
    } else if (type === 'image' && !question.picture) {
      question.picture = item.picture(
        { ...one, children: [{ name: 'img', attributes: { src: path, alt }, children: [] }] },
        'picture',
      );
    } else item.say('unsaid', 'media', path || type);
  }
}

const IDENTIFIERS = {
  explanation: /^(?:explanation|solution|feedback|general)/i,
  right: /^(?:right|correct|true|pass)/i,
  hint: /^hint/i,
  wrong: /^(?:wrong|incorrect|false|fail)/i,
};

function readFeedback(item: QtiItem, question: Question): void {
  for (const one of all(item.root, 'modalFeedback')) {
    const { identifier = '' } = one.attributes;
    if (IDENTIFIERS.hint.test(identifier)) question.hint = item.words(one.children, 'hint', 500);
    else if (IDENTIFIERS.wrong.test(identifier))
      question.onWrong = item.words(one.children, 'onWrong', 200, false);
    else if (IDENTIFIERS.right.test(identifier))
      question.onRight = item.words(one.children, 'onRight', 200, false);
    else {
      question.answerPicture ??= item.picture(one, 'answerPicture');
      const text = item.words(one.children, 'explanation', 1000);
      question.explanation = item.cut(
        'explanation',
        [question.explanation, text].filter(Boolean).join('\n\n'),
        1000,
      );
      if (!IDENTIFIERS.explanation.test(identifier))
        item.say('unsaid', 'explanation', `modalFeedback ${identifier}`);
    }
  }
  for (const one of [...all(item.root, 'feedbackInline'), ...all(item.root, 'feedbackBlock')])
    item.say('unsaid', 'explanation', textOf(one).replace(/\s+/g, ' ').trim());
}

/** What the key says beside its option is what is said to whoever is right. */
function readKeyFeedback(item: QtiItem, question: Question, response: XmlElement | null): void {
  const keys = response ? all(response, 'value').map((one) => textOf(one).trim()) : [];
  if (question.onRight !== '' || keys.length !== 1) return;
  const option = all(item.root, 'simpleChoice').find((one) => one.attributes.identifier === keys[0]);
  const said = option && first(option, 'feedbackInline');
  if (said) question.onRight = textOf(said).replace(/\s+/g, ' ').trim().slice(0, 200);
}

/** A passage that several items share stands in a document of its own; it comes before what is asked. */
function stimulusOf(item: QtiItem): string {
  return all(item.root, 'assessmentStimulusRef')
    .map(({ attributes: { href = '' } }) => {
      const text = item.textAt(href);
      const read = text === null ? null : readXml(text);
      const root = read && !('wrong' in read) ? asVersion2(read) : null;
      const body = root && first(root, 'stimulusBody');
      if (!body) item.say('badMedia', 'prompt', href);
      return body ? item.words(body.children, 'prompt', 1000) : '';
    })
    .filter(Boolean)
    .join('\n\n');
}

/** Ways of scoring that are nobody's template are not carried out here: that is said. */
function saySpecial(item: QtiItem): void {
  const processing = first(item.root, 'responseProcessing');
  const own = processing && !processing.attributes.template;
  const values = own ? all(processing, 'baseValue').map((one) => Number(textOf(one))) : [];
  const marks = values.filter((value) => Number.isFinite(value) && value !== 0);
  const plain = marks.every((value) => value === marks[0] && value > 0);
  const ranged = own && (first(processing, 'gte') || first(processing, 'lte'));
  if (own && !plain && !ranged) item.say('unsaid', 'marking', `responseProcessing ${marks.join(', ')}`);
  for (const name of ['templateDeclaration', 'templateProcessing'])
    if (first(item.root, name)) item.say('unsaid', 'prompt', name);
}

/**
 * Reads one item of QTI 2.1, 2.2 or 3.0 as far as our kinds cover its interaction; what has no place
 * is said at the item. @returns a sentence's code where it is no item at all.
 */
export function readItem(
  xml: string,
  newId: () => string,
  resolve: Resolve,
  textAt?: (path: string) => string | null,
): ReadItem | { wrong: 'entities' | 'notXml' | 'noItem'; at: string } {
  const read = readXml(xml);
  if ('wrong' in read) return read;
  const root = asVersion2(read);
  if (root.name !== 'assessmentItem') return { wrong: 'noItem', at: root.name };
  const item = new QtiItem(root, newId, resolve, textAt);
  const question = blankQuestion(newId);
  const body = first(root, 'itemBody');
  const { lang = '' } = root.attributes;
  if (v.safeParse(languageTag, lang).success) question.language = lang;
  if (!body) {
    item.say('noPrompt', 'prompt', root.attributes.title ?? '');
    return { question, problems: item.problems };
  }
  const kind = nearestKind(item, body);
  const passage = stimulusOf(item);
  const asked = item.words(withoutParts(body.children), 'prompt', 1000);
  question.prompt = item.cut('prompt', [passage, asked].filter(Boolean).join('\n\n'), 1000);
  // A gap at the end of the prompt is where the answer is typed, not a part of it; so is a unit behind it.
  const gap = /(?:^|\s*\n\s*|\s+)_{3}(?:\s*(\S[^\n]{0,19}))?$/.exec(question.prompt);
  const unit = gap?.[1] ?? '';
  const atEnd = gap && (unit === '' || kind.kind === 'number');
  if (atEnd) question.prompt = question.prompt.slice(0, gap.index).trim();
  if (question.prompt === '') {
    question.prompt = item.cut('prompt', root.attributes.title ?? '', 1000);
    if (question.prompt === '') item.say('noPrompt', 'prompt', '');
  }
  const notes = all(body, 'rubricBlock');
  question.notes = item.cut(
    'notes',
    notes
      .map((one) => item.words(one.children, 'notes', 1000))
      .filter(Boolean)
      .join('\n\n'),
    1000,
  );

  question.answer = readAnswer(item, kind);
  if (question.answer.kind === 'number' && atEnd) question.answer.unit = unit;
  const inParts = [...all(body, 'simpleChoice'), ...all(body, 'simpleMatchSet')].flatMap((one) =>
    all(one, 'img'),
  );
  const inNotes = notes.flatMap((one) => all(one, 'img'));
  question.picture = item.picture(body, 'picture', [...inParts, ...inNotes]);
  readPlayable(item, body, question);
  const links = all(body, 'a').filter((one) => /^https:/i.test(one.attributes.href ?? ''));
  if (links[0] && !question.video && links[0].attributes.href!.length <= 500) {
    const { href = '' } = links[0].attributes;
    question.video = {
      file: null,
      link: href,
      alt: item.cut('video', textOf(links[0]).trim(), 300),
      credit: '',
      licence: '',
    };
    // The words of the link are the video's, not the prompt's.
    question.prompt = question.prompt.replace(toMarkdown(links[0].children), '').trim();
  }
  readFeedback(item, question);
  readKeyFeedback(item, question, kind.response);
  saySpecial(item);
  return { question, problems: item.problems };
}
