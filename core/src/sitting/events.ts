import * as v from 'valibot';
import { concernsOne, event, roundDrafts, type Actor, type Line } from '../formats/events.ts';
import type { Outcome } from '../question/outcome/outcome.ts';
import { Show } from '../show/show.ts';
import { Weave } from '../show/weave.ts';
import { Clock } from '../time/clock.ts';
import { countings } from './counting.ts';

export type { Actor, Cause, CountLine, Floor, Result } from '../formats/events.ts';

const text = v.string();
const flag = v.boolean();

/** What many answered to a question at another time; what came out is written by us and only shown. */
export const Earlier = v.object({
  asked: text,
  at: v.number(),
  outcome: v.custom<Outcome>((one) => typeof one === 'object' && one !== null && 'type' in one),
});
export type Earlier = v.InferOutput<typeof Earlier>;

/** What happens to a sitting beside the play of its rounds. */
const sittingDrafts = [
  /**
   * The frozen copy of the show: later edits change nothing that is played. `pace` is that of the host before,
   * `earlier` what came out of its surveys the last time.
   */
  event('doorsOpened', {
    show: Show,
    code: text,
    pace: v.object({ factor: v.number(), sittings: v.number() }),
    earlier: v.optional(v.array(Earlier)),
  }),
  /**
   * `weave` where the player plays for nobody but themselves: then the seat is a team of its own. `asked` is
   * the name that was wanted, where it is held back and another one was made up.
   */
  event('seatTaken', {
    seat: text,
    name: text,
    team: text,
    token: text,
    weave: v.optional(Weave),
    asked: v.optional(text),
  }),
  event('seatRenamed', { seat: text, name: text }),
  event('seatMoved', { seat: text, team: text }),
  event('seatRemoved', { seat: text, banned: v.optional(flag) }),
  /** Nobody more is let in, or whoever may come in again. */
  event('doorsLocked', { on: flag }),
  /** Another device holds the seat from now on. */
  event('seatGiven', { seat: text, token: text }),
  event('standingsShown', { on: flag }),
  /** One of a team that chooses together would choose this; the last wish of each counts. */
  event('wished', { seat: text, ref: text }),
  event('muted', { on: flag }),
  /** Whether people may show the stage what they feel. */
  event('reactionsAllowed', { on: flag }),
  /** A self-running round is held, or goes on by itself again. */
  event('paceHeld', { on: flag }),
  event('closed', {}),
  /** What a question that is over is worth after all, and for whom it counts. */
  event('reweighed', { play: v.number(), points: v.number(), counts: v.picklist(countings) }),
  /**
   * Everything of the play from `from` on did not happen; a clock then running is held at `clock`, that of the
   * round at `roundClock`, where it is not to go on as it did.
   */
  event('undone', { from: v.number(), clock: v.nullable(Clock), roundClock: v.optional(v.nullable(Clock)) }),
  /**
   * The last answer that `to` gave to what was asked of them alone, with all that followed from it, did not
   * happen: `play` is that question, which they have again.
   */
  event('answerUndone', { to: text, play: v.number() }),
  /** What the `undone` with the number `of` took back happened after all; a running clock is held. */
  event('redone', { of: v.number(), clock: v.nullable(Clock) }),
  /** The server could not be reached for `ms` milliseconds: a running clock gets them back. */
  event('outage', { ms: v.number() }),
] as const;

/** What happened, without when and by whom: what `decide` hands back. */
const drafts = [...sittingDrafts, ...roundDrafts];
export type Draft = v.InferOutput<(typeof drafts)[number]>;

/** What an event of each type says. */
export const draftSchemas: ReadonlyMap<unknown, v.GenericSchema<unknown, Draft>> = new Map(
  drafts.map((one) => [one.entries.type.literal, one as v.GenericSchema<unknown, Draft>]),
);

/** A command as it is known again: by its id and by whoever gave it, so that nobody can use up an id of somebody else. */
export const commandKey = (actor: Actor, id: string): string => `${actor.role} ${actor.id} ${id}`;

/** A line of the log: what happened, when, by whom and through which command. */
export type LoggedEvent = Draft & Line;

/** Who sits where is no part of the play: taking back a step never puts anybody out. */
export const survivesUndo: ReadonlySet<Draft['type']> = new Set([
  'doorsOpened',
  'seatTaken',
  'seatRenamed',
  'seatMoved',
  'seatRemoved',
  'seatGiven',
  'doorsLocked',
  'muted',
  'reactionsAllowed',
  'paceHeld',
  'letThrough',
  'answerUndone',
  'undone',
  'redone',
  'outage',
]);

/** Steps that leave the host's next one as it was: corrections beside the course of the play. */
const BESIDE: ReadonlySet<Draft['type']> = new Set([
  'scored',
  'resettled',
  'reweighed',
  'counted',
  'handsCounted',
  'grouped',
]);
/** Whether an event makes the host's next step another one. */
export const movesOn = (event: Draft): boolean => isStep(event) && !BESIDE.has(event.type);

/** Whether an event makes its command a step which the host can take back. */
export const isStep = (event: Draft): boolean => STEPS.has(event.type) && !concernsOne(event);

const STEPS: ReadonlySet<Draft['type']> = new Set([
  'roundBegan',
  'roundStarted',
  'spinnerShown',
  'spun',
  'spinnerClosed',
  'roundEnded',
  'turnGiven',
  'picked',
  'posed',
  'opened',
  'buzzWon',
  'locked',
  'handsCounted',
  'grouped',
  'ruled',
  'answersShown',
  'keyShown',
  'handedOn',
  'scored',
  'settled',
  'resettled',
  'reweighed',
  'counted',
  'left',
  'acted',
  'closed',
]);
