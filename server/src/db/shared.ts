/** What can be shared with others. */
export type SharedKind = 'set' | 'show';

/** One set or one show, as what it is shared. */
export interface SharedRef {
  what: SharedKind;
  id: string;
}
