import { newRound, weaveAt, defaultDoors, type RoundOf, type Show } from '@distaff/core/show';
import { rulesWith } from '@distaff/core/formats';
import type { Question } from '@distaff/core/question';
import type { Random } from '@distaff/core/random';
import { playQuiz } from './playQuiz.ts';
import type { LoggedEvent } from '@distaff/core/sitting';

const TEAMS = ['Bowline', 'Fairlead', 'Leeward', 'Spindrift'];
const DAY = 24 * 3_600_000;
const WEEK = 7 * DAY;
/** At half past six. */
const EVENING = 18.5 * 3_600_000;
const WEEKS = 12;
const QUESTIONS = 9;

/** A group with whom a term of quizzes is played. */
export interface Class {
  name: string;
  names: readonly string[];
  /** How much they know on the whole, in logits. */
  level: number;
  /** In which direction that goes from week to week. */
  gain: number;
}

/** A group's evening: the show, and what was played. */
export interface Evening {
  group: string;
  show: Show;
  log: LoggedEvent[];
  start: number;
  code: string;
}

const logistic = (x: number) => 1 / (1 + Math.exp(-x));

/** How hard a question is for everybody (logits): the same whenever it is asked. */
function hardness(question: Question): number {
  let sum = 0;
  for (const letter of question.id) sum = (sum * 31 + letter.codePointAt(0)!) % 997;
  const judged = { easy: -1.1, medium: 0, hard: 1 }[question.difficulty ?? 'medium'];
  return judged + (sum / 997 - 0.5) * 1.6;
}

/** A quiz of these questions, each with a phone. */
function quizFor(
  group: string,
  week: number,
  questions: readonly Question[],
  names: readonly string[],
): Show {
  const round = newRound('quiz', () => `w${week}`) as RoundOf<'quiz'>;
  return {
    title: `Week ${week + 1}`,
    group,
    teams: TEAMS.map((name, i) => ({ id: `t${i}`, name, weave: weaveAt(i) })),
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
    doors: { ...defaultDoors, roster: [...names] },
    plannedMinutes: 12,
    rounds: [
      {
        ...round,
        rules: rulesWith({ ...round.rules, floor: 'everyone', afterWrong: 'close', clock: 30 }),
        content: { ...round.content, items: questions.map(({ id }) => ({ id, points: null })) },
      },
    ],
    questions: Object.fromEntries(questions.map((question) => [question.id, { ...question, clock: null }])),
  };
}

/**
 * A term of weekly quizzes out of the library: nine questions, three of them from the weeks before. Somebody is ill now
 * and then; who saw a question before knows it more often. `library` are questions with their origins.
 */
export function termOf(
  { name, names, level, gain }: Class,
  library: readonly Question[],
  { now, hostId, random, newCode }: { now: number; hostId: string; random: Random; newCode: () => string },
): Evening[] {
  const skills = new Map(names.map((one) => [one, level + 1.1 * (random() + random() + random() - 1.5)]));
  const pool = library.filter(({ answer }) => ['choice', 'truefalse'].includes(answer.kind));
  const seen = new Map<string, number>();
  const asked: Question[] = [];
  return Array.from({ length: WEEKS }, (_, week) => {
    const fresh = Array.from(
      { length: QUESTIONS - (week > 1 ? 3 : 0) },
      (_one, i) => pool[(week * 6 + i * 7) % pool.length]!,
    );
    const again = week > 1 ? [0, 1, 2].map((i) => asked[(week * 5 + i * 11) % asked.length]!) : [];
    const questions = [...new Map([...fresh, ...again].map((one) => [one.id, one])).values()];
    const show = quizFor(name, week, questions, names);
    const players = names
      .filter(() => random() < 0.93)
      .map((person, i) => ({
        name: person,
        team: `t${i % TEAMS.length}`,
        knows: (id: string) =>
          0.04 +
          0.96 *
            logistic(
              skills.get(person)! + gain * week + 0.9 * (seen.get(id) ?? 0) - hardness(show.questions[id]!),
            ),
      }));
    const day = Math.floor((now - (WEEKS - week) * WEEK) / DAY) * DAY + DAY;
    const start = day + EVENING;
    const code = newCode();
    const log = playQuiz(show, players, { code, start, hostId, random });
    for (const { id } of questions) seen.set(id, (seen.get(id) ?? 0) + 1);
    asked.push(...fresh);
    return { group: name, show, log, start, code };
  });
}
