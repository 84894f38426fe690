declare module 'jstat' {
  interface Normal {
    readonly cdf: (x: number, mean: number, sd: number) => number;
    readonly inv: (p: number, mean: number, sd: number) => number;
  }
  interface Range {
    readonly cdf: (q: number, means: number, df: number) => number;
  }
  const library: {
    readonly jStat: { readonly normal: Normal; readonly tukey: Range };
  };
  export default library;
}
