import { formatOf, type FormatLive } from '../../formats/index.ts';
import type { SittingState } from '../state.ts';

/** What stage and desk see of a round beside what everybody sees: it changes too often for a thousand phones. */
export type LiveView = FormatLive;

export const liveView = ({ round }: SittingState): LiveView | null =>
  round && (formatOf(round.format).live(round.state) as LiveView | null);
