/** Something that went wrong in a way the person can be told: a status, a code and a sentence. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string;
  readonly details: object;

  constructor(status: number, code: string, sentence: string, details: object = {}) {
    super(sentence);
    this.status = status;
    this.code = code;
    this.details = details;
  }
}
