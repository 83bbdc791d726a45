import { kindNames, type KindName } from '../../question/kinds/index.ts';
import { foldText } from '../../text/fold.ts';
import { readNumber } from '../../text/number.ts';
import { keyPlaces } from './readKey.ts';
import type { SheetRow } from './sheetRow.ts';
import { truths } from './words.ts';

/** Words for kinds in foreign sheets, folded, beside our own names. */
const kindWords: Record<string, KindName> = {
  'multiple choice': 'choice',
  'single choice': 'choice',
  mc: 'choice',
  'one of several': 'choice',
  'multiple response': 'many',
  'multiple answer': 'many',
  'multiple answers': 'many',
  checkbox: 'many',
  'several of several': 'many',
  'true false': 'truefalse',
  'true or false': 'truefalse',
  tf: 'truefalse',
  'short answer': 'text',
  'fill in the blank': 'text',
  'typed text': 'text',
  open: 'text',
  numeric: 'number',
  numerical: 'number',
  ordering: 'order',
  'put in order': 'order',
  sequence: 'order',
  matching: 'match',
  'match pairs': 'match',
  'said aloud': 'aloud',
  oral: 'aloud',
  poll: 'opinion',
  survey: 'opinion',
  rating: 'scale',
  'rating scale': 'scale',
  likert: 'scale',
  'likert scale': 'scale',
  'own words': 'words',
  'open question': 'words',
  info: 'card',
  'information card': 'card',
};
/** How a row's question is answered: as it says, or else as its cells look. */
export function readKind(row: SheetRow): KindName {
  const word = foldText(row.one('kind'));
  const named = kindNames.find((name) => name === word) ?? kindWords[word];
  if (named) return named;
  const guess = guessKind(row);
  if (word !== '') row.say('unknownKind', 'kind', row.one('kind'), guess);
  return guess;
}

function guessKind(row: SheetRow): KindName {
  if (row.texts.length > 0) {
    if (row.rights.length > 1 || keyPlaces(row, row.texts).length > 1) return 'many';
    if (row.texts.length === 2 && row.texts.every((text) => foldText(text) in truths)) return 'truefalse';
    return 'choice';
  }
  if (foldText(row.key) in truths) return 'truefalse';
  const number = readNumber(row.key);
  // What goes on like a fraction, a time or a span is no number with a unit.
  return number && number.rest.length <= 12 && !/\s|\d/.test(number.rest) ? 'number' : 'text';
}
