import { invertSymmetric } from '../numeric';
import { meanOf } from '../statistics';
import { bodyOf } from './body';
import { valueOf } from './chemistryOf';
import type { Combined } from './combine';
import { lowerFactor } from './covariance';
import { FARTHEST_LEANING, type Kin, type Leaning, type LotReadings } from './lotReadings';
import { BODY, CHEMISTRY, type Chemistry } from './scales';

/** Variance of lots within one material to that of media of one class: half their standard deviation. */
const WITHIN = 0.25;
/** So many lots' worth of belief in that: few lots that happen to lie close are no proof that all do. */
const TRUST_IN_WITHIN = 8;
const SHARES = { least: 0.02, most: 0.98 } as const;

/** Readings that leave less than half of the prior's variance tell how far lots lie apart. */
const TOLD = 1;

/** A lot that was read: the most probable place in prior standard deviations, and the covariance that is left of it. */
type Found = Pick<Combined, 'z' | 'left'>;

/** Where readings alone put each axis that they tell well, and with what precision. */
const clearly = ({ z, left }: Found) =>
  z.map((at, axis) => {
    const variance = (left[axis] as readonly number[])[axis] as number;
    const precision = 1 / variance - 1;
    return precision > TOLD ? { at: at / variance / precision, precision } : undefined;
  });

/**
 * How far lots of this material lie apart, as a share of the class's variance: the usual share, and what they show. Each
 * kind of value by itself: a class may be wide in pH and narrow in pores.
 */
function withinOf(found: readonly Found[]): number {
  let [squares, freedom] = [0, 0];
  const told = found.map(clearly);
  for (let axis = 0; axis < (found[0]?.z.length ?? 0); axis += 1) {
    const clear = told.flatMap((one) => one[axis] ?? []);
    if (clear.length < 2) continue;
    const mean = meanOf(clear.map(({ at }) => at));
    const apart = clear.reduce((sum, { at }) => sum + (at - mean) ** 2, 0);
    const noise = (1 - 1 / clear.length) * clear.reduce((sum, { precision }) => sum + 1 / precision, 0);
    squares += Math.max(0, apart - noise);
    freedom += clear.length - 1;
  }
  const share = (TRUST_IN_WITHIN * WITHIN + squares) / (TRUST_IN_WITHIN + freedom);
  return Math.min(Math.max(share, SHARES.least), SHARES.most);
}

/**
 * Where a lot of the material lies, from where others were found. With P the precision that readings of a lot add (the
 * inverse of what is left, less one), each tells of the material with P (1 + w P)^-1.
 */
function leaningOf(found: readonly Found[]): Leaning {
  const within = withinOf(found);
  const size = found[0]?.z.length ?? 0;
  const precision = matrix(size, (i, k) => (i === k ? 1 / (1 - within) : 0));
  const told = new Array<number>(size).fill(0);
  for (const { z, left } of found) {
    const whole = invertSymmetric(left) as number[][];
    const read = matrix(size, (i, k) => ((whole[i] as number[])[k] as number) - (i === k ? 1 : 0));
    const seen = invertSymmetric(
      matrix(size, (i, k) => (i === k ? 1 : 0) + within * ((read[i] as number[])[k] as number)),
    );
    const weight = times(seen as number[][], whole);
    const added = times(seen as number[][], read);
    for (let i = 0; i < size; i += 1) {
      for (let k = 0; k < size; k += 1) {
        (precision[i] as number[])[k] =
          ((precision[i] as number[])[k] as number) + ((added[i] as number[])[k] as number);
        told[i] = (told[i] as number) + ((weight[i] as number[])[k] as number) * (z[k] as number);
      }
    }
  }
  const material = invertSymmetric(precision) as number[][];
  const held = (value: number): number => Math.min(Math.max(value, -FARTHEST_LEANING), FARTHEST_LEANING);
  return {
    shift: material.map((row) => held(row.reduce((sum, value, k) => sum + value * (told[k] as number), 0))),
    factor: lowerFactor(matrix(size, (i, k) => ((material[i] as number[])[k] as number) + (i === k ? within : 0))),
  };
}

const matrix = (size: number, at: (i: number, k: number) => number): number[][] =>
  Array.from({ length: size }, (_, i) => Array.from({ length: size }, (__, k) => at(i, k)));

const times = (a: readonly (readonly number[])[], b: readonly (readonly number[])[]): number[][] =>
  matrix(a.length, (i, k) =>
    (a[i] as readonly number[]).reduce((sum, value, j) => sum + value * ((b[j] as readonly number[])[k] as number), 0),
  );

/**
 * What is known of a lot from other lots of its material, all of one class: a material lies somewhere within its class, its
 * lots around it, and every lot that was read tells where. With z a lot's place in the class's standard deviations,
 * z = u + v, Cov u = (1 - w) I, Cov v = w I; w is 1/4 unless lots that were read show otherwise, and they count against
 * eight lots' worth of that. Undefined where none was read. Source: random effects; Searle, Casella and McCulloch (1992),
 * Variance Components, chapter 3.
 */
export function kinOf(others: readonly LotReadings[]): Kin | undefined {
  const read = others.filter(isRead);
  if (read.length === 0) return undefined;
  const bodies: Found[] = read.filter(isBodyRead).map((one) => bodyOf(one));
  const chemistry = CHEMISTRY.map((key): Found[] =>
    read.flatMap((one) => (one[key] === undefined ? [] : (valueOf(key, one) ?? []))),
  );
  const some = CHEMISTRY.flatMap((key, i): [Chemistry, Leaning][] => {
    const found = chemistry[i] as Found[];
    return found.length === 0 ? [] : [[key, leaningOf(found)]];
  });
  return {
    lots: read.length,
    ...(bodies.length === 0 ? {} : { body: leaningOf(bodies) }),
    ...Object.fromEntries(some),
  };
}

/** Whether its water, its weight or its grains were read. */
export const isBodyRead = ({ seen, dryBulkDensity_gcc, d50_mm }: LotReadings): boolean =>
  seen.length > 0 || dryBulkDensity_gcc !== undefined || d50_mm !== undefined;

/** What was read of a lot itself, without what others say of it. */
export const ownReadings = ({ kin: _, ...own }: LotReadings): LotReadings => own;

/** Whether anything was read of a lot itself. */
export const isRead = (readings: LotReadings): boolean =>
  readings.seen.length > 0 || [...BODY, ...CHEMISTRY].some((key) => key in readings);
