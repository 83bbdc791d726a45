import { board } from './board/board.ts';
import { claim } from './claim/claim.ts';
import type { ClaimLive } from './claim/view.ts';
import { climb } from './climb/climb.ts';
import { counterweight } from './counterweight/counterweight.ts';
import type { Format } from './format.ts';
import { interlude } from './interlude/interlude.ts';
import { knockout } from './knockout/knockout.ts';
import { ownPace, type OwnPaceLive } from './ownPace/ownPace.ts';
import { survey } from './survey/survey.ts';
import { trail } from './trail/trail.ts';
import { quiz } from './quiz/quiz.ts';

export const formats = {
  board,
  quiz,
  knockout,
  counterweight,
  climb,
  claim,
  trail,
  ownPace,
  survey,
  interlude,
};
export type FormatName = keyof typeof formats;
/** Every format there is: what is shown to hold for each goes through this list. */
export const formatNames = Object.keys(formats) as FormatName[];
/** What everybody may see of a round, whatever its format. */
export type FormatView = ReturnType<(typeof formats)[FormatName]['view']>;

/** What stage and desk see beside, of the formats that have it. */
export type FormatLive = OwnPaceLive | ClaimLive;

/** The format by name, seen through the one interface that all formats share. */
export function formatOf(name: FormatName): Format<unknown, unknown, FormatView, unknown> {
  return formats[name] as unknown as Format<unknown, unknown, FormatView, unknown>;
}

/** How the questions of a round are asked: one at a time of all together, of each alone, or not at all. */
export function asksAs({ format, content }: { format: FormatName; content: unknown }): Asks {
  if (!formatOf(format).asks) return 'nothing';
  return formatOf(format).alone(content) === null ? 'together' : 'each';
}
export type Asks = 'together' | 'each' | 'nothing';

export type { BoardView } from './board/board.ts';
export type { ClaimLive, ClaimView } from './claim/view.ts';
export { LARGEST_GRID, misses, MOST_GROUPS, SMALLEST_GRID, squareLabels } from './claim/content.ts';
export type { ClimbView } from './climb/climb.ts';
export { FEWEST_RUNGS, MOST_RUNGS, assists } from './climb/content.ts';
export type { CounterweightView } from './counterweight/counterweight.ts';
export type { InterludeView } from './interlude/interlude.ts';
export type { KnockoutView } from './knockout/knockout.ts';
export type { OwnPaceLive, OwnPaceView } from './ownPace/ownPace.ts';
export { goals, nexts, rankings } from './ownPace/content.ts';
export type { SurveyView } from './survey/survey.ts';
export { comparedWith, shownWhen } from './survey/content.ts';
export type { QuizView } from './quiz/quiz.ts';
export type { ClothRow, Finding, Place, Polling } from './format.ts';
export { FACES, type TrailView } from './trail/trail.ts';
export {
  askingSpaces,
  FEWEST_SPACES,
  MOST_PAGES,
  MOST_PER_SPACE,
  MOST_SPACES,
  specials,
  trailGoals,
  type Page,
} from './trail/content.ts';
export { arrangeByDifficulty, emptyCells, swapCells } from './board/arrange.ts';
export { type BoardCell, MAX_CATEGORIES, MAX_VALUES, cellId, layOut } from './board/content.ts';
export { suggestWorths } from './board/suggest.ts';
export { MOST_COVERS } from './counterweight/content.ts';
export { balancedValues } from './counterweight/values.ts';
export { interludes, type LeagueSnapshot } from './interlude/content.ts';
export { MAX_ITEMS, type Sequence } from './items.ts';
export { RoundRules, brought, choosers, floors, rulesWith, turnOrders } from './rules.ts';
export { BoostRules, boosts, harmlessBoosts, isHindering, usualBoosts, type BoostName } from './boosts.ts';
export { spun, type SpunWhat } from './events.ts';
