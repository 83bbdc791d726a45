/**
 * Whether a request that changes something comes from our own pages: browsers name the origin of
 * such requests, and other sites' pages are turned away. A request without one is no browser's.
 */
export function ownOrigin(
  origin: string | undefined,
  host: string | undefined,
  publicUrl: string | null,
): boolean {
  if (origin === undefined) return true;
  if (publicUrl !== null && origin === new URL(publicUrl).origin) return true;
  return URL.canParse(origin) && new URL(origin).host === host;
}
