import type { RefusalGiven, RefusalName } from './refusalNames.ts';

export type { RefusalGiven, RefusalName };

/** Why a command was not carried out: a code for programs, and which sentence says it to the person. */
export interface Refusal {
  refused: RefusalCode;
  says: RefusalName;
  /** What stands in the sentence. */
  given?: object;
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

/** @returns a refusal whose sentence has this name; what stands in it is given where anything does. */
export const refuse = <Name extends RefusalName>(
  refused: RefusalCode,
  says: Name,
  ...[given]: Name extends keyof RefusalGiven ? [given: RefusalGiven[Name]] : []
): Refusal => (given ? { refused, says, given } : { refused, says });

export const isRefusal = (result: object): result is Refusal => 'refused' in result;
