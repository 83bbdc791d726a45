/** Styles play no part in unit tests. */
export {};
