/** What is found before the doors open. */
export const check = {
  check: 'Before the doors open',
  measuring: 'Measured on stage and handset: {n} of {of}',
  checkFine: 'Everything is ready.',
  mustMend: 'Must be mended first',
  goThere: 'Go there',
  leaveOut: 'Leave it out',
  leftOut: 'The round is left out of the show until you switch it on again, in the running order.',
  openAnyway: 'Open the doors',
  back: 'Back to the show',
  unfinishedCount: 'ready | {n} thing to look at | {n} things to look at',
  finding: {
    questionUnfinished: 'Question {number} is unfinished ({lacks}). It will be left out.',
    noQuestions: 'There is no finished question.',
    allOff: 'Every part of the running order is switched off.',
    ruleShort: 'Its rule asks for {count} questions and got {got}.',
    listUneven: '{count} questions for {teams} teams in turn: not every team gets the same number.',
    oneDecides:
      'One question for {points} is worth more than all the others together ({rest}): it decides the show.',
    noWayBack:
      'A question for {points} costs as much as it brings: after one miss nobody catches up in this round.',
    buzzKeys: '{teams} teams buzz by the keys of the desk, and there are only {keys} keys.',
    closestAlone: 'The closest wins, but one team answers alone: you have to rule on it.',
    aloudForMany: 'It is said aloud, and everyone answers: that is very many to be ruled on by hand.',
    noSeats: 'The lists of names leave teams without anybody.',
    newer: 'The library has a newer state of this question.',
    mediaMissing: 'A picture, sound or video of it is not there.',
    lookMissing:
      'A picture or a sound of the show itself is not there. | {n} pictures or sounds of the show itself are not there.',
    mediaHeavy: 'Its media are {mb} MB: phones on a poor network wait for them.',
    tooLongForHandset: 'On a small phone one has to scroll before there is anything to answer with.',
    loopback:
      'The join address works on this computer alone. Open Distaff under the address that your network gives this computer, so that phones can come.',
    noSound: 'This browser plays no sound.',
    contrast: 'The look has too little contrast: {what}.',
    tooFewTeams: 'At least two teams are needed.',
    teamUnnamed: 'Team {number} has no name.',
    teamsAlike: 'Two teams are called “{name}”.',
  },
};
