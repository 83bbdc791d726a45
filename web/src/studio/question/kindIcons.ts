import type { KindName } from '@distaff/core/question';
import {
  mdiCardTextOutline,
  mdiCheckboxMultipleMarkedOutline,
  mdiFormTextbox,
  mdiMicrophoneOutline,
  mdiNumeric,
  mdiPoll,
  mdiRadioboxMarked,
  mdiSortNumericAscending,
  mdiSwapHorizontal,
  mdiThumbsUpDownOutline,
} from '@mdi/js';

export const kindIcons: Record<KindName, string> = {
  choice: mdiRadioboxMarked,
  many: mdiCheckboxMultipleMarkedOutline,
  truefalse: mdiThumbsUpDownOutline,
  text: mdiFormTextbox,
  number: mdiNumeric,
  order: mdiSortNumericAscending,
  match: mdiSwapHorizontal,
  aloud: mdiMicrophoneOutline,
  opinion: mdiPoll,
  card: mdiCardTextOutline,
};
