import * as v from 'valibot';
import { Id, whole } from '../../text/schemas.ts';
import type { Question } from '../../question/question.ts';
import type { Random } from '../../random/shuffle.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import { plainText } from '../../text/markdown.ts';
import { NOTHING } from '../../time/span.ts';
import { usual, type Format, type Picked, type Settled } from '../format.ts';
import { isKeyed, isWhollyRight } from '../keyed.ts';
import {
  dealSequence,
  filledList,
  listAsWritten,
  listWith,
  placesInList,
  type DealtSequence,
} from '../sequence.ts';
import { blankClaim, LARGEST_GRID, type ClaimContent } from './content.ts';
import { claimFindings, claimHarm } from './findings.ts';
import {
  countOf,
  groupOf,
  isDone,
  linesFor,
  meet,
  openTo,
  standingOf,
  type Attempt,
  type ClaimState,
} from './state.ts';
import { claimView, type ClaimLive, type ClaimView } from './view.ts';

/** The host says whose a square is; null for nobody's. */
const Act = v.object({
  do: v.literal('own'),
  square: whole(0, LARGEST_GRID * LARGEST_GRID - 1),
  team: v.nullable(Id),
});
type Act = v.InferOutput<typeof Act>;

interface Dealt extends DealtSequence {
  groups?: string[][];
}

/** After a miss a group waits so long before it takes on another square (ms), where all are at it at once. */
export const WAIT = 10_000;
/** So much of a question stands on its square. */
const FIRST_WORDS = 40;

function firstWords(text: string): string {
  const plain = plainText(text).replace(/\s+/g, ' ').trim();
  if (plain.length <= FIRST_WORDS) return plain;
  const cut = plain.slice(0, FIRST_WORDS);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), FIRST_WORDS / 2)).trim()} …`;
}

const labelOf = ({ shows, topics }: ClaimContent, question: Question | undefined): string => {
  if (!question || shows === 'number') return '';
  return shows === 'topic' ? (topics[question.id] ?? '') : firstWords(question.prompt);
};

/** Claim: a right answer takes a square; whoever has so many in a row first wins, else whoever has most. */
export const claim: Format<ClaimContent, ClaimState, ClaimView, Dealt> = {
  ...usual,
  pays: false,
  ranksOtherwise: true,
  seenBetween: true,
  chosen: true,
  chosenByHandset: true,
  alone: ({ open }) => (open ? 'teams' : null),
  suits: {
    anew: { brings: 'places', afterWrong: 'close' },
    aloud: {},
    always: { floor: 'turn', afterWrong: 'close' },
  },
  prescribes: { penalty: 'none', speed: null, passShare: 100, lowest: null, change: false },
  harm: claimHarm,
  blank: blankClaim,
  places: (content) =>
    placesInList(content, false).map((place) => ({ ...place, label: content.topics[place.id] ?? '' })),
  filled: filledList,
  withQuestions(content, at) {
    const copied = listWith(content, at);
    const topics = content.items.flatMap(({ id }, i) => {
      const topic = content.topics[id];
      return topic === undefined ? [] : [[copied.items[i]!.id, topic]];
    });
    return { ...copied, topics: { ...content.topics, ...Object.fromEntries(topics) } };
  },
  findings: claimFindings,
  deal(content, questions, random, teams) {
    const order = dealSequence(content, questions, random).order.filter((id) => isKeyed(questions[id]));
    const groups = Array.from({ length: content.groups }, (_, group) =>
      teams.filter((_team, i) => i % content.groups === group),
    );
    return { order, groups };
  },
  asWritten: listAsWritten,
  begin(content, questions, dealt) {
    const { rows, columns, inARow, open, miss, shows } = content;
    const order = dealt?.order ?? [];
    const labels = new Map(order.map((id) => [id, labelOf(content, questions[id])]));
    return {
      ...{ rows, columns, inARow, open, miss, shows },
      squares: Array.from({ length: rows * columns }, (_, i) => order[i] ?? null),
      reserve: order.slice(rows * columns),
      labels,
      groups: (dealt?.groups ?? Array.from({ length: content.groups }, () => [])).map((teams) => [...teams]),
      attempts: [],
      on: new Map(),
      waits: new Map(),
      over: false,
      lines: linesFor(content),
    };
  },
  next: () => null,
  choose: (state, ref, { turn }) => pickedBy(state, ref, turn),
  take(state, team, ref, { now }) {
    if ((state.waits.get(groupOf(state, team)) ?? 0) > now) return refuse('notNow', 'waitAfterWrong');
    const picked = pickedBy(state, ref, team);
    return isRefusal(picked) ? picked : { ...picked, key: false };
  },
  withdraws({ on }, settled, ref) {
    const taken = settled.type === 'settled' && settled.to !== undefined && isWhollyRight(settled);
    if (!taken) return [];
    return [...on]
      .filter(([team, square]) => square === Number(ref) && team !== settled.to)
      .map(([team]) => team);
  },
  place(state, ref) {
    const id = state.squares[Number(ref)];
    const label = id == null ? '' : (state.labels.get(id) ?? '');
    return label === ''
      ? { label: '', number: Number(ref) + 1, of: state.squares.length }
      : { label, number: null, of: null };
  },
  act(state, given, { teams, busy }, by) {
    const read = v.safeParse(Act, given);
    if (!read.success) return refuse('invalid', 'notHere');
    if (by.role !== 'host') return refuse('notYours', 'hostOnly');
    if (busy) return refuse('notNow', 'questionOn');
    const { square, team } = read.output;
    if (square >= state.squares.length || (team !== null && !teams.includes(team)))
      return refuse('notThere', 'noSquare');
    return (standingOf(state).won[square]?.team ?? null) === team
      ? refuse('already', 'already')
      : [{ type: 'acted', act: read.output }];
  },
  move(state, { turn }, random) {
    const ref = aSquare(state, turn, random);
    return ref === null ? null : { type: 'choose', ref };
  },
  moveAlone(state, team, random) {
    const ref = aSquare(state, team, random);
    return ref === null ? null : { ref, from: state.waits.get(groupOf(state, team)) ?? 0 };
  },
  evolve(state, event, ref) {
    // Whoever came later is of a group from the first time that anything is said of them.
    if ('team' in event && event.team) meet(state, event.team);
    switch (event.type) {
      case 'acted': {
        const { square, team } = event.act as Act;
        meet(state, team ?? '');
        const won = team === null ? null : { team, group: groupOf(state, team) };
        state.attempts.push({ play: -1, square, given: true, won, missed: [] });
        return;
      }
      case 'picked':
        return meet(state, event.floor ?? '');
      case 'asked':
        state.on.set(event.to, Number(event.ref));
        return;
      case 'withdrawn':
        state.on.delete(event.to);
        return;
      case 'settled': {
        if (ref === null) return;
        const attempt = attemptOf(state, event, Number(ref));
        state.attempts.push(attempt);
        if (event.to !== undefined) {
          state.on.delete(event.to);
          if (!attempt.won && state.miss === 'turn')
            for (const group of attempt.missed) state.waits.set(group, event.at + WAIT);
        }
        if (!attempt.won) replace(state, Number(ref));
        return;
      }
      case 'resettled':
        state.attempts = state.attempts.map((one) =>
          one.play === event.play ? attemptOf(state, event, one.square) : one,
        );
        return;
      case 'roundEnded':
        // Where teams take turns, the others get as many as the first had.
        if (state.open) state.over = true;
        state.on.clear();
        return;
      default:
    }
  },
  left(state) {
    const standing = standingOf(state);
    if (isDone(state, standing)) return NOTHING;
    const free = standing.free.length;
    // As a rule a row is there when something more than half of the board is; a miss costs a question, too.
    return { low: Math.min(free, state.inARow), likely: Math.ceil(free * 0.8), high: Math.ceil(free * 1.5) };
  },
  isOver: (state) => isDone(state, standingOf(state)),
  rankBy(state, team) {
    const standing = standingOf(state);
    const group = groupOf(state, team);
    return [standing.row?.group === group ? 1 : 0, countOf(standing, group)];
  },
  ownScore: (state, team) => countOf(standingOf(state), groupOf(state, team)),
  counted: (state, team, { lifePoints }) => countOf(standingOf(state), groupOf(state, team)) * lifePoints,
  cloth(state) {
    const { won } = standingOf(state);
    return Array.from({ length: state.rows }, (_, row) => ({
      name: '',
      cells: won
        .slice(row * state.columns, (row + 1) * state.columns)
        .map((one) => ({ used: one !== null, teams: one ? [one.team] : [] })),
    }));
  },
  facts: ({ rows, columns, inARow, groups }) => ({ rows, columns, row: inARow, groups, n: inARow }),
  view: claimView,
  live: ({ on, waits, open }): ClaimLive | null =>
    open
      ? {
          format: 'claim',
          on: [...on].map(([team, square]) => ({ team, square })),
          waits: [...waits].map(([group, until]) => ({ group, until })),
        }
      : null,
};

function pickedBy(state: ClaimState, ref: string, team: string): Picked | Refusal {
  const square = Number(ref);
  const question = state.squares[square];
  if (question == null) return refuse('notThere', 'squareEmpty');
  const standing = standingOf(state);
  if (!standing.free.includes(square)) return refuse('used', 'squareTaken');
  return openTo(state, standing, groupOf(state, team)).includes(square)
    ? { ref, question, points: 0 }
    : refuse('notNow', 'squareBlocked');
}

function attemptOf(state: ClaimState, settled: Settled, square: number): Attempt {
  const results = settled.results ?? [];
  const right = results.find(({ team, share }) => team === settled.winner && share >= 1);
  const missed = results.filter(({ share }) => share < 1).map(({ team }) => groupOf(state, team));
  return {
    play: settled.play ?? -1,
    square,
    won: right ? { team: right.team, group: groupOf(state, right.team) } : null,
    missed: [...new Set(missed)],
  };
}

/** After a question was seen in vain another one lies on its square; it comes again when all others have been seen. */
function replace(state: ClaimState, square: number): void {
  const before = state.squares[square];
  if (before == null || state.reserve.length === 0) return;
  state.squares[square] = state.reserve.shift()!;
  state.reserve.push(before);
}

/** What a stand-in would take on. */
function aSquare(state: ClaimState, team: string, random: Random): string | null {
  const able = openTo(state, standingOf(state), groupOf(state, team));
  const square = able[Math.floor(random() * able.length)];
  return square === undefined ? null : String(square);
}
