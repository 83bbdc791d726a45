import { formatOf } from '../formats/index.ts';
import { expectedShare } from '../library/difficulty.ts';
import type { Question } from '../question/question.ts';
import type { Random } from '../random/shuffle.ts';
import { ruledOut } from '../sitting/read/answering.ts';
import type { Command } from '../sitting/command.ts';
import type { Actor } from '../sitting/events.ts';
import { kindInPlay, orderFor, rulesOf, writtenQuestion } from '../sitting/read/inPlay.ts';
import { nextStep } from '../sitting/read/nextStep.ts';
import { pollingOf } from '../sitting/read/polling.ts';
import { countsIn } from '../sitting/read/counting.ts';
import { mayAdvise } from '../sitting/read/advisers.ts';
import { adviceOn, type Advice, type QuestionInPlay, type SittingState } from '../sitting/state.ts';
import { tableOf } from '../sitting/read/table.ts';
import { choosesTogether, wishesOf } from '../sitting/read/wishes.ts';
import { readingSilently } from '../show/length/question.ts';
import { boosting } from './boosting.ts';
import { guess } from './guess.ts';
import type { Move, Rehearsal } from './move.ts';
import type { StandIn } from './room.ts';

/** Usual times of people (ms): coming in, choosing a question, an act of the format, pressing, thinking. */
const COMING = 8000;
const CHOOSING = 3500;
const ACTING = 3000;
const PRESSING = 1800;
export const THINKING = 5000;
/** Of those who do not know it, so many press or answer all the same. */
export const GUESSING = 0.85;
const PRESSING_BLIND = 0.25;
/** So many press before the buzzers are open. */
const EARLY = 0.04;

type Planned = Omit<Move, 'when'>;
const STAGE: Actor = { role: 'stage', id: '' };
const HOST: Actor = { role: 'host', id: 'stand-in' };
export const seatOf = (one: StandIn): Actor => ({ role: 'seat', id: one.seat });

/** A time around `usual`, most often somewhat below, seldom far above (ms). */
export const around = (usual: number, random: Random) => usual * (0.5 + 0.5 * random() + random() ** 3);

/** Whether somebody knows an answer: by their skill, and by how hard it is. */
export function knows({ skill }: StandIn, question: Question, random: Random): boolean {
  const ease = expectedShare(question, null) - 0.6;
  return random() < Math.min(0.98, Math.max(0.02, skill + ease));
}

/** Whether somebody has dropped out. */
export const isGone = ({ until }: StandIn, state: SittingState): boolean =>
  until !== null && state.played.length + (state.question ? 1 : 0) > until;

/** Those who are in the room now. */
export function here({ standIns }: Rehearsal, state: SittingState): StandIn[] {
  return standIns.filter((one) => {
    if (isGone(one, state)) return false;
    if (state.show.devices.mode === 'none') return true;
    const seat = state.seats.get(one.seat);
    return seat !== undefined && !seat.removed;
  });
}
/** The team for which a stand-in plays at the moment. */
export const teamFor = (state: SittingState, one: StandIn): string =>
  state.seats.get(one.seat)?.team ?? (state.show.devices.mode === 'none' ? one.team : '');

/** What stand-ins do in the situation that has just come about. */
export function standInMoves(rehearsal: Rehearsal, state: SittingState, now: number): Planned[] {
  const coming = comeIn(rehearsal, state, now);
  if (state.phase !== 'round' || state.standings) return coming;
  const { question } = state;
  if (question) return [...coming, ...inQuestion(rehearsal, state, question, now)];
  return [...coming, ...between(rehearsal, state, now)];
}

function comeIn(rehearsal: Rehearsal, state: SittingState, now: number): Planned[] {
  if (state.show.devices.mode === 'none' || state.phase === 'closed') return [];
  const asked = state.played.length;
  const due = rehearsal.standIns.filter(
    (one) =>
      !rehearsal.came.has(one.seat) && (one.from === 0 || (state.phase === 'round' && asked >= one.from)),
  );
  return due.map((one): Planned => {
    rehearsal.came.add(one.seat);
    const { seat, name, team, roundTrip } = one;
    const command = { type: 'takeSeat', seat, token: `token-of-${seat}`, name, team } as const;
    return { at: now + rehearsal.random() * COMING, actor: seatOf(one), command, roundTrip };
  });
}

/** Between two questions: what the format waits for, done by whoever has to choose. */
function between(rehearsal: Rehearsal, state: SittingState, now: number): Planned[] {
  const { random } = rehearsal;
  const round = state.round!;
  const format = formatOf(round.format);
  const who = format.waitsFor(round.state);
  const { code } = nextStep(state);
  // Where the format says who is on, whoever is may also stop.
  if (who === null && code !== 'pick' && (format.inTurns || code !== 'nextQuestion')) return [];
  const move = format.move(round.state, tableOf(state), random);
  if (move === null) return [];
  const chooses = move.type === 'choose';
  if (chooses && choosesTogether(state)) return wishing(rehearsal, state, move, now);
  const voice = here(rehearsal, state).find((one) => teamFor(state, one) === (chooses ? state.turn : who));
  if (chooses && !(voice && format.chosenByHandset && state.show.devices.mode !== 'none'))
    return [{ at: now + around(CHOOSING, random), actor: STAGE, command: move, roundTrip: 0 }];
  const actor = voice && state.show.devices.mode !== 'none' ? seatOf(voice) : STAGE;
  return [{ at: now + around(ACTING, random), actor, command: move, roundTrip: voice?.roundTrip ?? 0 }];
}

/**
 * The next of a team that chooses together says what they want: often what most do already. Where all have spoken
 * and nothing is settled, one gives in.
 */
function wishing(rehearsal: Rehearsal, state: SittingState, own: Command, now: number): Planned[] {
  const { random } = rehearsal;
  const [first] = wishesOf(state, state.turn).counts;
  const leading: Command = first ? { type: 'choose', ref: first.ref } : own;
  const mates = here(rehearsal, state).filter((one) => teamFor(state, one) === state.turn);
  const silent = mates.find(({ seat }) => !state.wishes.has(seat));
  const next = silent ?? mates.find(({ seat }) => state.wishes.get(seat) !== first?.ref) ?? mates[0];
  if (!next) return [{ at: now + around(CHOOSING, random), actor: STAGE, command: own, roundTrip: 0 }];
  const command = silent && random() < 0.5 ? own : leading;
  return [{ at: now + around(ACTING, random), actor: seatOf(next), command, roundTrip: next.roundTrip }];
}

/** Who may answer now: everybody, or those of the team on the floor. */
function answering(rehearsal: Rehearsal, state: SittingState, question: QuestionInPlay): StandIn[] {
  const all = here(rehearsal, state).filter((one) => teamFor(state, one) !== '');
  const { mode } = state.show.devices;
  if (question.mode === 'everyone') return all;
  const own = all.filter((one) => teamFor(state, one) === question.floor);
  // One answers for the team: whoever pressed, else whoever is there.
  const presser = own.filter((one) => one.seat === question.buzz?.seat);
  return mode === 'each' && presser.length > 0 ? presser : own.slice(0, 1);
}

function inQuestion(
  rehearsal: Rehearsal,
  state: SittingState,
  question: QuestionInPlay,
  now: number,
): Planned[] {
  const { random } = rehearsal;
  const written = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  if (question.mode === 'buzz' && question.floor === null) return buzzing(rehearsal, state, question, now);
  if (question.step !== 'open' || kind.given !== 'handset') return [];
  // What a room without phones says in a survey the host counts and writes down.
  if (state.show.devices.mode === 'none' && pollingOf(state, question)) return [];
  const advice = adviceOn(question);
  const reading = readingSilently(written) * 1000 * 0.6;
  if (!advice) {
    const help = forHelp(rehearsal, state, question, now + reading);
    if (help) return [help];
  }
  const without = state.show.devices.mode === 'none';
  const who = advice ? advising(rehearsal, state, question, advice) : answering(rehearsal, state, question);
  return who.flatMap((one): Planned[] => {
    const right = knows(one, written, random);
    if (!right && random() > GUESSING) return [];
    const team = teamFor(state, one);
    if (!countsIn(state.round, team) && random() < 0.5) return [];
    const order = without ? question.order : orderFor(state, question, one.seat);
    const boost = without ? null : boosting(state, team, random);
    if (boost) return [{ at: now + reading, actor: seatOf(one), command: boost, roundTrip: one.roundTrip }];
    const out = ruledOut(state, question, [one.seat, team]);
    const answer = guess(written, order, right, random, out);
    if (!answer) return [];
    const at = now + reading + around(THINKING, random) * one.slowness + one.roundTrip / 2;
    const given = { play: question.play, answer };
    if (!without)
      return [{ at, actor: seatOf(one), command: { type: 'answer', ...given }, roundTrip: one.roundTrip }];
    // Said aloud, and entered by the host.
    return [{ at, actor: HOST, command: { type: 'answerFor', team, ...given }, roundTrip: 0 }];
  });
}

/** Those who are asked what they would answer, each for themselves or one for a team. */
function advising(
  rehearsal: Rehearsal,
  state: SittingState,
  question: QuestionInPlay,
  advice: Advice,
): StandIn[] {
  const { mode } = state.show.devices;
  // Hands in the room are counted by the host.
  if (mode === 'none' && advice.of === 'room') return [];
  const voices = new Map<string, StandIn>();
  for (const one of here(rehearsal, state)) {
    const team = teamFor(state, one);
    const who = mode === 'each' ? one.seat : team;
    if (team !== '' && !voices.has(who) && mayAdvise(question, advice, { who, team })) voices.set(who, one);
  }
  return [...voices.values()];
}

/** Whoever has the floor may ask for help first. */
function forHelp(
  rehearsal: Rehearsal,
  state: SittingState,
  question: QuestionInPlay,
  now: number,
): Planned | null {
  const { random } = rehearsal;
  const { format, state: own } = state.round!;
  const act = formatOf(format).moveIn(own, tableOf(state), random);
  if (!act) return null;
  const [voice] = answering(rehearsal, state, question);
  const actor = voice && state.show.devices.mode !== 'none' ? seatOf(voice) : STAGE;
  const at = now + around(ACTING, random);
  return { at, actor, command: { type: 'act', act }, roundTrip: voice?.roundTrip ?? 0 };
}

function buzzing(
  rehearsal: Rehearsal,
  state: SittingState,
  question: QuestionInPlay,
  now: number,
): Planned[] {
  const { random } = rehearsal;
  const written = writtenQuestion(state, question);
  const { step, play } = question;
  if (step !== 'posed' && step !== 'open') return [];
  const without = state.show.devices.mode === 'none';
  const { lockout } = rulesOf(state);
  return here(rehearsal, state).flatMap((one): Planned[] => {
    const team = teamFor(state, one);
    if (team === '' || question.tried.includes(team)) return [];
    const early = step === 'posed';
    if (early ? random() > EARLY : !knows(one, written, random) && random() > PRESSING_BLIND) return [];
    const penalty = question.early.includes(team) ? lockout * 1000 : 0;
    const pressed = now + penalty + (early ? 500 * random() : around(PRESSING, random) * one.slowness);
    const at = pressed + one.roundTrip / 2;
    return without
      ? [{ at, actor: HOST, command: { type: 'buzzFor', team, play, pressed }, roundTrip: 0 }]
      : [{ at, actor: seatOf(one), command: { type: 'buzz', play, pressed }, roundTrip: one.roundTrip }];
  });
}

/** Whether what a team says aloud is right: its best member speaks. */
export function saysRight(
  rehearsal: Rehearsal,
  state: SittingState,
  team: string,
  question: Question,
): boolean {
  const own = here(rehearsal, state).filter((one) => teamFor(state, one) === team);
  const best = own.reduce<StandIn | null>((so, one) => (so && so.skill >= one.skill ? so : one), null);
  return best !== null && knows(best, question, rehearsal.random);
}
