/** A test of all groups at once. */
export interface FTest {
  readonly f: number;
  readonly df1: number;
  readonly df2: number;
  readonly p: number;
}

/** Two groups by their places, the first less the second. */
export interface Compared {
  readonly i: number;
  readonly j: number;
  readonly difference: number;
  readonly ci95: readonly [number, number];
  readonly p: number;
  /** By ranks alone, where there are whole blocks. */
  readonly pRanks?: number;
}

/** Two groups by their names, the first less the second. */
export interface ComparedPair {
  readonly a: string;
  readonly b: string;
  readonly difference: number;
  readonly ci95?: readonly [number, number];
  readonly p?: number;
  /** By the ranks of differences within whole blocks. */
  readonly pRanks?: number;
}
