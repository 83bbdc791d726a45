/** What people may show beside answering; nothing of it is kept. */
export type Reaction = 'clap' | 'heart' | 'laugh' | 'wow';
/** How many showed what since it was told last. */
export type ReactionCounts = Partial<Record<Reaction, number>>;
