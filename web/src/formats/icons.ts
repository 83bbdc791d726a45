import type { FormatName } from '@distaff/core/formats';
import {
  mdiDice5Outline,
  mdiFormatListNumbered,
  mdiGrid,
  mdiInformationOutline,
  mdiLifebuoy,
  mdiPoll,
  mdiRunFast,
  mdiScaleBalance,
  mdiStairsUp,
  mdiViewGridOutline,
} from '@mdi/js';

/** The sign of each format, in every list of rounds. */
export const formatIcons: Record<FormatName, string> = {
  board: mdiViewGridOutline,
  quiz: mdiFormatListNumbered,
  knockout: mdiLifebuoy,
  counterweight: mdiScaleBalance,
  climb: mdiStairsUp,
  claim: mdiGrid,
  trail: mdiDice5Outline,
  survey: mdiPoll,
  ownPace: mdiRunFast,
  interlude: mdiInformationOutline,
};
