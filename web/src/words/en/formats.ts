import type { FormatName } from '@distaff/core/formats';
import * as board from '../../formats/board/words/en.ts';
import * as claim from '../../formats/claim/words/en.ts';
import * as climb from '../../formats/climb/words/en.ts';
import * as counterweight from '../../formats/counterweight/words/en.ts';
import * as interlude from '../../formats/interlude/words/en.ts';
import * as knockout from '../../formats/knockout/words/en.ts';
import * as ownPace from '../../formats/ownPace/words/en.ts';
import * as quiz from '../../formats/quiz/words/en.ts';
import * as survey from '../../formats/survey/words/en.ts';
import * as trail from '../../formats/trail/words/en.ts';
import type { PlayedWords, WrittenWords } from '../../formats/words.ts';

/** What is said of each format while it is played, on every surface. */
export const formats = {
  board: board.played,
  quiz: quiz.played,
  knockout: knockout.played,
  counterweight: counterweight.played,
  climb: climb.played,
  claim: claim.played,
  trail: trail.played,
  survey: survey.played,
  ownPace: ownPace.played,
  interlude: interlude.played,
} satisfies Record<FormatName, PlayedWords>;

/** What is said of each where it is written: the studio alone carries it. */
export const editors = {
  board: board.written,
  quiz: quiz.written,
  knockout: knockout.written,
  counterweight: counterweight.written,
  climb: climb.written,
  claim: claim.written,
  trail: trail.written,
  survey: survey.written,
  ownPace: ownPace.written,
  interlude: interlude.written,
} satisfies Record<FormatName, WrittenWords>;
