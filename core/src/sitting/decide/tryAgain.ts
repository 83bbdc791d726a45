import { kindOf, type StoredAnswer } from '../../question/kinds/index.ts';
import type { Draft } from '../events.ts';
import { writtenQuestion, rulesFor } from '../read/inPlay.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';

/** Fewer options than this are no choice any more. */
const LEFT = 2;

/**
 * What follows where an answer that the key calls wrong does not stand: whoever gave it may answer once more, for less.
 * Null where it stands – it is right, or nobody but the host can say, or all tries are used up, or the key would be all
 * that is left.
 */
export function tryAgain(
  state: SittingState,
  question: QuestionInPlay,
  { who, team }: { who: string; team: string },
  answer: StoredAnswer,
): Draft[] | null {
  const { tries, retryShare } = rulesFor(state, question);
  const before = question.again.get(who);
  // A boost gives one more try, for all that it is worth.
  const given = question.boosts.some((one) => one.team === team && one.boost === 'secondTry');
  const gone = before?.answers.length ?? 0;
  if (gone + 1 >= tries + (given ? 1 : 0)) return null;
  const content = writtenQuestion(state, question).answer;
  const kind = kindOf(content.kind);
  if (!kind.keyed || (content.kind === 'number' && content.marking === 'closest')) return null;
  const share = kind.mark(content, answer, [answer]);
  if (share === null || share >= 1) return null;
  const isChoice = kind.control(content).type === 'one';
  const removed = isChoice
    ? kind.show(content, question.order, answer).slots.map((slot) => question.order[slot]!)
    : [];
  const without = question.removed.length + (before?.removed.length ?? 0) + removed.length;
  if (isChoice && question.order.length - without < LEFT) return null;
  const play = question.to === null ? {} : { play: question.play };
  const again: Draft = { type: 'triedAgain', who, team, removed, ...play };
  if (given && gone === 0) return [again];
  return [again, { type: 'factored', who, team, times: retryShare / 100, why: 'secondTry', ...play }];
}
