import * as v from 'valibot';
import { line, whole } from '../text/schemas.ts';

/** The longest side that a picture is kept with, in pixels, and that of the small one for phones and lists. */
export const LARGE = 1600;
export const SMALL = 640;

/** A file of the media library, or – after "shelf." – a drawing that ships with the application. */
export const MediaId = v.pipe(v.string(), v.regex(/^(?:shelf\.)?[\w-]{1,40}$/, 'This names no file.'));
export const isOfShelf = (file: string): boolean => file.startsWith('shelf.');

/** From 0 (left, top) to 1 (right, bottom). */
const share = v.pipe(v.number(), v.minValue(0), v.maxValue(1));

/** What is said of a thing to see or hear, whatever it is. */
const described = {
  /** Says it to those who cannot see or hear it. */
  alt: line(300),
  /** Whom to thank, and under which terms it may be used. */
  credit: line(200),
  licence: line(60),
};

/** A part of a picture, in shares of its width and height. */
export const Cut = v.pipe(
  v.object({ x: share, y: share, width: share, height: share }),
  v.check(
    ({ x, y, width, height }) => width > 0 && height > 0 && x + width <= 1.0001 && y + height <= 1.0001,
    'This part lies outside of the picture.',
  ),
);
export type Cut = v.InferOutput<typeof Cut>;

export const Picture = v.object({
  file: MediaId,
  /** Pixels. */
  width: whole(1, 20_000),
  height: whole(1, 20_000),
  ...described,
  /** What must stay in sight where the picture is trimmed to a shape. */
  focus: v.object({ x: share, y: share }),
  /** Where it was cut out of; audiences never learn of it, for what was cut away may be the answer. */
  cutOf: v.optional(v.nullable(v.object({ file: MediaId, ...Cut.pipe[0].entries })), null),
});
export type Picture = v.InferOutput<typeof Picture>;

export const Sound = v.object({ file: MediaId, ...described });
export type Sound = v.InferOutput<typeof Sound>;

/** A video of the media library, or the address of one elsewhere. */
export const Video = v.object({
  file: v.nullable(MediaId),
  link: v.pipe(
    line(500),
    v.check(
      (text) => text === '' || /^https:\/\/[^\s/]+\.[^\s]+$/i.test(text),
      'A video’s address starts with https://.',
    ),
  ),
  ...described,
});
export type Video = v.InferOutput<typeof Video>;

export type PictureView = Omit<Picture, 'cutOf'>;

/** A picture as audiences may know it. */
export function pictureView(picture: Picture | null | undefined): PictureView | null {
  if (!picture) return null;
  const { cutOf: _, ...seen } = picture;
  return seen;
}

/** Whoever made a thing is often the answer: thanks are told once the key is. */
export function withoutThanks<T extends { credit: string; licence: string }>(thing: T | null): T | null {
  return thing && { ...thing, credit: '', licence: '' };
}

/** Whether a browser can play what is at this address by itself: it names a video file. */
export const isVideoFile = (link: string): boolean => /\.(?:mp4|m4v|webm|ogv)(?:[?#]|$)/i.test(link);
