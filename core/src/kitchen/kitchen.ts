import { refuse, requireNotNegative, requirePositive, type Check } from '../errors';

export interface KitchenInput {
  readonly vesselVolume_mL: number;
  readonly waterAdded_mL: number;
  readonly drained_mL: number;
}

export interface KitchenResult {
  readonly airSpace: number;
  readonly capacityAtLeast: number;
  readonly checks: readonly Check[];
}

/**
 * The kitchen form: air space and a lower bound of container capacity without a scale or an oven.
 *
 * air = drained / V, exactly; capacity is at least (added - drained) / V, for the medium was not dry before.
 * Volumes in mL; fractions 0..1. Throws for a volume of zero, a negative volume, or more drained than the
 * vessel holds. More drained than was added is possible with a wet medium: the bound is then of no use,
 * stated as 0 with a check. Example: 1000 mL, 520 added, 210 drained: air 0.21, capacity at least 0.31.
 */
export function kitchen(input: KitchenInput): KitchenResult {
  requirePositive('vesselVolume_mL', input.vesselVolume_mL, 'mL');
  requireNotNegative('waterAdded_mL', input.waterAdded_mL, 'mL');
  requireNotNegative('drained_mL', input.drained_mL, 'mL');
  if (input.drained_mL > input.vesselVolume_mL) {
    refuse(
      'drained_mL',
      `${String(input.drained_mL)} mL is more than the vessel's ${String(input.vesselVolume_mL)} mL`,
    );
  }
  if (input.waterAdded_mL > input.vesselVolume_mL) {
    refuse(
      'waterAdded_mL',
      `${String(input.waterAdded_mL)} mL is more than the vessel's ${String(input.vesselVolume_mL)} mL`,
    );
  }
  const airSpace = input.drained_mL / input.vesselVolume_mL;
  const retained_mL = input.waterAdded_mL - input.drained_mL;
  const bound: Check = {
    code: 'lower-bound',
    severity: 'note',
    message:
      'Capacity is a lower bound: water that the medium brought along is not counted. One dried sample makes it an estimate.',
  };
  if (retained_mL < 0) {
    const message = 'More drained than was added: the medium was wet before, so no bound on its capacity can be given.';
    return { airSpace, capacityAtLeast: 0, checks: [{ code: 'drained-over-added', severity: 'caution', message }] };
  }
  return { airSpace, capacityAtLeast: retained_mL / input.vesselVolume_mL, checks: [bound] };
}
