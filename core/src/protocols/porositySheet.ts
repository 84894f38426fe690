import type { Check } from '../errors';
import {
  airSpreadCheck,
  contextOf,
  porosity,
  porosityMethod,
  replicateChecks,
  spreadChecks,
  type PorosityFigures,
  type PorosityReplicate,
} from '../porosity';
import type { PropertyKey } from '../properties';
import {
  attempt,
  countedReplicates,
  replicateIndices,
  summarised,
  type FreshValue,
  type Reducer,
  type RunProperty,
  type RunRecord,
} from '../sheets';
import { earlyAirOf, earlyDrainageCheck, porosityInputOf, sheetChecks } from './porosityReadings';

/** The volume of the medium is no property of it. */
const { mediumVolume_mL: _volume, ...OUTPUTS } = porosityMethod.outputs;
const POROSITY_PROPERTIES = Object.keys(OUTPUTS) as (keyof typeof OUTPUTS)[];

/** Properties that belong to the depth that they were drained at. */
const OF_A_DEPTH: readonly PropertyKey[] = ['containerCapacity', 'airSpace', 'gravimetricWater_gg'];

/** Depths this much alike, as a share, count as one. */
const ONE_DEPTH = 0.1;

const SEVERAL_DEPTHS_NOTE: Check = {
  code: 'several-depths',
  severity: 'note',
  message: 'Vessels of different depths: their water and air are not averaged, they make the water curve.',
};

/** Whether the vessels that count stand at depths that must not be averaged. */
function isOfSeveralDepths(run: RunRecord): boolean {
  const depths = countedReplicates(run).flatMap((replicate) => run.vessels[replicate]?.height_cm ?? []);
  return depths.length > 1 && Math.max(...depths) - Math.min(...depths) > ONE_DEPTH * Math.max(...depths);
}

/** Values at several depths stand side by side: a mean of them would belong to none. */
function withoutMean({ property: key, values }: RunProperty): RunProperty {
  return { property: key, values };
}

/** Saturate, drain, dry: checks as soon as they can be made, air before the oven, all else after it. */
export const reducePorosity: Reducer = (run, sheet) => {
  const checks: Check[] = [];
  const byProperty = new Map<PropertyKey, FreshValue[]>();
  const add = (key: PropertyKey, value: FreshValue): void => {
    byProperty.set(key, [...(byProperty.get(key) ?? []), value]);
  };
  const counted: PorosityFigures[] = [];
  /** Air of every replicate that counts, before the oven or after it. */
  const airs: number[] = [];
  for (const replicate of replicateIndices(run)) {
    const excluded = run.exclusions.some((one) => one.replicate === replicate);
    checks.push(...sheetChecks(run, sheet, replicate));
    const early = earlyAirOf(run, sheet, replicate);
    const input = porosityInputOf(run, sheet, replicate);
    if (input === undefined) {
      if (early !== undefined) add('airSpace', { replicate, value: early });
      if (early !== undefined && !excluded) airs.push(early);
      const jug = earlyDrainageCheck(sheet, replicate);
      if (jug !== undefined) checks.push(jug);
      continue;
    }
    const result = attempt(replicate, checks, () => porosity(input));
    if (result === undefined) continue;
    const figures = result.replicates[0] as PorosityFigures;
    if (!excluded) {
      counted.push(figures);
      airs.push(figures.airSpace);
      // Each replicate is reduced alone, but its checks speak of it by its letter on the sheet.
      checks.push(
        ...replicateChecks(
          replicate,
          input.replicates[0] as PorosityReplicate,
          figures,
          result.waterDensity_gcc,
          contextOf(input),
        ),
      );
    }
    for (const key of POROSITY_PROPERTIES) {
      const value = figures[key];
      if (value !== undefined) add(key, { replicate, value, working: porosityMethod.working(key, input) });
    }
  }
  const several = isOfSeveralDepths(run);
  if (several) checks.push(SEVERAL_DEPTHS_NOTE);
  else if (counted.length > 1 || (counted.length === 1 && run.finishedAt !== undefined))
    checks.push(...spreadChecks(counted));
  else if (airs.length > 1) checks.push(...airSpreadCheck(airs));
  const properties = [...byProperty].map(([key, values]) => summarised(run, key, values));
  return {
    properties: several
      ? properties.map((one) => (OF_A_DEPTH.includes(one.property) ? withoutMean(one) : one))
      : properties,
    checks,
  };
};
