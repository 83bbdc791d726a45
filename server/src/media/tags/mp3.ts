const ID3V2_HEADER = 10;
const ID3V1 = 128;
const APE_FOOTER = 32;

/** The length of an ID3v2 tag that begins at `at`, its header and footer with it; 0 where none does. */
export function id3v2Length(file: Buffer, at: number): number {
  if (file.toString('latin1', at, at + 3) !== 'ID3' || at + ID3V2_HEADER > file.length) return 0;
  // Four bytes of seven bits each (ID3 tag version 2.4.0, section 3.1).
  const size = [6, 7, 8, 9].reduce((sum, i) => sum * 128 + (file[at + i]! & 0x7f), 0);
  const footer = file[at + 5]! & 0x10 ? ID3V2_HEADER : 0;
  return ID3V2_HEADER + size + footer;
}

/** MPEG audio without ID3v2 before it and ID3v1, APEv2 or Lyrics3 after it. */
export function mp3WithoutTags(file: Buffer): Buffer {
  let start = 0;
  for (let length = id3v2Length(file, 0); length > 0; length = id3v2Length(file, start)) start += length;
  let end = file.length;
  for (let before = -1; before !== end;) {
    before = end;
    if (file.toString('latin1', end - ID3V1, end - ID3V1 + 3) === 'TAG') end -= ID3V1;
    if (file.toString('latin1', end - 9, end) === 'LYRICS200')
      end -= Number(file.toString('latin1', end - 15, end - 9)) + 15 || 0;
    if (file.toString('latin1', end - APE_FOOTER, end - APE_FOOTER + 8) === 'APETAGEX') {
      const size = file.readUInt32LE(end - APE_FOOTER + 12);
      const header = file.readUInt32LE(end - APE_FOOTER + 20) & 0x80000000 ? APE_FOOTER : 0;
      end -= size + header;
    }
  }
  return file.subarray(Math.min(start, file.length), Math.max(start, end));
}
