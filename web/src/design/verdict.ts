import { mdiCheckBold, mdiCircleHalfFull, mdiCloseThick, mdiMinusThick } from '@mdi/js';

/** How a verdict is told everywhere: by icon and word, never by colour alone. */
export const verdictIcon = {
  right: mdiCheckBold,
  part: mdiCircleHalfFull,
  wrong: mdiCloseThick,
  none: mdiMinusThick,
} as const;
export const verdictWord = {
  right: 'common.right',
  part: 'common.part',
  wrong: 'common.wrong',
  none: 'common.noAnswer',
} as const;
