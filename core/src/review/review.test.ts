import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
// @ts-expect-error the package brings no types
import * as fontkit from 'fontkit';
import { createRequire } from 'node:module';
import path from 'node:path';
import { blankQuestion, type Question } from '../question/question.ts';
import { kindNames, kindOf } from '../question/kinds/index.ts';
import { likeness, trigrams } from '../library/similar.ts';
import { mend } from './mend.ts';
import { nearDuplicates, type NearDuplicate } from './duplicates.ts';
import { reviewQuestion } from './reviewQuestion.ts';
import { reviewSet, spreadKeys } from './reviewSet.ts';
import { strangeLetters } from './letters.ts';
import { everyKind, picture } from '../sitting/test/table.ts';
import { ALIKE, ALIKE_WORDS, wordsAlike } from './duplicates.ts';
import { fleschKincaid, lix, readingLevel } from './readingLevel.ts';

const TODAY = '2026-11-25';
let n = 0;
const ids = () => `i${n++}`;
function question(prompt: string, texts: string[], key = 0, more: Partial<Question> = {}): Question {
  const options = texts.map((text, i) => ({ id: `o${i}`, text }));
  return {
    ...blankQuestion(ids),
    prompt,
    answer: { kind: 'choice', options, key: key < 0 ? null : `o${key}` },
    ...more,
  };
}
const found = (own: Question) => reviewQuestion(own, TODAY).map(({ code, mend: by }) => [code, by]);

describe('a question', () => {
  const clean = ['ebb', 'flood', 'slack'];
  test.each<[string, Question, unknown[]]>([
    ['nothing', question('Which?', clean), []],
    [
      'no prompt, no key',
      question(' ', clean, -1),
      [
        ['noPrompt', null],
        ['noKey', null],
      ],
    ],
    ['an option left empty, as if it were not there', question('Which?', ['ebb', 'flood', '']), []],
    [
      'an empty option where two are left over only with it',
      question('Which?', ['ebb', '']),
      [['emptyOption', null]],
    ],
    ['an empty option that is the key', question('Which?', ['ebb', 'flood', ''], 2), [['emptyOption', null]]],
    [
      'two wrong ones alike',
      question('Which?', ['ebb', 'Flood', 'flood '], 0),
      [['equalOptions', 'dropEqual']],
    ],
    ['one like the key', question('Which?', ['ebb', 'flood', 'Ébb'], 0), [['keyTwice', 'dropEqual']]],
    ['all the same', question('Which?', ['ebb', 'EBB']), [['keyTwice', null]]],
    [
      'a key much longer',
      question('Which?', ['the falling of the water after high water', 'a rising', 'rest']),
      [['keyStandsOut', null]],
    ],
    ['a key a little longer', question('Which?', ['the falling water', 'the rising water', 'rest']), []],
    [
      'a key in the prompt',
      question('What is an **ebb tide** called?', ['Ebb tide', 'flood']),
      [['keyInPrompt', null]],
    ],
    ['a short key in the prompt is chance', question('Is it a or b?', ['a', 'b']), []],
    ['a word that holds the key', question('What do the ebbing waters do?', ['ebbi', 'flood']), []],
    ['due today', question('Which?', clean, 0, { checkAgainBy: TODAY }), [['stale', 'checkedToday']]],
    ['due tomorrow', question('Which?', clean, 0, { checkAgainBy: '2026-11-26' }), []],
    [
      'a picture without words',
      question('Which?', clean, 0, { picture: picture('f', ' ') }),
      [['noAlt', null]],
    ],
    [
      'a picture without thanks',
      question('Which?', clean, 0, { picture: { ...picture('f', 'x'), credit: '', licence: '' } }),
      [['noCredit', null]],
    ],
    [
      'a drawing of ours needs none',
      question('Which?', clean, 0, { picture: { ...picture('shelf.x', 'x'), credit: '', licence: '' } }),
      [],
    ],
    [
      'words that tell the key',
      question('Which?', ['flood', 'x'], 0, { picture: picture('f', 'The flood comes') }),
      [['altTellsKey', null]],
    ],
    [
      'words of the picture with the key may',
      question('Which?', ['flood', 'x'], 0, { answerPicture: picture('f', 'The flood comes') }),
      [],
    ],
    ['letters that no typeface here has', question('Που είναι;', clean), [['strangeLetters', null]]],
    [
      'three seconds for thirty words',
      question(Array(30).fill('word').join(' '), clean, 0, { clock: 3 }),
      [['clockTooShort', 'moreTime']],
    ],
  ])('%s', (_name, own, codes) => expect(found(own)).toEqual(codes));

  test('several of several: one where every option is right', () => {
    const options = ['a', 'b'].map((text) => ({ id: text, text }));
    const own: Question = {
      ...question('Which?', []),
      answer: { kind: 'many', options, keys: ['a', 'b'], marking: 'all' },
    };
    expect(found(own)).toEqual([['allRight', null]]);
  });

  test('a finished one of any kind may be played as far as the review sees', () => {
    for (const { answer } of everyKind())
      expect(
        reviewQuestion({ ...blankQuestion(ids), prompt: 'What?', answer }, TODAY).filter(
          (one) => one.weight === 'must',
        ),
      ).toEqual([]);
    for (const kind of kindNames.filter((name) => !['card', 'opinion', 'scale', 'words'].includes(name))) {
      const blank: Question = { ...blankQuestion(ids), prompt: 'What?', answer: kindOf(kind).blank(ids) };
      expect(reviewQuestion(blank, TODAY).some((one) => one.weight === 'must')).toBe(true);
    }
  });

  test('each mend takes its remark away, keeps the key, and loses no written option that is not said twice', () => {
    const text = fc.constantFrom('', 'ebb', 'Ebb', 'flood', 'slack', 'neap');
    fc.assert(
      fc.property(
        fc.array(text, { minLength: 2, maxLength: 8 }),
        fc.nat(7),
        fc.boolean(),
        (texts, key, stale) => {
          const own = question(
            'Which?',
            texts,
            key % texts.length,
            stale ? { checkAgainBy: '2020-02-29', clock: 3 } : { clock: 3 },
          );
          for (const { code, mend: by } of reviewQuestion(own, TODAY)) {
            if (!by) continue;
            const after = mend(own, by, TODAY);
            expect(reviewQuestion(after, TODAY).map((one) => one.code)).not.toContain(code);
            const key = (one: Question) =>
              kindOf('choice').key(one.answer, kindOf('choice').asWritten(one.answer)).texts;
            expect(key(after)).toEqual(key(own));
            const words = (one: Question) =>
              new Set(
                kindOf('choice')
                  .texts(one.answer)
                  .map((t) => t.toLowerCase())
                  .filter(Boolean),
              );
            expect(words(after)).toEqual(words(own));
          }
        },
      ),
    );
  });
});

describe('a set', () => {
  const at = (places: number[], texts = ['one thing', 'another', 'a third', 'a fourth']) =>
    places.map((place, i) =>
      question(
        `Question ${i}?`,
        texts.map((text) => `${text} ${i}`),
        place,
      ),
    );
  test.each([
    [[0, 0, 0, 0, 0], [5, 0, 0, 0], 0, []],
    [[1, 1, 1, 0, 2], [1, 3, 1, 0], 1, []],
    [[0, 1, 2, 3, 0], [2, 1, 1, 1], null, []],
    [[2, 2, 2, 2], [0, 0, 4, 0], null, []],
    [Array.from({ length: 12 }, (_, i) => i % 2), [6, 6, 0, 0], null, [2, 3]],
    [[], [], null, []],
  ])('keys at %j', (places, counts, always, never) => {
    expect(reviewSet(at(places))).toMatchObject({ places: counts, always, never });
  });

  test('keys are spread evenly, each question keeping its options and its key', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(3), { minLength: 8, maxLength: 40 }), fc.nat(), (places, seed) => {
        const before = at(places);
        const random = () => ((seed * 7919) % 104729) / 104729;
        const changed = new Map(spreadKeys(before, random).map((one) => [one.id, one]));
        const after = before.map((one) => changed.get(one.id) ?? one);
        const { places: counts } = reviewSet(after);
        expect(
          Math.max(...counts) - Math.min(...[0, 1, 2, 3].map((i) => counts[i] ?? 0)),
        ).toBeLessThanOrEqual(1);
        for (const [i, one] of after.entries()) {
          const texts = (own: Question) => [...kindOf('choice').texts(own.answer)].sort();
          expect(texts(one)).toEqual(texts(before[i]!));
          expect(one.answer).toMatchObject({ key: (before[i]!.answer as { key: string }).key });
        }
      }),
    );
  });
  test('options in an order of their own, or that speak of others, keep their places', () => {
    const fixed = [
      question('?', ['10', '20', '30', '40'], 0),
      question('?', ['1850', '1840', '1830'], 0),
      question('?', ['ebb', 'flood', 'both of them'], 0),
      question('?', ['ebb', 'flood', 'None of the above'], 0),
    ];
    expect(spreadKeys([...fixed, ...fixed], () => 0.5)).toEqual([]);
  });
});

test('near duplicates are all that comparing all with all finds', () => {
  const word = fc.constantFrom('which', 'knot', 'tide', 'holds', 'falls', 'a', 'the', 'two', 'ropes', 'best');
  const text = fc.array(word, { minLength: 1, maxLength: 8 }).map((words) => words.join(' '));
  fc.assert(
    fc.property(fc.array(text, { maxLength: 30 }), (texts) => {
      const items = texts.map((one, i) => ({ id: `${i}`, text: one }));
      const run = nearDuplicates(items);
      let step = run.next();
      while (!step.done) step = run.next();
      const pairs = (list: NearDuplicate[]) => list.map(({ a, b }) => [a, b].sort().join('|')).sort();
      const words = items.map((item) => new Set(wordsAlike(item.text)));
      const all = items.flatMap((one, i) =>
        items.slice(i + 1).flatMap((other, j) => {
          const byWords = likeness(words[i]!, words[i + 1 + j]!);
          const alike = likeness(trigrams(one.text), trigrams(other.text));
          const enough = words[i]!.size >= 3 && words[i + 1 + j]!.size >= 3;
          return alike >= ALIKE && byWords >= ALIKE_WORDS && enough
            ? [{ a: one.id, b: other.id, likeness: alike }]
            : [];
        }),
      );
      expect(pairs(step.value)).toEqual(pairs(all));
    }),
  );
});

describe('how hard a text reads', () => {
  // Worked by hand from the published formulas.
  test('Flesch–Kincaid (Kincaid et al. 1975) and LIX (Björnsson 1968)', () => {
    expect(fleschKincaid(100, 5, 150)).toBeCloseTo(0.39 * 20 + 11.8 * 1.5 - 15.59, 10);
    expect(fleschKincaid(13, 1, 24)).toBeCloseTo(11.26, 1);
    expect(lix(100, 10, 25)).toBe(35);
  });
  test('an easy sentence, a hard one, one in another language, and too few words to say', () => {
    const easy = readingLevel('The cat sat on the mat and the dog sat on the log.', '')!;
    const hard = readingLevel(
      'Considering contemporary meteorological observations, which international organisation promulgates recommendations concerning hydrographical nomenclature?',
      'en-GB',
    )!;
    expect([easy.by, easy.value < 3, hard.value > 13]).toEqual(['grade', true, true]);
    expect(
      readingLevel('Welche der folgenden Behauptungen über die Gezeiten an der Küste ist richtig?', 'de')!.by,
    ).toBe('lix');
    expect(readingLevel('Which tide?', '')).toBeNull();
  });
});

describe('letters', () => {
  const require = createRequire(import.meta.url);
  const folder = path.dirname(require.resolve('@fontsource/atkinson-hyperlegible-next/package.json'));
  test('those of the font files are known, and no others', () => {
    const inFonts = new Set(
      ['latin', 'latin-ext'].flatMap((subset) => {
        const font = (fontkit as { openSync(file: string): { characterSet: number[] } }).openSync(
          path.join(folder, `files/atkinson-hyperlegible-next-${subset}-400-normal.woff2`),
        );
        return font.characterSet as number[];
      }),
    );
    const wrong: string[] = [];
    for (let code = 0x21; code < 0x3000; code++) {
      const sign = String.fromCodePoint(code);
      // What Unicode takes for another sign, and what draws nothing, is no letter of its own.
      if (
        sign.normalize('NFC') !== sign ||
        !/^[\p{L}\p{N}\p{P}\p{S}]$/u.test(sign) ||
        /[*_`$\\#>~[\]]/.test(sign)
      )
        continue;
      if ((strangeLetters(sign).length === 0) !== inFonts.has(code)) wrong.push(sign);
    }
    expect(wrong).toEqual([]);
  });
  test('marks, formulas and joiners are none', () => {
    expect(strangeLetters('**Où** $\\alpha + β$ na\u00EFve nai\u0308ve\u200D')).toEqual([]);
    expect(strangeLetters('Ω 🙂 Ω')).toEqual(['Ω', '🙂']);
  });
});
