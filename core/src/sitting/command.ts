import * as v from 'valibot';
import { Id, line, name, whole } from '../text/schemas.ts';

const bare = <T extends string>(type: T) => v.object({ type: v.literal(type) });

/** What a host may ask for at the desk. */
export const HostCommand = v.variant('type', [
  bare('begin'),
  v.object({ type: v.literal('giveTurn'), team: Id }),
  v.object({ type: v.literal('choose'), ref: v.pipe(v.string(), v.maxLength(100)) }),
  bare('pose'),
  bare('open'),
  bare('lock'),
  v.object({
    type: v.literal('rule'),
    team: Id,
    verdict: v.picklist(['right', 'part', 'wrong']),
    /** With "part": how much of the value; half where nothing is said. */
    share: v.optional(v.pipe(v.number(), v.gtValue(0), v.ltValue(1))),
  }),
  bare('showAnswers'),
  bare('showKey'),
  bare('handOn'),
  bare('settle'),
  bare('leave'),
  v.object({ type: v.literal('clock'), act: v.picklist(['hold', 'run', 'drop']) }),
  v.object({ type: v.literal('addTime'), seconds: whole(-600, 600) }),
  v.object({ type: v.literal('showStandings'), on: v.boolean() }),
  v.object({
    type: v.literal('adjust'),
    team: Id,
    amount: whole(-1_000_000, 1_000_000),
    reason: v.pipe(line(200), v.trim(), v.minLength(1, 'Say why, so that the ledger can tell.')),
  }),
  bare('takeBack'),
  bare('close'),
  v.object({ type: v.literal('renameSeat'), seat: Id, name: name(24) }),
  v.object({ type: v.literal('moveSeat'), seat: Id, team: Id }),
  v.object({ type: v.literal('removeSeat'), seat: Id }),
]);
export type HostCommand = v.InferOutput<typeof HostCommand>;

/** What may be done by touching the stage. */
export const StageCommand = v.object({
  type: v.literal('choose'),
  ref: v.pipe(v.string(), v.maxLength(100)),
});

/** What a handset that holds a seat may ask for. `answer` is read by the question's kind. */
export const SeatCommand = v.object({ type: v.literal('answer'), question: v.string(), answer: v.unknown() });
export type SeatCommand = v.InferOutput<typeof SeatCommand>;

/** What a person may type to join. */
export const JoinRequest = v.object({ name: name(24), team: Id });

/** Commands that only the server itself gives. */
export type ServerCommand =
  | { type: 'takeSeat'; seat: string; token: string; name: string; team: string }
  | { type: 'timeUp' }
  | { type: 'outage'; ms: number };

export type Command = HostCommand | SeatCommand | ServerCommand;
