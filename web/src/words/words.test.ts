/** @jest-environment jsdom */
import { afterAll, describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { formatNames, formatOf } from '@distaff/core/formats';
import { findingCodes } from '@distaff/core/show';
import { useFormat } from '../design/useFormat.ts';
import { useRoundTitle } from '../design/useRoundTitle.ts';
import { endApps, inApp, say } from '../test/inApp.ts';
import { all } from './all.ts';
import { common } from './en/common.ts';
import { editors, formats } from './en/formats.ts';
import { check } from './en/check.ts';
import type { PlayedWords, WrittenWords } from '../formats/words.ts';

afterAll(endApps);

/** Every key of a catalogue with its message. */
const messages = (under: object, path = ''): [string, string][] =>
  Object.entries(under).flatMap(([name, one]: [string, unknown]) =>
    typeof one === 'string' ? [[`${path}${name}`, one]] : messages(one as object, `${path}${name}.`),
  );
const every = messages({ common, formats, ...all });
const keys = new Set(every.map(([key]) => key));

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

test('every reason that is told is given somewhere', () => {
  const sources = ['core/src', 'server/src'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.ts') && !/Names\.ts$|\.test\.ts$/.test(file))
      .map((file) => readFileSync(path.join(folder, file), 'utf8')),
  );
  const given = sources.join('\n');
  expect(Object.keys(all.refusals).filter((name) => !given.includes(`'${name}'`))).toEqual([]);
});

test('of one nothing is said in the plural', () => {
  const many = every
    .filter(([, text]) => text.includes(' | ') && text.includes('{n}'))
    .map(([key, text]) => {
      const names = [...text.matchAll(/\{(\w+)\}/g)].map(([, name]) => [name!, 'x']);
      return [key, say(key, { ...Object.fromEntries(names), n: 1, count: 1 })];
    })
    .filter(([, said]) => /(^|\D)1 (people|(?!is |was |has |as |this )[a-z]+s)\b/.test(said!));
  expect(many).toEqual([]);
});

describe('what the pages say', () => {
  const sources = readdirSync('web/src', { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(vue|ts)$/.test(file) && !/\.test\.ts$|^words\/(en|all)|\/words\//.test(file))
    .map((file) => ({ file, text: readFileSync(path.join('web/src', file), 'utf8') }));
  const areas = Object.keys({ common, formats, ...all }).join('|');
  /** Every key that is written out or put together, as a pattern, with the file it stands in. */
  const written = new RegExp(`'((?:${areas})\\.[^'\\s]+)'|\`((?:${areas})\\.[^\`]+)\``, 'g');
  const said = sources.flatMap(({ file, text }) =>
    [...text.matchAll(written)].map(([, plain, put]) => {
      const key = plain ?? put!;
      const pattern = key.replaceAll('.', '\\.').replace(/\$\{[^}]*\}/g, '[\\w.]*');
      return { file, key, pattern: new RegExp(`^${pattern}$`) };
    }),
  );

  test('has words', () => {
    expect(said.length).toBeGreaterThan(900);
    const missing = said.filter(({ pattern }) => ![...keys].some((key) => pattern.test(key)));
    expect(missing.map(({ file, key }) => `${file}: ${key}`)).toEqual([]);
  });

  test('on a phone is among the words that a phone carries', () => {
    const carried = (key: string) => /^(common|extras|formats|handset|practice)\.|^stage\.key$/.test(key);
    const onPhones = said.filter(({ file }) =>
      /^handset\/|^practice\/|^screens\/(handset|answer)\/|Handset\.vue$/.test(file),
    );
    expect(onPhones.length).toBeGreaterThan(100);
    expect(onPhones.filter(({ key }) => !carried(key)).map(({ file, key }) => `${file}: ${key}`)).toEqual([]);
  });

  test('is all that there are words for', () => {
    const patterns = [...new Set(said.map(({ pattern }) => pattern.source))].map((one) => new RegExp(one));
    // Why something was not done is named by core and server.
    const own = [...keys].filter((key) => !key.startsWith('refusals.'));
    expect(own.filter((key) => !patterns.some((one) => one.test(key)))).toEqual([]);
  });
});

describe('formats', () => {
  test('whatever a check may find has words', () => {
    const own = formatNames.flatMap((name) => Object.keys((editors[name] as WrittenWords).finding ?? {}));
    expect(
      findingCodes.filter((code) => !(code in check.finding) && !own.includes(code) && code !== 'remark'),
    ).toEqual([]);
  });

  test.each(formatNames)('%s says what is its own', (name) => {
    const format = formatOf(name);
    const words: PlayedWords = formats[name];
    expect({
      howTo: words.howTo !== undefined,
      counted: words.counted !== undefined,
      choice: words.pick !== undefined && words.leave !== undefined,
    }).toEqual({ howTo: format.asks, counted: format.ranksOtherwise, choice: format.chosen });
    const findings = Object.keys((editors[name] as WrittenWords).finding ?? {});
    expect(findings.filter((code) => !(code in format.harm))).toEqual([]);
  });
});

test('a part of the running order without a title is called by what it is, whatever its format and sort', () => {
  const titleOf = inApp(useRoundTitle);
  for (const format of formatNames) {
    const { asks, blank, sort } = formatOf(format);
    const content = blank(() => 'x');
    const sorts = Object.keys((formats[format] as PlayedWords).sort ?? {});
    const what = sort(content);
    expect([format, what === null || sorts.includes(what)]).toEqual([format, true]);
    for (const one of asks && what === null ? [null] : sorts)
      expect(titleOf({ title: '', format, what: one })).toMatch(/^[A-Z]/);
  }
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
