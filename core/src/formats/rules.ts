import * as v from 'valibot';
import { BoostRules } from './boosts.ts';
import { Points } from './points.ts';
import { line, whole } from '../text/schemas.ts';

/** Who may answer: the team in turn, whoever buzzes first, or everyone at once. */
export const floors = ['turn', 'buzz', 'everyone'] as const;
/** Whose turn is next: round and round, who won goes on, who has least, or by lot. */
export const turnOrders = ['inOrder', 'winner', 'lowest', 'drawn'] as const;

/** Who chooses for a team of which everybody has a phone: whoever is first, or what most of them want. */
export const choosers = ['first', 'most'] as const;

/** What a round brings to the show: what it counted, points for the places in it, or nothing. */
export const brought = ['counted', 'places', 'nothing'] as const;

/** What every round says about its floor, clock and points, whatever its format. */
export const RoundRules = v.object({
  floor: v.optional(v.picklist(floors), 'turn'),
  turns: v.optional(v.picklist(turnOrders), 'inOrder'),
  chosenBy: v.optional(v.picklist(choosers), 'first'),
  /** After a wrong or missing answer: to the next team, open to the others by buzz, or over. */
  afterWrong: v.picklist(['handOn', 'buzz', 'close']),
  /** What those who get it later can win of the value, in percent. */
  passShare: v.optional(whole(0, 100), 100),
  /** What a wrong answer costs: nothing, a part of the value, or all of it. A missing one costs nothing. */
  penalty: v.picklist(['none', 'part', 'full']),
  /** That part, in percent. */
  penaltyShare: v.optional(whole(1, 99), 50),
  /** Whether it costs as much not to be the closest, where the closest wins. */
  penaltyClosest: v.optional(v.boolean(), false),
  /** No loss takes a score below this; null for no such floor. */
  lowest: v.optional(v.nullable(Points), null),
  /** Faster is more: percent of the value kept at the limit, and seconds in which nothing is lost yet. */
  speed: v.optional(v.nullable(v.object({ keep: whole(0, 100), grace: whole(0, 60) })), null),
  /** How often one may answer where the key says that it was wrong, and what a later answer counts, in percent. */
  tries: v.optional(whole(1, 3), 1),
  retryShare: v.optional(whole(0, 100), 50),
  /** Whether the hint of the question comes with it. */
  hints: v.optional(v.boolean(), true),
  /** Whether an answer may be changed until the lock; else the first is final. */
  change: v.optional(v.boolean(), false),
  /** Seconds for a question that sets none itself; null for no clock. */
  clock: v.nullable(whole(3, 600)),
  /** So many turns has each team, where one at a time is on; null where the round ends otherwise. */
  turnsEach: v.optional(v.nullable(whole(1, 100)), null),
  /** Seconds for the whole round; null where it ends otherwise. */
  roundClock: v.optional(v.nullable(whole(30, 7200)), null),
  /** Who sees it. */
  clockFor: v.optional(v.picklist(['all', 'host']), 'all'),
  /** Whether options come with the prompt, or only when the answers open. */
  optionsWith: v.optional(v.picklist(['prompt', 'open']), 'open'),
  /** Whether it is shown who picked what before the key, or with it. */
  picks: v.optional(v.picklist(['before', 'with']), 'before'),
  /** Whose answers are named to everybody where everyone may answer: all, the right ones, or none but their number. */
  named: v.optional(v.picklist(['all', 'right', 'counts']), 'all'),
  /**
   * What is said of a right and of a wrong answer, where the question says nothing itself; `{points}` in it is
   * what the answer brought.
   */
  onRight: v.optional(line(200), ''),
  onWrong: v.optional(line(200), ''),
  shuffleOptions: v.boolean(),
  /** An order of options of its own for each handset. */
  shuffleBySeat: v.optional(v.boolean(), false),
  /** The longest round trip for which a press is corrected, in milliseconds: what is told beyond it is not believed. */
  mostDelay: v.optional(whole(0, 1000), 150),
  /** Boosts that can be used in it, what they do and cost; null for the harmless ones, none of which is sold. */
  boosts: v.optional(v.nullable(BoostRules), null),
  /** Seconds for which whoever buzzed too early is locked out. */
  lockout: v.optional(whole(0, 10), 1),
  /** Self-running: seconds after which the next step is taken; null where the host takes every step. */
  pace: v.optional(v.nullable(whole(2, 120)), null),
  /** Whether steps in which nothing new is seen are taken together, or each by itself. */
  steps: v.optional(v.picklist(['joined', 'single']), 'single'),
  brings: v.optional(v.picklist(brought), 'counted'),
  /** Points for everybody whom one leaves behind, where places count. */
  placePoints: v.optional(whole(0, 100_000), 100),
  /** Points for each life that is left at the end, where a round counts lives. */
  lifePoints: v.optional(whole(0, 100_000), 100),
  /** Whether scores carry over from the rounds before, or start anew. */
  scores: v.optional(v.picklist(['carry', 'anew']), 'carry'),
});
export type RoundRules = v.InferOutput<typeof RoundRules>;

/** The rules with everything that is not said at its default. */
export const rulesWith = (given: Partial<RoundRules>): RoundRules =>
  v.parse(RoundRules, { afterWrong: 'handOn', penalty: 'none', clock: 20, shuffleOptions: true, ...given });

export const defaultRules: RoundRules = rulesWith({});
