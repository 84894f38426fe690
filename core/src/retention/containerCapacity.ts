import { requireNotNegative, type Check } from '../errors';
import { requireContainer, type Container } from '../vessel';
import { containerMean, containerRule } from './containerMean';
import { requireRetention, thetaAt, type Retention } from './retention';

export interface ContainerCapacityInput {
  readonly retention: Retention;
  readonly container: Container;
  readonly baseSuction_cm?: number;
}

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
    return { z_cm, theta: thetaAt(retention, z_cm + base) };
  });
  return { water, air: retention.thetaS - water, totalPorosity: retention.thetaS, profile, checks: [] };
}
