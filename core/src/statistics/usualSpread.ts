import { meanOf } from './mean';

/** What repeats are told apart by: each has a spread that is usual for it. */
export const READ_BY = ['porosity', 'capacity', 'air', 'ring', 'density', 'grain', 'pH', 'ec', 'buffer'] as const;
export type ReadBy = (typeof READ_BY)[number];

/**
 * Spread between repeats that is usual for a method, SD on its scale: fractions of the volume for porosity, capacity,
 * air by a jug and rings, pH, and a share of the value (SD of its logarithm) for density, grain size, EC and buffering. Our guidance.
 */
export const USUAL_SD: Readonly<Record<ReadBy, number>> = Object.freeze({
  porosity: 0.01,
  capacity: 0.012,
  air: 0.015,
  ring: 0.012,
  density: 0.02,
  grain: 0.1,
  pH: 0.05,
  ec: 0.05,
  buffer: 0.1,
});

/** How much the usual spread is believed: as if it had been found from so many repeats more than one. */
export const USUAL_FREEDOM = 4;

/** What is believed of a method's spread before a reading: the mean of its SD is the usual one. */
const MEAN_SD_TO_SCALE = Math.sqrt(2 / Math.PI);

export interface MethodSpread {
  /** Scale of Student's t: variance between repeats. */
  readonly variance: number;
  readonly freedom: number;
}

/**
 * Variance between repeats of a method: the usual one as prior, updated by how groups of repeats differ within.
 *
 * Scaled inverse chi-squared with 4 degrees of freedom whose mean SD is the usual one (s0^2 = 2/pi usual^2), so
 * s^2 = (4 s0^2 + SS) / (4 + sum(n - 1)); a mean of n repeats is uncertain by Student's t with s/sqrt(n) and 4 + sum(n - 1)
 * degrees of freedom. One repeat is served by the same rule. Source: Gelman et al. (2013), Bayesian Data Analysis, 2.6.
 */
export function methodSpread(by: ReadBy, groups: readonly (readonly number[])[]): MethodSpread {
  let squares = 0;
  let freedom = USUAL_FREEDOM;
  for (const values of groups) {
    const mean = meanOf(values);
    for (const value of values) squares += (value - mean) ** 2;
    freedom += values.length - 1;
  }
  const before = USUAL_FREEDOM * (MEAN_SD_TO_SCALE * USUAL_SD[by]) ** 2;
  return { variance: (before + squares) / freedom, freedom };
}
