import type { ShowFinding } from '@distaff/core/show';
import type { EditorTab } from '../editor.ts';

/** Rules of a round mend these; the others are mended where its questions are. */
const byRules: ReadonlySet<ShowFinding['code']> = new Set(['buzzKeys', 'noWayBack']);

/** The part of the editor where a finding is mended. */
export function tabFor(code: ShowFinding['code'], round: string | null): EditorTab {
  if (code === 'allOff') return 'order';
  if (code === 'contrast' || code === 'lookMissing') return 'look';
  if (round === null) return 'teams';
  return byRules.has(code) ? 'rules' : 'board';
}
