const ASCII = /^[\x00-\x7F]*$/;
/** Signs of ASCII that are no letter, no figure, and none of mathematics (Sm) or money (Sc). */
const ASCII_SIGNS = /[^a-z0-9+<=>|~$#]+/g;

/** Letters that Unicode does not take apart, as people without them on the keyboard type them. */
const untied: Record<string, string> = {
  æ: 'ae', Æ: 'AE', œ: 'oe', Œ: 'OE', ø: 'o', Ø: 'O', ł: 'l', Ł: 'L', đ: 'd', Đ: 'D', ð: 'd', Ð: 'D',
  þ: 'th', Þ: 'Th', ı: 'i',
}; // prettier-ignore

/**
 * NFKD without combining diacritical marks (vowel signs of other scripts stay: they are letters there), and ligatures untied: "Crème Brûlée" becomes "Creme Brulee".
 */
export const withoutAccents = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f\u1ab0-\u1aff\u1dc0-\u1dff\u20d0-\u20ff\ufe20-\ufe2f]+/g, '')
    .replace(/[æÆœŒøØłŁđĐðÐþÞı]/g, (letter) => untied[letter]!)
    .normalize('NFC');

/** Upper and lower case made alike; up and down again, so that "ß", "ss" and both small sigmas meet. */
export const withoutCase = (text: string): string => text.toLowerCase().toUpperCase().toLowerCase();

/**
 * Every run of punctuation and blanks becomes one space, unless nothing would be left. Letters,
 * figures, and the signs of mathematics and money stay: "C", "C++" and "C#" are three things.
 */
export function withoutSigns(text: string): string {
  const words = text.replace(/[^\p{L}\p{M}\p{N}\p{Sm}\p{Sc}#]+/gu, ' ').trim();
  return words === '' ? text.trim() : words;
}

/**
 * Folds a text for comparison: without accents, case and signs. "Café  au-lait" and "cafe au lait"
 * fold alike. A text of signs alone keeps them, so that "+" is not "".
 */
export function foldText(text: string): string {
  if (!ASCII.test(text)) return withoutSigns(withoutCase(withoutAccents(text)));
  // The same for texts of ASCII alone, which most are, at a tenth of the cost.
  const words = text.toLowerCase().replace(ASCII_SIGNS, ' ').trim();
  return words === '' ? text.trim() : words;
}
