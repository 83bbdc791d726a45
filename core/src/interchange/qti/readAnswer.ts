import { FEWEST_STEPS, MOST_STEPS } from '../../question/kinds/scale.ts';
import { kindOf, type ContentOf } from '../../question/kinds/index.ts';
import { MAX_OPTIONS, MIN_OPTIONS, wordsOfOption, type Option } from '../../question/kinds/options.ts';
import { MAX_ACCEPTED } from '../../question/kinds/text.ts';
import type { Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { readNumber } from '../../text/number.ts';
import type { QtiItem } from './qtiItem.ts';
import type { FoundKind } from './readKind.ts';
import { all, first, textOf, type XmlElement } from './xml.ts';

/** An option, and the identifier that the item knows it by. */
interface Named extends Option {
  identifier: string;
}
const bare = ({ identifier: _, ...option }: Named): Option => option;

const valuesOf = (response: XmlElement | null): string[] => {
  const correct = response && first(response, 'correctResponse');
  return correct ? all(correct, 'value').map((one) => textOf(one).trim()) : [];
};
/** What each answer is worth, where that is declared. */
const entriesOf = (response: XmlElement | null) =>
  (response ? all(response, 'mapEntry') : []).map(({ attributes }) => ({
    key: attributes.mapKey ?? '',
    value: Number(attributes.mappedValue),
    caseSensitive: attributes.caseSensitive === 'true',
  }));

function named(item: QtiItem, elements: readonly XmlElement[], most: number): Named[] {
  return elements.map((one) => {
    const picture = item.picture(one, 'option');
    return {
      identifier: one.attributes.identifier ?? '',
      id: item.newId(),
      text: item.words(one.children, 'option', most, false),
      ...(picture ? { picture } : {}),
    };
  });
}
function optionsOf(item: QtiItem, interaction: XmlElement): Named[] {
  const elements = [...all(interaction, 'simpleChoice'), ...all(interaction, 'inlineChoice')];
  const options = named(item, elements, 200);
  if (options.length > MAX_OPTIONS)
    item.say(
      'tooManyOptions',
      'option',
      options
        .slice(MAX_OPTIONS)
        .map((one) => one.text)
        .join(' | '),
    );
  const kept = options.slice(0, MAX_OPTIONS);
  if (kept.length < MIN_OPTIONS) item.say('tooFewOptions', 'option', kept.map((one) => one.text).join(' | '));
  while (kept.length < MIN_OPTIONS) kept.push({ identifier: '', id: item.newId(), text: '' });
  const words = kept.map((one) => foldText(wordsOfOption(one))).filter(Boolean);
  if (new Set(words).size < words.length) item.say('equalOptions', 'option', words.join(' | '));
  return kept;
}
function keysAmong(item: QtiItem, options: readonly Named[], response: XmlElement | null): string[] {
  const values = valuesOf(response);
  const named =
    values.length > 0
      ? values
      : entriesOf(response)
          .filter(({ value }) => value > 0)
          .map(({ key }) => key);
  return named.flatMap((value) => {
    const option = options.find((one) => one.identifier === value);
    if (!option) item.say('keyUnknown', 'key', value);
    return option ? [option.id] : [];
  });
}

function pairsOf(item: QtiItem, interaction: XmlElement, response: XmlElement | null): ContentOf<'match'> {
  const [lefts = [], rights = []] = all(interaction, 'simpleMatchSet').map((set) =>
    named(item, all(set, 'simpleAssociableChoice'), 120),
  );
  const ties = valuesOf(response).map((value) => value.split(/\s+/));
  const partner = (left: Named) => {
    const own = ties.filter(([one]) => one === left.identifier);
    if (own.length > 1) item.say('unsaid', 'key', own.map((tie) => tie.join(' ')).join(', '));
    return rights.find((right) => right.identifier === own[0]?.[1]);
  };
  const used = new Set<string>();
  const pairs = lefts.map((left) => {
    const right = partner(left);
    if (!right) item.say('noKey', 'key', left.text);
    if (right && used.has(right.identifier)) item.say('unsaid', 'key', right.text);
    if (right) used.add(right.identifier);
    const { id, text, picture } = left;
    return {
      id,
      left: text,
      ...(picture ? { picture } : {}),
      right: right ? wordsOfOption(right).slice(0, 120) : '',
    };
  });
  if (pairs.length < MIN_OPTIONS)
    item.say('tooFewOptions', 'option', pairs.map((pair) => pair.left).join(' | '));
  while (pairs.length < MIN_OPTIONS) pairs.push({ id: item.newId(), left: '', right: '' });
  const kept = pairs.slice(0, MAX_OPTIONS);
  const free = rights.filter((right) => !used.has(right.identifier)).map(bare);
  if (pairs.length > kept.length || kept.length + free.length > MAX_OPTIONS)
    item.say(
      'tooManyOptions',
      'option',
      [
        ...pairs.slice(MAX_OPTIONS).map((pair) => pair.left),
        ...free.slice(MAX_OPTIONS - kept.length).map((one) => one.text),
      ].join(' | '),
    );
  return {
    kind: 'match',
    pairs: kept,
    extras: free.slice(0, MAX_OPTIONS - kept.length),
    marking: entriesOf(response).length > 0 ? 'pairs' : 'all',
  };
}

function textAnswer(item: QtiItem, response: XmlElement | null): ContentOf<'text'> {
  const entries = entriesOf(response).filter(({ value }) => value > 0);
  const part = entries.filter(({ value }) => value < Math.max(...entries.map((one) => one.value)));
  if (part.length > 0)
    item.say('unsaid', 'key', part.map(({ key, value }) => `${key} (${value})`).join(', '));
  const accepted = [...new Set([...valuesOf(response), ...entries.map(({ key }) => key)])].filter(
    (text) => text.trim() !== '',
  );
  if (accepted.length === 0) item.say('noKey', 'key', '');
  if (accepted.length > MAX_ACCEPTED)
    item.say('tooManyOptions', 'key', accepted.slice(MAX_ACCEPTED).join(' | '));
  return {
    kind: 'text',
    accepted: accepted.slice(0, MAX_ACCEPTED).map((text) => item.cut('key', text.replace(/\s+/g, ' '), 120)),
    forgive: {
      case: entries.length > 0 && entries.every((one) => !one.caseSensitive),
      accents: false,
      articles: false,
      slips: false,
    },
  };
}

/** A span of right numbers as the scoring writes it: not below one number and not above another. */
function rangeOf(item: QtiItem): { middle: number; half: number } | null {
  const processing = first(item.root, 'responseProcessing');
  const bound = (...names: string[]) =>
    names
      .flatMap((name) => (processing ? all(processing, name) : []))
      .map((one) => {
        const value = first(one, 'baseValue');
        return value ? Number(textOf(value)) : NaN;
      })[0];
  const [low, high] = [bound('gte', 'gt'), bound('lte', 'lt')];
  if (low === undefined || high === undefined || !(low <= high)) return null;
  return { middle: (low + high) / 2, half: (high - low) / 2 };
}

function numberAnswer(item: QtiItem, found: FoundKind): ContentOf<'number'> {
  const blank = kindOf('number').blank(item.newId) as ContentOf<'number'>;
  const [value] = valuesOf(found.response);
  const key = value === undefined ? null : (readNumber(value)?.value ?? null);
  if (key === null) item.say(value === undefined ? 'noKey' : 'keyUnknown', 'key', value ?? '');
  const range = rangeOf(item);
  if (range) return { ...blank, key: range.middle, marking: 'within', tolerance: range.half, percent: false };
  const equal = first(item.root, 'equal');
  const [low = 0, high = low] = (equal?.attributes.tolerance ?? '').split(/\s+/).filter(Boolean).map(Number);
  const mode = equal?.attributes.toleranceMode ?? 'exact';
  if (low !== high) item.say('unsaid', 'tolerance', `${low} ${high}`);
  const tolerance = Number.isFinite(low) && low > 0 ? low : 0;
  const within = mode !== 'exact' && tolerance > 0;
  return {
    ...blank,
    key,
    marking: within ? 'within' : 'exact',
    tolerance: within ? tolerance : 0,
    percent: mode === 'relative',
  };
}

/** A scale is written as a choice whose options are its steps, with what the ends mean behind the figure. */
function scaleAnswer(item: QtiItem, interaction: XmlElement): ContentOf<'scale'> {
  const blank = kindOf('scale').blank(item.newId) as ContentOf<'scale'>;
  const steps = all(interaction, 'simpleChoice').map((one) => textOf(one).trim());
  const end = (text: string | undefined) => item.cut('option', (text ?? '').replace(/^\d+\s*/, ''), 40);
  if (steps.length < FEWEST_STEPS || steps.length > MOST_STEPS) {
    item.say('unsaid', 'kind', steps.join(' | '));
    return blank;
  }
  return {
    ...blank,
    steps: steps.length,
    from: steps[0]!.startsWith('0') ? 0 : 1,
    low: end(steps[0]),
    high: end(steps.at(-1)),
  };
}

/** The answer of an item as our kind has it. */
export function readAnswer(item: QtiItem, found: FoundKind): Question['answer'] {
  const { kind, interaction, response } = found;
  if (interaction === null) return kindOf(kind).blank(item.newId);
  switch (kind) {
    case 'choice': {
      const options = optionsOf(item, interaction);
      const keys = keysAmong(item, options, response);
      if (keys.length === 0) item.say('noKey', 'key', '');
      const values = new Set(
        entriesOf(response)
          .map(({ value }) => value)
          .filter((value) => value > 0),
      );
      if (keys.length > 1 && values.size > 1) item.say('unsaid', 'marking', [...values].join(', '));
      if (keys.length > 1) item.say('keysTooMany', 'key', `${keys.length}`, 'many', keys);
      return { kind, options: options.map(bare), key: keys.length === 1 ? keys[0]! : null };
    }
    case 'opinion': {
      const { cardinality } = response?.attributes ?? {};
      const pick = cardinality === 'multiple' ? 'several' : cardinality === 'ordered' ? 'ranked' : null;
      return { kind, options: optionsOf(item, interaction).map(bare), ...(pick ? { pick } : {}) };
    }
    case 'scale':
      return scaleAnswer(item, interaction);
    case 'words':
      return { kind };
    case 'many': {
      const options = optionsOf(item, interaction);
      const keys = keysAmong(item, options, response);
      if (keys.length === 0) item.say('noKey', 'key', '');
      const entries = entriesOf(response);
      const minus = entries.some(({ value }) => value < 0);
      // Ours is all or nothing, or each worth the same with as much off for each wrong one.
      const sizes = new Set(entries.filter(({ value }) => value !== 0).map(({ value }) => Math.abs(value)));
      const standing = response && first(response, 'mapping')?.attributes.defaultValue;
      if (entries.length > 0 && (!minus || sizes.size > 1 || Number(standing ?? 0) !== 0))
        item.say('unsaid', 'marking', entries.map(({ key, value }) => `${key} = ${value}`).join(', '));
      return { kind, options: options.map(bare), keys, marking: minus ? 'minus' : 'all' };
    }
    case 'truefalse': {
      const options = optionsOf(item, interaction);
      const isTrue = (one: Named) => /^t/i.test(one.identifier) || /^(?:true|t)$/.test(foldText(one.text));
      const [yes, no] = [options.find(isTrue)!, options.find((one) => !isTrue(one))];
      const keys = keysAmong(item, options, response);
      if (keys.length === 0) item.say('noKey', 'key', '');
      return {
        kind,
        key: keys[0] === undefined ? null : keys[0] === yes.id,
        words: {
          true: item.cut('option', yes.text || 'True', 40),
          false: item.cut('option', no?.text || 'False', 40),
        },
      };
    }
    case 'order': {
      const options = optionsOf(item, interaction);
      const order = valuesOf(response);
      const placed = order.flatMap((value) => options.find((one) => one.identifier === value) ?? []);
      if (placed.length < options.length) item.say('noKey', 'key', order.join(' '));
      return {
        kind,
        options: [...placed, ...options.filter((one) => !placed.includes(one))].map(bare),
        marking: 'all',
      };
    }
    case 'match':
      return pairsOf(item, interaction, response);
    case 'text':
      return textAnswer(item, response);
    case 'number':
      return numberAnswer(item, found);
    default: {
      const [key = ''] = valuesOf(response);
      if (key === '') item.say('noKey', 'key', '');
      return { kind: 'aloud', key: item.cut('key', key.replace(/\s+/g, ' '), 200) };
    }
  }
}
