import { formatOf } from '../../formats/index.ts';
import type { AskedAlone, Settled } from '../../formats/format.ts';
import { verdictOf } from '../../question/kind.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import { isRunning, ALLOWANCE } from '../../time/clock.ts';
import type { Draft } from '../events.ts';
import { thoughtFor } from '../evolveQuestion.ts';
import { aloneIn } from '../read/alone.ts';
import { alike } from '../read/alike.ts';
import { isAsking, isRoundOver, whoIsAsked, type Asked } from '../read/asking.ts';
import { factorsDue, limitFor, tithesDue, withFactors } from '../read/boosts.ts';
import { tableOf } from '../read/table.ts';
import { rulesOf } from '../read/inPlay.ts';
import { paidFor, resultsOfQuestion, winnerOf } from '../read/points.ts';
import { scoreNow, type QuestionInPlay, type Response, type SittingState } from '../state.ts';
import { unruled } from '../unruled.ts';
import { ofRound, withConsequences } from './consequences.ts';
import type { Context } from './context.ts';
import { marked, posed } from './steps.ts';

type Ruled = Draft & { type: 'ruled' };

/** Begins to ask everybody who is here, each alone. */
export function start(state: SittingState, context: Context): Draft[] | Refusal {
  const { round } = state;
  if (state.phase !== 'round' || !round || aloneIn(state) === null) return refuse('notNow', 'nothingToStart');
  if (round.startedAt !== null) return refuse('already', 'started');
  const everybody = whoIsAsked(state);
  if (everybody.length === 0) return refuse('notNow', 'nobodyToAnswer');
  const limit = limitOf(state);
  const clock = limit === null ? null : { deadline: context.now + limit };
  const welcomed = new Set<string>();
  return [
    { type: 'roundStarted', clock, limit },
    ...everybody.flatMap((one) => askFirst(state, one, welcomed, context)),
  ];
}

/** The length of the clock of the round that is on (ms), or null. */
export function limitOf(state: SittingState): number | null {
  const { roundClock } = rulesOf(state);
  return roundClock === null ? null : roundClock * 1000;
}

/** The first question of one who begins, with what their team is given. `welcomed` are teams that were given it. */
export function askFirst(state: SittingState, one: Asked, welcomed: Set<string>, context: Context): Draft[] {
  const { format, state: own, tracks } = state.round!;
  const known = welcomed.has(one.team) || [...tracks.values()].some(({ team }) => team === one.team);
  welcomed.add(one.team);
  const given = known ? [] : formatOf(format).welcomes(own, one.team);
  return [...ofThisRound(state, given, one.who), ...askNext(state, one, context)];
}

/** The next question for one who is asked alone; nothing where there is none left, or they choose themselves. */
export function askNext(state: SittingState, one: Asked, context: Context): Draft[] {
  const round = state.round!;
  const picked = formatOf(round.format).ask(round.state, one.who, context.random);
  return picked ? [asked(state, one, picked, context)] : [];
}

/** A team takes on what it has chosen. */
export function takeAlone(
  state: SittingState,
  ref: string,
  team: string,
  context: Context,
): Draft[] | Refusal {
  const { format, state: own, held } = state.round!;
  const one = whoIsAsked(state).find(({ who }) => who === team);
  if (!one) return refuse('notThere', 'noTeam');
  if (held) return refuse('notNow', 'paused');
  if (isRoundOver(state)) return refuse('late', 'roundOver');
  if (state.asked.get(team)?.step === 'open') return refuse('already', 'answerFirst');
  const picked = formatOf(format).take(own, team, ref, tableOf(state, context.now), context.random);
  return isRefusal(picked) ? picked : [asked(state, one, picked, context)];
}

function asked(
  state: SittingState,
  { who, team }: Asked,
  picked: AskedAlone,
  { now, random }: Context,
): Draft {
  const written = state.show.questions[picked.question]!;
  const { order } = posed(state, picked.question, random);
  const limit = limitFor(state, picked.question, team);
  return {
    type: 'asked',
    to: who,
    team,
    ref: picked.ref,
    question: picked.question,
    points: picked.points * written.weight,
    ...(picked.loss === undefined ? {} : { loss: picked.loss * written.weight }),
    // Without phones the host tells them, and reads out the next one.
    key: picked.key && state.show.devices.mode !== 'none',
    order,
    clock: limit === null ? null : { deadline: now + limit },
    limit,
  };
}

/** Lines of the ledger that a format writes, as those of the round that is on. */
const ofThisRound = (state: SittingState, drafts: readonly Draft[], to: string): Draft[] =>
  ofRound(drafts, state.begun.length - 1).map((draft) =>
    draft.type === 'scored' && draft.cause.by === 'format' ? { ...draft, to } : draft,
  );

/** What everything comes to that was asked of one, once they have given an answer, or their time is up. */
export function concluded(
  state: SittingState,
  question: QuestionInPlay,
  response: Response | null,
  context: Context,
): Draft[] {
  const { play } = question;
  const over = response
    ? { ...question, responses: [response], byWho: new Map([[response.who, response]]) }
    : question;
  const paid = paidFor(state, play);
  const factors = factorsDue(state, over);
  const worth = withFactors(over, factors);
  const results = resultsOfQuestion(state, worth, (team) => scoreNow(state, team) - (paid.get(team) ?? 0));
  const to = question.to!;
  const settled = { type: 'settled', winner: winnerOf(state, over, results), play, results, to } as const;
  const [first, ...rest] = withConsequences(state, worth, settled);
  // Where they are shown the key they say themselves when they go on.
  const next = question.keyAfter ? [] : askNext(state, { who: to, team: question.floor! }, context);
  return [
    ...factors,
    first!,
    ...ofThisRound(state, [...tithesDue(state, over, results), ...rest], to),
    ...withdrawn(state, settled, over.ref),
    ...next,
  ];
}

/** Questions of others that are void with what was settled. */
function withdrawn(state: SittingState, settled: Settled, ref: string): Draft[] {
  const { format, state: own } = state.round!;
  return formatOf(format)
    .withdraws(own, settled, ref)
    .flatMap((to): Draft[] => {
      const question = state.asked.get(to);
      return question?.step === 'open' ? [{ type: 'withdrawn', to, play: question.play }] : [];
    });
}

/** The response as it stands after `drafts` marked it: by the key, or as the host ruled on others that say the same. */
export function markedAlone(
  state: SittingState,
  question: QuestionInPlay,
  given: Pick<Response, 'who' | 'team' | 'seat' | 'answer'>,
  { now }: Context,
): { response: Response; drafts: Draft[] } {
  const after = thoughtFor(question, question.openedAt!, now);
  const response = unruled({ ...given, after });
  const ruled = state.round!.ruledAlike.get(alike(question, given.answer!));
  const drafts: Draft[] =
    ruled === undefined
      ? marked(state, question, response).map((one) => ({ ...one, play: question.play }) as Draft)
      : [{ type: 'marked', marks: [[given.who, ruled]], play: question.play }];
  const share = drafts[0]?.type === 'marked' ? drafts[0].marks[0]![1] : null;
  if (share !== null) Object.assign(response, { share, verdict: verdictOf(share), by: 'key' });
  return { response, drafts };
}

/** The host rules on what one was asked and did not answer on a handset: said aloud, or written on paper. */
export function ruleAlone(
  state: SittingState,
  question: QuestionInPlay,
  ruling: Ruled,
  context: Context,
): Draft[] | Refusal {
  if (state.asked.get(question.to!) !== question) return refuse('late', 'questionOver');
  const { who, team, verdict } = ruling;
  const share = ruling.share ?? (verdict === 'right' ? 1 : 0);
  const response = unruled({ who, team, seat: null, answer: null, after: null });
  return [ruling, ...concluded(state, question, { ...response, verdict, share, by: 'host' }, context)];
}

/** Goes on to the next question after the key was seen. */
export function goOn(state: SittingState, play: number, context: Context): Draft[] | Refusal {
  const question = mine(state, play, context);
  if (isRefusal(question)) return question;
  if (question.step !== 'settled') return refuse('notNow', 'answerFirst');
  if (!isAsking(state)) return refuse('late', 'roundOver');
  if (state.round!.held) return refuse('notNow', 'paused');
  return askNext(state, { who: question.to!, team: question.floor! }, context);
}

/** The question that whoever asks for it has before them, if it goes by this number. */
function mine(state: SittingState, play: number, { actor }: Context): QuestionInPlay | Refusal {
  const question = state.plays.get(play);
  if (!question || question.to === null || state.asked.get(question.to) !== question)
    return refuse('already', 'questionOver');
  if (actor.role === 'host') return question;
  const seat = actor.role === 'seat' ? state.seats.get(actor.id) : undefined;
  const own = seat && !seat.removed && (question.to === seat.id || question.to === seat.team);
  return own ? question : refuse('notYours', 'othersQuestion');
}

/** Gives one their last question again: their answer to it, and all since, did not happen. */
export function askAgain(state: SittingState, to: string): Draft[] | Refusal {
  if (!isAsking(state)) return refuse('notNow', 'nobodyAlone');
  const plays = [...state.plays.values()].filter(
    (one) => one.to === to && one.begun === state.begun.length - 1 && one.settledAt !== null,
  );
  const last = plays.at(-1);
  return last ? [{ type: 'answerUndone', to, play: last.play }] : refuse('notNow', 'noAnswersYet');
}

/** When the clock of somebody's own question runs out first (server ms), or null. */
export function aloneOver({ asked }: SittingState): number | null {
  let first: number | null = null;
  for (const { step, clock } of asked.values())
    if (step === 'open' && isRunning(clock) && (first === null || clock.deadline + ALLOWANCE < first))
      first = clock.deadline + ALLOWANCE;
  return first;
}

/** Ends the questions of all whose own clock has run out. */
export function timeUpAlone(state: SittingState, context: Context): Draft[] {
  return [...state.asked.values()]
    .filter(
      ({ step, clock }) => step === 'open' && isRunning(clock) && clock.deadline + ALLOWANCE <= context.now,
    )
    .flatMap((question) => concluded(state, question, null, context));
}
