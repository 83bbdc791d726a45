import { describe, expect, test } from '@jest/globals';
import { countries } from 'countries-list';
import ISO6391 from 'iso-639-1';
import * as v from 'valibot';
import { kindOf } from '../question/kinds/index.ts';
import { languageTag } from '../text/schemas.ts';
import { lacksOf } from '../question/asPlayed.ts';
import { reviewSet } from '../review/reviewSet.ts';
import { guessColumns, readSheet, readTable, REVIEW_TAG, toCsv, type ImportRow } from './index.ts';

/** Flashcards with four options each, as the wizard reads them. */
function cards(text: string): ImportRow[] {
  const got = readTable(text);
  if ('trouble' in got) throw new Error(got.trouble);
  let n = 0;
  let state = 7;
  const random = () => (state = (state * 16807) % 2147483647) / 2147483647;
  const reading = readSheet(got.table, guessColumns(got.table), 4, () => `i${n++}`, random);
  for (;;) {
    const step = reading.next();
    if (step.done) return step.value;
  }
}

test('an open dataset (package countries-list, MIT) becomes a few hundred questions by the flashcard route', () => {
  const pairs = Object.values(countries).flatMap(({ name, capital }) => (capital ? [[name, capital]] : []));
  expect(pairs.length).toBeGreaterThan(200);
  const rows = cards(toCsv(['Front', 'Back'], pairs));
  expect(rows).toHaveLength(pairs.length);
  for (const [i, { question, problems }] of rows.entries()) {
    const [country, capital] = pairs[i]!;
    const { answer } = question;
    if (answer.kind !== 'choice') throw new Error(answer.kind);
    expect([question.prompt, kindOf('choice').key(answer, [0, 1, 2, 3]).texts]).toEqual([country, [capital]]);
    // Wrong ones are capitals of others, each once, and never the right one under another spelling.
    const texts = answer.options.map((option) => option.text);
    expect(texts.every((text) => pairs.some(([, other]) => other === text))).toBe(true);
    expect([lacksOf(question), new Set(texts).size, question.tags]).toEqual([[], 4, [REVIEW_TAG]]);
    expect(problems.map(({ code }) => code)).toEqual(['drawn']);
  }
  // Drawn places leave no habit.
  expect(reviewSet(rows.map((row) => row.question))).toMatchObject({ always: null, never: [] });
});

describe('languages', () => {
  const good = (tag: string) => v.safeParse(languageTag, tag).success;
  test('every code of ISO 639-1 (package iso-639-1) is a language', () => {
    const codes = ISO6391.getAllCodes();
    expect(codes.length).toBeGreaterThan(180);
    expect(codes.filter((code) => !good(code))).toEqual([]);
  });
  // RFC 5646, appendix A: examples of well-formed tags, and of such that are not.
  test.each([
    'de',
    'zh-Hant',
    'sr-Latn-RS',
    'sl-nedis',
    'hy-Latn-IT-arevela',
    'es-419',
    'de-CH-1901',
    'en-US-u-islamcal',
    'az-Arab-x-AZE-derbend',
  ])('%s', (tag) => expect(good(tag)).toBe(true));
  test.each(['de-419-DE', 'a-DE', 'ar-a-aaa-b-bbb-a-ccc', 'english!', 'de_CH', 'x'.repeat(36)])(
    'not %s',
    (tag) => expect(good(tag)).toBe(false),
  );
});
