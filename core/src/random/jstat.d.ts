/** What is used here of the package, which ships no types. */
declare module 'jstat' {
  const jstat: {
    sum(values: readonly number[]): number;
    mean(values: readonly number[]): number;
    /** With n in the denominator, unless a sample is said. */
    stdev(values: readonly number[], sample?: boolean): number;
    variance(values: readonly number[], sample?: boolean): number;
    studentt: { inv(p: number, df: number): number };
    /** At these shares, with the two numbers that say how to go between values; 1 and 1 are type 7 of Hyndman and Fan. */
    quantiles(values: readonly number[], at: readonly number[], alpha: number, beta: number): number[];
    corrcoeff(one: readonly number[], other: readonly number[]): number;
    chisquare: {
      /** The value that is reached or stayed below with probability `p`, for so many degrees of freedom. */
      inv(p: number, degrees: number): number;
    };
  };
  export default jstat;
}
