import * as v from 'valibot';
import { BoardContent, blankBoard } from '../formats/board/content.ts';
import { ClaimContent } from '../formats/claim/content.ts';
import { ClimbContent } from '../formats/climb/content.ts';
import { CounterweightContent } from '../formats/counterweight/content.ts';
import { InterludeContent } from '../formats/interlude/content.ts';
import { KnockoutContent } from '../formats/knockout/content.ts';
import { OwnPaceContent } from '../formats/ownPace/content.ts';
import { SurveyContent } from '../formats/survey/content.ts';
import { TrailContent } from '../formats/trail/content.ts';
import { QuizContent } from '../formats/quiz/content.ts';
import { Question } from '../question/question.ts';
import { Id, line, whole } from '../text/schemas.ts';
import { defaultDevices, Devices } from './devices.ts';
import { defaultDoors, Doors } from './doors.ts';
import { defaultRules, RoundRules } from '../formats/rules.ts';
import { Look } from './look/look.ts';
import { Spinner } from './spinner.ts';
import { Sounds } from './sound/sounds.ts';
import { MAX_TEAMS, newTeam, Team } from './team.ts';

export const MAX_ROUNDS = 40;

const round = <F extends string, C extends v.GenericSchema>(format: F, content: C) =>
  v.object({
    id: Id,
    format: v.literal(format),
    title: line(80),
    rules: RoundRules,
    /** Kept in the running order, but not played. */
    off: v.optional(v.boolean()),
    content,
  });

/** A round, or an interlude between rounds. */
export const Round = v.variant('format', [
  round('board', BoardContent),
  round('quiz', QuizContent),
  round('knockout', KnockoutContent),
  round('counterweight', CounterweightContent),
  round('climb', ClimbContent),
  round('claim', ClaimContent),
  round('trail', TrailContent),
  round('survey', SurveyContent),
  round('ownPace', OwnPaceContent),
  round('interlude', InterludeContent),
]);
export type Round = v.InferOutput<typeof Round>;
export type RoundOf<F extends Round['format']> = Extract<Round, { format: F }>;

/** A show as it is written and saved: one document, every part with an id of its own. */
export const Show = v.object({
  title: line(120),
  /** For whom it is: a class, a club; what they have played is known by this name. */
  group: v.optional(line(40)),
  /** How long it is to take, from the first round to the close. */
  plannedMinutes: v.optional(v.nullable(whole(1, 1440))),
  /** How stage, handsets and overlay look; as the house does where nobody said. */
  look: v.optional(Look),
  /** What the spinner may bring; as the house does where nobody said. */
  spinner: v.optional(Spinner),
  /** What is heard on the stage. */
  sounds: v.optional(Sounds),
  /** In the order of turns. */
  teams: v.pipe(v.array(Team), v.maxLength(MAX_TEAMS, `At most ${MAX_TEAMS} teams.`)),
  devices: v.optional(Devices, defaultDevices),
  doors: v.optional(Doors, defaultDoors),
  /** The running order. */
  rounds: v.pipe(
    v.array(Round),
    v.minLength(1, 'A show has at least one round.'),
    v.maxLength(MAX_ROUNDS, `At most ${MAX_ROUNDS} rounds and interludes.`),
  ),
  questions: v.record(Id, Question),
});
export type Show = v.InferOutput<typeof Show>;

/** A new show with an empty 5 × 5 board and two teams. `newId` makes ids. */
export function blankShow(title: string, newId: () => string): Show {
  const teams: Team[] = [];
  for (const name of ['Team 1', 'Team 2']) teams.push(newTeam(teams, name, newId));
  return {
    title,
    teams,
    devices: defaultDevices,
    doors: defaultDoors,
    rounds: [
      {
        id: newId(),
        format: 'board',
        title: '',
        rules: { ...defaultRules, steps: 'joined' },
        content: blankBoard(newId),
      },
    ],
    questions: {},
  };
}
