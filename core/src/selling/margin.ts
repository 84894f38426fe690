import { requireNotNegative, requirePositive } from '../errors';

export interface PackCostInput {
  /** What a litre of the mix costs, made. */
  readonly costPerL: number;
  readonly pack_L: number;
  /** Bag, label and what else goes with each. */
  readonly packaging?: number;
  /** Work on one pack, and what an hour costs. */
  readonly minutes?: number;
  readonly hourPrice?: number;
}

export interface Margin {
  readonly price: number;
  /** What is left of the price, in money and as a share of it; below 0 it is sold at a loss. */
  readonly left: number;
  readonly share: number;
}

/**
 * What one pack costs to make: the mix, the packaging, the work. Throws for a pack without volume and for negative costs.
 * Example: 40 L at 0.10, a bag for 0.45 and 6 minutes at 20 an hour: 6.45.
 */
export function packCost({ costPerL, pack_L, packaging = 0, minutes = 0, hourPrice = 0 }: PackCostInput): number {
  requireNotNegative('costPerL', costPerL, '');
  requirePositive('pack_L', pack_L, 'L');
  requireNotNegative('packaging', packaging, '');
  requireNotNegative('minutes', minutes, 'min');
  requireNotNegative('hourPrice', hourPrice, '');
  return costPerL * pack_L + packaging + (minutes / 60) * hourPrice;
}

/** What is left of a price. Throws for a price that is not above 0. Example: 9 for what costs 6.45 leaves 2.55, 28 %. */
export function marginOf(cost: number, price: number): Margin {
  requirePositive('price', price, '');
  return { price, left: price - cost, share: 1 - cost / price };
}
