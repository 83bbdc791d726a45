import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Survey',
  howTo: '{count} questions with no right or wrong. Nobody wins points here: we want to know what you think.',
  sort: { anonymous: 'Survey without names', named: 'Survey' },
  counts: 'Count the hands for each answer',
  enterCounts: 'Enter these counts',
  callOut: 'Somebody says',
  writeDown: 'Write it down',
  noneYet: 'Answers appear once five people have answered, so nobody can be guessed.',
  hiddenOpen: 'You’ll see the answers once they are locked.',
  noNamesHere: 'No names are kept in this round.',
  slips: 'In no group',
  slipsHint: 'Mark an answer, then press 1–8 or choose a group. You can drag it, too.',
  newGroup: 'New group',
  makeGroup: 'Make the group',
  into: 'Put into {name}',
  outOf: 'Remove “{text}” from its group',
  showSlip: 'Show “{text}” on the stage',
  hideSlip: 'Take it off the stage',
  allGrouped: 'Every answer is in a group.',
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'What people think: no correct answers, no points',
  anonymous: 'Without names: nobody can find out who answered what, not even you',
  shown: 'Show the answers on the stage',
  showns: {
    live: 'As they come in',
    after: 'When answers are locked',
    desk: 'Never: only I see them, at the desk',
  },
  liveHint: 'In a small room people may notice whose tap moved a bar.',
  compare: 'Compare with an earlier run',
  compares: {
    nothing: 'Don’t compare',
    before: 'The same questions earlier in this show',
    lastTime: 'The last time I played this show',
  },
  finding: {
    surveyKeyed:
      'Question {number} is left out: it has a correct answer. Change its kind to Opinion, Scale or Own words.',
  },
} satisfies WrittenWords;
