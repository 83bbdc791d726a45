import { pictureView, type PictureView, type Sound, type Video } from '../media/media.ts';
import type { Control, KeyView, OptionView } from './kind.ts';
import { kindOf, type KindName } from './kinds/index.ts';
import type { Question } from './question.ts';

/** Everything that a host reads of a question: key and notes too, so it must never go to anybody else. */
export interface QuestionForHost {
  kind: KindName;
  /** Whether it can be answered right or wrong at all. */
  keyed: boolean;
  prompt: string;
  picture: PictureView | null;
  sound: Sound | null;
  video: Video | null;
  answerPicture: PictureView | null;
  control: Control;
  options: OptionView[];
  key: KeyView;
  explanation: string;
  onRight: string;
  onWrong: string;
  notes: string;
}

/** `order` is how its parts are laid out for the audience; without one they stand as they were written. */
export function questionForHost(question: Question, order?: readonly number[]): QuestionForHost {
  const kind = kindOf(question.answer.kind);
  const laid = order ?? kind.asWritten(question.answer);
  const { prompt, sound, video, explanation, onRight, onWrong, notes } = question;
  return {
    kind: question.answer.kind,
    keyed: kind.keyed,
    prompt,
    picture: pictureView(question.picture),
    sound,
    video,
    answerPicture: pictureView(question.answerPicture),
    control: kind.control(question.answer),
    options: kind.options(question.answer, laid),
    key: kind.key(question.answer, laid),
    explanation,
    onRight,
    onWrong,
    notes,
  };
}
