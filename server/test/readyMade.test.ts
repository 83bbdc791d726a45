import { describe, expect, test } from '@jest/globals';
import { existsSync, readFileSync } from 'node:fs';
import { kindNames, kindOf, mediaOf } from '@distaff/core/question';
import { nearDuplicates, reviewQuestion, reviewSet } from '@distaff/core/review';
import { Show } from '@distaff/core/show';
import * as v from 'valibot';
import firstWeek from '../../demo/first-week.json' with { type: 'json' };
import { readReadyMade } from '../src/readyMade.ts';
import { demoShow } from './world.ts';

const sets = readReadyMade('demo/sets');
const shows = [demoShow(), v.parse(Show, firstWeek)];
const all = [
  ...sets.flatMap((one) => one.questions),
  ...shows.flatMap((show) => Object.values(show.questions)),
];

describe('the sets that ship with the application', () => {
  test('are many, of every kind and every level, with pictures that are there', () => {
    expect(all.length).toBeGreaterThanOrEqual(150);
    expect(new Set(all.map((one) => one.answer.kind))).toEqual(new Set(kindNames));
    expect(new Set(all.map((one) => one.difficulty))).toEqual(new Set(['easy', 'medium', 'hard', null]));
    const files = new Set(all.flatMap((one) => mediaOf(one).map(({ media }) => media.file!)));
    expect(files.size).toBeGreaterThanOrEqual(40);
    const missing = [...files].filter(
      (file) => !existsSync(`web/dist/shelf/${file.slice('shelf.'.length)}.svg`),
    );
    expect(missing).toEqual([]);
  });
  test.each(sets.map((one) => [one.set.title, one] as const))(
    '%s passes its own check',
    (_title, { questions }) => {
      const found = questions.flatMap((own) =>
        reviewQuestion(own, '2026-11-25').map(({ code }) => `${code}: ${own.prompt}`),
      );
      expect(found).toEqual([]);
      expect(reviewSet(questions)).toMatchObject({ always: null, never: [] });
    },
  );
  test('a flag that is asked for its letter has that letter as its key', () => {
    const asked = all.filter(
      (own) => /Which letter/.test(own.prompt) && own.picture && own.answer.kind === 'choice',
    );
    expect(asked.length).toBeGreaterThan(5);
    for (const { answer, picture } of asked)
      expect(kindOf(answer.kind).key(answer, kindOf(answer.kind).asWritten(answer)).texts).toEqual([
        picture!.file.at(-1)!.toUpperCase(),
      ]);
  });
  test('none is asked twice', () => {
    const items = all.map((own, i) => ({
      id: `${i}`,
      text: own.prompt,
      picture: own.picture?.file ?? null,
    }));
    const work = nearDuplicates(items);
    let step = work.next();
    while (!step.done) step = work.next();
    expect(step.value.map(({ a, b }) => [all[Number(a)]!.prompt, all[Number(b)]!.prompt])).toEqual([]);
  });
  test('what drawings say of themselves is what questions say of them', () => {
    const shelf = JSON.parse(readFileSync('web/dist/shelf/index.json', 'utf8')) as {
      name: string;
      alt: string;
    }[];
    const alts = new Map(shelf.map((one) => [`shelf.${one.name}`, one.alt]));
    for (const own of all)
      for (const { media } of mediaOf(own)) expect(media.alt).toBe(alts.get(media.file!));
  });
});
