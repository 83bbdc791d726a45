import { readingAloud } from '../show/length/question.ts';
import type { HostCommand } from '../sitting/command.ts';
import type { Actor } from '../sitting/events.ts';
import { kindInPlay, rulesOf, writtenQuestion } from '../sitting/read/inPlay.ts';
import { nextRound } from '../sitting/read/coming.ts';
import { pollingOf } from '../sitting/read/polling.ts';
import { nextStep, type NextStep } from '../sitting/read/nextStep.ts';
import type { SittingState } from '../sitting/state.ts';
import { guess } from './guess.ts';
import type { Move, Rehearsal } from './move.ts';
import { saysRight } from './standInMoves.ts';

type Planned = Omit<Move, 'when'>;
const HOST: Actor = { role: 'host', id: 'stand-in' };
/** What a host takes over a step as a rule (ms). */
const PAUSE = 2500;
const LONGER: Partial<Record<NextStep['code'], number>> = {
  begin: 12_000,
  nextRound: 10_000,
  hideStandings: 6000,
  nextQuestion: 3500,
  showExplanation: 3000,
  leave: 4000,
  close: 5000,
};
/** A round in which everybody goes on alone lasts so long without a clock (ms). */
const LONG_ENOUGH = 180_000;
/** After so many questions of one round a host goes on to the next. */
const LONG = 250;
/** Without a clock the host locks after this long (ms), and said answers are heard after that. */
const PATIENCE = 25_000;
const SPEAKING = 5000;
/** Of the moments between two questions so many bring a boost. */
const GIVING = 0.4;

/** What the host of a show that runs by itself does next: what Space would do, and rulings on what is said. */
export function hostMoves(rehearsal: Rehearsal, state: SittingState, now: number): Planned[] {
  const { question } = state;
  const doing = (after: number, command: HostCommand): Planned => ({
    at: now + after,
    actor: HOST,
    command,
    roundTrip: 0,
  });
  const { code, command } = nextStep(state);
  // What has no clock ends when the host says so.
  if (code === 'askingAlone') return state.round!.clock ? [] : [doing(LONG_ENOUGH, { type: 'endRound' })];
  // Some rounds end only when somebody is good enough: a host does not wait for ever.
  if (!question && (code === 'pick' || code === 'nextQuestion') && playedIn(state) >= LONG) {
    const round = nextRound(state);
    return [doing(PAUSE, round === null ? { type: 'close' } : { type: 'begin', round })];
  }
  if (question?.step === 'open') {
    const aloud = kindInPlay(state, question).given === 'aloud';
    // What is said to everybody at once is ruled team by team.
    if (aloud && question.floor === null && question.mode === 'everyone')
      return [...rulings(rehearsal, state, doing), doing(SPEAKING * 2, { type: 'lock' })];
    if (aloud && question.floor !== null) return [doing(SPEAKING, ruling(rehearsal, state, question.floor))];
    if (code === 'countHands')
      return [doing(PAUSE * 2, { type: 'countAdvice', counts: hands(rehearsal, question.order.length) })];
    if (state.show.devices.mode === 'none' && pollingOf(state, question))
      return fromTheRoom(rehearsal, state, doing);
    // Whoever is asked is waited for, but not for ever.
    if (code === 'closeAdvice') return [doing(PATIENCE * 2, { type: 'closeAdvice' })];
    return question.clock ? [] : [doing(PATIENCE, { type: 'lock' })];
  }
  if (code === 'rule' && question?.floor) return [doing(PAUSE, ruling(rehearsal, state, question.floor))];
  if (command === null) return [];
  const reading = question?.step === 'posed' ? readingAloud(writtenQuestion(state, question)) * 1000 : 0;
  return [...gifts(rehearsal, state, doing), doing((LONGER[code] ?? PAUSE) + reading, command)];
}

/** Where a round has boosts of its own, the host gives one now and then. */
function gifts(
  { random }: Rehearsal,
  state: SittingState,
  doing: (after: number, command: HostCommand) => Planned,
): Planned[] {
  const list = state.phase === 'round' && state.question === null ? (rulesOf(state).boosts ?? []) : [];
  if (list.length === 0 || state.teams.length === 0 || random() > GIVING) return [];
  const { boost } = list[Math.floor(random() * list.length)]!;
  const team = state.teams[Math.floor(random() * state.teams.length)]!.id;
  return [doing(PAUSE / 2, { type: 'giveBoost', team, boost })];
}

const playedIn = ({ begun, played }: SittingState): number =>
  played.filter((play) => play.begun === begun.length - 1).length;

/** In a room without phones hands are counted, and own words written down as they are called. */
function fromTheRoom(
  rehearsal: Rehearsal,
  state: SittingState,
  doing: (after: number, command: HostCommand) => Planned,
): Planned[] {
  const question = state.question!;
  const places = question.order.length;
  const lock = doing(PATIENCE, { type: 'lock' });
  if (places > 0)
    return [doing(PATIENCE / 2, { type: 'countHands', counts: hands(rehearsal, places) }), lock];
  const written = writtenQuestion(state, question);
  const said = rehearsal.standIns.flatMap((_, i) => {
    const answer = guess(written, question.order, true, rehearsal.random);
    return answer
      ? [doing(SPEAKING + i * 500, { type: 'answerFor', team: '', play: question.play, answer })]
      : [];
  });
  return [...said, lock];
}

/** A show of hands. */
const hands = ({ random, standIns }: Rehearsal, options: number): number[] => {
  const counts = Array.from({ length: options }, () => 0);
  standIns.forEach(() => counts[Math.floor(random() * options)]!++);
  return counts;
};

function ruling(rehearsal: Rehearsal, state: SittingState, team: string): HostCommand {
  const right = saysRight(rehearsal, state, team, writtenQuestion(state, state.question!));
  return { type: 'rule', team, verdict: right ? 'right' : 'wrong' };
}

const rulings = (
  rehearsal: Rehearsal,
  state: SittingState,
  doing: (after: number, command: HostCommand) => Planned,
): Planned[] =>
  state.teams
    .filter((team) => !state.seats.get(team.id)?.removed)
    .map((team, i) => doing(SPEAKING + i * 200, ruling(rehearsal, state, team.id)));
