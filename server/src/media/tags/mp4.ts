/** Boxes that hold others, and those that tell of a file rather than play it (ISO/IEC 14496-12). */
const HOLDERS = new Set(['moov', 'trak', 'mdia', 'minf', 'stbl', 'edts', 'moof', 'traf']);
const TOLD = new Set(['udta', 'meta', 'uuid']);
/** Boxes whose times of making and changing stand after version and flags. */
const DATED = new Set(['mvhd', 'tkhd', 'mdhd']);

/** An MP4 without what was written about it: each such box becomes free space, so that all others keep their places. */
export function mp4WithoutTags(given: Buffer): Buffer {
  const file = Buffer.from(given);
  blank(file, 0, file.length);
  return file;
}

function blank(file: Buffer, from: number, to: number): void {
  for (let at = from; at + 8 <= to;) {
    const size = file.readUInt32BE(at);
    const type = file.toString('latin1', at + 4, at + 8);
    const long = size === 1 && at + 16 <= to;
    const length = long ? Number(file.readBigUInt64BE(at + 8)) : size === 0 ? to - at : size;
    const head = long ? 16 : 8;
    const end = Math.min(to, at + length);
    if (length < head) return;
    if (TOLD.has(type)) {
      file.write('free', at + 4, 'latin1');
      file.fill(0, at + head, end);
    } else if (HOLDERS.has(type)) blank(file, at + head, end);
    else if (DATED.has(type) && at + head + 12 <= end) {
      const times = file[at + head] === 1 ? 16 : 8;
      file.fill(0, at + head + 4, Math.min(end, at + head + 4 + times));
    }
    at = end;
  }
}
