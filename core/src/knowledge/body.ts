import { FIT_BOUNDS } from '../retention';
import { meanOf, methodSpread, USUAL_SD, type MethodSpread, type ReadBy } from '../statistics';
import { combine, type Combined, type Prior, type Sight } from './combine';
import { curveSight, grainSight, leastSight, plainSight, readBy, type Seen } from './curveSights';
import type { LotReadings } from './lotReadings';
import { leaned, priorOf } from './prior';
import { Sampler } from './sampler';

interface Sighted {
  readonly sights: readonly Sight[];
  readonly freedom: Readonly<Partial<Record<string, number>>>;
}

const logs = (runs: readonly (readonly number[])[]): number[][] => runs.map((values) => values.map(Math.log));

/** Everything that was seen, each mean with its standard error; `wider` multiplies all of them; `quick` is for thousands of draws. */
function sightsOf({ seen, dryBulkDensity_gcc = [], d50_mm = [] }: LotReadings, wider: number, quick = false): Sighted {
  const byMethod = new Map<ReadBy, Seen[]>();
  const bounds = seen.filter(({ kind }) => kind === 'least');
  for (const one of seen.filter(({ kind }) => kind !== 'least'))
    byMethod.set(readBy(one), [...(byMethod.get(readBy(one)) ?? []), one]);
  const sights: Sight[] = [];
  const freedom: Partial<Record<string, number>> = {};
  const se = ({ variance }: MethodSpread, n: number): number => wider * Math.sqrt(variance / n);
  for (const [by, ones] of byMethod) {
    const spread = methodSpread(
      by,
      ones.map(({ values }) => values),
    );
    freedom[by] = spread.freedom;
    for (const one of ones) sights.push(curveSight(one, meanOf(one.values), se(spread, one.values.length), quick));
  }
  for (const one of bounds) sights.push(leastSight(one, meanOf(one.values), USUAL_SD.capacity, quick));
  const plain = (at: 'dryBulkDensity_gcc' | 'd50_mm', by: ReadBy, runs: readonly (readonly number[])[]): void => {
    const groups = logs(runs);
    const spread = methodSpread(by, groups);
    freedom[by] = spread.freedom;
    for (const values of groups) sights.push(plainSight(at, meanOf(values), se(spread, values.length), by));
  };
  plain('dryBulkDensity_gcc', 'density', dryBulkDensity_gcc);
  plain('d50_mm', 'grain', d50_mm);
  const grains = d50_mm.flat();
  if (grains.length > 0) {
    const top = FIT_BOUNDS.alphaPerGrain * Math.exp(meanOf(grains.map(Math.log)));
    sights.push(grainSight(Math.log(Math.max(FIT_BOUNDS.leastAlphaTop, Math.min(FIT_BOUNDS.alpha_percm.hi, top)))));
  }
  return { sights, freedom };
}

/** So many sights' worth of belief that runs differ by no more than their repeats. */
const TRUST_IN_REPEATS = 4;

/** A lot's body: the most probable, and draws of all that it may be. */
export interface KnownBody extends Combined {
  readonly sampler: () => Sampler;
}

/**
 * Everything known of a lot's body, in one: prior of its class and every reading. Where runs disagree by more than their
 * repeats do, all standard errors are widened by (4 + misfit) / (4 + free sights) in the square.
 */
export function bodyOf(readings: LotReadings): KnownBody {
  const prior = leaned(priorOf(readings.materialClass), readings.kin?.body);
  const sighted = sightsOf(readings, 1);
  const first = combine(prior, sighted.sights, sighted.freedom);
  const wider = (TRUST_IN_REPEATS + first.misfit) / (TRUST_IN_REPEATS + first.free);
  const root = Math.sqrt(Math.max(1, wider));
  const found = root === 1 ? first : refound(prior, sightsOf(readings, root));
  return {
    ...found,
    sampler: () => {
      const { sights, freedom } = sightsOf(readings, root, true);
      return new Sampler(prior, together(sights), freedom, found);
    },
  };
}

const refound = (prior: Prior, { sights, freedom }: Sighted): Combined => combine(prior, sights, freedom);

/** Sights of one place by one method as one, so that a lot with many runs is drawn as fast as one with few. */
function together(sights: readonly Sight[]): Sight[] {
  const found = new Map<string, Sight>();
  for (const one of sights) {
    const key = `${one.group} ${one.place}`;
    const other = found.get(key);
    if (other === undefined) {
      found.set(key, one);
      continue;
    }
    const [a, b] = [1 / one.se ** 2, 1 / other.se ** 2];
    found.set(key, { ...one, value: (a * one.value + b * other.value) / (a + b), se: 1 / Math.sqrt(a + b) });
  }
  return [...found.values()];
}
