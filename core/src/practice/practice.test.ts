import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { formatNames, formatOf, type FormatName } from '../formats/index.ts';
import { seeded } from '../random/seeded.ts';
import { isRefusal } from '../refusal.ts';
import { guess } from '../rehearsal/guess.ts';
import { tally } from '../rehearsal/tally.ts';
import { newRound } from '../show/newRound.ts';
import type { Round, Show } from '../show/show.ts';
import type { LoggedEvent } from '../sitting/events.ts';
import { readLog } from '../sitting/log/readLog.ts';
import { LOG_VERSION } from '../sitting/log/lifts.ts';
import { ruledOut } from '../sitting/read/answering.ts';
import { writtenQuestion } from '../sitting/read/inPlay.ts';
import type { Sitting } from '../sitting/state.ts';
import { everyKind, everyKindShow, SECRET } from '../sitting/test/table.ts';
import { asPractice, onlyThese } from './asPractice.ts';
import { beginRun, inRun, passTime, resumeRun, SEAT, waitsFor, type RunCommand } from './run.ts';
import { defaultPractice, type PracticeSettings } from './settings.ts';
import { endOf, GRACE, isClosed, standingOf, type Attempt } from './standing.ts';
import { counted, summaryOf } from './summary.ts';
import { runView } from './view.ts';

const kinds = everyKind();
const ids = kinds.map((_, i) => `q${i}`);

/** A show of one round in this format, with a question of every kind. */
function showIn(format: FormatName): Show {
  const show = everyKindShow();
  for (const question of Object.values(show.questions)) question.hint = `Hint of ${question.id}`;
  if (format === 'board') return show;
  const round = newRound(format, () => `of-${format}`);
  const short = {
    climb: { rungs: [10, 20, 30, 40, 50] },
    ownPace: { goal: 'first', amount: 60, points: 20 },
  };
  const content = { ...round.content, ...short[format as keyof typeof short] };
  return { ...show, rounds: [{ ...round, content: formatOf(format).filled(content, ids) } as Round] };
}

const setting = (own: Partial<PracticeSettings> = {}): PracticeSettings => ({ ...defaultPractice, ...own });

/** Takes a practice to its end: each answer is right, or not, as `right` says; every view is looked at. */
function taken(show: Show, seed: string, right: (n: number) => boolean, look: (sitting: Sitting) => void) {
  const random = seeded(seed);
  let now = 1_000_000;
  const moment = () => ({ now, random, until: null });
  const begun = beginRun(show, 'Ansa', moment());
  const stored: LoggedEvent[] = [...begun.events];
  const { sitting } = begun;
  let n = 0;
  for (; n < 400 && waitsFor(sitting.state) !== 'over'; n++) {
    look(sitting);
    now += 5000;
    const { state } = sitting;
    const play = state.question ?? state.asked.get(SEAT) ?? null;
    let command: RunCommand;
    switch (waitsFor(state)) {
      case 'answer': {
        const answer = guess(
          writtenQuestion(state, play!),
          play!.order,
          right(n),
          random,
          ruledOut(state, play!, [SEAT]),
        );
        command = { type: 'answer', play: play!.play, answer };
        break;
      }
      case 'choose': {
        const ref = formatOf(state.round!.format)
          .places(state.show.rounds[state.round!.index]!.content)
          .find(
            (place) =>
              place.question !== null && ![...state.plays.values()].some((one) => one.ref === place.ref),
          )!.ref;
        command = { type: 'choose', ref };
        break;
      }
      default:
        command = { type: 'goOn', play: play?.play ?? 0 };
    }
    const events = inRun(sitting, `c${n}`, command, moment());
    if (isRefusal(events)) throw new Error(`${command.type}: ${events.says}`);
    stored.push(...events);
    // The same once more changes nothing.
    const again = inRun(sitting, `c${n}`, command, moment());
    expect(isRefusal(again) ? [] : again).toEqual([]);
  }
  expect(n).toBeLessThan(400);
  return { sitting, stored };
}

const playable: FormatName[] = ['quiz', 'board', 'knockout', 'climb', 'ownPace'];
const asQuiz: FormatName[] = ['counterweight', 'claim', 'trail'];

describe('a show taken alone', () => {
  test.each([...playable, ...asQuiz])(
    '%s: from the start to the end, stored and taken up again, no key too early',
    (format) => {
      fc.assert(
        fc.property(
          fc.string({ maxLength: 8 }),
          fc.boolean(),
          fc.boolean(),
          fc.integer({ min: 0, max: 100 }),
          (seed, hints, shuffle, skill) => {
            const settings = setting({ hints, shuffleQuestions: shuffle, shuffleOptions: shuffle });
            const { show } = asPractice(showIn(format), settings);
            const luck = seeded(`luck ${seed}`);
            const { sitting, stored } = taken(
              show,
              seed,
              () => luck() * 100 < skill,
              ({ state }) => {
                const view = runView(state);
                const play = state.question ?? state.asked.get(SEAT);
                if (play && !play.keyShown) expect(JSON.stringify(view)).not.toContain(SECRET);
                // A hint is told to whoever missed, and to nobody before.
                if (play && !play.again.has(SEAT)) expect(JSON.stringify(view)).not.toContain('Hint of');
              },
            );
            const { state } = sitting;
            const summary = summaryOf(state);
            expect(summary.points).toBeGreaterThanOrEqual(0);
            expect(summary.points).toBeLessThanOrEqual(summary.outOf);
            expect(summary.lengths.length).toBeLessThanOrEqual(summary.of);
            const rows = [{ version: LOG_VERSION, events: JSON.parse(JSON.stringify(stored)) as unknown[] }];
            const again = resumeRun(show, sitting.log[0]!.at, readLog(rows));
            expect(runView(again.state)).toEqual(runView(state));
            const own = tally(sitting.log, state.scores);
            expect(own.lines.map(({ onPaper }) => onPaper)).toEqual(own.lines.map(({ kept }) => kept));
          },
        ),
        { numRuns: 12 },
      );
    },
  );

  test('who knows everything has all points, at the first try or half of them at the second', () => {
    for (const format of ['quiz', 'board'] as const) {
      const { show } = asPractice(showIn(format), setting());
      const all = taken(
        show,
        'a',
        () => true,
        () => undefined,
      ).sitting.state;
      expect(summaryOf(all)).toMatchObject({ of: 7, outOf: 7, points: 7, over: true });
      expect(runView(all).missed.questions).toEqual([]);
    }
  });

  test('a second try counts half, and is no miss; without hints there is none', () => {
    const only = {
      ...showIn('quiz'),
      rounds: showIn('quiz').rounds.map(
        (round) =>
          ({ ...round, content: { ...round.content, items: [{ id: 'q0', points: null }] } }) as Round,
      ),
    };
    let tries = 0;
    const half = taken(
      asPractice(only, setting()).show,
      'a',
      () => tries++ > 0,
      () => undefined,
    ).sitting.state;
    expect(summaryOf(half)).toMatchObject({ points: 0.5, outOf: 1, lengths: [{ share: 0.5, again: true }] });
    expect(runView(half)).toMatchObject({
      missed: { questions: [] },
      answered: [{ given: [expect.anything(), 'Option 2'], key: 'Option 2' }],
    });
    expect(half.ledger).toMatchObject([
      { amount: 50, cause: { factors: [{ times: 0.5, why: 'secondTry' }] } },
    ]);
    tries = 0;
    const none = taken(
      asPractice(only, setting({ hints: false })).show,
      'a',
      () => tries++ > 0,
      () => undefined,
    ).sitting.state;
    expect(summaryOf(none)).toMatchObject({ points: 0, lengths: [{ share: 0, again: false }] });
    expect(runView(none).missed.questions).toEqual(['q0']);
  });

  test('what was missed is asked again, and nothing else', () => {
    const { show } = asPractice(showIn('board'), setting());
    const again = taken(
      onlyThese(show, ['q1', 'q4']),
      'b',
      () => true,
      () => undefined,
    ).sitting.state;
    expect(
      summaryOf(again)
        .lengths.map(({ question }) => question)
        .sort(),
    ).toEqual(['q1', 'q4']);
  });

  test('in a knockout of one, misses cost lives all the same', () => {
    const { show } = asPractice(showIn('knockout'), setting({ hints: false }));
    const { state } = taken(
      show,
      'c',
      () => false,
      () => undefined,
    ).sitting;
    const all = (show.rounds[0] as Round & { format: 'knockout' }).content.lives;
    expect(summaryOf(state).lengths).toHaveLength(all);
  });

  test('time ends a question, or all of it, whether anybody is there or not', () => {
    const { show } = asPractice(showIn('quiz'), setting({ clocks: true, hints: false }));
    const random = seeded('t');
    const { sitting } = beginRun(show, 'Ansa', { now: 0, random, until: null });
    expect(passTime(sitting, { now: 10_000, random, until: null })).toEqual([]);
    expect(passTime(sitting, { now: 30_000, random, until: null }).map(({ type }) => type)).toContain(
      'settled',
    );
    expect(waitsFor(sitting.state)).toBe('goOn');
    passTime(sitting, { now: 61_000, random, until: 60_000 });
    expect(waitsFor(sitting.state)).toBe('over');
    const late = inRun(
      sitting,
      'late',
      { type: 'goOn', play: sitting.state.played[0]!.play },
      { now: 62_000, random, until: 60_000 },
    );
    expect(isRefusal(late) ? [] : late).toEqual([]);
  });

  test('where each next question suits, all come once, and who is right is soon asked harder ones', () => {
    const source = showIn('quiz');
    ids.forEach((id, i) => {
      source.questions[id]!.learnt = { answers: 100, share: 0.95 - 0.09 * (i % 11), seconds: null };
    });
    const { show } = asPractice(source, setting({ adaptive: true, hints: false }));
    const shareOf = (question: string) => show.questions[question]!.learnt!.share;
    const asked = (right: boolean, seed: string) => {
      const { state } = taken(
        show,
        seed,
        () => right,
        () => undefined,
      ).sitting;
      const { lengths, of } = summaryOf(state);
      expect(new Set(lengths.map(({ question }) => question)).size).toBe(of);
      return lengths.slice(0, 3).reduce((sum, { question }) => sum + shareOf(question), 0);
    };
    for (const seed of ['a', 'b', 'c', 'd']) expect(asked(true, seed)).toBeLessThan(asked(false, seed));
  });

  test('an attempt after its date is not taken, or counts so much less', () => {
    const attempt = (points: number, overAt: number | null): Attempt => ({
      attempt: 1,
      begunAt: 0,
      seenAt: overAt ?? 0,
      overAt,
      summary: { lengths: [], of: 10, points, outOf: 10, score: 0, over: true },
    });
    const due = { at: 1_000_000, zone: 'UTC' };
    const [inTime, late] = [attempt(6, 900_000), attempt(8, 2_000_000)];
    const stands = (less: number | null, counts: 'best' | 'last' = 'best') => {
      const ends = { settings: setting({ due, late: less, counts }), closedAt: null };
      return {
        ...standingOf([inTime, late], ends, 3_000_000),
        closed: isClosed(ends, 3_000_000),
        end: endOf(ends, 0),
      };
    };
    expect(stands(null)).toMatchObject({ closed: true, end: due.at + GRACE });
    expect(stands(0)).toMatchObject({ closed: false, end: null, points: 8, late: true });
    expect(stands(20)).toMatchObject({ points: 6.4, late: true });
    expect(stands(50)).toMatchObject({ points: 6, late: false });
    expect(stands(50, 'last')).toMatchObject({ points: 4, late: true });
    expect(stands(null)).toMatchObject({ points: 8, late: false });
    // Whoever comes back to look does nothing late; what is done while it lies there half done is.
    const looked = { ...attempt(6, 2_000_000), seenAt: 900_000 };
    const kept = { settings: setting({ due, late: 50 }), closedAt: null };
    expect(standingOf([looked], kept, 3_000_000)).toMatchObject({ points: 6, late: false });
    const ends = { settings: setting({ due, late: 10 }), closedAt: 2_500_000 };
    expect(standingOf([{ ...attempt(5, null), seenAt: 2_400_000 }], ends, 3_000_000)).toMatchObject({
      points: 4.5,
    });
  });

  test('what needs others or a host is left out, and said', () => {
    const show = showIn('quiz');
    show.questions.q4!.answer = {
      ...show.questions.q4!.answer,
      marking: 'closest',
    } as Show['questions'][string]['answer'];
    show.rounds.push(
      newRound('survey', () => 'x'),
      newRound('interlude', () => 'y'),
    );
    const { show: own, leftOut } = asPractice(show, setting());
    // Said aloud, three without a key, and the closest of one.
    expect(leftOut).toEqual([
      { what: 'questions', round: 0, count: 5 },
      { what: 'round', round: 1, count: 1 },
    ]);
    expect(own.rounds).toHaveLength(1);
    expect(Object.keys(own.questions).sort()).toEqual(['q0', 'q1', 'q11', 'q2', 'q3', 'q5', 'q6']);
  });

  test('every format can be taken, is asked as a quiz, or is named as left out', () => {
    for (const format of formatNames) {
      const { show, leftOut } = asPractice(showIn(format), setting());
      const asks = formatOf(format).asks;
      expect(show.rounds.length > 0 || leftOut.length > 0 || !asks).toBe(true);
    }
  });

  test.each([
    ['best', [3, 9.5, 7], 9.5],
    ['last', [3, 9.5, 7], 7],
    ['mean', [3, 9.5, 7], 6.5],
    ['best', [], null],
  ] as const)('of attempts the %s counts', (which, points, expected) => {
    expect(counted(points, which)).toBe(expected);
  });
});
