/** How fast the shows of a host go, against our estimate. */
export interface Tempo {
  /** Measured time over estimated time; 1 where nothing was measured. */
  factor: number;
  /** Over how many sittings it was measured. */
  sittings: number;
}
export const NO_TEMPO: Tempo = { factor: 1, sittings: 0 };
