import type { FieldView, SpinnerView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../useFormat.ts';

/** How long each pass of the shuttle takes (ms): it slows down. */
const PASSES = [300, 350, 450, 600, 900, 1000];
/** It lies still before the field is woven. */
const STILL = 300;

/** What the fields of a spinner are called, and how long the shuttle is on its way. */
export function useSpinner() {
  const { t } = useI18n();
  const { change } = useFormat();
  function nameOf({ label, surprise }: FieldView): string {
    if (!surprise) return label;
    if (surprise.does === 'points') return change(surprise.amount);
    if (surprise.does === 'boost') return t(`extras.boosts.name.${surprise.boost}`);
    return t(`extras.spinner.does.${surprise.does}`);
  }
  const oddsOf = ({ weight }: FieldView, { of }: SpinnerView): string =>
    t('extras.spinner.odds', { n: weight, of });
  const titleOf = ({ what }: SpinnerView, team: string): string => t(`extras.spinner.what.${what}`, { team });
  return { nameOf, oddsOf, titleOf };
}

/** The last so many passes, the slowest last, and how long they take with the stillness after them (ms). */
export function passesOf(count: number): { passes: number[]; total: number } {
  const passes = PASSES.slice(Math.max(0, PASSES.length - count));
  return { passes, total: passes.reduce((sum, one) => sum + one, STILL) };
}
