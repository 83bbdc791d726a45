import * as v from 'valibot';
import { spun } from '../formats/events.ts';
import { boosts } from '../formats/boosts.ts';
import { Points } from '../formats/points.ts';
import { Id, line, name, whole } from '../text/schemas.ts';
import { countings } from './counting.ts';

const bare = <T extends string>(type: T) => v.object({ type: v.literal(type) });
const Play = whole(0, Number.MAX_SAFE_INTEGER);
/** A moment on the server's clock, as a client believes it to be (ms). */
const Moment = v.pipe(v.number(), v.finite());
/** What a format does of its own; read by the format. */
/** A boost that a team has: bought, or used, against another team where it hinders. */
const Boosted = {
  boost: v.picklist(boosts),
  on: v.optional(Id),
};
/** Throws the shuttle; `strength` is how hard it was flicked. */
const Spin = v.object({
  type: v.literal('spin'),
  strength: v.optional(v.pipe(v.number(), v.minValue(0), v.maxValue(1))),
});
const Act = v.object({ type: v.literal('act'), act: v.unknown() });
/** `team` where each is asked alone and the host chooses for one. */
const Choose = v.object({
  type: v.literal('choose'),
  ref: v.pipe(v.string(), v.maxLength(100)),
  team: v.optional(Id),
});
const Answer = v.object({ type: v.literal('answer'), play: Play, answer: v.unknown() });

/** One switch for everything that is heard on the stage. */
const Mute = v.object({ type: v.literal('mute'), on: v.boolean() });

/**
 * The next step, as it was offered after the step with the event `after`: where another one was taken
 * meanwhile, this one is not.
 */
const Next = v.object({ type: v.literal('next'), after: Play });

/** Rules one response right, and all the same answers to that question with it, whoever gave them. */
const AcceptAnswer = v.object({ type: v.literal('acceptAnswer'), play: Play, who: Id });
/** Changes what a question that is over is worth, or for whom it counts. */
const Reweigh = v.object({
  type: v.literal('reweigh'),
  play: Play,
  points: v.optional(Points),
  counts: v.optional(v.picklist(countings)),
});
/** The last step, or all steps from the one that begins with event `to`. */
const TakeBack = v.object({ type: v.literal('takeBack'), to: v.optional(Play) });
const ruling = {
  type: v.literal('rule'),
  team: Id,
  verdict: v.picklist(['right', 'part', 'wrong']),
  /** With "part": how much of the value; half where nothing is said. */
  share: v.optional(v.pipe(v.number(), v.gtValue(0), v.ltValue(1))),
  /** The seat whose answer is meant, where every member answers. */
  seat: v.optional(Id),
};

/** What may be put right once a show is closed. */
export const Correction = v.variant('type', [
  v.object({ ...ruling, play: Play }),
  AcceptAnswer,
  Reweigh,
  v.object({ ...TakeBack.entries, to: Play }),
]);
export type Correction = v.InferOutput<typeof Correction>;

/** What a host may ask for at the desk. */
export const HostCommand = v.variant('type', [
  /** The next round of the running order, or the one that is named: that skips, repeats or reorders. */
  v.object({ type: v.literal('begin'), round: v.optional(whole(0, 99)) }),
  v.object({ type: v.literal('giveTurn'), team: Id }),
  Choose,
  bare('pose'),
  bare('open'),
  bare('lock'),
  /** `play` is the question meant; the one in play where nothing is said. */
  v.object({ ...ruling, play: v.optional(Play) }),
  AcceptAnswer,
  Reweigh,
  bare('showAnswers'),
  bare('showKey'),
  v.object({ type: v.literal('showResponse'), who: v.nullable(Id) }),
  bare('handOn'),
  bare('settle'),
  bare('leave'),
  /** Begins to ask everybody, each alone. */
  bare('start'),
  /** Ends the round that is on, before its clock or its goal does. */
  bare('endRound'),
  /** Ends the asking of others before all have spoken; or enters the hands that were counted. */
  bare('closeAdvice'),
  v.object({ type: v.literal('countAdvice'), counts: v.pipe(v.array(whole(0, 9999)), v.maxLength(8)) }),
  /** Hands that were counted for each option or step, in the order of the stage, where nobody has a handset. */
  v.object({ type: v.literal('countHands'), counts: v.pipe(v.array(whole(0, 9999)), v.maxLength(11)) }),
  /** Puts what people wrote, folded, into a group, which is made by its name, or out of theirs. */
  v.object({
    type: v.literal('group'),
    play: Play,
    words: v.pipe(v.array(v.pipe(v.string(), v.maxLength(400))), v.minLength(1), v.maxLength(500)),
    into: v.nullable(name(40)),
  }),
  /** One who is asked alone has their last question again. */
  v.object({ type: v.literal('askAgain'), to: Id }),
  Next,
  /** Holds a self-running round, or lets it go on. */
  v.object({ type: v.literal('holdPace'), on: v.boolean() }),
  /** An answer that was said or shown, entered by the host for a team, or for somebody in the room (''). */
  v.object({ ...Answer.entries, type: v.literal('answerFor'), team: v.union([v.literal(''), Id]) }),
  /** A key of the desk stands for the buzzer of a table. */
  v.object({ type: v.literal('buzzFor'), team: Id, play: Play, pressed: Moment }),
  Act,
  v.object({
    type: v.literal('showSpinner'),
    what: v.picklist(spun),
    team: v.optional(Id),
  }),
  bare('closeSpinner'),
  v.object({ type: v.literal('spinAgain'), reason: v.pipe(line(200), v.trim(), v.minLength(1, 'Say why.')) }),
  Spin,
  v.object({ type: v.literal('giveBoost'), team: Id, boost: Boosted.boost }),
  v.object({ type: v.literal('useBoostFor'), team: Id, ...Boosted }),
  v.object({ type: v.literal('clock'), act: v.picklist(['hold', 'run', 'drop']) }),
  v.object({ type: v.literal('addTime'), seconds: whole(-600, 600) }),
  v.object({ type: v.literal('showStandings'), on: v.boolean() }),
  Mute,
  v.object({ type: v.literal('allowReactions'), on: v.boolean() }),
  /** Shows what was held back for its words: an answer to a question. */
  v.object({ type: v.literal('letThrough'), who: Id, play: Play }),
  v.object({
    type: v.literal('adjust'),
    team: Id,
    amount: whole(-1_000_000, 1_000_000),
    reason: v.pipe(line(200), v.trim(), v.minLength(1, 'Say why, so that the ledger can tell.')),
  }),
  TakeBack,
  /** The last step and nothing else, as a clicker or a touch on the stage can ask for it. */
  bare('takeBackStep'),
  bare('forward'),
  bare('close'),
  /** Lets nobody more in, at once; or whoever may come in again. */
  v.object({ type: v.literal('lockDoors'), on: v.boolean() }),
  v.object({ type: v.literal('renameSeat'), seat: Id, name: name(24) }),
  v.object({ type: v.literal('moveSeat'), seat: Id, team: Id }),
  /** With `ban` the player is not let in again in this sitting. */
  v.object({ type: v.literal('removeSeat'), seat: Id, ban: v.optional(v.boolean()) }),
]);
export type HostCommand = v.InferOutput<typeof HostCommand>;

/** What may be done by touching the stage: it speaks for the team on the floor. */
export const StageCommand = v.variant('type', [Choose, Answer, Act, Mute, Next, Spin, bare('takeBackStep')]);
export type StageCommand = v.InferOutput<typeof StageCommand>;

/** What a handset that holds a seat may ask for. `answer` is read by the question's kind. */
export const SeatCommand = v.variant('type', [
  Answer,
  v.object({ type: v.literal('buzz'), play: Play, pressed: Moment }),
  /** On to the next question, after the key of one's own was seen. */
  v.object({ type: v.literal('goOn'), play: Play }),
  Choose,
  Act,
  Spin,
  v.object({ type: v.literal('buyBoost'), boost: Boosted.boost }),
  v.object({ type: v.literal('useBoost'), ...Boosted }),
]);
export type SeatCommand = v.InferOutput<typeof SeatCommand>;
export type AnswerCommand = v.InferOutput<typeof Answer>;

/** What a person may type to join; no team where everybody plays for themselves. */
export const JoinRequest = v.object({
  name: name(24),
  team: v.optional(v.union([v.literal(''), Id]), ''),
});

/** Commands that only the server itself gives. */
export type ServerCommand =
  | { type: 'takeSeat'; seat: string; token: string; name: string; team: string }
  /** A seat goes to another device, as the host allowed. */
  | { type: 'giveSeat'; seat: string; token: string }
  | { type: 'timeUp' }
  | { type: 'outage'; ms: number };

export type Command = HostCommand | StageCommand | SeatCommand | ServerCommand;
