import type { Report } from '@distaff/core/report';

export const itemOrders = ['played', 'hardest', 'flagged'] as const;
export type ItemOrder = (typeof itemOrders)[number];

/** Flags in the order of what they may mean: a wrong key first. */
const worth = { contrary: 0, tempting: 1, nobody: 2, silent: 3, everybody: 4 } as const;

/** Questions in the order that is wanted; equal ones as they were played. */
export function itemsInOrder(items: Report['items'], order: ItemOrder): Report['items'] {
  const by = ({ figures }: Report['items'][number]): number => {
    if (order === 'hardest') return figures.share ?? 2;
    return Math.min(9, ...figures.flags.map((flag) => worth[flag]));
  };
  return order === 'played' ? items : [...items].sort((a, b) => by(a) - by(b) || a.number - b.number);
}
