import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Counterweight',
  howTo:
    '{covers} covers hide values up to {most}, each with its opposite. A correct answer earns a cover: lift it yourself, or make another team lift it. The total closest to zero wins.',
  counted: 'At the end, your distance from zero is taken off your score.',
  coverDown: 'Cover {n}',
  coverUp: 'Cover {n}: {value}, lifted by {team}',
  whoLifts: 'Who lifts it?',
  mayLift: '{team} lifts a cover or picks who does',
  coversLeft: 'All covers are up | {n} cover left | {n} covers left',
  allUp: 'All covers are up',
  closestToZero: 'The total closest to zero wins.',
  liftOther: '{team} lifts a cover or picks who does',
  alone: { lift: 'You can lift a cover' },
  ofTeam: { lift: 'Your team can lift a cover' },
  progress: '{used} of {all} covers lifted',
  waits: '{team} earned a cover: choose who lifts, then the cover',
  acted: 'lifting the cover',
  cause: { cover: 'a cover was lifted' },
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'A correct answer lifts a hidden value; closest to zero wins',
  counted: 'The distance from zero is taken off the score',
  covers: 'Covers',
  heaviest: 'Heaviest value',
  seed: 'Seed for the covers',
  seedHint: 'Leave empty for new values every time',
  valuesByHand: 'Write the values by hand',
  values: 'Values, in the order of the covers',
  sumZero: 'The sum is 0: in balance.',
  sumIs: 'The sum is {sum}. In balance it would be 0.',
  finding: {
    nothingToWin: 'Cards and opinions can’t be won: add a question with a correct answer.',
    coversNotBalanced: 'The hidden values add up to {sum}, not to 0.',
    comesRoundAgain: 'There are {questions} questions for {covers} covers: questions will repeat.',
  },
} satisfies WrittenWords;
