/** What words are asked for outside of components. */
export interface Words {
  global: { t: (key: string, given?: object) => string; te: (key: string) => boolean };
}
let current: Words | null = null;

/** From here on these are the words of the page. */
export function setWords(words: Words): void {
  current = words;
}

/** The words of this page, outside of its components. @throws Error where none were made yet. */
export function words(): Words {
  if (!current) throw new Error('This page has no words.');
  return current;
}
