import { wordsOfOption } from '@distaff/core/question';
import type { PublicQuestion } from '@distaff/core/sitting';

/** The key of a question as one line; a picture is told in its words. Empty while the key is not shown. */
export function keyInWords({ key, options }: Pick<PublicQuestion, 'key' | 'options'>): string {
  if (!key) return '';
  if (key.slots.length === 0 || !options) return key.texts[0] ?? '';
  return key.slots.map((slot) => (options[slot] ? wordsOfOption(options[slot]) : '')).join(', ');
}
