/** Elements by their ids (RFC 9559): those that hold others, and those that tell of a file rather than play it. */
const HOLDERS = new Set([0x18538067, 0x1549a966, 0x1654ae6b, 0xae]);
const TOLD = new Set([
  0x1254c367, // Tags
  0x1941a469, // Attachments
  0x1043a770, // Chapters
  0x7ba9, // Title
  0x4461, // DateUTC
  0x7384, // SegmentFilename
  0x536e, // Name of a track
]);
const VOID = 0xec;

/** A WebM file without what was written about it: each such element becomes void, so that all others keep their places. */
export function webmWithoutTags(given: Buffer): Buffer {
  const file = Buffer.from(given);
  blank(file, 0, file.length);
  return file;
}

function blank(file: Buffer, from: number, to: number): void {
  for (let at = from; at < to;) {
    const id = numberAt(file, at, to, true);
    const size = id && numberAt(file, at + id.length, to, false);
    if (!id || !size) return;
    const start = at + id.length + size.length;
    // Of a stream that was written as it came the length is unknown: it goes on to the end.
    const end = size.unknown ? to : Math.min(to, start + size.value);
    if (HOLDERS.has(id.value)) blank(file, start, end);
    else if (TOLD.has(id.value)) makeVoid(file, at, end);
    at = end;
  }
}

/** A void element of the very length of what stood there: one byte for its id, as many as are left for its size. */
function makeVoid(file: Buffer, at: number, end: number): void {
  const total = end - at;
  const length = Math.min(8, total - 1);
  file.fill(0, at, end);
  file[at] = VOID;
  let size = total - 1 - length;
  for (let i = length; i > 1; i--) {
    file[at + i] = size % 256;
    size = Math.floor(size / 256);
  }
  file[at + 1] = (1 << (8 - length)) | size;
}

/** A number of variable length (RFC 8794, section 4): ids keep the bit that tells their length. */
function numberAt(file: Buffer, at: number, to: number, isId: boolean) {
  const first = at < to ? file[at]! : 0;
  const length = Math.clz32(first) - 23;
  if (first === 0 || length > 8 || at + length > to) return null;
  let value = isId ? first : first & (0xff >> length);
  let unknown = value === 0xff >> length;
  for (let i = 1; i < length; i++) {
    value = value * 256 + file[at + i]!;
    unknown &&= file[at + i] === 0xff;
  }
  return { value, length, unknown };
}
