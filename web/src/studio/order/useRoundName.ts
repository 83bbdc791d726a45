import type { Round } from '@distaff/core/show';
import { useRoundTitle } from '../../design/useRoundTitle.ts';

/** What people call a round of the show that is written. */
export function useRoundName() {
  const titleOf = useRoundTitle();
  return ({ title, format, content }: Round): string =>
    titleOf({ title, format, what: 'what' in content ? content.what : null });
}
