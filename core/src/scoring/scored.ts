import type { ScoreFunction } from './scoreFunction';

/** A criterion in points of 0 to 10, with what is uncertain of it. */
export interface Scored {
  readonly name: string;
  readonly weight: number;
  readonly score?: number;
  readonly spread?: number;
  /** Standard error of the raters' mean, in points. */
  readonly se?: number;
  /** A value with its own standard error, whose score is drawn through the function. */
  readonly around?: { readonly fn: ScoreFunction; readonly value: number; readonly se: number };
}
