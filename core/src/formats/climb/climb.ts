import * as v from 'valibot';
import { expectedShare } from '../../library/difficulty.ts';
import { refuse } from '../../refusal.ts';
import type { RoundDraft } from '../events.ts';
import { finding } from '../finding.ts';
import { usual, type Format } from '../format.ts';
import { isKeyed, isWhollyRight } from '../keyed.ts';
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
import { Act, newClimber, type Acted } from './acts.ts';
import { isOver, missed, reached, restBelow, valueOf, worthOf } from './attempt.ts';
import { assists, blankClimb, type Assist, type ClimbContent } from './content.ts';
import { groupsOf } from './groups.ts';
import { noAssist, useAssist } from './help.ts';
import {
  climbsOf,
  isFull,
  mayClimb,
  onSlope,
  payment,
  questionFor,
  setOut,
  withRuling,
  type ClimbState,
} from './state.ts';

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
  /** Who has had all their attempts. */
  exhausted: string[];
  fastest: boolean;
}

const FASTEST = 'fastest';
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
    const ready = content.items.filter(({ id }) => isKeyed(questions[id])).length;
    if (ready < rungs && content.items.length > 0)
      found.push(finding('tooFewForRungs', { count: ready, rungs }));
    const above = content.rests.find((rest) => rest > rungs);
    if (above !== undefined) found.push(finding('restsAbove', { rest: above, rungs }));
    const falls = content.rungs.findIndex((value, i) => i > 0 && value < content.rungs[i - 1]!);
    if (falls > 0) found.push(finding('fallingValues', { rung: falls + 1 }));
    return found;
  },
  deal: (content, questions) => {
    const { order } = dealSequence({ ...content, shuffle: false }, questions, () => 0.5);
    const ids = order.filter((id) => isKeyed(questions[id]));
    if (content.order === 'difficulty')
      // Sorting keeps the written order of those that are equally hard.
      ids.sort((a, b) => expectedShare(questions[b]!) - expectedShare(questions[a]!));
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
    if (ref !== climb.next(state)) return refuse('notThere', 'notNextRung');
    const attempt = onSlope(state);
    const question = questionFor(state, attempt && !state.fastest ? reached(attempt) : 0, random);
    if (question === undefined) return refuse('notThere', 'rungEmpty');
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
    if (!read.success) return refuse('invalid', 'notHere');
    const what = read.output;
    const attempt = onSlope(state);
    if (by.role === 'team' && by.team !== attempt?.team) return refuse('notYours', 'otherClimbing');
    switch (what.do) {
      case 'thin':
      case 'voice':
      case 'room':
        return useAssist(state, what, table, random);
      case 'ready':
      case 'stop': {
        if (!attempt) return refuse('notNow', 'nobodyClimbing');
        if (table.busy) return refuse('notNow', 'questionOn');
        if (what.do === 'ready')
          return state.ready ? refuse('already', 'hostKnows') : [{ type: 'acted', act: what }];
        return [{ type: 'acted', act: what }, ...payment(state, attempt, { ...attempt, stopped: true })];
      }
      default:
        return table.busy ? refuse('notNow', 'questionOn') : newClimber(state, what, table, by, random);
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
    const right = isWhollyRight(settled);
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
  // Whoever has had all their climbs cannot win another by being the fastest.
  counts: (state, team) => !state.fastest || climbsOf(state, team) < state.attempts,
  evolve(state, event) {
    switch (event.type) {
      case 'acted': {
        const act = event.act as Acted;
        if (act.do === 'fastest') state.fastest = true;
        else if (act.do === 'climber' || act.do === 'draw') setOut(state, act.team!);
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
        const right = isWhollyRight(event);
        if (state.fastest) {
          state.fastest = false;
          if (event.winner !== null && right) setOut(state, event.winner);
          return;
        }
        onSlope(state)?.rungs.push({ play: event.play!, right });
        return;
      }
      case 'resettled': {
        const at = state.done.findIndex((one) => one.rungs.some(({ play }) => play === event.play));
        const right = isWhollyRight(event);
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
      exhausted: [...new Set(done.map(({ team }) => team))].filter(
        (team) => climbsOf(state, team) >= state.attempts,
      ),
      fastest,
    };
  },
};
