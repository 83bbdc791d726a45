/** The sounds that the host has at hand. */
export const sound = {
  title: 'Sounds',
  theme: 'Theme',
  applause: 'Applause',
  ohNo: 'Oh no',
  fanfare: 'Fanfare',
  drumRoll: 'Drum roll',
  own1: 'Own sound 1',
  own2: 'Own sound 2',
  own3: 'Own sound 3',
  stop: 'Stop the sound',
  silent: 'The stage is muted.',
  where: 'Plays on the stage, once someone has clicked there.',
};

/** Buzzers on the table. */
export const gear = {
  title: 'Buzzers',
  how: 'Press Learn next to a team, then press its buzzer. Any buzzer that acts as a game controller or keyboard works. This computer remembers them.',
  pressNow: 'Now press the buzzer of {team}.',
  learn: 'Learn',
  learnOf: 'Learn the buzzer of {team}',
  forget: 'Forget the buzzer of {team}',
  none: 'no buzzer',
  key: 'key {key}',
  button: 'controller {pad}, button {n}',
  virtual: 'virtual buzzer {n}',
  inFront: 'Browsers notice controllers only while this page is visible, so keep the desk in view.',
  clicker: 'A presentation clicker works right away: forward takes the next step, back undoes it.',
  tryThem: 'Try it without buzzers',
  virtualTitle: 'Virtual buzzers',
  virtualHow:
    'Put this window next to the desk. Let the desk learn these buzzers, then press them as if they stood on the tables.',
  virtualNot: 'Virtual buzzers don’t work in this browser. Try another one.',
};
