import { lacksOf } from '../../question/asPlayed.ts';
import { kindOf } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import { refuse } from '../../refusal.ts';
import { plainText } from '../../text/markdown.ts';
import { usual, type Format, type Settled } from '../format.ts';
import {
  dealSequence,
  filledList,
  listAsWritten,
  listWith,
  placesInList,
  sequenceFindings,
  sequenceHarm,
  type DealtSequence,
} from '../sequence.ts';
import { blankClaim, type ClaimContent } from './content.ts';
import { oneShort } from './rows.ts';
import {
  countOf,
  firstRow,
  freeSquares,
  gridOf,
  groupOf,
  isBlocked,
  isDone,
  isFree,
  linesFor,
  meet,
  ownerOf,
  type Attempt,
  type ClaimState,
} from './state.ts';

export interface ClaimView extends Pick<ClaimContent, 'rows' | 'columns' | 'inARow' | 'open'> {
  format: 'claim';
  /** `label` is its topic or first words; empty where its number stands on it. `isThere` says whether it can be played. */
  squares: {
    label: string;
    isThere: boolean;
    group: number | null;
    team: string | null;
    blocked: number[];
  }[];
  /** Groups with their teams; `short` where one more square completes a row. */
  groups: { teams: string[]; squares: number; short: boolean }[];
  /** Who has won it, and by which row; with a full board those with most squares. */
  won: { groups: number[]; squares: number[] | null } | null;
}

/** What stage and desk see of it as it happens, where all are at it at once. */
export interface ClaimLive {
  format: 'claim';
  /** Each team on the square that it is on, and until when a group waits (server ms). */
  on: { team: string; square: number }[];
  waits: { group: number; until: number }[];
}

interface Dealt extends DealtSequence {
  groups?: string[][];
}

/** After a miss a group waits so long before it takes on another square (ms), where all are at it at once. */
export const WAIT = 10_000;
/** So much of a question stands on its square. */
const FIRST_WORDS = 40;

const isForClaim = (question: Question | undefined): boolean =>
  question !== undefined && kindOf(question.answer.kind).keyed;

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
  harm: {
    ...sequenceHarm,
    noSquares: 6,
    rowTooLong: 7,
    tooFewForSquares: 27,
    topicsMissing: 31,
    notByItself: 8,
  },
  blank: blankClaim,
  places: (content) =>
    placesInList(content, false).map((place) => ({ ...place, label: content.topics[place.id] ?? '' })),
  filled: (content, questions) => filledList(content, questions),
  withQuestions(content, at) {
    const copied = listWith(content, at);
    const topics = content.items.flatMap(({ id }, i) => {
      const topic = content.topics[id];
      return topic === undefined ? [] : [[copied.items[i]!.id, topic]];
    });
    return { ...copied, topics: { ...content.topics, ...Object.fromEntries(topics) } };
  },
  findings(content, questions) {
    const found = sequenceFindings(content, questions);
    const say = (code: string, params: Record<string, string | number>, mustMend = false) =>
      found.push({ code, ref: null, question: null, params, mustMend });
    const squares = content.rows * content.columns;
    const ready = content.items.filter(({ id }) => questions[id] && lacksOf(questions[id]).length === 0);
    const count = ready.filter(({ id }) => isForClaim(questions[id])).length;
    if (count === 0 && ready.length > 0) say('noSquares', {}, true);
    else if (count > 0 && count < squares) say('tooFewForSquares', { count, squares });
    if (content.inARow > Math.max(content.rows, content.columns))
      say('rowTooLong', { row: content.inARow, rows: content.rows, columns: content.columns });
    const without = content.items.slice(0, squares).filter(({ id }) => !content.topics[id]?.trim()).length;
    if (content.shows === 'topic' && without > 0 && without < Math.min(squares, content.items.length))
      say('topicsMissing', { n: without });
    if (content.open)
      content.items.forEach(({ id }, i) => {
        const question = questions[id];
        if (question && isForClaim(question) && kindOf(question.answer.kind).given !== 'handset')
          found.push({
            code: 'notByItself',
            ref: id,
            question: id,
            params: { number: i + 1 },
            mustMend: false,
          });
      });
    return found;
  },
  deal(content, questions, random, teams) {
    const order = dealSequence(content, questions, random).order.filter((id) => isForClaim(questions[id]));
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
  choose(state, ref, { turn }) {
    const square = Number(ref);
    if (state.squares[square] == null) return refuse('notThere', 'There is no question on that square.');
    if (!isFree(state, square)) return refuse('used', 'That square is taken.');
    if (isBlocked(state, square, groupOf(state, turn)))
      return refuse('notNow', 'That square is blocked for you after a wrong answer.');
    return { ref, question: state.squares[square]!, points: 0 };
  },
  take(state, team, ref, { now }) {
    const until = state.waits.get(groupOf(state, team)) ?? 0;
    if (until > now) return refuse('notNow', 'Wait a moment after a wrong answer.');
    const picked = claim.choose(state, ref, { turn: team } as never, () => 0.5);
    return 'sentence' in picked ? picked : { ...picked, key: false };
  },
  withdraws({ on }, settled, ref) {
    const taken = settled.type === 'settled' && settled.to !== undefined && isRight(settled);
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
  act: () => refuse('notThere', 'There is nothing to choose here.'),
  move(state, { turn }, random) {
    const ref = aSquare(state, turn, random);
    return ref === null ? null : { type: 'choose', ref };
  },
  takes(state, team, random) {
    const ref = aSquare(state, team, random);
    return ref === null ? null : { ref, from: state.waits.get(groupOf(state, team)) ?? 0 };
  },
  evolve(state, event, ref) {
    switch (event.type) {
      case 'turnGiven':
      case 'answered':
        return meet(state, event.team);
      case 'picked':
        return meet(state, event.floor ?? '');
      case 'asked':
        meet(state, event.team);
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
    const free = freeSquares(state).length;
    if (isDone(state)) return { low: 0, likely: 0, high: 0 };
    // As a rule a row is there when something more than half of the board is; a miss costs a question, too.
    return { low: Math.min(free, state.inARow), likely: Math.ceil(free * 0.8), high: Math.ceil(free * 1.5) };
  },
  isOver: isDone,
  rankBy(state, team) {
    const group = groupOf(state, team);
    return [firstRow(state)?.group === group ? 1 : 0, countOf(gridOf(state).owners, group)];
  },
  ownScore: (state, team) => countOf(gridOf(state).owners, groupOf(state, team)),
  counted: (state, team, { lifePoints }) => countOf(gridOf(state).owners, groupOf(state, team)) * lifePoints,
  cloth: (state) =>
    Array.from({ length: state.rows }, (_, row) => ({
      name: '',
      cells: Array.from({ length: state.columns }, (_cell, column) => {
        const owner = ownerOf(state, row * state.columns + column);
        return { used: owner !== null, teams: owner ? [owner.team] : [] };
      }),
    })),
  facts: ({ rows, columns, inARow, groups }) => ({ rows, columns, row: inARow, groups, n: inARow }),
  view(state) {
    const { rows, columns, inARow, open } = state;
    const { owners } = gridOf(state);
    const short = oneShort({ rows, columns, owners }, state.lines, (square) => isFree(state, square));
    const used = state.groups
      .map((teams, group) => ({ teams, group }))
      .filter(({ teams }) => teams.length > 0);
    return {
      format: 'claim',
      ...{ rows, columns, inARow, open },
      squares: state.squares.map((id, square) => ({
        label: id === null ? '' : (state.labels.get(id) ?? ''),
        isThere: id !== null,
        group: owners[square]!,
        team: ownerOf(state, square)?.team ?? null,
        blocked: isFree(state, square)
          ? used.filter(({ group }) => isBlocked(state, square, group)).map(({ group }) => group)
          : [],
      })),
      groups: state.groups.map((teams, group) => ({
        teams,
        squares: countOf(owners, group),
        short: short.has(group),
      })),
      won: winners(state),
    };
  },
  live: ({ on, waits, open }): ClaimLive | null =>
    open
      ? {
          format: 'claim',
          on: [...on].map(([team, square]) => ({ team, square })),
          waits: [...waits].map(([group, until]) => ({ group, until })),
        }
      : null,
};

/** Whether a square was answered wholly right: half of it takes none. */
const isRight = ({ results }: Pick<Settled, 'results'>): boolean =>
  (results ?? []).some(({ share }) => share >= 1);

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

function aSquare(state: ClaimState, team: string, random: () => number): string | null {
  const group = groupOf(state, team);
  const able = freeSquares(state).filter((square) => !isBlocked(state, square, group));
  const square = able[Math.floor(random() * able.length)];
  return square === undefined ? null : String(square);
}

function winners(state: ClaimState): ClaimView['won'] {
  if (!isDone(state)) return null;
  const row = firstRow(state);
  if (row) return { groups: [row.group], squares: row.squares };
  const { owners } = gridOf(state);
  const counts = state.groups.map((_, group) => countOf(owners, group));
  const most = Math.max(...counts);
  return {
    groups: counts.flatMap((count, group) => (count === most && most > 0 ? [group] : [])),
    squares: null,
  };
}
