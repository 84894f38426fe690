declare module 'jstat' {
  interface Distribution {
    readonly inv: (p: number, ...shape: number[]) => number;
  }
  const library: { readonly jStat: { readonly studentt: Distribution } };
  export default library;
}
