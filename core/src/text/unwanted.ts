import { foldText } from './fold.ts';
import { unmasked } from './lookAlikes.ts';

/** Figures and signs that stand for letters where somebody wants a word to pass. */
const standIns: Record<string, string> = {
  '0': 'o',
  '1': 'i',
  '3': 'e',
  '4': 'a',
  '5': 's',
  '7': 't',
  '@': 'a',
  $: 's',
  '!': 'i',
};
/** Scripts that write words without blanks between them: there a word may stand anywhere. */
const UNSPACED = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Hangul}]/u;

const plain = (text: string) =>
  foldText(unmasked(text).replace(/[013457@$]|!(?=\p{L})/gu, (sign) => standIns[sign] ?? sign));
/** "heeelp" and "help" are alike: runs of three and more letters count as one. */
const shortened = (text: string) => text.replace(/(\p{L})\1{2,}/gu, '$1');
/** Letters with blanks between them, as "a b c", closed up. */
const closedUp = (text: string) =>
  text.replace(/(?:^|(?<= ))(\p{L})(?: \p{L}(?= |$))+/gu, (letters) => letters.replaceAll(' ', ''));

/** Signs that stand between two letters, taken out: "ba-nana" is read as one word as well. */
const joined = (text: string) => text.replace(/(?<=\p{L})[-‐–._·*'’+|/]+(?=\p{L})/gu, '');

/**
 * Makes a test for unwanted words. A word counts where it stands by itself, whatever its case and
 * accents, with figures or look-alikes for letters, drawn out, spaced or with signs in it: never within another word, so that no
 * place and no name is suspected for its middle. `allowed` words never count.
 */
export function unwantedWords(
  words: Iterable<string>,
  allowed: Iterable<string> = [],
): (text: string) => boolean {
  const fine = new Set([...allowed].map(plain));
  const single = new Set<string>();
  /** Of several words, by their first: a crowd that types answers is not to be searched for each of them. */
  const phrases = new Map<string, string[]>();
  const anywhere: string[] = [];
  for (const word of words) {
    const folded = plain(word);
    if (folded === '' || fine.has(folded)) continue;
    if (UNSPACED.test(folded)) anywhere.push(folded);
    else if (!folded.includes(' ')) single.add(folded);
    else {
      const first = folded.slice(0, folded.indexOf(' '));
      phrases.set(first, [...(phrases.get(first) ?? []), ` ${folded} `]);
    }
  }
  const meant = (text: string) =>
    text
      .split(' ')
      .some(
        (word) =>
          single.has(word) || phrases.get(word)?.some((phrase) => ` ${text} `.includes(phrase)) === true,
      ) || anywhere.some((word) => text.includes(word));
  return (text) => {
    const folded = plain(text);
    const whole = joined(text);
    const ways = [folded, shortened(folded), closedUp(folded)];
    return [...new Set(whole === text ? ways : [...ways, plain(whole)])].some(meant);
  };
}
