import { refuse } from '../../sitting/refusal.ts';
import { usual, type Format } from '../format.ts';
import type { InterludeContent } from './content.ts';

export interface InterludeState extends InterludeContent {
  /** When the break is to be over: server time in milliseconds, or null. */
  until: number | null;
}
export interface InterludeView {
  format: 'interlude';
  what: InterludeContent['what'];
  text: string;
  until: number | null;
}

/** An interlude stands where a round could stand, and is over as soon as the host goes on. */
export const interlude: Format<InterludeContent, InterludeState, InterludeView, null> = {
  ...usual,
  questionsOf: () => [],
  findings: () => [],
  deal: () => null,
  begin: (content) => ({ ...content, until: null }),
  next: () => null,
  choose: () => refuse('notNow', 'Nothing is asked in an interlude.'),
  place: () => ({ label: '', number: null, of: null }),
  act: () => refuse('notThere', 'There is nothing to choose here.'),
  evolve(state, event) {
    if (event.type === 'roundBegan' && state.minutes !== null)
      state.until = event.at + state.minutes * 60_000;
  },
  isOver: () => true,
  cloth: () => [],
  view: ({ what, text, until }) => ({ format: 'interlude', what, text, until }),
};
