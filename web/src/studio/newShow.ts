import { blankShow, showFor, type Show, type Situation } from '@distaff/core/show';
import { nanoid } from 'nanoid';

/** A show to begin with: laid out for a situation, or with nothing but an empty board. */
export function newShow(title: string, situation: Situation | null, teamName: (n: number) => string): Show {
  const newId = () => nanoid(10);
  return situation ? showFor(situation, title, newId, teamName) : blankShow(title, newId);
}
