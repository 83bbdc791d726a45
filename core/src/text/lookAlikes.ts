/**
 * Letters of other scripts that look like Latin ones. Picked from the pairs of Unicode Technical
 * Standard 39 ("confusables"), small and capital letters that look alike in common typefaces; from memory.
 */
const latin: Record<string, string> = {
  а: 'a',
  в: 'b',
  с: 'c',
  ԁ: 'd',
  е: 'e',
  һ: 'h',
  і: 'i',
  ј: 'j',
  к: 'k',
  м: 'm',
  н: 'h',
  о: 'o',
  р: 'p',
  ԛ: 'q',
  ѕ: 's',
  т: 't',
  у: 'y',
  ѵ: 'v',
  ԝ: 'w',
  х: 'x',
  ү: 'y',
  ь: 'b',
  α: 'a',
  β: 'b',
  ε: 'e',
  η: 'n',
  ι: 'i',
  κ: 'k',
  ν: 'v',
  ο: 'o',
  ρ: 'p',
  τ: 't',
  υ: 'u',
  χ: 'x',
  ω: 'w',
};

/** A text in which words that mix scripts are Latin throughout: nobody writes so but to hide a word. */
export const unmasked = (text: string): string =>
  text.replace(/[\p{L}\p{M}]+/gu, (word) =>
    /\p{Script=Latin}/u.test(word) && /[\p{Script=Cyrillic}\p{Script=Greek}]/u.test(word)
      ? [...word.toLowerCase()].map((letter) => latin[letter] ?? letter).join('')
      : word,
  );
