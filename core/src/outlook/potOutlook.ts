import { refuse, requireNotNegative, requirePositive, requireWithin, type Check } from '../errors';
import { geometricVolume_mL, requireContainer, type Container } from '../vessel';

export interface PotOutlookInput {
  readonly container: Container;
  /** Where the container has no diameters: its whole volume, L. */
  readonly volume_L?: number;
  /** Part of the pot that is filled. */
  readonly fill?: number;
  readonly pot_kg?: number;
  readonly bulkDensity_gcc: number;
  /** Mean water of the drained pot, and water still held at 50 cm, fractions. */
  readonly water: number;
  readonly waterAtEasy: number;
  /** Water used a day, mm over the pot's top. */
  readonly use_mmPerD: number;
  readonly pricePerL?: number;
  readonly potsPerM2?: number;
  /** What the floor may carry as its owner states it, kg to the square metre. */
  readonly limit_kgPerM2?: number;
}

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
