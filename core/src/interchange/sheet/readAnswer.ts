import { kindOf, type ContentOf, type KindName } from '../../question/kinds/index.ts';
import { picks } from '../../question/kinds/opinion.ts';
import { FEWEST_STEPS, MOST_STEPS } from '../../question/kinds/scale.ts';
import { MAX_OPTIONS, type Option } from '../../question/kinds/options.ts';
import { MAX_ACCEPTED } from '../../question/kinds/text.ts';
import type { Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { otherReading, readNumber } from '../../text/number.ts';
import { splitCell, splitPair } from './cells.ts';
import { keyPlaces } from './readKey.ts';
import type { SheetRow } from './sheetRow.ts';
import { truths } from './words.ts';

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
function keysAmong(row: SheetRow, options: readonly Option[]): Option[] {
  if (row.keyFromColumns && row.rights.length > 0) return options.slice(0, row.rights.length);
  if (row.keyFromColumns && row.key) return options.slice(0, 1);
  if (row.key === '') {
    row.say('noKey', 'key', '');
    return [];
  }
  const texts = options.map((option) => option.text);
  return keyPlaces(row, texts).flatMap((key) => {
    if ('place' in key) return options[key.place] ?? [];
    const meant = key.near === null ? null : (texts[key.near] ?? null);
    row.say(key.doubt ? 'keyDoubtful' : 'keyUnknown', 'key', key.found, meant);
    return [];
  });
}

/** The answer of a row as far as it could be understood; the rest is said. */
export function readAnswer(row: SheetRow, named: KindName): Question['answer'] {
  switch (named) {
    case 'choice': {
      const options = optionsFrom(row, row.texts);
      const found = keysAmong(row, options);
      if (found.length > 1)
        row.problems.push({
          code: 'keysTooMany',
          field: 'key',
          found: row.key,
          mend: 'many',
          keys: found.map((option) => option.id),
        });
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
    case 'opinion': {
      const pick = row.word('marking', picks, 'one');
      const options = optionsFrom(row, row.texts);
      return { kind: 'opinion', options, ...(pick === 'one' ? {} : { pick }) };
    }
    case 'scale':
      return readScale(row);
    case 'words':
      return { kind: 'words' };
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
/** The steps stand in the key as a span, `1-7`; the options say what its ends mean. */
function readScale(row: SheetRow): ContentOf<'scale'> {
  const blank = kindOf('scale').blank(row.newId) as ContentOf<'scale'>;
  const [low = '', ...more] = row.texts;
  const ends = { low: row.cut('option', low, 40), high: row.cut('option', more.at(-1) ?? '', 40) };
  const span = /^\s*([01])\s*(?:-|–|to|…|\.\.+)\s*(\d{1,2})\s*$/.exec(row.key);
  const from = span?.[1] === '0' ? 0 : 1;
  const steps = span ? Number(span[2]) - from + 1 : NaN;
  if (steps >= FEWEST_STEPS && steps <= MOST_STEPS) return { ...blank, ...ends, from, steps };
  if (row.key !== '') row.say('keyUnknown', 'key', row.key);
  return { ...blank, ...ends };
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
  const second = otherReading(row.key);
  // What goes on like a fraction, a time or a span is none of the numbers in it.
  const odd = read !== null && /^[/:\-–]\s*\d/.test(read.rest);
  if (row.key === '') row.say('noKey', 'key', '');
  else if (!read || odd) row.say('keyUnknown', 'key', row.key);
  else if (second !== null) row.say('numberDoubtful', 'key', row.key, String(second));
  const unit = row.cut('unit', row.one('unit') || (odd ? '' : (read?.rest ?? '')), 20);
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
    key: odd || second !== null ? null : (read?.value ?? null),
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
