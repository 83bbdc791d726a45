import type { Format } from '../format.ts';
import {
  beginSequence,
  dealSequence,
  leftInTurn,
  placesInList,
  sequenceFindings,
  usualInTurn,
  type DealtSequence,
  type SequenceState,
} from '../sequence.ts';
import { blankKnockout, type KnockoutContent } from './content.ts';
import { livesAfter, untilOneIsLeft, type Turnout } from './lives.ts';

interface DealtKnockout extends DealtSequence {
  /** Only one plays: a miss costs a life all the same. */
  alone?: true;
}

export interface KnockoutState extends SequenceState {
  alone: boolean;
  lives: number;
  turnouts: Turnout[];
  /** Those who lost lives, with what is left to them. */
  left: Map<string, number>;
  /** Everybody who ever played; more may come later. */
  known: Set<string>;
}

export interface KnockoutView {
  format: 'knockout';
  played: number;
  of: number;
  lives: number;
  /** The lives left to those who lost any. */
  left: Record<string, number>;
}

const livesOf = (state: KnockoutState, team: string): number => state.left.get(team) ?? state.lives;

/** Knockout: a miss costs a life; the last one, or who has most lives at the end, wins. */
export const knockout: Format<KnockoutContent, KnockoutState, KnockoutView, DealtKnockout> = {
  ...usualInTurn,
  ranksOtherwise: true,
  seenBetween: true,
  prescribes: { floor: 'everyone', afterWrong: 'close' },
  blank: blankKnockout,
  places: (content) => placesInList(content),
  findings: sequenceFindings,
  deal: (content, questions, random, teams) => ({
    ...dealSequence(content, questions, random),
    ...(teams.length === 1 ? { alone: true } : {}),
  }),
  begin: (content, _questions, dealt) => ({
    ...beginSequence(content, dealt ?? { order: [] }),
    lives: content.lives,
    alone: dealt?.alone ?? false,
    turnouts: [],
    left: new Map(),
    known: new Set(),
  }),
  next: (state) => (knockout.isOver(state) ? null : String(state.played)),
  counts: (state, team) => livesOf(state, team) > 0,
  evolve(state, event) {
    if (event.type === 'settled') state.played++;
    if (event.type !== 'settled' && event.type !== 'resettled') return;
    if (!event.results) return;
    const turnout = {
      play: event.type === 'settled' ? event.seq : event.play,
      playing: event.results.map(({ team }) => team),
      right: event.results.filter(({ share }) => share > 0).map(({ team }) => team),
    };
    if (event.type === 'settled') state.turnouts.push({ ...turnout, play: event.play ?? event.seq });
    else state.turnouts = state.turnouts.map((one) => (one.play === turnout.play ? turnout : one));
    for (const team of turnout.playing) state.known.add(team);
    state.left = livesAfter(state.turnouts, state.lives, state.alone);
  },
  left(state, teams) {
    const most = leftInTurn(state).high;
    const alive =
      state.known.size === 0 ? teams : [...state.known].filter((one) => livesOf(state, one) > 0).length;
    const likely = Math.min(most, untilOneIsLeft(alive, state.lives));
    return { low: Math.min(most, Math.ceil(likely / 2)), likely, high: most };
  },
  isOver(state) {
    if (state.played >= state.order.length) return true;
    const alive = [...state.known].filter((team) => livesOf(state, team) > 0);
    return state.known.size > 1
      ? alive.length <= 1
      : state.alone && state.known.size === 1 && alive.length === 0;
  },
  rankBy: (state, team, score) => [livesOf(state, team), score],
  counted: (state, team, { lifePoints }) => livesOf(state, team) * lifePoints,
  facts: ({ items, lives }) => ({ count: items.length, n: lives }),
  view: ({ order, played, lives, left }) => ({
    format: 'knockout',
    played,
    of: order.length,
    lives,
    left: Object.fromEntries(left),
  }),
};
