import { hardnessOf, type Answered } from '../../library/ability.ts';
import { expectedShare } from '../../library/difficulty.ts';
import { kindOf } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import { refuse } from '../../refusal.ts';
import { exactly } from '../../time/span.ts';
import { finding } from '../finding.ts';
import { usual, type AnyKind, type Format } from '../format.ts';
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
import { blankOwnPace, type OwnPaceContent } from './content.ts';
import { clothOfLengths, type Length } from './lengths.ts';
import { afterAsking, nextByLevel, nextInPass, type Pass } from './passes.ts';

type Terms = Pick<
  OwnPaceContent,
  'next' | 'once' | 'loss' | 'start' | 'goal' | 'amount' | 'key' | 'streak' | 'ranking'
>;

export interface OwnPaceState extends Terms {
  /** What a right answer brings where its question does not say otherwise. */
  gain: number;
  /** What can be asked, by place as it is written: question, points, and how hard it is (logits). */
  pool: Map<string, { id: string; points: number; hardness: number }>;
  places: string[];
  passes: Map<string, Pass>;
  /** To whom a question that is not over yet was asked, and how many each has right in a row. */
  asked: Map<number, string>;
  /** What each has answered, where that says what comes next. */
  answers: Map<string, Answered[]>;
  inARow: Map<string, number>;
  /** What each team has earned here, and all together. */
  balances: Map<string, number>;
  total: number;
  /** Right answers, one after the other. */
  lengths: Length[];
  over: boolean;
}

export interface OwnPaceView extends Terms {
  format: 'ownPace';
  gain: number;
  /** How many different questions there are. */
  questions: number;
}

/** What the stage shows of it as it happens. */
export interface OwnPaceLive {
  format: 'ownPace';
  balances: Record<string, number>;
  total: number;
  /** The right answers so far as lengths of cloth, `worth` of them each. */
  lengths: { teams: readonly string[]; worth: number };
  /** Who was right last, the last one first: their bands have just grown. */
  latest: { team: string; at: number }[];
}

/** How many shuttles may be seen at once. */
const LATEST = 8;

/** Only what a handset can answer and a key can mark goes on by itself. */
const draws = ({ keyed, given }: AnyKind): boolean => keyed && given === 'handset';
const goesByItself = (question: Question | undefined): boolean =>
  question !== undefined && draws(kindOf(question.answer.kind));

/** Whether somebody had every question, where each comes but once. */
const isThrough = ({ places }: OwnPaceState, { used }: Pass): boolean => used.size >= places.length;
/** Whether all who were asked anything are through. */
const areThrough = (state: OwnPaceState): boolean =>
  state.once &&
  state.asked.size === 0 &&
  state.passes.size > 0 &&
  [...state.passes.values()].every((pass) => isThrough(state, pass));

const reached = ({ goal, amount, balances, total }: OwnPaceState): boolean =>
  goal === 'together'
    ? total >= amount
    : goal === 'first' && [...balances.values()].some((balance) => balance >= amount);

/** Own pace: everybody has an own order of questions and goes on by themselves, until the clock or the goal ends it. */
export const ownPace: Format<OwnPaceContent, OwnPaceState, OwnPaceView, DealtSequence> = {
  ...usual,
  draws,
  alone: () => 'people',
  sells: true,
  suits: {
    anew: { clock: null, roundClock: 300, lowest: 0 },
    aloud: {},
    always: { clock: null },
  },
  prescribes: {
    floor: 'everyone',
    afterWrong: 'close',
    penalty: 'full',
    change: false,
    pace: null,
    shuffleBySeat: false,
  },
  harm: { ...sequenceHarm, notByItself: 8, noEnd: 22 },
  blank: blankOwnPace,
  places: (content) => placesInList(content),
  filled: filledList,
  withQuestions: listWith,
  findings(content, questions, _teams, rules) {
    const found = sequenceFindings(content, questions);
    content.items.forEach(({ id }, i) => {
      if (questions[id] && !goesByItself(questions[id]))
        found.push(finding('notByItself', { number: i + 1 }, { ref: id, question: id }));
    });
    const playable = content.items.filter(({ id }) => goesByItself(questions[id])).length;
    if (playable === 0 && content.items.length > 0 && !found.some(({ code }) => code === 'noQuestions'))
      found.push(finding('noQuestions', {}, { mustMend: true }));
    if (rules.roundClock === null && content.goal === 'most' && !content.once) found.push(finding('noEnd'));
    return found;
  },
  deal: (content, questions) => {
    const { order } = dealSequence({ ...content, shuffle: false }, questions, () => 0.5);
    return { order: order.filter((id) => goesByItself(questions[id])) };
  },
  asWritten: listAsWritten,
  begin: (content, questions, dealt) => {
    const { next, once, loss, start, goal, amount, key, streak, ranking } = content;
    const { order } = beginSequence(content, dealt ?? { order: [] });
    return {
      ...{ next, once, loss, start, goal, amount, key, streak, ranking },
      gain: content.points,
      pool: new Map(
        order.map((one, i) => {
          const question = questions[one.id];
          return [String(i), { ...one, hardness: question ? hardnessOf(expectedShare(question)) : 0 }];
        }),
      ),
      places: order.map((_, i) => String(i)),
      passes: new Map(),
      asked: new Map(),
      answers: new Map(),
      inARow: new Map(),
      balances: new Map(),
      total: 0,
      lengths: [],
      over: false,
    };
  },
  next: () => null,
  // For a preview: live it is asked of each alone.
  choose(state, ref) {
    const found = state.pool.get(ref);
    return found ? { ref, question: found.id, points: found.points } : refuse('notThere', 'noQuestion');
  },
  ask(state, who, random) {
    const { places, pool, passes, loss, key } = state;
    const pass = passes.get(who) ?? NEW;
    if (state.once && isThrough(state, pass)) return null;
    const ref =
      state.next === 'level'
        ? nextByLevel(places, pass, (one) => pool.get(one)!.hardness, state.answers.get(who) ?? [], random)
        : nextInPass(places, pass, random);
    const found = ref === null ? undefined : pool.get(ref);
    return ref === null || !found ? null : { ref, question: found.id, points: found.points, loss, key };
  },
  welcomes: ({ start }, team) =>
    start === 0
      ? []
      : [{ type: 'scored', team, amount: start, cause: { by: 'format', what: 'ownPace.start' } }],
  follows({ asked, inARow, streak }, settled) {
    const who = settled.type === 'settled' ? asked.get(settled.play ?? -1) : undefined;
    const [result] = settled.results ?? [];
    if (!streak || who === undefined || !result || result.share < 1) return [];
    if (((inARow.get(who) ?? 0) + 1) % streak.length !== 0) return [];
    const cause = { by: 'format', what: 'ownPace.streak' } as const;
    return [{ type: 'scored', team: result.team, amount: streak.points, cause }];
  },
  place: () => ({ label: '', number: null, of: null }),
  evolve(state, event, ref) {
    const earn = (team: string, amount: number) => {
      state.balances.set(team, (state.balances.get(team) ?? 0) + amount);
      state.total += amount;
    };
    switch (event.type) {
      case 'asked':
        state.passes.set(
          event.to,
          afterAsking(state.places, state.passes.get(event.to) ?? NEW, ref!, state.once),
        );
        state.asked.set(event.seq, event.to);
        return;
      case 'settled': {
        const who = event.to;
        if (who === undefined) return;
        state.asked.delete(event.play!);
        const own = state.pool.get(ref ?? '');
        const [first] = event.results ?? [];
        if (state.next === 'level' && own && first)
          state.answers.set(who, [
            ...(state.answers.get(who) ?? []),
            { hardness: own.hardness, share: first.share },
          ]);
        for (const { team, amount, share } of event.results ?? []) {
          earn(team, amount);
          if (share > 0) state.lengths.push({ team, at: event.at });
          state.inARow.set(who, share >= 1 ? (state.inARow.get(who) ?? 0) + 1 : 0);
        }
        return;
      }
      case 'scored':
        if (event.cause.by !== 'hand') earn(event.team, event.amount);
        return;
      case 'roundEnded':
        state.over = true;
        return;
      default:
    }
  },
  // As a rule everybody comes to see about all of them once.
  left: ({ places, over }) => exactly(over ? 0 : places.length),
  isOver: (state) => state.over || reached(state) || areThrough(state),
  cloth: ({ lengths }) => [
    { name: '', cells: clothOfLengths(lengths).teams.map((team) => ({ used: true, teams: [team] })) },
  ],
  facts: ({ items, points, loss, amount }) => ({ count: items.length, points, loss, amount }),
  view: ({ next, once, gain, loss, start, goal, amount, key, streak, ranking, places }) => ({
    format: 'ownPace',
    gain,
    questions: places.length,
    ...{ next, once, loss, start, goal, amount, key, streak, ranking },
  }),
  live: ({ balances, total, lengths }): OwnPaceLive => ({
    format: 'ownPace',
    balances: Object.fromEntries(balances),
    total,
    lengths: clothOfLengths(lengths),
    latest: lengths.slice(-LATEST).reverse(),
  }),
};

const NEW: Pass = { used: new Set(), last: null };
