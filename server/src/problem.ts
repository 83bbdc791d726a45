import type { RefusalName } from '@distaff/core/refusal';
import type { ProblemName } from '@distaff/core/wire';

/** Something that went wrong in a way the person can be told: a status, a code for programs, and which sentence says it. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string;
  readonly says: RefusalName | ProblemName;
  readonly details: object;
  /** What stands in the sentence. */
  readonly given: object;

  constructor(
    status: number,
    code: string,
    says: RefusalName | ProblemName,
    details: object = {},
    given: object = {},
  ) {
    super(says);
    this.status = status;
    this.code = code;
    this.says = says;
    this.details = details;
    this.given = given;
  }
}
