import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Knockout',
  howTo: '{count} questions at most. Whoever misses one loses a life; whoever has none left is out.',
  howToMore:
    'Everyone begins with {n} life. If all miss together, nobody loses one. | Everyone begins with {n} lives. If all miss together, nobody loses one.',
  counted: 'At the end, each life you have left brings {n} points.',
  livesTitle: 'Lives',
  lives: 'no life left | {n} life | {n} lives',
  out: 'out',
  yourLives: 'You have {n} life | You have {n} life | You have {n} lives',
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'A miss costs a life; the last one wins',
  counted: 'Its points, and points for each life left',
  lives: 'Lives',
  countedPoints: 'Points for each life left',
} satisfies WrittenWords;
