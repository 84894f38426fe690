declare module 'jstat' {
  interface Distribution {
    inv(p: number, ...shape: number[]): number;
  }
  const library: { readonly jStat: { readonly studentt: Distribution } };
  export default library;
}
