import { verdictOf } from '../question/kind.ts';
import { hold, isRunning, run, type Clock } from '../time/clock.ts';
import type { LoggedEvent } from './events.ts';
import type { QuestionInPlay, Response, SittingState } from './state.ts';
import { unruled } from './unruled.ts';

/** A question as it comes into play; `begun` is the round that it belongs to. */
export function newInPlay(
  event: Pick<
    LoggedEvent & { type: 'picked' },
    'seq' | 'at' | 'ref' | 'question' | 'points' | 'mode' | 'floor'
  >,
  begun: number,
): QuestionInPlay {
  return {
    play: event.seq,
    begun,
    to: null,
    ref: event.ref,
    question: event.question,
    pickedAt: event.at,
    points: event.points,
    counts: 'asPlayed',
    loss: null,
    keyAfter: false,
    step: 'picked',
    mode: event.mode,
    floor: event.floor,
    tried: [],
    order: [],
    seed: null,
    clock: null,
    limit: null,
    openedAt: null,
    heldFor: 0,
    heldSince: null,
    lockedAt: null,
    lockedBy: null,
    responses: [],
    byWho: new Map(),
    presses: [],
    buzzUntil: null,
    buzz: null,
    early: [],
    removed: [],
    again: new Map(),
    boosts: [],
    factors: [],
    advice: [],
    onStage: null,
    keyShown: false,
    answersShown: false,
    hands: null,
    groups: new Map(),
    winner: null,
    results: null,
    settledAt: null,
    members: null,
    honour: null,
  };
}

/** A question as it is asked of one alone: posed and open from the first moment, with the floor where it was asked. */
export function newAlone(event: LoggedEvent & { type: 'asked' }, begun: number): QuestionInPlay {
  const { to, team, loss = null, key, order, clock, limit } = event;
  return Object.assign(newInPlay({ ...event, mode: 'turn', floor: team }, begun), {
    to,
    loss,
    keyAfter: key,
    step: 'open',
    order,
    clock,
    limit,
    openedAt: event.at,
  });
}

function add(question: QuestionInPlay, ...said: Parameters<typeof unruled>): Response {
  const whole = unruled(...said);
  question.responses.push(whole);
  question.byWho.set(whole.who, whole);
  return whole;
}

/** Stops the clock of a question with all others of its round, or lets it run on (server ms). */
export function holdWithRound(question: QuestionInPlay, held: boolean, at: number): void {
  const { clock } = question;
  if (question.step === 'open' && clock && isRunning(clock) === held)
    setClock(question, held ? hold(clock, at) : run(clock, at), at);
}

/** Sets the clock, and notes from when to when it stood still: a break that the host makes costs nobody points. */
function setClock(question: QuestionInPlay, clock: Clock | null, at: number): void {
  const before = question.clock;
  question.clock = clock;
  if (isRunning(before) && clock !== null && !isRunning(clock))
    // Taken back to a step with so much time left, it stood still since then, not since now.
    question.heldSince = Math.min(at, before.deadline - clock.remaining);
  else if (isRunning(clock) && question.heldSince !== null) {
    question.heldFor += at - question.heldSince;
    question.heldSince = null;
  }
}

/** Milliseconds from the opening to `at`, without those in which the clock was held. */
export const thoughtFor = (
  { heldFor, heldSince }: Pick<QuestionInPlay, 'heldFor' | 'heldSince'>,
  openedAt: number,
  at: number,
): number => Math.max(0, Math.min(at, heldSince ?? at) - openedAt - heldFor);

/** Takes a ruling into a question, in play or over; whoever said it aloud gets a response by that. */
export function ruleOn(question: QuestionInPlay, event: LoggedEvent & { type: 'ruled' }): void {
  const { who } = event;
  const share = event.share ?? (event.verdict === 'right' ? 1 : 0);
  const said = { who, team: event.team, seat: null, answer: null, after: null };
  const response = question.byWho.get(who) ?? add(question, said);
  Object.assign(response, { verdict: event.verdict, share, by: event.by });
}

type OfAdvice = Extract<LoggedEvent, { type: 'adviceAsked' | 'advised' | 'adviceCounted' | 'adviceClosed' }>;

/** Takes in what others were asked about a question, and what they said. */
function advise(question: QuestionInPlay, event: OfAdvice): void {
  if (event.type === 'adviceAsked') {
    const { of, from, clock, limit, held } = event;
    question.advice.push({ of, from, clock, limit, over: false, said: new Map(), counts: null });
    setClock(question, held, event.at);
    return;
  }
  const advice = question.advice.at(-1);
  if (!advice) return;
  if (event.type === 'advised') {
    const { who, team, seat, answer } = event;
    advice.said.set(who, { team, seat, answer });
  } else if (event.type === 'adviceCounted') advice.counts = event.counts;
  else {
    Object.assign(advice, { over: true, clock: null });
    setClock(question, event.clock, event.at);
  }
}

/** Takes one event into the question in play, changing it in place. */
export function applyToQuestion(question: QuestionInPlay, event: LoggedEvent, state: SittingState): void {
  switch (event.type) {
    case 'posed':
      question.step = 'posed';
      question.order = event.order;
      question.seed = event.seed ?? null;
      state.standings = false;
      return;
    case 'opened':
      question.step = 'open';
      question.clock = event.clock;
      question.limit = event.limit;
      question.openedAt = event.at;
      question.heldFor = 0;
      question.heldSince = null;
      question.lockedAt = null;
      question.lockedBy = null;
      return;
    case 'clockSet':
      setClock(question, event.clock, event.at);
      return;
    case 'answered': {
      // What was tapped before the lock and came after it is as late as the lock.
      const at = Math.min(event.at, question.lockedAt ?? event.at);
      const after = question.openedAt === null ? 0 : thoughtFor(question, question.openedAt, at);
      const before = question.byWho.get(event.who);
      const held = event.held ?? false;
      const { team, answer, who } = event;
      const seat = event.seat || null;
      if (before) Object.assign(before, { answer, after, seat, held });
      else {
        const response = add(question, { who, team, seat, answer, after }, held);
        response.shown = question.step === 'answers';
      }
      return;
    }
    case 'triedAgain': {
      const { who, removed } = event;
      const given = question.byWho.get(who);
      const before = question.again.get(who) ?? { answers: [], removed: [] };
      question.again.set(who, {
        answers: given?.answer ? [...before.answers, given.answer] : before.answers,
        removed: [...before.removed, ...removed],
      });
      question.byWho.delete(who);
      question.responses = question.responses.filter((one) => one !== given);
      return;
    }
    case 'thinnedFor': {
      const before = question.again.get(event.who) ?? { answers: [], removed: [] };
      question.again.set(event.who, { ...before, removed: [...before.removed, ...event.removed] });
      return;
    }
    case 'boostUsed':
      question.boosts.push({ team: event.team, boost: event.boost });
      return;
    case 'factored': {
      const { team, who = null, times, why, of = 'gain' } = event;
      question.factors.push({ team, who, times, why, of });
      return;
    }
    case 'buzzed': {
      const { team, seat, pressed, doubt, distrusted = false } = event;
      question.presses.push({ team, seat, pressed, doubt, distrusted });
      question.buzzUntil = event.until;
      return;
    }
    case 'buzzedEarly':
      question.early.push(event.team);
      return;
    case 'buzzWon': {
      const { team, seat = null, ahead, doubt, drawn } = event;
      question.floor = team;
      question.buzz = { team, seat, ahead, doubt, drawn };
      question.buzzUntil = null;
      return;
    }
    case 'thinned':
      question.removed = [...question.removed, ...event.removed];
      return;
    case 'adviceAsked':
    case 'advised':
    case 'adviceCounted':
    case 'adviceClosed':
      advise(question, event);
      return;
    case 'handsCounted':
      question.hands = event.counts;
      return;
    case 'grouped':
      for (const words of event.words)
        if (event.into === null) question.groups.delete(words);
        else question.groups.set(words, event.into);
      return;
    case 'locked':
      question.step = 'locked';
      question.clock = null;
      question.lockedAt = event.at;
      question.lockedBy = event.why;
      question.buzzUntil = null;
      return;
    case 'marked':
      for (const [who, share] of event.marks) {
        const response = question.byWho.get(who);
        if (response) Object.assign(response, { share, verdict: verdictOf(share), by: 'key' });
      }
      return;
    case 'answersShown':
      question.step = 'answers';
      question.answersShown = true;
      for (const response of question.responses) response.shown = true;
      return;
    case 'keyShown':
      if (question.step !== 'settled') question.step = 'key';
      question.keyShown = true;
      for (const response of question.responses) response.shown = true;
      return;
    case 'responseShown':
      question.onStage = event.who;
      return;
    case 'handedOn':
      if (question.floor !== null) question.tried.push(question.floor);
      question.floor = event.team;
      question.onStage = null;
      question.presses = [];
      question.buzz = null;
      question.buzzUntil = null;
      if (event.team === null) question.mode = 'buzz';
      return;
    case 'undone':
    case 'redone':
      // Whoever is asked for advice when somebody goes back has all their time again.
      for (const one of question.advice)
        if (!one.over && one.limit !== null) one.clock = { deadline: event.at + one.limit };
      if (isRunning(question.clock)) setClock(question, event.clock, event.at);
      return;
    case 'outage':
      for (const one of question.advice)
        if (isRunning(one.clock)) one.clock = { deadline: one.clock.deadline + event.ms };
      if (!isRunning(question.clock)) return;
      question.clock = { deadline: question.clock.deadline + event.ms };
      question.heldFor += event.ms;
      return;
    default:
  }
}
