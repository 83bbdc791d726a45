import fc from 'fast-check';

// Texts as people write them: short and long words, other scripts, formulas, one word without an end.
const latin = fc.string({ unit: fc.constantFrom(...'aeinorstlmdgä'), minLength: 1, maxLength: 12 });
const hebrew = fc.string({ unit: fc.constantFrom(...'אבגדהוזלמנ'), minLength: 1, maxLength: 9 });
const chinese = fc.string({ unit: fc.constantFrom(...'海風船帆錨波潮島'), minLength: 1, maxLength: 20 });
const formula = fc.constantFrom('$\\sqrt{16}$', '$\\frac{a^2+b^2}{c}$', '$x_{1,2}$', '$\\vec{AB}$');
const endless = fc.constant('Donaudampfschifffahrtsgesellschaftskapitänsmützenabzeichen');
const word = fc.oneof(
  { weight: 12, arbitrary: latin },
  { weight: 1, arbitrary: hebrew },
  { weight: 1, arbitrary: chinese },
  { weight: 1, arbitrary: formula },
  { weight: 1, arbitrary: endless },
);
/** A text of up to so many letters; most are short, some as long as they may be. */
export const text = (most: number, words = word) =>
  fc
    .oneof(
      { weight: 3, arbitrary: fc.integer({ min: 1, max: Math.min(most, 60) }) },
      fc.integer({ min: 1, max: most }),
    )
    .chain((length) =>
      fc.array(words, { minLength: 1, maxLength: Math.max(1, Math.ceil(length / 4)) }).map((all) => {
        const kept: string[] = [];
        for (const one of all) if (kept.join(' ').length + one.length < length) kept.push(one);
        return kept.join(' ') || 'a';
      }),
    );
export const plain = fc.oneof({ weight: 8, arbitrary: latin }, hebrew, endless);
export const name = (most: number) => text(most, plain).map((one) => one.slice(0, most).trim() || 'a');
