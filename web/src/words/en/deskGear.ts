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
  where: 'Heard on the stage, once somebody has clicked there.',
};

/** Buzzers on the table. */
export const gear = {
  title: 'Buzzers',
  how: 'Press Learn beside a team, then press its buzzer. Buzzers that act as game controllers or keyboards work; they stay known on this computer.',
  pressNow: 'Now press the buzzer of {team}.',
  learn: 'Learn',
  learnOf: 'Learn the buzzer of {team}',
  forget: 'Forget the buzzer of {team}',
  none: 'no buzzer',
  key: 'key {key}',
  button: 'controller {pad}, button {n}',
  virtual: 'virtual buzzer {n}',
  inFront: 'Browsers hear controllers only while this page is visible: keep the desk in view.',
  clicker:
    'A presenter’s clicker needs no learning: forward takes the next step, back takes the last one back.',
  tryThem: 'Try it without buzzers',
  virtualTitle: 'Virtual buzzers',
  virtualHow:
    'Put this window beside the desk. Let the desk learn these buzzers, then press them as if they stood on the tables.',
  virtualNot: 'This browser keeps pages apart from each other: virtual buzzers need another one.',
};
