/** The letter of an option by its place on the stage. */
export const letterOf = (slot: number): string => String.fromCharCode(65 + slot);

/** Where a handset lays options out in an order of its own: the place that each has on the stage. */
export interface Lettered {
  letters?: readonly number[] | undefined;
}

/** The letter of what stands at a place here: the same that it has on the stage, on every device. */
export const letterAt = ({ letters }: Lettered, place: number): string => letterOf(letters?.[place] ?? place);
