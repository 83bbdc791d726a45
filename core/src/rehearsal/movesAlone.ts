import { readingSilently } from '../show/length/question.ts';
import type { Actor } from '../sitting/events.ts';
import { formatOf } from '../formats/index.ts';
import { isRefusal } from '../refusal.ts';
import { tableOf } from '../sitting/read/table.ts';
import { isAsking } from '../sitting/read/asking.ts';
import { ruledOut } from '../sitting/read/answering.ts';
import { kindInPlay, writtenQuestion } from '../sitting/read/inPlay.ts';
import type { QuestionInPlay, SittingState } from '../sitting/state.ts';
import { choosesAlone } from '../sitting/read/alone.ts';
import { guess } from './guess.ts';
import type { Move, Rehearsal } from './move.ts';
import { boosting } from './boosting.ts';
import { around, here, knows, seatOf, teamFor, THINKING } from './standInMoves.ts';
import type { StandIn } from './room.ts';

const HOST: Actor = { role: 'host', id: 'stand-in' };
/** How long somebody looks at the key before they go on (ms), and how long a host takes over what is said. */
const LOOKING = 2500;
const SAYING = 6000;
const CHOOSING = 3500;

/** What stand-ins do with questions that were asked of them alone, where they have a new one or have seen its key. */
export function movesAlone(rehearsal: Rehearsal, state: SittingState, now: number): Move[] {
  if (!isAsking(state)) {
    rehearsal.seenAlone.clear();
    return [];
  }
  if (state.round!.held) {
    // What was meant before is planned anew once it goes on.
    rehearsal.seenAlone.clear();
    return [];
  }
  const voices = new Map<string, StandIn>();
  for (const one of here(rehearsal, state)) {
    const team = teamFor(state, one);
    if (team === '') continue;
    if (state.asked.has(one.seat)) voices.set(one.seat, one);
    else if (!voices.has(team)) voices.set(team, one);
  }
  return [...voices].flatMap(([to, voice]) => {
    const question = state.asked.get(to);
    const seen = question ? situation(state, question) : '';
    if (question?.step !== 'open' && choosesAlone(state)) return taken(rehearsal, state, to, voice, now);
    if (!question || rehearsal.seenAlone.get(to) === seen) return [];
    rehearsal.seenAlone.set(to, seen);
    return doneWith(rehearsal, state, question, voice, now);
  });
}

/** A name for what one has before them: moves are planned once for each. */
function situation(state: SittingState, { play, step, to, floor, again, boosts }: QuestionInPlay): string {
  const held = state.boosts.get(floor ?? '')?.length ?? 0;
  const running = state.running.filter(({ team }) => team === floor).length;
  return [play, step, again.get(to!)?.answers.length ?? 0, boosts.length, held, running].join(' ');
}

/** A team that chooses what it takes on; planned anew where somebody else was there before. */
function taken(
  { random, seenAlone }: Rehearsal,
  state: SittingState,
  team: string,
  voice: StandIn,
  now: number,
): Move[] {
  const { format, state: own } = state.round!;
  const after = state.asked.get(team)?.play ?? 0;
  const before = seenAlone.get(team)?.split(' ') ?? [];
  const stands = (ref: string) =>
    !isRefusal(formatOf(format).take(own, team, ref, tableOf(state, Infinity), random));
  if (before[0] === CHOICE && before[1] === `${after}` && stands(before[2]!)) return [];
  const next = formatOf(format).moveAlone(own, team, random);
  if (next === null) return [];
  seenAlone.set(team, `${CHOICE} ${after} ${next.ref}`);
  const without = state.show.devices.mode === 'none';
  const command = { type: 'choose', ref: next.ref, ...(without ? { team } : {}) } as const;
  const at = Math.max(now, next.from) + around(CHOOSING, random) * voice.slowness;
  return [
    {
      at,
      actor: without ? HOST : seatOf(voice),
      command,
      when: { to: team, after },
      roundTrip: voice.roundTrip,
    },
  ];
}
const CHOICE = 'choice';

function doneWith(
  { random }: Rehearsal,
  state: SittingState,
  question: QuestionInPlay,
  voice: StandIn,
  now: number,
): Move[] {
  const { play, step } = question;
  const when = { to: question.to!, play, step };
  const { roundTrip } = voice;
  const aloud = kindInPlay(state, question).given === 'aloud';
  const without = aloud || state.show.devices.mode === 'none';
  if (step === 'settled') {
    const at = now + around(LOOKING, random) * voice.slowness;
    return without ? [] : [{ at, actor: seatOf(voice), command: { type: 'goOn', play }, when, roundTrip }];
  }
  const written = writtenQuestion(state, question);
  const right = knows(voice, written, random);
  const reading = readingSilently(written) * 1000 * 0.6;
  const at = now + reading + around(THINKING, random) * voice.slowness;
  if (without) {
    const verdict = right ? 'right' : 'wrong';
    const command = { type: 'rule', team: question.floor!, verdict, play } as const;
    return [{ at: at + around(SAYING, random), actor: HOST, command, when, roundTrip: 0 }];
  }
  const out = ruledOut(state, question, [question.to!]);
  const boost = boosting(state, question.floor!, random);
  if (boost) return [{ at: now + reading, actor: seatOf(voice), command: boost, when, roundTrip }];
  const answer = guess(written, question.order, right, random, out);
  if (!answer) return [];
  return [{ at, actor: seatOf(voice), command: { type: 'answer', play, answer }, when, roundTrip }];
}
