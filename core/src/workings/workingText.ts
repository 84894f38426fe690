/** What the drawer says of a number: one plain sentence, the formula in words, the source. */
export interface WorkingText {
  readonly sentence: string;
  readonly formula: string;
  readonly source: string;
  /** Method and version whose golden outputs hold it. */
  readonly method: string;
}
