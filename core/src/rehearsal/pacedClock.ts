/** A clock that may run faster than the real one: at the real moment `real` it showed `virtual` (both ms). */
export interface PacedClock {
  rate: number;
  real: number;
  virtual: number;
}

export const pacedClock = (real: number): PacedClock => ({ rate: 1, real, virtual: real });

/** What the clock shows at a real moment. */
export const virtualAt = (clock: PacedClock, real: number): number =>
  clock.virtual + (real - clock.real) * clock.rate;

/** The same clock from a real moment on at another rate; it neither jumps nor goes back. */
export const atRate = (clock: PacedClock, rate: number, real: number): PacedClock => ({
  rate,
  real,
  virtual: virtualAt(clock, real),
});
