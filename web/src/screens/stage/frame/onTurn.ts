import type { PublicView } from '@distaff/core/sitting';

/** Whose turn the stage shows: who may answer, or whose choice is waited for; null where nobody's alone. */
export function onTurn({ question, rules, turn, waitsFor }: PublicView): string | null {
  if (question) return question.floor;
  // Whose choice the round waits for is on, though the turn may have moved on already.
  if (waitsFor !== null) return waitsFor;
  // Where everyone answers and nobody chooses, no turn is told.
  return rules?.floor === 'turn' || rules?.chosen ? turn : null;
}
