import { formatOf, formats, type FormatName } from '../formats/index.ts';
import type { Devices } from './devices.ts';
import { defaultDoors, type Doors } from './doors.ts';
import { newRound } from './newRound.ts';
import type { RoundRules } from '../formats/rules.ts';
import { MAX_ROUNDS, type Round, type Show } from './show.ts';
import { newTeam, type Team } from './team.ts';

/** Where and with what people play: six situations, each with settings that suit it. */
export const situations = ['review', 'check', 'call', 'stream', 'venue', 'alone'] as const;
export type Situation = (typeof situations)[number];

interface Settings {
  devices: Devices;
  doors: Partial<Doors>;
  /** For every round; what a format prescribes stays. */
  rules: Partial<RoundRules>;
  /** Teams of a new show. */
  teams: number;
  /** The running order of a new show. */
  rounds: readonly (FormatName | InterludeName)[];
}
type InterludeName = 'title' | 'howTo' | 'break' | 'standings' | 'credits';

const forAll = { floor: 'everyone', afterWrong: 'close' } as const;

/** Settings as data: changing what suits a situation is changing a line here. */
export const settingsFor: Record<Situation, Settings> = {
  /** Teams in a room, one screen, no phones: answers are said, a miss goes on to the next team for half. */
  review: {
    devices: { mode: 'none', score: 'teams', combine: 'mean' },
    doors: {},
    rules: { floor: 'turn', afterWrong: 'handOn', passShare: 50, clock: 30, penalty: 'none' },
    teams: 4,
    rounds: ['howTo', 'board', 'standings', 'howTo', 'trail', 'standings'],
  },
  /** A pupil a phone, each for themselves; neighbours see the options in another order. */
  check: {
    devices: { mode: 'each', score: 'players', combine: 'mean' },
    doors: { late: true },
    rules: { ...forAll, clock: 30, change: true, shuffleBySeat: true, picks: 'with', named: 'right' },
    teams: 2,
    rounds: ['quiz', 'standings', 'howTo', 'ownPace', 'standings'],
  },
  /** Remote people in drawn teams; the whole question is on each device. */
  call: {
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
    doors: { late: true, teams: 'drawn' },
    rules: { ...forAll, clock: 30, change: true, optionsWith: 'prompt' },
    teams: 4,
    rounds: ['title', 'howTo', 'quiz', 'standings', 'survey', 'credits'],
  },
  /** Very many viewers, each for themselves; faster is more, and the clock allows for their delay. */
  stream: {
    devices: { mode: 'each', score: 'players', combine: 'mean' },
    doors: { late: true },
    rules: { ...forAll, clock: 20, speed: { keep: 50, grace: 5 } },
    teams: 2,
    rounds: ['title', 'howTo', 'quiz', 'standings', 'knockout', 'credits'],
  },
  /** Tables with a phone each; an answer may be talked over until the lock. */
  venue: {
    devices: { mode: 'team', score: 'teams', combine: 'mean' },
    doors: { late: true, teams: 'choose' },
    rules: { ...forAll, clock: 30, change: true },
    teams: 8,
    rounds: [
      'title',
      'howTo',
      'quiz',
      'standings',
      'break',
      'howTo',
      'board',
      'standings',
      'knockout',
      'credits',
    ],
  },
  /** One person at their own speed: no clock, the next step comes by itself. */
  alone: {
    devices: { mode: 'each', score: 'players', combine: 'mean' },
    doors: { late: true },
    rules: { ...forAll, clock: null, change: false, pace: 6 },
    teams: 2,
    rounds: ['quiz', 'credits'],
  },
};

const isFormat = (name: FormatName | InterludeName): name is FormatName => name in formats;

/** The rules of a round as they suit a situation; a format keeps what suits it always, and what it prescribes. */
export function rulesInSituation(situation: Situation, format: FormatName, before: RoundRules): RoundRules {
  const { rules } = settingsFor[situation];
  const { suits, prescribes } = formatOf(format);
  return { ...before, ...rules, ...suits.always, ...prescribes };
}

/** A show set up for a situation; its rounds, questions and teams stay. */
export function setUpFor(show: Show, situation: Situation): Show {
  const { devices, doors } = settingsFor[situation];
  return {
    ...show,
    devices,
    doors: { ...show.doors, ...doors },
    rounds: show.rounds.map((round) => ({
      ...round,
      rules: rulesInSituation(situation, round.format, round.rules),
    })),
  };
}

/** A new show laid out for a situation, without questions yet. `newId` makes ids, `teamName` names teams. */
export function showFor(
  situation: Situation,
  title: string,
  newId: () => string,
  teamName: (n: number) => string,
): Show {
  const { rounds, teams: count } = settingsFor[situation];
  const teams: Team[] = [];
  for (let n = 1; n <= count; n++) teams.push(newTeam(teams, teamName(n), newId));
  const made = rounds.slice(0, MAX_ROUNDS).map((name): Round => {
    if (isFormat(name)) return newRound(name, newId);
    const round = newRound('interlude', newId) as Extract<Round, { format: 'interlude' }>;
    return { ...round, content: { what: name, text: '', minutes: name === 'break' ? 10 : null } };
  });
  const { devices } = settingsFor[situation];
  return setUpFor({ title, teams, devices, doors: defaultDoors, rounds: made, questions: {} }, situation);
}
