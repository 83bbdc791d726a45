/** What a review of a question may find. */
export type RemarkCode =
  | 'noPrompt'
  | 'noKey'
  | 'emptyOption'
  | 'equalOptions'
  | 'emptyPair'
  | 'keyTwice'
  | 'allRight'
  | 'keyStandsOut'
  | 'keyInPrompt'
  | 'stale'
  | 'noAlt'
  | 'noCredit'
  | 'altTellsKey'
  | 'hardToRead'
  | 'strangeLetters'
  | 'clockTooShort'
  | 'tooLongForStage'
  | 'nearDuplicate';

/** A change that is safe to make by one click. */
export type MendName = 'dropEqual' | 'checkedToday' | 'moreTime';

export interface Remark {
  code: RemarkCode;
  /** Must be mended before it can be played, should be looked at, or is good to know. */
  weight: 'must' | 'should' | 'may';
  /** Words and figures for the sentence. */
  params: Record<string, string | number>;
  mend: MendName | null;
}
