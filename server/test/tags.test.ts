import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fileTypeFromBuffer } from 'file-type';
import { parseBuffer } from 'music-metadata';
import { withoutTags } from '../src/media/tags/index.ts';

const folder = path.join(import.meta.dirname, 'media');
const files = [
  ['tagged.mp3', 'audio/mpeg'],
  ['tagged.flac', 'audio/flac'],
  ['tagged.ogg', 'audio/ogg'],
  ['tagged.opus', 'audio/ogg'],
  ['tagged.wav', 'audio/wav'],
  ['tagged.m4a', 'audio/mp4'],
  ['tagged.mp4', 'video/mp4'],
  ['tagged.webm', 'video/webm'],
] as const;
const CANARY = 'ZQKEY';

describe.each(files)('%s, written with title, artist, comment, place and time', (name, type) => {
  const before = readFileSync(path.join(folder, name));
  const after = withoutTags(type, before);

  test('goes out without a word of it', () => {
    expect(before.includes(CANARY)).toBe(true);
    expect(after.includes(CANARY)).toBe(false);
    expect(after.includes('+51.5')).toBe(false);
  });
  test('is read by a library that is not ours: no tags, the same sound', async () => {
    const [was, is] = await Promise.all([before, after].map((file) => parseBuffer(file, { mimeType: type })));
    expect(was!.common.title).toContain(CANARY);
    const { track: _track, disk: _disk, movementIndex: _index, ...common } = is!.common;
    expect(common).toEqual({});
    // A video without sound has no duration for it.
    expect(is!.format.duration ?? 0).toBeCloseTo(was!.format.duration ?? 0, 1);
    expect(is!.format.codec).toBe(was!.format.codec);
    expect((await fileTypeFromBuffer(after))?.mime).toBe((await fileTypeFromBuffer(before))?.mime);
  });
  test('once more changes nothing', () => expect(withoutTags(type, after)).toEqual(after));
  test('cut off or scrambled anywhere it neither throws nor grows', () => {
    fc.assert(
      fc.property(fc.nat(before.length), fc.array(fc.tuple(fc.nat(), fc.nat(255))), (cut, changes) => {
        const broken = Buffer.from(before.subarray(0, cut));
        for (const [at, byte] of changes) if (broken.length > 0) broken[at % broken.length] = byte;
        expect(withoutTags(type, broken).length).toBeLessThanOrEqual(broken.length + 12);
      }),
      // A length that says more than there is left.
      { numRuns: 200, examples: [[1611, [[1081232401, 255]]]] },
    );
  });
});
