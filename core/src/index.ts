export { foldText } from './text/fold.ts';
export { matchText, type Forgiveness, type Forgiven, type TextMatch } from './text/match.ts';
export { isPlain, plainText } from './text/markdown.ts';
export { isMadeName, makeName } from './text/nameMaker.ts';
export { oneLine } from './text/oneLine.ts';
export { readNumber } from './text/number.ts';
export { Id, languageTag, name as nameSchema } from './text/schemas.ts';
export { CODE_ALPHABET, CODE_LENGTH, newJoinCode, readJoinCode } from './text/joinCode.ts';
export { largestRemainders, wholePercentages } from './rank/percentages.ts';
export { rank, type Placed } from './rank/standings.ts';
export { seeded } from './random/seeded.ts';
export { shuffledOrder, type Random } from './random/shuffle.ts';

export type { AnswerView, Control, KeyView, Lack, OptionView, Verdict } from './question/kind.ts';
export { AnswerContent, kindNames, kindOf, type ContentOf, type KindName } from './question/kinds/index.ts';
export { MAX_OPTIONS, MIN_OPTIONS, wordsOfOption, type Option } from './question/kinds/options.ts';
export type { Pair } from './question/kinds/match.ts';
export { MAX_ACCEPTED } from './question/kinds/text.ts';
export { convert } from './question/convert.ts';
export { lacksOf } from './question/asPlayed.ts';
export { findingCodes } from './show/check/finding.ts';
export { blankQuestion, difficulties, MAX_TAGS, Question } from './question/question.ts';

export {
  Cut,
  isOfShelf,
  isVideoFile,
  LARGE,
  MediaId,
  Picture,
  SMALL,
  Sound,
  Video,
  type PictureView,
} from './media/media.ts';
export {
  filesOf,
  mediaOf,
  pictured,
  placeFiles,
  withoutFiles,
  renameFiles,
  type MediaPlace,
  type PlacedMedia,
} from './question/media.ts';
export { filesOfShow, mediaOfShow, placeShowFiles } from './show/media.ts';
export type { PlacedFile } from './question/media.ts';
export { creditsOf, type CreditLine } from './question/credits.ts';

export { searchText, wordsOf } from './library/searchText.ts';
export { foundIn, likeness, trigrams, WORTH_OFFERING } from './library/similar.ts';
export { nearestWord } from './library/spelling.ts';
export {
  QuestionSet,
  questionSorts,
  questionStates,
  type QuestionSort,
  type QuestionState,
} from './library/set.ts';
export { questionForHost, type QuestionForHost } from './question/forHost.ts';
export {
  givenRoles,
  hasRight,
  roles,
  rolesWith,
  type GivenRole,
  type Right,
  type Role,
} from './library/role.ts';
export {
  blankSelection,
  MOST_SELECTED,
  repeats,
  select,
  Selection,
  type Candidate,
  type Selected,
} from './library/selection.ts';
export { byDifficulty, expectedShare, TELLING, type Measured } from './library/difficulty.ts';
export { MAX_ROSTER, Roster } from './library/roster.ts';
export { printed, type PrintedQuestion } from './library/sheet.ts';
export { BulkChange, changeQuestion } from './library/change.ts';
export { overwrites } from './library/overwrites.ts';

export { arrangeByDifficulty, emptyCells, swapCells } from './formats/board/arrange.ts';
export { suggestWorth, suggestWorths } from './formats/board/suggest.ts';
export {
  cellId,
  layOut,
  MAX_CATEGORIES,
  MAX_VALUES,
  type BoardCell,
  type BoardContent,
  type LaidCell,
} from './formats/board/content.ts';
export {
  formatNames,
  formats,
  formatOf,
  type BoardView,
  type CounterweightView,
  type FormatName,
  type FormatView,
  type InterludeView,
  type KnockoutView,
  type QuizView,
} from './formats/index.ts';
export { InterludeContent, interludes } from './formats/interlude/content.ts';
export { MAX_ITEMS, type Sequence } from './formats/items.ts';
export { balancedValues } from './formats/counterweight/values.ts';
export { CounterweightContent, MOST_COVERS } from './formats/counterweight/content.ts';
export { livesAfter, type Turnout } from './formats/knockout/lives.ts';

export { dyes, freeWeave, patterns, Weave, weaveAt } from './show/weave.ts';
export { drawTeams, NO_WISHES, type Draw, type DrawWishes, type Undrawable } from './show/draw.ts';
export { MAX_MEMBERS, MAX_TEAMS, MIN_TEAMS, newTeam, Team } from './show/team.ts';
export { brought, defaultRules, floors, RoundRules, rulesWith, turnOrders } from './formats/rules.ts';
export { combinations, defaultDevices, Devices, type Combination } from './show/devices.ts';
export { defaultDoors, defaultWordRules, Doors, intoTeams, WordRules } from './show/doors.ts';
export {
  duplicateRound,
  fillRound,
  hasList,
  originsBeside,
  questionsIn,
  type RoundWithList,
} from './show/fill.ts';
export { newRound } from './show/newRound.ts';
export { newRoundIn } from './show/newRoundIn.ts';
export { blankShow, MAX_ROUNDS, Round, Show, type RoundOf } from './show/show.ts';
export { NO_PACE, type Pace } from './show/length/pace.ts';
export { showLength, type RoundLength, type ShowLength } from './show/length/show.ts';
export { ALOUD, readingSilently, SILENTLY, wordsOfQuestion } from './show/length/question.ts';
export { together, type Span } from './time/span.ts';
export { cutsFor, fewerFor, type Saving } from './show/length/cuts.ts';
export {
  rulesInSituation,
  settingsFor,
  setUpFor,
  showFor,
  situations,
  type Situation,
} from './show/situations.ts';
export { contrast, mended, mixed } from './show/look/contrast.ts';
export { unwantedWords } from './text/unwanted.ts';
export { loopOf, shotOf, type Heard } from './sitting/view/cue.ts';
export {
  defaultLevel,
  loops,
  soundNames,
  Sounds,
  soundView,
  soundsView,
  type SoundName,
  type SoundsView,
  type SoundView,
} from './show/sound/sounds.ts';
export {
  coloursOf,
  contrastsOf,
  defaultLook,
  faces,
  lookView,
  Look,
  mendedLook,
  paletteOf,
  themeColours,
  themes,
  type Colours,
  type ContrastLine,
  type LookView,
  type Palette,
} from './show/look/look.ts';
export { explainRound, rulesView, type Explained, type RulesView } from './show/explain.ts';
export { checkShow } from './show/check/check.ts';
export type { CheckFacts, ShowFinding } from './show/check/finding.ts';
export { same } from './document/same.ts';
export { Change, changesBetween, putAt, withChanges } from './document/changes.ts';
export { mergeChanges, type Conflict } from './document/merge.ts';
export {
  previewDesk,
  previewSeat,
  previewStage,
  previewSteps,
  showAround,
  type PreviewStep,
} from './preview/preview.ts';

export {
  HostCommand,
  JoinRequest,
  SeatCommand,
  StageCommand,
  type Command,
  type ServerCommand,
} from './sitting/command.ts';
export { ALLOWANCE, isRunning, remaining, type Clock } from './time/clock.ts';
export { clockOffset, type TimeSample } from './time/clockOffset.ts';
export {
  isStep,
  movesOn,
  type Actor,
  type Draft,
  type Floor,
  type LoggedEvent,
  type Result,
} from './sitting/events.ts';
export { overtaken, TIME, type LastStep } from './sitting/press.ts';
export { isRefusal, refuse, type Refusal, type RefusalCode } from './refusal.ts';
export type { Seat, Sitting, SittingState, Step } from './sitting/state.ts';
export { speedShare } from './sitting/read/points.ts';
export { LONGEST_WINDOW } from './sitting/decide/buzz.ts';
export { append, effective, fold, newSitting, replay } from './sitting/sitting.ts';
export { decide } from './sitting/decide/index.ts';
export { due } from './sitting/decide/clock.ts';
export { MAX_SEATS } from './sitting/decide/people.ts';
export { openDoors } from './sitting/openDoors.ts';
export { expectedEnd, measuredPace, timingOf, type Timing } from './sitting/read/timing.ts';
export { nextStep, type NextStep } from './sitting/read/nextStep.ts';
export { scoreOf, type LedgerEntry } from './sitting/ledger.ts';
export type { ClothCell, ClothRow } from './formats/format.ts';
export { clothOf } from './sitting/view/cloth.ts';
export { bookOf, BookRequest, type Book } from './sitting/view/book.ts';
export {
  deskView,
  type DeskQuestion,
  type DeskResponse,
  type DeskView,
  type RoundLine,
} from './sitting/view/desk.ts';
export { handsetView, publicView, type PublicView, type TeamView } from './sitting/view/public.ts';
export { TOLD_SINGLY, type PublicQuestion, type TryView } from './sitting/view/question.ts';
export { stageView, type StageView } from './sitting/view/stage.ts';
export { seatView, type SeatView } from './sitting/view/seat.ts';

export { playedQuestions, type PlayedQuestion } from './report/played.ts';
export { resultsOf, type ResponseRow, type Results } from './report/results.ts';
export { responsesCsv, standingsCsv, toCsv } from './interchange/csv.ts';

export type { MendName, Remark, RemarkCode } from './review/remark.ts';
export { lastingRemarks, remarksBeside, reviewQuestion } from './review/reviewQuestion.ts';
export { reviewSet, spreadKeys, type SetReview } from './review/reviewSet.ts';
export { mend } from './review/mend.ts';
export { readingLevel } from './review/readingLevel.ts';
export { strangeLetters } from './review/letters.ts';
export { nearDuplicates, type NearDuplicate } from './review/duplicates.ts';

export type { Move, Rehearsal } from './rehearsal/move.ts';
export { movesAfter, rehearse, situationOf } from './rehearsal/rehearsal.ts';
export { connections, Room, skills, speeds, usualRoom, type StandIn } from './rehearsal/room.ts';
export { Schedule } from './rehearsal/schedule.ts';
export { playThrough } from './rehearsal/playThrough.ts';
export { tally, type Tally, type TallyLine } from './rehearsal/tally.ts';
export { isGone } from './rehearsal/standInMoves.ts';
export { atRate, pacedClock, virtualAt, type PacedClock } from './rehearsal/pacedClock.ts';
export { stages, timeLost, type Stage, type TimeLost } from './rehearsal/timeLost.ts';
export { RehearsalWish, type RehearsalTold } from './rehearsal/wish.ts';
