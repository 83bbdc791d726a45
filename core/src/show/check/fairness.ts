import { formatOf } from '../../formats/index.ts';
import { kindOf } from '../../question/kinds/index.ts';
import { lacksOf } from '../../question/asPlayed.ts';

import { questionsIn } from '../fill.ts';
import type { Round, Show } from '../show.ts';
import type { ShowFinding } from './finding.ts';

const finding = (
  round: Round | null,
  code: ShowFinding['code'],
  params: ShowFinding['params'] = {},
): ShowFinding => ({ code, ref: null, question: null, params, mustMend: false, round: round?.id ?? null });

/** The worth of every question of a round that can be played and has a key. */
function worths(show: Show, round: Round): number[] {
  const counts = (id: string | null) => {
    const question = id === null ? undefined : show.questions[id];
    if (!question || lacksOf(question).length > 0 || !kindOf(question.answer.kind).keyed) return 0;
    return question.weight;
  };
  return formatOf(round.format)
    .places(round.content)
    .map(({ question, points }) => points * counts(question));
}

/** Turns that do not come out even, and values by which the rest no longer matters. */
export function fairnessFindings(show: Show, rounds: readonly Round[], teams: number): ShowFinding[] {
  const found: ShowFinding[] = [];
  for (const round of rounds) {
    const format = formatOf(round.format);
    const rules = { ...round.rules, ...format.prescribes };
    const together = format.alone(round.content) === null;
    const inList = together && format.inTurns && !format.chosen && !format.ranksOtherwise;
    if (inList && rules.floor === 'turn' && rules.turns === 'inOrder' && teams > 0) {
      const count = questionsIn(round).filter((id) => {
        const question = show.questions[id];
        return question && lacksOf(question).length === 0;
      }).length;
      if (count > 0 && count % teams !== 0) found.push(finding(round, 'listUneven', { count, teams }));
    }
    // Where everyone answers and a miss costs the value, one question of half the round's worth settles it.
    if (
      together &&
      rules.penalty === 'full' &&
      rules.lowest === null &&
      rules.floor === 'everyone' &&
      !format.ranksOtherwise
    ) {
      const own = worths(show, round).map(Math.abs);
      const most = Math.max(0, ...own);
      const sum = own.reduce((total, one) => total + one, 0);
      if (own.length > 2 && most * 2 > sum) found.push(finding(round, 'noWayBack', { points: most }));
    }
  }
  const all = rounds.flatMap((round) =>
    worths(show, round).map((points) => ({ round, points: Math.abs(points) })),
  );
  const top = all.reduce((best, one) => (one.points > best.points ? one : best), {
    round: null as Round | null,
    points: 0,
  });
  const rest = all.reduce((sum, one) => sum + one.points, 0) - top.points;
  if (all.length > 2 && top.points > rest && rest > 0)
    found.push(finding(top.round, 'oneDecides', { points: top.points, rest }));
  return found;
}
