import type { CellSign, Report } from '@distaff/core/report';

/** The signs that are explained; where somebody was not asked there is none. */
export const signsInOrder = ['r', 'p', 'w', 'n'] as const satisfies readonly CellSign[];
/** What an answer came to, as the sign that stands for it. */
export const signOf = { right: 'r', part: 'p', wrong: 'w', none: 'n' } as const satisfies Record<
  string,
  CellSign
>;
export const signAt = (row: string, column: number): CellSign => (row[column] ?? 'u') as CellSign;
export const orders = ['best', 'worst', 'name'] as const;
export type Order = (typeof orders)[number];

/** The rows of a report in the order that is wanted; whoever was asked nothing comes last. */
export function rowsInOrder({ knowers }: Pick<Report, 'knowers'>, order: Order, locale: string): number[] {
  const { compare } = new Intl.Collator(locale, { numeric: true });
  const rows = knowers.map((_, row) => row);
  const byName = (a: number, b: number) => compare(knowers[a]!.name, knowers[b]!.name);
  if (order === 'name') return rows.sort(byName);
  const sign = order === 'best' ? -1 : 1;
  return rows.sort((a, b) => {
    const [one, other] = [knowers[a]!.share, knowers[b]!.share];
    if (one === null || other === null) return Number(one === null) - Number(other === null);
    return sign * (one - other) || byName(a, b);
  });
}

/**
 * The columns of a report as a grid shows them: round by round, and in it those of one place, such as a category, beside
 * each other; with how many stand under each name.
 */
export function columnsInOrder(items: readonly { place: string; begun: number }[]): {
  columns: number[];
  places: { name: string; count: number }[];
} {
  const groups = new Map<string, { name: string; columns: number[] }>();
  items.forEach(({ place, begun }, column) => {
    const key = `${begun} ${place}`;
    const known = groups.get(key);
    if (known) known.columns.push(column);
    else groups.set(key, { name: place, columns: [column] });
  });
  const all = [...groups.values()];
  return {
    columns: all.flatMap(({ columns }) => columns),
    places: all.map(({ name, columns }) => ({ name, count: columns.length })),
  };
}
