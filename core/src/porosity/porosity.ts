import { MEDIA_CLASS_NAMES, mediaClassById } from '../classes';
import { refuse, requirePositive, requireWithin, type Check } from '../errors';
import { choice, defineMethod, list, maybe, number, object, type InputOf } from '../method';
import { summarise, type Summary } from '../statistics';
import { requireContainer } from '../vessel';
import { waterDensity } from '../water';
import { porosityDoubt, replicateChecks, spreadChecks, type CheckContext } from './checks';
import {
  POROSITY_REPLICATE,
  POROSITY_VESSEL,
  reduceReplicate,
  requireMasses,
  type PorosityFigures,
} from './reduceReplicate';

export const POROSITY_DEFAULTS = Object.freeze({ waterTemp_C: 20, mostReplicates: 12 });

const INPUT = object({
  vessel: POROSITY_VESSEL,
  waterTemp_C: maybe(number()),
  replicates: list(POROSITY_REPLICATE),
  organicFraction: maybe(number('of the dry mass; without it porosity is not compared with what is to be expected')),
  materialClass: maybe(choice<string>(MEDIA_CLASS_NAMES.map((one) => one.id))),
});
export type PorosityInput = InputOf<typeof INPUT>;

export type PorosityProperty = keyof PorosityFigures;

export interface PorosityResult {
  readonly replicates: readonly PorosityFigures[];
  readonly summary: Readonly<Partial<Record<PorosityProperty, Summary>>>;
  readonly waterDensity_gcc: number;
  readonly checks: readonly Check[];
}

const PROPERTIES: readonly PorosityProperty[] = [
  'mediumVolume_mL',
  'totalPorosity',
  'containerCapacity',
  'airSpace',
  'bulkDensity_gcc',
  'particleDensity_gcc',
  'gravimetricWater_gg',
  'asReceivedMoisture',
  'shrinkage',
];

/** What the checks of a replicate know of the medium besides its masses; throws for an unknown class. */
export function contextOf({ materialClass, organicFraction }: PorosityInput): CheckContext {
  return {
    ...(materialClass === undefined ? {} : { mediaClass: mediaClassById(materialClass, 'materialClass') }),
    ...(organicFraction === undefined ? {} : { organicFraction }),
  };
}

/**
 * Saturate, drain, dry: porosity, container capacity, air space and densities of 1 to 12 replicates.
 *
 * Formulas: see reduceReplicate. Masses g, volumes mL, depths cm, water at `waterTemp_C` (20 if absent).
 * A summary is given for each property over the replicates that have it.
 * Throws (path of the field): no or over 12 replicates, a volume or depth of zero, masses out of order, an
 * unknown material class. Doubtful but usable results carry checks (see POROSITY_LIMITS).
 * Source: the usual bench method; water density by Kell (1975); expected porosity by EN 13041.
 * Example (20 degC, 1000 mL, 10 cm): tare 100, saturated 1000, drained 700, dry 300 of tray 0 gives
 * porosity 0.6011, capacity 0.3005, air 0.3005, bulk density 0.3 g/mL.
 */
export function porosity(input: PorosityInput): PorosityResult {
  requireContainer(input.vessel, 'vessel');
  requirePositive('vessel.volume_mL', input.vessel.volume_mL, 'mL');
  const count = input.replicates.length;
  if (count === 0) refuse('replicates', 'an empty list gives no result; weigh at least one replicate');
  if (count > POROSITY_DEFAULTS.mostReplicates) {
    refuse(
      'replicates',
      `${String(count)} replicates are over the ${String(POROSITY_DEFAULTS.mostReplicates)} of a run`,
    );
  }
  if (input.organicFraction !== undefined) requireWithin('organicFraction', input.organicFraction, 0, 1);
  const context = contextOf(input);
  const density = waterDensity(input.waterTemp_C ?? POROSITY_DEFAULTS.waterTemp_C);

  input.replicates.forEach((replicate, i) => {
    requireMasses(replicate, i, input.vessel.height_cm);
  });
  const figures = input.replicates.map((replicate) => reduceReplicate(replicate, input.vessel, density));
  const doubt = { porosityDoubt: porosityDoubt(figures.map(({ totalPorosity }) => totalPorosity)) };
  const checks = input.replicates.flatMap((replicate, i) =>
    replicateChecks(i, replicate, figures[i] as PorosityFigures, density, { ...context, ...doubt }),
  );
  return {
    replicates: figures,
    summary: summaries(figures),
    waterDensity_gcc: density,
    checks: [...checks, ...spreadChecks(figures)],
  };
}

function summaries(figures: readonly PorosityFigures[]): PorosityResult['summary'] {
  const summary: Partial<Record<PorosityProperty, Summary>> = {};
  for (const property of PROPERTIES) {
    const values = figures.map((f) => f[property]).filter((value) => value !== undefined);
    if (values.length > 0) summary[property] = summarise(values);
  }
  return summary;
}

export const porosityMethod = defineMethod({
  name: 'porosity',
  version: 1,
  source: 'Usual bench method; water density after Kell, 1975.',
  schema: INPUT,
  calculate: porosity,
  outputs: {
    mediumVolume_mL: {
      of: 'replicates[0].mediumVolume_mL',
      sentence: 'Volume that the medium fills at the depth where it stands after draining.',
      formula: 'vessel volume × share of the vessel below the settled depth',
    },
    totalPorosity: {
      of: 'replicates[0].totalPorosity',
      property: 'totalPorosity',
      sentence: 'All the water it held when soaked, over the volume that it fills.',
      formula: '(saturated − tare − dry medium) / water density / volume',
    },
    containerCapacity: {
      of: 'replicates[0].containerCapacity',
      property: 'containerCapacity',
      sentence: 'Water still held after draining, over the volume that the medium then fills.',
      formula: '(drained − tare − dry medium) / water density / volume',
    },
    airSpace: {
      of: 'replicates[0].airSpace',
      property: 'airSpace',
      sentence: 'What ran out is air now, over the volume that the medium fills.',
      formula: '(saturated − drained) / water density / volume',
    },
    bulkDensity_gcc: {
      of: 'replicates[0].bulkDensity_gcc',
      property: 'bulkDensity_gcc',
      sentence: 'Dry medium in each millilitre of the settled volume.',
      formula: 'dry medium / volume',
    },
    particleDensity_gcc: {
      of: 'replicates[0].particleDensity_gcc',
      property: 'particleDensity_gcc',
      sentence: 'Density of the grains as water sees them: closed pores count as grain.',
      formula: 'bulk density / (1 − total porosity)',
    },
    gravimetricWater_gg: {
      of: 'replicates[0].gravimetricWater_gg',
      property: 'gravimetricWater_gg',
      sentence: 'Water after draining to each gram of dry medium.',
      formula: '(drained − tare − dry medium) / dry medium',
    },
    asReceivedMoisture: {
      of: 'replicates[0].asReceivedMoisture',
      property: 'asReceivedMoisture',
      sentence: 'Water that it brought along, of its weight as it came.',
      formula: '(filled − tare − dry medium) / (filled − tare)',
    },
    shrinkage: {
      of: 'replicates[0].shrinkage',
      property: 'shrinkage',
      sentence: 'Volume that it lost when first wetted and drained.',
      formula: '1 − volume / vessel volume',
    },
  },
  golden: {
    input: {
      vessel: { volume_mL: 1050, height_cm: 12, topDiameter_cm: 11.5, baseDiameter_cm: 9.6 },
      waterTemp_C: 18,
      replicates: [
        {
          tare_g: 412.3,
          filled_g: 905,
          saturated_g: 1391.2,
          drained_g: 1167.5,
          dryTray_g: 31,
          dry_g: 459.9,
          settledDepth_cm: 11.6,
        },
      ],
    },
    gives: {
      'replicates[0].mediumVolume_mL': 1008.75297814,
      'replicates[0].totalPorosity': 0.545994436784,
      'replicates[0].containerCapacity': 0.323923608587,
      'replicates[0].airSpace': 0.222070828197,
      'replicates[0].bulkDensity_gcc': 0.425178422562,
      'replicates[0].particleDensity_gcc': 0.936504873531,
      'replicates[0].gravimetricWater_gg': 0.760783399394,
      'replicates[0].asReceivedMoisture': 0.129490562208,
      'replicates[0].shrinkage': 0.0392828779617,
      waterDensity_gcc: 0.998595585782,
    },
  },
});
