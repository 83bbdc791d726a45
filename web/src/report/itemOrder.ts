import { flags, type Report } from '@distaff/core/report';

export const itemOrders = ['played', 'hardest', 'flagged'] as const;
export type ItemOrder = (typeof itemOrders)[number];

/** Questions in the order that is wanted; equal ones as they were played. */
export function itemsInOrder(items: Report['items'], order: ItemOrder): Report['items'] {
  const by = ({ figures }: Report['items'][number]): number => {
    if (order === 'hardest') return figures.share ?? 2;
    return Math.min(flags.length, ...figures.flags.map((flag) => flags.indexOf(flag)));
  };
  return order === 'played' ? items : [...items].sort((a, b) => by(a) - by(b) || a.number - b.number);
}
