/** What was not understood, or not as it should be, in something that is brought in. */
export type ProblemCode =
  | 'noPrompt'
  | 'noKey'
  | 'keyUnknown'
  | 'keyDoubtful'
  | 'numberDoubtful'
  | 'keysTooMany'
  | 'tooFewOptions'
  | 'tooManyOptions'
  | 'equalOptions'
  | 'tooLong'
  | 'badNumber'
  | 'badDate'
  | 'badLanguage'
  | 'unknownWord'
  | 'unknownKind'
  | 'badPair'
  | 'badMedia'
  | 'unsaid'
  | 'brokenQuotes'
  | 'twice'
  | 'drawn';

export interface ImportProblem {
  code: ProblemCode;
  /** Which field of the question is meant, as a sheet calls it. */
  field: string;
  /** What stood there. */
  found: string;
  /** What would be put in its place by one click; null where only a person can say. */
  mend: string | null;
  /** The options that are meant, by their ids, where the mend is about several. */
  keys?: string[];
}
