import { kindOf, type AnswerContent, type KindName } from './kinds/index.ts';
import { wordsOfOption, type Option } from './kinds/options.ts';

/** What an author wrote, as a list of things that another kind may take over. */
function optionsOf(content: AnswerContent): Option[] | null {
  switch (content.kind) {
    case 'choice':
    case 'many':
    case 'order':
    case 'opinion':
      return content.options;
    case 'match':
      return content.pairs.map(({ id, left, picture }) => ({ id, text: left, picture }));
    default:
      return null;
  }
}

/** An option as the end of a scale. */
const endOf = (option: Option | undefined): string => (option ? wordsOfOption(option).slice(0, 40) : '');

/** The one right answer in words, where there is one. */
function keyText(content: AnswerContent): string {
  const kind = kindOf(content.kind);
  return content.kind === 'order' || content.kind === 'match'
    ? ''
    : (kind.key(content, kind.asWritten(content)).texts[0] ?? '');
}

/**
 * The same question answered in another way: options, their ids and what was marked as right are
 * taken over where the new kind has a place for them. Nothing is marked as right that was not.
 */
export function convert(content: AnswerContent, to: KindName, newId: () => string): AnswerContent {
  if (content.kind === to) return content;
  const blank = kindOf(to).blank(newId);
  const options = optionsOf(content);
  const text = keyText(content);
  switch (blank.kind) {
    case 'choice':
      if (options) blank.options = options;
      else if (text) blank.options[0]!.text = text.slice(0, 200);
      if (content.kind === 'many' && content.keys.length === 1) blank.key = content.keys[0]!;
      else if (!options && text) blank.key = blank.options[0]!.id;
      return blank;
    case 'many':
      if (options) blank.options = options;
      if (content.kind === 'choice' && content.key !== null) blank.keys = [content.key];
      return blank;
    case 'order':
    case 'opinion':
      if (options) blank.options = options;
      return blank;
    case 'match':
      if (options)
        blank.pairs = options.map(({ id, text: left, picture }) => ({
          id,
          left: left.slice(0, 120),
          picture,
          right: '',
        }));
      return blank;
    case 'scale':
      // The ends of what was a scale in words.
      if (options) Object.assign(blank, { low: endOf(options[0]), high: endOf(options.at(-1)) });
      return blank;
    case 'text':
      if (text) blank.accepted = [text.slice(0, 120)];
      return blank;
    case 'aloud':
      blank.key = text.slice(0, 200);
      return blank;
    default:
      return blank;
  }
}
