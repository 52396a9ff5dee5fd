/** What is used of the statistics package: Student's t. */
declare module 'jstat' {
  const jStat: {
    readonly studentt: {
      readonly cdf: (t: number, df: number) => number;
      readonly inv: (probability: number, df: number) => number;
    };
  };
  export = jStat;
}
