/** @jest-environment jsdom */
import { afterAll, describe, expect, test } from '@jest/globals';
import { findingCodes } from '@distaff/core/show';
import { formatNames } from '@distaff/core/formats';
import { useFormat } from '../design/useFormat.ts';
import { endApps, inApp, say } from '../test/inApp.ts';
import { all } from './all.ts';
import { common } from './en/common.ts';
import { studio } from './en/studio.ts';

afterAll(endApps);

test('whatever a check may find has words', () => {
  expect(findingCodes.filter((code) => !(code in studio.finding) && code !== 'remark')).toEqual([]);
});

test.each(formatNames)('%s has a name and a line that says what it is', (name) => {
  expect([common.formats[name], studio.formatHint[name]].every((words) => words !== '')).toBe(true);
});

/** Every key of a catalogue with its message. */
const messages = (under: object, path = ''): [string, string][] =>
  Object.entries(under).flatMap(([name, one]: [string, unknown]) =>
    typeof one === 'string' ? [[`${path}${name}`, one]] : messages(one as object, `${path}${name}.`),
  );
const every = messages({ common, ...all });

describe('every message', () => {
  test('says something, with nothing left at its ends', () => {
    expect(every.length).toBeGreaterThan(1000);
    expect(every.filter(([, text]) => text !== text.trim() || text === '').map(([key]) => key)).toEqual([]);
  });

  test('is well formed, and shows what it is given', () => {
    const wrong = every.flatMap(([key, text]) => {
      const names = [...text.matchAll(/\{(\w+)\}/g)].map(([, name]) => name!);
      const given = Object.fromEntries(names.map((name) => [name, `<${name}>`]));
      const forms = text.split('|').length;
      const said = say(key, { ...given, ...(forms > 1 ? { n: 2, count: 2 } : {}) });
      // What is not in the form that was said is in another one.
      const lost = forms > 1 ? [] : names.filter((name) => !said.includes(`<${name}>`));
      return lost.length > 0 || said.includes('{') ? [`${key}: ${said}`] : [];
    });
    expect(wrong).toEqual([]);
  });
});

describe('numbers, places and days', () => {
  const format = () => inApp(useFormat);
  test.each([
    [0, '0', '0'],
    [-1200, '−1,200', '−1,200'],
    [300, '300', '+300'],
  ])('%d points are %s, as a change %s', (n, points, change) => {
    expect([format().points(n), format().change(n)]).toEqual([points, change]);
  });
  // The ordinals of English, by the Unicode CLDR plural rules: 11 to 13 are no exception of 1 to 3 in any hundred.
  test.each([
    [1, '1st'],
    [2, '2nd'],
    [3, '3rd'],
    [4, '4th'],
    [11, '11th'],
    [12, '12th'],
    [13, '13th'],
    [21, '21st'],
    [22, '22nd'],
    [103, '103rd'],
    [111, '111th'],
  ])('place %d is %s', (n, place) => {
    expect(format().place(n)).toBe(place);
  });
  test('a list of names reads as a sentence does; a day of the calendar is the same in every zone', () => {
    expect(format().list(['Ansa', 'Jory', 'Wren'])).toBe('Ansa, Jory, and Wren');
    expect(format().date('2026-03-01')).toBe('Mar 1, 2026');
  });
});
