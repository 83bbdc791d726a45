import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { playThrough } from '../rehearsal/playThrough.ts';
import { papers } from '../rehearsal/papers.ts';
import { usualRoom } from '../rehearsal/room.ts';
import { tally } from '../rehearsal/tally.ts';
import { exactly } from '../time/span.ts';
import { duplicateRound } from '../show/fill.ts';
import { checkShow } from '../show/check/check.ts';
import { previewStage } from '../preview/preview.ts';
import { rulesWith } from './rules.ts';
import type { Round, Show } from '../show/show.ts';
import { refuse } from '../refusal.ts';
import { scoreOf } from '../sitting/ledger.ts';
import { everyKind, question, sampleShow } from '../sitting/test/table.ts';
import { usual, type Format } from './format.ts';
import { formats, type FormatName } from './index.ts';

/**
 * A made-up format, written by the recipe of docs/engine.md alone: a grid of nine squares, each its own
 * question; whoever is right takes the square, and three in a row, across, bring 50 and end the round.
 */
interface Grid {
  squares: { id: string; question: string | null }[];
}
type Squares = { question: string | null; used: boolean; team: string | null }[];
const SIDE = 3;
const LINE = 50;
const rowOf = (squares: Squares, ref: string) => {
  const row = Math.floor(Number(ref) / SIDE) * SIDE;
  return squares.slice(row, row + SIDE);
};
const owns = (squares: Squares, team: string) => squares.every((one) => one.team === team);

const patch: Format<Grid, Squares, { format: 'patch'; squares: (string | null)[] }, null> = {
  ...usual,
  chosen: true,
  seenBetween: true,
  harm: { noPlayableCell: 4 },
  blank: (newId) => ({
    squares: Array.from({ length: SIDE * SIDE }, () => ({ id: newId(), question: null })),
  }),
  places: ({ squares }) =>
    squares.map(({ id, question }, i) => ({ id, ref: `${i}`, label: '', question, points: 100 })),
  filled: ({ squares }, ids) => ({
    squares: squares.map(({ id }, i) => ({ id, question: ids[i] ?? null })),
  }),
  withQuestions: (content, at) => ({
    squares: patch.places(content).map((place) => ({
      id: place.id,
      question: place.question === null ? null : at({ ...place, question: place.question }),
    })),
  }),
  findings: ({ squares }) =>
    squares.some((one) => one.question !== null)
      ? []
      : [{ code: 'noPlayableCell', ref: null, question: null, params: {}, mustMend: true }],
  deal: () => null,
  asWritten: () => null,
  begin: ({ squares }) => squares.map(({ question }) => ({ question, used: question === null, team: null })),
  next: () => null,
  choose(state, ref) {
    const square = state[Number(ref)];
    if (!square || square.used || square.question === null) return refuse('notThere', 'squareBlocked');
    return { ref, question: square.question, points: 100 };
  },
  place: (_state, ref) => ({ label: '', number: Number(ref) + 1, of: SIDE * SIDE }),
  move(state, _table, random) {
    const free = state.flatMap((one, i) => (one.used ? [] : [i]));
    const i = free[Math.floor(random() * free.length)];
    return i === undefined ? null : { type: 'choose', ref: `${i}` };
  },
  follows(state, settled, ref) {
    const team = settled.winner;
    const others = rowOf(state, ref).filter((one) => one !== state[Number(ref)]);
    if (settled.type !== 'settled' || team === null || !owns(others, team)) return [];
    return [{ type: 'scored', team, amount: LINE, cause: { by: 'format', what: 'patch.line' } }];
  },
  evolve(state, event, ref) {
    if (event.type !== 'settled' && event.type !== 'resettled') return;
    const square = state[Number(ref)];
    if (square) Object.assign(square, { used: true, team: event.winner });
  },
  left: (state) => exactly(state.filter((one) => !one.used).length),
  isOver: (state) =>
    state.every((one) => one.used) ||
    [0, SIDE, 2 * SIDE].some((at) => {
      const row = state.slice(at, at + SIDE);
      return row[0]!.team !== null && owns(row, row[0]!.team);
    }),
  cloth: () => [],
  view: (state) => ({ format: 'patch', squares: state.map((one) => one.team) }),
};
Object.assign(formats, { patch });
Object.assign(papers, { patch: papers.quiz });

function showOf(): Show {
  const show: Show = { ...sampleShow(), questions: {} };
  everyKind().forEach(({ answer }, i) => (show.questions[`k${i}`] = question(`k${i}`, `Ask ${i}`, answer)));
  let n = 0;
  const content = patch.filled(
    patch.blank(() => `s${n++}`),
    Object.keys(show.questions),
  );
  const rules = rulesWith({ floor: 'turn', afterWrong: 'handOn', passShare: 50 });
  show.rounds = [
    { id: 'grid', title: '', rules, format: 'patch' as FormatName, content } as unknown as Round,
  ];
  return show;
}

test('a format that nobody knew is rehearsed to its end, and the tally on paper agrees', () => {
  fc.assert(
    fc.property(fc.string({ minLength: 1, maxLength: 8 }), (seed) => {
      const { state, log } = playThrough(showOf(), { ...usualRoom, seed }, Math.random);
      expect(state.phase).toBe('closed');
      expect(tally(log, state.scores)).toMatchObject({ agrees: true });
    }),
    { numRuns: 40 },
  );
});

test('what is written of it is copied, previewed and checked as of any other', () => {
  const show = showOf();
  let n = 0;
  const id = duplicateRound(show, 'grid', 'Again', () => `copy${n++}`)!;
  const [first, second] = show.rounds as unknown as { content: Grid }[];
  const own = first!.content.squares.map((one) => one.question);
  const copied = second!.content.squares.map((one) => one.question);
  expect(show.rounds[1]!.id).toBe(id);
  expect(copied.filter((one, i) => one !== null && one === own[i])).toEqual([]);
  expect(copied.map((one) => one && show.questions[one]!.prompt)).toEqual(
    own.map((one) => one && show.questions[one]!.prompt),
  );
  expect(previewStage(show, '2', show.questions.k2!, 'open').question).toMatchObject({ points: 100 });
  show.rounds = [{ ...show.rounds[0]!, content: patch.blank(() => `b${n++}`) } as unknown as Round];
  expect(checkShow(show, {})[0]).toMatchObject({ code: 'noPlayableCell', mustMend: true });
});

/**
 * The other recipe, followed as well: each is asked alone, none again at all; every third right answer of a team
 * brings a gift beside its points.
 */
interface Errand {
  ids: string[];
  done: Map<string, string[]>;
  right: Map<string, number>;
  over: boolean;
}
const errand: Format<{ items: string[] }, Errand, { format: 'errand' }, null> = {
  ...usual,
  alone: () => 'people',
  prescribes: { floor: 'everyone' },
  blank: () => ({ items: [] }),
  places: ({ items }) => items.map((id, i) => ({ id, ref: `${i}`, label: '', question: id, points: 10 })),
  filled: (_content, ids) => ({ items: [...ids] }),
  withQuestions: (content, at) => ({
    items: errand.places(content).map((place) => at({ ...place, question: place.question! })),
  }),
  findings: () => [],
  deal: () => null,
  asWritten: () => null,
  begin: ({ items }, questions) => ({
    ids: items.filter((id) => !['aloud', 'opinion', 'card'].includes(questions[id]?.answer.kind ?? 'card')),
    done: new Map(),
    right: new Map(),
    over: false,
  }),
  next: () => null,
  choose: () => refuse('notThere', 'nothingToChoose'),
  ask({ ids, done }, who, random) {
    const left = ids.filter((id) => !done.get(who)?.includes(id));
    const id = left[Math.floor(random() * left.length)];
    return id === undefined ? null : { ref: id, question: id, points: 10, loss: 3, key: false };
  },
  place: () => ({ label: '', number: null, of: null }),
  follows({ right }, settled) {
    const [result] = settled.results ?? [];
    const team = result?.team ?? '';
    if (settled.type !== 'settled' || (result?.share ?? 0) < 1 || (right.get(team) ?? 0) % 3 !== 2) return [];
    return [{ type: 'scored', team, amount: 7, cause: { by: 'format', what: 'errand.gift' } }];
  },
  evolve(state, event) {
    if (event.type === 'asked')
      state.done.set(event.to, [...(state.done.get(event.to) ?? []), event.question]);
    else if (event.type === 'roundEnded') state.over = true;
    else if (event.type === 'settled')
      for (const { team, share } of event.results ?? [])
        if (share >= 1) state.right.set(team, (state.right.get(team) ?? 0) + 1);
  },
  isOver: ({ over }) => over,
  cloth: () => [],
  view: () => ({ format: 'errand' }),
};
Object.assign(formats, { errand });
Object.assign(papers, { errand: papers.quiz });

test('a format that asks each alone, and that nobody knew, is rehearsed to its end in every room', () => {
  fc.assert(
    fc.property(
      fc.string({ minLength: 1, maxLength: 8 }),
      fc.constantFrom('none' as const, 'team' as const, 'each' as const),
      (seed, mode) => {
        const show = showOf();
        const rules = rulesWith({ roundClock: 60, clock: null });
        const content = { items: Object.keys(show.questions) };
        show.devices = { mode, score: 'teams', combine: 'mean' };
        show.rounds = [
          { id: 'errand', title: '', rules, format: 'errand' as FormatName, content } as unknown as Round,
        ];
        const { state, log } = playThrough(show, { ...usualRoom, seed }, Math.random);
        expect(state.phase).toBe('closed');
        const asked = log.flatMap((one) => (one.type === 'asked' ? [`${one.to} ${one.question}`] : []));
        expect(new Set(asked).size).toBe(asked.length);
        for (const { id } of state.teams) expect(state.scores.get(id) ?? 0).toBe(scoreOf(state.ledger, id));
        const gifts = state.ledger.filter(({ cause }) => cause.by === 'format').length;
        const right = [...state.plays.values()].filter(({ results }) => results?.[0]?.share === 1);
        expect(gifts).toBeLessThanOrEqual(Math.floor(right.length / 3));
      },
    ),
    { numRuns: 40 },
  );
});
