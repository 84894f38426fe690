import { refuse, requireNotNegative, requirePositive, type Check } from '../errors';
import { defineMethod, number, object, type InputOf } from '../method';

const INPUT = object({ vesselVolume_mL: number(), waterAdded_mL: number(), drained_mL: number() });
export type KitchenInput = InputOf<typeof INPUT>;

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

export const kitchenMethod = defineMethod({
  name: 'kitchen',
  version: 1,
  source: 'Volume balance; exact.',
  schema: INPUT,
  calculate: kitchen,
  outputs: {
    airSpace: {
      of: 'airSpace',
      property: 'airSpace',
      sentence: 'What ran out left as much air behind.',
      formula: 'drained / vessel volume',
    },
    capacityAtLeast: {
      of: 'capacityAtLeast',
      property: 'capacityAtLeast',
      sentence: 'Water that went in and stayed; what was in it before is not counted.',
      formula: '(added − drained) / vessel volume',
      source: 'Volume balance; a lower bound.',
    },
  },
  golden: {
    input: { vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210 },
    gives: {
      airSpace: 0.21,
      capacityAtLeast: 0.31,
    },
  },
});
