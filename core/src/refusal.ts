/** Why a command was not carried out: a code for programs, a sentence for the person. */
export interface Refusal {
  refused: RefusalCode;
  sentence: string;
}

export type RefusalCode =
  /** It is so already (a double press): nothing to tell. */
  | 'already'
  /** Somebody else, or time, took the step first: nothing was done, and it is said. */
  | 'overtaken'
  | 'notNow'
  | 'notYours'
  | 'notThere'
  | 'used'
  | 'nameTaken'
  | 'late'
  | 'invalid'
  /** Not stored; the same command may be sent again. */
  | 'retry';

export const refuse = (refused: RefusalCode, sentence: string): Refusal => ({ refused, sentence });

export const isRefusal = (result: object): result is Refusal => 'refused' in result;
