import type { Random } from '../random/shuffle.ts';
import { kindOf } from './kinds/index.ts';
import type { Question } from './question.ts';

/** Whether one of several options is chosen: only then can some be taken away, or hands be counted. */
export const hasOptions = ({ answer }: Question): boolean =>
  kindOf(answer.kind).control(answer).type === 'one';

/** The wrong options that are taken away (by their places as written): all but one, which is drawn. */
export function allButTwo(
  { answer }: Question,
  order: readonly number[],
  removed: readonly number[],
  random: Random,
): number[] {
  const [keySlot] = kindOf(answer.kind).key(answer, order).slots;
  const wrong = order.filter((option, slot) => slot !== keySlot && !removed.includes(option));
  const kept = wrong[Math.floor(random() * wrong.length)];
  return wrong.filter((option) => option !== kept);
}
