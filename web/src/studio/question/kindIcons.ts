import type { KindName } from '@distaff/core/question';
import {
  mdiCardTextOutline,
  mdiCheckboxMultipleMarkedOutline,
  mdiFormatQuoteOpen,
  mdiFormTextbox,
  mdiMicrophoneOutline,
  mdiNumeric,
  mdiPoll,
  mdiRadioboxMarked,
  mdiRulerSquare,
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
  scale: mdiRulerSquare,
  words: mdiFormatQuoteOpen,
  card: mdiCardTextOutline,
};
