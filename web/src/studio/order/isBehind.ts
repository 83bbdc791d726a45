import type { Sequence } from '@distaff/core/formats';

/** Whether a rule asks for another number of questions than were taken by it; what is drawn at the doors anew never is. */
export const isBehind = ({ rule, items }: Pick<Sequence, 'rule' | 'items'>): boolean =>
  rule != null && !rule.anew && items.length > 0 && items.length < rule.count;
