import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Knockout',
  howTo: 'Up to {count} questions. A wrong answer costs a life; with no lives left, you’re out.',
  howToMore:
    'Everyone starts with {n} life. If everyone is wrong, nobody loses one. | Everyone starts with {n} lives. If everyone is wrong, nobody loses one.',
  counted: 'At the end, each life you have left brings {n} points.',
  livesTitle: 'Lives',
  lives: 'no life left | {n} life | {n} lives',
  out: 'out',
  yourLives: 'You have {n} life | You have {n} life | You have {n} lives',
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'A wrong answer costs a life; the last one in wins',
  counted: 'Its points, and points for each life left',
  lives: 'Lives',
  countedPoints: 'Points for each life left',
} satisfies WrittenWords;
