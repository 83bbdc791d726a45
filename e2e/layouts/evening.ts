import { defaultDoors, newRound, weaveAt, type Round, type Show } from '@distaff/core/show';
import { isRefusal } from '@distaff/core/refusal';
import { formatNames, harmlessBoosts, rulesWith, spun } from '@distaff/core/formats';
import { playThrough, usualRoom } from '@distaff/core/rehearsal';
import { append, decide, replay, type Command, type Sitting, type SittingState } from '@distaff/core/sitting';
import fc from 'fast-check';
import { question as written } from '../../core/src/sitting/test/table.ts';
import { answer } from './answers.ts';
import { name, text } from './texts.ts';

/** A whole show of one or two rounds of any format, and a moment in it. */
export const evening = fc.record({
  teams: fc.oneof(fc.integer({ min: 2, max: 6 }), fc.constantFrom(1, 12, 13, 50)),
  names: fc.array(name(34), { minLength: 50, maxLength: 50 }),
  title: name(120),
  formats: fc.array(fc.constantFrom(...formatNames), { minLength: 1, maxLength: 2 }),
  titles: fc.array(name(80), { minLength: 2, maxLength: 2 }),
  categories: fc.array(name(60), { minLength: 1, maxLength: 12 }),
  values: fc.array(fc.integer({ min: -9999, max: 99_999 }), { minLength: 1, maxLength: 10 }),
  interlude: fc.constantFrom('title', 'howTo', 'break', 'standings', 'credits'),
  text: text(600),
  asked: fc.array(fc.tuple(text(200), answer), { minLength: 2, maxLength: 4 }),
  mode: fc.constantFrom('team' as const, 'each' as const, 'none' as const),
  score: fc.constantFrom('teams' as const, 'players' as const),
  floor: fc.constantFrom('everyone' as const, 'turn' as const, 'buzz' as const),
  lives: fc.integer({ min: 1, max: 9 }),
  grid: fc.record({
    rows: fc.integer({ min: 3, max: 8 }),
    columns: fc.integer({ min: 3, max: 8 }),
    groups: fc.integer({ min: 2, max: 6 }),
    shows: fc.constantFrom('topic', 'question', 'number'),
    open: fc.boolean(),
  }),
  topics: fc.array(name(40), { minLength: 4, maxLength: 4 }),
  survey: fc.record({
    anonymous: fc.boolean(),
    shown: fc.constantFrom('live', 'after', 'desk'),
    compare: fc.constantFrom('nothing', 'before'),
  }),
  spaces: fc.constantFrom(8, 24, 40),
  spinner: fc.constantFrom(null, null, null, ...spun),
  thrown: fc.boolean(),
  boosts: fc.constantFrom(null, harmlessBoosts),
  pages: fc.array(fc.record({ title: name(80), text: text(1200) }), { maxLength: 2 }),
  seed: fc.integer({ min: 1, max: 1e9 }),
  /** How far it has gone, in thousandths. */
  at: fc.integer({ min: 0, max: 1000 }),
});
export type Evening = typeof evening extends fc.Arbitrary<infer T> ? T : never;

/** A round of a format with all that its content can hold; what a format does not know it does not get. */
function filled(own: Evening, format: Round['format'], i: number, ids: readonly string[]): Round {
  let n = 0;
  const round = newRound(format, () => `r${i}-${n++}`);
  const given: Record<string, unknown> = {
    items: ids.map((id) => ({ id, points: null })),
    categories: own.categories.map((one, at) => ({ id: `c${at}`, name: one })),
    values: own.values.map((points, at) => ({ id: `v${at}`, points })),
    cells: Object.fromEntries(ids.map((id, at) => [`c0:v${at}`, { question: id, value: null }])),
    what: own.interlude,
    text: own.text,
    lives: own.lives,
    ...own.grid,
    ...own.survey,
    topics: Object.fromEntries(ids.map((id, at) => [id, own.topics[at] ?? ''])),
    spaces: own.spaces,
    pages: own.pages.map((page, at) => ({ ...page, id: `p${at}`, picture: null })),
  };
  const known = Object.entries(given).filter(([key]) => key in round.content);
  if (format === 'counterweight') known.splice(0, known.length, ['items', given.items]);
  const content = { ...round.content, ...Object.fromEntries(known) };
  const rules =
    format === 'counterweight'
      ? round.rules
      : rulesWith({ ...round.rules, floor: own.floor, boosts: own.boosts });
  return { ...round, title: own.titles[i] ?? '', rules, content } as Round;
}

/** Random numbers that follow from a seed: the same evening again. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** Brings the spinner over the evening, where that is possible then, and throws it. */
function spin(sitting: Sitting, { spinner: what, thrown, seed }: Evening): void {
  const commands: Command[] = [
    { type: 'showSpinner', what: what! },
    ...(thrown ? [{ type: 'spin' } as const] : []),
  ];
  commands.forEach((command, i) => {
    const now = sitting.log.at(-1)!.at;
    const context = { now, random: numbers(seed), actor: { role: 'host', id: 'h' } } as const;
    const events = decide(sitting, `spin${i}`, command, context);
    if (!isRefusal(events)) append(sitting, events);
  });
}

/** The state of an evening at the moment that was drawn, played by stand-ins; null where it cannot be played. */
export function stateIn(own: Evening): SittingState | null {
  const ids = own.asked.map((_, i) => `q${i}`);
  const show: Show = {
    title: own.title,
    teams: Array.from({ length: own.teams }, (_, i) => ({
      id: `t${i}`,
      name: `${own.names[i]} ${i}`,
      weave: weaveAt(i),
    })),
    devices: { mode: own.mode, score: own.mode === 'none' ? 'teams' : own.score, combine: 'mean' },
    doors: defaultDoors,
    rounds: own.formats.map((format, i) => filled(own, format, i, ids.slice(0, own.values.length))),
    questions: Object.fromEntries(
      own.asked.map(([prompt, content], i) => [ids[i]!, written(ids[i]!, prompt, content)]),
    ),
  };
  try {
    const { log } = playThrough(
      show,
      { ...usualRoom, count: Math.max(2, own.teams), seed: 'x' },
      numbers(own.seed),
    );
    const sitting = replay(log.slice(0, 1 + Math.floor((own.at / 1000) * (log.length - 1))));
    if (own.spinner) spin(sitting, own);
    return sitting.state;
  } catch {
    return null;
  }
}
