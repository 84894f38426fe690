import { refuse, requireNotNegative, requirePositive, requireWithin, type Check } from '../errors';
import { defineMethod, maybe, number, object, type InputOf } from '../method';
import { CONTAINER, geometricVolume_mL, requireContainer } from '../vessel';

const INPUT = object({
  container: CONTAINER,
  volume_L: maybe(number('where the container has no diameters: its whole volume')),
  fill: maybe(number('part of the pot that is filled')),
  pot_kg: maybe(number()),
  bulkDensity_gcc: number(),
  water: number('mean water of the drained pot, fraction'),
  waterAtEasy: number('water still held at 50 cm, fraction'),
  use_mmPerD: number('water used a day, over the pot’s top'),
  pricePerL: maybe(number()),
  potsPerM2: maybe(number()),
  limit_kgPerM2: maybe(number('what the floor may carry as its owner states it')),
});
export type PotOutlookInput = InputOf<typeof INPUT>;

export interface PotOutlookResult {
  readonly medium_L: number;
  readonly dry_kg: number;
  readonly wet_kg: number;
  readonly easy_mL: number;
  readonly use_mLPerD: number;
  /** Until the easily available water is used. */
  readonly days: number;
  readonly price?: number;
  readonly load_kgPerM2?: number;
  readonly checks: readonly Check[];
}

export const POT_DEFAULTS = Object.freeze({ fill: 0.92, pot_kg: 0 });

/** Above this a person alone should not lift by default; local limits go first. */
export const LIFT_LIMIT_KG = 25;

/** Water used by a pot, mm over its top and day, in words. */
export const USES: readonly { readonly key: string; readonly words: string; readonly mmPerD: number }[] = Object.freeze(
  [
    { key: 'shade', words: 'cool shade', mmPerD: 1 },
    { key: 'mild', words: 'mild days', mmPerD: 2.5 },
    { key: 'summer', words: 'summer sun', mmPerD: 4.5 },
    { key: 'wind', words: 'hot wind', mmPerD: 7 },
  ],
);

/**
 * What a filled pot weighs, dry and drained, what it costs, and how long its easily available water lasts.
 *
 * medium = volume x fill; dry = medium x bulk density + pot; wet = dry + water held; easily available = (water drained -
 * water at 50 cm) x medium, not below 0; days = that over use x top area. Without diameters the area is volume over
 * depth. Volumes L, masses kg, lengths cm, fractions of the medium.
 * Throws for a container without diameters and without a volume, and for figures outside their range.
 * Source: geometry and mass balance; 25 kg is a usual limit for one person.
 * Example: 10 L of 0.2 g/mL and 0.5 water, filled to the rim: 2.0 kg dry, 7.0 kg drained.
 */
export function potOutlook(input: PotOutlookInput): PotOutlookResult {
  const { container } = input;
  requireContainer(container);
  const fill = requireWithin('fill', input.fill ?? POT_DEFAULTS.fill, 0.05, 1);
  requirePositive('bulkDensity_gcc', input.bulkDensity_gcc, 'g/mL');
  requireWithin('water', input.water, 0, 1);
  requireWithin('waterAtEasy', input.waterAtEasy, 0, 1);
  requirePositive('use_mmPerD', input.use_mmPerD, 'mm/d');
  requireNotNegative('pot_kg', input.pot_kg ?? 0, 'kg');
  const whole_mL = geometricVolume_mL(container) ?? (input.volume_L === undefined ? undefined : 1000 * input.volume_L);
  if (whole_mL === undefined) refuse('volume_L', 'a container without diameters needs its volume');
  requirePositive('volume_L', whole_mL / 1000, 'L');
  const area_cm2 =
    container.topDiameter_cm === undefined
      ? whole_mL / container.height_cm
      : (Math.PI / 4) * container.topDiameter_cm ** 2;
  const medium_mL = whole_mL * fill;
  const dry_kg = (medium_mL * input.bulkDensity_gcc) / 1000 + (input.pot_kg ?? POT_DEFAULTS.pot_kg);
  const wet_kg = dry_kg + (medium_mL * input.water) / 1000;
  const easy_mL = Math.max(0, input.water - input.waterAtEasy) * medium_mL;
  // A millimetre over a square centimetre is a tenth of a millilitre.
  const use_mLPerD = (input.use_mmPerD * area_cm2) / 10;
  const load = input.potsPerM2 === undefined ? undefined : input.potsPerM2 * wet_kg;
  return {
    medium_L: medium_mL / 1000,
    dry_kg,
    wet_kg,
    easy_mL,
    use_mLPerD,
    days: easy_mL / use_mLPerD,
    ...(input.pricePerL === undefined ? {} : { price: (input.pricePerL * medium_mL) / 1000 }),
    ...(load === undefined ? {} : { load_kgPerM2: load }),
    checks: checksOf(wet_kg, load, input.limit_kgPerM2),
  };
}

function checksOf(wet_kg: number, load: number | undefined, limit: number | undefined): Check[] {
  const checks: Check[] = [];
  if (wet_kg > LIFT_LIMIT_KG)
    checks.push({
      code: 'heavy',
      severity: 'caution',
      message: `${wet_kg.toFixed(0)} kg when wet: two people or a trolley above ${String(LIFT_LIMIT_KG)} kg, or above your workplace’s own limit.`,
    });
  if (load !== undefined && limit !== undefined && load > limit)
    checks.push({
      code: 'load',
      severity: 'caution',
      message: `${load.toFixed(0)} kg to the square metre is over the ${limit.toFixed(0)} kg stated; for roofs and balconies a structural engineer decides.`,
    });
  return checks;
}

export const potOutlookMethod = defineMethod({
  name: 'pot-outlook',
  version: 1,
  source: 'Geometry and mass balance.',
  schema: INPUT,
  calculate: potOutlook,
  outputs: {
    dry_kg: {
      of: 'dry_kg',
      sentence: 'The pot and its fill, without a drop of water.',
      formula: 'volume × filled part × dry bulk density + pot',
    },
    wet_kg: {
      of: 'wet_kg',
      sentence: 'The same after draining, with all the water that it holds.',
      formula: 'dry weight + volume × filled part × water held',
    },
    easy_mL: {
      of: 'easy_mL',
      sentence: 'Water that the plant takes without effort, from drained down to 50 cm of suction.',
      formula: '(water drained − water at 50 cm) × volume × filled part',
    },
    days: {
      of: 'days',
      sentence: 'Until the easily available water is used up, with no rain and at a steady use.',
      formula: 'easily available water / (use × area of the pot’s top)',
    },
    price: {
      of: 'price',
      sentence: 'Price of the medium in one pot; the pot itself is not in it.',
      formula: 'price per litre made × volume × filled part',
    },
  },
  golden: {
    input: {
      container: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
      pot_kg: 0.4,
      bulkDensity_gcc: 0.31,
      water: 0.48,
      waterAtEasy: 0.3,
      use_mmPerD: 2.5,
      pricePerL: 0.12,
    },
    gives: {
      dry_kg: 3.91673023235,
      wet_kg: 9.36198994697,
      easy_mL: 2041.97239298,
      days: 13.2648979592,
      price: 1.36131492865,
      medium_L: 11.3442910721,
    },
  },
});
