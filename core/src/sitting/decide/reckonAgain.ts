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

/**
 * What follows from rulings on a question that was settled: the points of that question, and of
 * all later ones that depend on them by a floor for scores, as if it had been so from the start.
 */
export function reckonAgain(
  state: SittingState,
  changed: QuestionInPlay,
  rulings: readonly (Draft & { type: 'ruled' })[],
): Draft[] {
  const revised = withRulings(changed, rulings);
  const since = state.begun[changed.begun]!.since;
  const plays = [...state.plays.values()]
    .filter((one) => one.settledAt !== null && state.begun[one.begun]!.since === since)
    .map((one) => (one.play === changed.play ? revised : one))
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
    if (play.settledAt! < changed.settledAt!) continue;
    drafts.push(...corrections(state, play, results));
    if (play.play === changed.play)
      drafts.push(
        ...withConsequences(state, play, {
          type: 'resettled',
          play: play.play,
          winner: winnerOf(play, results),
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
