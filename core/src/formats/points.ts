import { whole } from '../text/schemas.ts';

/** Points may be any whole number within ± a million. */
export const Points = whole(-1_000_000, 1_000_000);
