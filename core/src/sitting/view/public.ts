import { aloneIn } from '../read/alone.ts';
import { isRoundOver } from '../read/asking.ts';
import { turnsLeft } from '../read/turnsLeft.ts';
import type { Clock } from '../../time/clock.ts';
import { formatOf, type FormatName, type FormatView } from '../../formats/index.ts';
import { rank, type Placed } from '../../rank/standings.ts';
import type { Devices } from '../../show/devices.ts';
import type { Doors } from '../../show/doors.ts';
import { explainRound, rulesView, type Explained, type RulesView } from '../../show/explain.ts';
import { defaultLook, lookView, type LookView } from '../../show/look/look.ts';
import type { Team } from '../../show/team.ts';
import type { Weave } from '../../show/weave.ts';
import { rulesOf } from '../read/inPlay.ts';
import { hasOwnWinner, placesIn, playing, scoreIn, winnersIn } from '../read/roundCount.ts';
import { scoreNow, type BegunRound, type SittingState } from '../state.ts';
import { choosesTogether, wishesOf, type Wishes } from '../read/wishes.ts';
import { areStandingsOn } from '../read/standings.ts';
import { runningView, type RunningView } from './boosts.ts';
import { spinnerView, type SpinnerView } from './spinner.ts';
import { publicQuestion, type PublicQuestion } from './question.ts';

export interface TeamView {
  id: string;
  name: string;
  weave: Weave;
  score: number;
  place: number;
  /** Change of the score since standings were shown the time before. */
  change: number;
  players: number;
}

/** A round with a winner of its own; `on` while it is the one that is on. */
export interface RoundWon {
  title: string;
  format: FormatName;
  teams: string[];
  on: boolean;
}

/** What everybody in the room may see: stage, overlay and handsets alike. Holds nothing of a key before it is shown. */
export interface PublicView {
  seq: number;
  phase: SittingState['phase'];
  title: string;
  look: LookView;
  roundTitle: string;
  /** Which part of the running order is on, and of how many. */
  roundNumber: number;
  rounds: number;
  code: string;
  /** Whether people may show the stage what they feel now: while nothing is asked of all, and the host lets them. */
  reactions: boolean;
  devices: Devices;
  /** How people come in: what the form has to ask, and whether it is too late. */
  doors: { teams: Doors['teams']; open: boolean; madeNames: boolean; locked: boolean };
  /** Those who play; of very many the leaders, and how many there are in all. */
  teams: readonly TeamView[];
  playing: number;
  turn: string;
  /** What those of the team in turn wish for, while they choose together; null where they do not. */
  wishes: Wishes | null;
  /** Whose choice the round waits for between two questions, other than that of the next question. */
  waitsFor: string | null;
  /** Rounds that were played for something of their own, with whoever won them; nobody where all were level. */
  won: RoundWon[];
  standings: boolean;
  rules: RulesView | null;
  /** How the round that follows is played, where an interlude tells that. */
  explains: Explained | null;
  /** What the format of the round shows, told apart by `format`. */
  round: FormatView | null;
  /** The clock of the round as a whole, and whether everybody has a question of their own, or will have. */
  timer: {
    clock: Clock | null;
    limit: number | null;
    held: boolean;
    /** `before` it starts, `on`, or `over`; null where all have the same question. */
    alone: 'before' | 'on' | 'over' | null;
    /** Why nothing more is asked in it; null while it goes on. */
    ended: BegunRound['ended'];
    /** How many turns each team still has, where the round ends by them. */
    turnsLeft: Record<string, number> | null;
  } | null;
  /** The spinner, while it is over everything. */
  spinner: SpinnerView | null;
  /** Boosts that were used and last. */
  running: RunningView[];
  question: PublicQuestion | null;
}

/** People show what they feel while nothing is asked of all. */
export const mayReact = ({ reactions, question, show }: SittingState): boolean =>
  reactions && question === null && show.devices.mode !== 'none';

/** The last that was worked out for a state, as its number says: a thousand handsets ask for the same. */
const known = new WeakMap<SittingState, { seq: number; views: TeamView[]; byId: Map<string, TeamView> }>();

/** Those who play with their scores and places; who was removed is not told of any more. */
export const teamViews = (state: SittingState): readonly TeamView[] => lastWorkedOut(state).views;
export const teamViewOf = (state: SittingState, team: string): TeamView | undefined =>
  lastWorkedOut(state).byId.get(team);

function lastWorkedOut(state: SittingState) {
  const last = known.get(state);
  if (last?.seq === state.seq) return last;
  const views = workOut(state);
  const fresh = { seq: state.seq, views, byId: new Map(views.map((view) => [view.id, view])) };
  known.set(state, fresh);
  return fresh;
}

function workOut(state: SittingState): TeamView[] {
  const teams = playing(state);
  const places = new Map(placesNow(state, teams).map((row) => [row.item.id, row.place]));
  const score = scoreShown(state);
  const shown = areStandingsOn(state);
  const change = (id: string) =>
    (state.changes.get(id) ?? 0) + (shown ? (state.changesBefore.get(id) ?? 0) : 0);
  return teams.map(({ id, name, weave }) => ({
    id,
    name,
    weave,
    score: score(id),
    place: places.get(id)!,
    change: change(id),
    players: state.taken.of.get(id) ?? 0,
  }));
}

/** The score that is shown: a round that is played for something of its own shows that, all else the whole show. */
export function scoreShown(state: SittingState): (team: string) => number {
  const { round } = state;
  const apart = round && state.phase === 'round' && isApart(round) ? round : null;
  return apart ? (team) => scoreIn(apart, team) : (team) => scoreNow(state, team);
}

/** Whether what teams have in a round is not part of their scores in the show. */
const isApart = (round: BegunRound): boolean =>
  hasOwnWinner(round) &&
  (round.brings !== 'counted' || formatOf(round.format).ownScore(round.state, '') !== null);

/** The places as they stand: in the round that is on, where it ranks in its own way; else in the show. */
function placesNow(state: SittingState, teams: readonly Team[]): Placed<Team>[] {
  const { round, phase } = state;
  const byScore = () => rank(teams, ({ id }) => [scoreNow(state, id)]);
  if (!round) return byScore();
  if (round.brings === undefined)
    return rank(teams, ({ id }) => formatOf(round.format).rankBy(round.state, id, scoreNow(state, id)));
  return phase === 'round' && hasOwnWinner(round) ? placesIn(state, round) : byScore();
}

/** Rounds with a winner of their own that are over, and who won them. */
function ownWinners(state: SittingState): RoundWon[] {
  return state.begun
    .filter((round) => hasOwnWinner(round) && (round.places !== null || isFinished(state, round)))
    .map((round) => ({
      title: state.show.rounds[round.index]?.title ?? '',
      format: round.format,
      teams: winnersIn(state, round),
      on: round === state.round && state.phase === 'round',
    }));
}

/** Whether the round that is on has come to its end, with nothing in play any more. */
const isFinished = (state: SittingState, round: BegunRound): boolean =>
  round === state.round && state.question === null && isRoundOver(state);

/** Above so many who play, only the leaders are told, and those whom the question is about. */
const MANY = { handset: 60, stage: 120 };
const LEADERS = { handset: 12, stage: 100 };

/** The view kept short where very many play: each handset has its own place beside, the desk everybody. */
export function shortView(view: PublicView, audience: keyof typeof MANY): PublicView {
  const most = MANY[audience];
  if (view.teams.length <= most) return view;
  const { question, turn } = view;
  const meant = new Set([turn, question?.floor, question?.onStage?.team, question?.buzz?.team]);
  for (const { team } of question?.tries ?? []) meant.add(team);
  const kept = view.teams.filter((team) => meant.has(team.id));
  const leaders = view.teams.filter((team) => team.place <= LEADERS[audience] && !meant.has(team.id));
  const room = Math.max(0, most - kept.length);
  // At the doors all share the first place: who came last is seen to have come.
  const seen = view.phase === 'lobby' && room > 0 ? leaders.slice(-room) : leaders.slice(0, room);
  const teams = [...kept, ...seen];
  const known = new Set(teams.map((team) => team.id));
  const result = question?.result?.filter(({ team }) => known.has(team)) ?? null;
  return { ...view, teams, question: question && { ...question, result } };
}

/** The next part of the running order in which something is asked, where the one that is on is there to explain it. */
function explained({ round, show }: SittingState): Explained | null {
  const on = round && show.rounds[round.index];
  if (!on || formatOf(on.format).does(on.content) !== 'explains') return null;
  const next = show.rounds.slice(round!.index + 1).find((one) => formatOf(one.format).asks);
  return next ? explainRound(next) : null;
}

/** Whose turn it is; where teams are not on one after the other, whoever the format says, if anybody. */
function turnNow(state: SittingState): string {
  const { round, turn } = state;
  if (!round) return turn;
  if (aloneIn(state) !== null) return '';
  if (formatOf(round.format).inTurns) return turn;
  return formatOf(round.format).turn(round.state) ?? '';
}

function timerOf(state: SittingState, round: BegunRound): PublicView['timer'] {
  const { clock, limit, held, startedAt, ended } = round;
  const stage = startedAt === null ? 'before' : ended === null ? 'on' : 'over';
  const left = turnsLeft(state);
  return {
    clock,
    limit,
    held,
    ended,
    alone: aloneIn(state) === null ? null : stage,
    turnsLeft: left && Object.fromEntries(left),
  };
}

export function publicView(state: SittingState): PublicView {
  const { round } = state;
  const rules = round && rulesOf(state);
  return {
    seq: state.seq,
    phase: state.phase,
    title: state.show.title,
    look: lookView(state.show.look ?? defaultLook),
    roundTitle: state.show.rounds[round?.index ?? 0]?.title ?? '',
    roundNumber: (round?.index ?? 0) + 1,
    rounds: state.show.rounds.length,
    code: state.code,
    reactions: mayReact(state),
    devices: state.show.devices,
    doors: {
      teams: state.show.doors.teams,
      madeNames: state.show.doors.madeNames ?? false,
      open: !state.locked && (state.phase === 'lobby' || (state.phase === 'round' && state.show.doors.late)),
      locked: state.locked,
    },
    teams: teamViews(state),
    playing: teamViews(state).length,
    turn: turnNow(state),
    wishes: state.question === null && choosesTogether(state) ? wishesOf(state, state.turn) : null,
    waitsFor: round && formatOf(round.format).waitsFor(round.state),
    won: ownWinners(state),
    standings: state.standings,
    rules: rules && rulesView(state.show.rounds[round.index]!, rules),
    explains: explained(state),
    round: round && formatOf(round.format).view(round.state),
    timer: round && timerOf(state, round),
    spinner: spinnerView(state),
    running: runningView(state),
    question: state.question ? publicQuestion(state, state.question) : null,
  };
}

/** The public view as handsets get it. */
export const handsetView = (state: SittingState): PublicView => shortView(publicView(state), 'handset');
