import { distance } from 'fastest-levenshtein';
import { withoutAccents, withoutCase, withoutSigns } from './fold.ts';

/** What does not matter when a typed answer is compared with an accepted one. */
export interface Forgiveness {
  case: boolean;
  accents: boolean;
  articles: boolean;
  slips: boolean;
}

export type Forgiven = 'signs' | keyof Forgiveness;

export interface TextMatch {
  accepted: boolean;
  /** The accepted spelling that it was taken for, or the nearest one; null if there is none. */
  variant: string | null;
  /** What had to be forgiven. */
  forgiven: Forgiven[];
  /** Letters that differ from `variant` (Levenshtein distance), and how many would be allowed. */
  slips: number;
  allowed: number;
}

/** Leading articles of languages taught most; compared after folding. */
const ARTICLES = new Set(
  'the a an der die das den dem des ein eine einen einem einer le la les l un une il lo gli i uno una el los las de het een o os as um uma en ett'.split(
    ' ',
  ),
);

/** Slips allowed in a spelling of so many letters: none up to 4, one up to 8, then two. */
export const slipsAllowed = (length: number): number => (length <= 4 ? 0 : length <= 8 ? 1 : 2);

function withoutArticle(text: string): string {
  const [first, ...rest] = text.split(' ');
  return rest.length > 0 && ARTICLES.has(withoutCase(withoutAccents(first!))) ? rest.join(' ') : text;
}

function fold(text: string, forgive: Omit<Forgiveness, 'slips'>, signs = true): string {
  let folded = text.normalize('NFKC').replace(/\s+/gu, ' ').trim();
  if (forgive.accents) folded = withoutAccents(folded);
  if (forgive.case) folded = withoutCase(folded);
  if (signs) folded = withoutSigns(folded);
  return forgive.articles ? withoutArticle(folded) : folded;
}

const digitsOf = (text: string) => text.replace(/\P{N}+/gu, ' ').trim();

/** What had to be forgiven for `given` to be `variant`, once everything allowed is forgiven. */
function forgivenFor(given: string, variant: string, forgive: Forgiveness): Forgiven[] {
  const found: Forgiven[] = [];
  for (const one of ['case', 'accents', 'articles'] as const) {
    const strict = { ...forgive, [one]: false };
    if (forgive[one] && fold(given, strict) !== fold(variant, strict)) found.push(one);
  }
  if (fold(given, forgive, false) !== fold(variant, forgive, false) && !found.includes('articles'))
    found.push('signs');
  return found;
}

/**
 * Compares a typed answer with the accepted spellings. Blanks at the ends and between words, and
 * signs such as dashes, never matter; figures are never forgiven a slip (1914 is not 1915).
 * Slips are counted as Levenshtein distance: letters put in, left out or changed (Levenshtein 1966;
 * computed as by Wagner and Fischer 1974).
 */
export function matchText(given: string, accepted: readonly string[], forgive: Forgiveness): TextMatch {
  const own = fold(given, forgive);
  let best: TextMatch = { accepted: false, variant: null, forgiven: [], slips: Infinity, allowed: 0 };
  for (const variant of accepted) {
    const folded = fold(variant, forgive);
    if (folded === '') continue;
    if (folded === own)
      return {
        accepted: true,
        variant,
        forgiven: forgivenFor(given, variant, forgive),
        slips: 0,
        allowed: 0,
      };
    const slips = distance(folded, own);
    const allowed = forgive.slips ? slipsAllowed([...folded].length) : 0;
    const close = slips <= allowed && digitsOf(folded) === digitsOf(own);
    if (close ? !best.accepted || slips < best.slips : !best.accepted && slips < best.slips)
      best = { accepted: close, variant, forgiven: close ? ['slips'] : [], slips, allowed };
  }
  return best;
}
