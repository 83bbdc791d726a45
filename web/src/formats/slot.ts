import type { Question } from '@distaff/core/question';

/** A place of a round where a question stands or may stand, as its editor needs it. */
export interface Slot {
  /** What people call it: the category, or its number. */
  title: string;
  /** The points of such a place, unless it says otherwise; null where there are none. */
  usual: number | null;
  /** Its own points, or null. */
  value: number | null;
  question: Question | null;
  /** Puts a question there: a new, empty one, or a copy of a given one. */
  write(from?: Question): void;
  setValue(value: number | null): void;
  remove(): void;
}
