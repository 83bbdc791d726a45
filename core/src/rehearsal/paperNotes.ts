import { formatOf } from '../formats/index.ts';
import type { Question } from '../question/question.ts';
import type { Round, Show } from '../show/show.ts';
import type { Clock } from '../time/clock.ts';
import type { LoggedEvent } from '../sitting/events.ts';
import { paperOf } from './papers.ts';
import { dealtGroups, joinsGroup } from './claimOnPaper.ts';
import { noteRung } from './climbOnPaper.ts';
import type { PaperClimb, PaperNotes, PaperQuestion, PaperRound } from './paper.ts';
import { standing } from './standing.ts';
import { majorityOnPaper } from './valueOnPaper.ts';

const isOnTheRun = (clock: Clock | null): clock is { deadline: number } =>
  clock !== null && 'deadline' in clock;

/** A clock that stops opens a pause at the moment that had so much left; one that runs again closes it. */
function noteClock(question: PaperQuestion, clock: Clock | null, at: number): void {
  const last = question.pauses.at(-1);
  if (isOnTheRun(question.clock) && clock && !isOnTheRun(clock))
    question.pauses.push({ from: Math.min(at, question.clock.deadline - clock.remaining), to: Infinity });
  else if (isOnTheRun(clock) && last?.to === Infinity) last.to = at;
  question.clock = clock;
}

/** How long somebody thought (ms): from the opening to `at`, pauses taken off. */
function timeOf({ openedAt, pauses }: PaperQuestion, at: number): number {
  const idle = pauses.reduce(
    (sum, { from, to }) => sum + Math.max(0, Math.min(to, at) - Math.min(from, at)),
    0,
  );
  return openedAt === null ? 0 : Math.max(0, at - openedAt - idle);
}

/** What the round gives for a question, as it is written. */
const writtenValue = ({ format, content }: Round, question: Question): number => {
  const place = formatOf(format)
    .places(content)
    .find((one) => one.question === question.id);
  return (place?.points ?? 0) * question.weight;
};

/** A question as it is noted when it comes up. */
const newNote = (
  { seq, ref }: { seq: number; ref: string },
  round: Round,
  question: Question,
  mode: PaperQuestion['mode'],
  floor: string | null,
): PaperQuestion => ({
  seq,
  ref,
  round,
  question,
  value: writtenValue(round, question),
  alone: null,
  mode,
  floor,
  had: floor === null ? [] : [floor],
  openedAt: null,
  clock: null,
  pauses: [],
  limit: null,
  answers: new Map(),
  factors: [],
  out: new Set(),
  only: false,
  settledAt: null,
  asked: null,
  members: new Map(),
});

/** What a format writes as a line of its own and is added up here by itself. */
const onPaper = /^(cover|climb\..*)$/;

/** Notes down what a log tells, with nothing of the engine that keeps the scores. */
export function notesOf(log: readonly LoggedEvent[]): PaperNotes {
  const events = standing(log);
  const doors = log.find((event) => event.type === 'doorsOpened');
  if (doors?.type !== 'doorsOpened') throw new Error('This log has no beginning.');
  const { show } = doors;
  const alone = show.devices.score === 'players';
  // Where everybody plays for themselves, the teams that were written down take no part.
  const names = new Map((alone ? [] : show.teams).map((team) => [team.id, team.name]));
  const teamOfSeat = new Map<string, string>();
  const played: PaperQuestion[] = [];
  const others: PaperNotes['others'] = [];
  const anew: number[] = [];
  const rounds: PaperRound[] = [];
  const climbs: PaperClimb[] = [];
  const setOut = (team: string) =>
    climbs.push({ team, round: round!, questions: [], stopped: false, overAt: null });
  const left = new Set<string>();
  let round: Round | null = null;
  let covers: number[] = [];
  let open: PaperQuestion | null = null;
  const lives = new Map<string, number>();
  const bySeq = new Map<number, PaperQuestion>();
  /** The note of a question: by its number, else of the one that is asked of all. */
  const noteOf = (play: number | undefined) => (play === undefined ? open : (bySeq.get(play) ?? null));

  for (const event of events) {
    joinsGroup(rounds.at(-1), event);
    switch (event.type) {
      case 'seatTaken':
        teamOfSeat.set(event.seat, event.team);
        if (alone) names.set(event.team, event.name);
        break;
      case 'seatRenamed':
        if (alone) names.set(event.seat, event.name);
        break;
      case 'seatRemoved':
        left.add(event.seat);
        teamOfSeat.delete(event.seat);
        break;
      case 'seatMoved':
        teamOfSeat.set(event.seat, event.team);
        break;
      case 'roundBegan':
        round = show.rounds[event.round]!;
        if (round.rules.scores === 'anew') anew.push(event.seq);
        covers = (event.dealt as { values?: number[] } | null | undefined)?.values ?? [];
        lives.clear();
        rounds.push({
          from: event.seq,
          countedAt: null,
          round,
          only: (event.dealt as { alone?: boolean } | null | undefined)?.alone ?? false,
          owned: [],
          lifted: [],
          groups: dealtGroups(event.dealt),
        });
        break;
      case 'counted':
        rounds[event.begun]!.countedAt ??= event.seq;
        break;
      case 'acted': {
        const act = event.act as { do?: string; cover?: number; team?: string; square?: number };
        if (act.do === 'own')
          rounds.at(-1)?.owned.push({ seq: event.seq, square: act.square!, team: act.team ?? null });
        if (act.do === 'lift' && act.team !== undefined)
          rounds.at(-1)?.lifted.push({ team: act.team, amount: covers[act.cover ?? -1] ?? 0 });
        if (act.do === 'climber' || act.do === 'draw') setOut(act.team!);
        if (act.do === 'stop') climbs.at(-1)!.overAt = event.seq;
        break;
      }
      case 'scored':
        // A cover that was lifted stands in the log as an act, too.
        if (event.cause.by === 'hand' || (event.cause.by === 'format' && !onPaper.test(event.cause.what)))
          others.push({
            seq: event.seq,
            team: event.team,
            amount: event.amount,
            ofRound: event.cause.by === 'format' && event.cause.begun !== undefined,
          });
        break;
      case 'picked': {
        const question = show.questions[event.question]!;
        const out = new Set([...lives].filter(([, left]) => left <= 0).map(([team]) => team));
        const only = rounds.at(-1)!.only;
        open = { ...newNote(event, round!, question, event.mode, event.floor), out, only };
        played.push(open);
        if (round!.format === 'climb' && event.mode === 'turn') climbs.at(-1)!.questions.push(open);
        bySeq.set(event.seq, open);
        break;
      }
      case 'asked': {
        const { content } = round!;
        const question = show.questions[event.question]!;
        const loss = ('loss' in content ? content.loss : 0) * question.weight;
        const note = newNote(event, round!, question, 'turn', event.team);
        Object.assign(note, { alone: { who: event.to, loss }, openedAt: event.at, clock: event.clock });
        note.limit = event.limit;
        played.push(note);
        bySeq.set(event.seq, note);
        break;
      }
      case 'roundClockSet':
        for (const note of bySeq.values()) {
          if (note.alone === null || note.clock === null || note.settledAt !== null) continue;
          if (event.held) note.pauses.push({ from: event.at, to: Infinity });
          else if (note.pauses.at(-1)?.to === Infinity) note.pauses.at(-1)!.to = event.at;
        }
        break;
      case 'opened':
        if (open)
          Object.assign(open, { openedAt: event.at, limit: event.limit, clock: event.clock, pauses: [] });
        break;
      case 'clockSet':
      case 'undone':
      case 'redone':
        if (open && (event.type === 'clockSet' || isOnTheRun(open.clock)))
          noteClock(open, event.clock, event.at);
        break;
      case 'outage':
        if (open && isOnTheRun(open.clock)) {
          open.clock = { deadline: open.clock.deadline + event.ms };
          open.pauses.push({ from: event.at - event.ms, to: event.at });
        }
        break;
      case 'buzzWon':
        if (open) {
          open.floor = event.team;
          open.had.push(event.team);
        }
        break;
      case 'handedOn':
        if (open) {
          open.floor = event.team;
          if (event.team === null) open.mode = 'buzz';
          else open.had.push(event.team);
        }
        break;
      case 'answered': {
        const meant = noteOf(event.play);
        if (meant) {
          // Everyone for themselves, but where one team has the floor its answer is the team's.
          const forTeam = show.devices.score === 'teams' && meant.mode !== 'everyone';
          const each = show.devices.mode === 'each' && event.seat && !forTeam;
          const own = meant.alone?.who ?? (each ? event.seat : event.team);
          const before = meant.answers.get(own);
          meant.answers.set(own, {
            who: own,
            team: event.team,
            answer: event.answer,
            after: timeOf(meant, event.at),
            share: before?.share ?? null,
            ruled: before?.ruled ?? false,
          });
        }
        break;
      }
      case 'triedAgain':
        noteOf(event.play)?.answers.delete(event.who);
        break;
      case 'factored': {
        const { team, who = null, times, of = 'gain' } = event;
        noteOf(event.play)?.factors.push({ team, who, times, of });
        break;
      }
      case 'marked':
        for (const [who, share] of event.marks) {
          const own = noteOf(event.play)?.answers.get(who);
          if (own && !own.ruled) own.share = share;
        }
        break;
      case 'ruled': {
        const play = noteOf(event.play);
        if (!play) break;
        const { who } = event;
        const share = event.verdict === 'right' ? 1 : event.verdict === 'wrong' ? 0 : (event.share ?? 0.5);
        const before = play.answers.get(who);
        play.answers.set(who, {
          who,
          team: event.team,
          answer: before?.answer ?? null,
          after: before?.after ?? null,
          share,
          ruled: true,
        });
        break;
      }
      case 'settled': {
        const meant = noteOf(event.play);
        if (meant) {
          Object.assign(meant, {
            settledAt: event.seq,
            asked: event.results,
            members: membersNow(teamOfSeat),
          });
          loseLives(show, meant, lives, event.results);
          if (meant.round.format === 'climb') noteRung(meant, climbs, event, setOut, show);
        }
        break;
      }
      case 'left':
        open = null;
        break;
      default:
    }
  }
  return { show, names, played, others, rounds, climbs, left, since: anew.at(-1) ?? 0 };
}

/** Whoever still plays and was not right loses a life, unless all of those missed. */
export function loseLives(
  { devices }: Show,
  { answers, round, out, only }: PaperQuestion,
  lives: Map<string, number>,
  played: readonly { team: string }[] | null,
): void {
  const all = paperOf(round).lives(round);
  if (all === null || played === null) return;
  const alive = played.map(({ team }) => team).filter((team) => !out.has(team));
  const right = (team: string) => {
    const own = [...answers.values()].filter((one) => one.team === team);
    const byMembers = devices.mode === 'each' && devices.score === 'teams';
    if (!byMembers || devices.combine !== 'majority' || own.some((one) => one.who === team))
      return own.some((one) => (one.share ?? 0) > 0);
    return (majorityOnPaper(own)?.share ?? 0) > 0;
  };
  const missed = alive.filter((team) => !right(team));
  if (missed.length === alive.length && !(only && played.length === 1)) return;
  for (const team of missed) lives.set(team, (lives.get(team) ?? all) - 1);
}

function membersNow(teamOfSeat: ReadonlyMap<string, string>): Map<string, number> {
  const count = new Map<string, number>();
  for (const team of teamOfSeat.values()) count.set(team, (count.get(team) ?? 0) + 1);
  return count;
}
