import { requireNotNegative, type Check } from '../errors';
import { defineMethod, maybe, number, object, type InputOf } from '../method';
import { CONTAINER, requireContainer } from '../vessel';
import { containerMean, containerRule } from './containerMean';
import { requireRetention, RETENTION, thetaAt } from './retention';

const INPUT = object({
  retention: RETENTION,
  container: CONTAINER,
  baseSuction_cm: maybe(number('0: free drain')),
});
export type ContainerCapacityInput = InputOf<typeof INPUT>;

export interface ContainerCapacityResult {
  readonly water: number;
  readonly air: number;
  readonly totalPorosity: number;
  readonly profile: readonly { readonly z_cm: number; readonly theta: number }[];
  readonly checks: readonly Check[];
}

/** Heights in the profile, base and top included. */
export const PROFILE_HEIGHTS = 21;

/**
 * Water and air of a medium in any container once it has stopped draining.
 *
 * Suction at height z is z + h0 above a base at suction h0 (0: free drain). Water = mean of theta(z + h0) over the
 * container's volume; air = theta_s - water. Heights and suctions in cm, diameters in cm, fractions 0..1.
 * `profile` has 21 heights from base to top. Throws for a bad curve or container or a negative base suction.
 * These are draining values: a mat, or weak watering of a dry pot, leaves less.
 * Example: thetaR 0.1, thetaS 0.9, alpha 0.1, n 2, straight 10 cm: 0.1 + 0.8 asinh(1) = 0.805099.
 */
export function containerCapacity(input: ContainerCapacityInput): ContainerCapacityResult {
  const { retention, container } = input;
  requireRetention(retention);
  requireContainer(container);
  const base = requireNotNegative('baseSuction_cm', input.baseSuction_cm ?? 0, 'cm');
  const water = containerMean(containerRule(container), (z) => thetaAt(retention, z + base));
  const profile = Array.from({ length: PROFILE_HEIGHTS }, (_, i) => {
    const z_cm = (container.height_cm * i) / (PROFILE_HEIGHTS - 1);
    return { z_cm, theta: thetaAt(retention, z_cm + base + (container.baseSuction_cm ?? 0)) };
  });
  return { water, air: retention.thetaS - water, totalPorosity: retention.thetaS, profile, checks: [] };
}

export const containerCapacityMethod = defineMethod({
  name: 'container-capacity',
  version: 1,
  source: 'van Genuchten, 1980; integrated over the pot’s own shape.',
  schema: INPUT,
  calculate: containerCapacity,
  outputs: {
    water: {
      of: 'water',
      sentence: 'Mean water over the height of the pot: each height hangs on the base by its own suction.',
      formula: 'mean over the pot of θ(height above base)',
    },
    air: {
      of: 'air',
      sentence: 'Pores that hold no water once it stops dripping.',
      formula: 'total porosity − mean water over the pot',
    },
  },
  golden: {
    input: {
      retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 },
      container: { height_cm: 20, topDiameter_cm: 24, baseDiameter_cm: 18 },
      baseSuction_cm: 2,
    },
    gives: {
      water: 0.609737213471,
      air: 0.290262786529,
      totalPorosity: 0.9,
    },
  },
});
