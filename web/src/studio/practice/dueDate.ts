import { DateTime } from 'luxon';

/** A day and time as a field of the browser has it (2026-12-04T18:00), in a time zone; null for what is none. */
export function momentOf(local: string, zone: string): number | null {
  const read = DateTime.fromISO(local, { zone });
  return read.isValid ? read.toMillis() : null;
}

/** The same moment as the field has it. */
export const localOf = (at: number, zone: string): string =>
  DateTime.fromMillis(at, { zone }).toFormat("yyyy-MM-dd'T'HH:mm");

/** The zone of whoever sits here, and all that there are. */
export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
export const zones = (): string[] => [...new Set([ownZone(), 'UTC', ...Intl.supportedValuesOf('timeZone')])];

/** A moment as people write it, in the zone in which it was meant. */
export const dayIn = (at: number, zone: string, locale: string): string =>
  new Intl.DateTimeFormat(locale, {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    hour: 'numeric',
    minute: '2-digit',
    timeZone: zone,
  }).format(at);
