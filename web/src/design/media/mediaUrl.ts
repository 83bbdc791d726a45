import { isOfShelf } from '@distaff/core';

/** Where a picture lies; the small size is enough for phones and lists. */
export const pictureUrl = (file: string, size: 'large' | 'small'): string =>
  isOfShelf(file) ? `/shelf/${file.slice('shelf.'.length)}.svg` : `/media/${file}/${size}`;

/** Where a sound or a video lies. */
export const fileUrl = (file: string): string =>
  isOfShelf(file) ? `/shelf/${file.slice('shelf.'.length)}.ogg` : `/media/${file}/file`;
