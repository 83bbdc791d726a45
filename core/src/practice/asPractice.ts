import { lacksOf } from '../question/asPlayed.ts';
import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import { formatOf } from '../formats/index.ts';
import { defaultDevices } from '../show/devices.ts';
import { defaultDoors } from '../show/doors.ts';
import { newRound } from '../show/newRound.ts';
import type { Round, Show } from '../show/show.ts';
import type { PracticeSettings } from './settings.ts';

/** What of a show cannot be taken alone, or not as it is played together. */
export interface LeftOut {
  /** A round that is left out, one that is asked as a quiz, or questions that need a host or others. */
  what: 'round' | 'asQuiz' | 'questions';
  /** The round, by its place in the running order. */
  round: number;
  count: number;
}

/** Formats that one can play alone as they are. */
const ALONE: ReadonlySet<Round['format']> = new Set(['quiz', 'board', 'knockout', 'climb', 'ownPace']);
/** Those whose questions are asked one after the other instead: what else they are about needs others. */
const AS_QUIZ: ReadonlySet<Round['format']> = new Set(['counterweight', 'claim', 'trail']);

/** In these whoever plays chooses, or climbs, whatever they know. */
const CHOSEN: ReadonlySet<Round['format']> = new Set(['board', 'climb']);

/** So long is a round at one's own pace that nobody gave a clock (common practice). */
const MINUTES = 5;

/** Whether the key alone says how good an answer is, with no other answers beside it. */
function isTaken(question: Question | undefined): boolean {
  if (!question || lacksOf(question).length > 0) return false;
  const kind = kindOf(question.answer.kind);
  if (question.answer.kind === 'card') return true;
  const needsOthers = question.answer.kind === 'number' && question.answer.marking === 'closest';
  return kind.keyed && kind.given === 'handset' && !needsOthers;
}

/**
 * A show as one person takes it alone: those of its rounds that can be played so, with the questions that the key alone
 * can mark, by the rules of the practice. Beside it what is left out, so that it can be said beforehand.
 */
export function asPractice(show: Show, settings: PracticeSettings): { show: Show; leftOut: LeftOut[] } {
  const leftOut: LeftOut[] = [];
  const rounds: Round[] = [];
  show.rounds.forEach((round, i) => {
    if (round.off || !formatOf(round.format).asks) return;
    if (!ALONE.has(round.format) && !AS_QUIZ.has(round.format)) {
      leftOut.push({ what: 'round', round: i, count: 1 });
      return;
    }
    const places = formatOf(round.format)
      .places(round.content)
      .filter(({ question }) => question !== null);
    const taken = places.filter(({ question }) => isTaken(show.questions[question!]));
    if (taken.length < places.length)
      leftOut.push({ what: 'questions', round: i, count: places.length - taken.length });
    if (taken.length === 0) return;
    if (AS_QUIZ.has(round.format)) leftOut.push({ what: 'asQuiz', round: i, count: 1 });
    rounds.push(alone(round, taken, settings));
  });
  const used = new Set(
    rounds.flatMap((round) =>
      formatOf(round.format)
        .places(round.content)
        .map((place) => place.question),
    ),
  );
  return {
    show: {
      title: show.title,
      ...(show.look ? { look: show.look } : {}),
      teams: [],
      devices: { ...defaultDevices, mode: 'each', score: 'players' },
      doors: defaultDoors,
      rounds,
      questions: Object.fromEntries(
        Object.entries(show.questions)
          .filter(([id]) => used.has(id))
          .map(([id, question]) => [id, settings.clocks ? question : { ...question, clock: null }]),
      ),
    },
    leftOut,
  };
}

type Place = { question: string | null; points: number };

/** A round by the rules of the practice, with the questions at `taken` and no others. */
function alone(round: Round, taken: readonly Place[], settings: PracticeSettings): Round {
  const ids = new Set(taken.map(({ question }) => question!));
  const { shuffleQuestions, shuffleOptions, clocks, hints } = settings;
  const rules: Round['rules'] = {
    ...round.rules,
    floor: round.format === 'board' || round.format === 'climb' ? 'turn' : 'everyone',
    turns: 'inOrder',
    afterWrong: 'close',
    penalty: 'none',
    speed: clocks ? round.rules.speed : null,
    change: false,
    clock: clocks ? round.rules.clock : null,
    turnsEach: null,
    // Where the most is the goal, only a clock ends it.
    roundClock: round.format === 'ownPace' ? (round.rules.roundClock ?? MINUTES * 60) : null,
    optionsWith: 'open',
    shuffleOptions,
    shuffleBySeat: false,
    tries: hints ? 2 : 1,
    pace: null,
    steps: 'single',
    brings: 'counted',
    scores: 'carry',
  };
  const shuffled = <C extends { shuffle: boolean }>(content: C): C => ({
    ...content,
    shuffle: shuffleQuestions || content.shuffle,
  });
  const items = <I extends { id: string }>(all: readonly I[]): I[] => all.filter(({ id }) => ids.has(id));
  if (settings.adaptive && !CHOSEN.has(round.format)) return byLevel(round, rules, taken);
  switch (round.format) {
    case 'board': {
      const cells = Object.entries(round.content.cells).map(
        ([id, cell]) =>
          [
            id,
            cell.question !== null && ids.has(cell.question) ? cell : { ...cell, question: null },
          ] as const,
      );
      return { ...round, rules, content: { ...round.content, cells: Object.fromEntries(cells) } };
    }
    case 'quiz':
      return { ...round, rules, content: shuffled({ ...round.content, items: items(round.content.items) }) };
    case 'knockout':
      return { ...round, rules, content: shuffled({ ...round.content, items: items(round.content.items) }) };
    case 'climb': {
      const { assists, ...content } = round.content;
      const own = { ...assists, voice: 0, room: 0 };
      return {
        ...round,
        rules,
        content: { ...content, items: items(content.items), assists: own, climbs: 1, attempts: 1 },
      };
    }
    case 'ownPace': {
      const goal = round.content.goal === 'together' ? 'first' : round.content.goal;
      return {
        ...round,
        rules,
        content: { ...round.content, goal, key: true, items: items(round.content.items) },
      };
    }
    default: {
      const made = newRound('quiz', () => round.id);
      if (made.format !== 'quiz') return made;
      return {
        ...made,
        id: round.id,
        title: round.title,
        rules,
        content: shuffled({ ...made.content, items: eachOnce(taken) }),
      };
    }
  }
}

/** The questions at these places, each once, with what it is worth. */
function eachOnce(taken: readonly Place[]): { id: string; points: number | null }[] {
  const all = taken.map(({ question, points }) => ({ id: question!, points: points > 0 ? points : null }));
  return [...new Map(all.map((one) => [one.id, one])).values()];
}

/** A round as a list of which each next question suits what somebody knows. */
function byLevel(round: Round, rules: Round['rules'], taken: readonly Place[]): Round {
  const made = newRound('ownPace', () => round.id);
  if (made.format !== 'ownPace') return made;
  const items = eachOnce(taken);
  const terms = { loss: 0, start: 0, goal: 'most', key: true, streak: null } as const;
  return {
    ...made,
    title: round.title,
    rules: { ...rules, floor: 'everyone', roundClock: null },
    content: { ...made.content, ...terms, items, next: 'level', once: true },
  };
}

/** The same practice with these questions alone, one after the other: for whoever wants to try what they missed again. */
export function onlyThese(show: Show, ids: readonly string[]): Show {
  const made = newRound('quiz', () => 'again');
  const rules = show.rounds[0]?.rules ?? made.rules;
  const items = ids.filter((id) => show.questions[id]).map((id) => ({ id, points: null }));
  if (made.format !== 'quiz') return show;
  return {
    ...show,
    rounds: [{ ...made, rules: { ...rules, floor: 'everyone' }, content: { ...made.content, items } }],
  };
}
