declare module 'jstat' {
  interface Distribution {
    readonly inv: (p: number, ...shape: number[]) => number;
  }
  interface Normal {
    readonly cdf: (x: number, mean: number, sd: number) => number;
    readonly inv: (p: number, mean: number, sd: number) => number;
  }
  interface Range {
    readonly cdf: (q: number, means: number, df: number) => number;
  }
  const library: {
    readonly jStat: { readonly studentt: Distribution; readonly normal: Normal; readonly tukey: Range };
  };
  export default library;
}
