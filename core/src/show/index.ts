/** A show as it is written: rounds, teams, look, sounds, doors, length, check. */
export { checkShow } from './check/check.ts';
export { leftOutFor } from './check/leaveOut.ts';
export { type CheckFacts, type ShowFinding, findingCodes } from './check/finding.ts';
export { Devices, combinations } from './devices.ts';
export { WordRules, defaultDoors, defaultWordRules, intoTeams } from './doors.ts';
export { type Draw, drawTeams } from './draw.ts';
export { canChooseTogether } from './choosing.ts';
export { type Explained, type RulesView, explainRound, rulesView } from './explain.ts';
export { duplicateRound, fillRound, hasList, originsBeside, questionsIn, ruleOf } from './fill.ts';
export { cutsFor, fewerFor } from './length/cuts.ts';
export { NO_TEMPO, type Tempo } from './length/tempo.ts';
export { showLength } from './length/show.ts';
export {
  type Colours,
  Look,
  type LookView,
  coloursOf,
  contrastsOf,
  defaultLook,
  faces,
  lookView,
  mendedLook,
  themeColours,
  themes,
} from './look/look.ts';
export { filesOfShow, mediaOfShow, placeShowFiles } from './media.ts';
export { quizOf } from './quizOf.ts';
export { newRound } from './newRound.ts';
export { newQuestionIn } from './newQuestionIn.ts';
export { newRoundIn } from './newRoundIn.ts';
export { MAX_ROUNDS, Round, type RoundOf, Show, blankShow } from './show.ts';
export { type Situation, setUpFor, settingsFor, showFor, situations } from './situations.ts';
export {
  type SoundName,
  type SoundView,
  type SoundsView,
  Sounds,
  defaultLevel,
  loops,
  atTheDesk,
  ownOnly,
  soundButtons,
  soundNames,
  type SoundButton,
  soundView,
} from './sound/sounds.ts';
export { defaultSpinner, MOST_SURPRISES, Spinner, Surprise } from './spinner.ts';
export { MAX_MEMBERS, MAX_TEAMS, MIN_TEAMS, Team, newTeam } from './team.ts';
export { Weave, patterns, weaveAt } from './weave.ts';
