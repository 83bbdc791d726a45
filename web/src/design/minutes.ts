/** Time that is left (ms) as people read a long clock: 4:12, and 0:07 at its end. */
export function minutesOf(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
