import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { blankQuestion } from '../question/question.ts';
import { blankShow, Show } from './show.ts';
import { checkShow } from './check/check.ts';
import { mergeChanges } from '../document/merge.ts';
import { previewStage } from '../preview/preview.ts';
import { putAt } from '../document/changes.ts';
import { boardOf, sampleShow } from '../sitting/test/table.ts';

const ids = () => {
  let n = 0;
  return () => `i${n++}`;
};
const codes = (show: Show) => checkShow(show).map((finding) => finding.code);
const changed = (change: (show: Show) => void) => {
  const show = sampleShow();
  change(show);
  return show;
};

describe('what is said before the doors open', () => {
  test.each<[string, Show, string[]]>([
    ['a sound show with an even number of questions', changed((s) => s.teams.pop()), []],
    ['turns that do not come out even', sampleShow(), ['turnsUneven']],
    ['an empty board', blankShow('x', ids()), ['noPlayableCell']],
    [
      'no key',
      changed(
        (s) =>
          (s.questions.q1!.answer = {
            kind: 'choice',
            options: [
              { id: 'a', text: 'a' },
              { id: 'b', text: 'b' },
            ],
            key: null,
          }),
      ),
      ['cellUnfinished'],
    ],
    ['a prompt not written', changed((s) => (s.questions.q1!.prompt = ' ')), ['cellUnfinished']],
    [
      'a nameless category',
      changed((s) => (boardOf(s).content.categories[0]!.name = '')),
      ['turnsUneven', 'categoryUnnamed'],
    ],
    ['one team', changed((s) => s.teams.splice(1)), ['tooFewTeams']],
    ['teams of one name', changed((s) => (s.teams[0]!.name = 'leeward')), ['teamsAlike', 'turnsUneven']],
  ])('%s', (_name, show, expected) => {
    expect(codes(show)).toEqual(expected);
  });

  test('the bounds of a show: 1–12 categories, 1–10 values, 2–8 options, at most 50 teams', () => {
    const ok = (change: (show: Show) => void) => v.safeParse(Show, changed(change)).success;
    const many = <T>(n: number, make: (i: number) => T) => Array.from({ length: n }, (_, i) => make(i));
    const categories = (n: number) => (s: Show) =>
      (boardOf(s).content.categories = many(n, (i) => ({ id: `c${i}`, name: '' })));
    const values = (n: number) => (s: Show) =>
      (boardOf(s).content.values = many(n, (i) => ({ id: `v${i}`, points: i })));
    const options = (n: number) => (s: Show) =>
      (s.questions.q1!.answer = {
        kind: 'choice',
        options: many(n, (i) => ({ id: `o${i}`, text: '' })),
        key: null,
      });
    expect([0, 1, 12, 13].map((n) => ok(categories(n)))).toEqual([false, true, true, false]);
    expect([0, 1, 10, 11].map((n) => ok(values(n)))).toEqual([false, true, true, false]);
    expect([1, 2, 8, 9].map((n) => ok(options(n)))).toEqual([false, true, true, false]);
    expect(ok((s) => (s.teams = many(51, (i) => ({ ...s.teams[0]!, id: `t${i}` }))))).toBe(false);
  });
});

describe('two editors at once', () => {
  test('changes of different places are both kept, without a question', () => {
    const base = sampleShow();
    const mine = changed((s) => (s.questions.q1!.prompt = 'mine'));
    const theirs = changed((s) => {
      s.questions.q2!.prompt = 'theirs';
      boardOf(s).content.categories.reverse();
      s.teams.push({ ...s.teams[0]!, id: 'new', name: 'Halyard' });
    });
    const { value, conflicts } = mergeChanges(base, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(value.questions.q1!.prompt).toBe('mine');
    expect(value.questions.q2!.prompt).toBe('theirs');
    expect(boardOf(value).content.categories.map((one) => one.id)).toEqual(['b', 'a']);
    expect(value.teams.map((team) => team.id)).toEqual(['t0', 't1', 't2', 'new']);
  });
  test('the same place changed differently is listed, never overwritten in silence', () => {
    const one = changed((s) => (s.title = 'one'));
    const two = changed((s) => (s.title = 'two'));
    const { value, conflicts } = mergeChanges(sampleShow(), one, two);
    expect(value.title).toBe('one');
    expect(conflicts).toEqual([{ path: ['title'], mine: 'one', theirs: 'two' }]);
    putAt(value, conflicts[0]!.path, conflicts[0]!.theirs);
    expect(value).toEqual(two);
  });
  test('what one removed and the other changed is a conflict, not a loss', () => {
    const gone = changed((s) => s.teams.splice(0, 1));
    const renamed = changed((s) => (s.teams[0]!.name = 'Clove'));
    const { value, conflicts } = mergeChanges(sampleShow(), gone, renamed);
    expect(conflicts).toMatchObject([{ path: ['teams', 't0'], mine: undefined }]);
    putAt(value, conflicts[0]!.path, conflicts[0]!.theirs);
    expect(value.teams).toContainEqual(renamed.teams[0]);
  });
  test('any two edits: a side that changed nothing yields the other, whole', () => {
    const doc = fc
      .array(fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd'), n: fc.nat(3) }))
      .map((list) => ({
        list: [...new Map(list.map((item) => [item.id, item])).values()],
      }));
    fc.assert(
      fc.property(doc, doc, (base, other) => {
        expect(mergeChanges(base, other, base)).toEqual({ value: other, conflicts: [] });
        expect(mergeChanges(base, base, other)).toEqual({ value: other, conflicts: [] });
        expect(mergeChanges(base, other, other)).toEqual({ value: other, conflicts: [] });
      }),
    );
  });
});

test('a preview shows an unfinished question as far as it goes, and the key only when asked', () => {
  const show = sampleShow();
  const question = { ...blankQuestion(ids()), id: 'q1', prompt: 'Half' };
  show.questions.q1 = question;
  const view = previewStage(show, 'a:1', question, 'open');
  expect(view.question).toMatchObject({
    prompt: 'Half',
    options: Array(4).fill({ text: '', picture: null }),
    key: null,
    points: 100,
  });
  expect(previewStage(show, 'a:1', question, 'key').question!.key).not.toBeNull();
  expect(previewStage(show, null, null, 'board').round).toMatchObject({ format: 'board', rows: [{}, {}] });
});
