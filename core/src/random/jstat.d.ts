/** What is used here of the package, which ships no types. */
declare module 'jstat' {
  const jstat: {
    mean(values: readonly number[]): number;
    /** With n in the denominator, unless a sample is said. */
    stdev(values: readonly number[]): number;
    chisquare: {
      /** The value that is reached or stayed below with probability `p`, for so many degrees of freedom. */
      inv(p: number, degrees: number): number;
    };
  };
  export default jstat;
}
