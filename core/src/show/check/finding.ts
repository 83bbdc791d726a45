import { formats, type Finding } from '../../formats/index.ts';
import type { Remark } from '../../review/remark.ts';

/** Something that would go wrong, with where to mend it: of the show, or of a format (`Format.harm`). */
export interface ShowFinding extends Finding {
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

/** How much harm each does before thirty people, from 1, the worst, to 99; formats say it of their own. */
const harmToShow: Record<ShowCode, number> = {
  allOff: 1,
  tooFewTeams: 2,
  teamUnnamed: 6,
  teamsAlike: 7,
  mediaMissing: 8,
  lookMissing: 9,
  loopback: 10,
  noSeats: 11,
  buzzKeys: 12,
  ruleShort: 15,
  tooLongForHandset: 16,
  remark: 17,
  contrast: 18,
  noWayBack: 19,
  oneDecides: 20,
  listUneven: 22,
  closestAlone: 25,
  aloudForMany: 26,
  newer: 27,
  mediaHeavy: 28,
  noSound: 29,
};
const harm: Readonly<Record<string, number>> = Object.assign(
  {},
  ...Object.values(formats).map((format) => format.harm),
  harmToShow,
);
/** Every code that a finding may have: each needs its words. */
export const findingCodes = Object.keys(harm);
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
  (mustMend ? 0 : 10_000) + (harm[code] ?? 0) * 100 + (remark ? remarkHarm.indexOf(remark.code) : 0);

/** Findings in the order of the harm that they do. */
export const byHarm = (found: readonly ShowFinding[]): ShowFinding[] =>
  [...found].sort((a, b) => rank(a) - rank(b));
