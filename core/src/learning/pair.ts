/** What is mixed, by the material that it is of: two materials of one name are two, and a renamed one stays itself. */
export interface MixedPart {
  readonly material: string;
  readonly name: string;
  readonly volume: number;
}

/** Two materials that were mixed, by id, in the order of their ids; their names are for people. */
export interface Pair {
  readonly materials: readonly [string, string];
  readonly names: readonly [string, string];
}

/** A pair's own kappa, for blends that hold enough of both. */
export interface PairShrink extends Pair {
  readonly kappa: number;
  readonly kappa_se: number;
}
