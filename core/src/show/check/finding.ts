import type { Finding } from '../../formats/index.ts';
import type { Remark } from '../../review/remark.ts';

/** Something that would go wrong, with where to mend it. */
export interface ShowFinding extends Omit<Finding, 'code'> {
  code: Finding['code'] | ShowCode;
  /** The round that it is about, by its id; null for the show as a whole. */
  round: string | null;
  /** What a review says of the question, where that is what is meant. */
  remark?: Remark;
}
export type ShowCode =
  | 'tooFewTeams'
  | 'teamUnnamed'
  | 'teamsAlike'
  | 'allOff'
  | 'ruleShort'
  | 'listUneven'
  | 'oneDecides'
  | 'noWayBack'
  | 'buzzKeys'
  | 'closestAlone'
  | 'aloudForMany'
  | 'noSeats'
  | 'newer'
  | 'mediaMissing'
  | 'mediaHeavy'
  | 'lookMissing'
  | 'tooLongForHandset'
  | 'loopback'
  | 'noSound'
  | 'contrast'
  | 'remark';

/** What the check cannot know from the show alone; what is left out is not checked. */
export interface CheckFacts {
  /** YYYY-MM-DD. */
  today?: string;
  /** Questions of the show, by their ids there, of which the library has a newer state. */
  newer?: readonly string[];
  /** Bytes of media files, null where a file is not there. */
  media?: Readonly<Record<string, number | null>>;
  /** What was found too long on the real screens, by question. */
  measured?: ReadonlyMap<string, Remark>;
  tooLongForHandset?: readonly string[];
  /** Whether phones can come to the address that players are told. */
  reachable?: boolean;
  /** Whether this browser can play sounds. */
  sound?: boolean;
}

/** How much harm each does before thirty people, the worst first; what must be mended stands before all. */
const harm = Object.keys({
  allOff: true,
  tooFewTeams: true,
  noQuestions: true,
  noPlayableCell: true,
  nothingToWin: true,
  teamUnnamed: true,
  teamsAlike: true,
  mediaMissing: true,
  lookMissing: true,
  loopback: true,
  noSeats: true,
  buzzKeys: true,
  questionUnfinished: true,
  cellUnfinished: true,
  ruleShort: true,
  tooLongForHandset: true,
  remark: true,
  contrast: true,
  noWayBack: true,
  oneDecides: true,
  turnsUneven: true,
  listUneven: true,
  coversNotBalanced: true,
  comesRoundAgain: true,
  closestAlone: true,
  aloudForMany: true,
  newer: true,
  mediaHeavy: true,
  noSound: true,
  categoryUnnamed: true,
} satisfies Record<ShowFinding['code'], true>);
/** Remarks are told apart among themselves. */
const remarkHarm = Object.keys({
  noPrompt: true,
  noKey: true,
  emptyOption: true,
  equalOptions: true,
  emptyPair: true,
  keyTwice: true,
  tooLongForStage: true,
  clockTooShort: true,
  keyInPrompt: true,
  altTellsKey: true,
  keyStandsOut: true,
  allRight: true,
  stale: true,
  noAlt: true,
  noCredit: true,
  strangeLetters: true,
  hardToRead: true,
  nearDuplicate: true,
} satisfies Record<Remark['code'], true>);
const rank = ({ code, mustMend, remark }: ShowFinding): number =>
  (mustMend ? 0 : 10_000) + harm.indexOf(code) * 100 + (remark ? remarkHarm.indexOf(remark.code) : 0);

/** Findings in the order of the harm that they do. */
export const byHarm = (found: readonly ShowFinding[]): ShowFinding[] =>
  [...found].sort((a, b) => rank(a) - rank(b));
