import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import type { Draft, LoggedEvent } from '../sitting/events.ts';
import { fold } from '../sitting/sitting.ts';
import type { SittingState } from '../sitting/state.ts';
import { deskView, type DeskView } from '../sitting/view/desk.ts';
import { stageView, type StageView } from '../sitting/view/stage.ts';
import { cellId } from '../formats/board/content.ts';
import { blankShow, type Show } from './show.ts';

/** How far a preview goes: the board, the prompt alone, the open answers, or the key. */
export type PreviewStep = 'board' | 'posed' | 'open' | 'key';

/**
 * What stage and handset would show of one cell of a show that is still being written, folded
 * through the real engine so that the preview cannot differ from the live screens. Questions that
 * are unfinished are shown as far as they go. Options stand in the author's order.
 */
export const previewStage = (...given: Parameters<typeof previewState>): StageView =>
  stageView(previewState(...given));

/** The same moment as the host's desk would show it, with key and notes. */
export const previewDesk = (...given: Parameters<typeof previewState>): DeskView =>
  deskView(previewState(...given));

function previewState(
  show: Show,
  ref: string | null,
  question: Question | null,
  step: PreviewStep,
): SittingState {
  const floor = show.teams[0]?.id ?? '';
  const drafts: Draft[] = [
    { type: 'doorsOpened', show, code: 'XXXXX' },
    { type: 'roundBegan', round: 0, turn: floor },
  ];
  if (ref !== null && question && step !== 'board') {
    const points = pointsAt(show, ref);
    const order = kindOf(question.answer.kind).layOut(question.answer, () => 0, false);
    const seconds = question.clock ?? show.rounds[0]!.rules.clock;
    const limit = seconds === null ? null : seconds * 1000;
    drafts.push({ type: 'picked', ref, question: question.id, points, floor }, { type: 'posed', order });
    if (step !== 'posed')
      drafts.push({ type: 'opened', clock: limit === null ? null : { remaining: limit }, limit });
    if (step === 'key') drafts.push({ type: 'locked', why: 'host' }, { type: 'keyShown' });
  }
  const actor = { role: 'host', id: '' } as const;
  const log: LoggedEvent[] = drafts.map((draft, i) => ({
    ...draft,
    seq: i + 1,
    at: 0,
    actor,
    command: `${i}`,
  }));
  return fold(log);
}

function pointsAt(show: Show, ref: string): number {
  const content = show.rounds[0]!.content;
  const value = content.values.find((one) => ref.endsWith(`:${one.id}`));
  return content.cells[ref]?.value ?? value?.points ?? 0;
}

/** A show of nothing but one question, so that it can be seen before it is in any; and the cell it lies on. */
export function showAround(question: Question, title: string): { show: Show; ref: string } {
  let n = 0;
  const show = blankShow(title, () => `preview-${n++}`);
  const { content } = show.rounds[0]!;
  content.categories = [{ id: 'category', name: title.slice(0, 60) }];
  content.values = [{ id: 'value', points: 100 }];
  const ref = cellId('category', 'value');
  content.cells = { [ref]: { question: question.id, value: null } };
  show.questions = { [question.id]: question };
  return { show, ref };
}
