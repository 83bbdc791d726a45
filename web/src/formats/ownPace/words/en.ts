import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Own pace',
  howTo:
    'Everyone answers their own questions, in their own order, as fast as they like. A correct answer brings {points}, a wrong one costs {loss}.',
  goals: {
    most: 'Who has most?',
    first: 'First to {amount}',
    together: 'Weave it full',
  },
  goalTold: {
    most: 'Most points when time is up wins.',
    first: 'The first to reach {amount} wins.',
    together: 'All together, reach {amount}.',
  },
  findWeave: 'Find your weave',
  terms: 'correct {gain}, wrong {loss}',
  termsNone: 'correct {gain}, wrong costs nothing',
  firstOnPhone: 'Your first question is on your phone',
  firstAloud: 'The host comes to you with your first question',
  everyoneOwn: 'Everyone is on their own question',
  left: 'left',
  paused: 'Paused',
  over: 'Time’s up',
  reached: 'Goal reached',
  through: 'All questions are answered',
  lastOne: 'That was your last question',
  othersGoOn: 'Others are still answering.',
  ofAmount: 'of {amount}',
  andMore: 'and {n} more',
  lengthOf: 'One length is one answer | One length is {n} answers',
  noNames: 'Highest {high}. Half of them have {half} or more.',
  cause: { start: 'to start with', streak: 'several in a row' },
  waiting: 'Get ready',
  waitingText: 'Your own questions come here as soon as the host starts. Nobody waits for anybody.',
  done: 'The round is over',
  balance: 'You have {n}.',
  streak: 'In a row: {points} more for every {n} correct.',
  start: 'Everyone starts with {n}.',
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'Everyone on a question of their own, until time is up',
  points: 'Points for a correct answer',
  loss: 'Points a wrong answer costs',
  start: 'Points to start with',
  goal: 'Goal',
  goals: {
    most: 'Most points when time is up',
    first: 'Being first to an amount',
    together: 'An amount that all reach together',
  },
  amount: 'Amount',
  next: 'The next question',
  nexts: { chance: 'Any of the list', level: 'One that suits what they know so far' },
  once: 'Each question comes once',
  key: 'Show the correct answer after each question',
  ranking: 'On the stage',
  rankings: {
    names: 'Everyone with names',
    top: 'The first five only',
    none: 'No names: find your weave',
  },
  streak: 'Extra points for several correct in a row',
  streakLength: 'So many in a row',
  streakPoints: 'Extra points',
  finding: {
    notByItself:
      'Question {number} is left out: here every question is answered on a phone and marked by itself.',
    noEnd: 'The round has no clock: it goes on until you end it.',
  },
} satisfies WrittenWords;
