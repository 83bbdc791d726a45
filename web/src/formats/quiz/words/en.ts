import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Quiz',
  howTo: '{count} questions, one after the other, the same for everyone. Each is worth {points}.',
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = { hint: 'One question after the other, the same for everyone' } satisfies WrittenWords;
