/** One question about the time: sent and received on the client's clock, answered on the server's (ms). */
export interface TimeSample {
  sent: number;
  server: number;
  received: number;
}

/**
 * How far the server's clock is ahead of the client's (ms), and how sure that is. Offset and delay
 * of each sample by RFC 5905 section 8 (with one server stamp, T2 = T3); then the mean of the half
 * with the lowest round trips. Different ways up and down cannot be seen from here, so the
 * uncertainty is half the best round trip. Null without samples.
 */
export function clockOffset(samples: readonly TimeSample[]): { offset: number; uncertainty: number } | null {
  if (samples.length === 0) return null;
  const rows = samples
    .map(({ sent, server, received }) => ({
      offset: (server - sent + (server - received)) / 2,
      delay: received - sent,
    }))
    .sort((a, b) => a.delay - b.delay);
  const best = rows.slice(0, Math.ceil(rows.length / 2));
  const offset = best.reduce((sum, row) => sum + row.offset, 0) / best.length;
  return { offset, uncertainty: best[0]!.delay / 2 };
}
