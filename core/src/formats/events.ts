import * as v from 'valibot';
import { Clock } from '../time/clock.ts';
import { boosts } from './boosts.ts';
import { brought } from './rules.ts';

/** Who may answer the question in play. */
export const Floor = v.picklist(['turn', 'buzz', 'everyone']);
export type Floor = v.InferOutput<typeof Floor>;

const Verdict = v.picklist(['right', 'part', 'wrong']);
const Boost = v.picklist(boosts);
const number = v.number();
const text = v.string();
const flag = v.boolean();

/** What a question brought to one who played: the share of the marks, 0 … 1, and the points. */
export const Result = v.object({ team: text, share: number, amount: number });
export type Result = v.InferOutput<typeof Result>;

/** The place of one who played in a round, and by how much the score of the show changes. */
export const CountLine = v.object({ team: text, place: number, amount: number });
export type CountLine = v.InferOutput<typeof CountLine>;

/** What a spinner draws: whose turn it is, who answers, what is asked, or a surprise for a team. */
export const spun = ['team', 'player', 'category', 'question', 'surprise'] as const;
export type SpunWhat = (typeof spun)[number];

/** Why a score changed: a ruling on a question, a rule of the format, or the host's hand with a reason. */
export const Cause = v.variant('by', [
  /** `play` is the number under which the question was in play. */
  v.object({
    by: v.literal('ruling'),
    question: text,
    ref: text,
    verdict: Verdict,
    play: v.optional(number),
    revised: v.optional(v.literal(true)),
    /** What its value was multiplied with, and why. */
    factors: v.optional(v.array(v.object({ times: number, why: text }))),
  }),
  /** A rule of the format's own, as it calls it: `claim.line`; `begun` is the round whose points they are. */
  v.object({ by: v.literal('format'), what: text, begun: v.optional(number) }),
  /** What a whole round counted for the show, and at which place it was left. */
  v.object({ by: v.literal('round'), begun: number, place: number }),
  v.object({ by: v.literal('hand'), reason: text }),
]);
export type Cause = v.InferOutput<typeof Cause>;

/** The schema of one event: its type, and what it says. */
export const event = <T extends string, E extends v.ObjectEntries>(type: T, entries: E) =>
  v.object({ type: v.literal(type), ...entries });

/**
 * What happens in a round, without when and by whom; a format is told of all of it. Each is a schema, since
 * logs are read, not believed (`sitting/log/`). What is optional is not always so; `dealt`, `brings`, and `play` of what
 * is in play were not said by the earliest logs, and cannot be made up for them.
 */
export const roundDrafts = [
  /** `dealt` is what chance decided for the format; `brings` what the round counts for the show at its end. */
  event('roundBegan', {
    round: number,
    turn: text,
    dealt: v.optional(v.unknown()),
    brings: v.optional(v.picklist(brought)),
  }),
  /**
   * A round is over and counts for the show: places in it, and by how much scores change by it now. A
   * second one for the same round corrects the first.
   */
  event('counted', { begun: number, lines: v.array(CountLine) }),
  /** `took` where whoever was on turn has had it, though nothing was asked. */
  event('turnGiven', { team: text, took: v.optional(v.literal(true)) }),
  /** A team is passed over the next time that it would be on. */
  event('turnLost', { team: text }),
  /** What is asked in the round begins; `clock` is that of the whole round, `limit` its length (ms). */
  event('roundStarted', { clock: v.nullable(Clock), limit: v.nullable(number) }),
  /** The clock of the round is set, held or goes on; while it is `held` nobody of those asked alone may answer. */
  event('roundClockSet', { clock: v.nullable(Clock), held: flag }),
  /** Nothing more is asked in the round: by the host, by its clock, or because its goal was reached. */
  event('roundEnded', { why: v.picklist(['host', 'time', 'goal']) }),
  /** `floor` is the team that may answer, or null where no single one may. */
  event('picked', {
    ref: text,
    question: text,
    points: number,
    floor: v.nullable(text),
    mode: Floor,
  }),
  /**
   * A question is asked of one alone – `to`, a seat or a team that answers as one – chosen, posed and opened at
   * once. `loss` is what a wrong answer costs, where the format says it; `key` whether the key is shown to them
   * once they have answered.
   */
  event('asked', {
    to: text,
    team: text,
    ref: text,
    question: text,
    points: number,
    loss: v.optional(number),
    key: flag,
    order: v.array(number),
    clock: v.nullable(Clock),
    limit: v.nullable(number),
  }),
  /** What was asked of one alone is void: what it was about is gone. Nothing comes of it. */
  event('withdrawn', { to: text, play: number }),
  /** `seed` where each handset lays its options out in an order of its own. */
  event('posed', { order: v.array(number), seed: v.optional(text) }),
  event('opened', { clock: v.nullable(Clock), limit: v.nullable(number) }),
  event('clockSet', { clock: v.nullable(Clock), play: v.optional(number) }),
  /**
   * A second one from the same seat replaces the first, where answers may be changed. `who` is whose answer
   * it is: the team's where one answers for all of it. What an answer holds is the matter of its kind. `play` where
   * the question was asked of somebody alone.
   */
  event('answered', {
    seat: text,
    team: text,
    answer: v.record(text, v.unknown()),
    who: text,
    held: v.optional(flag),
    play: v.optional(number),
  }),
  /**
   * An answer that was given does not stand: whoever gave it answers once more, without the options that they chose
   * (`removed`, by their places as written). `play` as with `answered`.
   */
  event('triedAgain', { who: text, team: text, removed: v.array(number), play: v.optional(number) }),
  /**
   * What the question in play brings a team, or one of its members (`who`), is multiplied: `why` is the reason, as
   * the ledger calls it.
   */
  event('factored', {
    team: text,
    who: v.optional(text),
    times: number,
    why: text,
    /** What it multiplies, where that is not the gain. */
    of: v.optional(v.literal('loss')),
    play: v.optional(number),
  }),
  /** A team has a boost: given by the host, by what a format or the spinner did, or bought. */
  event('boostGiven', { team: text, boost: Boost, why: text, to: v.optional(text) }),
  /** It is used, against `on` where it hinders; `amount` is what it does, as the round had it. */
  event('boostUsed', {
    team: text,
    boost: Boost,
    amount: number,
    on: v.optional(text),
    to: v.optional(text),
    play: v.optional(number),
  }),
  /**
   * The spinner comes over the stage: for whom or what, and its fields with their odds – a team, a seat, a place of the
   * round, or which surprise `team` gets.
   */
  event('spinnerShown', {
    what: v.picklist(spun),
    team: v.nullable(text),
    fields: v.array(v.object({ ref: text, label: text, weight: number })),
  }),
  /** What came up, drawn before anything moved; `passes` is how often the shuttle is seen to go to and fro. */
  event('spun', { field: number, passes: number, reason: v.optional(text) }),
  /** It goes; what came up follows with it. */
  event('spinnerClosed', {}),
  /** Options are taken away for one alone, by their places as written. */
  event('thinnedFor', { who: text, team: text, removed: v.array(number), play: v.optional(number) }),
  /** An answer that was held back may be shown. */
  event('letThrough', { who: text, play: number }),
  /**
   * `pressed` is when, on the server's clock; `doubt` by how much that may be wrong (ms). `distrusted` where what
   * its client says of its delay does not go with its other messages: nothing was corrected.
   */
  event('buzzed', {
    seat: v.nullable(text),
    team: text,
    pressed: number,
    doubt: number,
    until: number,
    distrusted: v.optional(flag),
  }),
  event('buzzedEarly', { seat: v.nullable(text), team: text }),
  /**
   * `ahead` of the next (ms, null where nobody else pressed) give or take `doubt`; drawn where too close. `seat`
   * is who pressed for the team, where it was one of its handsets.
   */
  event('buzzWon', {
    team: text,
    seat: v.optional(v.nullable(text)),
    ahead: v.nullable(number),
    doubt: number,
    drawn: flag,
  }),
  /** Hands that the host counted, for each option or step in the order of the stage; they stand for all answers. */
  event('handsCounted', { counts: v.array(number) }),
  /** Words that people wrote, folded, are put into a group – made by its name – or taken out of theirs (null). */
  event('grouped', { play: number, words: v.array(text), into: v.nullable(text) }),
  event('locked', { why: v.picklist(['host', 'all', 'time']) }),
  /** Options are taken away while the question is open: by their places as they are written. */
  event('thinned', { removed: v.array(number) }),
  /**
   * Others are asked what they would answer: one of them (`from`, a seat or a team) or all. The clock of the question
   * stands still meanwhile (`held`); `clock` and `limit` are those of the advice.
   */
  event('adviceAsked', {
    of: v.picklist(['voice', 'room']),
    from: v.nullable(text),
    held: v.nullable(Clock),
    clock: v.nullable(Clock),
    limit: v.nullable(number),
  }),
  /** `who` is the seat where each has a handset, else the team. */
  event('advised', { who: text, team: text, seat: v.nullable(text), answer: v.record(text, v.unknown()) }),
  /** Hands that the host counted, for each option in the order of the stage. */
  event('adviceCounted', { counts: v.array(number) }),
  /** With it the clock of the question goes on where it stood. */
  event('adviceClosed', { why: v.picklist(['all', 'time', 'host']), clock: v.nullable(Clock) }),
  /** What the key says of many answers: whose, and the share of the marks. `play` as with `answered`. */
  event('marked', { marks: v.array(v.tuple([text, number])), play: v.optional(number) }),
  /**
   * `share` of the value, between 0 and 1, where the verdict is "part". `who` is the seat whose answer
   * is meant, or the team; `play` the question, where it is not the one in play.
   */
  event('ruled', {
    team: text,
    verdict: Verdict,
    share: v.optional(number),
    by: v.picklist(['key', 'host']),
    who: text,
    play: v.optional(number),
  }),
  event('answersShown', {}),
  event('keyShown', {}),
  /** Puts one response on the stage, or none. */
  event('responseShown', { who: v.nullable(text) }),
  /** To a team, or (null) open to all who have not had it, by buzz. */
  event('handedOn', { team: v.nullable(text) }),
  /** `to` where it follows from what was asked of one alone. */
  event('scored', { team: text, amount: number, cause: Cause, to: v.optional(text) }),
  /** `results` of all who played, null where nothing could be right or wrong; `to` of whom it was asked alone. */
  event('settled', {
    winner: v.nullable(text),
    play: v.optional(number),
    results: v.nullable(v.array(Result)),
    to: v.optional(text),
  }),
  /** A ruling on a question that was settled was changed; the points follow as `scored`. */
  event('resettled', { play: number, winner: v.nullable(text), results: v.nullable(v.array(Result)) }),
  event('left', { turn: text }),
  /** Something that a format alone knows about. */
  event('acted', { act: v.unknown() }),
] as const;
export type RoundDraft = v.InferOutput<(typeof roundDrafts)[number]>;

export const Actor = v.object({
  role: v.picklist(['host', 'stage', 'seat', 'clock']),
  /** The account or the seat; empty for the clock and the stage. */
  id: text,
});
export type Actor = v.InferOutput<typeof Actor>;

/** What a line of the log says beside what happened: `at` is server time (ms since 1970), `command` the id of its cause. */
export const Line = v.object({ seq: number, at: number, actor: Actor, command: text });
export type Line = v.InferOutput<typeof Line>;

export type RoundEvent = RoundDraft & Line;

const types: ReadonlySet<string> = new Set(roundDrafts.map((one) => one.entries.type.literal));
/** Whether an event is one of a round, so that its format is told. */
export const isOfRound = (event: { type: string } & Line): event is RoundEvent => types.has(event.type);

/**
 * Whether an event is about what was asked of one alone: nobody else sees it, it is no step of the host's, and
 * steps beside it that are taken back leave it as it was.
 */
export function concernsOne(event: RoundDraft | { type: string }): boolean {
  switch (event.type) {
    case 'asked':
    case 'withdrawn':
      return true;
    case 'answered':
    case 'marked':
    case 'triedAgain':
    case 'factored':
    case 'thinnedFor':
    case 'clockSet':
      return 'play' in event && event.play !== undefined;
    case 'settled':
    case 'scored':
    case 'boostGiven':
    case 'boostUsed':
      return 'to' in event && event.to !== undefined;
    default:
      return false;
  }
}
