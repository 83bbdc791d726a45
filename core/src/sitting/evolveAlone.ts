import { concernsOne } from '../formats/events.ts';
import { isRunning } from '../time/clock.ts';
import type { LoggedEvent } from './events.ts';
import { holdWithRound, newAlone } from './evolveQuestion.ts';
import { alike } from './read/alike.ts';
import { playOf, type QuestionInPlay, type SittingState } from './state.ts';

/** Takes into the state what an event means for the round as a whole, and for those who are asked each alone. */
export function evolveAlone(state: SittingState, event: LoggedEvent): void {
  const { round, asked } = state;
  switch (event.type) {
    case 'roundBegan':
    case 'closed':
      asked.clear();
      return;
    case 'seatMoved': {
      const question = asked.get(event.seat);
      // What is settled stays with the team for which it was answered.
      if (question?.step === 'open') question.floor = event.team;
      return;
    }
    case 'withdrawn':
      asked.delete(event.to);
      return;
    case 'seatRemoved':
      asked.delete(event.seat);
      return;
    case 'undone':
      // Had again after all, it has ended, and another one may be on.
      if (!round || round.ended !== null || round.seq > event.from || event.roundClock == null) return;
      round.clock = event.roundClock;
      round.held = true;
      for (const question of asked.values())
        if (isRunning(question.clock)) question.clock = { remaining: question.limit! };
      return;
    case 'outage':
      for (const question of asked.values()) giveBack(question, event.ms);
      if (round) giveBack(round, event.ms);
      return;
    default:
      if (round) evolveRound(state, event, round);
  }
}

function giveBack(one: { clock: QuestionInPlay['clock']; heldFor?: number }, ms: number): void {
  if (!isRunning(one.clock)) return;
  one.clock = { deadline: one.clock.deadline + ms };
  if (one.heldFor !== undefined) one.heldFor += ms;
}

function evolveRound(
  state: SittingState,
  event: LoggedEvent,
  round: NonNullable<SittingState['round']>,
): void {
  const { asked } = state;
  switch (event.type) {
    case 'roundStarted':
      round.clock = event.clock;
      round.limit = event.limit;
      round.startedAt = event.at;
      return;
    case 'roundClockSet':
      round.clock = event.clock;
      round.held = event.held;
      for (const question of asked.values()) holdWithRound(question, event.held, event.at);
      return;
    case 'roundEnded':
      round.ended = event.why;
      round.held = false;
      round.clock = null;
      asked.clear();
      return;
    case 'asked': {
      const question = newAlone(event, state.begun.length - 1);
      state.plays.set(event.seq, question);
      asked.set(event.to, question);
      if (!round.tracks.has(event.to))
        round.tracks.set(event.to, { team: event.team, answered: 0, right: 0, last: null, since: event.at });
      return;
    }
    case 'answerUndone': {
      const question = asked.get(event.to);
      // It was thought about before: it begins anew.
      if (question?.limit) question.clock = { deadline: event.at + question.limit };
      return;
    }
    case 'settled':
      if (concernsOne(event)) settledAlone(playOf(state, event.play!), round, event.at);
      return;
    case 'ruled': {
      const question = event.play === undefined ? null : playOf(state, event.play);
      const response = question?.to == null ? undefined : question.byWho.get(event.who);
      if (question && response?.answer && event.by === 'host')
        state.begun[question.begun]!.ruledAlike.set(alike(question, response.answer), response.share);
      return;
    }
    default:
  }
}

function settledAlone(
  question: QuestionInPlay | null,
  round: NonNullable<SittingState['round']>,
  at: number,
): void {
  const track = question && round.tracks.get(question.to!);
  if (!question || !track) return;
  question.keyShown = question.keyAfter;
  question.clock = null;
  const [response] = question.responses;
  const counts = round.byQuestion.get(question.question) ?? { answered: 0, right: 0 };
  round.byQuestion.set(question.question, counts);
  if (response?.answer || response?.verdict) for (const one of [track, counts]) one.answered++;
  if (response && response.share > 0) for (const one of [track, counts]) one.right++;
  track.last = question.play;
  track.since = at;
}

/** Whether it was right counts anew once a ruling on it has changed. */
export function recountAlone(
  state: SittingState,
  { to, begun, question, results: before }: QuestionInPlay,
  results: QuestionInPlay['results'],
): void {
  if (to === null) return;
  const right = (all: QuestionInPlay['results']) => (all?.some(({ share }) => share > 0) ? 1 : 0);
  const { tracks, byQuestion } = state.begun[begun]!;
  for (const one of [tracks.get(to), byQuestion.get(question)])
    if (one) one.right += right(results) - right(before);
}
