import { foldText } from '../text/fold.ts';
import { concernsOne, isOfRound } from '../formats/events.ts';
import { formatOf } from '../formats/index.ts';
import { begunOf } from './read/begunOf.ts';
import { forHonour } from './read/counting.ts';
import { kindInPlay } from './read/inPlay.ts';
import { showsStandings } from './read/standings.ts';
import { evolveAlone, recountAlone } from './evolveAlone.ts';
import { evolveBoosts } from './evolveBoosts.ts';
import { evolveSpinner } from './evolveSpinner.ts';
import { applyToQuestion, newInPlay, ruleOn } from './evolveQuestion.ts';
import { commandKey, isStep, movesOn, type LoggedEvent } from './events.ts';
import { entriesOf, type LedgerEntry } from './ledger.ts';
import { memberCounts, playOf, type QuestionInPlay, type Seat, type SittingState } from './state.ts';

/**
 * Takes one event into the state, changing it in place: only bookkeeping, no rule is asked here.
 * An event that speaks of a question when none is in play changes nothing.
 */
export function evolve(state: SittingState, event: LoggedEvent): void {
  state.seq = event.seq;
  const command = commandKey(event.actor, event.command);
  state.commands.add(command);
  if (isStep(event)) {
    const last = state.steps.at(-1);
    if (last?.command !== command) state.steps.push({ seq: event.seq, type: event.type, command });
    // A round is counted because something else begins, and the step is called by that.
    else if (last.type === 'counted') last.type = event.type;
    state.steppedAt = event.at;
    if (movesOn(event)) state.steppedWith = event.seq;
    if (state.forward.length > 0) state.forward = [];
  } else if ((event.type === 'answered' && !concernsOne(event)) || event.type === 'buzzed') {
    if (state.forward.length > 0) state.forward = [];
  }
  if (event.type === 'standingsShown') state.steppedWith = event.seq;
  if (event.type === 'undone' || event.type === 'redone') {
    state.steppedWith = event.seq;
    // Whoever goes back wants to look: nothing goes on by itself until the host says so.
    state.held = true;
  }
  evolveBoosts(state, event);
  evolveSpinner(state, event);
  apply(state, event);
  evolveAlone(state, event);
  for (const entry of entriesOf(event, meant(state, event))) enter(state, entry);
  tellFormat(state, event);
}

/** The question that an event speaks of: the one that it names, else the common one in play. */
const meant = (state: SittingState, event: LoggedEvent): QuestionInPlay | null =>
  'play' in event && event.play !== undefined ? playOf(state, event.play) : state.question;

/** The format of the round that an event concerns: an earlier one where a ruling of it is changed later. */
function tellFormat(state: SittingState, event: LoggedEvent): void {
  if (!isOfRound(event)) return;
  // Points are those of the round that they are for, also where another one is on by now.
  const own = event.type === 'scored' ? begunOf(state, event.cause) : null;
  const play = event.type === 'asked' ? playOf(state, event.seq) : meant(state, event);
  const round = own ?? (event.type === 'resettled' && play ? state.begun[play.begun] : null) ?? state.round;
  if (round) formatOf(round.format).evolve(round.state, event, play?.ref ?? null);
}

function enter(state: SittingState, entry: LedgerEntry): void {
  state.ledger.push(entry);
  const { cause, team, amount } = entry;
  const round = begunOf(state, cause);
  if (cause.by === 'ruling' && cause.play !== undefined) {
    const paid = state.paid.get(cause.play) ?? new Map<string, number>();
    if (paid.size === 0) state.paid.set(cause.play, paid);
    paid.set(team, (paid.get(team) ?? 0) + amount);
  }
  if (round && (cause.by === 'ruling' || cause.by === 'format'))
    round.points.set(team, (round.points.get(team) ?? 0) + amount);
  // A late correction of a round whose scores do not count any more changes nothing now.
  if (round && round.since !== state.since) return;
  state.scores.set(team, (state.scores.get(team) ?? 0) + amount);
  state.changes.set(team, (state.changes.get(team) ?? 0) + amount);
}

function count(state: SittingState, seat: Seat, by: 1 | -1): void {
  const { taken } = state;
  taken.all += by;
  taken.of.set(seat.team, (taken.of.get(seat.team) ?? 0) + by);
}

/** The turn goes on; whoever was to be passed over on the way has been. */
function turnTo(state: SittingState, team: string): void {
  state.wishes = new Map();
  const ids = state.teams.map(({ id }) => id);
  if (state.skips.size > 0 && team !== state.turn)
    for (let i = ids.indexOf(state.turn) + 1, n = 0; n < ids.length; i++, n++) {
      const one = ids[i % ids.length]!;
      if (one === team) break;
      state.skips.delete(one);
    }
  state.turn = team;
}

function apply(state: SittingState, event: LoggedEvent): void {
  const question = meant(state, event);
  switch (event.type) {
    case 'doorsOpened':
      state.show = event.show;
      state.teams = state.show.devices.score === 'players' ? [] : [...event.show.teams];
      state.code = event.code;
      state.pace = event.pace;
      state.earlier = new Map(
        (event.earlier ?? []).map(({ asked, at, outcome }) => [asked, { at, outcome }]),
      );
      state.openedAt = event.at;
      return;
    case 'seatTaken': {
      const { seat: id, name, team, token, asked = null } = event;
      const seat = {
        id,
        name,
        folded: foldText(name),
        team,
        token,
        cameAt: event.at,
        givenAt: null,
        removed: false,
        banned: false,
        asked,
      };
      state.seats.set(id, seat);
      count(state, seat, 1);
      if (event.weave) state.teams.push({ id: team, name, weave: event.weave });
      return;
    }
    case 'doorsLocked':
      state.locked = event.on;
      return;
    case 'seatGiven': {
      const seat = state.seats.get(event.seat);
      if (seat) Object.assign(seat, { token: event.token, givenAt: event.at });
      return;
    }
    case 'seatRenamed':
    case 'seatMoved':
    case 'seatRemoved': {
      const seat = state.seats.get(event.seat);
      if (!seat || seat.removed) return;
      if (event.type === 'seatRenamed') {
        Object.assign(seat, { name: event.name, folded: foldText(event.name), asked: null });
        state.teams = state.teams.map((one) => (one.id === seat.id ? { ...one, name: event.name } : one));
        return;
      }
      count(state, seat, -1);
      if (event.type === 'seatRemoved') {
        seat.removed = true;
        seat.banned = event.banned ?? false;
        return;
      }
      seat.team = event.team;
      count(state, seat, 1);
      return;
    }
    case 'roundBegan': {
      const round = state.show.rounds[event.round]!;
      const begun = formatOf(round.format).begin(round.content, state.show.questions, event.dealt);
      state.phase = 'round';
      state.startedAt ??= event.at;
      if (round.rules.scores === 'anew') {
        state.since = event.seq;
        state.scores = new Map();
        state.changes = new Map();
        state.changesBefore = new Map();
      }
      state.round = {
        index: event.round,
        format: round.format,
        state: begun,
        seq: event.seq,
        since: state.since,
        brings: event.brings,
        points: new Map(),
        places: null,
        clock: null,
        limit: null,
        held: false,
        startedAt: null,
        ended: null,
        tracks: new Map(),
        byQuestion: new Map(),
        ruledAlike: new Map(),
      };
      state.begun.push(state.round);
      state.turn = event.turn;
      state.wishes = new Map();
      state.skips = new Set();
      state.turnsTaken = new Map();
      state.held = false;
      state.standings = false;
      if (showsStandings(round)) tellChanges(state);
      return;
    }
    case 'turnGiven':
      if (event.took) state.turnsTaken.set(state.turn, (state.turnsTaken.get(state.turn) ?? 0) + 1);
      turnTo(state, event.team);
      return;
    case 'wished':
      state.wishes.set(event.seat, event.ref);
      return;
    case 'picked':
      state.standings = false;
      state.question = newInPlay(event, state.begun.length - 1);
      state.plays.set(event.seq, state.question);
      if (state.turn && kindInPlay(state, state.question).keyed)
        state.turnsTaken.set(state.turn, (state.turnsTaken.get(state.turn) ?? 0) + 1);
      return;
    case 'reactionsAllowed':
      state.reactions = event.on;
      return;
    case 'muted':
      state.muted = event.on;
      return;
    case 'paceHeld':
      state.held = event.on;
      // It goes on from now, not from when it was held.
      if (!event.on) state.steppedAt = event.at;
      return;
    case 'letThrough': {
      const response = playOf(state, event.play)?.byWho.get(event.who);
      if (response) response.held = false;
      return;
    }
    case 'standingsShown':
      state.standings = event.on;
      if (event.on) tellChanges(state);
      return;
    case 'turnLost':
      state.skips.add(event.team);
      return;
    case 'counted': {
      const round = state.begun[event.begun]!;
      round.places = new Map(event.lines.map(({ team, place }) => [team, place]));
      return;
    }
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
      turnTo(state, event.turn);
      return;
    case 'ruled':
      if (question) ruleOn(question, event);
      return;
    case 'reweighed':
      if (question) Object.assign(question, { points: event.points, counts: event.counts });
      return;
    case 'resettled':
      if (!question) return;
      recountAlone(state, question, event.results);
      Object.assign(question, { winner: event.winner, results: event.results });
      return;
    case 'settled':
      if (!question) return;
      Object.assign(question, {
        step: 'settled',
        winner: event.winner,
        results: event.results,
        settledAt: event.seq,
        members: memberCounts(state, question),
        honour: forHonour(state, question),
      });
      return;
    default:
      if (question) applyToQuestion(question, event, state);
  }
}

/** Standings come on: they tell what changed so far, and what comes from now on is told the next time. */
function tellChanges(state: SittingState): void {
  state.changesBefore = state.changes;
  state.changes = new Map();
}
