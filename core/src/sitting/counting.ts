/** Whether a question counts as it was played, for everybody as if they had been right, or not at all. */
export const countings = ['asPlayed', 'all', 'nobody'] as const;
export type Counting = (typeof countings)[number];
