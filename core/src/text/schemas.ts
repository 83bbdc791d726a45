import * as v from 'valibot';

/** An id made by a client or the server: 1–40 letters, digits, "_" or "-". */
export const Id = v.pipe(v.string(), v.regex(/^[\w-]{1,40}$/, 'An id is 1–40 letters, digits, "_" or "-".'));

/** One line of text of at most `max` characters (UTF-16 units); may be empty while being written. */
export const line = (max: number) =>
  v.pipe(v.string(), v.maxLength(max, `At most ${max} characters.`), v.regex(/^[^\r\n]*$/, 'One line only.'));

/** Text of several lines, at most `max` characters. */
export const lines = (max: number) => v.pipe(v.string(), v.maxLength(max, `At most ${max} characters.`));

/** A name that must say something: 1–`max` characters once trimmed. */
export const name = (max: number) =>
  v.pipe(
    v.string(),
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
