/** Every text in a value, however deep. */
export function stringsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(stringsIn) : [];
}
