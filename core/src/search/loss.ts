import { windowMiss } from '../scoring';
import type { BlendScalars } from '../blend';
import type { SearchableProperty, SearchTarget } from './searchInput';

/**
 * How far a blend misses the targets: sum of weight x miss over the sum of weights; undefined where a must is broken.
 *
 * A miss is 0 inside the ideal window, 1 at its limit, on at the same slope; a property that the blend lacks is a miss
 * of 1, and breaks a must.
 */
export function lossOf(scalars: Partial<BlendScalars>, targets: readonly SearchTarget[]): number | undefined {
  let sum = 0;
  let weights = 0;
  for (const { property, ideal, limits, weight, must } of targets) {
    const value = scalars[property as SearchableProperty];
    weights += weight;
    if (must === true && (value === undefined || isOutside(limits, value))) return undefined;
    sum += weight * (value === undefined ? 1 : windowMiss(ideal, limits, value));
  }
  return sum / weights;
}

function isOutside([lo, hi]: SearchTarget['limits'], value: number): boolean {
  return (lo !== null && value < lo) || (hi !== null && value > hi);
}
