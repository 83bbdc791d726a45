import { MOST_GROUPS_OF_WORDS } from '../../question/outcome/words.ts';
import { foldText } from '../../text/fold.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import type { HostCommand } from '../command.ts';
import type { Draft } from '../events.ts';
import { pollingOf } from '../read/polling.ts';
import { kindInPlay, writtenQuestion } from '../read/inPlay.ts';
import { playOf, type SittingState } from '../state.ts';
import { at } from './steps.ts';

/** The hands of a room without handsets: one number for each option or step. They stand for all answers. */
export function countHands(state: SittingState, counts: number[]): Draft[] | Refusal {
  const { question, no } = at(state, 'open', 'locked');
  if (no) return no;
  if (state.show.devices.mode !== 'none' || pollingOf(state, question) === null)
    return refuse('notNow', 'handsWithoutPhones');
  const places = question.order.length;
  if (places === 0) return refuse('notNow', 'wordsNoHands');
  if (counts.length !== places) return refuse('invalid', 'handPlaces', { n: places });
  return [{ type: 'handsCounted', counts }];
}

/** Puts words into a group, or out of theirs. A group is there as long as something is in it. */
export function group(
  state: SittingState,
  { play, words, into }: Extract<HostCommand, { type: 'group' }>,
): Draft[] | Refusal {
  const question = playOf(state, play);
  if (
    !question ||
    kindInPlay(state, question).control(writtenQuestion(state, question).answer).type !== 'words'
  )
    return refuse('notThere', 'noWords');
  const written = new Set(question.responses.map(({ answer }) => foldText(String(answer?.text ?? ''))));
  if (!words.every((one) => written.has(one))) return refuse('notThere', 'nobodyWrote');
  const names = new Set(question.groups.values());
  if (into !== null && !names.has(into) && names.size >= MOST_GROUPS_OF_WORDS)
    return refuse('notNow', 'groupsMost', { n: MOST_GROUPS_OF_WORDS });
  const moved = words.filter((one) => (question.groups.get(one) ?? null) !== into);
  return moved.length === 0 ? refuse('already', 'already') : [{ type: 'grouped', play, words: moved, into }];
}
