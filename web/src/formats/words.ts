/** What every format must have words for, and what it may say otherwise than all do. */
export interface PlayedWords {
  name: string;
  /** How it is played, told with the numbers of its `facts`; only where nothing is asked there is none. */
  howTo?: string;
  /** A second sentence about that, in a form for one and one for many: `n` of its facts. */
  howToMore?: string;
  /** What it counts for the show, where that is not its points. */
  counted?: string;
  /** How far it is, where that is not a matter of questions: {used} of {all}. */
  progress?: string;
  /** What the foot of a phone says while it is on, and while `{team}` is, where that is no choosing. */
  onYou?: string;
  onOther?: string;
  /** What the host is told while the round waits for a choice of `{team}`. */
  waits?: string;
  /** What an act of its own is called when it is taken back. */
  acted?: string;
  /** What it writes into the score history, by the causes of its ledger. */
  cause?: Record<string, string>;
  /** Its sorts, where it has some. */
  sort?: Record<string, string>;
  /** Where the team in turn chooses: what the next step is, and what leads back. */
  pick?: string;
  leave?: string;
  /** Which question of how many it is, and the step that brings it up, where they are called otherwise. */
  placeOf?: string;
  nextQuestion?: string;
  nextQuestionOpen?: string;
  [own: string]: string | Record<string, string> | undefined;
}
export interface WrittenWords {
  /** One line that says what it is, where a round is added. */
  hint: string;
  /** What it may bring to the show, where that is not its points. */
  counted?: string;
  /** What one of what it counts brings: a life, a square. */
  countedPoints?: string;
  /** What to do where no place is chosen. */
  pickPlace?: string;
  /** What the check says, by the codes of its findings. */
  finding?: Record<string, string>;
  [own: string]: string | Record<string, string> | undefined;
}
