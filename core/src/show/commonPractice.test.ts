import { expect, test } from '@jest/globals';
import { balancedValues } from '../formats/counterweight/values.ts';
import { blankQuestion } from '../question/question.ts';
import { blankShow, Show, type Round } from './show.ts';
import { MAX_TEAMS } from './team.ts';
import { newRound } from './newRound.ts';
import * as v from 'valibot';

/*
 * What practitioners use, as far as a new show starts with it or must be able to hold it: common
 * practice of the trade, without a source.
 */
let n = 0;
const newId = () => `n${n++}`;
const round = <F extends Round['format']>(format: F) => newRound(format, newId) as Round & { format: F };

test('a new board has five categories and the values 100 to 500; a clock of 20 s; two teams', () => {
  const show = blankShow('New', newId);
  const [board] = show.rounds;
  if (board?.format !== 'board') throw new Error('A new show begins with a board.');
  expect(board.content.categories).toHaveLength(5);
  expect(board.content.values.map((value) => value.points)).toEqual([100, 200, 300, 400, 500]);
  expect(board.rules.clock).toBe(20);
  expect(show.teams).toHaveLength(2);
});

test('a new question has four options and no key', () => {
  const { answer } = blankQuestion(newId);
  expect(answer).toMatchObject({ kind: 'choice', key: null });
  expect(answer.kind === 'choice' && answer.options).toHaveLength(4);
});

test('a quiz asks everyone; counterweight has 16 covers up to 9, a miss goes to the next team', () => {
  expect(round('quiz').rules).toMatchObject({ floor: 'everyone', afterWrong: 'close' });
  const weights = round('counterweight');
  expect(weights.content).toMatchObject({ covers: 16, most: 9 });
  expect(weights.rules).toMatchObject({ floor: 'turn', afterWrong: 'handOn' });
  const values = balancedValues(16, 9, () => 0.3);
  expect(values.every((value) => Math.abs(value) <= 9 && values.includes(-value))).toBe(true);
});

test.each([10, 15, 20, 30])(
  'a clock of %i s, rewards and penalties of 25 or 100, a hundred questions, fifty teams',
  (clock) => {
    const show = blankShow('Full', newId);
    const quiz = round('quiz');
    const ids = Array.from({ length: 100 }, () => newId());
    quiz.rules = { ...quiz.rules, clock, penalty: 'full' };
    quiz.content = {
      items: ids.map((id, i) => ({ id, points: i % 2 ? 25 : 100 })),
      points: 100,
      shuffle: true,
    };
    const questions = Object.fromEntries(ids.map((id) => [id, { ...blankQuestion(newId), id }]));
    const teams = Array.from({ length: MAX_TEAMS }, (_, i) => ({ ...show.teams[0]!, id: `t${i}` }));
    expect(MAX_TEAMS).toBe(50);
    expect(v.safeParse(Show, { ...show, teams, rounds: [quiz], questions }).issues).toBeUndefined();
  },
);
