import { id3v2Length } from './mp3.ts';

/** Blocks of a FLAC file that are needed to play it: stream information and seek table (RFC 9639, section 8). */
const KEPT = new Set([0, 3]);

/** A FLAC file without comments, pictures, cue sheets and whatever else was put before its frames. */
export function flacWithoutTags(file: Buffer): Buffer {
  const start = id3v2Length(file, 0);
  if (file.toString('latin1', start, start + 4) !== 'fLaC') return file;
  const blocks: Buffer[] = [];
  let at = start + 4;
  for (let last = false; !last && at + 4 <= file.length;) {
    const head = file[at]!;
    last = (head & 0x80) !== 0;
    const end = at + 4 + file.readUIntBE(at + 1, 3);
    if (KEPT.has(head & 0x7f)) blocks.push(Buffer.from(file.subarray(at, end)));
    at = end;
  }
  blocks.forEach((block, i) => (block[0] = (block[0]! & 0x7f) | (i === blocks.length - 1 ? 0x80 : 0)));
  return Buffer.concat([Buffer.from('fLaC'), ...blocks, file.subarray(at)]);
}
