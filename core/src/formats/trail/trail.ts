import * as v from 'valibot';
import { refuse, type Refusal } from '../../refusal.ts';
import { Id, whole } from '../../text/schemas.ts';
import type { RoundDraft } from '../events.ts';
import { finding } from '../finding.ts';
import { usual, type By, type Format, type Table } from '../format.ts';
import { isKeyed } from '../keyed.ts';
import type { Random } from '../../random/shuffle.ts';
import {
  beginSequence,
  dealSequence,
  filledList,
  listAsWritten,
  listWith,
  placesInList,
  sequenceFindings,
  sequenceHarm,
  type DealtSequence,
} from '../sequence.ts';
import {
  askingSpaces,
  blankTrail,
  MOST_PAGES,
  MOST_SPACES,
  type Page,
  type Special,
  type TrailContent,
} from './content.ts';
import { lapOf, questionOn, reached, spaceOf, spread, useUp, type TrailState } from './state.ts';

export interface TrailView extends Pick<TrailContent, 'spaces' | 'goal' | 'target' | 'pass'> {
  format: 'trail';
  gain: number;
  specials: { space: number; special: Special }[];
  pieces: { team: string; space: number; lap: number; balance: number }[];
  /** Whose piece has just moved, until the question there is over. */
  rolled: { team: string; face: number; from: number; to: number } | null;
  /** The face that came up last. */
  last: { team: string; face: number } | null;
  /** Spaces that were answered right, in this order: by whom. */
  woven: { space: number; team: string }[];
  /** Who has reached the target. */
  reached: string | null;
  pages: Page[];
  page: number | null;
}

export const FACES = 6;

const Act = v.variant('do', [
  /** With a face where a real die was rolled. */
  v.object({ do: v.literal('roll'), face: v.optional(whole(1, FACES)) }),
  v.object({ do: v.literal('move'), team: Id, to: whole(0, MOST_SPACES - 1) }),
  v.object({ do: v.literal('page'), page: v.nullable(whole(0, MOST_PAGES - 1)) }),
]);
type Acted =
  | { do: 'roll'; team: string; face: number; among?: number }
  | { do: 'move'; team: string; to: number }
  | { do: 'page'; page: number | null };

/** Trail: a die moves a piece round a loop of spaces; a right answer there brings points, a wrong one costs them. */
export const trail: Format<TrailContent, TrailState, TrailView, DealtSequence> = {
  ...usual,
  seenBetween: true,
  chosen: true,
  suits: { anew: { penalty: 'full', afterWrong: 'close' }, aloud: {}, always: { floor: 'turn' } },
  prescribes: { floor: 'turn', afterWrong: 'close', passShare: 100 },
  harm: { ...sequenceHarm, noSpaces: 6, noEnd: 22, tooFewForSpaces: 28, tooManyForSpaces: 32 },
  blank: blankTrail,
  places: (content) => placesInList(content),
  filled: filledList,
  withQuestions: listWith,
  media: ({ pages }) => pages.flatMap(({ picture }) => picture ?? []),
  findings(content, questions, _teams, rules) {
    const found = sequenceFindings(content, questions);
    const count = content.items.filter(({ id }) => isKeyed(questions[id])).length;
    const spaces = askingSpaces(content).length;
    const most = spaces * content.perSpace;
    if (spaces === 0) found.push(finding('noSpaces', {}, { mustMend: true }));
    else if (count > 0 && count < spaces) found.push(finding('tooFewForSpaces', { count, spaces }));
    else if (count > most) found.push(finding('tooManyForSpaces', { count, most }));
    if (content.goal === 'most' && rules.turnsEach === null && rules.roundClock === null)
      found.push(finding('noEnd'));
    return found;
  },
  deal: (content, questions, random) => ({
    order: dealSequence(content, questions, random).order.filter((id) => isKeyed(questions[id])),
  }),
  asWritten: listAsWritten,
  begin(content, _questions, dealt) {
    const { spaces, goal, target, pass, pages, points } = content;
    const { order } = beginSequence(content, dealt ?? { order: [] });
    return {
      ...{ spaces, goal, target, pass, pages },
      gain: points,
      specials: new Map(Object.entries(content.specials).map(([space, special]) => [Number(space), special])),
      page: pages.length > 0 ? 0 : null,
      pool: spread(order, askingSpaces(content), content.perSpace),
      used: new Map(),
      steps: new Map(),
      rolled: null,
      last: null,
      balances: new Map(),
      right: new Map(),
      over: order.length === 0,
    };
  },
  next: ({ rolled }) => rolled && `${rolled.to}`,
  choose(state, ref, _table, random) {
    const space = Number(ref);
    if (state.rolled?.to !== space) return refuse('notNow', 'rollFirst');
    const question = questionOn(state, space, random);
    if (!question) return refuse('notThere', 'spaceEmpty');
    return { ref, question: question.id, points: question.points };
  },
  place: ({ spaces }, ref) => ({ label: '', number: Number(ref), of: spaces }),
  act(state, act, table, by, random) {
    const read = v.safeParse(Act, act);
    if (!read.success) return refuse('invalid', 'notHere');
    const what = read.output;
    if (table.busy) return refuse('notNow', 'questionOn');
    switch (what.do) {
      case 'page':
        if (by.role === 'team') return refuse('notYours', 'hostOnly');
        if (what.page !== null && !state.pages[what.page]) return refuse('notThere', 'noPage');
        return [{ type: 'acted', act: what }];
      case 'move':
        if (by.role !== 'host') return refuse('notYours', 'hostMoves');
        if (!table.teams.includes(what.team) || what.to >= state.spaces) return refuse('notThere', 'noSpace');
        if (state.rolled) return refuse('notNow', 'spaceQuestionFirst');
        return [{ type: 'acted', act: what }];
      case 'roll':
        return roll(state, what.face, table, by, random);
    }
  },
  move: (state) => (state.rolled || trail.isOver(state) ? null : { type: 'act', act: { do: 'roll' } }),
  evolve(state, event, ref) {
    const earn = (team: string, amount: number) =>
      state.balances.set(team, (state.balances.get(team) ?? 0) + amount);
    switch (event.type) {
      case 'acted':
        return acted(state, event.act as Acted);
      case 'picked':
        useUp(state, Number(event.ref), event.question);
        return;
      case 'settled':
        for (const { team, amount } of event.results ?? []) earn(team, amount);
        weave(state, event.play ?? -1, Number(ref), event.winner);
        state.rolled = null;
        return;
      case 'resettled':
        weave(state, event.play, Number(ref), event.winner);
        return;
      case 'scored':
        if (event.cause.by !== 'hand') earn(event.team, event.amount);
        return;
      default:
    }
  },
  left(state, teams) {
    if (trail.isOver(state)) return { low: 0, likely: 0, high: 0 };
    const most = Math.max(0, ...state.balances.values());
    const needed = Math.ceil((state.target - most) / Math.max(1, state.gain));
    // About three of four are right, and every wrong one takes back what another brought.
    return { low: needed, likely: needed * 2 * Math.max(1, teams), high: needed * 4 * Math.max(1, teams) };
  },
  isOver: (state) => state.over || reached(state) !== null,
  cloth: ({ right }) => [
    { name: '', cells: [...right.values()].map(({ team }) => ({ used: true, teams: [team] })) },
  ],
  facts: ({ spaces, points, target, pass }) => ({ spaces, points, target, pass, n: pass }),
  view(state) {
    const { spaces, goal, target, pass, gain, specials, steps, rolled, last, right, balances, pages, page } =
      state;
    return {
      format: 'trail',
      ...{ spaces, goal, target, pass, gain, rolled, pages, page },
      specials: [...specials].map(([space, special]) => ({ space, special })),
      pieces: [...new Set([...steps.keys(), ...balances.keys()])].map((team) => ({
        team,
        space: spaceOf(state, team),
        lap: lapOf(state, team),
        balance: balances.get(team) ?? 0,
      })),
      last,
      woven: [...right.values()],
      reached: reached(state),
    };
  },
};

/** A die that is drawn here, or one whose number was entered; the piece moves at once. */
function roll(
  state: TrailState,
  real: number | undefined,
  { teams, turn, over, boosts }: Table,
  by: By,
  random: Random,
): RoundDraft[] | Refusal {
  if (over) return refuse('notNow', 'roundOver');
  if (state.rolled) return refuse('already', 'rolled');
  if (!teams.includes(turn)) return refuse('notNow', 'nobodyToRoll');
  if (by.role === 'team' && by.team !== turn) return refuse('notYours', 'otherTurn');
  const face = real ?? 1 + Math.floor(random() * FACES);
  const act: Acted = { do: 'roll', team: turn, face, ...(real === undefined ? { among: FACES } : {}) };
  const drafts: RoundDraft[] = [{ type: 'acted', act }];
  const before = state.steps.get(turn) ?? 0;
  if (state.pass > 0 && Math.floor((before + face) / state.spaces) > Math.floor(before / state.spaces))
    drafts.push({
      type: 'scored',
      team: turn,
      amount: state.pass,
      cause: { by: 'format', what: 'trail.pass' },
    });
  const to = (before + face) % state.spaces;
  // Whoever comes to rest, or back to the start, is asked nothing; rolling again they stay on turn.
  const special = state.specials.get(to);
  if (special === 'boost' && boosts.length > 0) {
    const boost = boosts[Math.floor(random() * boosts.length)]!;
    drafts.push({ type: 'boostGiven', team: turn, boost, why: 'space' });
  }
  // What comes up follows once it is over: the turn is had with it.
  if (special === 'spin') drafts.push({ type: 'spinnerShown', what: 'surprise', team: turn, fields: [] });
  if (!state.pool.has(to) && special !== 'again') drafts.push({ type: 'turnGiven', team: turn, took: true });
  return drafts;
}

function acted(state: TrailState, act: Acted): void {
  if (act.do === 'page') state.page = act.page;
  else if (act.do === 'move') {
    const lap = lapOf(state, act.team);
    state.steps.set(act.team, lap * state.spaces + act.to);
  } else {
    const before = state.steps.get(act.team) ?? 0;
    state.steps.set(act.team, before + act.face);
    const to = (before + act.face) % state.spaces;
    state.last = { team: act.team, face: act.face };
    state.page = null;
    state.rolled = state.pool.has(to)
      ? { team: act.team, face: act.face, from: before % state.spaces, to }
      : null;
  }
}

function weave(state: TrailState, play: number, space: number, winner: string | null): void {
  if (winner === null) state.right.delete(play);
  else state.right.set(play, { space, team: winner });
}
