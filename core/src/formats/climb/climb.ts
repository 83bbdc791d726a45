import * as v from 'valibot';
import { expectedShare } from '../../library/difficulty.ts';
import { kindOf } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import type { Random } from '../../random/shuffle.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { Id } from '../../text/schemas.ts';
import { hold } from '../../time/clock.ts';
import type { RoundDraft } from '../events.ts';
import { usual, type By, type Format, type Table } from '../format.ts';
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
import { isOver, missed, reached, restBelow, valueOf, worthOf, type Attempt } from './attempt.ts';
import { assists, blankClimb, type Assist, type ClimbContent } from './content.ts';
import { groupsOf } from './groups.ts';

export interface ClimbState {
  rungs: number[];
  rests: number[];
  assists: Record<Assist, number>;
  adviceClock: number;
  climbs: number;
  attempts: number;
  /** The questions that may stand on each rung, and those that were played. */
  groups: string[][];
  used: Set<string>;
  /** Every climb so far; the last one may still go on. */
  done: Attempt[];
  /** A question to everybody decides who climbs next. */
  fastest: boolean;
  /** Whoever climbs wants to go on to the next rung. */
  ready: boolean;
  over: boolean;
}

export interface ClimbView {
  format: 'climb';
  rungs: number[];
  rests: number[];
  /** Who is on the slope, how many rungs are reached, what is kept by stopping and after a miss. */
  on: { team: string; reached: number; stop: number; miss: number; ready: boolean } | null;
  /** How often each assist is left, and where it was used. */
  assists: { assist: Assist; left: number; usedOn: number[] }[];
  /** Climbs that are over. */
  done: { team: string; reached: number; worth: number; end: 'stopped' | 'missed' | 'top' }[];
  climbs: number;
  /** Who may still climb: everybody else has had all their attempts. */
  exhausted: string[];
  fastest: boolean;
}

const FASTEST = 'fastest';
/** A rung, or the question by which it is found who climbs. */
const Act = v.variant('do', [
  v.object({ do: v.literal('climber'), team: Id }),
  v.object({ do: v.literal('draw') }),
  v.object({ do: v.literal('fastest') }),
  v.object({ do: v.literal('ready') }),
  v.object({ do: v.literal('stop') }),
  v.object({ do: v.literal('thin') }),
  v.object({ do: v.literal('voice'), who: Id }),
  v.object({ do: v.literal('room') }),
]);
type Act = v.InferOutput<typeof Act>;
/** As it stands in the log: with what chance decided, and how many it was drawn from. */
type Acted = Act & { team?: string; among?: number };

/** The climb that goes on, or null. */
export const onSlope = ({ done, rungs }: ClimbState): Attempt | null => {
  const last = done.at(-1);
  return last && !isOver(last, rungs) ? last : null;
};
const climbsOf = ({ done }: ClimbState, team: string) => done.filter((one) => one.team === team).length;
const mayClimb = (state: ClimbState, teams: readonly string[]) =>
  teams.filter((team) => climbsOf(state, team) < state.attempts);
const isFull = (state: ClimbState) => state.done.length >= state.climbs;

/** A question for a rung: one that was not played; where there is none left, one of those comes again. */
function questionFor({ groups, used }: ClimbState, rung: number, random: Random): string | undefined {
  const group = groups[rung] ?? [];
  const fresh = group.filter((id) => !used.has(id));
  const from = fresh.length > 0 ? fresh : group;
  return from[Math.floor(random() * from.length)];
}

/** Whether one of several options is chosen: only then can some be taken away, or hands be counted. */
const hasOptions = ({ question }: Table): boolean =>
  question !== null && kindOf(question.written.answer.kind).control(question.written.answer).type === 'one';

/** Whether an assist is of any use on the question. */
const canHelp: Record<Assist, (table: Table) => boolean> = {
  // The key and one wrong option are left.
  thin: (table) => hasOptions(table) && table.question!.order.length - table.question!.removed.length > 2,
  voice: ({ question }) => question !== null && kindOf(question.written.answer.kind).given === 'handset',
  room: hasOptions,
};

/** The wrong options that are taken away: all but one, which is drawn. */
function thinned({ question }: Table, random: Random): number[] {
  const { written, order, removed } = question!;
  const [keySlot] = kindOf(written.answer.kind).key(written.answer, order).slots;
  const wrong = order.filter((option, slot) => slot !== keySlot && !removed.includes(option));
  const kept = wrong[Math.floor(random() * wrong.length)];
  return wrong.filter((option) => option !== kept);
}

/** Why an assist cannot be used now, or null. */
function noAssist(state: ClimbState, assist: Assist, table: Table): Refusal | null {
  const climb = onSlope(state);
  if (!climb || !table.question?.isOpen || state.fastest)
    return refuse('notNow', 'Help can be asked for while the question is open.');
  if (table.question.advising) return refuse('notNow', 'Others are being asked: let them finish first.');
  const used = climb.used.filter((one) => one.assist === assist).length;
  if (used >= state.assists[assist]) return refuse('used', 'That help has been used.');
  if (!canHelp[assist](table)) return refuse('notNow', 'That is no help with this question.');
  return null;
}

function askAdvice(of: 'voice' | 'room', from: string | null, seconds: number, table: Table): RoundDraft {
  const { question, now, handsets } = table;
  const limit = handsets ? seconds * 1000 : null;
  const clock = limit === null ? null : { deadline: now + limit };
  return { type: 'adviceAsked', of, from, held: question!.clock && hold(question!.clock, now), clock, limit };
}

/** What the ledger gets when a climb becomes another than it was. */
function payment({ rungs, rests }: ClimbState, before: Attempt, now: Attempt): RoundDraft[] {
  const amount = worthOf(now, rungs, rests) - worthOf(before, rungs, rests);
  if (amount === 0) return [];
  return [{ type: 'scored', team: now.team, amount, cause: { by: 'format', what: `climb.${endOf(now)}` } }];
}
const endOf = (attempt: Attempt) => (missed(attempt) ? 'rest' : attempt.stopped ? 'stopped' : 'top');

function useAssist(
  state: ClimbState,
  act: Extract<Act, { do: Assist }>,
  table: Table,
  random: Random,
): RoundDraft[] | Refusal {
  const no = noAssist(state, act.do, table);
  if (no) return no;
  const acted: RoundDraft = { type: 'acted', act };
  if (act.do === 'thin') return [acted, { type: 'thinned', removed: thinned(table, random) }];
  if (act.do === 'room') return [acted, askAdvice('room', null, state.adviceClock, table)];
  const asked = table.people().find(({ who }) => who === act.who);
  if (!asked || asked.team === onSlope(state)!.team)
    return refuse('notThere', 'Choose somebody else to ask.');
  return [acted, askAdvice('voice', act.who, state.adviceClock, table)];
}

function newClimber(
  state: ClimbState,
  act: Act,
  table: Table,
  by: By,
  random: Random,
): RoundDraft[] | Refusal {
  if (by.role === 'team') return refuse('notYours', 'The host says who climbs next.');
  if (onSlope(state)) return refuse('already', 'Somebody is climbing.');
  if (isFull(state) || state.over) return refuse('notNow', 'All climbs of this round are over.');
  const able = mayClimb(state, table.teams);
  if (able.length === 0) return refuse('notNow', 'Everybody has had all their climbs.');
  if (act.do === 'fastest') return [{ type: 'acted', act }];
  const drawn = act.do === 'draw' ? able[Math.floor(random() * able.length)]! : null;
  const team = drawn ?? (act as Act & { do: 'climber' }).team;
  if (!able.includes(team)) return refuse('notNow', 'They have had all their climbs.');
  const said: Acted = { ...(act as Act & { do: 'draw' }), team, ...(drawn ? { among: able.length } : {}) };
  return [
    { type: 'acted', act: said },
    { type: 'turnGiven', team },
  ];
}

/** Climb: one at a time answers questions of growing value; a miss ends it, stopping keeps what was reached. */
export const climb: Format<ClimbContent, ClimbState, ClimbView, DealtSequence> = {
  ...usual,
  pays: false,
  inTurns: false,
  seenBetween: true,
  suits: { anew: { clock: 60 }, aloud: {}, always: {} },
  prescribes: {
    floor: 'turn',
    afterWrong: 'close',
    penalty: 'none',
    speed: null,
    passShare: 100,
    turnsEach: null,
    change: false,
  },
  harm: { ...sequenceHarm, tooFewForRungs: 9, restsAbove: 25, fallingValues: 26 },
  blank: blankClimb,
  places: (content) => placesInList(content, false),
  filled: filledList,
  withQuestions: listWith,
  findings(content, questions) {
    const found = sequenceFindings(content, questions);
    const rungs = content.rungs.length;
    const ready = content.items.filter(({ id }) => isForClimb(questions[id])).length;
    if (ready < rungs && content.items.length > 0)
      found.push({
        code: 'tooFewForRungs',
        ref: null,
        question: null,
        params: { count: ready, rungs },
        mustMend: false,
      });
    const above = content.rests.find((rest) => rest > rungs);
    if (above !== undefined)
      found.push({
        code: 'restsAbove',
        ref: null,
        question: null,
        params: { rest: above, rungs },
        mustMend: false,
      });
    const falls = content.rungs.findIndex((value, i) => i > 0 && value < content.rungs[i - 1]!);
    if (falls > 0)
      found.push({
        code: 'fallingValues',
        ref: null,
        question: null,
        params: { rung: falls + 1 },
        mustMend: false,
      });
    return found;
  },
  deal: (content, questions) => {
    const { order } = dealSequence({ ...content, shuffle: false }, questions, () => 0.5);
    const ids = order.filter((id) => isForClimb(questions[id]));
    if (content.order === 'difficulty')
      // Sorting keeps the written order of those that are equally hard.
      ids.sort((a, b) => expectedShare(questions[b]!, null) - expectedShare(questions[a]!, null));
    return { order: ids };
  },
  asWritten: listAsWritten,
  begin: (content, _questions, dealt) => {
    const { order } = beginSequence(content, dealt ?? { order: [] });
    // With too few questions only so many rungs can be climbed.
    const count = Math.min(content.rungs.length, Math.max(1, order.length));
    const rungs = content.rungs.slice(0, count);
    return {
      rungs,
      rests: content.rests.filter((rest) => rest <= count).sort((a, b) => a - b),
      assists: content.assists,
      adviceClock: content.adviceClock,
      climbs: content.climbs,
      attempts: content.attempts,
      groups: groupsOf(
        order.map(({ id }) => id),
        count,
      ),
      used: new Set(),
      done: [],
      fastest: false,
      ready: false,
      over: order.length === 0,
    };
  },
  next(state) {
    if (state.fastest) return FASTEST;
    const attempt = onSlope(state);
    return attempt ? `${state.done.length - 1}.${reached(attempt)}` : null;
  },
  choose(state, ref, _table, random) {
    if (ref !== climb.next(state)) return refuse('notThere', 'That is not the next rung.');
    const attempt = onSlope(state);
    const question = questionFor(state, attempt && !state.fastest ? reached(attempt) : 0, random);
    if (question === undefined) return refuse('notThere', 'There is no question for this rung.');
    return { ref, question, points: 0, ...(state.fastest ? { mode: 'everyone' as const } : {}) };
  },
  place({ rungs }, ref) {
    const rung = Number(ref.split('.')[1]);
    return Number.isNaN(rung)
      ? { label: '', number: null, of: null }
      : { label: '', number: rung + 1, of: rungs.length };
  },
  act(state, act, table, by, random) {
    const read = v.safeParse(Act, act);
    if (!read.success) return refuse('invalid', 'That is nothing to do here.');
    const what = read.output;
    const attempt = onSlope(state);
    if (by.role === 'team' && by.team !== attempt?.team)
      return refuse('notYours', 'Somebody else is climbing.');
    switch (what.do) {
      case 'thin':
      case 'voice':
      case 'room':
        return useAssist(state, what, table, random);
      case 'ready':
      case 'stop': {
        if (!attempt) return refuse('notNow', 'Nobody is climbing.');
        if (table.busy) return refuse('notNow', 'The question is not over yet.');
        if (what.do === 'ready')
          return state.ready ? refuse('already', 'The host knows.') : [{ type: 'acted', act: what }];
        return [{ type: 'acted', act: what }, ...payment(state, attempt, { ...attempt, stopped: true })];
      }
      default:
        return table.busy
          ? refuse('notNow', 'The question is not over yet.')
          : newClimber(state, what, table, by, random);
    }
  },
  move(state, { teams }, random) {
    const attempt = onSlope(state);
    // The higher somebody stands, the more there is to lose.
    if (attempt && reached(attempt) > 0 && random() < 0.12) return { type: 'act', act: { do: 'stop' } };
    if (state.fastest || attempt || isFull(state)) return null;
    const able = mayClimb(state, teams);
    if (able.length === 0) return null;
    if (random() < 0.2) return { type: 'act', act: { do: 'fastest' } };
    return { type: 'act', act: { do: 'draw' } };
  },
  moveIn(state, table, random) {
    if (state.fastest || random() > 0.35) return null;
    const open = assists.filter((one) => noAssist(state, one, table) === null);
    const one = open[Math.floor(random() * open.length)];
    if (one !== 'voice') return one ? { do: one } : null;
    const others = table.people().filter(({ team }) => team !== onSlope(state)?.team);
    const asked = others[Math.floor(random() * others.length)];
    return asked ? { do: 'voice', who: asked.who } : null;
  },
  follows(state, settled, _ref, { turn }) {
    const play = settled.play ?? -1;
    const right = settled.winner !== null && (settled.results ?? []).some(({ share }) => share >= 1);
    if (settled.type === 'settled') {
      const attempt = onSlope(state);
      if (!attempt || state.fastest) return [];
      return payment(state, attempt, { ...attempt, rungs: [...attempt.rungs, { play, right }] });
    }
    const attempt = state.done.find((one) => one.rungs.some((rung) => rung.play === play));
    if (!attempt) return [];
    const now = withRuling(state, attempt, play, right);
    // Whoever is on the slope again is on turn.
    const back: RoundDraft[] =
      !isOver(now, state.rungs) && turn !== now.team ? [{ type: 'turnGiven', team: now.team }] : [];
    return [...payment(state, attempt, now), ...back];
  },
  turn: (state) => onSlope(state)?.team ?? null,
  evolve(state, event) {
    switch (event.type) {
      case 'acted': {
        const act = event.act as Acted;
        if (act.do === 'fastest') state.fastest = true;
        else if (act.do === 'climber' || act.do === 'draw') begin(state, act.team!);
        else if (act.do === 'ready') state.ready = true;
        else if (act.do === 'stop') onSlope(state)!.stopped = true;
        else onSlope(state)?.used.push({ assist: act.do, rung: reached(onSlope(state)!) + 1 });
        return;
      }
      case 'picked':
        state.used.add(event.question);
        state.ready = false;
        return;
      case 'settled': {
        const right = (event.results ?? []).some(({ share }) => share >= 1);
        if (state.fastest) {
          state.fastest = false;
          if (event.winner !== null && right) begin(state, event.winner);
          return;
        }
        onSlope(state)?.rungs.push({ play: event.play!, right });
        return;
      }
      case 'resettled': {
        const at = state.done.findIndex((one) => one.rungs.some(({ play }) => play === event.play));
        const right = (event.results ?? []).some(({ share }) => share >= 1);
        if (at >= 0) state.done[at] = withRuling(state, state.done[at]!, event.play, right);
        return;
      }
      case 'roundEnded':
        state.over = true;
        return;
      default:
    }
  },
  left({ climbs, done, rungs, over }) {
    const rest = over ? 0 : Math.max(0, climbs - done.length);
    // Most fall or stop half way.
    return { low: rest * 3, likely: rest * Math.ceil(rungs.length * 0.6), high: rest * rungs.length };
  },
  isOver: (state) => state.over || (isFull(state) && onSlope(state) === null),
  cloth: ({ done }) => [
    {
      name: '',
      cells: done.flatMap((one) =>
        Array.from({ length: reached(one) }, () => ({ used: true, teams: [one.team] })),
      ),
    },
  ],
  facts: ({ rungs, rests }) => ({ rungs: rungs.length, top: rungs.at(-1) ?? 0, n: rests.length }),
  view(state) {
    const { rungs, rests, done, climbs, fastest, ready } = state;
    const attempt = onSlope(state);
    const at = attempt ? reached(attempt) : 0;
    const counts = new Map<string, number>();
    for (const { team } of done) counts.set(team, (counts.get(team) ?? 0) + 1);
    return {
      format: 'climb',
      rungs,
      rests,
      on: attempt && {
        team: attempt.team,
        reached: at,
        stop: valueOf(at, rungs),
        miss: restBelow(at, rungs, rests),
        ready,
      },
      assists: assists
        .filter((one) => state.assists[one] > 0)
        .map((assist) => {
          const usedOn = (attempt ?? done.at(-1))?.used.flatMap((one) =>
            one.assist === assist ? [one.rung] : [],
          );
          return { assist, usedOn: usedOn ?? [], left: state.assists[assist] - (usedOn?.length ?? 0) };
        }),
      done: done
        .filter((one) => one !== attempt)
        .map((one) => ({
          team: one.team,
          reached: reached(one),
          worth: worthOf(one, rungs, rests),
          end: missed(one) ? 'missed' : one.stopped ? 'stopped' : 'top',
        })),
      climbs,
      exhausted: [...counts].filter(([, n]) => n >= state.attempts).map(([team]) => team),
      fastest,
    };
  },
};

/** Somebody sets out. */
const begin = (state: ClimbState, team: string): void =>
  void state.done.push({ team, rungs: [], stopped: false, used: [] });

/** A climb after a ruling in it has changed. It goes on only where nobody has set out since; else it counts as stopped there. */
function withRuling(state: ClimbState, attempt: Attempt, play: number, right: boolean): Attempt {
  const rungs = attempt.rungs.map((rung) => (rung.play === play ? { play, right } : rung));
  const goesOn = attempt === state.done.at(-1) && !state.over;
  return { ...attempt, rungs, stopped: attempt.stopped || (missed(attempt) && !goesOn) };
}

/** Only what can be right or wrong stands on a rung. */
const isForClimb = (question: Question | undefined): boolean =>
  question !== undefined && kindOf(question.answer.kind).keyed;
