/**
 * Folds a text for comparison: Unicode NFKD, combining marks dropped, lower case, every run of
 * anything that is neither letter nor digit becomes one space, ends trimmed. "Café  au-lait" and
 * "cafe au lait" fold alike. A text of symbols alone keeps them, so that "+" is not "".
 */
export function foldText(text: string): string {
  const bare = text
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replaceAll('ß', 'ss');
  const words = bare.replace(/[^\p{L}\p{N}]+/gu, ' ').trim();
  return words === '' ? bare.trim() : words;
}
