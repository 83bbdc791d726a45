import { questionForHost, type QuestionForHost } from '../../question/forHost.ts';
import type { AnswerView, Verdict } from '../../question/kind.ts';
import { kindInPlay, rulesOf, wonBy, writtenQuestion } from '../decide/steps.ts';
import type { Draft } from '../events.ts';
import type { LedgerEntry } from '../ledger.ts';
import { nextStep, type NextStep } from '../next.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';
import { handOnTo } from '../turns.ts';
import { publicView, type PublicView } from './public.ts';

export interface DeskResponse {
  team: string;
  /** Null when it was said aloud. */
  player: string | null;
  answer: AnswerView | null;
  after: number | null;
  verdict: Verdict | null;
  share: number;
  by: 'key' | 'host' | null;
}

export interface DeskQuestion extends QuestionForHost {
  responses: DeskResponse[];
  /** The team that gets it next if it is handed on. */
  handOnTo: string | null;
}

/** Everything: for the host alone. */
export interface DeskView extends PublicView {
  private: {
    seats: { id: string; name: string; team: string }[];
    question: DeskQuestion | null;
    ledger: (LedgerEntry & { label: string })[];
    next: NextStep;
    /** The step that would be taken back. */
    takeBack: Draft['type'] | null;
    turnsTaken: Record<string, number>;
    penalty: 'none' | 'full';
  };
}

function deskQuestion(state: SittingState, question: QuestionInPlay): DeskQuestion {
  const written = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  // Before it is posed the options have no order on the stage yet: the author's serves the host.
  const order = question.step === 'picked' ? kind.asWritten(written.answer) : question.order;
  return {
    ...questionForHost(written, order),
    responses: question.responses.map((response) => ({
      team: response.team,
      player: response.seat === null ? null : (state.seats.get(response.seat)?.name ?? ''),
      answer: response.answer && kind.show(written.answer, order, response.answer),
      after: response.after,
      verdict: response.verdict,
      share: response.share,
      by: response.by,
    })),
    handOnTo:
      question.keyShown || wonBy(question) || kind.given === 'nowhere' ? null : handOnTo(state, question),
  };
}

/** What a ledger line is about: the prompt of its question, or the host's reason. */
const labelOf = (state: SittingState, { cause }: LedgerEntry): string =>
  cause.by === 'hand' ? cause.reason : (state.show.questions[cause.question]?.prompt ?? '');

export function deskView(state: SittingState): DeskView {
  return {
    ...publicView(state),
    private: {
      seats: [...state.seats.values()]
        .filter((seat) => !seat.removed)
        .map(({ id, name, team }) => ({ id, name, team })),
      question: state.question ? deskQuestion(state, state.question) : null,
      ledger: state.ledger.map((entry) => ({ ...entry, label: labelOf(state, entry) })),
      next: nextStep(state),
      takeBack: state.steps.at(-1)?.type ?? null,
      turnsTaken: Object.fromEntries(state.turnsTaken),
      penalty: state.round ? rulesOf(state).penalty : 'none',
    },
  };
}
