import { mediaClassById } from '../classes';
import { refuse, requirePositive, requireWithin, type Check } from '../errors';
import { summarise, type Summary } from '../statistics';
import { requireContainer } from '../vessel';
import { waterDensity } from '../water';
import { replicateChecks, spreadChecks, type CheckContext } from './checks';
import {
  reduceReplicate,
  requireMasses,
  type PorosityFigures,
  type PorosityReplicate,
  type PorosityVessel,
} from './reduceReplicate';

export const POROSITY_DEFAULTS = Object.freeze({ waterTemp_C: 20, mostReplicates: 12 });

export interface PorosityInput {
  readonly vessel: PorosityVessel;
  readonly waterTemp_C?: number;
  readonly replicates: readonly PorosityReplicate[];
  readonly organicFraction?: number;
  readonly materialClass?: string;
}

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
  const checks = input.replicates.flatMap((replicate, i) =>
    replicateChecks(i, replicate, figures[i] as PorosityFigures, density, context),
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
