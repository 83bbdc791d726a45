import type { FormatName } from '../formats/index.ts';
import type { Round } from '../show/show.ts';

/** What somebody with pencil and paper must know of a format to add a round up for themselves. */
export interface PaperRules {
  /** Whether a right answer brings the value of its question. */
  pays: boolean;
  /** How many misses somebody may have before they are out; null where a miss costs none. */
  lives(round: Round): number | null;
  /** Whether what counts is how near somebody is to zero by what they came to bear. */
  nearZero: boolean;
}

const usual: PaperRules = { pays: true, lives: () => null, nearZero: false };

/** One line a format: it is written down a second time on purpose, and asks nothing of the engine. */
export const papers: Record<FormatName, PaperRules> = {
  board: usual,
  quiz: usual,
  knockout: { ...usual, lives: ({ content }) => ('lives' in content ? content.lives : null) },
  counterweight: { ...usual, pays: false, nearZero: true },
  climb: { ...usual, pays: false },
  claim: { ...usual, pays: false },
  trail: usual,
  ownPace: usual,
  survey: { ...usual, pays: false },
  interlude: usual,
};

export const paperOf = ({ format }: Round): PaperRules => papers[format];
