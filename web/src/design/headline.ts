/** So many names, with so many letters in all, still have room in a headline; of more the number is told. */
const NAMED = 6;
const LETTERS = 150;

/** Whether names have room where they are set large. */
export const haveRoom = (names: readonly string[]): boolean =>
  names.length <= NAMED && names.join('').length <= LETTERS;
