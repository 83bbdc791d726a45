import { isOfShelf } from '@distaff/core/media';

/** Files of a package that is being brought in: not on the server yet, shown from memory. */
export const localFiles = new Map<string, string>();

/** Where a picture lies; the small size is enough for phones and lists. */
export const pictureUrl = (file: string, size: 'large' | 'small'): string =>
  localFiles.get(file) ??
  (isOfShelf(file) ? `/shelf/${file.slice('shelf.'.length)}.svg` : `/media/${file}/${size}`);

/** Where a sound or a video lies. */
export const fileUrl = (file: string): string => localFiles.get(file) ?? `/media/${file}/file`;
