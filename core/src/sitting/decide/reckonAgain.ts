import { verdictOf } from '../../question/kind.ts';
import type { Draft, Result } from '../events.ts';
import { paidFor, resultsOfQuestion, winnerOf } from '../read/points.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';
import { unruled } from '../unruled.ts';
import { withConsequences } from './consequences.ts';

/** A question with further rulings on it, as if they had been made at once. */
function withRulings(
  question: QuestionInPlay,
  rulings: readonly (Draft & { type: 'ruled' })[],
): QuestionInPlay {
  const byWho = new Map(question.byWho);
  for (const { team, who = team, verdict, share, by } of rulings) {
    const before = byWho.get(who);
    const said = unruled({ who, team, seat: null, answer: null, after: null });
    byWho.set(who, { ...(before ?? said), verdict, share: share ?? (verdict === 'right' ? 1 : 0), by });
  }
  return { ...question, byWho, responses: [...byWho.values()] };
}

/** A question that was settled, as it is weighed now, with further rulings on it. */
export interface Changed {
  question: QuestionInPlay;
  rulings: readonly (Draft & { type: 'ruled' })[];
}

/**
 * What follows from rulings on questions of one round that were settled: the points of those questions, and of
 * all later ones that depend on them by a floor for scores, as if it had been so from the start.
 */
export function reckonAgain(state: SittingState, changed: readonly Changed[]): Draft[] {
  const [one] = changed;
  if (!one) return [];
  const revised = new Map(
    changed.map(({ question, rulings }) => [question.play, withRulings(question, rulings)]),
  );
  const from = Math.min(...changed.map(({ question }) => question.settledAt!));
  const since = state.begun[one.question.begun]!.since;
  const plays = [...state.plays.values()]
    .filter((play) => play.settledAt !== null && state.begun[play.begun]!.since === since)
    .map((play) => revised.get(play.play) ?? play)
    .sort((a, b) => a.settledAt! - b.settledAt!);
  const others = state.ledger.filter(({ cause, seq }) => cause.by !== 'ruling' && seq >= since);
  const score = new Map<string, number>();
  const give = (team: string, amount: number) => score.set(team, (score.get(team) ?? 0) + amount);
  const drafts: Draft[] = [];
  let next = 0;
  for (const play of plays) {
    for (; next < others.length && others[next]!.seq < play.settledAt!; next++)
      give(others[next]!.team, others[next]!.amount);
    const results = resultsOfQuestion(state, play, (team) => score.get(team) ?? 0);
    for (const { team, amount } of results ?? []) give(team, amount);
    if (play.settledAt! < from) continue;
    drafts.push(...corrections(state, play, results));
    if (revised.has(play.play))
      drafts.push(
        ...withConsequences(state, play, {
          type: 'resettled',
          play: play.play,
          winner: winnerOf(state, play, results),
          results,
        }),
      );
  }
  return drafts;
}

/** What is still to be entered so that the ledger says `results` of a question. */
function corrections(state: SittingState, play: QuestionInPlay, results: readonly Result[] | null): Draft[] {
  const paid = paidFor(state, play.play);
  return (results ?? []).flatMap(({ team, share, amount }): Draft[] => {
    const missing = amount - (paid.get(team) ?? 0);
    if (missing === 0) return [];
    const cause = {
      by: 'ruling',
      question: play.question,
      ref: play.ref,
      verdict: verdictOf(share),
      play: play.play,
      revised: true,
    } as const;
    return [{ type: 'scored', team, amount: missing, cause }];
  });
}
