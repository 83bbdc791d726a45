import type { Verdict } from '../question/kind.ts';
import type { Weave } from '../show/weave.ts';
import type { Counting } from '../sitting/counting.ts';
import { mayReweigh } from '../sitting/decide/reweigh.ts';
import { kindInPlay, placeOf, writtenQuestion } from '../sitting/read/inPlay.ts';
import { playing } from '../sitting/read/roundCount.ts';
import { teamOf, type QuestionInPlay, type Response, type SittingState } from '../sitting/state.ts';
import { overIn, silentIn, whose } from './over.ts';

/** Somebody who knew things or did not: a person with a phone, else a team. */
export interface Knower {
  id: string;
  name: string;
  /** The team by name; empty where somebody is a team. */
  team: string;
  weave: Weave | null;
}

/** A question that was played and that can be right or wrong. */
export interface Item {
  /** In the order of play, from 1. */
  number: number;
  /** The round by its place among those begun, and what its place there is called. */
  begun: number;
  place: string;
  question: string;
  prompt: string;
  value: number;
  counts: Counting;
  /** Whether it may be given another value, or counted otherwise. */
  mayReweigh: boolean;
  /** The numbers under which it was in play: several where it was asked of each alone. */
  plays: number[];
}

/** What somebody made of a question; null where it was not asked of them. */
export interface Cell {
  is: Verdict | 'none';
  /** The share of the marks, 0 … 1; 0 where nothing was answered. */
  share: number;
  /** Seconds from the opening while the clock ran; null where nobody knows. */
  seconds: number | null;
  /** What was answered, as it was written down, and to which play; null where nothing was. */
  response: Response | null;
  play: number;
}

/** Who knew what: a row for each knower, a column for each question. */
export interface Sheet {
  knowers: Knower[];
  items: Item[];
  cells: (Cell | null)[][];
}

/** Those whose knowledge is seen: people where each has a phone, teams else. */
function knowersOf(state: SittingState): Knower[] {
  const { devices } = state.show;
  if (devices.mode !== 'each')
    return playing(state).map(({ id, name, weave }) => ({ id, name, team: '', weave }));
  const answered = new Set<string>();
  for (const { responses } of state.plays.values())
    for (const { seat } of responses) if (seat) answered.add(seat);
  return [...state.seats.values()]
    .filter(({ id, removed }) => !removed || answered.has(id))
    .map(({ id, name, team: of }) => {
      const team = teamOf(state, of);
      return {
        id,
        name,
        team: devices.score === 'players' ? '' : (team?.name ?? ''),
        weave: team?.weave ?? null,
      };
    });
}

/** Questions that are over and had a key, each once in the order of play, with those plays. */
function itemsOf(state: SittingState): { item: Item; plays: QuestionInPlay[] }[] {
  const found = new Map<number, { item: Item; plays: QuestionInPlay[] }>();
  for (const { play, number } of overIn(state)) {
    if (!kindInPlay(state, play).keyed || play.openedAt === null) continue;
    const known = found.get(number);
    if (known) {
      known.item.plays.push(play.play);
      known.plays.push(play);
      continue;
    }
    const { label } = placeOf(state, play);
    const { id, prompt } = writtenQuestion(state, play);
    const item: Item = {
      number,
      begun: play.begun,
      place: label || (state.show.rounds[state.begun[play.begun]!.index]?.title ?? ''),
      question: id,
      prompt,
      value: play.points,
      counts: play.counts,
      mayReweigh: mayReweigh(state, play),
      plays: [play.play],
    };
    found.set(number, { item, plays: [play] });
  }
  return [...found.values()];
}

const EMPTY = { share: 0, seconds: null, response: null };

function cellOf(play: QuestionInPlay, response: Response): Cell {
  const { verdict, share, after } = response;
  return {
    is: verdict ?? 'none',
    share: verdict === null ? 0 : share,
    seconds: after === null ? null : Math.round(after / 100) / 10,
    response,
    play: play.play,
  };
}

/**
 * Finds what each made of a question. Who could have answered and did not has a cell, who was not asked has none: the
 * first answer counts where one was asked several times.
 */
function columnOf(
  state: SittingState,
  plays: readonly QuestionInPlay[],
  knowers: readonly Knower[],
): (Cell | null)[] {
  const cells = new Map<string, Cell>();
  const wanted = new Set(knowers.map(({ id }) => id));
  const isNew = (who: string | null): who is string => who !== null && wanted.has(who) && !cells.has(who);
  for (const play of plays) {
    for (const response of play.responses) {
      const who = whose(state, response);
      if (isNew(who)) cells.set(who, cellOf(play, response));
    }
    for (const one of silentIn(state, play)) {
      const who = whose(state, one);
      if (isNew(who)) cells.set(who, { ...EMPTY, is: 'none', play: play.play });
    }
  }
  return knowers.map(({ id }) => cells.get(id) ?? null);
}

/** Who knew what in a sitting, as it stands: a ruling that is changed later changes it. `only` is one of them, for their row alone. */
export function sheetOf(state: SittingState, only?: string): Sheet {
  const knowers = knowersOf(state).filter(({ id }) => only === undefined || id === only);
  const found = itemsOf(state);
  const columns = found.map(({ plays }) => columnOf(state, plays, knowers));
  return {
    knowers,
    items: found.map(({ item }) => item),
    cells: knowers.map((_, row) => columns.map((column) => column[row]!)),
  };
}
