/**
 * The other number that a text may mean: a single comma or point before just three digits is the decimal
 * sign to some and parts thousands for others ("1,250" is 1.25 or 1250). Null where it means one alone.
 */
export function otherReading(text: string): number | null {
  const found = /^([+-]?)(\d{1,3})[.,](\d{3})$/.exec(numberIn(text));
  return found && found[2] !== '0' ? Number(`${found[1]}${found[2]}${found[3]}`) : null;
}
/** The number at the beginning of a text, with its marks and nothing else. */
const numberIn = (text: string): string => /^[+-]?[\d.,]+/.exec(plainNumber(text))?.[0] ?? '';

/** Digits of any script are figures; Arabic has marks of its own for decimals ("٫") and thousands ("٬"). */
const plainNumber = (text: string): string =>
  text
    .normalize('NFKC')
    .replace(/[\u2212\u2013]/g, '-')
    .replaceAll('٫', '.')
    .replaceAll('٬', '’')
    .replace(/\p{Nd}/gu, (digit) => `${valueOf(digit)}`)
    .trim();

/** Digits of a script stand in a row of ten, sometimes one row after another: how far it is along is its value. */
function valueOf(digit: string): number {
  const at = digit.codePointAt(0)!;
  let zero = at;
  while (/^\p{Nd}$/u.test(String.fromCodePoint(zero - 1))) zero--;
  return (at - zero) % 10;
}

/**
 * Reads a typed number: a decimal point or comma, blanks or apostrophes between thousands, a sign
 * (also the true minus), an exponent. "1,250.5", "1.250,5", "1 250,5" and "1'250.5" are all 1250.5.
 * A single comma or point is taken for the decimal sign ("1,250" is 1.25), except where groups of
 * three follow each other ("1,250,000").
 * @returns the number and what stands behind it (a unit, trimmed), or null where no number stands first.
 */
export function readNumber(text: string): { value: number; rest: string } | null {
  const plain = plainNumber(text);
  const found = /^([+-]?)\s*((?:\d[\d.,'’\s]*)?\d|[.,]\d+)(e[+-]?\d+)?/i.exec(plain);
  if (!found) return null;
  let digits = found[2]!.replace(/['’\s]/g, '');
  const marks = digits.replace(/\d/g, '');
  if (new Set(marks).size === 2) {
    const decimal = marks.at(-1)!;
    if (marks.indexOf(decimal) !== marks.length - 1) return null;
    digits = digits.replaceAll(decimal === ',' ? '.' : ',', '').replace(decimal, '.');
  } else if (marks.length === 1) digits = digits.replace(',', '.');
  else if (marks.length > 1) {
    if (!/^\d{1,3}(?:[.,]\d{3})+$/.test(digits)) return null;
    digits = digits.replace(/[.,]/g, '');
  }
  const value = Number(`${found[1]}${digits}${found[3] ?? ''}`);
  // "-0" is 0: a negative zero would not come out of a store as it went in.
  return Number.isFinite(value)
    ? { value: value === 0 ? 0 : value, rest: plain.slice(found[0].length).trim() }
    : null;
}
