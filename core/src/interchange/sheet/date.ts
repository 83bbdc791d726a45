import * as v from 'valibot';
import { isoDate } from '../../text/schemas.ts';

/**
 * A day as people write it: 2026-03-31, 31.03.2026, 31/3/2026. With slashes the day stands first,
 * unless that cannot be (3/31/2026). @returns YYYY-MM-DD or null.
 */
export function readDate(text: string): string | null {
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ].*)?$/.exec(text);
  const local = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4})$/.exec(text);
  const day = (year: string, month: string, date: string) =>
    `${year}-${month.padStart(2, '0')}-${date.padStart(2, '0')}`;
  const candidates = iso
    ? [day(iso[1]!, iso[2]!, iso[3]!)]
    : local
      ? [day(local[4]!, local[3]!, local[1]!), day(local[4]!, local[1]!, local[3]!)]
      : [];
  return candidates.find((candidate) => v.safeParse(isoDate, candidate).success) ?? null;
}
