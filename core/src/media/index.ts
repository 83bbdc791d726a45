/** Pictures, sounds and videos as a question names them. */
export {
  Cut,
  LARGE,
  Picture,
  type PictureView,
  SMALL,
  Sound,
  Video,
  isOfShelf,
  isVideoFile,
} from './media.ts';
