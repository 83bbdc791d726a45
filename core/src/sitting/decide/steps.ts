import { kindOf, type StoredAnswer } from '../../question/kinds/index.ts';
import type { Random } from '../../random/shuffle.ts';
import type { Clock } from '../../time/clock.ts';
import type { Draft } from '../events.ts';
import { kindInPlay, rulesOf, writtenQuestion } from '../read/inPlay.ts';
import { paidFor, resultsOfQuestion, winnerOf, wonBy, worthTo } from '../read/points.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import {
  adviceOn,
  scoreNow,
  type QuestionInPlay,
  type Response,
  type SittingState,
  type Step,
} from '../state.ts';
import { factorsDue, limitFor, tithesDue, withFactors } from '../read/boosts.ts';
import { handOnTo, turnAfter } from '../read/turns.ts';
import type { Context } from './context.ts';
import { ofRound, withConsequences } from './consequences.ts';

/** The question in play if it stands at one of `steps`; otherwise why not. */
export function at(
  state: SittingState,
  ...steps: Step[]
): { question: QuestionInPlay; no: null } | { question: null; no: Refusal } {
  const question = state.question;
  if (!question) return { question: null, no: refuse('notNow', 'noneInPlay') };
  if (!steps.includes(question.step)) return { question: null, no: refuse('already', 'stepTaken') };
  return { question, no: null };
}

export function startClock(state: SittingState, question: QuestionInPlay, now: number): Draft {
  const limit = limitFor(state, question.question, question.mode === 'everyone' ? null : question.floor);
  const clock: Clock | null = limit === null ? null : { deadline: now + limit };
  return { type: 'opened', clock, limit };
}

export function pose(state: SittingState, { random }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'picked');
  return no ?? [posed(state, question.question, random)];
}

/** How the question with this id is laid out as it is posed. */
export function posed(state: SittingState, id: string, random: Random): Draft & { type: 'posed' } {
  const content = state.show.questions[id]!.answer;
  const rules = rulesOf(state);
  const kind = kindOf(content.kind);
  const order = kind.layOut(content, random, rules.shuffleOptions);
  // Where nothing may be shuffled (true and false, opinions) there is no order of one's own either.
  const own = rules.shuffleBySeat && kind.keyed && order.length > 2 && kind.given === 'handset';
  return { type: 'posed', order, ...(own ? { seed: random().toString(36).slice(2) } : {}) };
}

export function open(state: SittingState, { now }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'posed');
  if (no) return no;
  if (kindInPlay(state, question).given === 'nowhere') return refuse('notNow', 'card');
  return [startClock(state, question, now)];
}

/**
 * What the key says of all answers that wait for it, with `again` also of those that it has marked;
 * nothing where only the host can say.
 */
export function marked(
  state: SittingState,
  question: QuestionInPlay,
  extra: Response | null,
  again = false,
): Draft[] {
  const content = writtenQuestion(state, question).answer;
  const kind = kindOf(content.kind);
  const given = question.responses.filter((one) => one.answer !== null && one.who !== extra?.who);
  if (extra) given.push(extra);
  const counted = question.mode === 'everyone' ? given : given.filter((one) => one.team === question.floor);
  const among = counted.map((one) => one.answer as StoredAnswer);
  // The same answer is worth the same: a thousand people give a handful of different ones.
  const known = new Map<string, number | null>();
  const shareOf = (answer: StoredAnswer): number | null => {
    const text = JSON.stringify(answer);
    if (!known.has(text)) known.set(text, kind.mark(content, answer, among));
    return known.get(text)!;
  };
  const marks = counted
    .filter((one) => one.verdict === null || (again && one.by === 'key'))
    .flatMap((one): [string, number][] => {
      const share = shareOf(one.answer as StoredAnswer);
      return share === null ? [] : [[one.who, share]];
    });
  return marks.length > 0 ? [{ type: 'marked', marks }] : [];
}

/** Locks the question and marks by the key what can be marked. `extra` is an answer that comes with it. */
export function lock(
  state: SittingState,
  why: 'host' | 'all' | 'time',
  extra: Response | null = null,
): Draft[] | Refusal {
  const { question, no } = at(state, 'open');
  if (no) return no;
  if (adviceOn(question)) return refuse('notNow', 'adviceOn');
  return [{ type: 'locked', why }, ...marked(state, question, extra)];
}

export function showAnswers(state: SittingState): Draft[] | Refusal {
  const { no } = at(state, 'locked');
  return no ?? [{ type: 'answersShown' }];
}

export function showKey(state: SittingState): Draft[] | Refusal {
  if (state.question?.step === 'open') return refuse('notNow', 'lockBeforeAnswer');
  const { question, no } = at(state, 'locked', 'answers', 'settled');
  if (no) return no;
  return question.keyShown ? refuse('already', 'answerShown') : [{ type: 'keyShown' }];
}

export function showResponse(state: SittingState, who: string | null): Draft[] | Refusal {
  const { question, no } = at(state, 'locked', 'answers', 'key', 'settled');
  if (no) return no;
  if (who !== null && !question.byWho.get(who)?.answer) return refuse('notThere', 'noAnswer');
  if (who !== null && question.byWho.get(who)?.held) return refuse('notNow', 'answerHeld');
  if (question.onStage === who) return refuse('already', 'already');
  return [{ type: 'responseShown', who }];
}

/** What a wrong answer costs the team that has the floor; nothing for no answer. */
function penaltyFor(state: SittingState, question: QuestionInPlay): Draft[] {
  const team = question.floor;
  if (team === null || worthTo(state, question, team)?.verdict !== 'wrong') return [];
  const due = resultsOfQuestion(state, question, (one) => scoreNow(state, one));
  const amount = due?.find((one) => one.team === team)?.amount ?? 0;
  if (amount === 0) return [];
  const { play, ref, question: id } = question;
  const cause = { by: 'ruling', question: id, ref, verdict: 'wrong', play } as const;
  return [{ type: 'scored', team, amount, cause }];
}

export function handOn(state: SittingState, { now }: Context): Draft[] | Refusal {
  if (state.question?.keyShown) return refuse('notNow', 'answerOut');
  const { question, no } = at(state, 'posed', 'open', 'locked', 'answers');
  if (no) return no;
  const kind = kindInPlay(state, question);
  if (kind.given === 'nowhere') return refuse('notNow', 'nothingToAnswer');
  if (question.mode === 'everyone') return refuse('notNow', 'everyoneHas');
  if (question.floor === null) return refuse('notNow', 'anyoneBuzzes');
  if (wonBy(state, question)) return refuse('notNow', 'hasRight');
  if (question.step === 'open' && question.responses.some((one) => one.team === question.floor))
    return refuse('notNow', 'lockTeamFirst');
  const to = handOnTo(state, question);
  if (to === null) return refuse('notNow', 'allHad');
  const team = to === 'buzz' ? null : to.team;
  const factors = factorsDue(state, question).filter(({ why }) => why === 'forgive');
  const drafts: Draft[] = [
    ...factors,
    ...penaltyFor(state, withFactors(question, factors)),
    { type: 'handedOn', team },
  ];
  return question.step === 'posed' ? drafts : [...drafts, startClock(state, question, now)];
}

/** Writes the points into the ledger and closes the question. */
export function settle(state: SittingState): Draft[] | Refusal {
  const card = state.question && kindInPlay(state, state.question).given === 'nowhere';
  const { question, no } = at(state, 'locked', 'answers', 'key', ...(card ? (['posed'] as const) : []));
  if (no) return no;
  const paid = paidFor(state, question.play);
  const already = (team: string) => paid.get(team) ?? 0;
  const factors = factorsDue(state, question);
  const worth = withFactors(question, factors);
  const due = resultsOfQuestion(state, worth, (team) => scoreNow(state, team) - already(team));
  const results = due && due.map((one) => ({ ...one, amount: one.amount - already(one.team) }));
  const winner = winnerOf(state, question, due);
  const [settled, ...rest] = withConsequences(state, worth, {
    type: 'settled',
    winner,
    play: question.play,
    results,
  });
  return [...factors, settled!, ...ofRound(tithesDue(state, question, results), question.begun), ...rest];
}

export function leave(state: SittingState, { random }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'settled');
  return no ?? [{ type: 'left', turn: turnAfter(state, question, random) }];
}
