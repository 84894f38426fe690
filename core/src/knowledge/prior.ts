import { findMediaClass, MEDIA_CLASSES, type MediaClass, type Typical } from '../classes';
import type { Prior } from './combine';
import type { Leaning } from './lotReadings';
import { lowerFactor } from './covariance';
import { bodyToScale, curveFactorToScale, logit, type Body } from './scales';

/** A class's range is read as its 5 to 95 % band: so many standard deviations wide. */
const RANGE_IN_SD = 2 * 1.6448536269514722;

/** Single-grain media: no pores inside the grains, so the space between them is all their pores. */
const SINGLE_GRAIN = new Set(['sand-coarse', 'sand-fine', 'grit']);

/** SD of a positive value's logarithm by its class's range; where that begins at 0, by its width. */
export function logSd({ typical, range: [lo, hi] }: Typical): number {
  return lo > 0 ? Math.log(hi / lo) / RANGE_IN_SD : (hi - lo) / RANGE_IN_SD / typical;
}

export const plainSd = ({ range: [lo, hi] }: Typical): number => (hi - lo) / RANGE_IN_SD;

/** What the class says in the middle; in single-grain media the void is the porosity. */
export function bodyOfClass(mediaClass: MediaClass): Body {
  const { thetaS } = mediaClass.retention;
  const between = SINGLE_GRAIN.has(mediaClass.id) ? thetaS : mediaClass.interparticleVoid.typical;
  return {
    retention: mediaClass.retention,
    dryBulkDensity_gcc: mediaClass.dryBulkDensity_gcc.typical,
    interparticleVoid: Math.min(between, thetaS),
    d50_mm: mediaClass.d50_mm.typical,
  };
}

/** Factor of what varies between media of a class, by thetaR, thetaS, ln alpha, ln(n - 1), ln density, void, ln d50. */
function factorOfClass(mediaClass: MediaClass): number[][] {
  const { retention, retentionSpread, interparticleVoid } = mediaClass;
  const sd = [
    retentionSpread.thetaR_sd,
    retentionSpread.thetaS_sd,
    retentionSpread.lnAlpha_sd * retention.alpha_percm,
    retentionSpread.lnNMinus1_sd * (retention.n - 1),
  ];
  const own = sd.map((value, i) => sd.map((_, k) => (i === k ? value : 0)));
  const rows = curveFactorToScale(retention, own).map((row) => [...row, 0, 0, 0]);
  const single = SINGLE_GRAIN.has(mediaClass.id);
  const [lo, hi] = interparticleVoid.range;
  return [
    ...rows,
    [0, 0, 0, 0, logSd(mediaClass.dryBulkDensity_gcc), 0, 0],
    single ? [...(rows[1] as number[])] : [0, 0, 0, 0, 0, (logit(hi) - logit(lo)) / RANGE_IN_SD, 0],
    [0, 0, 0, 0, 0, 0, logSd(mediaClass.d50_mm)],
  ];
}

const ofClasses = new Map<string, Prior>();

/** What is believed of a lot of a class before it was measured. */
export function priorOfClass(mediaClass: MediaClass): Prior {
  const known = ofClasses.get(mediaClass.id);
  if (known !== undefined) return known;
  const prior = { mean: bodyToScale(bodyOfClass(mediaClass)), factor: factorOfClass(mediaClass) };
  ofClasses.set(mediaClass.id, prior);
  return prior;
}

let unknown: Prior | undefined;

/**
 * What is believed of a lot that nobody named: it may be of any class, so it is as the classes are on the mean, and as wide
 * as they lie apart and are within, with what goes together in them: fine grains with fine pores, heavy ones with few.
 */
export function priorOfUnknown(): Prior {
  if (unknown !== undefined) return unknown;
  const priors = MEDIA_CLASSES.map(priorOfClass);
  const size = (priors[0] as Prior).mean.length;
  const mean = Array.from({ length: size }, (_, i) => average(priors.map((one) => one.mean[i] as number)));
  const covariance = mean.map((_, i) =>
    mean.map((__, j) =>
      average(
        priors.map((one) => {
          const [a, b] = [one.factor[i] as readonly number[], one.factor[j] as readonly number[]];
          const within = a.reduce((sum, value, k) => sum + value * (b[k] as number), 0);
          return (
            within + ((one.mean[i] as number) - (mean[i] as number)) * ((one.mean[j] as number) - (mean[j] as number))
          );
        }),
      ),
    ),
  );
  unknown = { mean, factor: lowerFactor(covariance) };
  return unknown;
}

/** The prior of a class by its id; of any medium where none is named, or where it is not known. */
export function priorOf(classId: string | undefined): Prior {
  const mediaClass = classId === undefined ? undefined : findMediaClass(classId);
  return mediaClass === undefined ? priorOfUnknown() : priorOfClass(mediaClass);
}

/** A prior as other lots of the material move and narrow it, in its own standard deviations. */
export function leaned({ mean, factor }: Prior, leaning: Leaning | undefined): Prior {
  if (leaning === undefined) return { mean, factor };
  const { shift, factor: narrower } = leaning;
  const along = (row: readonly number[], column: (k: number) => number): number =>
    row.reduce((sum, value, k) => sum + value * column(k), 0);
  return {
    mean: mean.map((middle, i) => middle + along(factor[i] as readonly number[], (k) => shift[k] as number)),
    factor: factor.map((row) => row.map((_, c) => along(row, (k) => (narrower[k] as readonly number[])[c] as number))),
  };
}

/** Grains of a lot that nobody named, besides their size: spread and softness as the classes have them on the mean. */
export const unknownGrains = (): { readonly spread: number; readonly softness: number } => ({
  spread: 1 + Math.exp(average(MEDIA_CLASSES.map((one) => Math.log(one.spread - 1)))),
  softness: average(MEDIA_CLASSES.map((one) => one.softness)),
});

const average = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
