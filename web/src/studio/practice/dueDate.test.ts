import { expect, test } from '@jest/globals';
import { dayIn, localOf, momentOf, zones } from './dueDate.ts';

// Offsets of the IANA time zone database; the clocks of Europe change on 29 March 2026 and 25 October 2026 at 01:00 UTC.
test.each([
  ['2026-12-04T18:00', 'Europe/Berlin', '2026-12-04T17:00:00Z'],
  ['2026-07-04T18:00', 'Europe/Berlin', '2026-07-04T16:00:00Z'],
  ['2026-10-25T03:30', 'Europe/Berlin', '2026-10-25T02:30:00Z'],
  ['2026-12-04T18:00', 'Asia/Kathmandu', '2026-12-04T12:15:00Z'],
  ['2026-12-04T18:00', 'America/St_Johns', '2026-12-04T21:30:00Z'],
])('%s in %s is %s, and back', (local, zone, utc) => {
  expect(momentOf(local, zone)).toBe(Date.parse(utc));
  expect(localOf(Date.parse(utc), zone)).toBe(local);
});

test('what is no date, or no zone, is none; a moment is told in the zone in which it was meant', () => {
  expect(momentOf('', 'UTC')).toBeNull();
  expect(momentOf('2026-02-30T10:00', 'UTC')).toBeNull();
  expect(momentOf('2026-02-20T10:00', 'Nowhere/Town')).toBeNull();
  expect(dayIn(Date.parse('2026-12-04T17:00:00Z'), 'Europe/Berlin', 'en-GB')).toContain('18:00');
  expect(zones()).toContain('Europe/Berlin');
});
