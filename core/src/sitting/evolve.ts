import { foldText } from '../text/fold.ts';
import { formatOf } from '../formats/index.ts';
import { isRunning } from './clock.ts';
import { isStep, type LoggedEvent } from './events.ts';
import { responseOf, type SittingState } from './state.ts';

/** The state of a sitting before anything happened. */
export function emptyState(): SittingState {
  return {
    seq: 0,
    phase: 'lobby',
    code: '',
    show: { title: '', teams: [], rounds: [], questions: {} },
    seats: new Map(),
    round: null,
    turn: '',
    turnsTaken: new Map(),
    question: null,
    played: [],
    ledger: [],
    standings: false,
    standingsAt: 0,
    standingsBefore: 0,
    steps: [],
    commands: new Set(),
    openedAt: 0,
    closedAt: null,
  };
}

/**
 * Takes one event into the state, changing it in place: only bookkeeping, no rule is asked here.
 * An event that speaks of a question when none is in play changes nothing.
 */
export function evolve(state: SittingState, event: LoggedEvent): void {
  state.seq = event.seq;
  state.commands.add(event.command);
  if (isStep.has(event.type) && state.steps.at(-1)?.command !== event.command)
    state.steps.push({ seq: event.seq, type: event.type, command: event.command });
  apply(state, event);
  if (state.round) formatOf(state.round.format).evolve(state.round.state, event, state.question?.ref ?? null);
}

function apply(state: SittingState, event: LoggedEvent): void {
  const question = state.question;
  switch (event.type) {
    case 'doorsOpened':
      state.show = event.show;
      state.code = event.code;
      state.openedAt = event.at;
      return;
    case 'seatTaken':
      state.seats.set(event.seat, {
        id: event.seat,
        name: event.name,
        folded: foldText(event.name),
        team: event.team,
        token: event.token,
        removed: false,
      });
      return;
    case 'seatRenamed':
    case 'seatMoved':
    case 'seatRemoved': {
      const seat = state.seats.get(event.seat);
      if (!seat) return;
      if (event.type === 'seatRenamed')
        Object.assign(seat, { name: event.name, folded: foldText(event.name) });
      else if (event.type === 'seatMoved') seat.team = event.team;
      else seat.removed = true;
      return;
    }
    case 'roundBegan': {
      const round = state.show.rounds[event.round]!;
      const begun = formatOf(round.format).begin(round.content, state.show.questions);
      state.phase = 'round';
      state.round = { index: event.round, format: round.format, state: begun };
      state.turn = event.turn;
      return;
    }
    case 'turnGiven':
      state.turn = event.team;
      return;
    case 'picked':
      state.standings = false;
      state.question = {
        ref: event.ref,
        question: event.question,
        points: event.points,
        step: 'picked',
        floor: event.floor,
        tried: [],
        order: [],
        clock: null,
        limit: null,
        openedAt: null,
        lockedBy: null,
        responses: [],
        keyShown: false,
        winner: null,
      };
      state.turnsTaken.set(event.floor, (state.turnsTaken.get(event.floor) ?? 0) + 1);
      return;
    case 'standingsShown':
      state.standings = event.on;
      if (event.on) {
        state.standingsBefore = state.standingsAt;
        state.standingsAt = event.seq;
      }
      return;
    case 'scored':
      state.ledger.push({
        seq: event.seq,
        at: event.at,
        team: event.team,
        amount: event.amount,
        cause: event.cause,
      });
      return;
    case 'closed':
      if (question) state.played.push(question);
      state.question = null;
      state.phase = 'closed';
      state.standings = false;
      state.closedAt = event.at;
      return;
    case 'left':
      if (question) state.played.push(question);
      state.question = null;
      state.turn = event.turn;
      return;
    default:
      if (question) applyToQuestion(question, event, state);
  }
}

function applyToQuestion(
  question: NonNullable<SittingState['question']>,
  event: LoggedEvent,
  state: SittingState,
): void {
  switch (event.type) {
    case 'posed':
      question.step = 'posed';
      question.order = event.order;
      state.standings = false;
      return;
    case 'opened':
      question.step = 'open';
      question.clock = event.clock;
      question.limit = event.limit;
      question.openedAt = event.at;
      question.lockedBy = null;
      return;
    case 'clockSet':
      question.clock = event.clock;
      return;
    case 'answered':
      question.responses.push({
        team: event.team,
        seat: event.seat,
        answer: event.answer,
        after: event.at - (question.openedAt ?? event.at),
        verdict: null,
        share: 0,
        by: null,
        shown: false,
      });
      return;
    case 'locked':
      question.step = 'locked';
      question.clock = null;
      question.lockedBy = event.why;
      return;
    case 'ruled': {
      const response = responseOf(question, event.team);
      const share = event.share ?? (event.verdict === 'right' ? 1 : 0);
      const ruling = { verdict: event.verdict, share, by: event.by };
      if (response) Object.assign(response, ruling);
      else
        question.responses.push({
          team: event.team,
          seat: null,
          answer: null,
          after: null,
          shown: false,
          ...ruling,
        });
      return;
    }
    case 'answersShown':
      question.step = 'answers';
      for (const response of question.responses) response.shown = true;
      return;
    case 'keyShown':
      if (question.step !== 'settled') question.step = 'key';
      question.keyShown = true;
      for (const response of question.responses) response.shown = true;
      return;
    case 'handedOn':
      question.tried.push(question.floor);
      question.floor = event.team;
      return;
    case 'settled':
      question.step = 'settled';
      question.winner = event.winner;
      return;
    case 'undone':
      if (isRunning(question.clock)) question.clock = event.clock;
      return;
    case 'outage':
      if (isRunning(question.clock)) question.clock = { deadline: question.clock.deadline + event.ms };
      return;
    default:
  }
}
