import { flacWithoutTags } from './flac.ts';
import { mp3WithoutTags } from './mp3.ts';
import { mp4WithoutTags } from './mp4.ts';
import { oggWithoutTags } from './ogg.ts';
import { wavWithoutTags } from './wav.ts';
import { webmWithoutTags } from './webm.ts';

const strippers: Record<string, (file: Buffer) => Buffer> = {
  'audio/mpeg': mp3WithoutTags,
  'audio/aac': mp3WithoutTags,
  'audio/wav': wavWithoutTags,
  'audio/flac': flacWithoutTags,
  'audio/ogg': oggWithoutTags,
  'audio/mp4': mp4WithoutTags,
  'video/mp4': mp4WithoutTags,
  'audio/webm': webmWithoutTags,
  'video/webm': webmWithoutTags,
};

/**
 * A sound or a video without what was written into the file beside it: title, artist, cover, place,
 * time, program. A title is often the very answer, and a place is nobody's business. Sound and picture
 * stay as they are to the byte. A file that ends in the middle of something is taken as far as it goes.
 */
export const withoutTags = (type: string, file: Buffer): Buffer => strippers[type]?.(file) ?? file;
