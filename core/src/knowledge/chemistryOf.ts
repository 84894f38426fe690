import { findMediaClass, MEDIA_CLASSES, type MediaClass, type Typical } from '../classes';
import { meanOf, methodSpread, type ReadBy } from '../statistics';
import { combine, type SpreadPart } from './combine';
import type { LotReadings } from './lotReadings';
import { leaned, logSd, plainSd } from './prior';
import { toScale, type Chemistry } from './scales';

const OF_CLASS: Readonly<Record<Chemistry, { readonly by: ReadBy; readonly typical: (of: MediaClass) => Typical }>> = {
  pH: { by: 'pH', typical: (of) => of.pH_1to5_water },
  ec_dSm: { by: 'ec', typical: (of) => of.ec_1to2_dSm },
  buffer_meqPerLpH: { by: 'buffer', typical: (of) => of.buffer_meqPerLpH },
};

/** A value on its scale, with what is in doubt of it. */
export interface KnownValue {
  readonly x: number;
  readonly parts: readonly SpreadPart[];
  /** The same in standard deviations of what was usual, and the variance that is left of it. */
  readonly z: readonly number[];
  readonly left: readonly (readonly number[])[];
}

interface Middle {
  readonly mean: number;
  readonly sd: number;
}

const middleOf = (key: Chemistry, typical: Typical): Middle => ({
  mean: toScale(key, typical.typical),
  sd: key === 'pH' ? plainSd(typical) : logSd(typical),
});

/** What is usual: the class's, or for a lot that nobody named all classes', as wide as they lie apart and are within. */
function usual(key: Chemistry, classId: string | undefined): Middle {
  const { typical } = OF_CLASS[key];
  const mediaClass = classId === undefined ? undefined : findMediaClass(classId);
  if (mediaClass !== undefined) return middleOf(key, typical(mediaClass));
  const all = MEDIA_CLASSES.map((one) => middleOf(key, typical(one)));
  const mean = meanOf(all.map((one) => one.mean));
  return { mean, sd: Math.sqrt(meanOf(all.map((one) => one.sd ** 2 + (one.mean - mean) ** 2))) };
}

/**
 * pH, EC or buffering of a lot: what is usual for its class, or for its material, and every reading with its standard error, combined; undefined
 * where it was neither read nor named. Runs that disagree by more than their repeats do are believed less, as in `bodyOf`.
 */
export function valueOf(key: Chemistry, readings: LotReadings): KnownValue | undefined {
  const runs = (readings[key] ?? []).map((values) => values.map((value) => toScale(key, value)));
  const kin = readings.kin?.[key];
  if (runs.length === 0 && readings.materialClass === undefined && kin === undefined) return undefined;
  const { mean, sd } = usual(key, readings.materialClass);
  const prior = leaned({ mean: [mean], factor: [[sd]] }, kin);
  const { by } = OF_CLASS[key];
  const { variance, freedom } = methodSpread(by, runs);
  const found = (wider: number) =>
    combine(
      prior,
      runs.map((values, i) => ({
        look: (x: readonly number[], slopes: Float64Array) => {
          slopes[0] = 1;
          return x[0] as number;
        },
        value: meanOf(values),
        se: wider * Math.sqrt(variance / values.length),
        group: by,
        place: String(i),
        looks: 0,
      })),
      { [by]: freedom },
    );
  const first = found(1);
  const wider = (USUAL + first.misfit) / (USUAL + first.free);
  const { x, parts, z, left } = wider <= 1 ? first : found(Math.sqrt(wider));
  return { x: x[0] as number, parts, z, left };
}

/** As in `bodyOf`: so many sights' worth of belief that runs differ by no more than their repeats. */
const USUAL = 4;
