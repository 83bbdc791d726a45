import { formatOf, type FormatLive } from '../../formats/index.ts';
import type { SittingState } from '../state.ts';
import { surveyLive, type SurveyLive } from './poll.ts';

/** What stage and desk see of a round beside what everybody sees: it changes too often for a thousand phones. */
export type LiveView = FormatLive | SurveyLive;

export function liveView(state: SittingState): LiveView | null {
  const { round } = state;
  return surveyLive(state) ?? (round && (formatOf(round.format).live(round.state) as LiveView | null));
}
