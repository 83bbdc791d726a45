/** The letter of an option by its place on the screen. */
export const letterOf = (slot: number): string => String.fromCharCode(65 + slot);
