import { describe, expect, test } from '@jest/globals';
import { handsetView, nextStep, seatView } from '@distaff/core/sitting';
import { everyKind, Table } from '../../../../core/src/sitting/test/table.ts';
import { quizOf } from '../../../../core/src/sitting/test/quizOf.ts';
import { letterAt } from '../../design/letters.ts';
import { ownQuestion } from './ownQuestion.ts';

const SEATS = ['s0', 's1', 's2'];

/** What is told of each option at every place where it is told, by its text. */
function told(table: Table, seat: string | null) {
  const shown = handsetView(table.state).question!;
  const question: ReturnType<typeof ownQuestion> = seat
    ? ownQuestion(shown, seatView(table.state, seat)!.own)
    : shown;
  const shares = question.poll?.outcome?.type === 'shares' ? question.poll.outcome.rows : null;
  return Object.fromEntries(
    (question.options ?? []).map(({ text }, i) => [
      text,
      {
        letter: letterAt(question, i),
        isKey: question.control?.type !== 'order' && question.key?.slots.includes(i),
        isOut: question.ruledOut.includes(i),
        picked: question.picks?.[i]?.count,
        share: shares?.[i]?.percent,
      },
    ]),
  );
}

describe.each(everyKind().map((one) => [one.answer.kind, one] as const))('%s', (_, { answer, wrong }) => {
  test('what a phone in an order of its own tells of an option is what the stage tells', () => {
    for (let seed = 0; seed < 8; seed++) {
      const show = quizOf([answer], { shuffleBySeat: true, shuffleOptions: true, picks: 'before' });
      const table = new Table(show);
      let n = seed * 0.117;
      table.random = () => (n = (n * 7.13 + 0.317) % 1);
      const seen = [];
      for (let before = -1; table.state.seq !== before;) {
        before = table.state.seq;
        const { command } = nextStep(table.state);
        if (command && table.state.phase !== 'closed') table.send(command);
        if (!table.state.question) continue;
        if (table.state.question.step === 'open') for (const seat of SEATS) table.answer(seat, wrong);
        const stage = told(table, null);
        seen.push(Object.keys(stage).length);
        for (const seat of SEATS) expect(told(table, seat)).toEqual(stage);
      }
      expect(seen.length).toBeGreaterThan(answer.kind === 'card' ? 0 : 2);
    }
  });
});
