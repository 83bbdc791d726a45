import * as v from 'valibot';

/** A passphrase that is chosen. Blanks around it do not count. */
export const Passphrase = v.object({
  passphrase: v.pipe(
    v.string(),
    v.trim(),
    v.minLength(8, 'A passphrase has at least 8 characters.'),
    v.maxLength(200, 'A passphrase has at most 200 characters.'),
  ),
});
