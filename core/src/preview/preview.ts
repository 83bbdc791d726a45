import { kindOf } from '../question/kinds/index.ts';
import { allAsPlayed, asPlayed } from '../question/asPlayed.ts';
import type { Question } from '../question/question.ts';
import { NO_TEMPO } from '../show/length/tempo.ts';
import type { Draft, LoggedEvent } from '../sitting/events.ts';
import { fold } from '../sitting/sitting.ts';
import type { SittingState } from '../sitting/state.ts';
import { deskView, type DeskView } from '../sitting/view/desk.ts';
import type { SeatView } from '../sitting/view/seat.ts';
import { stageView, type StageView } from '../sitting/view/stage.ts';
import { cellId } from '../formats/board/content.ts';
import { formatOf } from '../formats/index.ts';
import { defaultRules } from '../formats/rules.ts';
import { blankShow, type Round, type Show } from '../show/show.ts';

/** A handset of a preview: somebody of the first team who has done nothing yet. */
export const previewSeat = (show: Show, name: string): SeatView => ({
  seat: '',
  name,
  nameHeld: false,
  team: show.teams[0]?.id ?? '',
  removed: false,
  banned: false,
  counts: true,
  given: null,
  own: null,
  again: null,
  buzzedBy: null,
  verdict: null,
  share: null,
  pressed: false,
  lockedOutUntil: null,
  standing: null,
  earned: null,
  advises: null,
  asked: null,
  boosts: [],
  wish: null,
  maySpin: false,
  track: null,
});

/** How far a preview goes: the board, the prompt alone, the open answers, or the key. */
export const previewSteps = ['board', 'posed', 'open', 'key'] as const;
export type PreviewStep = (typeof previewSteps)[number];

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
  written: Show,
  ref: string | null,
  asWritten: Question | null,
  step: PreviewStep,
  round = 0,
): SittingState {
  const show = { ...written, questions: allAsPlayed(written.questions) };
  const question = asWritten && asPlayed(asWritten);
  const floor = show.teams[0]?.id ?? '';
  // Chance plays no part in a preview: everything stands in the order in which it was written.
  const dealt = ({ format, content }: Round) => formatOf(format).asWritten(content, show.questions);
  const drafts: Draft[] = [
    { type: 'doorsOpened', show, code: 'XXXXX', pace: NO_TEMPO },
    { type: 'roundBegan', round, turn: floor, dealt: dealt(show.rounds[round]!) },
  ];
  if (ref !== null && question && step !== 'board') {
    const points = pointsAt(show.rounds[round]!, ref) * question.weight;
    const { floor: mode } = {
      ...show.rounds[round]!.rules,
      ...formatOf(show.rounds[round]!.format).prescribes,
    };
    const own = mode === 'turn' ? floor : null;
    const order = kindOf(question.answer.kind).layOut(question.answer, () => 0, false);
    const seconds = question.clock ?? show.rounds[round]!.rules.clock;
    const limit = seconds === null ? null : seconds * 1000;
    drafts.push(
      { type: 'picked', ref, question: question.id, points, floor: own, mode },
      { type: 'posed', order },
    );
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

const pointsAt = ({ format, content }: Round, ref: string): number =>
  formatOf(format)
    .places(content)
    .find((place) => place.ref === ref)?.points ?? 0;

/** A show of nothing but one question, so that it can be seen before it is in any; and the cell it lies on. */
export function showAround(question: Question, title: string): { show: Show; ref: string } {
  let n = 0;
  const show = blankShow(title, () => `preview-${n++}`);
  const ref = cellId('category', 'value');
  const content = {
    categories: [{ id: 'category', name: title.slice(0, 60) }],
    values: [{ id: 'value', points: 100 }],
    cells: { [ref]: { question: question.id, value: null } },
  };
  show.rounds = [{ id: 'round', format: 'board', title: '', rules: defaultRules, content }];
  show.questions = { [question.id]: question };
  return { show, ref };
}
