/** The checksum of a page: CRC-32 with the polynomial 0x04c11db7, nothing inverted (RFC 3533, section 6). */
const TABLE = Uint32Array.from({ length: 256 }, (_, i) => {
  let value = i << 24;
  for (let bit = 0; bit < 8; bit++) value = value & 0x80000000 ? (value << 1) ^ 0x04c11db7 : value << 1;
  return value >>> 0;
});
function checksum(page: Buffer): number {
  let crc = 0;
  for (const byte of page) crc = ((crc << 8) ^ TABLE[(crc >>> 24) ^ byte]!) >>> 0;
  return crc;
}

/** What stands before the comments in the second packet of a stream, and what a packet without any looks like. */
const comments: [lead: string, empty: Buffer][] = [
  // Length of the maker's name, number of comments; Vorbis closes with a bit that must be set.
  ['\x03vorbis', Buffer.from([0, 0, 0, 0, 0, 0, 0, 0, 1])],
  ['OpusTags', Buffer.alloc(8)],
];

interface Page {
  start: number;
  end: number;
  stream: number;
}

/** An Ogg file whose streams have no comments; pages keep their places and lengths. */
export function oggWithoutTags(given: Buffer): Buffer {
  const file = Buffer.from(given);
  const pages: Page[] = [];
  /** Where the bytes of the second packet of each stream lie, and how many packets were begun before. */
  const second = new Map<number, { packet: number; places: [from: number, to: number][] }>();
  for (let at = 0; file.toString('latin1', at, at + 4) === 'OggS' && at + 27 <= file.length;) {
    const stream = file.readUInt32LE(at + 14);
    const segments = file[at + 26]!;
    const lacing = file.subarray(at + 27, at + 27 + segments);
    let place = at + 27 + segments;
    const known = second.get(stream) ?? { packet: 0, places: [] };
    second.set(stream, known);
    for (const length of lacing) {
      // A file that was cut off says more than there is.
      const [from, to] = [Math.min(place, file.length), Math.min(place + length, file.length)];
      if (known.packet === 1) known.places.push([from, to]);
      place += length;
      if (length < 255) known.packet++;
    }
    pages.push({ start: at, end: Math.min(place, file.length), stream });
    at = place;
  }
  for (const { places } of second.values()) empty(file, places);
  for (const { start, end } of pages) {
    file.writeUInt32LE(0, start + 22);
    file.writeUInt32LE(checksum(file.subarray(start, end)), start + 22);
  }
  return file;
}

function empty(file: Buffer, places: readonly [number, number][]): void {
  const packet = Buffer.concat(places.map(([from, to]) => file.subarray(from, to)));
  const found = comments.find(([lead]) => packet.toString('latin1', 0, lead.length) === lead);
  if (!found) return;
  const [lead, none] = found;
  const blank = Buffer.alloc(packet.length);
  Buffer.concat([Buffer.from(lead, 'latin1'), none]).copy(blank);
  let done = 0;
  for (const [from, to] of places) {
    blank.copy(file, from, done, done + to - from);
    done += to - from;
  }
}
