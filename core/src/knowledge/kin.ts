import { bodyOf } from './body';
import { valueOf } from './chemistryOf';
import { FARTHEST_LEANING, type Kin, type Leaning, type LotReadings } from './lotReadings';
import { BODY, CHEMISTRY, type Chemistry } from './scales';

/** Variance of lots within one material to that of media of one class: half their standard deviation. */
const WITHIN = 0.25;
/** So many lots' worth of belief in that. */
const TRUST_IN_WITHIN = 4;
const SHARES = { least: 0.02, most: 1 } as const;

/** Readings that leave less than half of the prior's variance tell how far lots lie apart. */
const TOLD = 1;
/** Less than this says nothing of an axis. */
const SOMETHING = 1e-6;

/** What readings alone say of an axis, in prior standard deviations: where, and with what precision. */
interface Told {
  readonly at: number;
  readonly precision: number;
}

function toldBy({ z, variance }: { readonly z: number; readonly variance: number }): Told | undefined {
  const precision = 1 / variance - 1;
  return precision < SOMETHING ? undefined : { at: z / variance / precision, precision };
}

const meanOfTold = (told: readonly Told[]): number => told.reduce((sum, { at }) => sum + at, 0) / told.length;

/** How far lots of this material lie apart, as a share of the class's variance: the usual share, and what they show. */
function withinOf(axes: readonly (readonly Told[])[]): number {
  let [squares, freedom] = [0, 0];
  for (const axis of axes) {
    const clear = axis.filter(({ precision }) => precision > TOLD);
    if (clear.length < 2) continue;
    const mean = meanOfTold(clear);
    const apart = clear.reduce((sum, { at }) => sum + (at - mean) ** 2, 0);
    const noise = (1 - 1 / clear.length) * clear.reduce((sum, { precision }) => sum + 1 / precision, 0);
    squares += Math.max(0, apart - noise);
    freedom += clear.length - 1;
  }
  const share = (TRUST_IN_WITHIN * WITHIN + squares) / (TRUST_IN_WITHIN + freedom);
  return Math.min(Math.max(share, SHARES.least), SHARES.most);
}

/** Where a lot of the material lies, from where others were found. */
function leaningOf(told: readonly Told[], within: number): Leaning {
  let precision = 1 / Math.max(1 - within, SOMETHING);
  let sum = 0;
  for (const { at, precision: own } of told) {
    const weight = 1 / (within + 1 / own);
    precision += weight;
    sum += weight * at;
  }
  return {
    shift: Math.min(Math.max(sum / precision, -FARTHEST_LEANING), FARTHEST_LEANING),
    sd: Math.min(1, Math.sqrt(within + 1 / precision)),
  };
}

/**
 * What is known of a lot from other lots of its material, all of one class: a material lies somewhere within its class, its
 * lots around it, and every lot that was read tells where. With z a lot's place in the class's standard deviations,
 * z = u + v, Var u = 1 - w, Var v = w, axis by axis; w is 1/4 unless lots that were read show otherwise, and they count
 * against four lots' worth of that. Undefined where none was read. Source: one-way random effects; Searle, Casella and
 * McCulloch (1992), Variance Components, chapter 3.
 */
export function kinOf(others: readonly LotReadings[]): Kin | undefined {
  const read = others.filter(isRead);
  if (read.length === 0) return undefined;
  const bodies = read.map((one) => bodyOf(one));
  const body = BODY.map((_, axis) =>
    bodies.flatMap(({ z, variances }) => toldBy({ z: z[axis] as number, variance: variances[axis] as number }) ?? []),
  );
  const chemistry = CHEMISTRY.map((key) =>
    read.flatMap((one) => (one[key] === undefined ? [] : (toldOf(key, one) ?? []))),
  );
  const within = withinOf([...body, ...chemistry]);
  const some = CHEMISTRY.flatMap((key, i): [Chemistry, Leaning][] => {
    const told = chemistry[i] as readonly Told[];
    return told.length === 0 ? [] : [[key, leaningOf(told, within)]];
  });
  return {
    lots: read.length,
    ...(body.every((axis) => axis.length === 0) ? {} : { body: body.map((axis) => leaningOf(axis, within)) }),
    ...Object.fromEntries(some),
  };
}

function toldOf(key: Chemistry, readings: LotReadings): Told | undefined {
  const known = valueOf(key, readings);
  return known === undefined ? undefined : toldBy(known);
}

/** What was read of a lot itself, without what others say of it. */
export const ownReadings = ({ kin: _, ...own }: LotReadings): LotReadings => own;

/** Whether anything was read of a lot itself. */
export const isRead = (readings: LotReadings): boolean =>
  readings.seen.length > 0 || [...BODY, ...CHEMISTRY].some((key) => key in readings);
