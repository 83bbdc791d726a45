/** Parts of a RIFF file that are sound or say how to play it. */
const KEPT = new Set(['fmt ', 'data', 'fact']);

/** A WAV file with nothing but its format and its samples (RIFF, chunk by chunk). */
export function wavWithoutTags(file: Buffer): Buffer {
  if (file.length < 12) return file;
  const parts: Buffer[] = [];
  for (let at = 12; at + 8 <= file.length;) {
    const name = file.toString('latin1', at, at + 4);
    const size = file.readUInt32LE(at + 4);
    // A chunk is filled up to an even length. Some programs leave the length of the samples open.
    const end = Math.min(file.length, at + 8 + size + (size % 2));
    if (KEPT.has(name)) {
      const part = Buffer.from(file.subarray(at, end));
      part.writeUInt32LE(Math.min(size, end - at - 8), 4);
      parts.push(part);
    }
    at = end;
  }
  const body = Buffer.concat(parts);
  const head = Buffer.from(file.subarray(0, 12));
  head.writeUInt32LE(body.length + 4, 4);
  return Buffer.concat([head, body]);
}
