import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Counterweight',
  howTo:
    'Under {covers} covers lie values up to {most}, each with its opposite. A right answer earns a cover: lift it yourself, or make another team lift it. The total closest to zero wins.',
  counted: 'At the end, your distance from zero is taken off your score.',
  coverDown: 'Cover {n}',
  coverUp: 'Cover {n}: {value}, lifted by {team}',
  whoLifts: 'Who lifts it?',
  mayLift: '{team} may have a cover lifted',
  coversLeft: 'All covers are up | {n} cover is still down | {n} covers are still down',
  allUp: 'All covers are up',
  closestToZero: 'The total closest to zero wins.',
  liftOther: '{team} has a cover lifted',
  alone: { lift: 'You may have a cover lifted' },
  ofTeam: { lift: 'Your team may have a cover lifted' },
  progress: '{used} of {all} covers lifted',
  waits: '{team} has a cover lifted: choose who lifts, then the cover',
  acted: 'lifting the cover',
  cause: { cover: 'a cover was lifted' },
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'A right answer lifts a hidden value; closest to zero wins',
  counted: 'The distance from zero, taken off the score',
  covers: 'Covers',
  heaviest: 'Heaviest value',
  seed: 'Seed of the draw',
  seedHint: 'Empty: another draw each time',
  valuesByHand: 'Write the values by hand',
  values: 'Values in the order of the covers',
  sumZero: 'The sum is 0: in balance.',
  sumIs: 'The sum is {sum}. In balance it would be 0.',
  finding: {
    nothingToWin: 'Cards and opinions can’t be won: add a question with a correct answer.',
    coversNotBalanced: 'The hidden values add up to {sum}, not to 0.',
    comesRoundAgain: 'There are {questions} questions for {covers} covers: they will come round again.',
  },
} satisfies WrittenWords;
