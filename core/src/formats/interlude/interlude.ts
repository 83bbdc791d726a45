import { refuse } from '../../refusal.ts';
import { usual, type Format } from '../format.ts';
import { blankInterlude, type InterludeContent, type LeagueSnapshot } from './content.ts';

export interface InterludeState extends InterludeContent {
  /** When the break is to be over: server time in milliseconds, or null. */
  until: number | null;
}
export interface InterludeView {
  format: 'interlude';
  what: InterludeContent['what'];
  text: string;
  until: number | null;
  table: LeagueSnapshot | null;
}

/** What is told from settings rather than written takes so long to be read (s). */
const TOLD_FROM_SETTINGS = 12;
/** Usual times of interludes that say none themselves (s). */
const USUALLY = { title: 30, howTo: 40, break: 300, standings: 20, league: 20, credits: 15 };

/** An interlude stands where a round could stand, and is over as soon as the host goes on. */
export const interlude: Format<InterludeContent, InterludeState, InterludeView, null> = {
  ...usual,
  asks: false,
  blank: blankInterlude,
  places: () => [],
  filled: (content) => content,
  withQuestions: (content) => content,
  findings: () => [],
  deal: () => null,
  asWritten: () => null,
  begin: (content) => ({ ...content, until: null }),
  next: () => null,
  choose: () => refuse('notNow', 'interlude'),
  place: () => ({ label: '', number: null, of: null }),
  evolve(state, event) {
    if (event.type === 'roundBegan' && state.minutes !== null)
      state.until = event.at + state.minutes * 60_000;
  },
  isOver: () => true,
  cloth: () => [],
  sort: ({ what }) => what,
  does: ({ what, text }) =>
    what === 'credits' ? 'thanks' : what === 'howTo' && text.trim() === '' ? 'explains' : null,
  reads: ({ what, text, minutes }) => {
    if (what === 'break' && minutes !== null) return { seconds: minutes * 60 };
    return what === 'howTo' && text === '' ? { seconds: TOLD_FROM_SETTINGS } : text;
  },
  lasts: ({ what, minutes }) =>
    what === 'break' && minutes !== null
      ? { seconds: minutes * 60, fixed: true }
      : { seconds: USUALLY[what], fixed: false },
  view: ({ what, text, until, table }) => ({ format: 'interlude', what, text, until, table: table ?? null }),
};
