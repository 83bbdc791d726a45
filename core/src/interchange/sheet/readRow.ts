import * as v from 'valibot';
import { kindOf, kindNames, type ContentOf, type KindName } from '../../question/kinds/index.ts';
import { MAX_OPTIONS, type Option } from '../../question/kinds/options.ts';
import { MAX_ACCEPTED } from '../../question/kinds/text.ts';
import { blankQuestion, difficulties, MAX_TAGS, type Question } from '../../question/question.ts';
import { nearestWord } from '../../library/spelling.ts';
import { foldText } from '../../text/fold.ts';
import { readNumber } from '../../text/number.ts';
import { languageTag } from '../../text/schemas.ts';
import type { ImportProblem, ProblemCode } from '../problem.ts';
import { splitCell, splitPair } from './cells.ts';
import type { Field } from './columns.ts';
import { readDate } from './date.ts';

/** A question as far as a row could be understood, and what was not understood. */
export interface ReadRow {
  question: Question;
  problems: ImportProblem[];
}

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
  info: 'card',
  'information card': 'card',
};
const truths: Record<string, boolean> = { true: true, t: true, yes: true, false: false, f: false, no: false };

/** Reads one row. `columns` says what each cell holds; what is not understood is said, not dropped. */
export function readRow(
  cells: readonly string[],
  columns: readonly (Field | null)[],
  newId: () => string,
): ReadRow {
  const problems: ImportProblem[] = [];
  const say = (code: ProblemCode, field: string, found: string, mend: string | null = null) =>
    problems.push({ code, field, found, mend });
  const byField = new Map<Field, string[]>();
  columns.forEach((column, i) => {
    const cell = cells[i];
    if (column && cell) byField.set(column, [...(byField.get(column) ?? []), cell]);
  });
  const all = (field: Field) => byField.get(field) ?? [];
  const one = (field: Field) => all(field)[0] ?? '';
  const cut = (field: Field, text: string, max: number): string => {
    if (text.length <= max) return text;
    say('tooLong', field, text.slice(max), null);
    return text.slice(0, max);
  };
  const flat = (text: string) => text.replace(/\s*\n\s*/g, ' ');

  const question = blankQuestion(newId);
  question.prompt = cut('prompt', one('prompt'), 1000);
  if (question.prompt === '') say('noPrompt', 'prompt', '');
  const key = flat(one('key'));

  let texts = all('option').map(flat);
  const rights = all('right').map(flat);
  const wrongs = all('wrong').map(flat);
  // "Right answer" and "wrong answer" columns: the key is the first of them, no letter need be given.
  const keyFromColumns = rights.length > 0 || wrongs.length > 0;
  if (keyFromColumns) texts = [...(rights.length ? rights : key ? [key] : []), ...texts, ...wrongs];

  const kind = readKind();
  question.answer = readAnswer(kind);
  readSettings();
  return { question, problems };

  function readKind(): KindName {
    const word = foldText(one('kind'));
    const named = kindNames.find((name) => name === word) ?? kindWords[word];
    if (named) return named;
    const guess = guessKind();
    if (word !== '') say('unknownKind', 'kind', one('kind'), guess);
    return guess;
  }
  function guessKind(): KindName {
    if (texts.length > 0) {
      if (rights.length > 1 || keyParts().length > 1) return 'many';
      if (texts.length === 2 && texts.every((text) => foldText(text) in truths)) return 'truefalse';
      return 'choice';
    }
    if (foldText(key) in truths) return 'truefalse';
    const number = readNumber(key);
    return number && number.rest.length <= 12 && !/\s/.test(number.rest) ? 'number' : 'text';
  }
  /** Letters or texts of several keys: between bars, or letters between commas. */
  function keyParts(): string[] {
    if (/^[a-h](?:\s*[,;&]\s*[a-h])+$/i.test(key)) return key.split(/[,;&]/).map((part) => part.trim());
    return splitCell(key).filter((part) => part !== '');
  }

  function optionsFrom(list: string[]): Option[] {
    if (list.length > MAX_OPTIONS) say('tooManyOptions', 'option', list.slice(MAX_OPTIONS).join(' | '));
    const kept = list.slice(0, MAX_OPTIONS).map((text) => ({ id: newId(), text: cut('option', text, 200) }));
    if (kept.length < 2) say('tooFewOptions', 'option', list.join(' | '));
    while (kept.length < 2) kept.push({ id: newId(), text: '' });
    const folded = kept.map((option) => foldText(option.text)).filter(Boolean);
    if (new Set(folded).size < folded.length) say('equalOptions', 'option', list.join(' | '));
    return kept;
  }
  /** The option that a letter, a number or a text means; what means none is said, with the nearest. */
  function optionFor(part: string, options: readonly Option[]): Option | null {
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
    say('keyUnknown', 'key', part, meant ? meant.text : null);
    return null;
  }
  function keysAmong(options: readonly Option[]): Option[] {
    if (keyFromColumns && rights.length > 0) return options.slice(0, rights.length);
    if (keyFromColumns && key) return options.slice(0, 1);
    if (key === '') {
      say('noKey', 'key', '');
      return [];
    }
    const whole = options.find((option) => foldText(option.text) === foldText(key));
    if (whole) return [whole];
    return keyParts().flatMap((part) => optionFor(part, options) ?? []);
  }

  function readAnswer(named: KindName): Question['answer'] {
    switch (named) {
      case 'choice': {
        const options = optionsFrom(texts);
        const found = keysAmong(options);
        if (found.length > 1) say('keysTooMany', 'key', key, 'many');
        return { kind: 'choice', options, key: found.length === 1 ? found[0]!.id : null };
      }
      case 'many': {
        const options = optionsFrom(texts);
        const keys = [...new Set(keysAmong(options).map((option) => option.id))];
        return { kind: 'many', options, keys, marking: word('marking', ['all', 'minus'], 'all') };
      }
      case 'truefalse':
        return readTruth();
      case 'order':
        return {
          kind: 'order',
          options: optionsFrom(texts),
          marking: word('marking', ['all', 'pairs'], 'all'),
        };
      case 'opinion':
        return { kind: 'opinion', options: optionsFrom(texts) };
      case 'match':
        return readPairs();
      case 'text': {
        const accepted = [...splitCell(key), ...texts].filter((text) => text !== '');
        if (accepted.length === 0) say('noKey', 'key', '');
        if (accepted.length > MAX_ACCEPTED)
          say('tooManyOptions', 'key', accepted.slice(MAX_ACCEPTED).join(' | '));
        return {
          kind: 'text',
          accepted: accepted.slice(0, MAX_ACCEPTED).map((text) => cut('key', text, 120)),
          forgive: readForgive(),
        };
      }
      case 'number':
        return readNumeric();
      case 'aloud':
        if (key === '') say('noKey', 'key', '');
        return { kind: 'aloud', key: cut('key', key, 200) };
      case 'card':
        return { kind: 'card' };
    }
  }
  function readTruth(): ContentOf<'truefalse'> {
    const [yes = 'True', no = 'False'] = texts;
    const words = { true: cut('option', yes, 40), false: cut('option', no, 40) };
    const folded = foldText(key);
    const value =
      folded === foldText(yes) || folded === 'a'
        ? true
        : folded === foldText(no) || folded === 'b'
          ? false
          : (truths[folded] ?? null);
    if (value === null) say(key === '' ? 'noKey' : 'keyUnknown', 'key', key);
    return { kind: 'truefalse', key: value, words };
  }
  function readPairs(): ContentOf<'match'> {
    const pairs: ContentOf<'match'>['pairs'] = [];
    const extras: Option[] = [];
    for (const text of texts) {
      const pair = splitPair(text);
      if (!pair) say('badPair', 'option', text);
      else if (pair.left === '') extras.push({ id: newId(), text: pair.right.slice(0, 200) });
      else
        pairs.push({
          id: newId(),
          left: cut('option', pair.left, 120),
          right: cut('option', pair.right, 120),
        });
    }
    if (pairs.length < 2) say('tooFewOptions', 'option', texts.join(' | '));
    while (pairs.length < 2) pairs.push({ id: newId(), left: '', right: '' });
    const kept = pairs.slice(0, MAX_OPTIONS);
    return {
      kind: 'match',
      pairs: kept,
      extras: extras.slice(0, MAX_OPTIONS - kept.length),
      marking: word('marking', ['all', 'pairs'], 'all'),
    };
  }
  function readNumeric(): ContentOf<'number'> {
    const blank = kindOf('number').blank(newId) as ContentOf<'number'>;
    const read = readNumber(key);
    if (key === '') say('noKey', 'key', '');
    else if (!read) say('keyUnknown', 'key', key);
    const unit = cut('unit', one('unit') || (read?.rest ?? ''), 20);
    const percent = one('tolerance').endsWith('%');
    const tolerance = one('tolerance') === '' ? 0 : readNumber(one('tolerance').replace('%', ''))?.value;
    if (tolerance === undefined || tolerance < 0) say('badNumber', 'tolerance', one('tolerance'));
    const units = splitCell(one('units'))
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
      marking: word('marking', ['exact', 'within', 'closest'], one('tolerance') ? 'within' : 'exact'),
    };
  }
  function readForgive(): ContentOf<'text'>['forgive'] {
    const all = { case: true, accents: true, articles: true, slips: true };
    if (one('forgive') === '') return all;
    const named = splitCell(one('forgive')).map(foldText);
    return {
      case: named.includes('case'),
      accents: named.includes('accents'),
      articles: named.includes('articles'),
      slips: named.includes('slips'),
    };
  }
  /** One of a few words; another one is said and the usual one taken. */
  function word<Word extends string>(field: Field, words: readonly Word[], usual: Word): Word {
    const found = foldText(one(field));
    const known = words.find((candidate) => candidate === found);
    if (!known && found !== '') say('unknownWord', field, one(field), usual);
    return known ?? usual;
  }

  function readSettings(): void {
    const clock = one('clock');
    if (clock !== '') {
      const read = readNumber(clock);
      const seconds = Math.round(read?.value ?? NaN);
      if (seconds >= 3 && seconds <= 600) question.clock = seconds;
      else say('badNumber', 'clock', clock);
    }
    const weights: Record<string, 0 | 1 | 2> = { '0': 0, none: 0, '1': 1, standard: 1, '2': 2, double: 2 };
    const weight = foldText(one('weight'));
    if (weight in weights) question.weight = weights[weight]!;
    else if (weight !== '') say('unknownWord', 'weight', one('weight'), 'standard');
    question.explanation = cut('explanation', one('explanation'), 1000);
    question.notes = cut('notes', one('notes'), 1000);
    question.onRight = cut('onRight', flat(one('onRight')), 200);
    question.onWrong = cut('onWrong', flat(one('onWrong')), 200);
    question.credit = cut('credit', flat(one('credit')), 300);
    const tags = all('tags').flatMap((cell) => (cell.includes('|') ? splitCell(cell) : cell.split(/[,;]/)));
    const known = new Map(
      tags
        .map((tag) => tag.trim())
        .filter(Boolean)
        .map((tag) => [tag.toLowerCase(), tag]),
    );
    question.tags = [...known.values()].slice(0, MAX_TAGS).map((tag) => cut('tags', tag, 40));
    const difficulty = foldText(one('difficulty'));
    question.difficulty = difficulties.find((name) => name === difficulty) ?? null;
    if (!question.difficulty && difficulty !== '') say('unknownWord', 'difficulty', one('difficulty'));
    const language = one('language');
    if (v.safeParse(languageTag, language).success) question.language = language;
    else say('badLanguage', 'language', language);
    for (const field of ['trueAsOf', 'checkAgainBy'] as const) {
      const text = one(field);
      if (text === '') continue;
      question[field] = readDate(text);
      if (question[field] === null) say('badDate', field, text);
    }
  }
}
