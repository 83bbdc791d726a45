/** What can be shared with others. */
export type SharedKind = 'set' | 'show';
