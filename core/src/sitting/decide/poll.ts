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
    return refuse('notNow', 'Hands are counted in a survey where nobody has a phone.');
  const places = question.order.length;
  if (places === 0) return refuse('notNow', 'Own words cannot be counted by hands: write them down.');
  if (counts.length !== places) return refuse('invalid', `There are ${places} places to count hands for.`);
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
    return refuse('notThere', 'There are no words to group here.');
  const written = new Set(question.responses.map(({ answer }) => foldText(String(answer?.text ?? ''))));
  if (!words.every((one) => written.has(one))) return refuse('notThere', 'Nobody wrote that.');
  const names = new Set(question.groups.values());
  if (into !== null && !names.has(into) && names.size >= MOST_GROUPS_OF_WORDS)
    return refuse('notNow', `At most ${MOST_GROUPS_OF_WORDS} groups.`);
  const moved = words.filter((one) => (question.groups.get(one) ?? null) !== into);
  return moved.length === 0
    ? refuse('already', 'It is so already.')
    : [{ type: 'grouped', play, words: moved, into }];
}
