import type { ClimbView } from '@distaff/core/formats';
import { mdiChartBar, mdiFormatLineSpacing, mdiMessageOutline } from '@mdi/js';

export type AssistName = ClimbView['assists'][number]['assist'];

/** The sign of each assist. */
export const assistIcons: Record<AssistName, string> = {
  thin: mdiFormatLineSpacing,
  voice: mdiMessageOutline,
  room: mdiChartBar,
};
