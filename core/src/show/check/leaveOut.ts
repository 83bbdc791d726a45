import { formatOf } from '../../formats/index.ts';
import type { Show } from '../show.ts';
import { findingsOfRound } from './check.ts';
import type { ShowFinding } from './finding.ts';

/**
 * What is switched off, by its id, so that a show can be played without a round that is not ready: the round,
 * and what only tells how it is played. Nothing where no other round could be played, or where the
 * finding keeps no round from being played.
 */
export function leftOutFor(show: Show, { round, mustMend }: ShowFinding): string[] {
  const at = show.rounds.findIndex((one) => one.id === round);
  if (at < 0 || !mustMend) return [];
  const before = show.rounds[at - 1];
  const told = before?.format === 'interlude' && before.content.what === 'howTo' && !before.content.text;
  const out = [...(told ? [before.id] : []), show.rounds[at]!.id];
  return hasReadyRound(show, out) ? out : [];
}

/** Whether anything is asked in the rounds that stay, in one that is ready. */
const hasReadyRound = (show: Show, out: readonly string[]): boolean =>
  show.rounds.some(
    (one) =>
      !one.off &&
      !out.includes(one.id) &&
      formatOf(one.format).asks &&
      findingsOfRound(show, one).every(({ mustMend }) => !mustMend),
  );
