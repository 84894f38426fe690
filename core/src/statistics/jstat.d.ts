declare module 'jstat' {
  interface Distribution {
    readonly inv: (p: number, ...shape: number[]) => number;
  }
  interface Normal {
    readonly cdf: (x: number, mean: number, sd: number) => number;
    readonly inv: (p: number, mean: number, sd: number) => number;
  }
  const library: { readonly jStat: { readonly studentt: Distribution; readonly normal: Normal } };
  export default library;
}
