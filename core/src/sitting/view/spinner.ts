import type { SpunWhat } from '../../formats/events.ts';
import type { Surprise } from '../../show/spinner.ts';
import { surpriseAt } from '../read/spinner.ts';
import type { SittingState } from '../state.ts';

/** A field of the spinner as everybody sees it. */
export interface FieldView {
  label: string;
  /** The team that it stands for, so that its weave can be shown; null for none. */
  team: string | null;
  surprise: Surprise | null;
  weight: number;
}

export interface SpinnerView {
  what: SpunWhat;
  team: string | null;
  fields: FieldView[];
  /** Of how many parts in all the weights are. */
  of: number;
  /** What came up, how often the shuttle passes and since when (server ms); null before it was thrown. */
  field: number | null;
  passes: number;
  spunAt: number | null;
}

/** Of very many fields so many are shown, with the one that came up among them. */
const SHOWN = 40;

export function spinnerView(state: SittingState): SpinnerView | null {
  const { spinner } = state;
  if (!spinner) return null;
  const { what, team, fields, field, passes, spunAt } = spinner;
  const of = fields.reduce((sum, { weight }) => sum + weight, 0);
  const from = Math.max(0, Math.min((field ?? 0) - SHOWN / 2, fields.length - SHOWN));
  const teamOf = (ref: string) =>
    what === 'team' ? ref : what === 'player' ? (state.seats.get(ref)?.team ?? null) : null;
  return {
    what,
    team,
    fields: fields.slice(from, from + SHOWN).map(({ ref, label, weight }) => ({
      label,
      weight,
      team: teamOf(ref),
      surprise: what === 'surprise' ? surpriseAt(state, ref) : null,
    })),
    of,
    field: field === null ? null : field - from,
    passes,
    spunAt,
  };
}
