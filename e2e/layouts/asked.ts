import { isRefusal } from '@distaff/core/refusal';
import { newRound, weaveAt, type Round, type RoundOf, type Show } from '@distaff/core/show';
import { nextStep, type SittingState } from '@distaff/core/sitting';
import { rulesWith } from '@distaff/core/formats';
import fc from 'fast-check';
import { question as written, sampleShow, seatActor, Table } from '../../core/src/sitting/test/table.ts';
import { answer } from './answers.ts';
import { name, plain, text } from './texts.ts';

/** One question in whatever room, and how far it goes. */
export const asked = fc.record({
  teams: fc.oneof(fc.integer({ min: 1, max: 6 }), fc.constantFrom(12, 13, 50)),
  name: name(40),
  title: name(60),
  answer,
  prompt: text(1000),
  explanation: fc.option(text(400), { nil: '' }),
  credit: fc.option(text(120, plain), { nil: '' }),
  picture: fc.boolean(),
  floor: fc.constantFrom('everyone' as const, 'turn' as const, 'buzz' as const),
  mode: fc.constantFrom('team' as const, 'each' as const, 'none' as const),
  picks: fc.constantFrom('with' as const, 'before' as const),
  right: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 50, maxLength: 50 }),
  /** How far the question goes. */
  steps: fc.integer({ min: 1, max: 9 }),
});
export type Asked = typeof asked extends fc.Arbitrary<infer T> ? T : never;

/** A show of one question, played as far as was drawn. */
export function play(own: Asked): SittingState {
  const question = {
    ...written('q', own.prompt, own.answer),
    explanation: own.explanation,
    credit: own.credit,
    picture: own.picture ? written('q', '', own.answer).picture : null,
    answerPicture: null,
  };
  let n = 0;
  const round = newRound('quiz', () => `r${n++}`) as RoundOf<'quiz'>;
  const content = { ...round.content, items: [{ id: 'q', points: null }] };
  const rules = rulesWith({ floor: own.floor, penalty: 'full', picks: own.picks });
  const show: Show = {
    ...sampleShow(),
    title: own.title,
    teams: Array.from({ length: own.teams }, (_, i) => ({
      id: `t${i}`,
      name: `${own.name.slice(0, 36)} ${i + 1}`,
      weave: weaveAt(i),
    })),
    devices: { mode: own.mode, score: 'teams', combine: 'mean' },
    rounds: [{ ...round, title: own.title, rules, content } as Round],
    questions: { q: question },
  };
  const table = new Table(show);
  const seats = [...table.state.seats.keys()];
  for (let step = 0; step < own.steps + 2 && table.state.phase !== 'closed'; step++) {
    const inPlay = table.state.question;
    if (inPlay?.step === 'open' && inPlay.responses.length === 0) answerAll(table, own, seats);
    const { command } = nextStep(table.state);
    if (command) table.do(command);
    else table.do({ type: 'rule', team: table.state.question?.floor ?? 't0', verdict: 'right' });
  }
  return table.state;
}

function answerAll(table: Table, own: Asked, seats: readonly string[]): void {
  const { order, play: number } = table.state.question!;
  seats.forEach((seat, i) => {
    const slot = own.right[i % 50]! % Math.max(1, order.length);
    const all = order.map((_, at) => at);
    const wires = [
      { step: own.right[i % 50]! },
      { slot },
      { slots: [slot] },
      { slots: all },
      { text: own.name },
    ];
    for (const wire of wires) {
      const sent = table.send({ type: 'answer', play: number, answer: wire }, seatActor(seat));
      if (!isRefusal(sent)) break;
    }
  });
}
