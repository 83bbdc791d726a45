/** Questions, their ten kinds of answer, their media and credits. */
export { lacksOf } from './asPlayed.ts';
export { convert } from './convert.ts';
export { type CreditLine, creditsOf } from './credits.ts';
export { type QuestionForHost, questionForHost } from './forHost.ts';
export type { AnswerView, Control, Lack, OptionView, Verdict } from './kind.ts';
export { AnswerContent, type ContentOf, type KindName, kindNames, kindOf } from './kinds/index.ts';
export type { Pair } from './kinds/match.ts';
export { MAX_OPTIONS, MIN_OPTIONS, type Option, wordsOfOption } from './kinds/options.ts';
export { MAX_ACCEPTED } from './kinds/text.ts';
export { type PlacedFile, filesOf, mediaOf, pictured, placeFiles, withoutFiles } from './media.ts';
export { MAX_TAGS, Question, blankQuestion, difficulties } from './question.ts';
