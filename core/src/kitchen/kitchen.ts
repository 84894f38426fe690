import { refuse, requireNotNegative, requirePositive, type Check, said } from '../errors';
import { defineMethod, maybe, number, object, type InputOf } from '../method';

const INPUT = object({
  vesselVolume_mL: number(),
  waterAdded_mL: number(),
  drained_mL: number(),
  cup_mL: maybe(number('a cup of the medium as it went in, before any water')),
  cupWet_g: maybe(number('net, as it went in')),
  cupDry_g: maybe(number('net, dried in an oven or in the sun')),
});
export type KitchenInput = InputOf<typeof INPUT>;

export interface KitchenResult {
  readonly airSpace: number;
  readonly capacityAtLeast: number;
  /** The bound with the water that the medium brought along; absent without a dried cup of it. */
  readonly capacityEstimate?: number;
  readonly checks: readonly Check[];
}

/**
 * The kitchen form: air space and a lower bound of container capacity without a scale or an oven.
 *
 * air = drained / V, exactly; capacity is at least (added - drained) / V, for the medium was not dry before.
 * Volumes in mL; fractions 0..1. Throws for a volume of zero, a negative volume, or more drained than the
 * vessel holds. More drained than was added is possible with a wet medium: the bound is then of no use,
 * stated as 0 with a check. With a dried cup of the medium as it went in the bound becomes an estimate:
 * (added - drained) / V + (wet - dry) / cup, a gram of water a millilitre. Example: 1000 mL, 520 added, 210 drained: air 0.21, capacity at least 0.31.
 */
export function kitchen(input: KitchenInput): KitchenResult {
  const bound = lowerBound(input);
  const brought = broughtAlong(input);
  if (brought === undefined) return bound;
  const retained = (input.waterAdded_mL - input.drained_mL) / input.vesselVolume_mL;
  const checks = bound.checks.filter(({ code }) => code !== 'lower-bound' && code !== 'drained-over-added');
  return { ...bound, capacityEstimate: Math.max(0, retained + brought), checks };
}

/** Water that the medium brought along, a part of its volume; undefined without a whole sample of it. */
function broughtAlong({ cup_mL, cupWet_g, cupDry_g }: KitchenInput): number | undefined {
  if (cup_mL === undefined || cupWet_g === undefined || cupDry_g === undefined) return undefined;
  requirePositive('cup_mL', cup_mL, 'mL');
  requireNotNegative('cupDry_g', cupDry_g, 'g');
  if (cupWet_g < cupDry_g)
    refuse('cupDry_g', `${said(cupDry_g)} g dry is more than the ${said(cupWet_g)} g that it weighed`);
  const water = (cupWet_g - cupDry_g) / cup_mL;
  if (water > 1) refuse('cup_mL', `${said(cup_mL)} mL cannot have held so much water; check the cup`);
  return water;
}

function lowerBound(input: KitchenInput): KitchenResult {
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
  version: 2,
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
    capacityEstimate: {
      of: 'capacityEstimate',
      property: 'capacityEstimate',
      sentence: 'Water that went in and stayed, and the water that a dried cup of the medium had brought along.',
      formula: '(added − drained) / vessel volume + (wet − dry) / cup',
      source: 'Volume balance; as good as the cup stands for the whole.',
    },
  },
  golden: {
    input: { vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210, cup_mL: 250, cupWet_g: 120, cupDry_g: 82.5 },
    gives: {
      airSpace: 0.21,
      capacityAtLeast: 0.31,
      capacityEstimate: 0.46,
    },
  },
});
