import * as v from 'valibot';

/** An id made by a client or the server: 1–40 letters, digits, "_" or "-". */
export const Id = v.pipe(v.string(), v.regex(/^[\w-]{1,40}$/, 'An id is 1–40 letters, digits, "_" or "-".'));

/** One line of text of at most `max` characters (UTF-16 units); may be empty while being written. */
export const line = (max: number) =>
  v.pipe(v.string(), v.maxLength(max, `At most ${max} characters.`), v.regex(/^[^\r\n]*$/, 'One line only.'));

/** Text of several lines, at most `max` characters. */
export const lines = (max: number) => v.pipe(v.string(), v.maxLength(max, `At most ${max} characters.`));

/** Half letters, and marks that turn the direction of whatever stands beside: in a list of names they harm others. */
const HARMFUL = /[\p{Cs}\u202a-\u202e\u2066-\u2069]/gu;

/** A name that must say something: 1–`max` characters once trimmed. What would harm its neighbours is left out. */
export const name = (max: number) =>
  v.pipe(
    v.string(),
    v.transform((text) => text.replace(HARMFUL, '')),
    v.trim(),
    v.minLength(1, 'A name is needed.'),
    v.maxLength(max, `A name has at most ${max} characters.`),
    v.regex(/^[^\p{Cc}]*$/u, 'A name has no control characters.'),
  );

export const whole = (min: number, max: number) =>
  v.pipe(
    v.number(),
    v.integer('A whole number is needed.'),
    v.minValue(min, `Not below ${min}.`),
    v.maxValue(max, `Not above ${max}.`),
  );

/** A day of the Gregorian calendar as in ISO 8601: YYYY-MM-DD. */
export const isoDate = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d{2}-\d{2}$/, 'A date is YYYY-MM-DD.'),
  v.check((text) => {
    const [year, month, day] = text.split('-').map(Number) as [number, number, number];
    const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
    const days = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1] ?? 0;
    return day >= 1 && day <= days;
  }, 'There is no such day.'),
);

/** A language tag that is well formed by BCP 47 (RFC 5646), such as "en", "de-CH" or "sr-Latn"; empty for none. */
export const languageTag = v.pipe(
  v.string(),
  v.maxLength(35, 'A language tag has at most 35 characters.'),
  v.check((tag) => {
    if (tag === '') return true;
    try {
      return Intl.getCanonicalLocales(tag).length === 1;
    } catch {
      return false;
    }
  }, 'A language is given by its tag, such as en, de or pt-BR.'),
);
