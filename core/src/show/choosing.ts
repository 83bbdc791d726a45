import { asksAs, formatOf } from '../formats/index.ts';
import type { Devices } from './devices.ts';
import type { Round } from './show.ts';

/** Whether those of a team, each with a phone, can choose together what is asked in a round. */
export const canChooseTogether = (round: Round, { mode, score }: Devices): boolean =>
  formatOf(round.format).chosenByHandset &&
  asksAs(round) === 'together' &&
  mode === 'each' &&
  score === 'teams';
