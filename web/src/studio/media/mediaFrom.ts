import type { Picture, Sound, Video } from '@distaff/core/media';
import type { StoredMedia } from '../../api/server.ts';

/** What a question keeps of a file of the library. */
export const pictureFrom = ({ id, width, height, alt, credit, licence }: StoredMedia): Picture => ({
  file: id,
  width,
  height,
  alt,
  credit,
  licence,
  focus: { x: 0.5, y: 0.5 },
  cutOf: null,
});
export const soundFrom = ({ id, alt, credit, licence }: StoredMedia): Sound => ({
  file: id,
  alt,
  credit,
  licence,
});
export const videoFrom = ({ id, alt, credit, licence }: StoredMedia): Video => ({
  file: id,
  link: '',
  alt,
  credit,
  licence,
});
