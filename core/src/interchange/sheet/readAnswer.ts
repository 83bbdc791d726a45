import { nearestWord } from '../../library/spelling.ts';
import { kindOf, type ContentOf, type KindName } from '../../question/kinds/index.ts';
import { MAX_OPTIONS, type Option } from '../../question/kinds/options.ts';
import { MAX_ACCEPTED } from '../../question/kinds/text.ts';
import type { Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { readNumber } from '../../text/number.ts';
import { splitCell, splitPair } from './cells.ts';
import { truths, type SheetRow } from './sheetRow.ts';

function optionsFrom(row: SheetRow, list: readonly string[]): Option[] {
  if (list.length > MAX_OPTIONS) row.say('tooManyOptions', 'option', list.slice(MAX_OPTIONS).join(' | '));
  const kept = list
    .slice(0, MAX_OPTIONS)
    .map((text) => ({ id: row.newId(), text: row.cut('option', text, 200) }));
  if (kept.length < 2) row.say('tooFewOptions', 'option', list.join(' | '));
  while (kept.length < 2) kept.push({ id: row.newId(), text: '' });
  const folded = kept.map((option) => foldText(option.text)).filter(Boolean);
  if (new Set(folded).size < folded.length) row.say('equalOptions', 'option', list.join(' | '));
  return kept;
}
/** The option that a letter, a number or a text means; what means none is said, with the nearest. */
function optionFor(row: SheetRow, part: string, options: readonly Option[]): Option | null {
  const place = /^option ([1-8])$/i.exec(part)?.[1];
  if (place && options[Number(place) - 1]) return options[Number(place) - 1]!;
  const folded = foldText(part);
  const byText = options.find((option) => foldText(option.text) === folded);
  if (byText) return byText;
  if (/^[a-h]$/i.test(part)) {
    const byLetter = options[part.toUpperCase().charCodeAt(0) - 65];
    if (byLetter) return byLetter;
  }
  if (/^[1-8]$/.test(part) && options[Number(part) - 1]) return options[Number(part) - 1]!;
  const near = nearestWord(
    folded,
    options.map((option) => foldText(option.text)),
  );
  const meant = options.find((option) => foldText(option.text) === near);
  row.say('keyUnknown', 'key', part, meant ? meant.text : null);
  return null;
}
function keysAmong(row: SheetRow, options: readonly Option[]): Option[] {
  if (row.keyFromColumns && row.rights.length > 0) return options.slice(0, row.rights.length);
  if (row.keyFromColumns && row.key) return options.slice(0, 1);
  if (row.key === '') {
    row.say('noKey', 'key', '');
    return [];
  }
  const whole = options.find((option) => foldText(option.text) === foldText(row.key));
  if (whole) return [whole];
  return row.keyParts().flatMap((part) => optionFor(row, part, options) ?? []);
}

/** The answer of a row as far as it could be understood; the rest is said. */
export function readAnswer(row: SheetRow, named: KindName): Question['answer'] {
  switch (named) {
    case 'choice': {
      const options = optionsFrom(row, row.texts);
      const found = keysAmong(row, options);
      if (found.length > 1) row.say('keysTooMany', 'key', row.key, 'many');
      return { kind: 'choice', options, key: found.length === 1 ? found[0]!.id : null };
    }
    case 'many': {
      const options = optionsFrom(row, row.texts);
      const keys = [...new Set(keysAmong(row, options).map((option) => option.id))];
      return { kind: 'many', options, keys, marking: row.word('marking', ['all', 'minus'], 'all') };
    }
    case 'truefalse':
      return readTruth(row);
    case 'order':
      return {
        kind: 'order',
        options: optionsFrom(row, row.texts),
        marking: row.word('marking', ['all', 'pairs'], 'all'),
      };
    case 'opinion':
      return { kind: 'opinion', options: optionsFrom(row, row.texts) };
    case 'match':
      return readPairs(row);
    case 'text': {
      const accepted = [...splitCell(row.key), ...row.texts].filter((text) => text !== '');
      if (accepted.length === 0) row.say('noKey', 'key', '');
      if (accepted.length > MAX_ACCEPTED)
        row.say('tooManyOptions', 'key', accepted.slice(MAX_ACCEPTED).join(' | '));
      return {
        kind: 'text',
        accepted: accepted.slice(0, MAX_ACCEPTED).map((text) => row.cut('key', text, 120)),
        forgive: readForgive(row),
      };
    }
    case 'number':
      return readNumeric(row);
    case 'aloud':
      if (row.key === '') row.say('noKey', 'key', '');
      return { kind: 'aloud', key: row.cut('key', row.key, 200) };
    case 'card':
      return { kind: 'card' };
  }
}
function readTruth(row: SheetRow): ContentOf<'truefalse'> {
  const [yes = 'True', no = 'False'] = row.texts;
  const words = { true: row.cut('option', yes, 40), false: row.cut('option', no, 40) };
  const folded = foldText(row.key);
  const value =
    folded === foldText(yes) || folded === 'a'
      ? true
      : folded === foldText(no) || folded === 'b'
        ? false
        : (truths[folded] ?? null);
  if (value === null) row.say(row.key === '' ? 'noKey' : 'keyUnknown', 'key', row.key);
  return { kind: 'truefalse', key: value, words };
}
function readPairs(row: SheetRow): ContentOf<'match'> {
  const pairs: ContentOf<'match'>['pairs'] = [];
  const extras: Option[] = [];
  for (const text of row.texts) {
    const pair = splitPair(text);
    if (!pair) row.say('badPair', 'option', text);
    else if (pair.left === '' && !row.pictured.has(pairs.length))
      extras.push({ id: row.newId(), text: pair.right.slice(0, 200) });
    else
      pairs.push({
        id: row.newId(),
        left: row.cut('option', pair.left, 120),
        right: row.cut('option', pair.right, 120),
      });
  }
  if (pairs.length < 2) row.say('tooFewOptions', 'option', row.texts.join(' | '));
  while (pairs.length < 2) pairs.push({ id: row.newId(), left: '', right: '' });
  const kept = pairs.slice(0, MAX_OPTIONS);
  return {
    kind: 'match',
    pairs: kept,
    extras: extras.slice(0, MAX_OPTIONS - kept.length),
    marking: row.word('marking', ['all', 'pairs'], 'all'),
  };
}
function readNumeric(row: SheetRow): ContentOf<'number'> {
  const blank = kindOf('number').blank(row.newId) as ContentOf<'number'>;
  const read = readNumber(row.key);
  if (row.key === '') row.say('noKey', 'key', '');
  else if (!read) row.say('keyUnknown', 'key', row.key);
  const unit = row.cut('unit', row.one('unit') || (read?.rest ?? ''), 20);
  const percent = row.one('tolerance').endsWith('%');
  const tolerance =
    row.one('tolerance') === '' ? 0 : readNumber(row.one('tolerance').replace('%', ''))?.value;
  if (tolerance === undefined || tolerance < 0) row.say('badNumber', 'tolerance', row.one('tolerance'));
  const units = splitCell(row.one('units'))
    .map((text) => splitPair(text))
    .flatMap((pair) => {
      const factor = pair && readNumber(pair.right)?.value;
      return factor && factor > 0 ? [{ name: pair.left.slice(0, 20), factor }] : [];
    });
  return {
    ...blank,
    key: read?.value ?? null,
    unit,
    units: units.slice(0, 8),
    tolerance: Math.max(0, tolerance ?? 0),
    percent,
    marking: row.word('marking', ['exact', 'within', 'closest'], row.one('tolerance') ? 'within' : 'exact'),
  };
}
function readForgive(row: SheetRow): ContentOf<'text'>['forgive'] {
  const all = { case: true, accents: true, articles: true, slips: true };
  if (row.one('forgive') === '') return all;
  const named = splitCell(row.one('forgive')).map(foldText);
  return {
    case: named.includes('case'),
    accents: named.includes('accents'),
    articles: named.includes('articles'),
    slips: named.includes('slips'),
  };
}
