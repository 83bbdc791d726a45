/** Questions, their kinds of answer, what many answered together, their media and credits. */
export { lacksOf } from './asPlayed.ts';
export { convert } from './convert.ts';
export { type CreditLine, creditsOf } from './credits.ts';
export { type QuestionForHost, questionForHost } from './forHost.ts';
export type { AnswerView, Control, Lack, OptionView, Verdict } from './kind.ts';
export { AnswerContent, type ContentOf, type KindName, kindNames, kindOf } from './kinds/index.ts';
export type { Pair } from './kinds/match.ts';
export { MAX_OPTIONS, MIN_OPTIONS, type Option, wordsOfOption } from './kinds/options.ts';
export { FEWEST_STEPS, MOST_STEPS } from './kinds/scale.ts';
export { picks } from './kinds/opinion.ts';
export { MAX_ACCEPTED } from './kinds/text.ts';
export type { Outcome } from './outcome/outcome.ts';
export type { RankedOutcome } from './outcome/ranked.ts';
export type { ScaleOutcome } from './outcome/scale.ts';
export type { SharesOutcome } from './outcome/shares.ts';
export { MOST_GROUPS_OF_WORDS, type Slip, type WordsOutcome } from './outcome/words.ts';
export { type PlacedFile, filesOf, mediaOf, pictured, placeFiles, withoutFiles } from './media.ts';
export { MAX_TAGS, Question, blankQuestion, difficulties, type Difficulty } from './question.ts';
